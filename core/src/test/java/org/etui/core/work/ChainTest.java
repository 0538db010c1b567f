package org.etui.core.work;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.etui.core.check.BadInput;
import org.etui.core.element.Arc;
import org.etui.core.element.Bend;
import org.etui.core.element.Loop;
import org.etui.core.element.Straight;
import org.etui.core.element.Turn;
import org.etui.core.metal.Metal;
import org.etui.core.metal.Temper;
import org.etui.core.pattern.Patterns;
import org.etui.core.piece.Join;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Purpose;
import org.etui.core.piece.Strand;
import org.etui.core.plan.Plan;
import org.etui.core.plan.PlanOptions;
import org.etui.core.plan.Planner;
import org.etui.core.plan.Repeat;
import org.etui.core.sequence.Step;
import org.etui.core.wire.Wire;
import org.hipparchus.geometry.euclidean.threed.Rotation;
import org.hipparchus.geometry.euclidean.threed.RotationConvention;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class ChainTest {
    private static final Wire ONE = Wire.ofRound(Metal.COPPER, Temper.DEAD_SOFT, 1);

    private static Piece chain(Map<String, Object> measures, Wire wire) {
        return Patterns.find("link-chain").orElseThrow().make(measures, Optional.of(wire), Optional.empty());
    }

    private static Chain hung(Piece piece) {
        return Chain.of(piece, StrandWork.of(piece, piece.strands().get(0))).orElseThrow();
    }

    /** Closed form: two circles on a common tangent; the chain runs through their middles, and its pitch is the link's inside length (common practice). */
    @ParameterizedTest
    @CsvSource({"3, 6", "2, 0.5", "8, 20", "30, 1"})
    void pitchOfFlatEights_isTheInsideLengthOfALink(double inside, double between) {
        Chain chain = hung(chain(Map.of("find", "length", "loopInsideMm", inside, "betweenMm", between), ONE));
        double radius = (inside + 1) / 2;

        assertThat(chain.pitchMm()).isCloseTo(Math.hypot(between, 2 * radius) + 2 * radius - 1, within(0.003));
        assertThat(chain.lengthMm()).isCloseTo(11 * chain.pitchMm() + chain.pitchMm() + 2, within(1e-9));
        assertThat(Math.abs(Math.toDegrees(chain.turnRad()))).isCloseTo(90, within(1e-6));
    }

    /** An oval link, two half circles and two straights: its inside length is 10 + 4 mm, as a chain maker measures it (common practice). */
    @Test
    void pitchOfAnOvalLink_isItsInsideLength() {
        Strand link = Strand.of(
                        "link",
                        "Link",
                        ONE,
                        List.of(
                                Arc.of("left", 4, 180, Turn.LEFT),
                                Straight.of("upper", 10),
                                Arc.of("right", 4, 180, Turn.LEFT),
                                Straight.of("lower", 10)))
                .times(9, false, false);
        Piece piece = Piece.of("Oval links", Purpose.LINK, List.of(link))
                .withParts(List.of(), List.of(new Join("link.left", "link.right", Optional.of(Join.How.OPENED))));

        assertThat(hung(piece).pitchMm()).isCloseTo(14, within(0.003));
    }

    /** What goes all the way round is no fold, and a straight no eye: such a join hangs somehow, in figures that are figures. */
    @ParameterizedTest
    @CsvSource({"360, 30", "360, 0.5", "90, 30"})
    void joinOfABendAndAStraight_hasAPitch(double sweepDeg, double leanDeg) {
        Strand link = Strand.of(
                        "link",
                        "Link",
                        ONE,
                        List.of(
                                Straight.of("leg", 10),
                                Bend.of("first-corner", leanDeg, Turn.LEFT),
                                Arc.of("first-shoulder", 3, leanDeg, Turn.RIGHT),
                                Arc.of("round", 3, sweepDeg, Turn.RIGHT),
                                Arc.of("second-shoulder", 3, leanDeg, Turn.RIGHT),
                                Bend.of("second-corner", leanDeg, Turn.LEFT),
                                Straight.of("other-leg", 10)))
                .withOrder(List.of("round", "first-shoulder", "second-shoulder", "first-corner", "second-corner"))
                .times(4, false, false);
        Piece piece = Piece.of("Links", Purpose.LINK, List.of(link))
                .withParts(List.of(), List.of(new Join("link.round", "link.leg", Optional.of(Join.How.HUNG))));

        assertThat(hung(piece).pitchMm()).isFinite();
        assertThat(Planner.plan(piece, PlanOptions.USUAL).steps()).isNotEmpty();
    }

    /** Every link lies between its neighbours as the first does: wires cross square, a wire's thickness apart, and nothing is closer. */
    @ParameterizedTest
    @ValueSource(strings = {"looped", "looped, turned", "wrapped"})
    void links_bearOnEachOtherAndCrossSquare(String form) {
        Piece piece = chain(Map.of("form", form), ONE);

        assertThat(nearestMm(piece)).isBetween(0.95, 1.05);
    }

    /** How near the middles of the wires of two links that hang in each other come, mm. */
    private static double nearestMm(Piece piece) {
        Chain chain = hung(piece);
        List<Vector3D> link = StrandWork.of(piece, piece.strands().get(0)).stations().stream()
                .map(s -> s.pose().position())
                .toList();
        Rotation turn = new Rotation(chain.about(), chain.turnRad(), RotationConvention.VECTOR_OPERATOR);
        Vector3D to = chain.from().add(chain.along().scalarMultiply(chain.pitchMm()));
        return link.stream()
                .map(p -> to.add(turn.applyTo(p.subtract(chain.from()))))
                .mapToDouble(p -> link.stream().mapToDouble(p::distance).min().orElseThrow())
                .min()
                .orElseThrow();
    }

    /** Folded scroll links: the next link's fold lies round both legs, no nearer to any wire of this link than a wire's thickness, and touches it. */
    @ParameterizedTest
    @ValueSource(strings = {"folded", "bent over"})
    void foldedLinks_lieInEachOther(String form) {
        Piece piece = Patterns.find("double-scroll-link")
                .orElseThrow()
                .make(Map.of("form", form, "gapMm", 56), Optional.of(ONE), Optional.empty());

        assertThat(nearestMm(piece)).isBetween(0.95, 1.1);
    }

    /** From length to links and back, and from links and length to the straight between. */
    @ParameterizedTest
    @ValueSource(strings = {"looped", "looped, turned", "wrapped"})
    void linksLengthAndStraight_areWorkedOutFromEachOther(String form) {
        Piece byLinks = chain(Map.of("form", form, "find", "between", "links", 11, "chainMm", 190), ONE);
        Chain chain = hung(byLinks);
        double between = byLinks.strands().get(0).elements().stream()
                .filter(e -> e.id().equals("neck") || e.id().equals("between"))
                .mapToDouble(e -> ((Straight) e).lengthMm())
                .findFirst()
                .orElseThrow();
        Map<String, Object> same = Map.of("form", form, "betweenMm", between);

        assertThat(chain.lengthMm()).isCloseTo(190, within(0.1));
        assertThat(hung(with(same, Map.of("find", "length", "links", 11))).lengthMm())
                .isCloseTo(190, within(0.1));
        assertThat(hung(with(same, Map.of("find", "links", "chainMm", 189.5))).links())
                .isEqualTo(11);
        assertThat(hung(with(same, Map.of("find", "links", "chainMm", 191))).links())
                .isEqualTo(12);
    }

    private static Piece with(Map<String, Object> some, Map<String, Object> others) {
        Map<String, Object> all = new java.util.HashMap<>(some);
        all.putAll(others);
        return chain(all, ONE);
    }

    @Test
    void whatCannotBe_isRefusedInWords() {
        assertThatThrownBy(() -> chain(Map.of("find", "between", "links", 40, "chainMm", 60), ONE))
                .isInstanceOf(BadInput.class)
                .hasMessageContaining("must be fewer")
                .hasMessageContaining("60.0 mm");
        assertThatThrownBy(() -> chain(Map.of("find", "between", "links", 2, "chainMm", 3000), ONE))
                .isInstanceOf(BadInput.class)
                .hasMessageContaining("must be more");
        assertThatThrownBy(() -> chain(Map.of("chainMm", 5000, "loopInsideMm", 0.9, "betweenMm", 0.2), ONE))
                .isInstanceOf(BadInput.class)
                .hasMessageContaining("at most 500");
    }

    /** Common practice: a loop that opens is opened when all links are made; a wrapped one is hung in before its wrap is wound. */
    @Test
    void card_hangsLinksWhenAHandCan() {
        Plan looped = Planner.plan(chain(Map.of("links", 12, "find", "length"), ONE), PlanOptions.USUAL);
        Plan wrapped =
                Planner.plan(chain(Map.of("links", 12, "find", "length", "form", "wrapped"), ONE), PlanOptions.USUAL);

        assertThat(titles(looped))
                .containsSubsequence("Form the second loop", "Hang each link in the one before, 11 times");
        assertThat(titles(wrapped))
                .containsSubsequence(
                        "Form the first wrap",
                        "Form the second loop",
                        "Hang each link in the one before, 11 times",
                        "Form the second wrap");
        assertThat(Repeat.of(chain(Map.of("links", 12, "find", "length"), ONE), looped))
                .anyMatch(r -> r.label().equals("link: from link to link") && r.times() == 11);
    }

    /** A loop too small for the next link's wire is told. */
    @Test
    void loopThatDoesNotTakeTheNext_isTold() {
        Plan plan = Planner.plan(chain(Map.of("loopInsideMm", 0.8, "chainMm", 40), ONE), PlanOptions.USUAL);

        assertThat(plan.advice()).anyMatch(a -> a.rule().equals("loop-too-small"));
    }

    @Test
    void oneLinkOrTwoStrands_areNoChain() {
        Strand one = Strand.of("link", "Link", ONE, List.of(Loop.of("a", 3, Turn.LEFT), Loop.of("b", 3, Turn.RIGHT)));
        Piece piece =
                Piece.of("One", Purpose.LINK, List.of(one)).withParts(List.of(), List.of(Join.of("link.a", "link.b")));

        assertThat(Planner.plan(piece, PlanOptions.USUAL).chains()).isEmpty();
    }

    private static List<String> titles(Plan plan) {
        return plan.steps().stream().map(Step::title).toList();
    }
}
