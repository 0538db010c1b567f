package org.etui.core.wire;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import org.etui.core.metal.Metal;
import org.etui.core.metal.Temper;
import org.etui.core.section.Square;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class WireTest {
    /** Worked out by hand: π/4 · d² · L · ρ; densities from handbooks, from memory. */
    @ParameterizedTest
    @CsvSource({"COPPER, 1.0, 1000, 7.021", "STERLING_SILVER, 0.8, 100, 0.5208", "ALUMINIUM, 2.0, 500, 4.257"})
    void mass_isAreaTimesLengthTimesDensity(Metal metal, double diameterMm, double lengthMm, double grams) {
        Wire wire = Wire.ofRound(metal, Temper.DEAD_SOFT, diameterMm);

        assertThat(wire.massG(lengthMm)).isCloseTo(grams, within(grams * 1e-3));
        assertThat(wire.massG(lengthMm) + wire.massG(2 * lengthMm)).isCloseTo(wire.massG(3 * lengthMm), within(1e-12));
    }

    @Test
    void wireOfAGauge_keepsItsLabel_andReadsAsAMakerSaysIt() {
        Wire wire = Wire.ofAwg(Metal.JEWELERS_BRONZE, Temper.HALF_HARD, "16");

        assertThat(wire.section().widthMm()).isEqualTo(1.29);
        assertThat(wire.section().label().orElseThrow().number()).isEqualTo("16");
        assertThat(wire.inWords()).isEqualTo("1.29 mm jeweller's bronze 87/13, half hard");
        Wire square = new Wire(Metal.COPPER, Temper.DEAD_SOFT, Finish.BARE, new Square(2, Optional.empty()));
        assertThat(square.inWords()).isEqualTo("2.00 mm square copper, dead soft");
    }

    @Test
    void musicWireInASoftTemper_isRefused() {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> Wire.ofRound(Metal.MUSIC_WIRE, Temper.DEAD_SOFT, 1))
                .withMessageContaining("must be spring")
                .withMessageContaining("dead-soft");
        assertThat(Wire.ofRound(Metal.MUSIC_WIRE, Temper.SPRING, 1).massG(100)).isPositive();
    }

    /** Common practice: 1.29 mm is sold as 16 in one system and 18 in the other; sources ASTM B258 and BS 3737 (1.2908 and 1.2192 mm). */
    @Test
    void gauges_areNamedInThreeSystems() {
        assertThat(Wire.ofRound(Metal.COPPER, Temper.DEAD_SOFT, 1.29).gaugesInWords())
                .isEqualTo("AWG 16, ~SWG 18, metric 1.3");
        assertThat(Wire.ofRound(Metal.COPPER, Temper.DEAD_SOFT, 1.63).gaugesInWords())
                .isEqualTo("AWG 14, SWG 16, metric 1.6");
        assertThat(new Wire(Metal.COPPER, Temper.DEAD_SOFT, Finish.BARE, new Square(1, Optional.empty()))
                        .gaugesInWords())
                .isEmpty();
    }
}
