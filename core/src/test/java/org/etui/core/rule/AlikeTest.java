package org.etui.core.rule;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.etui.core.Examples;
import org.etui.core.element.Loop;
import org.etui.core.element.Straight;
import org.etui.core.element.Turn;
import org.etui.core.pattern.Pattern;
import org.etui.core.pattern.Patterns;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Purpose;
import org.etui.core.piece.Strand;
import org.etui.core.piece.Work;
import org.etui.core.plan.PlanOptions;
import org.etui.core.plan.Planner;
import org.junit.jupiter.api.Test;

class AlikeTest {
    private static List<Advice> advice(Piece piece) {
        return Planner.plan(piece, PlanOptions.USUAL).advice();
    }

    private static Piece usual(String pattern) {
        return Patterns.find(pattern).map(Pattern::usual).orElseThrow();
    }

    /** Both bends of an S are alike: one sentence, one way out that does both, and then neither is left. */
    @Test
    void bothBendsOfAnS_areSaidOnce_andMendedAtOnce() {
        Piece hook = usual("s-hook");
        List<Advice> said = advice(hook);

        assertThat(said).hasSize(1);
        Advice one = said.get(0);
        assertThat(one.where()).isEqualTo("strands.0.elements.2");
        assertThat(one.also()).containsExactly("strands.0.elements.4");
        assertThat(one.message()).endsWith("The same for the second hook.");
        List<Advice.Patch> fix = one.fix().orElseThrow();
        assertThat(fix).hasSize(1);
        Work work = (Work) fix.get(0).value().orElseThrow();
        assertThat(work.elements()).containsExactly("first-hook", "second-hook");
        assertThat(advice(hook.withWork(List.of(work)))).isEmpty();
    }

    @Test
    void strandsCutToThePiece_areSaidOnce_withAWayOutForEach() {
        List<Advice> said = advice(usual("graded-drops"));

        assertThat(said).hasSize(1);
        assertThat(said.get(0).also()).hasSize(1);
        assertThat(said.get(0).fix().orElseThrow())
                .extracting(Advice.Patch::path)
                .contains("/strands/0/allowance/handleMm", "/strands/6/allowance/handleMm");
    }

    @Test
    void manyAlike_areCounted_andThoseWithOtherFiguresStandAlone() {
        Piece hook = usual("s-hook");
        String where = "strands.0.elements.";
        List<Advice> said = Alike.once(
                hook,
                List.of(
                        says(where + 1, "The " + label(hook, 1) + " holds 200 g."),
                        says(where + 2, "The " + label(hook, 2) + " holds 200 g."),
                        says(where + 3, "The " + label(hook, 3) + " holds 300 g."),
                        says(where + 4, "The " + label(hook, 4) + " holds 200 g.")));

        assertThat(said).hasSize(2);
        assertThat(said.get(0).also()).containsExactly(where + 2, where + 4);
        assertThat(said.get(0).message()).endsWith("200 g. The same for 2 others.");
        assertThat(said.get(1).message()).endsWith("holds 300 g.");
        assertThat(said.get(1).also()).isEmpty();
    }

    /** Two ways out that meet in one place are not put together. */
    @Test
    void waysOutThatMeet_stayApart() {
        Piece hook = usual("s-hook");
        List<Advice> said = Alike.once(hook, List.of(replaces(1, 3), replaces(2, 4)));

        assertThat(said).hasSize(2).allSatisfy(a -> assertThat(a.also()).isEmpty());
    }

    private static String label(Piece piece, int at) {
        return piece.strands().get(0).elements().get(at).label();
    }

    private static Advice says(String where, String message) {
        return new Advice(Advice.Severity.MIND, "r", where, message, "why", "do", Optional.empty());
    }

    private static Advice replaces(int at, int value) {
        return new Advice(
                Advice.Severity.MIND,
                "r",
                "strands.0.elements." + at,
                "It fails.",
                "why",
                "do",
                Optional.of(List.of(Advice.Patch.replace("/strands/0/wire/temper", value))));
    }

    /** Six loops of three links are one sentence, and one press mends them all: a work for each strand, none named twice. */
    @Test
    void alikeLoopsOfSeveralStrands_areSaidOnce_andMendedAtOnce() {
        List<Strand> links = Stream.of("one", "two", "three")
                .map(id -> Strand.of(
                        id,
                        "",
                        Examples.copper(0.8),
                        List.of(Loop.of("left", 3, Turn.LEFT), Straight.of("bar", 6), Loop.of("right", 3, Turn.RIGHT))))
                .toList();
        List<Advice> advice = Planner.plan(Piece.of("Chain", Purpose.LINK, links), PlanOptions.USUAL).advice().stream()
                .filter(a -> a.rule().equals("holds-too-little"))
                .toList();

        assertThat(advice).hasSize(1);
        assertThat(advice.get(0).message()).endsWith("The same for 5 others.");
        List<Work> works = advice.get(0).fix().orElseThrow().stream()
                .map(p -> (Work) p.value().orElseThrow())
                .toList();
        assertThat(works).extracting(Work::strand).containsExactly("one", "two", "three");
        assertThat(works).extracting(Work::id).doesNotHaveDuplicates();
        assertThat(works).allMatch(w -> w.elements().equals(List.of("left", "right")));
        assertThat(Planner.plan(Piece.of("Chain", Purpose.LINK, links).withWork(works), PlanOptions.USUAL)
                        .advice())
                .extracting(Advice::rule)
                .doesNotContain("holds-too-little");
    }
}
