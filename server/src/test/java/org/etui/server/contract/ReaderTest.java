package org.etui.server.contract;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.StandardCharsets;
import org.etui.core.act.Act;
import org.etui.core.check.BadInput;
import org.etui.core.check.Violation;
import org.etui.core.element.Outline;
import org.etui.core.piece.Work;
import org.etui.core.section.HalfRound;
import org.etui.core.wire.Wire;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ReaderTest {
    private final Reader reader = new Reader();

    private <T> T read(String json, Class<T> type) {
        return reader.read(json.getBytes(StandardCharsets.UTF_8), type);
    }

    @Test
    void memberOfAFamily_isChosenByItsWord() {
        Wire wire = read(
                "{\"metal\": \"brass\", \"section\": {\"shape\": \"half-round\", \"widthMm\": 3, \"thicknessMm\": 1.5}}",
                Wire.class);
        Work work = read("{\"op\": \"open-close\", \"id\": \"w\", \"times\": 4}", Work.class);
        Outline outline = read(
                "{\"shape\": \"polygon\", \"points\": [{\"xMm\": 0, \"yMm\": 0}, {\"xMm\": 9, \"yMm\": 0}, {\"xMm\": 0, \"yMm\": 9}]}",
                Outline.class);

        assertThat(wire.section()).isInstanceOf(HalfRound.class);
        assertThat(work).isEqualTo(Work.of("w", "", java.util.List.of(), new Act.OpenClose(4)));
        assertThat(outline).isInstanceOf(Outline.Polygon.class);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "{\"metal\": \"brass\"} | section | must be given",
                "{\"metal\": \"brass\", \"section\": 7} | section | must be an object",
                "{\"metal\": \"brass\", \"section\": {}} | section.shape | must be given",
                "{\"metal\": \"brass\", \"section\": {\"shape\": \"star\"}} | section.shape | must be one of round, half-round, square, flat",
                "{\"metal\": \"brass\", \"section\": {\"shape\": \"square\", \"sideMm\": 21}} | section.sideMm | must be at most 20",
                "{\"metal\": \"brass\", \"section\": {\"shape\": \"square\", \"sideMm\": 0}} | section.sideMm | must be at least 0.01",
                "{\"metal\": \"brass\", \"section\": {\"shape\": \"square\", \"sideMm\": 1, \"diameterMm\": 1}} | section.diameterMm | is not a field of the format",
                "{\"metal\": 5, \"section\": {\"shape\": \"square\", \"sideMm\": 1}} | metal | must be a string"
            })
    void badField_isNamedOnce_inWords(String json, String path, String limit) {
        assertThatThrownBy(() -> read(json, Wire.class)).isInstanceOfSatisfying(BadInput.class, bad -> {
            assertThat(bad.violations()).hasSize(1);
            Violation violation = bad.violations().get(0);
            assertThat(violation.path()).isEqualTo(path);
            assertThat(violation.limit()).isEqualTo(limit);
        });
    }

    /** What the schema lets pass and the record does not is refused by the record, with the path that Jackson knows. */
    @Test
    void secondLine_isTheConstructor() {
        String soft = "{\"metal\": \"music-wire\", \"section\": {\"shape\": \"round\", \"diameterMm\": 1}}";

        assertThatThrownBy(() -> read(soft, Wire.class))
                .isInstanceOf(BadInput.class)
                .hasMessageContaining("temper must be spring for steel music wire, was dead-soft");
    }
}
