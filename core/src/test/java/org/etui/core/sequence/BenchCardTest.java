package org.etui.core.sequence;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.etui.core.Examples;
import org.etui.core.measure.LengthFormat;
import org.etui.core.measure.Units;
import org.etui.core.pattern.Pattern;
import org.etui.core.pattern.Patterns;
import org.etui.core.piece.Piece;
import org.etui.core.plan.Plan;
import org.etui.core.plan.PlanOptions;
import org.etui.core.plan.Planner;
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
                        "True the end",
                        "Mark the wire",
                        "Cut 62.0 mm",
                        "Dress the ends",
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

        assertThat(titles.indexOf("Dress the ends, down to 47.0 mm"))
                .isBetween(0, titles.indexOf("Form the first curl") - 1);
        assertThat(titles).doesNotContain("Trim the handle", "Trim to length");
    }

    @Test
    void handle_isTrimmedOnlyAfterHammering() {
        List<String> titles = titles(CLASP.withWork(List.of(new org.etui.core.piece.Work.Flatten(
                "w1", "hook", List.of("hook-bend"), 0.95, org.etui.core.piece.With.DOMED_HAMMER, "forming"))));

        assertThat(titles.indexOf("Flatten the hook bend to 0.95 mm"))
                .isGreaterThan(titles.indexOf("Form the loop"))
                .isLessThan(titles.indexOf("Trim the handle"));
    }

    @ParameterizedTest
    @MethodSource("patterns")
    void everyStep_saysWhatWithWhatAndWhatToCheck_andStatesNeverGoBack(Pattern pattern) {
        Plan plan = Planner.plan(pattern.usual(), new PlanOptions(PlanOptions.States.ALL, new LengthFormat(Units.MM)));
        int last = -1;
        for (Step step : plan.steps()) {
            assertThat(step.title()).isNotBlank();
            assertThat(step.tool()).isNotBlank();
            assertThat(step.text()).isNotBlank();
            assertThat(step.check()).isNotBlank();
            assertThat(step.minutes()).isPositive();
            if (step.state().isPresent()) {
                assertThat(step.state().getAsInt()).isEqualTo(last + 1);
                last = step.state().getAsInt();
            }
        }
        assertThat(last).isEqualTo(plan.strands().get(0).states().size() - 1);
    }

    @Test
    void inches_areWrittenAsFractions() {
        Plan plan = Planner.plan(CLASP, new PlanOptions(PlanOptions.States.LAST, new LengthFormat(Units.IN)));

        assertThat(plan.steps()).extracting(Step::title).contains("Cut 2 1/2 in");
        assertThat(plan.steps()).noneMatch(s -> s.text().contains(" mm thick and roll"));
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

        assertThat(titles(four)).contains("Cut 4 × 62.0 mm");
        assertThat(Examples.planned(four).count()).isEqualTo(4);
    }
}
