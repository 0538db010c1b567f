package org.etui.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.etui.core.pattern.Patterns;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Purpose;
import org.etui.core.rule.Advice;
import org.etui.core.rule.HoldsTooLittle;
import org.junit.jupiter.api.Test;

/** What a maker knows that a piece has to hold goes before what its purpose usually needs. */
class OwnLoadTest {
    private static final Piece CLASP = Patterns.find("hook-clasp").orElseThrow().usual();

    private static Plan plan(Piece piece) {
        return Planner.plan(piece, PlanOptions.USUAL);
    }

    private static List<String> tooLittle(Plan plan) {
        return plan.advice().stream()
                .filter(a -> a.rule().equals(HoldsTooLittle.NAME))
                .map(Advice::message)
                .toList();
    }

    @Test
    void anOwnLoad_isWhatThePieceIsHeldAgainst() {
        assertThat(plan(CLASP).weakest().orElseThrow().shouldN())
                .isEqualTo(CLASP.purpose().wantsN());
        Plan heavy = plan(CLASP.withLoad(30));
        assertThat(heavy.weakest().orElseThrow().shouldN()).isEqualTo(30);
        assertThat(heavy.weakest().orElseThrow().holdsN())
                .as("what it holds is the same")
                .isEqualTo(plan(CLASP).weakest().orElseThrow().holdsN());
        // 30 N are 3.06 kg (standard gravity, ISO 80000-3)
        assertThat(tooLittle(heavy)).isNotEmpty().allMatch(m -> m.contains("this one has to hold 3.1 kg (30 N)"));
    }

    @Test
    void aLightOne_needsNoMore_andWhatCarriesNothingNeedsNothing() {
        assertThat(tooLittle(plan(CLASP.withLoad(1)))).isEmpty();
        Piece plain = Piece.of("plain", Purpose.DECORATIVE, CLASP.strands()).withLoad(30);
        assertThat(plain.wantsN()).isZero();
        assertThat(plan(plain).weakest()).isEmpty();
    }
}
