package org.etui.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.stream.IntStream;
import org.etui.core.Examples;
import org.etui.core.check.BadInput;
import org.etui.core.element.Arc;
import org.etui.core.element.Curl;
import org.etui.core.element.Girth;
import org.etui.core.element.Loop;
import org.etui.core.element.Outline;
import org.etui.core.element.Paddle;
import org.etui.core.element.Straight;
import org.etui.core.element.Turn;
import org.etui.core.element.Wrap;
import org.etui.core.pattern.Pattern;
import org.etui.core.pattern.Patterns;
import org.etui.core.piece.Allowance;
import org.etui.core.piece.Body;
import org.etui.core.piece.HandleAt;
import org.etui.core.piece.Part;
import org.etui.core.piece.PartKind;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Place;
import org.etui.core.piece.Policy;
import org.etui.core.piece.Purpose;
import org.etui.core.piece.Strand;
import org.etui.core.work.Mark;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

class PlannerTest {
    private static final Strand HOOK = Strand.of(
                    "hook",
                    "",
                    Examples.copper(1.29),
                    List.of(
                            Loop.of("eye", 3, Turn.LEFT),
                            Straight.of("run", 4),
                            Arc.of("bend", 7, 200, Turn.RIGHT),
                            Curl.of("tip", 0.9, Turn.LEFT)))
            .withOrder(List.of("eye", "tip", "bend", "run"));

    private static Plan.StrandPlan plan(Strand strand) {
        return Examples.planned(Piece.of("Hook", Purpose.DECORATIVE, List.of(strand)));
    }

    @Test
    void cutLength_isNetHandleTailFilingAndRounding() {
        Plan.StrandPlan hook = plan(HOOK);

        double sum = hook.amount().netLengthMm()
                + hook.amount().stretch().handleMm()
                + hook.amount().stretch().tailMm()
                + hook.amount().stretch().fileMm()
                + hook.amount().stretch().roundingMm();
        assertThat(hook.amount().cutLengthMm()).isCloseTo(sum, within(1e-9)).isEqualTo(Math.rint(sum), within(1e-9));
        assertThat(hook.amount().stretch().roundingMm()).isBetween(0.0, 1.0);
        assertThat(hook.amount().netLengthMm())
                .isCloseTo(
                        hook.elements().stream()
                                .mapToDouble(e -> e.along().lengthMm())
                                .sum(),
                        within(1e-9));
    }

    /** Section 3.3 worked out by hand: centre-line arc less (t/R)²/26 of it. */
    @Test
    void elementLengths_followTheRule() {
        Plan.StrandPlan hook = plan(HOOK);

        double r = (7 + 1.29) / 2;
        double bend = r * Math.toRadians(200) * (1 - Math.pow(1.29 / r, 2) / 26);
        assertThat(hook.elements().get(2).along().lengthMm()).isCloseTo(bend, within(1e-9));
        assertThat(hook.elements().get(2).along().fromMm())
                .isCloseTo(hook.elements().get(1).along().toMm(), within(1e-9));
    }

    @ParameterizedTest
    @EnumSource(HandleAt.class)
    void handle_liesWhereItIsAsked(HandleAt where) {
        Plan.StrandPlan hook = plan(HOOK.withAllowance(Allowance.usual().withHandleAt(where)));

        double handles = switch (where) {
            case NONE, SPOOL -> 0;
            case START, END -> 20;
            case BOTH -> 40;
        };
        assertThat(hook.amount().stretch().handleMm()).isEqualTo(handles);
        double before = where == HandleAt.START || where == HandleAt.BOTH ? 20 : 0;
        double spare = where == HandleAt.START
                ? hook.amount().cutLengthMm() - hook.amount().netLengthMm() - 20
                : 0;
        assertThat(hook.states().get(0).outline().get(0)[3]).isCloseTo(-before - spare, within(1e-9));
        // Of what is still on the spool 20 mm are drawn.
        double onTheSpool = where == HandleAt.SPOOL ? 20 : 0;
        assertThat(hook.states().get(0).lengthMm()).isCloseTo(hook.amount().cutLengthMm() + onTheSpool, within(1e-9));
    }

    @Test
    void handleUnasked_isAtTheEndFormedLast() {
        assertThat(plan(HOOK).amount().handleAt()).isEqualTo(HandleAt.END);
        assertThat(plan(HOOK.withOrder(List.of("tip", "bend", "run", "eye")))
                        .amount()
                        .handleAt())
                .isEqualTo(HandleAt.START);
    }

    @Test
    void generousPolicy_cutsMoreThanMeasured_toThe5mm() {
        Allowance generous = new Allowance(Policy.GENEROUS, 20, java.util.Optional.empty(), 0, 0.5);

        double cut = plan(HOOK.withAllowance(generous)).amount().cutLengthMm();
        assertThat(cut).isGreaterThan(plan(HOOK).amount().cutLengthMm());
        assertThat(cut % 5).isCloseTo(0, within(1e-9));
    }

    @Test
    void marks_standInWorkingOrderAtTheElementsBeginnings() {
        Plan.StrandPlan hook = plan(HOOK);

        assertThat(hook.marks())
                .extracting(Mark::label)
                .containsExactly("tip starts", "bend starts", "trim the handle here, last");
        assertThat(hook.marks().get(1).atMm())
                .isCloseTo(hook.elements().get(2).along().fromMm(), within(1e-9));
        assertThat(hook.marks()).allMatch(m -> m.from() == Mark.From.START);
    }

    @Test
    void workedFromTheEnd_marksCountFromTheEnd() {
        Plan.StrandPlan hook = plan(HOOK.withOrder(List.of("tip", "bend", "run", "eye")));

        assertThat(hook.marks()).allMatch(m -> m.from() == Mark.From.END);
        double tip = hook.elements().get(3).along().lengthMm();
        assertThat(hook.marks().get(0).atMm()).isCloseTo(tip, within(1e-9));
    }

    /** What is not yet formed stays straight; the frame is fixed at the element formed first. */
    @Test
    void states_growFromStraightWireToFinishedForm() {
        Plan.StrandPlan hook = plan(HOOK);

        assertThat(hook.states())
                .extracting(Plan.StatePlan::operation)
                .containsExactly("cut", "form eye", "form tip", "form bend", "trim handle end, spare filing");
        double[] first = hook.states().get(0).outline().get(0);
        double[] last = hook.states()
                .get(0)
                .outline()
                .get(hook.states().get(0).outline().size() - 1);
        assertThat(Math.hypot(last[0] - first[0], last[1] - first[1]))
                .isCloseTo(hook.amount().cutLengthMm(), within(1e-9));
        for (Plan.StatePlan state : hook.states()) {
            double[] anchor = state.outline().get(0);
            assertThat(anchor[0]).isCloseTo(first[0], within(1e-9));
            assertThat(anchor[1]).isCloseTo(first[1], within(1e-9));
        }
    }

    @Test
    void everyOperation_keepsVolume_andNetIsUntouchedByWork() {
        Random random = new Random(9);
        for (int i = 0; i < 150; i++) {
            Piece piece = Examples.random(random);
            double d = piece.strands().get(0).wire().section().thicknessMm();
            Plan.StrandPlan before = Examples.planned(piece);
            Plan.StrandPlan after = Examples.planned(piece.withWork(List.of(Examples.flatten(d * 0.6, "e0"))));

            assertThat(after.amount().netLengthMm()).isCloseTo(before.amount().netLengthMm(), within(1e-9));
            double grown = after.states().get(after.states().size() - 1).lengthMm();
            double was = before.states().get(before.states().size() - 1).lengthMm();
            assertThat(grown).isGreaterThanOrEqualTo(was - 1e-9);
            assertThat(after.amount().massG()).isCloseTo(before.amount().massG(), within(1e-9));
        }
    }

    @Test
    void hammeredCurve_keepsItsSweepAndGrows() {
        Piece piece = Examples.piece(Examples.copper(1.25), Straight.of("run", 5), Arc.of("bend", 7, 180, Turn.LEFT));
        Plan.Sizes before =
                Examples.planned(piece).elements().get(1).formed().finished().orElseThrow();
        Plan.Sizes after = Examples.planned(piece.withWork(List.of(Examples.flatten(0.9, "bend"))))
                .elements()
                .get(1)
                .formed()
                .finished()
                .orElseThrow();

        assertThat(after.turns()).isCloseTo(before.turns(), within(1e-12));
        assertThat(after.insideMm().orElseThrow() + after.outsideMm())
                .isCloseTo((before.insideMm().orElseThrow() + before.outsideMm()) * 1.067, within(0.05));
    }

    @Test
    void paddle_comesOutWiderAndLonger() {
        Plan.StrandPlan plan = Examples.planned(
                Examples.piece(Examples.copper(1.25), Straight.of("run", 10), Paddle.of("tip", 5, 0.9)));
        Plan.StatePlan last = plan.states().get(plan.states().size() - 1);
        Plan.StationPlan tip = last.stations().get(last.stations().size() - 1);

        assertThat(tip.thicknessMm()).isEqualTo(0.9);
        assertThat(tip.widthMm()).isCloseTo(1.433, within(0.02));
        assertThat(last.lengthMm()).isCloseTo(10 + 5 * 1.067, within(0.03));
    }

    /** Extents by brute force over the outline: a disc of the wire's radius at every point, ends flush. */
    @Test
    void extents_agreeWithBruteForce() {
        Random random = new Random(21);
        for (int i = 0; i < 60; i++) {
            Plan.StrandPlan plan = Examples.planned(Examples.random(random));
            Plan.StatePlan last = plan.states().get(plan.states().size() - 1);
            double[] box = new double[4];
            java.util.Arrays.fill(box, Double.NEGATIVE_INFINITY);
            for (int k = 0; k < last.outline().size(); k++) {
                double[] p = last.outline().get(k);
                box[0] = Math.max(box[0], p[0]);
                box[1] = Math.max(box[1], -p[0]);
                box[2] = Math.max(box[2], p[1]);
                box[3] = Math.max(box[3], -p[1]);
            }
            double thick = last.stations().stream()
                    .mapToDouble(Plan.StationPlan::drawnMm)
                    .max()
                    .orElseThrow();
            assertThat(plan.drawn().finished().widthMm())
                    .isBetween(box[0] + box[1] - 1e-6, box[0] + box[1] + thick + 0.2);
            assertThat(plan.drawn().finished().heightMm())
                    .isBetween(box[2] + box[3] - 1e-6, box[2] + box[3] + thick + 0.2);
        }
    }

    /** A full circle is as wide as its outside diameter; a straight as long as it is. */
    @Test
    void extentsOfKnownForms_areExact() {
        Plan.Extent ring = Examples.planned(Examples.piece(Examples.copper(1), Loop.of("ring", 9, Turn.LEFT)))
                .drawn()
                .finished();
        Plan.Extent rod = Examples.planned(Examples.piece(Examples.copper(1), Straight.of("rod", 30)))
                .drawn()
                .finished();

        assertThat(ring.widthMm()).isCloseTo(11, within(1e-6));
        assertThat(ring.heightMm()).isCloseTo(11, within(1e-6));
        assertThat(rod.widthMm()).isCloseTo(30, within(1e-9));
        assertThat(rod.heightMm()).isCloseTo(1, within(1e-9));
        assertThat(rod.depthMm()).isCloseTo(1, within(1e-9));
    }

    @Test
    void freePiece_isTurnedToItsLongAxis_aPlacedOneIsNot() {
        Strand leaning = Strand.of(
                "wire", "", Examples.copper(1), List.of(Arc.of("turn", 2, 60, Turn.LEFT), Straight.of("run", 40)));
        Plan.Extent free = plan(leaning).drawn().finished();
        Plan.Extent placed = plan(leaning.withPlace(Place.turned(45))).drawn().finished();

        assertThat(free.widthMm()).isGreaterThan(40);
        assertThat(free.heightMm()).isLessThan(5);
        assertThat(placed.heightMm()).isGreaterThan(30);
    }

    @Test
    void outline_hasAtLeastNinePointsAnElement_andRunsAlongTheNet() {
        Plan.StrandPlan hook = plan(HOOK);

        assertThat(hook.drawn().outline()).hasSizeGreaterThanOrEqualTo(4 * 9);
        assertThat(hook.drawn().outline().get(hook.drawn().outline().size() - 1)[3])
                .isCloseTo(hook.amount().netLengthMm(), within(1e-9));
    }

    @Test
    void crossing_saysWhatLiesOnTopByTheOrderOfForming() {
        Plan.StrandPlan plan = Examples.planned(Examples.piece(
                Examples.copper(1),
                Straight.of("first", 10),
                Arc.of("round", 9, 270, Turn.LEFT),
                Straight.of("last", 15)));

        assertThat(plan.drawn().crossings()).hasSize(1);
        Plan.Over over = plan.drawn().crossings().get(0);
        assertThat(over.overMm()).isGreaterThan(over.underMm());
        assertThat(over.toMm() - over.fromMm()).isGreaterThan(1);
        assertThat(plan.drawn().noHammer()).hasSize(2).allMatch(z -> z.toMm() - z.fromMm() <= 4 + 1e-9);
    }

    /** Turns lie side by side on their core: no crossings, but no place for a hammer either (common practice). */
    @Test
    void wrap_doesNotCrossItself_butTakesNoHammer() {
        Plan.StrandPlan plan = Examples.planned(
                Examples.piece(Examples.copper(1), Wrap.of("wrap", Wrap.Core.ofWires(3, 1), 5, Turn.LEFT)));

        assertThat(plan.drawn().crossings()).isEmpty();
        assertThat(plan.drawn().noHammer()).hasSize(1);
        assertThat(plan.drawn().noHammer().get(0).fromMm()).isZero();
        assertThat(plan.drawn().noHammer().get(0).toMm())
                .isCloseTo(plan.amount().netLengthMm(), within(1e-9));
    }

    /** Never near beads or stones (common practice). */
    @Test
    void beadAndStone_takeNoHammer() {
        Piece plain = Examples.piece(
                Examples.copper(1),
                Straight.of("run", 10),
                Straight.of("seat", 6),
                Girth.of("side", new Outline.Round(20), 0, 0.4, Turn.LEFT));
        Part bead = Part.of("bead", PartKind.BEAD, "bone", 5, Optional.of("wire.seat"));
        Plan.StrandPlan plan = Examples.planned(plain.withParts(List.of(bead), List.of()));

        assertThat(plan.drawn().noHammer())
                .anyMatch(z -> Math.abs(z.fromMm() - 10) < 1e-9
                        && Math.abs(z.toMm() - 16) < 1e-9
                        && z.because().contains("bead"))
                .anyMatch(z -> Math.abs(z.fromMm() - 16) < 1e-9 && z.because().contains("stone"))
                .noneMatch(z -> z.toMm() <= 10);
    }

    @Test
    void statesAsked_areStatesGiven() {
        Piece piece = Piece.of("Hook", Purpose.DECORATIVE, List.of(HOOK));

        assertThat(Planner.plan(piece, PlanOptions.USUAL).strands().get(0).states())
                .hasSize(1);
        PlanOptions none = new PlanOptions(PlanOptions.States.NONE, PlanOptions.USUAL.format());
        assertThat(Planner.plan(piece, none).strands().get(0).states()).isEmpty();
    }

    @Test
    void totals_countEveryWireOfAKind() {
        Plan plan = Planner.plan(
                Piece.of("Two", Purpose.DECORATIVE, List.of(HOOK.times(4, true, true))), PlanOptions.USUAL);

        assertThat(plan.totals().wire()).hasSize(1);
        assertThat(plan.totals().wire().get(0).lengthMm())
                .isCloseTo(4 * plan.strands().get(0).amount().cutLengthMm(), within(1e-9));
        assertThat(plan.totals().surfaceMm2()).isPositive();
        assertThat(plan.totals().massG())
                .isCloseTo(4 * plan.strands().get(0).amount().massG(), within(1e-9));
        assertThat(plan.totals().wire().get(0).massG())
                .isGreaterThan(plan.totals().massG());
    }

    @Test
    void badDocument_isRefusedWhole() {
        Piece piece =
                Examples.piece(Examples.copper(1), Straight.of("a", 5), Straight.of("a", 5), Paddle.of("p", 3, 2));

        assertThatThrownBy(() -> Planner.plan(piece, PlanOptions.USUAL))
                .isInstanceOfSatisfying(
                        BadInput.class, bad -> assertThat(bad.violations()).hasSize(2));
    }

    /** What lies along the tape is the whole cut wire, part after part; the handle lies where it is held (facts of the plan's own words). */
    @ParameterizedTest
    @MethodSource("org.etui.core.pattern.PatternsTest#patterns")
    void tape_isTheCutWireFromEndToEnd(Pattern pattern) {
        for (Plan.StrandPlan strand :
                Planner.plan(pattern.usual(), PlanOptions.USUAL).strands()) {
            double at = 0;
            for (Plan.OnTape part : strand.amount().tape()) {
                assertThat(part.fromMm()).isCloseTo(at, within(1e-9));
                at = part.toMm();
            }
            assertThat(at).isCloseTo(strand.amount().cutLengthMm(), within(1e-6));
            assertThat(strand.amount().tape().stream().flatMap(p -> p.element().stream()))
                    .containsExactlyElementsOf(strand.elements().stream()
                            .filter(e -> e.along().lengthMm() > 1e-6)
                            .map(Plan.ElementPlan::id)
                            .toList());
        }
    }

    /** Of all bends none holds a smaller share of what it should. */
    @ParameterizedTest
    @MethodSource("org.etui.core.pattern.PatternsTest#patterns")
    void weakest_isTheSmallestShare(Pattern pattern) {
        Plan plan = Planner.plan(pattern.usual(), PlanOptions.USUAL);
        List<Plan.Strength> loaded = plan.strands().stream()
                .flatMap(s -> s.elements().stream())
                .map(Plan.ElementPlan::strength)
                .filter(e -> e.wantsN().isPresent())
                .toList();

        assertThat(plan.weakest().isPresent()).isEqualTo(!loaded.isEmpty());
        plan.weakest()
                .ifPresent(w -> assertThat(loaded)
                        .allSatisfy(e -> assertThat(
                                        e.standsN().getAsDouble() / e.wantsN().getAsDouble())
                                .isGreaterThanOrEqualTo(w.holdsN() / w.shouldN())));
    }

    /** A stone told as a solid has volume, mass and sections, and the piece weighs it; a pendant is asked for it. */
    @Test
    void solids_areWeighedAndCutThrough() {
        Plan plan = Planner.plan(Patterns.find("stone-frame").orElseThrow().usual(), PlanOptions.USUAL);
        BodyPlan stone = plan.bodies().get(0);

        assertThat(stone.part()).isEqualTo("stone");
        assertThat(stone.massG()).isCloseTo(stone.volumeMm3() * 2.65 / 1000, within(1e-9));
        assertThat(plan.totals().massG()).isGreaterThan(stone.massG());
        assertThat(stone.sections()).hasSizeGreaterThan(2);
        List<double[]> back = stone.sections().get(0).outline();
        assertThat(back.stream().mapToDouble(p -> p[1]).max().orElseThrow()).isCloseTo(15, within(0.1));
        assertThat(back.stream().mapToDouble(p -> p[0]).max().orElseThrow()).isCloseTo(9.75, within(0.1));
    }

    /** Parts are drawn where they sit: beads along their run, a stone within its frame, a cord on from its coil, a ring at its eye. */
    @Test
    void parts_areDrawnWhereTheySit() {
        Plan drop = Planner.plan(
                Patterns.find("paddle-drop").orElseThrow().make(Map.of("beads", 2), Optional.empty(), Optional.empty()),
                PlanOptions.USUAL);
        PartDrawn beads = drop.parts().get(0);
        Plan.ElementPlan run = drop.strands().get(0).elements().get(1);
        double[] from = drop.strands().get(0).drawn().outline().stream()
                .filter(p -> p[3] >= run.along().fromMm())
                .findFirst()
                .orElseThrow();
        Plan framed = Planner.plan(Patterns.find("stone-frame").orElseThrow().usual(), PlanOptions.USUAL);
        double[] wide = framed.parts().get(0).lines().get(0).points().stream()
                .mapToDouble(p -> p[0])
                .sorted()
                .toArray();

        assertThat(beads.over()).isTrue();
        assertThat(beads.lines()).hasSize(2);
        for (PartDrawn.Line bead : beads.lines()) {
            assertThat(bead.points()).allMatch(p -> Math.abs(p[0] - from[0]) < 2.6);
        }
        assertThat(wide[wide.length - 1] - wide[0]).isCloseTo(19.5, within(0.3));
        assertThat(Planner.plan(Patterns.find("cord-end").orElseThrow().usual(), PlanOptions.USUAL)
                        .parts()
                        .get(0)
                        .lines()
                        .get(0)
                        .strokeMm())
                .isEqualTo(3);
    }

    /** However many beads there are, the answer stays small. */
    @Test
    void manyParts_fillNoAnswer() {
        List<Part> beads = IntStream.range(0, 400)
                .mapToObj(i -> Part.of("bead-" + i, PartKind.BEAD, "glass", 2, Optional.of("wire.run"))
                        .times(1000)
                        .withBody(new Body.Bead(Body.BeadForm.ROUND, 2, OptionalDouble.empty(), Body.Hole.through(1))))
                .toList();
        Plan plan = Planner.plan(
                Examples.piece(Examples.copper(0.8), Straight.of("run", 30)).withParts(beads, List.of()),
                PlanOptions.USUAL);

        assertThat(plan.parts().stream().mapToInt(p -> p.lines().size()).sum()).isLessThanOrEqualTo(2000);
        assertThat(plan.bodies()).hasSize(400).allMatch(b -> b.sections().isEmpty());
    }
}
