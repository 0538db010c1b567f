package org.etui.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.etui.core.element.Across;
import org.etui.core.element.Across.Face;
import org.etui.core.element.Bend;
import org.etui.core.element.Curl;
import org.etui.core.element.Element;
import org.etui.core.element.Girth;
import org.etui.core.element.Loop;
import org.etui.core.element.Outline;
import org.etui.core.element.Straight;
import org.etui.core.element.Target;
import org.etui.core.element.Turn;
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
import org.etui.core.wire.Wire;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Known cases of form closure without friction (Reuleaux 1876; Lakshminarayana 1978: four contacts hold a shape in the plane, seven in space). */
class RetentionTest {
    private static final Wire WIRE = Wire.ofRound(Metal.COPPER, Temper.DEAD_SOFT, 0.64);
    private static final Outline OVAL = new Outline.Oval(24, 18);
    private static final Body CABOCHON = new Body.Cabochon(OVAL, 6, 1.5, 2, Optional.empty());

    private static Strand wire(String id, Element element) {
        return Strand.of(id, id, WIRE, List.of(element));
    }

    private static Strand girdle(Outline outline, double heightMm) {
        return wire("girdle", Girth.of("round", outline, Turn.LEFT).on("stone", heightMm, 0));
    }

    private static Strand over(String id, Face face, double from, double to) {
        return wire(id, Across.of("over", "stone", face, from, to));
    }

    private static BodyPlan planned(Body body, List<Strand> strands) {
        Part stone =
                Part.of("stone", PartKind.STONE, "stone", 6, Optional.empty()).withBody(body);
        Piece piece = Piece.of("held", Purpose.DECORATIVE, strands).withParts(List.of(stone), List.of());
        return Planner.plan(piece, PlanOptions.USUAL).bodies().get(0);
    }

    private static Held held(Body body, Strand... strands) {
        return planned(body, List.of(strands)).held().orElseThrow();
    }

    @Test
    void ballInOneRing_isFreeToBothFaces() {
        Outline round = new Outline.Round(20);

        Held held = held(new Body.Lens(round, 20, Optional.empty()), girdle(round, 0));

        assertThat(List.of(held.front(), held.back())).containsOnly(Hold.FREE);
        assertThat(List.of(held.left(), held.right(), held.up(), held.down())).containsOnly(Hold.HELD);
    }

    @Test
    void cabochonInABand_isFreeToFrontAndBack() {
        Held held = held(CABOCHON, girdle(OVAL, 0.32));

        assertThat(List.of(held.front(), held.back())).containsOnly(Hold.FREE);
        assertThat(List.of(held.left(), held.right(), held.up(), held.down())).containsOnly(Hold.HELD);
    }

    @Test
    void twoCrossingWiresInFrontAndOneBehind_holdIt() {
        Held held = held(
                CABOCHON,
                girdle(OVAL, 0.32),
                over("one", Face.FRONT, 0.1, 0.6),
                over("other", Face.FRONT, 0.4, 0.9),
                over("behind", Face.BACK, 0.25, 0.75));

        assertThat(held.all()).isTrue();
    }

    /** The point alone in a hook of wire, with one wire over each face of it. */
    @Test
    void dropHeldByItsPointOnly_turnsOut() {
        Outline drop = new Outline.Drop(28, 18);
        Held held = held(
                new Body.Cabochon(drop, 6, 1.5, 2, Optional.empty()),
                wire("left", Girth.of("side", drop, 0, 0.15, Turn.LEFT).on("stone", 0.32, 0)),
                wire("right", Girth.of("side", drop, 0.85, 1, Turn.LEFT).on("stone", 0.32, 0)),
                over("front", Face.FRONT, 0.05, 0.95),
                over("back", Face.BACK, 0.05, 0.95));

        assertThat(held.turn()).isEqualTo(Hold.FREE);
        assertThat(held.up()).isEqualTo(Hold.HELD);
    }

    /** Contacts only take motions away: what one set of them stops, a larger one stops as well. */
    @Test
    void oneMoreWire_neverFreesAStone() {
        List<Strand> wires = new ArrayList<>(List.of(girdle(OVAL, 0.32)));
        List<Strand> more = List.of(
                over("a", Face.FRONT, 0.1, 0.6),
                over("b", Face.BACK, 0.25, 0.75),
                over("c", Face.FRONT, 0.4, 0.9),
                over("d", Face.BACK, 0.05, 0.5));
        List<Hold> before = ways(planned(CABOCHON, wires).held().orElseThrow());
        for (Strand wire : more) {
            wires.add(wire);
            List<Hold> after = ways(planned(CABOCHON, wires).held().orElseThrow());
            for (int i = 0; i < before.size(); i++) {
                if (before.get(i) == Hold.HELD) {
                    assertThat(after.get(i)).as("%s, way %d", wire.id(), i).isEqualTo(Hold.HELD);
                }
            }
            before = after;
        }
        assertThat(before).containsOnly(Hold.HELD);
    }

    private static List<Hold> ways(Held held) {
        return List.of(held.front(), held.back(), held.left(), held.right(), held.up(), held.down(), held.turn());
    }

    @ParameterizedTest
    @ValueSource(strings = {"woven-front", "stone-frame"})
    void patterns_holdTheirStone(String pattern) {
        Piece piece = Patterns.find(pattern).orElseThrow().usual();
        Plan plan = Planner.plan(piece, PlanOptions.USUAL);

        assertThat(plan.bodies().get(0).held().orElseThrow().all()).isTrue();
        assertThat(plan.advice())
                .extracting(a -> a.rule())
                .doesNotContain("stone-loose", "stone-gripped", "bite-small");
    }

    @Test
    void withoutItsFrontWires_aWovenFrontIsFreeToTheFront() {
        Piece whole = Patterns.find("woven-front").orElseThrow().usual();
        List<Strand> rest = whole.strands().stream()
                .filter(s -> s.elements().stream().noneMatch(e -> e.id().endsWith("-over")))
                .filter(s -> !s.id().startsWith("lashing"))
                .toList();
        Piece piece = Piece.of("no front", Purpose.DECORATIVE, rest).withParts(whole.parts(), List.of());
        Plan plan = Planner.plan(piece, PlanOptions.USUAL);

        assertThat(plan.bodies().get(0).held().orElseThrow().front()).isEqualTo(Hold.FREE);
        assertThat(plan.advice())
                .filteredOn(a -> a.rule().equals("stone-loose"))
                .singleElement()
                .satisfies(a -> assertThat(a.message()).contains("to the front"));
    }

    /** A wire over the middle reaches half the width inside the edge. */
    @Test
    void bite_isHowFarInsideTheEdgeAWireLies() {
        Outline square = new Outline.Rectangle(20, 20, 0.5);
        Body slab = new Body.Slab(square, 4, 0.2, Optional.empty());
        BodyPlan middle = planned(slab, List.of(over("middle", Face.FRONT, 0.25, 0.75)));
        assertThat(middle.biteMm().orElseThrow().front().orElseThrow()).isBetween(9.5, 10.0);
    }

    /** A bail whose loop lies flat in the piece hangs it edge to the front; one that stands across does not (common practice). */
    @Test
    void flatBail_isSaid() {
        Piece crosswise = Patterns.find("woven-front").orElseThrow().usual();
        Strand flat = Strand.of(
                "flat",
                "Flat",
                WIRE,
                List.of(
                        Loop.of("bail", 5, Turn.LEFT),
                        Straight.of("neck", 4),
                        Girth.of("round", OVAL, 0.02, 0.98, Turn.LEFT).on("stone", 0.32, 0)));
        Part stone =
                Part.of("stone", PartKind.STONE, "stone", 6, Optional.empty()).withBody(CABOCHON);
        Piece lengthwise = Piece.of("flat", Purpose.PENDANT, List.of(flat)).withParts(List.of(stone), List.of());

        assertThat(Planner.plan(crosswise, PlanOptions.USUAL).advice())
                .extracting(a -> a.rule())
                .doesNotContain("bail-lengthwise");
        assertThat(Planner.plan(lengthwise, PlanOptions.USUAL).advice())
                .extracting(a -> a.rule())
                .contains("bail-lengthwise");
    }

    /** A pebble drilled level across, on a wire that runs through the hole; its first bend, else its beginning, lies so far to the right. */
    private static Held onWire(double atMm, Element... elements) {
        Body pebble =
                new Body.Lens(OVAL, 6, Optional.of(new Body.Hole(List.of(0.0, 6.0, 0.0), List.of(1.0, 0.0, 0.0), 1)));
        Part stone = Part.of("stone", PartKind.STONE, "stone", 24, Optional.of("wire.run"))
                .withBody(pebble);
        Strand wire = Strand.of("wire", "Wire", WIRE, List.of(elements)).withPlace(new Place(atMm, 6, 0, 0));
        Piece piece = Piece.of("strung", Purpose.DECORATIVE, List.of(wire)).withParts(List.of(stone), List.of());
        return Planner.plan(piece, PlanOptions.USUAL).bodies().get(0).held().orElseThrow();
    }

    /** A hole is a pin joint that slides: the wall keeps from going aside, nothing from going along (textbook); that it swings is no fault. */
    @Test
    void hole_letsGoAlongStraightWireOnly() {
        Held held = onWire(-15, Straight.of("run", 30));

        assertThat(List.of(held.left(), held.right())).containsOnly(Hold.FREE);
        assertThat(List.of(held.front(), held.back(), held.up(), held.down(), held.turn()))
                .containsOnly(Hold.HELD);
    }

    /** Wire that is bent aside beyond the hole stops the stone on that side; bent on both, it stays (common practice: drops are hung so). */
    @Test
    void bendBesideHole_stopsItThere() {
        Bend right = new Bend("right", 90, 0.64, Turn.LEFT, 0, Optional.empty(), Target.RELEASED);
        Straight run = Straight.of("run", 25);

        Held one = onWire(11, run, right, Straight.of("end", 8));
        Held both = Planner.plan(Patterns.find("top-drilled-drop").orElseThrow().usual(), PlanOptions.USUAL)
                .bodies()
                .get(0)
                .held()
                .orElseThrow();

        assertThat(List.of(one.right(), one.left())).containsExactly(Hold.HELD, Hold.FREE);
        assertThat(both.all()).isTrue();
    }

    /** Wire beside a hole does not go through it. */
    @Test
    void wireBesideHole_holdsNothing() {
        Body pebble =
                new Body.Lens(OVAL, 6, Optional.of(new Body.Hole(List.of(0.0, 6.0, 0.0), List.of(1.0, 0.0, 0.0), 1)));
        Strand wire =
                Strand.of("wire", "Wire", WIRE, List.of(Straight.of("run", 30))).withPlace(new Place(-15, 40, 0, 0));
        Part stone = Part.of("stone", PartKind.STONE, "stone", 24, Optional.of("wire.run"))
                .withBody(pebble);
        Piece piece = Piece.of("beside", Purpose.DECORATIVE, List.of(wire)).withParts(List.of(stone), List.of());

        assertThat(Planner.plan(piece, PlanOptions.USUAL).bodies().get(0).held())
                .isEmpty();
    }

    private static List<String> snags(Element... beyond) {
        List<Element> elements =
                new ArrayList<>(List.of(Girth.of("round", OVAL, Turn.LEFT).on("stone", 0.8, 0)));
        elements.addAll(List.of(beyond));
        Part stone =
                Part.of("stone", PartKind.STONE, "stone", 6, Optional.empty()).withBody(CABOCHON);
        Piece piece = Piece.of("held", Purpose.DECORATIVE, List.of(Strand.of("band", "Band", WIRE, elements)))
                .withParts(List.of(stone), List.of());
        return Planner.plan(piece, PlanOptions.USUAL).advice().stream()
                .filter(a -> a.rule().equals("snags"))
                .map(Advice::message)
                .toList();
    }

    /** A straight end that leaves the stone catches; one rolled into a curl, or lying at the stone, does not (common practice). */
    @Test
    void endThatStandsOff_snags() {
        assertThat(snags(Straight.of("end", 9))).singleElement().asString().contains("end of the band");
        assertThat(snags(Straight.of("end", 9), Curl.of("curl", 1, Turn.RIGHT))).isEmpty();
        assertThat(snags()).isEmpty();
    }

    @Test
    void holeThatRunsNowhere_isRefused() {
        List<Double> nowhere = List.of(0.0, 0.0, 0.0);

        assertThatThrownBy(() -> new Body.Hole(nowhere, nowhere, 1))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("along");
    }
}
