package org.etui.core.sequence;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.etui.core.pattern.Patterns;
import org.etui.core.piece.Piece;
import org.etui.core.plan.Plan;
import org.etui.core.plan.PlanOptions;
import org.etui.core.plan.Planner;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Drops that are strung on one thing: all of them at once, when they are made and while an end still passes them (common practice). */
class StrungTest {
    private static Piece drops(Map<String, Object> measures) {
        return Patterns.find("graded-drops").orElseThrow().make(measures, Optional.empty(), Optional.empty());
    }

    private static List<Step> steps(Piece piece) {
        return Planner.plan(piece, PlanOptions.USUAL).steps();
    }

    @ParameterizedTest
    @CsvSource({"single, 1", "double, 1", "double, 3", "single, 0"})
    void drops_areStrungOnABarBeforeItsSecondEye(String loops, int between) {
        Piece piece = drops(Map.of("strung", "wire", "loops", loops, "between", between));
        Plan plan = Planner.plan(piece, PlanOptions.USUAL);
        List<String> titles = plan.steps().stream().map(Step::title).toList();

        assertThat(plan.locks()).isEmpty();
        assertThat(BenchSimulator.follow(piece, plan.steps())).isEmpty();
        assertThat(titles)
                .containsSubsequence(
                        "Flatten the paddle to 0.61 mm",
                        "Form the first eye",
                        "String 7 drops on the straight of the bar",
                        "Form the second eye");
        // One step strings beads and drops: beads by themselves would all lie on one side.
        assertThat(titles).noneMatch(t -> t.startsWith("Put on the bead"));
        assertThat(plan.advice()).noneMatch(a -> a.rule().startsWith("beads-"));
        assertThat(plan.steps().stream()
                        .filter(s -> s.title().startsWith("String"))
                        .findFirst()
                        .orElseThrow()
                        .text())
                .contains(
                        between == 0
                                ? "from drop 1 to drop 7."
                                : between + (between > 1 ? " beads" : " bead") + " between two");
    }

    /** In a chain each opens its own loop: one step for all of them, in their order (common practice). */
    @Test
    void drops_areHungInAChainOneAfterTheOther() {
        Piece piece = drops(Map.of("strung", "chain"));
        List<Step> hung =
                steps(piece).stream().filter(s -> s.kind() == Step.Kind.HANG).toList();

        assertThat(hung).extracting(Step::title).containsExactly("Hang 7 drops in the chain");
        assertThat(hung.get(0).text()).contains("From drop 1 to drop 7: open the loop sideways");
        assertThat(hung.get(0).about()).hasSize(8).contains("chain", "drop-1.loop", "drop-7.loop");
        assertThat(BenchSimulator.follow(piece, steps(piece))).isEmpty();
    }

    /** By hand: six gaps of a 4 mm bead and a 1.02 mm wire, the last wire, and 1 mm to move. */
    @Test
    void bar_isAsLongAsWhatIsStrungOnIt() {
        Piece piece = drops(Map.of("strung", "wire"));

        double run = Planner.plan(piece, PlanOptions.USUAL).strands().stream()
                .filter(s -> s.id().equals("bar"))
                .flatMap(s -> s.elements().stream())
                .filter(e -> e.id().equals("run"))
                .mapToDouble(e -> e.along().toMm() - e.along().fromMm())
                .findFirst()
                .orElseThrow();

        assertThat(run).isCloseTo(6 * (4 + 1.02) + 1.02 + 1, within(0.01));
    }

    /** On a hanger each half goes on before its own end is rolled up. */
    @Test
    void drops_areStrungOnAHangerBeforeItsEndsAreRolled() {
        Piece piece = drops(Map.of("strung", "hanger"));

        assertThat(BenchSimulator.follow(piece, steps(piece))).isEmpty();
        assertThat(steps(piece).stream().map(Step::title))
                .containsSubsequence("String 3 drops on the first foot of the hanger", "Form the first roll")
                .containsSubsequence("String 4 drops on the second foot of the hanger", "Form the second roll");
    }

    @Test
    void drops_areStrungOnBeadingWireInOneGo() {
        List<Step> steps = steps(drops(Map.of("strung", "beading wire")));

        assertThat(steps.stream().filter(s -> s.kind() == Step.Kind.THREAD))
                .singleElement()
                .satisfies(s -> {
                    assertThat(s.title()).isEqualTo("String 7 drops on the beading wire");
                    assertThat(s.text()).contains("1 bead between two", "crimp");
                });
    }

    /** Two flowers are laid on each other and bound when each is made, with wire of their own. */
    @Test
    void flowers_areBoundWhenBothAreMade() {
        Piece piece = Patterns.find("wound-petals")
                .orElseThrow()
                .make(Map.of("flowers", "two overlaid"), Optional.empty(), Optional.empty());
        List<String> titles = steps(piece).stream().map(Step::title).toList();

        assertThat(titles).containsSubsequence("Fan out the petals", "Fan out the petals", "Bind the flowers together");
        assertThat(titles).filteredOn("Bind the flowers together"::equals).hasSize(1);
        assertThat(piece.strands()).hasSize(3);
        assertThat(BenchSimulator.follow(piece, steps(piece))).isEmpty();
    }
}
