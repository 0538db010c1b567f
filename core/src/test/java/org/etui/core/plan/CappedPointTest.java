package org.etui.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.etui.core.element.Outline;
import org.etui.core.element.Turn;
import org.etui.core.element.Wrap;
import org.etui.core.metal.Metal;
import org.etui.core.metal.Temper;
import org.etui.core.pattern.Patterns;
import org.etui.core.piece.Body;
import org.etui.core.piece.Part;
import org.etui.core.piece.PartKind;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Place;
import org.etui.core.piece.Purpose;
import org.etui.core.piece.Strand;
import org.etui.core.plan.Retention.Held;
import org.etui.core.plan.Retention.Hold;
import org.etui.core.rule.Advice;
import org.etui.core.sequence.Step;
import org.etui.core.wire.Wire;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;

class CappedPointTest {
    /** AWG 20 by ASTM B258: 0.812 mm. */
    private static final double T = 0.81;

    private static final double FINE = 0.41;
    private static final GeometryFactory GEOMETRY = new GeometryFactory();

    private static Piece made(Map<String, Object> values) {
        return Patterns.find("capped-point").orElseThrow().make(values, Optional.empty(), Optional.empty());
    }

    private static Plan plan(Piece piece) {
        return Planner.plan(piece, PlanOptions.USUAL);
    }

    private static List<Hold> ways(Held held) {
        return List.of(held.front(), held.back(), held.left(), held.right(), held.up(), held.down(), held.turn());
    }

    /** Along the middle line as it is drawn: where it is bent so tight, the wire that it takes is a little shorter. */
    private static double drawnMm(Plan plan, int strand, String element) {
        Plan.StrandPlan own = plan.strands().get(strand);
        List<Vector3D> points = own.elements().stream()
                .filter(e -> e.id().equals(element))
                .flatMap(e -> own.drawn().outline().stream()
                        .filter(p -> p[3] >= e.along().fromMm() - 1e-6
                                && p[3] <= e.along().toMm() + 1e-6))
                .map(CappedPointTest::at)
                .toList();
        return IntStream.range(1, points.size())
                .mapToDouble(i -> Vector3D.distance(points.get(i - 1), points.get(i)))
                .sum();
    }

    private static Vector3D at(double[] p) {
        return new Vector3D(p[0], p[1], p[2]);
    }

    @ParameterizedTest
    @ValueSource(strings = {"4", "6", "8"})
    void crystal_isHeldToAllSides_andNothingIsInOnePlace(String sides) {
        Plan plan = plan(made(Map.of("sides", sides, "acrossMm", 11.0)));

        Held held = plan.bodies().get(0).held().orElseThrow();
        assertThat(ways(held)).containsOnly(Hold.HELD);
        assertThat(plan.clashes()).isEmpty();
        assertThat(plan.advice())
                .filteredOn(a -> a.severity() == Advice.Severity.STOP)
                .isEmpty();
        assertThat(plan.advice())
                .filteredOn(a -> a.rule().equals("bail-lengthwise"))
                .isEmpty();
    }

    /** Of six sides, one to the front, three are seen, and with them three faces of the tip; the tip hangs lowest. */
    @Test
    void hangingCrystal_isDrawnByTheFacesThatAreSeen() {
        PartDrawn drawn = plan(made(Map.of())).parts().get(0);

        assertThat(drawn.lines()).hasSize(6);
        assertThat(drawn.lines().stream()
                        .flatMap(l -> l.points().stream())
                        .mapToDouble(p -> p[1])
                        .min()
                        .orElseThrow())
                .isCloseTo(-16, within(1e-9));
    }

    /** Turns by themselves hold by friction only: nothing stops them, or the crystal, from slipping along. */
    @Test
    void capAlone_onlyGrips() {
        Wire fine = Wire.ofRound(Metal.COPPER, Temper.DEAD_SOFT, FINE);
        Wrap turns = Wrap.of("cap", Wrap.Core.ofStem(10), 9, Turn.LEFT).round(List.of("crystal"), 0.2);
        Part crystal = Part.of("crystal", PartKind.STONE, "crystal", 10, Optional.of("cap.cap"))
                .withBody(new Body.Point(10, 6, 32, 7, Optional.empty()))
                .placed(Place.tipped(90));
        Piece piece = Piece.of("cap", Purpose.PENDANT, List.of(Strand.of("cap", "Cap", fine, List.of(turns))))
                .withParts(List.of(crystal), List.of());

        Held held = plan(piece).bodies().get(0).held().orElseThrow();

        assertThat(List.of(held.up(), held.down())).containsOnly(Hold.GRIPPED);
        assertThat(List.of(held.front(), held.back(), held.left(), held.right()))
                .doesNotContain(Hold.FREE);
    }

    /** Round the middle of a ball a turn is a turn of a helix round a circle (closed form). */
    @Test
    void turnsRoundABall_takeItsGirth() {
        Wire fine = Wire.ofRound(Metal.COPPER, Temper.DEAD_SOFT, FINE);
        Wrap turns = Wrap.of("cap", Wrap.Core.ofStem(20), 2, Turn.LEFT).round(List.of("ball"), 0.5);
        Part ball = Part.of("ball", PartKind.STONE, "stone", 20, Optional.of("cap.cap"))
                .withBody(new Body.Lens(new Outline.Round(20), 20, Optional.empty()));
        Piece piece = Piece.of("cap", Purpose.PENDANT, List.of(Strand.of("cap", "Cap", fine, List.of(turns))))
                .withParts(List.of(ball), List.of());

        assertThat(drawnMm(plan(piece), 0, "cap")).isCloseTo(2 * Math.hypot(Math.PI * (20 + FINE), FINE), within(0.1));
    }

    /** The hull (JTS) of the six corners and of the legs on four flats, half a wire off: one turn of a helix round it is √(hull² + pitch²). */
    @Test
    void cap_takesTheHullOfCrystalAndLegs() {
        List<Geometry> bound = new ArrayList<>();
        for (int i = 0; i < 6; i++) {
            double angle = Math.toRadians(60 * i);
            double out = 5 / Math.cos(Math.toRadians(30));
            bound.add(GEOMETRY.createPoint(new Coordinate(out * Math.cos(angle), out * Math.sin(angle))));
        }
        for (double degrees : new double[] {30, 150, 210, 330}) {
            double angle = Math.toRadians(degrees);
            double out = 5 + T / 2;
            bound.add(GEOMETRY.createPoint(new Coordinate(out * Math.cos(angle), out * Math.sin(angle)))
                    .buffer(T / 2, 90));
        }
        double hull =
                GEOMETRY.buildGeometry(bound).convexHull().buffer(FINE / 2, 90).getLength();

        List<double[]> drawn =
                plan(made(Map.of("capTurns", 9.0))).strands().get(2).drawn().outline();
        double length = IntStream.range(1, drawn.size())
                .mapToDouble(i -> Vector3D.distance(at(drawn.get(i - 1)), at(drawn.get(i))))
                .sum();

        assertThat(length).isCloseTo(9 * Math.hypot(hull, FINE), within(2e-3 * length));
    }

    /** Down one face of the tip and up the other, round the point on the wire's own edge, by hand. */
    @Test
    void wireOverTheTip_takesBothFacesAndTheTurn() {
        double face = Math.hypot(5, 7);
        double leans = Math.atan2(5, 7);
        // At the shoulder the wire turns by the angle that the face leans in, at the tip by what is left of half a
        // turn.
        double taken = 2 * face + T / 2 * (2 * leans + Math.PI - 2 * leans);

        Plan plan = plan(made(Map.of("acrossMm", 10.0, "tipMm", 7.0)));
        // It begins and ends beside the shoulders, half a wire and a lead of 0.2 mm before one of them.
        double beside = 2 * T / 2 + 0.2;

        assertThat(drawnMm(plan, 0, "tip")).isCloseTo(taken + beside, within(0.1));
        // The other wire goes over this one: a thickness further out.
        assertThat(drawnMm(plan, 1, "tip") - drawnMm(plan, 0, "tip")).isBetween(0.5, 2.5 * T);
    }

    /** In the order of the bench (common practice): bent over the tip, crystal in, capped, bent in over the end, neck bound last. */
    @Test
    void card_canBeFollowed() {
        List<String> titles =
                plan(made(Map.of())).steps().stream().map(Step::title).toList();

        List<String> order = Stream.of(
                        "Form the tip",
                        "Set the crystal between the legs",
                        "Wind the cap round the crystal",
                        "Trim both handles",
                        "Form the second top",
                        "Form the second corner",
                        "Form the bail",
                        "Wind the neck wrap round the bundle",
                        "Trim the handle")
                .toList();
        assertThat(titles.stream().filter(order::contains).distinct().toList()).isEqualTo(order);
    }

    /** The cap begins on the side of the tip: a hand measures it from the other end, one wire and all turns down (by hand, to a millimetre). */
    @Test
    void card_saysWhereTheCapBegins() {
        Piece piece = made(Map.of("capTurns", 9.0));
        String text = plan(piece).steps().stream()
                .filter(s -> s.title().equals("Wind the cap round the crystal"))
                .findFirst()
                .orElseThrow()
                .text();

        assertThat(text).startsWith("Wind 9 turns round the crystal and 4 wires along it");
        Matcher begins =
                Pattern.compile("Begin (\\d+) mm from the end of the crystal").matcher(text);
        assertThat(begins.find()).isTrue();
        assertThat(Double.parseDouble(begins.group(1))).isCloseTo((1 + 9) * FINE, within(1.0));
    }

    /** What no hand could do is made as near as can be, and said. */
    @Test
    void whatHasNoRoom_isMadeSmallerAndTold() {
        Piece longCap = made(Map.of("sidesMm", 12.0, "capTurns", 70.0));
        Piece small = made(Map.of("acrossMm", 4.0));

        assertThat(longCap.notes()).contains("no room for a longer cap");
        assertThat(((Wrap) longCap.strand("cap").orElseThrow().elements().get(0)).turns() * FINE)
                .isBetween(8.0, 12.0 - T);
        assertThat(small.notes()).contains("planned in thinner wire");
        assertThat(small.strands().get(0).wire().section().inPlaneMm()).isEqualTo(0.5);
        assertThat(plan(small).clashes()).isEmpty();
        assertThat(made(Map.of()).notes()).isEmpty();
    }
}
