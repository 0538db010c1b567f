package org.etui.core.sequence;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.etui.core.Examples;
import org.etui.core.act.Act;
import org.etui.core.colour.BathLog;
import org.etui.core.element.Coil;
import org.etui.core.element.Loop;
import org.etui.core.element.Turn;
import org.etui.core.log.Hand;
import org.etui.core.measure.LengthFormat;
import org.etui.core.measure.Units;
import org.etui.core.metal.Metal;
import org.etui.core.metal.Temper;
import org.etui.core.pattern.Pattern;
import org.etui.core.pattern.Patterns;
import org.etui.core.piece.Colour;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Strand;
import org.etui.core.piece.Work;
import org.etui.core.plan.Plan;
import org.etui.core.plan.PlanOptions;
import org.etui.core.plan.Planner;
import org.etui.core.tool.Toolbox;
import org.etui.core.wire.Wire;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** The order of the work. Source: common practice. */
class BenchCardTest {
    private static final Piece CLASP = Patterns.find("hook-clasp").orElseThrow().usual();

    static List<Pattern> patterns() {
        return Patterns.ALL;
    }

    private static List<String> titles(Piece piece) {
        return Planner.plan(piece, PlanOptions.USUAL).steps().stream()
                .map(Step::title)
                .toList();
    }

    @Test
    void hookClasp_goesFromStraightWireToTheCheck() {
        assertThat(titles(CLASP))
                .containsExactly(
                        "Straighten the wire",
                        "Trim the end square",
                        "Mark the wire",
                        "Cut 62 mm",
                        "Dress the end",
                        "Form the tip curl",
                        "Form the hook bend",
                        "Form the loop",
                        "Trim the handle",
                        "Dress the cut",
                        "Check the piece");
    }

    @Test
    void withoutAHandle_theSpareIsFiledOffBeforeForming() {
        List<String> titles = titles(Patterns.find("s-hook").orElseThrow().usual());

        assertThat(titles.indexOf("Dress both ends")).isBetween(0, titles.indexOf("Form the first curl") - 1);
        assertThat(titles).doesNotContain("Trim the handle", "Trim to length");
    }

    @Test
    void handle_isTrimmedOnlyAfterHammering() {
        List<String> titles = titles(CLASP.withWork(List.of(org.etui.core.piece.Work.of(
                "w1", "hook", List.of("hook-bend"), new Act.Flatten(0.95, org.etui.core.act.With.DOMED_HAMMER)))));

        assertThat(titles.indexOf("Flatten the hook bend to 0.95 mm"))
                .isGreaterThan(titles.indexOf("Form the loop"))
                .isLessThan(titles.indexOf("Trim the handle"));
    }

    @ParameterizedTest
    @MethodSource("patterns")
    void everyStep_saysWhatWithWhatAndWhatToCheck_andStatesNeverGoBack(Pattern pattern) {
        Plan plan = Planner.plan(pattern.usual(), new PlanOptions(PlanOptions.States.ALL, new LengthFormat(Units.MM)));
        Map<String, Integer> last = new HashMap<>();
        for (Step step : plan.steps()) {
            assertThat(step.title()).isNotBlank();
            assertThat(step.tool()).isNotBlank();
            assertThat(step.text()).isNotBlank();
            assertThat(step.check()).isNotBlank();
            assertThat(step.minutes()).isPositive();
            List<Step.Each> each = step.each().isEmpty()
                    ? List.of(new Step.Each(step.strand(), "", step.wires(), "", step.state()))
                    : step.each();
            for (Step.Each one : each) {
                if (one.state().isPresent()) {
                    int before = last.getOrDefault(one.strand(), -1);
                    // One pass over a stone after the other is one step: as many states as it speaks of elements.
                    long formed = step.kind() == Step.Kind.FORM
                            ? step.about().stream()
                                    .filter(a -> a.startsWith(one.strand() + "."))
                                    .count()
                            : 1;
                    assertThat(one.state().getAsInt()).isEqualTo(before + (int) formed);
                    last.put(one.strand(), one.state().getAsInt());
                }
            }
        }
        for (Plan.StrandPlan strand : plan.strands()) {
            assertThat(last.get(strand.id())).isEqualTo(strand.states().size() - 1);
        }
    }

    /** Common practice: a small link is formed at the end of the long wire, which is what is held, and clipped off for its second loop. */
    @Test
    void figureEight_isClippedOffTheSpool_forItsSecondLoop() {
        Plan plan = Planner.plan(Patterns.find("figure-eight").orElseThrow().usual(), PlanOptions.USUAL);

        assertThat(plan.steps())
                .extracting(Step::title)
                .containsSubsequence(
                        "Mark the wire",
                        "Form the first corner",
                        "Form the first loop",
                        "Form the second corner",
                        "Clip it off the spool",
                        "Dress the cut",
                        "Form the second loop");
        assertThat(plan.steps()).extracting(Step::title).noneMatch(t -> t.startsWith("Cut "));
        Plan.StrandPlan link = plan.strands().get(0);
        // Wire of two whole turns round 4 mm, of two corners and of the neck: no handle in it.
        assertThat(link.amount().stretch().handleMm()).isZero();
        assertThat(link.marks().get(link.marks().size() - 1).atMm())
                .isEqualTo(link.amount().cutLengthMm());
    }

    /** Several are worked step by step, so that they are cut first (common practice). */
    @Test
    void severalFigureEights_areCutFirst() {
        Piece one = Patterns.find("figure-eight").orElseThrow().usual();
        Piece many = one.withStrands(List.of(one.strands().get(0).times(20, false, false)));

        List<Step> steps = Planner.plan(many, PlanOptions.USUAL).steps();
        assertThat(steps).extracting(Step::title).contains("Cut 20 × 35 mm").doesNotContain("Clip it off the spool");
        assertThat(BenchSimulator.follow(many, steps)).isEmpty();
    }

    @Test
    void inches_areWrittenAsFractions() {
        Plan plan = Planner.plan(CLASP, new PlanOptions(PlanOptions.States.LAST, new LengthFormat(Units.IN)));

        assertThat(plan.steps()).extracting(Step::title).contains("Cut 2 1/2 in");
        assertThat(plan.steps()).noneMatch(s -> s.text().contains(" mm thick and roll"));
    }

    /** US 6 is 16.51 mm inside, US 7 17.35 mm (ANSI ring sizes, 0.032 in a size): a band of US 7 is wound on a mandrel below that. */
    @Test
    void ringMandrel_isNamedByItsSize() {
        Piece ring = Examples.piece(Examples.copper(1.6), Coil.of("band", 17.35, 2, Turn.LEFT));
        String band = Planner.plan(ring, PlanOptions.USUAL).steps().stream()
                .filter(s -> s.title().equals("Form the band"))
                .findFirst()
                .orElseThrow()
                .text();

        assertThat(band).containsPattern("Wind 2 turns on the 1[67](\\.\\d)? mm mandrel \\(ring size US 6[^)]*\\)");
    }

    @Test
    void formingStep_namesMarkAndWay() {
        Step bend = Planner.plan(CLASP, PlanOptions.USUAL).steps().stream()
                .filter(s -> s.title().equals("Form the hook bend"))
                .findFirst()
                .orElseThrow();

        assertThat(bend.text()).contains("Start at the mark, 8.9 mm", "The other way from the tip curl");
        assertThat(bend.markMm()).isPresent();
        assertThat(bend.element()).contains("hook-bend");
    }

    @Test
    void batch_isCutSeveralTimes() {
        Piece four =
                Piece.of("Four", CLASP.purpose(), List.of(CLASP.strands().get(0).times(4, true, false)));

        assertThat(titles(four)).contains("Cut 4 × 62 mm");
        assertThat(Examples.planned(four).count()).isEqualTo(4);
    }

    /** A bead goes on before the wire beyond it is closed; a cord is laid along the leg before both are wound over. */
    @Test
    void beadsAndJoins_standWhereTheyCanBeDone() {
        List<String> drop = titles(Patterns.find("paddle-drop").orElseThrow().usual());
        List<String> cordEnd = titles(Patterns.find("cord-end").orElseThrow().usual());

        assertThat(drop.indexOf("Put on the bead"))
                .isBetween(drop.indexOf("Flatten the paddle to 0.49 mm") + 1, drop.indexOf("Form the loop") - 1);
        assertThat(cordEnd)
                .containsSubsequence(
                        "Form the loop",
                        "Lay the cord along the leg",
                        "Form the coil",
                        "Trim the handle",
                        "Press the last turn in",
                        "Trim the leg and the cord");
        assertThat(cordEnd.get(cordEnd.size() - 1)).isEqualTo("Check the piece");
    }

    /** One of every kind of element gives words that name its measures. */
    @Test
    void everyKind_isFormedInWords() {
        String coil = text("coil", "Form the coil");
        String lashing = text("stone-frame", "Wind the lashings, 3 wires");
        String side = text("stone-frame", "Form side 1");
        String ears = text("spiral-earrings", "Form the spiral");

        assertThat(coil).contains("Wind 10 turns on the 4 mm mandrel, each turn against the last");
        assertThat(lashing).contains("Wind 4 turns round 3 wires of 0.8 mm");
        assertThat(side).contains("Bend it round the stone from 1 % to", "of the way round");
        assertThat(ears).contains("3 turns in all", "mm across", "where the jaw is 5.3 mm thick");
        assertThat(Planner.plan(Patterns.find("spiral-earrings").orElseThrow().usual(), PlanOptions.USUAL)
                        .steps())
                .anyMatch(s -> s.check().contains("mirror image"));
    }

    private static String text(String pattern, String title) {
        return Planner.plan(Patterns.find(pattern).orElseThrow().usual(), PlanOptions.USUAL).steps().stream()
                .filter(s -> s.title().equals(title))
                .findFirst()
                .orElseThrow()
                .text();
    }

    /** All loops first, then all paddles: seven drops take as many steps as one, and what differs is said for each. */
    @Test
    void strandsWorkedAlike_areWorkedTogether() {
        List<Step> steps = Planner.plan(
                        Patterns.find("graded-drops").orElseThrow().usual(), PlanOptions.USUAL)
                .steps();

        assertThat(steps.stream().map(Step::title))
                .startsWith("Straighten the wire", "Trim the end square", "Mark the wire", "Cut, 7 wires")
                .containsOnlyOnce("Form the loop");
        Step cut = steps.get(3);
        assertThat(cut.wires()).isEqualTo(7);
        assertThat(cut.each()).hasSize(7).extracting(Step.Each::title).startsWith("Drop 1", "Drop 2");
        assertThat(cut.each().get(3).text()).isEqualTo("Cut 41 mm.");
        assertThat(cut.text()).isEqualTo("From the squared end. Square the end left on the spool as well.");
        Step loop = steps.stream()
                .filter(s -> s.title().equals("Form the loop"))
                .findFirst()
                .orElseThrow();
        assertThat(loop.each()).allMatch(e -> e.text().isEmpty());
    }

    /** The order that the trade works in: lash the straight bundle, bend it, stone in, front, tied behind, neck, bail, ends (common practice). The flanks of a drop are straight. */
    @Test
    void wovenFront_isMadeInTheOrderOfTheBench() {
        List<String> titles = titles(Patterns.find("woven-front").orElseThrow().usual());

        assertThat(titles)
                .hasSizeLessThan(48)
                .containsSubsequence(
                        "Wind the lashings, 3 wires",
                        "Form side 2",
                        "Form side 3",
                        "Put in the stone",
                        "Form the first over and the first tuck",
                        "Form the second over and the second tuck",
                        "Wind the back tie round frame wire 1",
                        "Wind the neck lashing round the bundle",
                        "Form the first bail",
                        "Form the second return",
                        "Wind the bail lashing round the bundle",
                        "Form the first scroll",
                        "Check the piece");
    }

    @Test
    void stoneFrame_takesNoMoreThanFortySteps() {
        List<String> titles = titles(Patterns.find("stone-frame").orElseThrow().usual());

        assertThat(titles).hasSizeLessThan(40).containsOnlyOnce("Form side 1");
        assertThat(titles)
                .containsSubsequence(
                        "Wind the lashings, 3 wires",
                        "Form side 1",
                        "Form the second corner",
                        "Put in the stone",
                        "Form the tail to the end",
                        "Wind the neck lashing round the bundle",
                        "Form the first scroll",
                        "Form the bail",
                        "Form the bail wrap");
    }

    /** Breaks are part of the plan in long batches, and none stands before a last short look. */
    @Test
    void longBatch_hasBreaks() {
        Piece forty = Piece.of(
                "Forty", CLASP.purpose(), List.of(CLASP.strands().get(0).times(40, false, false)));
        List<Step> steps = Planner.plan(forty, PlanOptions.USUAL).steps();
        double worked = 0;
        for (Step step : steps.subList(0, steps.size() - 1)) {
            if (step.handsOn()) {
                assertThat(worked).as(step.title()).isLessThan(25);
                worked = worked + step.minutes();
            } else {
                worked = 0;
            }
            worked = step.minutes() > 50 ? 0 : worked;
        }
        assertThat(steps).extracting(Step::title).contains("Rest your hands");
        assertThat(steps.stream().filter(s -> s.minutes() > 50))
                .allMatch(s -> s.text().contains("every 25"));
        assertThat(steps.get(steps.size() - 2).shows()).isNotEqualTo(Step.Shows.REST);
    }

    /** The handle is off before the tumbler. While it turns, the other wire is taken in hand; what is tumbled together waits for both. */
    @Test
    void handsOff_leavesTimeForOtherWire() {
        Strand hook = CLASP.strands().get(0);
        Wire brass = Wire.ofRound(Metal.BRASS, Temper.DEAD_SOFT, 1.3);
        Piece two = Piece.of(
                "Two",
                CLASP.purpose(),
                List.of(hook, Strand.of("eye", "Eye", brass, List.of(Loop.of("ring", 4, Turn.LEFT)))));
        List<String> own = titles(two.withWork(List.of(Work.of("t", "hook", List.of(), new Act.Tumble(30)))));
        List<String> both = titles(two.withWork(List.of(Work.of("t", "", List.of(), new Act.Tumble(30)))));

        String tumble = "Tumble the wire";
        assertThat(own.indexOf("Form the ring")).isGreaterThan(own.indexOf(tumble));
        assertThat(own.indexOf("Trim the handle")).isLessThan(own.indexOf(tumble));
        assertThat(both).containsOnlyOnce(tumble);
        assertThat(both.indexOf("Form the ring")).isLessThan(both.indexOf(tumble));
    }

    /** Two schools of spiral and of polishing, with and without a stop bath; wrapped work is rubbed one way in either. */
    @Test
    void school_changesTheWordsNotTheLengths() {
        Piece spiral = dark(Patterns.find("flat-spiral").orElseThrow().usual());
        School other = new School(School.Spiral.DRAW, School.Polish.ONE_DIRECTION, false, false);
        Plan usual = Planner.plan(spiral, PlanOptions.USUAL);
        Plan taught = Planner.plan(
                spiral,
                new PlanOptions(
                        PlanOptions.States.LAST,
                        PlanOptions.USUAL.format(),
                        Toolbox.STARTER,
                        other,
                        BathLog.EMPTY,
                        Hand.GENERAL));

        assertThat(words(usual)).contains("push the wire round it", "to and fro", "baking soda");
        assertThat(words(taught))
                .contains("turn the pliers", "in one direction only", "cold running water")
                .doesNotContain("to and fro", "soda");
        assertThat(taught.strands().get(0).amount().cutLengthMm())
                .isEqualTo(usual.strands().get(0).amount().cutLengthMm());
        assertThat(words(Planner.plan(
                        dark(Patterns.find("wrapped-hook").orElseThrow().usual()), PlanOptions.USUAL)))
                .contains("in one direction only, along the turns");
    }

    /** A wire that holds a stone or a bead cannot be laid flat on a block: a body thicker than the wire lifts it. Source: geometry. */
    @ParameterizedTest
    @MethodSource("patterns")
    void whatHoldsAStone_isNotSaidToLieFlat(Pattern pattern) {
        List<String> holding = new ArrayList<>();
        for (Step step : Planner.plan(pattern.usual(), PlanOptions.USUAL).steps()) {
            if (step.kind() == Step.Kind.THREAD || step.kind() == Step.Kind.PUT_IN) {
                holding.add(step.strand());
                step.about().stream()
                        .filter(a -> a.contains("."))
                        .map(a -> a.split("\\.")[0])
                        .forEach(holding::add);
            }
            if (step.kind() == Step.Kind.FORM && holding.contains(step.strand())) {
                assertThat(step.check()).as(step.title()).doesNotContain("flat on the block");
            }
        }
    }

    /** A loop above a bead, seen from the side; before the bead is on, and beside it on a wire of its own, it lies flat. */
    @Test
    void loopAboveABead_isLookedAtFromTheSide_andOneBeforeIsLaidFlat() {
        List<Step> bead = Planner.plan(Patterns.find("bead-drop").orElseThrow().usual(), PlanOptions.USUAL)
                .steps();
        List<Step> bangle = Planner.plan(
                        Patterns.find("hook-and-eye-bangle").orElseThrow().usual(), PlanOptions.USUAL)
                .steps();

        assertThat(check(bead, "Form the loop")).contains("look at it from the side");
        assertThat(check(bangle, "Form the body")).contains("lies flat on the block");
    }

    /** A bend beside a coil is in no plane that a block knows. */
    @Test
    void bendBesideACoil_isNotSaidToLieFlat() {
        List<Step> ring = Planner.plan(Patterns.find("wound-ring").orElseThrow().usual(), PlanOptions.USUAL)
                .steps();

        assertThat(check(ring, "Form the first bend")).isEqualTo("Look at it from the side as well.");
    }

    private static String check(List<Step> steps, String title) {
        return steps.stream()
                .filter(s -> s.title().equals(title))
                .findFirst()
                .orElseThrow()
                .check();
    }

    private static Piece dark(Piece piece) {
        Colour colour = new Colour(
                Colour.Bath.GEL, 2, 118, 60, Colour.Stop.RED_BROWN, 0.6, Colour.PolishWith.STEEL_WOOL, Colour.Seal.WAX);
        return piece.withColour(colour);
    }

    private static String words(Plan plan) {
        return plan.steps().stream().map(s -> s.tool() + " " + s.text()).collect(Collectors.joining(" "));
    }
}
