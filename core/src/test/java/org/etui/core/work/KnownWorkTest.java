package org.etui.core.work;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.annotation.JsonAutoDetect.Visibility;
import com.fasterxml.jackson.annotation.JsonIgnoreProperties;
import com.fasterxml.jackson.annotation.PropertyAccessor;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.etui.core.act.Act;
import org.etui.core.act.With;
import org.etui.core.element.Element;
import org.etui.core.mechanics.Fibres;
import org.etui.core.mechanics.Material;
import org.etui.core.metal.Metal;
import org.etui.core.metal.Temper;
import org.etui.core.pattern.Pattern;
import org.etui.core.pattern.Patterns;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Strand;
import org.etui.core.piece.Work;
import org.etui.core.wire.Wire;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** Work that begins from what is known comes out as work from the spool does. */
class KnownWorkTest {
    /** Every field of every object, down to the last digit; what fibres have looked up so far is no part of what they are. */
    private static final JsonMapper FIELDS = JsonMapper.builder()
            .changeDefaultVisibility(v -> v.withVisibility(PropertyAccessor.ALL, Visibility.NONE)
                    .withVisibility(PropertyAccessor.FIELD, Visibility.ANY))
            .disable(SerializationFeature.FAIL_ON_EMPTY_BEANS)
            .addMixIn(Fibres.class, LookedUp.class)
            .build();

    @JsonIgnoreProperties({"moment", "bends"})
    private interface LookedUp {}

    private static String text(Object work) {
        return FIELDS.writeValueAsString(work);
    }

    @Test
    void text_tellsTwoFibresApart() {
        Wire wire = Wire.ofRound(Metal.COPPER, Temper.DEAD_SOFT, 1);
        Fibres soft = Fibres.of(Material.of(wire), wire.section());

        assertThat(text(soft)).isNotEqualTo(text(soft.bent(0.1)));
    }

    static Stream<Pattern> patterns() {
        return Patterns.ALL.stream();
    }

    @ParameterizedTest
    @MethodSource("patterns")
    void knownWork_savesNothingButTime(Pattern pattern) {
        Piece piece = pattern.usual();
        for (int i = 0; i < piece.strands().size(); i++) {
            StrandWork known = StrandWork.of(piece, piece.strands().get(i));
            for (Piece other : others(piece, i)) {
                Strand strand = other.strands().get(i);
                assertThat(text(StrandWork.of(other, strand, known))).isEqualTo(text(StrandWork.of(other, strand)));
            }
        }
    }

    /** Strands that are worked side by side come out as each worked alone, in the order of the document. */
    @ParameterizedTest
    @MethodSource("patterns")
    void strandsSideBySide_areThoseWorkedAlone(Pattern pattern) {
        Piece piece = pattern.usual();
        List<StrandWork> alone =
                piece.strands().stream().map(s -> StrandWork.of(piece, s)).toList();

        assertThat(text(StrandWork.all(piece))).isEqualTo(text(alone));
    }

    @ParameterizedTest
    @MethodSource("patterns")
    void formThatStays_isNotLookedForAgain_andOneThatChangesIs(Pattern pattern) {
        Piece piece = pattern.usual();
        StrandWork known = StrandWork.of(piece, piece.strands().get(0));
        List<Piece> others = others(piece, 0);

        for (int i = 0; i < others.size(); i++) {
            StrandWork other =
                    StrandWork.of(others.get(i), others.get(i).strands().get(0), known);
            boolean sameForm = i < 2;
            assertThat(other.line() == known.line())
                    .as("%s %d", pattern.name(), i)
                    .isEqualTo(sameForm);
        }
    }

    /** Of another temper, tapped with the mallet, of thinner wire. */
    private static List<Piece> others(Piece piece, int at) {
        Strand strand = piece.strands().get(at);
        Wire wire = strand.wire();
        Optional<Temper> temper = Stream.of(Temper.HALF_HARD, Temper.DEAD_SOFT)
                .filter(t -> t != wire.temper() && wire.metal().comesIn(t))
                .findFirst();
        Wire hard = new Wire(wire.metal(), temper.orElse(wire.temper()), wire.finish(), wire.section());
        Wire thin = Wire.ofRound(wire.metal(), wire.temper(), wire.section().thicknessMm() * 0.9);
        String last = strand.elements().stream()
                .filter(Element::isBent)
                .reduce((a, b) -> b)
                .orElse(strand.elements().get(0))
                .id();
        Work tap = Work.of("tap-last", strand.id(), List.of(last), new Act.Mallet(3, With.NYLON_MALLET));
        List<Work> works = new ArrayList<>(piece.work());
        works.add(tap);
        return List.of(with(piece, at, hard), piece.withWork(works), with(piece, at, thin));
    }

    private static Piece with(Piece piece, int at, Wire wire) {
        List<Strand> strands = new ArrayList<>(piece.strands());
        strands.set(at, strands.get(at).withWire(wire));
        return piece.withStrands(strands);
    }
}
