package org.etui.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Stream;
import org.etui.core.check.BadInput;
import org.etui.core.measure.LengthFormat;
import org.etui.core.measure.Units;
import org.etui.core.metal.Metal;
import org.etui.core.metal.Temper;
import org.etui.core.pattern.Parameter;
import org.etui.core.pattern.Pattern;
import org.etui.core.pattern.Patterns;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Purpose;
import org.etui.core.sequence.Step;
import org.etui.core.wire.Wire;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** A reader who chose inches reads no millimetre in any sentence of a plan. */
class UnitsInSentencesTest {
    private static final int TRIALS = 12;

    static List<Pattern> patterns() {
        return Patterns.ALL;
    }

    @ParameterizedTest
    @MethodSource("patterns")
    void everySentence_isInTheReadersUnits(Pattern pattern) {
        Random random = new Random(pattern.name().hashCode());
        int said = 0;
        for (int i = 0; i < TRIALS; i++) {
            Optional<Piece> piece = trial(pattern, random);
            if (piece.isPresent()) {
                Plan plan = plan(piece.get(), Units.IN);
                assertThat(sentences(plan)).allSatisfy(s -> assertThat(s).doesNotContainPattern("\\d ?mm\\b"));
                said += sentences(plan).size();
                assertThat(sentences(plan(piece.get(), Units.MM)))
                        .allSatisfy(s -> assertThat(s).doesNotContainPattern("\\d in\\b(?! both)"));
            }
        }
        assertThat(said).isGreaterThan(100);
    }

    /** The pattern with its usual or odd measures, in odd wire; empty where that cannot be made. */
    private static Optional<Piece> trial(Pattern pattern, Random random) {
        Map<String, Object> measures = new HashMap<>();
        for (Parameter parameter : pattern.parameters()) {
            if (parameter.from().isPresent() && random.nextInt(3) == 0) {
                double least = parameter.from().getAsDouble();
                double most = Math.min(parameter.to().orElse(100), 4 * Math.max(1, least));
                double value = least + (most - least) * random.nextDouble();
                measures.put(parameter.name(), parameter.whole() ? Math.rint(value) : value);
            }
        }
        Metal[] metals = {Metal.COPPER, Metal.STERLING_SILVER, Metal.SILVER_PLATED_COPPER, Metal.GOLD_FILLED};
        Temper temper = Temper.values()[random.nextInt(4)];
        Wire wire = Wire.ofRound(metals[random.nextInt(metals.length)], temper, 0.3 + 2 * random.nextDouble());
        Purpose purpose =
                pattern.purposes().get(random.nextInt(pattern.purposes().size()));
        try {
            Piece piece = pattern.make(measures, Optional.of(wire), Optional.of(purpose));
            plan(piece, Units.MM);
            return Optional.of(piece);
        } catch (BadInput impossible) {
            return Optional.empty();
        }
    }

    private static Plan plan(Piece piece, Units units) {
        return Planner.plan(piece, new PlanOptions(PlanOptions.States.NONE, new LengthFormat(units)));
    }

    private static List<String> sentences(Plan plan) {
        List<String> all = new ArrayList<>();
        plan.advice().forEach(a -> all.addAll(List.of(a.message(), a.because(), a.instead())));
        for (Step step : plan.steps()) {
            Stream.of(step.title(), step.tool(), step.text(), step.check(), step.caution())
                    .forEach(all::add);
        }
        plan.strands().forEach(s -> all.add(s.bought().wireInWords()));
        plan.cautions().forEach(c -> all.add(c.message()));
        return all;
    }

    /** 25.4 mm to the inch (ISO 31-1): fractions where they are true to 0.1 mm, else the decimal; thousandths below 1/16. */
    @ParameterizedTest
    @CsvSource({
        "25.4, 1 in",
        "7.9, 5/16 in",
        "8.3, 0.33 in",
        "0.8, 0.031 in",
        "1.29, 0.051 in",
        "1.63, 1/16 in",
        "203, 7.99 in",
        "210, 8.27 in"
    })
    void lengthsInSentences_areNeverFurtherOffThanATenth(double mm, String said) {
        assertThat(new LengthFormat(Units.IN).say(mm, 1)).isEqualTo(said);
    }

    @Test
    void millimetres_areSaidToTheirDecimals() {
        LengthFormat mm = new LengthFormat(Units.MM);
        assertThat(List.of(mm.say(203, 0), mm.say(8.34, 1), mm.say(0.945, 2)))
                .containsExactly("203 mm", "8.3 mm", "0.95 mm");
    }
}
