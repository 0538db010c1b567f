package org.etui.server.api;

import java.util.List;
import java.util.Optional;
import org.etui.core.check.Term;
import org.etui.core.plan.Drawing;
import org.etui.core.plan.Plan;

/**
 * A job in the list.
 *
 * @param id its name in the store
 * @param name what it is called
 * @param version counts every change
 * @param due the day it has to be done
 * @param doneOn the day it was done; absent while it is not
 * @param piece name of its piece in the store
 * @param pieceName what the piece is called
 * @param quantity how many pieces
 * @param sizes how many sizes
 * @param wires how many wires to cut
 * @param steps how many steps its card has
 * @param minutes how long hands are needed, an estimate
 * @param totals wire for the whole job
 * @param drawing one of each size
 * @param wrong why it cannot be planned; absent where it can
 */
record JobRow(
        @Term("its name in the store") String id,
        @Term("what it is called") String name,
        @Term("counts every change") long version,
        @Term("the day it has to be done, ISO 8601") Optional<String> due,

        @Term("the day it was done, ISO 8601; absent while it is not")
        Optional<String> doneOn,

        @Term("name of its piece in the store") String piece,
        @Term("what the piece is called") String pieceName,
        @Term("how many pieces") int quantity,
        @Term("how many sizes") int sizes,
        @Term("how many wires to cut") int wires,
        @Term("how many steps its card has") int steps,

        @Term("how long hands are needed, minutes, an estimate")
        double minutes,

        @Term("wire for the whole job") Optional<Plan.Totals> totals,
        @Term("one of each size") List<Drawing> drawing,

        @Term("why it cannot be planned; absent where it can")
        Optional<String> wrong) {}
