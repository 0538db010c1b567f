package org.etui.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.etui.core.check.BadInput;
import org.etui.core.check.Violation;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class PersonalMeasureTest {
    /** Common practice: a finger, a jaw mark, a peg are what makers measure with. */
    @ParameterizedTest
    @ValueSource(strings = {"finger", "Jaw mark", "peg 3", "Ösenmaß", "half-finger"})
    void nameOfTheBench_isTakenAndRead(String name) {
        PersonalMeasure mine = new PersonalMeasure(name, 18);

        mine.require("name");

        assertThat(LengthText.parse("2 " + name, Units.MM, PersonalMeasure.byName(List.of(mine)))
                        .mm())
                .isEqualTo(36);
        assertThat(LengthText.parse(name, Units.MM, PersonalMeasure.byName(List.of(mine)))
                        .mm())
                .isEqualTo(18);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"mm", "in", "inches", "awg", "awg 14", "us 7", "iso", "round", "ring", "7 up", "", "a/b", "x+y"})
    void nameThatIsReadAsSomethingElse_isRefused(String name) {
        assertThatThrownBy(() -> new PersonalMeasure(name, 18).require("measures.0.name"))
                .isInstanceOfSatisfying(
                        BadInput.class,
                        bad -> assertThat(bad.violations())
                                .extracting(Violation::path)
                                .containsOnly("measures.0.name"));
    }

    @Test
    void namesTwice_areRefusedByThePathOfTheSecond() {
        PersonalMeasures twice =
                new PersonalMeasures(List.of(new PersonalMeasure("peg", 3), new PersonalMeasure("Peg", 4)));

        assertThatThrownBy(twice::require).isInstanceOfSatisfying(BadInput.class, bad -> {
            assertThat(bad.violations()).extracting(Violation::path).containsExactly("measures.1.name");
            assertThat(bad.violations().get(0).limit()).contains("once");
        });
    }

    @Test
    void lengthOfNothing_isRefused() {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new PersonalMeasure("peg", 0))
                .withMessageContaining("was 0.0");
    }
}
