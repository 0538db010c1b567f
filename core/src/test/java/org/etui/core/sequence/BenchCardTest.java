package org.etui.core.sequence;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
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
        Map<String, Integer> last = new HashMap<>();
        for (Step step : plan.steps()) {
            assertThat(step.title()).isNotBlank();
            assertThat(step.tool()).isNotBlank();
            assertThat(step.text()).isNotBlank();
            assertThat(step.check()).isNotBlank();
            assertThat(step.minutes()).isPositive();
            if (step.state().isPresent()) {
                int before = last.getOrDefault(step.strand(), -1);
                assertThat(step.state().getAsInt()).isEqualTo(before + 1);
                last.put(step.strand(), step.state().getAsInt());
            }
        }
        for (Plan.StrandPlan strand : plan.strands()) {
            assertThat(last.get(strand.id())).isEqualTo(strand.states().size() - 1);
        }
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

    /** A bead goes on before the wire beyond it is closed, and joins come when every strand is formed. */
    @Test
    void beadsAndJoins_standWhereTheyCanBeDone() {
        List<String> drop = titles(Patterns.find("paddle-drop").orElseThrow().usual());
        List<String> cordEnd = titles(Patterns.find("cord-end").orElseThrow().usual());

        assertThat(drop.indexOf("Put on the bead"))
                .isBetween(drop.indexOf("Flatten the paddle to 0.49 mm") + 1, drop.indexOf("Form the loop") - 1);
        assertThat(cordEnd.indexOf("Join coil and cord")).isGreaterThan(cordEnd.indexOf("Form the coil"));
        assertThat(cordEnd.get(cordEnd.size() - 1)).isEqualTo("Check the piece");
    }

    /** One of every kind of element gives words that name its measures. */
    @Test
    void everyKind_isFormedInWords() {
        String coil = text("coil", "Form the coil");
        String lashing = text("stone-frame", "Form the lash");
        String side = text("stone-frame", "Form the side 1");
        String ears = text("spiral-earrings", "Form the spiral");

        assertThat(coil).contains("Wind 10 turns on 4.0 mm, each turn against the last");
        assertThat(lashing).contains("Wind 4 turns round 3 wires of 0.8 mm");
        assertThat(side).contains("from 0 % to 25 % of the way round");
        assertThat(ears).contains("apart");
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
}
