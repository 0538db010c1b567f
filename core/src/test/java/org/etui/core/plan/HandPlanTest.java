package org.etui.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import org.etui.core.act.Act;
import org.etui.core.act.With;
import org.etui.core.daybook.Daybook;
import org.etui.core.daybook.Measurable;
import org.etui.core.log.Fact;
import org.etui.core.log.Group;
import org.etui.core.log.Habit;
import org.etui.core.log.Hand;
import org.etui.core.log.What;
import org.etui.core.pattern.Patterns;
import org.etui.core.piece.Allowance;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Policy;
import org.etui.core.piece.Work;
import org.junit.jupiter.api.Test;

/** What a plan makes of the maker's own hand, and what of a plan can be measured. */
class HandPlanTest {
    private static final Piece HOOK = Patterns.find("s-hook").orElseThrow().usual();
    private static final Plan GENERAL = Planner.plan(HOOK, PlanOptions.USUAL);
    private static final List<Measurable> ALL = Measurable.of(HOOK, GENERAL);

    private static Fact fact(Measurable of, double actual) {
        return new Fact(
                of.what(),
                of.about(),
                of.title(),
                of.group(),
                of.planned(),
                of.overMm(),
                OptionalDouble.of(actual),
                of.what() == What.HOLD ? Fact.Outcome.OPENED : Fact.Outcome.NONE,
                "",
                "",
                "",
                false,
                "");
    }

    /** The first of a kind that teaches, measured so often to be so many times what is planned. */
    private static Hand hand(What what, double times) {
        return hand(ALL, what, times);
    }

    private static Hand hand(List<Measurable> all, What what, double times) {
        Measurable first = all.stream()
                .filter(m -> m.what() == what && m.group().isPresent())
                .findFirst()
                .orElseThrow();
        return Hand.of(
                Collections.nCopies(400, fact(first, times * first.planned().getAsDouble())));
    }

    private static Piece learnt(Piece piece) {
        return piece.withStrands(piece.strands().stream()
                .map(s -> {
                    Allowance a = s.allowance();
                    return s.withAllowance(
                            new Allowance(Policy.LEARNT, a.handleMm(), a.handleAt(), a.tailMm(), a.fileMm()));
                })
                .toList());
    }

    @Test
    void wireOfTheLearntPolicy_isCutLonger_byWhatTheElementsTookMore() {
        Hand hand = hand(What.USED, 1.03);
        Plan more = Planner.plan(learnt(HOOK), PlanOptions.USUAL.by(hand));
        Plan.Amount amount = more.strands().get(0).amount();
        Group group = ALL.stream()
                .filter(m -> m.what() == What.USED)
                .findFirst()
                .flatMap(Measurable::group)
                .orElseThrow();
        double over = more.strands().get(0).elements().stream()
                .filter(e -> e.kind().equals(group.kind()))
                .mapToDouble(e -> e.along().lengthMm())
                .sum();
        // 400 records without any scatter: only the usual scatter of the next one remains
        assertThat(amount.stretch().learntMm()).isBetween(0.029 * over, 0.034 * over);
        assertThat(amount.cutLengthMm())
                .isGreaterThanOrEqualTo(amount.netLengthMm()
                        + amount.stretch().handleMm()
                        + amount.stretch().learntMm());
        Plan measured = Planner.plan(HOOK, PlanOptions.USUAL.by(hand));
        assertThat(measured.strands().get(0).amount())
                .as("only where the policy says so")
                .isEqualTo(GENERAL.strands().get(0).amount());
    }

    @Test
    void aHandThatTakesLess_neverCutsShorterThanTheForm() {
        Plan less = Planner.plan(learnt(HOOK), PlanOptions.USUAL.by(hand(What.USED, 0.97)));
        Plan.Amount amount = less.strands().get(0).amount();
        assertThat(amount.cutLengthMm()).isGreaterThanOrEqualTo(amount.netLengthMm());
        assertThat(amount.stretch().tailMm()).isZero();
    }

    /** Only what was hammered comes out wider, and only as far as the hammer went. */
    @Test
    void flattenedWire_isShownAsWideAsItCameOut() {
        Piece hammered = HOOK.withWork(
                List.of(Work.of("w", "hook", List.of("first-hook"), new Act.Flatten(0.9, With.DOMED_HAMMER))));
        Plan general = Planner.plan(hammered, PlanOptions.USUAL);
        Hand hand = hand(Measurable.of(hammered, general), What.WIDTH, 1.1);
        Plan wide = Planner.plan(hammered, PlanOptions.USUAL.by(hand));
        double bought = general.strands().get(0).bought().wire().section().thicknessMm();
        List<Plan.StationPlan> usual = last(general);
        List<Plan.StationPlan> own = last(wide);
        int wider = 0;
        for (int i = 0; i < usual.size(); i++) {
            boolean flat = usual.get(i).thicknessMm() < 0.97 * bought;
            double times = own.get(i).widthMm() / usual.get(i).widthMm();
            assertThat(times).isIn(1.0, times > 1 && flat ? times : 1.0);
            if (times > 1) {
                wider++;
                // 400 records of 10 % more, the general value worth one
                assertThat(times).isBetween(1.095, 1.1);
            }
        }
        assertThat(wider).isPositive().isLessThan(usual.size());
    }

    private static List<Plan.StationPlan> last(Plan plan) {
        List<Plan.StatePlan> states = plan.strands().get(0).states();
        return states.get(states.size() - 1).stations();
    }

    @Test
    void stepsOfTheSameKind_takeAsLongAsTheyTook() {
        Hand hand = hand(What.MINUTES, 2);
        Plan slow = Planner.plan(HOOK, PlanOptions.USUAL.by(hand));
        Measurable first = ALL.stream()
                .filter(m -> m.what() == What.MINUTES && m.group().isPresent())
                .findFirst()
                .orElseThrow();
        int step = Integer.parseInt(first.about().substring("step.".length())) - 1;
        assertThat(slow.steps().get(step).minutes())
                .isCloseTo(2 * GENERAL.steps().get(step).minutes(), within(0.02));
        assertThat(slow.totals().handsOnMinutes())
                .isGreaterThan(GENERAL.totals().handsOnMinutes());
    }

    @Test
    void whatOpenedAtHalf_holdsHalf_inPlanAndUnderLoad() {
        Plan weak = Planner.plan(HOOK, PlanOptions.USUAL.by(hand(What.HOLD, 0.5)));
        Plan.Weakest was = GENERAL.weakest().orElseThrow();
        Plan.Weakest is = weak.weakest().orElseThrow();
        assertThat(is.holdsN()).isCloseTo(0.5 * was.holdsN(), within(0.01 * was.holdsN()));
    }

    @Test
    void bendsThatComeOutWider_arePlannedWider() {
        Plan wide = Planner.plan(HOOK, PlanOptions.USUAL.by(hand(What.INSIDE, 1.04)));
        double was = inside(GENERAL);
        assertThat(inside(wide)).isCloseTo(1.04 * was, within(0.001 * was));
    }

    private static double inside(Plan plan) {
        Measurable inside =
                ALL.stream().filter(m -> m.what() == What.INSIDE).findFirst().orElseThrow();
        return plan.strands().get(0).elements().stream()
                .filter(e -> inside.about().endsWith("." + e.id()))
                .findFirst()
                .flatMap(e -> e.formed().finished())
                .orElseThrow()
                .insideMm()
                .getAsDouble();
    }

    @Test
    void everythingOfAPlan_canBeMeasured_andIsPlannedAsThePlanHasIt() {
        assertThat(ALL.stream().map(Measurable::what))
                .contains(
                        What.CUT,
                        What.LEFT_OVER,
                        What.USED,
                        What.INSIDE,
                        What.OUTSIDE,
                        What.MINUTES,
                        What.HOLD,
                        What.MASS);
        Measurable cut =
                ALL.stream().filter(m -> m.what() == What.CUT).findFirst().orElseThrow();
        assertThat(cut.planned().getAsDouble())
                .isEqualTo(GENERAL.strands().get(0).amount().cutLengthMm());
    }

    /** Ten times the same, each a tenth of a millimetre more than the last: mean, spread and line by hand. */
    @Test
    void runs_haveMeanSpreadAndTrend() {
        List<Daybook.Page> pages = new java.util.ArrayList<>();
        Measurable inside =
                ALL.stream().filter(m -> m.what() == What.INSIDE).findFirst().orElseThrow();
        for (int i = 0; i < 10; i++) {
            pages.add(new Daybook.Page(i, "hop", "Hop", "2026-10-01", fact(inside, 8 + 0.1 * i)));
        }
        Daybook.Series run = Daybook.runs(pages).get(0);
        assertThat(run.values()).hasSize(10);
        assertThat(run.mean()).isCloseTo(8.45, within(1e-9));
        assertThat(run.spread()).isCloseTo(0.1 * Math.sqrt(82.5 / 9), within(1e-9));
        assertThat(run.perTime()).isCloseTo(0.1, within(1e-9));
        assertThat(run.isTrend()).isTrue();
    }

    @Test
    void whatBroke_isCounted_withWhatHelped() {
        Fact broke = new Fact(
                What.BREAKAGE,
                "a.b",
                "Loop",
                Optional.empty(),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                Fact.Outcome.NONE,
                "",
                "at the second bend",
                "annealed before",
                false,
                "");
        List<Daybook.Wrong> wrongs = Daybook.wrongs(List.of(
                new Daybook.Page(1, "hop", "Hop", "2026-10-01", broke),
                new Daybook.Page(2, "hop", "Hop", "2026-10-02", broke)));
        assertThat(wrongs)
                .containsExactly(
                        new Daybook.Wrong("Loop broke", 2, List.of("at the second bend"), List.of("annealed before")));
    }

    @Test
    void whatIsNotUsed_changesNothing() {
        Hand unused = hand(What.MINUTES, 2).using(Set.of(Habit.HOLD));
        assertThat(Planner.plan(HOOK, PlanOptions.USUAL.by(unused)).totals()).isEqualTo(GENERAL.totals());
    }
}
