package org.etui.core.piece;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;

/** A measure that the maker has named. */
class OwnMeasureTest {
    @Test
    void measure_tiesFieldsTogether() {
        OwnMeasure loops =
                new OwnMeasure("loops, inside", List.of("link.first-loop.insideMm", "link.second-loop.insideMm"));

        assertThat(loops.of()).hasSize(2);
    }

    @Test
    void measureWithoutWords_orFields_isRefused() {
        assertThatThrownBy(() -> new OwnMeasure(" ", List.of("link.loop.insideMm")))
                .hasMessageContaining("title");
        assertThatThrownBy(() -> new OwnMeasure("loop", List.of())).hasMessageContaining("at least one");
        assertThatThrownBy(() -> new OwnMeasure("loop", List.of("link.loop")))
                .hasMessageContaining("strand.element.field, was link.loop");
    }
}
