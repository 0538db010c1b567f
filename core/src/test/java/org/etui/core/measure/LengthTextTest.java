package org.etui.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Map;
import org.etui.core.check.BadInput;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class LengthTextTest {
    private static final Map<String, Double> MINE = Map.of("finger", 18.0, "jaw mark", 3.2);

    /** 25.4 mm to the inch by definition (1959); gauges by ASTM B258 and BS 3737. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "64 | 64 | 64 mm",
                "64mm | 64 | 64 mm",
                " 64  mm | 64 | 64 mm",
                "6.4cm | 64 | 6.4 cm",
                "6,4 cm | 64 | 6.4 cm",
                "1,25 | 1.25 | 1.25 mm",
                ".5 | 0.5 | 0.5 mm",
                "0.2 m | 200 | 0.2 m",
                "2 1/2in | 63.5 | 2 1/2 in",
                "2-1/2\" | 63.5 | 2 1/2 in",
                "2 1/2\" | 63.5 | 2 1/2 in",
                "2½in | 63.5 | 2 1/2 in",
                "½ in | 12.7 | 1/2 in",
                "5/16 inch | 7.9375 | 5/16 in",
                "2.5 inches | 63.5 | 2 1/2 in",
                "2.5'' | 63.5 | 2 1/2 in",
                "8 1 / 4 in | 209.55 | 8 1/4 in",
                "14awg | 1.6277 | AWG 14",
                "14 AWG | 1.6277 | AWG 14",
                "16swg | 1.6256 | SWG 16",
                "2/0 awg | 9.266 | AWG 00",
                "1 finger | 18 | 1 finger",
                "2 fingers | 36 | 2 fingers",
                "1/2 finger | 9 | 0.5 finger",
                "finger | 18 | 1 finger",
                "jaw mark | 3.2 | 1 jaw mark"
            })
    void everySpelling_isUnderstood(String text, double mm, String understood) {
        LengthText length = LengthText.parse(text, Units.MM, MINE);

        assertThat(length.mm()).isCloseTo(mm, within(1e-3));
        assertThat(length.understood()).isEqualTo(understood);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                " ",
                "blue",
                "-4",
                "0",
                "0in",
                "1e9",
                "99999999",
                "NaN",
                "Infinity",
                "3 feathers",
                "41awg",
                "9/0swg",
                "1/0 in",
                "2 1/0in",
                "--5",
                "5..2",
                "12345678901 1/2in",
                "123456789/2",
                "1/123456789",
                "1,250.5",
                "14 gauge"
            })
    void whatCannotBeALength_isRefusedWithValueAndWhatIsAllowed(String text) {
        assertThatThrownBy(() -> LengthText.parse(text, Units.MM, MINE)).isInstanceOfSatisfying(BadInput.class, bad -> {
            assertThat(bad.violations()).hasSize(1);
            assertThat(bad.violations().get(0).path()).isEqualTo("text");
            assertThat(bad.violations().get(0).value()).isEqualTo(text);
            assertThat(bad.violations().get(0).limit()).isNotBlank();
        });
    }

    @Test
    void bareNumberInInchMode_isInches() {
        assertThat(LengthText.parse("2 1/2", Units.IN, Map.of()).mm()).isCloseTo(63.5, within(1e-12));
        assertThat(LengthText.parse("3mm", Units.IN, Map.of()).mm()).isEqualTo(3);
    }
}
