package org.etui.server.api;

import java.util.List;
import org.etui.core.check.Term;
import org.etui.core.piece.Purpose;
import org.etui.core.plan.Drawing;
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
        @Term("its finished form") List<Drawing> drawing) {}
