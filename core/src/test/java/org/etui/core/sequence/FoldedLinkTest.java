package org.etui.core.sequence;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.etui.core.element.Arc;
import org.etui.core.pattern.Patterns;
import org.etui.core.piece.Piece;
import org.etui.core.plan.Plan;
import org.etui.core.plan.PlanOptions;
import org.etui.core.plan.Planner;
import org.junit.jupiter.api.Test;

/** Scroll links of doubled wire: folded once in the middle, both legs worked together from there (common practice). */
class FoldedLinkTest {
    private static Piece links(Map<String, Object> measures) {
        return Patterns.find("double-scroll-link").orElseThrow().make(measures, Optional.empty(), Optional.empty());
    }

    private static List<Step> formed(Piece piece) {
        return plan(piece).steps().stream()
                .filter(s -> s.kind() == Step.Kind.FORM)
                .toList();
    }

    private static Plan plan(Piece piece) {
        return Planner.plan(piece, PlanOptions.USUAL);
    }

    @Test
    void foldedLink_isFoldedFirst_andItsScrollsAreWoundByTurns() {
        Piece piece = links(Map.of("form", "folded"));
        List<Step> steps = formed(piece);

        assertThat(steps)
                .extracting(Step::title)
                .containsExactly("Form the fold", "Form the first scroll and the second scroll");
        assertThat(steps.get(1).text()).contains("Stop half-way", "finish them in turn");
        assertThat(BenchSimulator.follow(piece, plan(piece).steps())).isEmpty();
        // What is shown beside the step is the link with both scrolls.
        assertThat(steps.get(1).state().orElseThrow())
                .isEqualTo(plan(piece).strands().get(0).operations().size());
    }

    @Test
    void legsBentOver_areBentAsOne() {
        List<Step> steps = formed(links(Map.of("form", "bent over")));

        assertThat(steps)
                .extracting(Step::title)
                .containsExactly(
                        "Form the fold",
                        "Form the first hook and the second hook",
                        "Form the first scroll and the second scroll");
        assertThat(steps.get(1).text()).contains("Hold both legs side by side", "as one");
    }

    /** A flat link has no fold: each scroll is a step of its own. */
    @Test
    void flatLink_windsOneScrollAfterTheOther() {
        assertThat(formed(links(Map.of("form", "flat"))))
                .extracting(Step::title)
                .containsExactly("Form the first scroll", "Form the second scroll");
    }

    /** By hand, 1 mm wire: half of gap and scrolls, (11 + 6)/2, a thickness and half the inside of the fold, 1 + 0.25: 9.75 a link, 195 for twenty. */
    @Test
    void lengthOfTheBracelet_isWorkedOutFromTheLinks() {
        Piece piece = links(Map.of("find", "length", "links", 20));

        assertThat(piece.strands().get(0).count()).isEqualTo(20);
        assertThat(piece.notes()).isEqualTo("20 links come to about 195 mm.");
    }

    @Test
    void insideOfTheFold_isAsAsked() {
        Piece piece = links(Map.of("foldMm", 2.0));

        assertThat(piece.strands().get(0).element("fold"))
                .hasValueSatisfying(fold -> assertThat(((Arc) fold).insideMm()).isEqualTo(2.0));
    }
}
