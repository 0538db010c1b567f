package org.etui.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;
import org.junit.jupiter.params.provider.CsvSource;

class RingSizeTest {
    /**
     * Source: GNU Units 2.22: ringsize(n) is (1.4216 + 0.1018 n) inches round; sizeAring is 37.50 mm round and sizeZring
     * 68.75 mm; ISO 8653 counts millimetres round the inside.
     */
    @ParameterizedTest
    @CsvSource({
        "US, 0, 36.10864",
        "US, 7, 54.20868",
        "US, 10.25, 62.61227",
        "US, 16, 77.48016",
        "UK, 0, 37.5",
        "UK, 13, 53.75",
        "UK, 25, 68.75",
        "ISO, 54, 54",
        "ISO, 76, 76"
    })
    void size_isTheLengthRoundTheInside(RingSize system, double size, double roundMm) {
        assertThat(system.insideMm(size) * Math.PI).isCloseTo(roundMm, within(1e-5));
        assertThat(system.sizeOf(system.insideMm(size))).isCloseTo(size, within(1e-9));
    }

    /** Source: GNU Units 2.22 and ISO 8653, table committed beside this test, over the whole range. */
    @ParameterizedTest
    @CsvFileSource(resources = "rings-gnu-units.csv", numLinesToSkip = 3)
    void everySize_isReadWrittenAndAgreesWithGnuUnits(RingSize system, String text, double roundMm) {
        double size = system.read(text).orElseThrow();

        assertThat(system.insideMm(size) * Math.PI).isCloseTo(roundMm, within(1e-4));
        assertThat(system.write(system.sizeOf(roundMm / Math.PI))).isEqualTo(text);
    }

    @ParameterizedTest
    @CsvSource({"US, 7½, 7.5", "US, '7,25', 7.25", "US, 3/4, 0.75", "UK, n ½, 13.5", "UK, N.5, 13.5", "ISO, 54, 54"})
    void halvesAndQuarters_areReadInEveryWriting(RingSize system, String text, double size) {
        assertThat(system.read(text)).hasValueCloseTo(size, within(1e-12));
    }

    @ParameterizedTest
    @CsvSource({"US, 17", "US, 1/0", "US, ''", "US, N", "UK, 7", "UK, ZZ", "ISO, 37", "ISO, 1000"})
    void whatIsNoSize_isEmpty(RingSize system, String text) {
        assertThat(system.read(text)).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"US, -0.5", "US, 17", "UK, 26", "ISO, 37", "ISO, NaN"})
    void sizeOutsideOfTheSystem_isRefused(RingSize system, double size) {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> system.insideMm(size))
                .withMessageContaining("was " + size);
    }
}
