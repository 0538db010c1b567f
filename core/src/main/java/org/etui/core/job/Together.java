package org.etui.core.job;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.etui.core.check.BadInput;
import org.etui.core.element.Kind;
import org.etui.core.piece.Part;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Purpose;
import org.etui.core.piece.Strand;
import org.etui.core.piece.Work;
import org.etui.core.verify.PieceChecks;

/**
 * Several pieces as one document, so that they are cut from one list. What belongs to a piece carries its number behind its name.
 * Joins stay behind, and parts that no wire lies on: they take none.
 */
public final class Together {
    private static final int MOST_STRANDS = 60;
    private static final int MOST_WORK = 400;
    private static final int MOST_NAME = 120;

    private final List<Strand> strands = new ArrayList<>();
    private final List<Work> works = new ArrayList<>();
    private final List<Part> parts = new ArrayList<>();

    private Together() {}

    /**
     * One document of several pieces.
     *
     * @param pieces at least one
     * @throws BadInput if there is none, or more than a document can hold
     */
    public static Piece of(List<Piece> pieces) {
        if (pieces.isEmpty()) {
            throw new BadInput("ids", "none", "must name at least one piece");
        }
        Together together = new Together();
        for (int i = 0; i < pieces.size(); i++) {
            together.add(pieces.get(i), "-" + (i + 1));
        }
        limit("strands", together.strands.size(), MOST_STRANDS);
        limit("operations", together.works.size(), MOST_WORK);
        limit("parts", together.parts.size(), MOST_WORK);
        Piece all = Piece.of(name(pieces), Purpose.DECORATIVE, together.strands);
        Piece worked = new Piece(
                all.format(),
                1,
                all.name(),
                "",
                all.purpose(),
                Optional.empty(),
                all.strands(),
                together.parts,
                List.of(),
                together.works,
                Optional.empty(),
                Map.of(),
                java.util.OptionalDouble.empty(),
                List.of(),
                List.of(),
                false);
        PieceChecks.require(worked);
        return worked;
    }

    private static void limit(String what, int count, int most) {
        if (count > most) {
            throw new BadInput("ids", count + " " + what, "must come to at most " + most + " " + what + " in all");
        }
    }

    private static String name(List<Piece> pieces) {
        String others = pieces.size() > 1 ? " and " + (pieces.size() - 1) + " more" : "";
        String first = pieces.get(0).name();
        return first.substring(0, Math.min(first.length(), MOST_NAME - others.length())) + others;
    }

    private void add(Piece piece, String behind) {
        Set<String> own = piece.work().stream().map(Work::id).collect(Collectors.toSet());
        Set<String> seats = piece.parts().stream()
                .filter(p -> Merge.seated(piece, p))
                .map(Part::id)
                .collect(Collectors.toSet());
        piece.parts().stream()
                .filter(p -> seats.contains(p.id()))
                .forEach(p -> parts.add(p.renamed(p.id() + behind, Optional.empty())));
        for (Strand s : piece.strands()) {
            String title = piece.strands().size() > 1 ? piece.name() + ", " + s.title() : piece.name();
            strands.add(new Strand(
                    s.id() + behind,
                    title.substring(0, Math.min(title.length(), MOST_NAME)),
                    s.count(),
                    s.matched(),
                    s.mirror(),
                    s.wire(),
                    s.allowance(),
                    s.elements().stream()
                            .map(e -> e.renamed(new Alone(behind, own, seats, mark(s, behind))))
                            .toList(),
                    s.order(),
                    s.place(),
                    s.colour(),
                    s.jig()));
            work(piece, s, own, behind);
        }
    }

    /** Work on all strands becomes work on each: strands of other pieces are none of its. Sheet is not cut of wire. */
    private void work(Piece piece, Strand strand, Set<String> own, String behind) {
        for (Work w : piece.work()) {
            boolean wire = w.act().doing().blank().isEmpty();
            if (wire && (w.strand().isEmpty() || w.strand().equals(strand.id()))) {
                String mark = mark(strand, behind);
                works.add(w.moved(
                        w.id() + mark, strand.id() + behind, own.contains(w.after()) ? w.after() + mark : w.after()));
            }
        }
    }

    private static String mark(Strand strand, String behind) {
        return behind + "-" + strand.id();
    }

    /** Names of strands that are cut together. */
    private record Alone(String behind, Set<String> own, Set<String> seats, String mark) implements Kind.Names {
        @Override
        public String strand(String id) {
            return id + behind;
        }

        @Override
        public String work(String id) {
            return own.contains(id) ? id + mark : id;
        }

        @Override
        public Optional<String> place(String address) {
            return Optional.of(Merge.at(address, seats, behind));
        }
    }
}
