package org.etui.core.piece;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.etui.core.element.Label;
import org.etui.core.metal.Metal;

/**
 * What goes into one bath together: all of a piece that is darkened alike. What says nothing of itself is darkened as the piece is.
 *
 * @param colour how it is darkened
 * @param strands the strands in it
 * @param parts the parts of metal in it
 * @param whole whether no strand of the piece stays out
 */
public record Dip(Colour colour, List<Strand> strands, List<Part> parts, boolean whole) {
    /** So many are named one by one. */
    private static final int FEW = 3;

    /** Copies the lists. */
    public Dip {
        strands = List.copyOf(strands);
        parts = List.copyOf(parts);
    }

    /** Every bath of a piece in which something takes colour, in the order of the strands. */
    public static List<Dip> of(Piece piece) {
        return asked(piece).stream().filter(Dip::takes).toList();
    }

    /** Every bath that the document asks for, even one in which nothing takes colour. */
    public static List<Dip> asked(Piece piece) {
        Map<Colour, List<Strand>> strands = new LinkedHashMap<>();
        Map<Colour, List<Part>> parts = new LinkedHashMap<>();
        for (Strand strand : piece.strands()) {
            colourOf(piece, strand)
                    .ifPresent(c ->
                            strands.computeIfAbsent(c, x -> new ArrayList<>()).add(strand));
        }
        for (Part part : piece.parts()) {
            colourOf(piece, part)
                    .ifPresent(c ->
                            parts.computeIfAbsent(c, x -> new ArrayList<>()).add(part));
        }
        return Stream.concat(
                        strands.keySet().stream(),
                        parts.entrySet().stream()
                                .filter(e -> e.getValue().stream()
                                        .anyMatch(p -> p.colour().isPresent()))
                                .map(Map.Entry::getKey))
                .distinct()
                .map(c -> new Dip(
                        c,
                        strands.getOrDefault(c, List.of()),
                        parts.getOrDefault(c, List.of()),
                        strands.getOrDefault(c, List.of()).size()
                                == piece.strands().size()))
                .toList();
    }

    /** How a strand is darkened; empty where it stays bright. */
    public static Optional<Colour> colourOf(Piece piece, Strand strand) {
        return strand.colour().or(piece::colour).filter(Colour::darkens);
    }

    /** How a part is darkened; empty where it stays bright, and always where it is shy of the bath. */
    public static Optional<Colour> colourOf(Piece piece, Part part) {
        return part.colour().or(piece::colour).filter(c -> c.darkens() && !part.isShyOfBath());
    }

    /** Where the document says so, such as {@code colour} or {@code strands.2.colour}. */
    public String where(Piece piece) {
        if (piece.colour().filter(colour::equals).isPresent()) {
            return "colour";
        }
        for (int i = 0; i < piece.strands().size(); i++) {
            if (piece.strands().get(i).colour().filter(colour::equals).isPresent()) {
                return "strands." + i + ".colour";
            }
        }
        return "parts." + piece.parts().indexOf(parts.get(0)) + ".colour";
    }

    /** Its metals that take colour, that of the first strand first. */
    public List<Metal> metals() {
        return Stream.concat(
                        strands.stream().map(s -> s.wire().metal()),
                        parts.stream().flatMap(p -> p.metal().stream()))
                .filter(m -> m.sulfide() != Metal.Sulfide.NONE)
                .distinct()
                .toList();
    }

    private boolean takes() {
        return !metals().isEmpty() || !parts.isEmpty();
    }

    /** What is in it, in a sentence, such as {@code the bail and drop 2}, or {@code all but drop 2} where that is shorter. */
    public String inWords(Piece piece) {
        return inWords(piece, strands, parts);
    }

    /** Strands and parts in a sentence. */
    public static String inWords(Piece piece, List<Strand> strands, List<Part> parts) {
        List<String> others = piece.strands().stream()
                .filter(s -> !strands.contains(s))
                .map(s -> Label.the(s.title()))
                .toList();
        return !others.isEmpty() && parts.isEmpty() && others.size() < strands.size() && strands.size() > FEW
                ? "all but " + listed(others)
                : listed(Stream.concat(
                                strands.stream().map(s -> Label.the(s.title())),
                                parts.stream().map(p -> Label.the(p.label())))
                        .toList());
    }

    private static String listed(List<String> names) {
        int last = names.size() - 1;
        return last == 0 ? names.get(0) : String.join(", ", names.subList(0, last)) + " and " + names.get(last);
    }
}
