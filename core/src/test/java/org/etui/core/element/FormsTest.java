package org.etui.core.element;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.etui.core.Examples;
import org.etui.core.curve.CentreLine;
import org.etui.core.curve.CurvePiece;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Purpose;
import org.etui.core.piece.Strand;
import org.etui.core.plan.Plan;
import org.etui.core.plan.PlanOptions;
import org.etui.core.plan.Planner;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;

/** Coils, wraps, girths, twists, balls and cones against textbook lengths and a reference library. */
class FormsTest {
    private static double centreLine(Element element, double thickness) {
        return element.shape(new Forming(thickness, thickness, true, id -> 0.6)).stream()
                .mapToDouble(CurvePiece::lengthMm)
                .sum();
    }

    /** Source: the helix unrolled, n·√((π(D + t))² + p²), textbook. */
    @Test
    void coil_isAsLongAsItsUnrolledHelix_inAnyNumberOfTurns() {
        Random random = new Random(21);
        for (int i = 0; i < 100; i++) {
            double t = 0.3 + 2 * random.nextDouble();
            double mandrel = 1 + 20 * random.nextDouble();
            double turns = 0.3 + 30 * random.nextDouble();
            double pitch = random.nextBoolean() ? 0 : t * (1 + random.nextDouble());
            Coil coil = Coil.of("coil", mandrel, turns, Turn.LEFT).withPitch(pitch);
            double expected = turns * Math.hypot(Math.PI * (mandrel + t), pitch == 0 ? t : pitch);

            assertThat(centreLine(coil, t)).isCloseTo(expected, within(1e-9 * expected));
        }
    }

    @Test
    void coilAlongTheHeading_turnsACornerFirst_andItsAxisFollowsTheWire() {
        Coil along = new Coil(
                "c", 4, 5, 2, Coil.Axis.ALONG, Turn.LEFT, 0, Optional.empty(), Target.RELEASED, Coil.Shaped.NONE);
        CentreLine line = CentreLine.of(1, along.shape(new Forming(1, false)));
        CentreLine across =
                CentreLine.of(1, Coil.of("c", 4, 5, Turn.LEFT).withPitch(2).shape(new Forming(1, false)));
        Vector3D climbed = line.pieces()
                .get(line.pieces().size() - 1)
                .end()
                .position()
                .subtract(line.pieces().get(line.pieces().size() - 1).start().position());

        assertThat(climbed.getNorm()).isCloseTo(10, within(1e-9));
        assertThat(climbed.normalize().dotProduct(Vector3D.PLUS_I)).isCloseTo(1, within(1e-9));
        assertThat(line.lengthMm()).isGreaterThan(across.lengthMm());
    }

    /** Source: perimeter of the hull by JTS (buffers as fine polygons), and Steiner's πt for the middle of the wire. */
    @ParameterizedTest
    @CsvSource({"3.0, 1, false", "3.0, 1, true", "0.8, 3, false", "0.8, 3, true", "0.5, 12, false", "1.2, 2, true"})
    void turnOfAWrap_isTheHullOfItsCoreByJts(double each, int wires, boolean legAlong) {
        double t = 0.6;
        Wrap.Core core = wires == 1 ? Wrap.Core.ofCord(each) : Wrap.Core.ofWires(wires, each);
        Wrap wrap = Wrap.of("w", core, 1, Turn.LEFT);
        List<Coordinate> middles = new ArrayList<>();
        var geometry = new GeometryFactory();
        var union = geometry.createPolygon().union();
        for (int i = 0; i < wires; i++) {
            union = union.union(
                    geometry.createPoint(new Coordinate(i * each, 0)).buffer(each / 2, 512));
            middles.add(new Coordinate(i * each, 0));
        }
        if (legAlong) {
            double x = (wires - 1) * each + (each + t) / 2;
            union = union.union(geometry.createPoint(new Coordinate(x, 0)).buffer(t / 2, 512));
        }
        double perimeter = union.convexHull().getLength() + Math.PI * t;

        assertThat((legAlong ? wrap.overItsLeg() : wrap).round(t).lengthMm())
                .isCloseTo(perimeter, within(2e-5 * perimeter));
        assertThat(centreLine(legAlong ? wrap.overItsLeg() : wrap, t))
                .isCloseTo(Math.hypot(perimeter, t), within(2e-5 * perimeter));
    }

    /** Source: plane geometry, each perimeter worked out by hand, and 2π times half the wire for its middle (Steiner). */
    @Test
    void girthOfEveryOutline_isItsPerimeterAndTheWire() {
        double t = 0.8;
        double more = Math.PI * t;
        double side = Math.sqrt(20 * 20 - 7 * 7);
        double half = Math.acos(7.0 / 20);
        double drop = 2 * side + 2 * 7 * (Math.PI - half);
        double slope = Math.hypot(6, 6 / Math.tan(Math.toRadians(30)));

        assertThat(girth(new Outline.Round(20), t)).isCloseTo(Math.PI * 20 + more, within(1e-9));
        assertThat(girth(new Outline.Rectangle(30, 20, 2), t))
                .isCloseTo(2 * (26 + 16) + 4 * Math.PI + more, within(1e-9));
        assertThat(girth(new Outline.Rectangle(30, 20, 0), t)).isCloseTo(100 + more, within(1e-9));
        assertThat(girth(new Outline.Drop(27, 14), t)).isCloseTo(drop + more, within(1e-9));
        assertThat(girth(new Outline.Drop(14, 14), t)).isCloseTo(Math.PI * 14 + more, within(1e-9));
        assertThat(girth(new Outline.Drop(14 + 1e-10, 14), t)).isCloseTo(Math.PI * 14 + more, within(1e-3));
        assertThat(girth(new Outline.Shard(25, 12, 60), t))
                .isCloseTo(12 + 2 * (25 - 6 / Math.tan(Math.toRadians(30))) + 2 * slope + more, within(1e-9));
        assertThat(girth(new Outline.Measured(64), t)).isCloseTo(64 + more, within(1e-9));
        assertThat(girth(triangle(), t)).isCloseTo(12 + 9 + 15 + more, within(1e-9));
    }

    private static Outline triangle() {
        return new Outline.Polygon(List.of(new Outline.Point(0, 0), new Outline.Point(12, 0), new Outline.Point(0, 9)));
    }

    private static double girth(Outline outline, double t) {
        return centreLine(Girth.of("g", outline, Turn.LEFT), t);
    }

    /** Source: JTS, the outline as a polygon buffered by half the wire, its exterior ring. */
    @Test
    void girthOfAHollowPolygon_bridgesTheHollow() {
        Outline hollow = new Outline.Polygon(List.of(
                new Outline.Point(0, 0),
                new Outline.Point(20, 0),
                new Outline.Point(10, 4),
                new Outline.Point(20, 12),
                new Outline.Point(0, 12)));
        var ring = new GeometryFactory().createPolygon(new Coordinate[] {
            new Coordinate(0, 0),
            new Coordinate(20, 0),
            new Coordinate(10, 4),
            new Coordinate(20, 12),
            new Coordinate(0, 12),
            new Coordinate(0, 0)
        });
        double hull = ring.convexHull().buffer(0.5, 256).getLength();

        assertThat(girth(hollow, 1)).isCloseTo(hull, within(1e-4 * hull));
    }

    @Test
    void girthInParts_addsUpToTheWhole_andAWireOnTopIsLonger() {
        Outline drop = new Outline.Drop(28, 18);
        double whole = girth(drop, 0.8);
        double parts = 0;
        for (int i = 0; i < 5; i++) {
            parts += centreLine(Girth.of("g", drop, i / 5.0, (i + 1) / 5.0, Turn.RIGHT), 0.8);
        }
        Girth second = new Girth("g", drop, 0, 1, 1, Turn.LEFT, 0, Optional.empty(), Target.RELEASED, Optional.empty());

        assertThat(parts).isCloseTo(whole, within(1e-9));
        assertThat(centreLine(second, 0.8) - whole).isCloseTo(2 * Math.PI * 0.8, within(1e-9));
    }

    /** Source: two wires twisted are helices about where they touch: n·√((2πr)² + p²), r half the distance of their middles. */
    @Test
    void twistWithAnotherWire_isAHelixAboutWhereTheyTouch() {
        Twist twist = new Twist("t", 30, 6, "other", 0, Optional.empty(), Target.RELEASED);
        double radius = (1.0 + 0.6) / 4;

        assertThat(centreLine(twist, 1.0)).isCloseTo(6 * Math.hypot(2 * Math.PI * radius, 5), within(1e-9));
        CentreLine line = CentreLine.of(1, twist.shape(new Forming(1.0, 1.0, true, id -> 0.6)));
        Vector3D end = line.pieces().get(line.pieces().size() - 1).end().position();
        assertThat(end.getX()).isCloseTo(30, within(1e-9));
        assertThat(line.pieces().get(line.pieces().size() - 1).end().heading().dotProduct(Vector3D.PLUS_I))
                .isCloseTo(1, within(1e-9));
        Twist alone = new Twist("t", 30, 6, "itself", 0, Optional.empty(), Target.RELEASED);
        assertThat(centreLine(alone, 1.0)).isEqualTo(30);
    }

    /** Source: volume of the sphere, πD³/6, over the area of the wire. */
    @Test
    void boughtBall_takesNoWire_butShowsWhatItWouldBe() {
        Plan.StrandPlan pin =
                Examples.planned(Examples.piece(Examples.copper(0.8), Ball.of("head", 2), Straight.of("pin", 40)));
        double asWire = Math.PI * 8 / 6 / (Math.PI * 0.16);

        assertThat(pin.amount().netLengthMm()).isEqualTo(40);
        assertThat(pin.elements().get(0).formed().equivalentWireMm()).hasValueCloseTo(asWire, within(1e-9));
        assertThat(pin.drawn().finished().widthMm()).isCloseTo(42, within(1e-6));
        assertThat(pin.drawn().finished().heightMm()).isCloseTo(2, within(0.01));
        assertThat(pin.amount().massG()).isCloseTo(Examples.copper(0.8).massG(40 + asWire), within(1e-9));
    }

    /** Length → turns → length and outside → turns → outside, in cones as well as flat. */
    @Test
    void inverseQuestionsOfACone_comeBackExactly() {
        Random random = new Random(22);
        for (int i = 0; i < 200; i++) {
            double t = 0.3 + random.nextDouble();
            Spiral cone = Spiral.open(
                            "s",
                            0.5 + 4 * random.nextDouble(),
                            0.5 + 12 * random.nextDouble(),
                            random.nextDouble(),
                            Turn.LEFT)
                    .lifted(2 * random.nextDouble(), 0);
            double turns = cone.turnsIn(t);
            Spiral byOutside = cone.across(cone.outsideIn(t));
            Spiral byLength = cone.sizedBy(
                    java.util.OptionalDouble.empty(),
                    java.util.OptionalDouble.empty(),
                    java.util.OptionalDouble.of(cone.lengthIn(t)));

            assertThat(byOutside.turnsIn(t)).isCloseTo(turns, within(1e-9 * turns));
            assertThat(byLength.turnsIn(t)).isCloseTo(turns, within(1e-9 * turns));
        }
    }

    /** A drawing has at least nine points to an element, whatever it is, and stays finite for very many turns. */
    @Test
    void outline_isFineEnoughToDraw_andNotEndless() {
        Piece spring = Examples.piece(Examples.copper(0.3), Coil.of("coil", 3, 500, Turn.LEFT));
        List<double[]> outline = Examples.planned(spring).drawn().outline();

        assertThat(outline.size()).isBetween(24 * 500, 20_000);
    }

    @Test
    void strandsWithoutAPlace_areLaidOneBelowTheOther() {
        List<Strand> strands = new ArrayList<>();
        for (int i = 0; i < 5; i++) {
            strands.add(Strand.of(
                    "s" + i,
                    "",
                    Examples.copper(1),
                    List.of(Straight.of("run", 10 + i), Loop.of("eye", 5, Turn.LEFT))));
        }
        Plan plan = Planner.plan(Piece.of("Five", Purpose.DECORATIVE, strands), PlanOptions.USUAL);
        double below = Double.POSITIVE_INFINITY;
        for (Plan.StrandPlan strand : plan.strands()) {
            double top = strand.drawn().outline().stream()
                    .mapToDouble(p -> p[1])
                    .max()
                    .orElseThrow();
            assertThat(top + 0.5).isLessThan(below);
            below = strand.drawn().outline().stream()
                            .mapToDouble(p -> p[1])
                            .min()
                            .orElseThrow()
                    - 0.5;
        }
    }

    @Test
    void mirroredPair_isDrawnTwiceAsAnImageInTheMirror() {
        Strand pair = Strand.of(
                        "p", "", Examples.copper(1), List.of(Straight.of("run", 8), Loop.of("eye", 4, Turn.LEFT)))
                .times(2, true, true);
        Plan.StrandPlan planned = Examples.planned(Piece.of("Pair", Purpose.EAR_WIRE, List.of(pair)));
        List<double[]> second = planned.drawn().second().orElseThrow();
        double sum = planned.drawn().outline().get(0)[0] + second.get(0)[0];

        assertThat(planned.pair()).isEqualTo(Plan.Pair.MIRRORED);
        for (int i = 0; i < second.size(); i++) {
            assertThat(planned.drawn().outline().get(i)[0] + second.get(i)[0]).isCloseTo(sum, within(1e-9));
            assertThat(second.get(i)[1]).isEqualTo(planned.drawn().outline().get(i)[1]);
        }
    }
}
