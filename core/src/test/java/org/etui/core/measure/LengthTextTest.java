package org.etui.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Map;
import org.etui.core.check.BadInput;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;

class LengthTextTest {
    private static final Map<String, Double> MINE = Map.of("finger", 18.0, "jaw mark", 3.2);

    /** Sources in the table. */
    @ParameterizedTest
    @CsvFileSource(resources = "spellings.csv", numLinesToSkip = 3, delimiter = '|')
    void everySpelling_isUnderstood(String text, double mm, String understood) {
        LengthText length = LengthText.parse(text, Units.MM, MINE);

        assertThat(length.mm()).isCloseTo(mm, within(1e-4));
        assertThat(length.understood()).isEqualTo(understood);
    }

    @ParameterizedTest
    @CsvFileSource(resources = "misspellings.csv", numLinesToSkip = 2, delimiter = '|', quoteCharacter = '\'')
    void whatCannotBeALength_isRefusedWithWhatWasUnderstoodAndWhatIsAllowed(String text, String path, String says) {
        assertThatThrownBy(() -> LengthText.parse(text, Units.MM, MINE)).isInstanceOfSatisfying(BadInput.class, bad -> {
            assertThat(bad.violations()).hasSize(1);
            assertThat(bad.violations().get(0).path()).isEqualTo(path);
            assertThat(bad.violations().get(0).value()).isEqualTo(text);
            assertThat(bad.violations().get(0).limit()).contains(says);
        });
    }

    @Test
    void bareNumberInInchMode_isInches() {
        assertThat(LengthText.parse("2 1/2", Units.IN, Map.of()).mm()).isCloseTo(63.5, within(1e-12));
        assertThat(LengthText.parse("3mm", Units.IN, Map.of()).mm()).isEqualTo(3);
    }
}
