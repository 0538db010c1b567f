package org.etui.core.work;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.etui.core.check.BadInput;
import org.etui.core.element.Across;
import org.etui.core.element.Across.Face;
import org.etui.core.element.Element;
import org.etui.core.element.Girth;
import org.etui.core.element.Loop;
import org.etui.core.element.Outline;
import org.etui.core.element.Reach;
import org.etui.core.element.Straight;
import org.etui.core.element.Turn;
import org.etui.core.element.Wrap;
import org.etui.core.metal.Metal;
import org.etui.core.metal.Temper;
import org.etui.core.piece.Body;
import org.etui.core.piece.Part;
import org.etui.core.piece.PartKind;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Purpose;
import org.etui.core.piece.Solid;
import org.etui.core.piece.Strand;
import org.etui.core.piece.Surface;
import org.etui.core.plan.Plan;
import org.etui.core.plan.PlanOptions;
import org.etui.core.plan.Planner;
import org.etui.core.wire.Wire;
import org.hipparchus.analysis.integration.RombergIntegrator;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class AcrossTest {
    private static final double THICK = 0.64;
    private static final Wire WIRE = Wire.ofRound(Metal.COPPER, Temper.DEAD_SOFT, THICK);

    private static Piece piece(Body body, List<Strand> strands) {
        Part stone =
                Part.of("stone", PartKind.STONE, "stone", 6, Optional.empty()).withBody(body);
        return Piece.of("over", Purpose.DECORATIVE, strands).withParts(List.of(stone), List.of());
    }

    private static Plan plan(Body body, Strand... strands) {
        return Planner.plan(piece(body, List.of(strands)), PlanOptions.USUAL);
    }

    private static Strand over(String id, Face face, double from, double to) {
        return Strand.of(id, id, WIRE, List.of(Across.of("over", "stone", face, from, to)));
    }

    private static List<Vector3D> line(Plan plan, int strand) {
        return plan.strands().get(strand).drawn().outline().stream()
                .map(p -> new Vector3D(p[0], p[1], p[2]))
                .toList();
    }

    private static double lengthMm(List<Vector3D> line) {
        double sum = 0;
        for (int i = 1; i < line.size(); i++) {
            sum += Vector3D.distance(line.get(i - 1), line.get(i));
        }
        return sum;
    }

    /**
     * Through the middle of a dome of domeness 2 the section is half an ellipse: its length by Hipparchus quadrature, a line half a wire outside of it
     * longer by π times that (Steiner's formula), and half a wire upright at either end.
     */
    @ParameterizedTest
    @CsvSource({"20, 20, 6, 1, 0.25, 0.75", "30, 19, 7, 1.5, 0.25, 0.75", "24, 18, 5, 1, 0, 0.5"})
    void overTheMiddleOfADome_lengthIsThatOfHalfAnEllipse(
            double lengthMm, double widthMm, double heightMm, double girdleMm, double from, double to) {
        Body dome = new Body.Cabochon(new Outline.Oval(lengthMm, widthMm), heightMm, girdleMm, 2, Optional.empty());
        double a = (from == 0 ? lengthMm : widthMm) / 2;
        double b = heightMm - girdleMm;
        double half = new RombergIntegrator(1e-9, 1e-9, 4, 30)
                .integrate(1_000_000, t -> Math.hypot(a * Math.sin(t), b * Math.cos(t)), 0, Math.PI);

        Plan plan = plan(dome, over("w", Face.FRONT, from, to));

        double expected = half + Math.PI * THICK / 2 + THICK;
        assertThat(lengthMm(line(plan, 0))).isCloseTo(expected, within(0.001 * expected));
    }

    /** Wherever it goes over a dome it lies on it: nowhere further off or deeper in than 0.03 mm. */
    @ParameterizedTest
    @CsvSource({"0.25, 0.75", "0.1, 0.6", "0.1, 0.4", "0.05, 0.3"})
    void overADome_theWireTouchesAllAlong(double from, double to) {
        Body dome = new Body.Cabochon(new Outline.Oval(30, 19), 7, 1.5, 2, Optional.empty());
        Surface surface = new Surface(new Solid(dome));

        List<Vector3D> line = line(plan(dome, over("w", Face.FRONT, from, to)), 0);

        // The first and last half wire lead up to the face and down from it.
        for (Vector3D p : line) {
            if (p.getZ() > 1.5 + THICK / 2) {
                assertThat(surface.near(p).apartMm() - THICK / 2).isCloseTo(0, within(0.03));
            }
        }
    }

    /** Over a flat back: the chord between both places, and the way round both edges. */
    @Test
    void overAFlatBack_itLiesFlat() {
        Body dome = new Body.Cabochon(new Outline.Round(20), 6, 2, 2, Optional.empty());

        List<Vector3D> line = line(plan(dome, over("w", Face.BACK, 0.25, 0.75)), 0);

        assertThat(line.stream().mapToDouble(Vector3D::getZ).min().orElseThrow())
                .isCloseTo(-THICK / 2, within(0.03));
        assertThat(line).allSatisfy(p -> assertThat(p.getY()).isCloseTo(0, within(0.02)));
        // The flat between two edges eased by 0.15 mm, a quarter of a circle of 0.32 + 0.15 mm at each, and half a wire
        // at either end.
        assertThat(lengthMm(line)).isCloseTo(19.7 + Math.PI * 0.47 + THICK, within(0.05));
    }

    /** The second of two that cross lies on the first: their middles are one thickness apart. */
    @Test
    void secondOfTwoThatCross_liesOnTheFirst() {
        Body dome = new Body.Cabochon(new Outline.Oval(26, 20), 6, 1.5, 2, Optional.empty());

        Plan plan = plan(dome, over("a", Face.FRONT, 0.25, 0.75), over("b", Face.FRONT, 0, 0.5));

        double least = Double.POSITIVE_INFINITY;
        for (Vector3D p : line(plan, 0)) {
            for (Vector3D q : line(plan, 1)) {
                least = Math.min(least, Vector3D.distance(p, q));
            }
        }
        assertThat(least).isCloseTo(THICK, within(0.05));
        assertThat(plan.clashes()).isEmpty();
    }

    /** Over the edge it goes round what lies there. */
    @Test
    void overABundle_itClearsEveryWire() {
        Outline oval = new Outline.Oval(26, 20);
        Body dome = new Body.Cabochon(oval, 6, 2, 2, Optional.empty());
        Strand[] all = {
            Strand.of(
                    "r0", "r0", WIRE, List.of(Girth.of("round", oval, Turn.LEFT).on("stone", THICK / 2, 0))),
            Strand.of(
                    "r1", "r1", WIRE, List.of(Girth.of("round", oval, Turn.LEFT).on("stone", THICK / 2, 1))),
            over("w", Face.FRONT, 0.3, 0.8)
        };

        assertThat(plan(dome, all).clashes()).isEmpty();
    }

    /** Wire that was bent before is led to where it comes over the face. */
    @Test
    void reach_leadsFromOneSeatToTheNext() {
        Outline oval = new Outline.Oval(26, 20);
        Body dome = new Body.Cabochon(oval, 6, 2, 2, Optional.empty());
        List<Element> elements = List.of(
                Girth.of("side", oval, 0.2, 0.8, Turn.LEFT).on("stone", THICK / 2, 0),
                Reach.of("turn"),
                Across.of("over", "stone", Face.FRONT, 0.87, 0.4).part(0.2, 1));

        Plan.StrandPlan strand =
                plan(dome, Strand.of("w", "w", WIRE, elements)).strands().get(0);

        List<Vector3D> line = strand.drawn().outline().stream()
                .map(p -> new Vector3D(p[0], p[1], p[2]))
                .toList();
        // One wire without a gap or a kink: no step of the drawing turns by more than it is drawn in.
        for (int i = 2; i < line.size(); i++) {
            Vector3D before = line.get(i - 1).subtract(line.get(i - 2));
            Vector3D after = line.get(i).subtract(line.get(i - 1));
            if (before.getNorm() > 1e-6 && after.getNorm() > 1e-6) {
                assertThat(Math.toDegrees(Vector3D.angle(before, after))).isLessThan(20);
            }
        }
        assertThat(line.get(line.size() - 1).getX()).isNegative();
    }

    @Test
    void reachWithoutRoom_isRefusedByName() {
        Outline oval = new Outline.Oval(26, 20);
        Body dome = new Body.Cabochon(oval, 6, 2, 2, Optional.empty());
        Reach wide = new Reach("turn", 30, Optional.empty(), org.etui.core.element.Target.RELEASED);
        List<Element> elements = List.of(
                Girth.of("side", oval, 0.2, 0.8, Turn.LEFT).on("stone", THICK / 2, 0),
                wide,
                Across.of("over", "stone", Face.FRONT, 0.87, 0.4).part(0.2, 1));

        assertThatThrownBy(() -> plan(dome, Strand.of("w", "w", WIRE, elements)))
                .isInstanceOf(BadInput.class)
                .hasMessageContaining("strands.0.elements.1")
                .hasMessageContaining("leastInsideMm");
    }

    /** Found by chance bodies: a way that ends where it begins, by itself and with a lead to it. */
    @Test
    void wayOfNoLength_isRefusedByName() {
        Outline oval = new Outline.Oval(26, 20);
        Body dome = new Body.Cabochon(oval, 6, 2, 2, Optional.empty());
        Across none = Across.of("over", "stone", Face.FRONT, 0.87, 0.4).part(0, 1e-320);
        List<Element> led =
                List.of(Girth.of("side", oval, 0.2, 0.8, Turn.LEFT).on("stone", THICK / 2, 0), Reach.of("turn"), none);

        assertThatThrownBy(() -> plan(dome, Strand.of("w", "w", WIRE, List.of(none))))
                .isInstanceOf(BadInput.class)
                .hasMessageContaining("strands.0.elements.0")
                .hasMessageContaining("comes to no length");
        assertThatThrownBy(() -> plan(dome, Strand.of("w", "w", WIRE, led)))
                .isInstanceOf(BadInput.class)
                .hasMessageContaining("comes to no length");
    }

    @Test
    void acrossNothing_isRefusedByName() {
        Piece bare = Piece.of("over", Purpose.DECORATIVE, List.of(over("w", Face.FRONT, 0.2, 0.7)));

        assertThatThrownBy(() -> Planner.plan(bare, PlanOptions.USUAL))
                .isInstanceOf(BadInput.class)
                .hasMessageContaining("strands.0.elements.0.on");
    }

    /** Turns round the stem of their own wire lie round it: the stem goes through their middle. */
    @Test
    void wrapOnItsOwnStem_liesRoundIt() {
        List<Element> elements = List.of(
                Straight.of("stem", 20),
                org.etui.core.element.Bend.of("corner", 90, Turn.RIGHT),
                Loop.of("eye", 3, Turn.LEFT),
                Wrap.of("turns", Wrap.Core.ofStem(THICK), 3, Turn.LEFT).round(List.of("w.stem"), 0.9));
        Piece piece = Piece.of("eye", Purpose.DECORATIVE, List.of(Strand.of("w", "w", WIRE, elements)));

        Plan.StrandPlan strand =
                Planner.plan(piece, PlanOptions.USUAL).strands().get(0);

        List<Vector3D> stem = part(strand, "stem");
        List<Vector3D> turns = part(strand, "turns");
        Vector3D along = stem.get(stem.size() - 1).subtract(stem.get(0)).normalize();
        List<Vector3D> last = turns.subList(turns.size() / 2, turns.size());
        for (Vector3D p : last) {
            Vector3D from = p.subtract(stem.get(0));
            double off =
                    from.subtract(along.scalarMultiply(from.dotProduct(along))).getNorm();
            assertThat(off).isCloseTo(THICK, within(0.05));
        }
    }

    private static List<Vector3D> part(Plan.StrandPlan strand, String element) {
        return strand.elements().stream()
                .filter(e -> e.id().equals(element))
                .flatMap(e -> strand.drawn().outline().stream()
                        .filter(p ->
                                p[3] >= e.along().fromMm() && p[3] <= e.along().toMm()))
                .map(p -> new Vector3D(p[0], p[1], p[2]))
                .toList();
    }
}
