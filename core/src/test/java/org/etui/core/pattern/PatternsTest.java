package org.etui.core.pattern;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.etui.core.Examples;
import org.etui.core.check.BadInput;
import org.etui.core.element.Element;
import org.etui.core.metal.Metal;
import org.etui.core.metal.Temper;
import org.etui.core.piece.Piece;
import org.etui.core.piece.PieceChecks;
import org.etui.core.piece.Purpose;
import org.etui.core.plan.PlanOptions;
import org.etui.core.plan.Planner;
import org.etui.core.wire.Wire;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class PatternsTest {
    static List<Pattern> patterns() {
        return Patterns.ALL;
    }

    @ParameterizedTest
    @CsvSource({
        "hook-clasp, loop straight arc straight curl",
        "s-hook, curl straight arc straight arc straight curl",
        "hook-and-eye-bangle, loop straight bend arc bend straight arc paddle"
    })
    void pattern_isBuiltOfTheExpectedKinds(String name, String kinds) {
        Piece piece = Patterns.find(name).orElseThrow().usual();

        assertThat(piece.strands()).hasSize(1);
        assertThat(piece.strands().get(0).elements().stream().map(Element::kind))
                .containsExactly(kinds.split(" "));
        assertThat(piece.source().orElseThrow().pattern()).isEqualTo(name);
    }

    @ParameterizedTest
    @CsvSource({
        "hook-clasp, hookInsideMm",
        "hook-clasp, loopInsideMm",
        "s-hook, hookSweepDeg",
        "s-hook, middleMm",
        "hook-and-eye-bangle, eyeInsideMm",
        "hook-and-eye-bangle, paddleMm"
    })
    void largerMeasure_takesMoreWire(String name, String parameter) {
        Pattern pattern = Patterns.find(name).orElseThrow();
        double usual = (Double) pattern.parameters().stream()
                .filter(p -> p.name().equals(parameter))
                .findFirst()
                .orElseThrow()
                .usual();

        assertThat(net(pattern, Map.of(parameter, usual * 1.2))).isGreaterThan(net(pattern, Map.of()));
    }

    private static double net(Pattern pattern, Map<String, Object> values) {
        return Examples.planned(pattern.make(values, Optional.empty(), Optional.empty()))
                .netLengthMm();
    }

    /** Any measures within the limits, in any wire of the trade, make a piece that can be planned. */
    @ParameterizedTest
    @MethodSource("patterns")
    void measuresWithinTheLimits_canAlwaysBePlanned(Pattern pattern) {
        Random random = new Random(17);
        for (int i = 0; i < 60; i++) {
            Map<String, Object> values = new HashMap<>();
            for (Parameter p : pattern.parameters()) {
                if (p.choices().isPresent()) {
                    values.put(
                            p.name(),
                            p.choices()
                                    .get()
                                    .get(random.nextInt(p.choices().get().size())));
                } else {
                    double from = p.from().orElseThrow();
                    values.put(p.name(), from + random.nextDouble() * (p.to().orElseThrow() - from));
                }
            }
            Wire wire = Wire.ofRound(Metal.COPPER, Temper.DEAD_SOFT, 0.3 + 2.5 * random.nextDouble());
            Piece piece = pattern.make(values, Optional.of(wire), Optional.of(Purpose.DECORATIVE));

            assertThat(PieceChecks.of(piece)).isEmpty();
            assertThat(Planner.plan(piece, PlanOptions.USUAL).strands().get(0).netLengthMm())
                    .isPositive();
        }
    }

    @Test
    void unknownAndImpossibleMeasures_areRefusedTogether() {
        Pattern hook = Patterns.find("hook-clasp").orElseThrow();

        assertThatThrownBy(() ->
                        hook.make(Map.of("hookInsideMm", -1.0, "colour", "red"), Optional.empty(), Optional.empty()))
                .isInstanceOfSatisfying(BadInput.class, bad -> {
                    assertThat(bad.violations()).hasSize(2);
                    assertThat(bad.getMessage()).contains("-1.0", "1.0 to 60.0 mm", "colour");
                });
    }

    @Test
    void curlsInward_turnTheSameWayAsTheirHook() {
        Pattern hook = Patterns.find("s-hook").orElseThrow();
        double outward = Examples.planned(hook.usual()).finished().widthMm();
        Piece inward = hook.make(Map.of("curls", "inward"), Optional.empty(), Optional.empty());

        assertThat(Examples.planned(inward).finished().widthMm()).isNotEqualTo(outward);
        assertThatThrownBy(() -> hook.make(Map.of("curls", "sideways"), Optional.empty(), Optional.empty()))
                .isInstanceOf(BadInput.class)
                .hasMessageContaining("outward, inward");
    }
}
