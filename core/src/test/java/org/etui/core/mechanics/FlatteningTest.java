package org.etui.core.mechanics;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.junit.jupiter.api.Test;

class FlatteningTest {
    /** Source: finite-element run, CalculiX 2.20, frictionless plates; the formula is good to about 15 %. */
    @Test
    void round125To0887_agreesWithFiniteElements() {
        Flattening flat = Flattening.of(1.25, 0.887);

        assertThat(flat.section().widthMm()).isCloseTo(1.430, within(0.15 * 1.430));
        assertThat(flat.growth() - 1).isBetween(0.087 / 2, 0.087 * 1.15);
        assertThat(flat.strain()).isCloseTo(0.229, within(0.15 * 0.229));
    }

    @Test
    void flattening_keepsVolumeAndNeverShortens() {
        Random random = new Random(2);
        for (int i = 0; i < 500; i++) {
            double d = 0.3 + random.nextDouble() * 3;
            double to = d * (0.3 + random.nextDouble() * 0.69);
            Flattening flat = Flattening.of(d, to);

            assertThat(flat.section().areaMm2() * flat.growth()).isCloseTo(Math.PI * d * d / 4, within(1e-9));
            assertThat(flat.growth()).isGreaterThanOrEqualTo(1 - 1e-9);
            assertThat(flat.strain()).isPositive();
        }
    }

    @Test
    void thinner_isWiderLongerAndMoreStrained() {
        Flattening little = Flattening.of(1.25, 1.1);
        Flattening much = Flattening.of(1.25, 0.8);

        assertThat(much.section().widthMm()).isGreaterThan(little.section().widthMm());
        assertThat(much.growth()).isGreaterThan(little.growth());
        assertThat(much.strain()).isGreaterThan(little.strain());
    }

    @Test
    void thicknessNotBelowTheDiameter_isRefused() {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> Flattening.of(1, 1))
                .withMessageContaining("below 1.0 mm, was 1.0");
    }
}
