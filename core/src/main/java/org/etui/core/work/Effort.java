package org.etui.core.work;

import java.util.List;
import java.util.Locale;
import org.etui.core.act.Operation;
import org.etui.core.act.Run;
import org.etui.core.check.BadInput;
import org.etui.core.curve.CentreLine;
import org.etui.core.curve.CurvePiece;
import org.etui.core.element.Element;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Strand;

/**
 * What planning a piece takes, counted while its elements are laid out and before anything is bent: points to draw, and cells
 * of fibres times the operations that change them. A piece that takes more is refused. The limits are engineering
 * estimates: wraps of 24,000 points planned in half a second on two processors, no piece was timed at a limit itself.
 */
public final class Effort {
    /** Points along all lines of a piece, at most. */
    public static final int MOST_POINTS = 40_000;

    /** Cells of fibres times the operations on them, at most. */
    public static final int MOST_CELLS = 40_000;

    /** Points over all states of all strands, where every state is asked for, at most. */
    public static final int MOST_STATE_POINTS = 1_000_000;

    private final Piece piece;
    private long points;
    private long cells;

    Effort(Piece piece) {
        this.piece = piece;
    }

    /**
     * Counts the points of an element.
     *
     * @throws BadInput if the piece takes too many
     */
    void lay(Strand strand, Element element, List<CurvePiece> shapes) {
        for (CurvePiece shape : shapes) {
            points += 1 + CentreLine.steps(shape, StrandWork.DRAWN_STEP_RAD, 1);
        }
        if (points > MOST_POINTS) {
            throw new BadInput(
                    path(strand) + "." + strand.elements().indexOf(element),
                    counted(points, "points"),
                    counted(MOST_POINTS, "points")
                            + " at most are drawn of all lines of a piece: fewer turns or corners");
        }
    }

    /**
     * Counts what the operations of a strand change.
     *
     * @throws BadInput if the piece takes too many
     */
    void work(Strand strand, List<Run> runs, List<Operation> operations) {
        for (Run run : runs) {
            int parts = run.shape().curvatures().size();
            for (Operation operation : operations) {
                cells += operation.touches(run) ? parts : 0;
            }
        }
        if (cells > MOST_CELLS) {
            throw new BadInput(
                    path(strand),
                    counted(cells, "cells times operations"),
                    counted(MOST_CELLS, "cells times operations")
                            + " at most are worked in a piece: fewer elements or less work on them");
        }
    }

    /** Where a line lies on itself too often, in the words of the format. */
    static BadInput crosses(Piece piece, Strand strand, int most) {
        return new BadInput(
                "strands." + piece.strands().indexOf(strand) + ".elements",
                "more than " + counted(most, "places"),
                "must lie on itself in at most " + counted(most, "places"));
    }

    /**
     * Every state carries its outline: all of them together are bounded, too.
     *
     * @throws BadInput if there are too many points in all states
     */
    public static void requireStates(List<StrandWork> works) {
        long sum = works.stream()
                .mapToLong(w -> (long) w.stations().size() * w.states().size())
                .sum();
        if (sum > MOST_STATE_POINTS) {
            throw new BadInput(
                    "states",
                    "all, " + counted(sum, "points"),
                    "must be last or none for a piece with more than " + counted(MOST_STATE_POINTS, "points")
                            + " in all its states");
        }
    }

    private String path(Strand strand) {
        return "strands." + piece.strands().indexOf(strand) + ".elements";
    }

    private static String counted(long count, String what) {
        return String.format(Locale.ROOT, "%,d %s", count, what);
    }
}
