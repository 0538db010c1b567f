package org.etui.core.pattern;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.within;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import org.etui.core.Examples;
import org.etui.core.act.Act;
import org.etui.core.act.With;
import org.etui.core.check.BadInput;
import org.etui.core.metal.Metal;
import org.etui.core.metal.Temper;
import org.etui.core.piece.Colour;
import org.etui.core.piece.Part;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Source;
import org.etui.core.piece.Work;
import org.etui.core.verify.PieceChecks;
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

    /** Whatever is chosen or counted, the piece is the one that the pattern makes of it from the start: nothing of the form before stays. */
    @ParameterizedTest
    @MethodSource("patterns")
    void everyChoice_makesWhatThePatternMakesOfIt(Pattern pattern) {
        Piece usual = pattern.usual();

        for (Parameter parameter : pattern.parameters()) {
            for (Object chosen : choices(parameter)) {
                Map<String, Object> measures = Map.of(parameter.name(), chosen);
                Piece fresh = pattern.make(measures, Optional.empty(), Optional.empty());
                Piece made = Remake.with(usual, measures, Optional.empty());
                Piece back = Remake.with(made, Map.of(parameter.name(), parameter.usual()), Optional.empty());

                assertSame(made, fresh, measures);
                assertSame(back, usual, measures);
                assertThat(PieceChecks.of(made)).as(measures.toString()).isEmpty();
            }
        }
    }

    /** Every word, or one less and one more. */
    private static List<?> choices(Parameter parameter) {
        if (!parameter.whole()) {
            return parameter.choices().orElse(List.of());
        }
        double usual = ((Number) parameter.usual()).doubleValue();
        return Stream.of(usual - 1, usual + 1)
                .filter(n -> n >= parameter.from().orElseThrow()
                        && n <= parameter.to().orElseThrow())
                .toList();
    }

    private static void assertSame(Piece made, Piece fresh, Map<String, Object> measures) {
        assertThat(made.strands()).as(measures.toString()).isEqualTo(fresh.strands());
        assertThat(made.parts()).as(measures.toString()).isEqualTo(fresh.parts());
        assertThat(made.joins()).as(measures.toString()).isEqualTo(fresh.joins());
        assertThat(made.work()).as(measures.toString()).isEqualTo(fresh.work());
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

    /** The pattern's own work follows its wire and measures, until the maker changes it; what the maker added stays. */
    /** What the maker said of the stone is not forgotten with the next measure. */
    @Test
    void stoneStaysOfWhatItIs_whenItsPieceIsMadeAnew() {
        Piece usual = Patterns.find("woven-front").orElseThrow().usual();
        Part stone = usual.parts().get(0).withMaterial("jade").withColour(Optional.of(Colour.BRIGHT));
        Piece jade = usual.withParts(List.of(stone), usual.joins());
        Piece larger = Remake.with(jade, Map.of("lengthMm", 34), Optional.empty());

        assertThat(larger.parts()).singleElement().satisfies(p -> {
            assertThat(p.material()).isEqualTo("jade");
            assertThat(p.colour()).contains(Colour.BRIGHT);
            assertThat(p.body()).isNotEqualTo(stone.body());
        });
        assertThat(Remake.with(usual, Map.of("lengthMm", 34), Optional.empty()).parts())
                .singleElement()
                .satisfies(p -> assertThat(p.material()).isEqualTo("stone"));
    }

    /** What the pattern has told of itself is told anew; what the maker wrote stays. */
    @Test
    void whatThePatternTells_followsItsMeasures() {
        Piece twenty = Patterns.find("double-scroll-link")
                .orElseThrow()
                .make(Map.of("find", "length", "links", 20), Optional.empty(), Optional.empty());

        assertThat(Remake.with(twenty, Map.of("links", 10), Optional.empty()).notes())
                .startsWith("10 links come to about");
        assertThat(Remake.with(twenty.withNotes("for May"), Map.of("links", 10), Optional.empty())
                        .notes())
                .isEqualTo("for May");
    }

    /** Where a stone is too small for so many wires over its front, that is told. */
    @Test
    void wiresThatFindNoRoom_areTold() {
        Piece usual = Patterns.find("woven-front").orElseThrow().usual();
        Piece asked = Remake.with(usual, Map.of("frameWires", 3, "frontWires", 3), Optional.empty());

        assertThat(usual.notes()).isEmpty();
        assertThat(asked.notes()).contains("room for one wire over the front");
    }

    @Test
    void workOfThePattern_isMadeAgain() {
        Pattern pattern = Patterns.find("s-clasp-hammered-first").orElseThrow();
        Piece clasp = pattern.usual();
        Work own = Work.of("mine", "clasp", List.of(), new Act.Tumble(30));
        Piece mine = clasp.withWork(
                Stream.concat(clasp.work().stream(), Stream.of(own)).toList());
        Piece thick = Remake.with(mine, Map.of(), Optional.of(THICKER));
        Piece changed = Remake.with(
                clasp.withWork(clasp.work().stream()
                        .map(w -> new Work(
                                w.id(), w.strand(), w.elements(), w.after(), new Act.Flatten(0.9, With.FLAT_HAMMER)))
                        .toList()),
                Map.of(),
                Optional.of(THICKER));

        assertThat(clasp.work()).isNotEmpty();
        assertThat(thick.work()).contains(own).hasSameSizeAs(mine.work());
        assertThat(thick.work().get(0).act().doing().thinsToMm().orElseThrow())
                .isCloseTo(0.7 * THICKER.section().thicknessMm(), within(0.005));
        assertThat(changed.work()).allMatch(w -> w.act().doing().thinsToMm().orElseThrow() == 0.9);
    }

    /** Limbs that touch bring their work with them, and take it away again. */
    @Test
    void workComesAndGoes_withItsMeasure() {
        Piece apart = Patterns.find("s-hook").orElseThrow().usual();
        Piece touching = Remake.with(apart, Map.of("limbs", "touching"), Optional.empty());

        assertThat(apart.work()).isEmpty();
        assertThat(touching.work()).hasSize(1);
        assertThat(Remake.with(touching, Map.of("limbs", "apart"), Optional.empty())
                        .work())
                .isEmpty();
    }

    /** A piece is made of the wire at hand in place, and what a measure of old times was called is let go. */
    @Test
    void pieceIsMade_ofTheWireAtHand() {
        Piece old = Patterns.find("cord-end").orElseThrow().usual();
        Map<String, Object> measures = new HashMap<>(old.source().orElseThrow().parameters());
        measures.put("sizedBy", "wire");
        Piece kept = old.withSource(new Source("cord-end", measures, false));
        Piece long1 = Remake.with(kept, Map.of(), Optional.empty(), OptionalDouble.of(200));

        assertThat((Double) long1.source().orElseThrow().parameters().get("turns"))
                .isGreaterThan(10);
        assertThat(long1.source().orElseThrow().parameters()).doesNotContainKey("sizedBy");
    }
}
