package org.etui.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Map;
import java.util.Optional;
import org.etui.core.Examples;
import org.etui.core.element.Loop;
import org.etui.core.element.Turn;
import org.etui.core.metal.Metal;
import org.etui.core.metal.Temper;
import org.etui.core.pattern.Patterns;
import org.etui.core.piece.Piece;
import org.etui.core.wire.Wire;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What makers know from the bench. Source of every figure here: common practice, untuned. */
class TradeFactsTest {
    @Test
    void loopOf4InsideIn163Wire_takes175WhereMandrelRuleSays126() {
        Plan.ElementPlan loop = Examples.planned(Examples.piece(Examples.copper(1.63), Loop.of("eye", 4, Turn.LEFT)))
                .elements()
                .get(0);

        assertThat(loop.along().lengthMm()).isCloseTo(17.5, within(0.1));
        assertThat(loop.formed().mandrelRuleMm()).hasValueCloseTo(12.57, within(0.01));
    }

    @ParameterizedTest
    @CsvSource({"small, 203", "medium, 210", "large, 216"})
    void bangle_hasItsCircumferenceInside(String size, double insideMm) {
        Piece piece = Patterns.find("hook-and-eye-bangle")
                .orElseThrow()
                .make(Map.of("size", size), Optional.empty(), Optional.empty());
        Plan.ElementPlan body = Examples.planned(piece).elements().stream()
                .filter(e -> e.id().equals("body"))
                .findFirst()
                .orElseThrow();

        assertThat(body.formed().finished().orElseThrow().insideMm().orElseThrow() * Math.PI)
                .isCloseTo(insideMm, within(1e-6));
    }

    @Test
    void bangleByHandGirth_hasThatGirthInside() {
        Piece piece = Patterns.find("hook-and-eye-bangle")
                .orElseThrow()
                .make(Map.of("size", "hand girth", "handGirthMm", 190), Optional.empty(), Optional.empty());

        double inside = Examples.planned(piece)
                .elements()
                .get(3)
                .formed()
                .finished()
                .orElseThrow()
                .insideMm()
                .orElseThrow();
        assertThat(inside * Math.PI).isCloseTo(190, within(1e-6));
    }

    @Test
    void sHookIn129WireOn6mmBarrel_64SufficesAnd45DoesNot() {
        Wire wire = Wire.ofRound(Metal.COPPER, Temper.DEAD_SOFT, 1.29);
        Piece piece = Patterns.find("s-hook")
                .orElseThrow()
                .make(Map.of("hookInsideMm", 6), Optional.of(wire), Optional.empty());
        Plan.StrandPlan hook = Examples.planned(piece);

        assertThat(hook.amount().cutLengthMm()).isLessThanOrEqualTo(64);
        assertThat(hook.amount().netLengthMm()).isGreaterThan(45);
    }
}
