package org.etui.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.util.Locale;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;
import org.junit.jupiter.params.provider.EnumSource;

class LengthFormatTest {
    @ParameterizedTest
    @CsvFileSource(resources = "length-format.csv", numLinesToSkip = 2)
    void lengths_areWrittenAsTheTableSays(double mm, String units, String rounding, String text) {
        LengthFormat format = new LengthFormat(Units.valueOf(units.toUpperCase(Locale.ROOT)));

        assertThat(format.number(mm, Rounding.valueOf(rounding.toUpperCase(Locale.ROOT))))
                .isEqualTo(text);
    }

    /** What is written must be read back by the one parser, never shorter when rounded up. */
    @ParameterizedTest
    @EnumSource(Units.class)
    void writtenLength_readBack_isWithinOneStepAndNotShorterThanUp(Units units) {
        Random random = new Random(7);
        LengthFormat format = new LengthFormat(units);
        double step = units == Units.MM ? 0.1 : units == Units.IN ? 25.4 / 16 : 25.4 / 32;
        for (int i = 0; i < 500; i++) {
            double mm = 2 + random.nextDouble() * 500;
            double up = LengthText.parse(format.write(mm, Rounding.UP)).mm();
            double down = LengthText.parse(format.write(mm, Rounding.DOWN)).mm();
            assertThat(up).isBetween(mm - 1e-9, mm + step);
            assertThat(down).isBetween(mm - step, mm + 1e-9);
        }
    }

    @Test
    void thirtySeconds_areReduced() {
        assertThat(new LengthFormat(Units.IN32).write(25.4 * 3 / 32, Rounding.NEAREST))
                .isEqualTo("3/32 in");
        assertThat(new LengthFormat(Units.IN32).write(25.4 * 8 / 32, Rounding.NEAREST))
                .isEqualTo("1/4 in");
    }

    /** Source: the formatter of the Java library. */
    @Test
    void hundredths_areThoseOfTheFormatter() {
        Random random = new Random(2);
        for (int i = 0; i < 500; i++) {
            double mm = i % 5 == 0 ? i / 200.0 : 20 * random.nextDouble();
            assertThat(LengthFormat.hundredths(mm)).isEqualTo(String.format(Locale.ROOT, "%.2f", mm));
        }
    }

    @Test
    void notANumber_isRefusedAndEchoed() {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new LengthFormat(Units.MM).write(Double.NaN, Rounding.UP))
                .withMessageContaining("NaN");
    }
}
