package org.etui.server.api;

import java.util.List;
import java.util.Optional;
import org.etui.core.check.Term;
import org.etui.core.piece.Purpose;
import org.etui.core.plan.Drawing;
import org.etui.core.plan.PartDrawn;
import org.etui.core.plan.Plan;

/**
 * A piece on the tray.
 *
 * @param id its name in the store
 * @param name what it is called
 * @param version counts every change
 * @param changedAt when it changed last
 * @param purpose what it has to do
 * @param wire its wire in words
 * @param strands how many strands it has
 * @param wires how many wires it takes
 * @param cutMm cut length of the longest strand
 * @param steps how many steps its card has
 * @param stops how many advices say stop
 * @param minds how many say mind
 * @param totals wire for the whole piece
 * @param drawing its finished form
 * @param parts what is not wire, drawn where it sits
 * @param tags words to find it by
 * @param pattern whether it is offered when a new piece is begun
 * @param wrong why it cannot be shown; absent where it can
 * @param waiting whether its figures are still being worked out
 */
record TrayPiece(
        @Term("its name in the store") String id,
        @Term("what it is called") String name,
        @Term("counts every change") long version,
        @Term("when it changed last, ISO 8601") String changedAt,
        @Term("what it has to do") Purpose purpose,
        @Term("its wire in words") String wire,
        @Term("how many strands it has") int strands,
        @Term("how many wires it takes") int wires,
        @Term("cut length of the longest strand, mm") double cutMm,
        @Term("how many steps its card has") int steps,
        @Term("how many advices say stop") int stops,
        @Term("how many advices say mind") int minds,
        @Term("wire for the whole piece") Plan.Totals totals,

        @Term("its finished form, in as few points as the eye needs")
        List<Drawing> drawing,

        @Term("what is not wire, drawn where it sits") List<PartDrawn> parts,

        @Term("words to find it by") List<String> tags,

        @Term("whether it is offered when a new piece is begun")
        boolean pattern,

        @Term("why it cannot be shown; absent where it can; it can still be saved as a file")
        Optional<String> wrong,

        @Term("whether its figures are still being worked out: ask again")
        boolean waiting) {

    private static final Plan.Totals NOTHING = new Plan.Totals(List.of(), 0, 0, 0, 0);

    /** A row without figures. */
    static TrayPiece bare(String name, List<String> tags, Optional<String> wrong, boolean waiting) {
        return new TrayPiece(
                "",
                name,
                0,
                "",
                Purpose.DECORATIVE,
                "",
                0,
                0,
                0,
                0,
                0,
                0,
                NOTHING,
                List.of(),
                List.of(),
                tags,
                false,
                wrong,
                waiting);
    }

    /** The same row for a piece of the store. */
    TrayPiece at(String ofId, long ofVersion, String ofChangedAt) {
        return new TrayPiece(
                ofId,
                name,
                ofVersion,
                ofChangedAt,
                purpose,
                wire,
                strands,
                wires,
                cutMm,
                steps,
                stops,
                minds,
                totals,
                drawing,
                parts,
                tags,
                pattern,
                wrong,
                waiting);
    }
}
