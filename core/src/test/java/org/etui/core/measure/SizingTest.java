package org.etui.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import org.etui.core.measure.Sizing.Worn;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SizingTest {
    /** Common practice: slip-over bangles measure 203, 210 and 216 mm round the inside (8, 8 1/4, 8 1/2 in): 65, 67, 69 mm across. */
    @ParameterizedTest
    @CsvSource({"203.2, 64.7", "209.55, 66.7", "215.9, 68.7"})
    void bangle_isSizedByTheClosedHand(double handMm, double insideMm) {
        Sizing sizing = Sizing.of(Worn.BANGLE, handMm, 0, 2, 0);

        assertThat(sizing.insideMm()).isCloseTo(insideMm, within(0.05));
        assertThat(sizing.because()).contains("not of the wrist");
        assertThat(sizing.rings()).isEmpty();
    }

    /** Source: GNU Units: ringsize(7) is 54.209 mm round, sizeNring 53.75; ISO 8653 counts mm. */
    @Test
    void ring_isNamedInEverySystem() {
        assertThat(Sizing.of(Worn.RING, 54.2, 0, 1.6, 3).rings())
                .containsExactly(
                        new Sizing.Ring(RingSize.US, "7"),
                        new Sizing.Ring(RingSize.UK, "N 1/2"),
                        new Sizing.Ring(RingSize.ISO, "54"));
    }

    /** Common practice: half a US size more for a band wider than 6 mm. */
    @Test
    void wideBand_isMadeHalfASizeLarger() {
        assertThat(Sizing.of(Worn.RING, 54.21, 0, 1.6, 8).rings()).contains(new Sizing.Ring(RingSize.US, "7 1/2"));
    }

    /** Geometry: the middle of the wire runs half a thickness outside of the inside, so its way round is π times one thickness longer. */
    @Test
    void bracelet_isLongerAlongItsMiddle() {
        Sizing sizing = Sizing.of(Worn.BRACELET, 170, Worn.BRACELET.easeMm(), 4, 0);

        assertThat(sizing.roundMm()).isEqualTo(185);
        assertThat(sizing.lengthMm()).isCloseTo(2 * Math.PI * (sizing.insideMm() / 2 + 2), within(1e-9));
    }

    @Test
    void girthOfNothing_isRefused() {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> Sizing.of(Worn.CHAIN, 0, 10, 1, 1))
                .withMessageContaining("girthMm");
    }
}
