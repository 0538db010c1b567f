package org.etui.core.sequence;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import org.etui.core.element.Element;
import org.etui.core.element.Handling;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Purpose;
import org.etui.core.piece.Strand;

/**
 * How an end of a wire is dressed (common practice): sloped where it shows as a curl, rounded where it is flattened, rounded and polished where it
 * goes through an ear, flush elsewhere.
 *
 * @param element what stands at that end
 * @param how how it is dressed
 */
record EndDress(Element element, How how) {
    /** How an end is dressed. */
    enum How {
        /** The burr off. */
        FLUSH,
        /** Filed to a slope. */
        SLOPED,
        /** Rounded, so that it spreads round. */
        ROUNDED,
        /** Rounded and polished. */
        EAR
    }

    /**
     * The ends to dress of a strand; a bought head is none.
     *
     * @param first whether the end that the elements begin at is dressed
     * @param last whether the other is
     */
    static List<EndDress> of(Piece piece, Strand strand, boolean first, boolean last) {
        List<Element> along = strand.elements().stream()
                .filter(e -> e.handling().trimmedAfter().isEmpty())
                .toList();
        List<Element> back = new ArrayList<>(along);
        Collections.reverse(back);
        List<EndDress> ends = new ArrayList<>();
        if (first) {
            of(piece, along).ifPresent(ends::add);
        }
        if (last) {
            of(piece, back).ifPresent(ends::add);
        }
        return ends;
    }

    /** The end that elements begin at. */
    private static Optional<EndDress> of(Piece piece, List<Element> from) {
        Element end = from.get(0);
        if (end.handling().boughtMm3() > 0) {
            return Optional.empty();
        }
        boolean ear = piece.purpose() == Purpose.EAR_WIRE
                && from.stream()
                        .filter(e -> e.isBent() && !e.winding().jawEdge())
                        .findFirst()
                        .filter(e -> e.hanging().hook())
                        .isPresent();
        return Optional.of(new EndDress(end, ear ? How.EAR : how(end.handling().end())));
    }

    private static How how(Handling.End end) {
        return switch (end) {
            case SLOPED -> How.SLOPED;
            case ROUNDED -> How.ROUNDED;
            case FLUSH -> How.FLUSH;
        };
    }

    static String title(List<EndDress> ends) {
        return ends.size() > 1 ? "Dress both ends" : "Dress the end";
    }

    static String tool(List<EndDress> ends) {
        return ends.stream().anyMatch(e -> e.how == How.EAR)
                ? "cup burr or file, emery 600 to 1200"
                : "file, emery 600";
    }

    /** How they are dressed: both alike, or each for itself. */
    static String text(List<EndDress> ends) {
        boolean alike = ends.size() > 1 && ends.get(0).how == ends.get(1).how;
        String said = alike
                ? ends.get(0).said("both ends")
                : String.join(
                        " ",
                        ends.stream().map(e -> e.said(e.where(ends.size()))).toList());
        return said + " A toothed file cuts in one direction only.";
    }

    private String where(int ends) {
        return how == How.EAR
                ? "the end that goes through the ear"
                : ends > 1 ? "the end at the " + element.label() : "it";
    }

    private String said(String what) {
        return switch (how) {
            case FLUSH -> "Take the burr off " + what + ".";
            case SLOPED -> "File " + what + " to a slope: the tip tucks in.";
            case ROUNDED -> "Round " + what + ", for an even paddle.";
            case EAR -> "Round " + what + " and polish it: it must not scratch.";
        };
    }
}
