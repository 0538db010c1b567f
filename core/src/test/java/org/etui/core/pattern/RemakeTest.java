package org.etui.core.pattern;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.etui.core.Examples;
import org.etui.core.check.BadInput;
import org.etui.core.metal.Metal;
import org.etui.core.metal.Temper;
import org.etui.core.piece.Piece;
import org.etui.core.wire.Wire;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class RemakeTest {
    private static final Wire THICKER = Wire.ofRound(Metal.BRASS, Temper.HALF_HARD, 1.5);

    static List<Pattern> patterns() {
        return Patterns.ALL;
    }

    /** Nothing changes where nothing is asked for. */
    @ParameterizedTest
    @MethodSource("patterns")
    void sameWire_makesTheSamePiece(Pattern pattern) {
        Piece usual = pattern.usual();

        assertThat(Remake.inWire(usual, 0, usual.strands().get(0).wire()).strands())
                .isEqualTo(usual.strands());
    }

    @Test
    void pieceThatFollowsItsPattern_isMadeAnew_andItsWorkStays() {
        Piece hook =
                Patterns.find("hook-clasp").orElseThrow().usual().withWork(List.of(Examples.flatten(1, "hook-bend")));
        Piece other = Remake.with(hook, Map.of("hookInsideMm", 9), Optional.of(THICKER));

        assertThat(other.work()).isEqualTo(hook.work());
        assertThat(other.strands().get(0).wire()).isEqualTo(THICKER);
        assertThat(other.source().orElseThrow().parameters()).containsEntry("hookInsideMm", 9.0);
        assertThat(other.source().orElseThrow().detached()).isFalse();
        assertThatExceptionOfType(BadInput.class)
                .isThrownBy(() -> Remake.with(hook, Map.of("hookInsideMm", -1), Optional.empty()));
    }

    @Test
    void pieceOnItsOwn_changesOnlyItsWire_inAllStrandsOfThatWire() {
        Piece stone = Patterns.find("stone-frame").orElseThrow().usual();
        Piece loose = stone.withSource(stone.source().orElseThrow().asDetached());
        Piece other = Remake.inWire(loose, 0, THICKER);

        for (int i = 0; i < loose.strands().size(); i++) {
            boolean same =
                    loose.strands().get(i).wire().equals(loose.strands().get(0).wire());
            assertThat(other.strands().get(i).wire().equals(THICKER)).isEqualTo(same);
            assertThat(other.strands().get(i).elements())
                    .isEqualTo(loose.strands().get(i).elements());
        }
        assertThatExceptionOfType(BadInput.class)
                .isThrownBy(() -> Remake.with(loose, Map.of("lengthMm", 20), Optional.empty()))
                .withMessageContaining("pattern");
    }
}
