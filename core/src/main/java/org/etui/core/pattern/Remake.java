package org.etui.core.pattern;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.etui.core.check.BadInput;
import org.etui.core.piece.Join;
import org.etui.core.piece.Part;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Purpose;
import org.etui.core.piece.Source;
import org.etui.core.piece.Strand;
import org.etui.core.piece.Work;
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
     * By its pattern with other measures; colour, what a part is of and what was put to it stay. The pattern's own work, parts and joins are made
     * anew, work unless the maker has changed it.
     *
     * @param measures only those that change
     * @param wire of the pattern's first strand; as it is where empty
     * @param atHandMm the wire at hand, mm: one measure is left free to use it up; all are as given where empty
     * @throws BadInput if the piece follows no pattern, a measure is unknown or out of range, or the wire is too short
     */
    public static Piece with(Piece piece, Map<String, Object> measures, Optional<Wire> wire, OptionalDouble atHandMm) {
        if (!follows(piece)) {
            throw new BadInput("piece.source", "none", "must be a pattern that the piece still follows");
        }
        Source source = piece.source().orElseThrow();
        Pattern pattern = Patterns.find(source.pattern()).orElseThrow();
        Map<String, Object> all = new HashMap<>(source.parameters());
        all.keySet()
                .retainAll(pattern.parameters().stream().map(Parameter::name).toList());
        Map<String, Object> own = Map.copyOf(all);
        all.putAll(measures);
        Optional<Wire> now = Optional.of(piece.strands().get(0).wire());
        Optional<Purpose> purpose = Optional.of(piece.purpose());
        Piece made = atHandMm.isPresent()
                ? pattern.makeFrom(all, wire.or(() -> now), purpose, atHandMm.getAsDouble())
                : pattern.make(all, wire.or(() -> now), purpose);
        Piece before = pattern.make(own, now, purpose);
        Set<String> parts = made.parts().stream().map(Part::id).collect(Collectors.toSet());
        Set<Join> joins = Set.copyOf(made.joins());
        return piece.withStrands(made.strands())
                .withWork(works(piece.work(), before.work(), made.work()))
                .withSource(made.source().orElseThrow())
                .withNotes(piece.notes().equals(before.notes()) ? made.notes() : piece.notes())
                .withParts(
                        Stream.concat(
                                        made.parts().stream().map(p -> kept(p, piece.parts(), before.parts())),
                                        piece.parts().stream()
                                                .filter(p -> !parts.contains(p.id())
                                                        && find(before.parts(), p.id())
                                                                .isEmpty()))
                                .toList(),
                        Stream.concat(
                                        made.joins().stream(),
                                        piece.joins().stream()
                                                .filter(j -> !joins.contains(j)
                                                        && !before.joins().contains(j)))
                                .toList());
    }

    /** A part of the pattern with what the maker has said of it otherwise: of what it is, and how it is darkened. */
    private static Part kept(Part made, List<Part> now, List<Part> before) {
        Optional<Part> own = find(now, made.id());
        if (own.isEmpty()) {
            return made;
        }
        Optional<Part> usual = find(before, made.id());
        String of = own.get().material();
        boolean said = usual.isEmpty() || !usual.get().material().equals(of);
        Part kept = said ? made.withMaterial(of) : made;
        return own.get().colour().isPresent() ? kept.withColour(own.get().colour()) : kept;
    }

    private static Optional<Part> find(List<Part> parts, String id) {
        return parts.stream().filter(p -> p.id().equals(id)).findFirst();
    }

    /** The same with all measures given. */
    public static Piece with(Piece piece, Map<String, Object> measures, Optional<Wire> wire) {
        return with(piece, measures, wire, OptionalDouble.empty());
    }

    /** What the pattern's own work has become, in its order; what the maker changed, added or took out stays so, each after what it came after. */
    private static List<Work> works(List<Work> now, List<Work> before, List<Work> made) {
        List<Work> works = new ArrayList<>();
        for (Work work : made) {
            boolean takenOut = at(before, work.id()) >= 0 && at(now, work.id()) < 0;
            boolean changed = at(now, work.id()) >= 0 && !before.contains(now.get(at(now, work.id())));
            if (!takenOut) {
                works.add(changed ? now.get(at(now, work.id())) : work);
            }
        }
        int last = -1;
        for (Work work : now) {
            int there = at(works, work.id());
            if (there < 0 && !before.contains(work)) {
                works.add(last + 1, work);
                there = last + 1;
            }
            last = there < 0 ? last : there;
        }
        return works;
    }

    private static int at(List<Work> works, String id) {
        return works.stream().map(Work::id).toList().indexOf(id);
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
            return with(piece, Map.of(), Optional.of(wire), OptionalDouble.empty());
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
