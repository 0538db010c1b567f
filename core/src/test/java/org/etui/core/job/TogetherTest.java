package org.etui.core.job;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Collections;
import java.util.List;
import org.etui.core.check.BadInput;
import org.etui.core.pattern.Pattern;
import org.etui.core.pattern.Patterns;
import org.etui.core.piece.Piece;
import org.etui.core.plan.Plan;
import org.etui.core.plan.PlanOptions;
import org.etui.core.plan.Planner;
import org.junit.jupiter.api.Test;

class TogetherTest {
    private static Plan plan(Piece piece) {
        return Planner.plan(piece, PlanOptions.USUAL);
    }

    /** Arithmetic: what is cut together is what is cut one by one, wire for wire. */
    @Test
    void everyPattern_takesTheSameWireTogetherAsAlone() {
        for (Pattern pattern : Patterns.ALL) {
            Piece other = Patterns.find("hook-clasp").orElseThrow().usual();
            Plan alone = plan(pattern.usual());
            Plan beside = plan(other);
            List<Plan.StrandPlan> together =
                    plan(Together.of(List.of(other, pattern.usual()))).strands();

            assertThat(together)
                    .hasSize(alone.strands().size() + beside.strands().size());
            for (int i = 0; i < alone.strands().size(); i++) {
                Plan.StrandPlan strand = together.get(beside.strands().size() + i);
                assertThat(strand.amount().cutLengthMm())
                        .as(pattern.name())
                        .isCloseTo(alone.strands().get(i).amount().cutLengthMm(), within(1e-9));
                assertThat(strand.title()).contains(pattern.usual().name());
            }
        }
    }

    @Test
    void moreThanADocumentHolds_orNothing_isRefused() {
        Piece frame = Patterns.find("stone-frame").orElseThrow().usual();

        assertThatThrownBy(() -> Together.of(Collections.nCopies(40, frame)))
                .isInstanceOf(BadInput.class)
                .hasMessageContaining("at most 60 strands");
        assertThatThrownBy(() -> Together.of(List.of())).isInstanceOf(BadInput.class);
    }
}
