package org.etui.core.sequence;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import org.etui.core.element.Element;
import org.etui.core.element.Handling;
import org.etui.core.element.Seating;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Purpose;
import org.etui.core.piece.Strand;

/**
 * How an end of a wire is dressed (common practice): sloped where it shows as a curl, rounded where it is flattened, rounded and polished where it
 * goes through an ear, to a point where it is a pin, tapered where it is thick and tucked in, flush elsewhere.
 *
 * @param element what stands at that end
 * @param how how it is dressed
 */
record EndDress(Element element, How how) {
    /** From here on a tail does not tuck in at its full thickness, mm (common practice for rings wound by hand). */
    private static final double TAPERED_FROM_MM = 2.6;

    /** How an end is dressed. */
    enum How {
        /** The burr off. */
        FLUSH,
        /** Filed to a slope. */
        SLOPED,
        /** Filed thinner towards the tip. */
        TAPERED,
        /** Rounded, so that it spreads round. */
        ROUNDED,
        /** Rounded and polished. */
        EAR,
        /** Filed to a long point and polished. */
        POINTED
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
            of(piece, strand, along).ifPresent(ends::add);
        }
        if (last) {
            of(piece, strand, back).ifPresent(ends::add);
        }
        return ends;
    }

    /** The end that elements begin at. */
    private static Optional<EndDress> of(Piece piece, Strand strand, List<Element> from) {
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
        boolean thick = end.seated(Seating.wraps()).isPresent()
                && strand.wire().section().thicknessMm() >= TAPERED_FROM_MM;
        return Optional.of(new EndDress(
                end, ear ? How.EAR : thick ? How.TAPERED : how(end.handling().end())));
    }

    private static How how(Handling.End end) {
        return switch (end) {
            case SLOPED -> How.SLOPED;
            case ROUNDED -> How.ROUNDED;
            case POINTED -> How.POINTED;
            case FLUSH -> How.FLUSH;
        };
    }

    static String title(List<EndDress> ends) {
        return ends.size() > 1 ? "Dress both ends" : "Dress the end";
    }

    static String tool(List<EndDress> ends) {
        if (ends.stream().anyMatch(e -> e.how == How.POINTED)) {
            return "flat file, emery 600 to 1200";
        }
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
            case TAPERED ->
                "File " + what + " to a taper over about two thicknesses: wire as thick as this does not tuck in else.";
            case ROUNDED -> "Round " + what + ", for an even paddle.";
            case POINTED ->
                "Roll " + what
                        + " under the file to a long slim point, about five thicknesses, then polish it along the wire: it has to part the threads, not cut them.";
            case EAR -> "Round " + what + " and polish it: it must not scratch.";
        };
    }
}
