package org.etui.core.pattern;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.etui.core.check.BadInput;
import org.etui.core.piece.Join;
import org.etui.core.piece.Part;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Source;
import org.etui.core.piece.Strand;
import org.etui.core.section.WireSection;
import org.etui.core.wire.Wire;

/**
 * Makes a piece anew: by its pattern while it follows one, else its elements as they are in other wire. The field, the taking of a cell
 * and a changed measure all go through it, so that a cell is what taking it gives.
 */
public final class Remake {
    private Remake() {}

    /** Whether a piece still follows its pattern. */
    public static boolean follows(Piece piece) {
        return piece.source()
                .filter(s -> !s.detached() && Patterns.find(s.pattern()).isPresent())
                .isPresent();
    }

    /**
     * By its pattern with other measures; work, colour and what was put to it stay.
     *
     * @param measures only those that change
     * @param wire of the pattern's first strand; as it is where empty
     * @throws BadInput if the piece follows no pattern, or a measure is unknown or out of range
     */
    public static Piece with(Piece piece, Map<String, Object> measures, Optional<Wire> wire) {
        if (!follows(piece)) {
            throw new BadInput("piece.source", "none", "must be a pattern that the piece still follows");
        }
        Source source = piece.source().orElseThrow();
        Map<String, Object> all = new HashMap<>(source.parameters());
        all.putAll(measures);
        Piece made = Patterns.find(source.pattern())
                .orElseThrow()
                .make(all, Optional.of(wire.orElse(piece.strands().get(0).wire())), Optional.of(piece.purpose()));
        Set<String> parts = made.parts().stream().map(Part::id).collect(Collectors.toSet());
        Set<Join> joins = Set.copyOf(made.joins());
        return piece.withStrands(made.strands())
                .withSource(made.source().orElseThrow())
                .withParts(
                        Stream.concat(
                                        made.parts().stream(),
                                        piece.parts().stream().filter(p -> !parts.contains(p.id())))
                                .toList(),
                        Stream.concat(
                                        made.joins().stream(),
                                        piece.joins().stream().filter(j -> !joins.contains(j)))
                                .toList());
    }

    /**
     * In other wire: every strand of the same section and metal as one; the others stay. Where that is the wire of the pattern the pattern makes
     * the piece anew, else only the wire changes.
     *
     * @param strand index of the one
     * @throws BadInput if the pattern refuses that wire
     */
    public static Piece inWire(Piece piece, int strand, Wire wire) {
        Wire old = piece.strands().get(strand).wire();
        if (follows(piece) && piece.strands().get(0).wire().equals(old)) {
            return with(piece, Map.of(), Optional.of(wire));
        }
        WireSection section = old.section();
        List<Strand> strands = new ArrayList<>();
        for (Strand one : piece.strands()) {
            boolean same = one.wire().section().equals(section) && one.wire().metal() == old.metal();
            strands.add(same ? one.withWire(wire) : one);
        }
        Piece changed = piece.withStrands(strands);
        return piece.source().isPresent()
                ? changed.withSource(piece.source().get().asDetached())
                : changed;
    }
}
