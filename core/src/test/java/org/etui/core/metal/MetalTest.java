package org.etui.core.metal;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import org.hipparchus.optim.MaxEval;
import org.hipparchus.optim.nonlinear.scalar.GoalType;
import org.hipparchus.optim.univariate.BrentOptimizer;
import org.hipparchus.optim.univariate.SearchInterval;
import org.hipparchus.optim.univariate.UnivariateObjectiveFunction;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class MetalTest {
    /** Source: handbook tensile strengths of annealed metal, MPa, from memory; the fits are held to 12 %. */
    @ParameterizedTest
    @CsvSource({
        "COPPER, 220, 235",
        "BRASS, 330, 365",
        "JEWELERS_BRONZE, 270, 270",
        "STERLING_SILVER, 207, 240",
        "FINE_SILVER, 125, 150",
        "ALUMINIUM, 90, 90",
        "ANNEALED_STEEL, 295, 325"
    })
    void annealedStrength_isWithin12PercentOfTheHandbook(Metal metal, double from, double to) {
        assertThat(metal.flow().orElseThrow().annealedStrengthMpa()).isBetween(from * 0.88, to * 1.12);
    }

    /** The closed form against the greatest load by Hipparchus: σ(p)·e^−p is the load on the first section. */
    @ParameterizedTest
    @EnumSource(value = Metal.class, mode = EnumSource.Mode.EXCLUDE, names = "MUSIC_WIRE")
    void annealedStrength_isTheGreatestLoad(Metal metal) {
        Flow flow = metal.flow().orElseThrow();
        double greatest = new BrentOptimizer(1e-12, 1e-12)
                .optimize(
                        new UnivariateObjectiveFunction(p -> flow.stressMpa(p) * Math.exp(-p)),
                        GoalType.MAXIMIZE,
                        new SearchInterval(0, 3),
                        new MaxEval(500))
                .getValue();

        assertThat(flow.annealedStrengthMpa()).isCloseTo(greatest, within(1e-6));
    }

    /** Source: area reductions of tempers, ASTM B134: 20.7, 37.1, 60.5, 84.4 %. */
    @ParameterizedTest
    @CsvSource({"DEAD_SOFT, 0", "QUARTER_HARD, 20.7", "HALF_HARD, 37.1", "HARD, 60.5", "SPRING, 84.4"})
    void temper_isTheStrainOfItsReduction(Temper temper, double percent) {
        assertThat(100 * (1 - Math.exp(-temper.strain()))).isCloseTo(percent, within(0.1));
    }

    /** Source: handbook Vickers numbers from memory; copper 45 to 50 annealed, 105 to 120 hard; sterling 60 to 76. */
    @Test
    void vickers_readsAsTheHandbookWithin20Percent() {
        Flow copper = Metal.COPPER.flow().orElseThrow();
        Flow sterling = Metal.STERLING_SILVER.flow().orElseThrow();

        assertThat(copper.vickers(0)).isBetween(45 * 0.8, 50 * 1.2);
        assertThat(copper.vickers(Temper.SPRING.strain())).isBetween(105 * 0.8, 120 * 1.2);
        assertThat(sterling.vickers(0)).isBetween(60 * 0.8, 76 * 1.2);
    }

    /**
     * Source: handbook values of drawn wire and sheet, from memory. 14 k yellow gold: hard 210 to 255 HV, spring 700 to 830 MPa. Aluminium 1100
     * H14 (35 % drawn, half hard) 124 MPa and 35 HV, H18 (75 %, extra hard) 165 MPa and 45 HV. Brass spring wire, the core of gold-filled,
     * 620 to 690 MPa. Low-carbon steel wire drawn cold for mesh, at least 550 MPa (ASTM A1064), usually up to 620.
     */
    @ParameterizedTest
    @CsvSource({
        "GOLD_14K, SPRING, 700, 830, 0",
        "ALUMINIUM, HALF_HARD, 124, 124, 0.1",
        "ALUMINIUM, EXTRA_HARD, 165, 165, 0.1",
        "GOLD_FILLED, SPRING, 620, 690, 0",
        "ANNEALED_STEEL, HARD, 550, 620, 0"
    })
    void drawnStrength_isThatOfTheHandbook(Metal metal, TemperNow temper, double from, double to, double off) {
        assertThat(metal.flow().orElseThrow().strengthMpa(temper.strain())).isBetween(from * (1 - off), to * (1 + off));
    }

    /** As above; {@link Flow#vickers} says by how much it may read high or low. */
    @ParameterizedTest
    @CsvSource({
        "GOLD_14K, HARD, 210, 255, 0, 0",
        "ALUMINIUM, HALF_HARD, 35, 35, 0, 0.17",
        "ALUMINIUM, EXTRA_HARD, 45, 45, 0, 0.17",
        "STERLING_SILVER, DEAD_SOFT, 60, 76, 0.25, 0"
    })
    void vickers_readsNoFurtherOffThanItSays(
            Metal metal, TemperNow temper, double from, double to, double low, double high) {
        assertThat(metal.flow().orElseThrow().vickers(temper.strain())).isBetween(from * (1 - low), to * (1 + high));
    }

    /** Music wire comes drawn to its strength: it reads spring whatever was done to it. */
    @Test
    void musicWire_readsSpring() {
        assertThat(TemperNow.of(Metal.MUSIC_WIRE, 0)).isEqualTo(TemperNow.SPRING);
        assertThat(TemperNow.of(Metal.COPPER, 0)).isEqualTo(TemperNow.DEAD_SOFT);
    }

    /** Source: Shigley's constants for A228; 1 mm wire is 2211 MPa by definition, thicker wire weaker. */
    @Test
    void musicWire_isStrongerTheThinnerItIs() {
        assertThat(MusicWire.tensileMpa(1)).isEqualTo(2211);
        assertThat(MusicWire.tensileMpa(0.5)).isGreaterThan(MusicWire.tensileMpa(2));
        assertThatIllegalArgumentException()
                .isThrownBy(() -> MusicWire.tensileMpa(9))
                .withMessageContaining("was 9.0");
        assertThat(Metal.MUSIC_WIRE.comesIn(Temper.HARD)).isFalse();
        assertThat(Metal.MUSIC_WIRE.flow()).isEmpty();
    }

    @Test
    void strainBelowZero_isRefused() {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> Metal.COPPER.flow().orElseThrow().stressMpa(-0.1))
                .withMessageContaining("-0.1");
    }
}
