package org.etui.core.daybook;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.etui.core.log.What;
import org.etui.core.metal.Metal;
import org.etui.core.pattern.Patterns;
import org.etui.core.pattern.Remake;
import org.etui.core.piece.Colour;
import org.etui.core.piece.Piece;
import org.etui.core.plan.Plan;
import org.etui.core.plan.PlanOptions;
import org.etui.core.plan.Planner;
import org.etui.core.sequence.Step;
import org.etui.core.wire.Wire;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class MeasurableTest {
    private static Plan plan(Piece piece) {
        return Planner.plan(piece, PlanOptions.USUAL);
    }

    private static List<Measurable> of(Piece piece, What what) {
        return Measurable.of(piece, plan(piece)).stream()
                .filter(m -> m.what() == what)
                .toList();
    }

    private static Piece usual(String pattern) {
        return Patterns.find(pattern).orElseThrow().usual();
    }

    /** Whatever a wire is cut to and is not in the piece comes off it: nothing else can become of it. */
    @Test
    void whatIsTrimmedOff_isWhatIsCutLessWhatStaysInThePiece() {
        for (String pattern : List.of("s-hook", "hook-clasp", "wound-ring", "stone-frame")) {
            Piece piece = usual(pattern);
            List<Plan.StrandPlan> strands = plan(piece).strands();
            List<Measurable> trimmed = of(piece, What.LEFT_OVER);
            assertThat(trimmed).hasSameSizeAs(strands);
            for (int i = 0; i < strands.size(); i++) {
                double inIt = strands.get(i).elements().stream()
                        .mapToDouble(e -> e.along().lengthMm())
                        .sum();
                assertThat(trimmed.get(i).planned().getAsDouble())
                        .isCloseTo(strands.get(i).amount().cutLengthMm() - inIt, within(1e-6));
            }
        }
    }

    /** US ring sizes: 11.63 mm + 0.8128 mm a size (from memory of the trade's tables: US 7 is 17.3 mm); UK sizes: 37.5 mm round at A and 1.25 mm a letter (BS 6820), N is 53.75 mm round. */
    @ParameterizedTest
    @CsvSource({"US, usSize, 7, US 7, 17.3", "US, usSize, 9, US 9, 18.9", "UK, ukSize, N, UK N, 17.1"})
    void aFingerRing_isMeasuredInSizes(String system, String measure, String size, String says, double insideMm) {
        Object value = measure.equals("ukSize") ? size : Double.valueOf(size);
        Piece ring = Remake.with(usual("wound-ring"), Map.of("system", system, measure, value), Optional.empty());
        List<Measurable> rings = of(ring, What.RING);
        assertThat(rings).hasSize(1);
        assertThat(rings.get(0).word()).isEqualTo(says);
        assertThat(rings.get(0).planned().getAsDouble()).isCloseTo(insideMm, within(0.15));
        assertThat(rings.get(0).inAWord(ring, insideMm + 0.8128 / 2)).isNotEqualTo(says);
    }

    @Test
    void whatIsNoRing_hasNoRingSize() {
        assertThat(of(usual("s-hook"), What.RING)).isEmpty();
        assertThat(of(usual("s-hook"), What.SHADE)).isEmpty();
    }

    /** Purple on copper is violet on silver (common practice). */
    @ParameterizedTest
    @CsvSource({"COPPER, purple", "STERLING_SILVER, violet"})
    void theShadeThatComesOut_isToldByItsNameOnThatMetal(Metal metal, String name) {
        Piece hook = usual("s-hook");
        Wire was = hook.strands().get(0).wire();
        Colour purple = new Colour(
                Colour.Bath.GEL, 3, 118, 55, Colour.Stop.PURPLE, 0.5, Colour.PolishWith.PAD, Colour.Seal.WAX);
        Piece dark = Remake.inWire(hook, 0, new Wire(metal, was.temper(), was.finish(), was.section()))
                .withColour(purple);
        List<Measurable> shades = of(dark, What.SHADE);
        assertThat(shades).hasSize(1);
        Measurable shade = shades.get(0);
        assertThat(shade.word()).isEqualTo(name);
        assertThat(shade.choices().get(0).name()).isEqualTo("bright");
        assertThat(shade.inAWord(dark, 0)).isEqualTo("bright");
        Step step = plan(dark).steps().get(Integer.parseInt(shade.about().substring("step.".length())) - 1);
        assertThat(step.title()).startsWith("Darken");
        Measurable warm = of(dark, What.BATH).get(0);
        assertThat(warm.about()).isEqualTo(shade.about());
        assertThat(warm.planned().getAsDouble()).isEqualTo(55);
    }
}
