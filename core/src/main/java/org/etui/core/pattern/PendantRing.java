package org.etui.core.pattern;

import java.util.List;
import org.etui.core.element.Coil;
import org.etui.core.element.Element;
import org.etui.core.element.Turn;
import org.etui.core.element.Wrap;
import org.etui.core.metal.Metal;
import org.etui.core.metal.Temper;
import org.etui.core.piece.Allowance;
import org.etui.core.piece.HandleAt;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Purpose;
import org.etui.core.piece.Strand;
import org.etui.core.wire.Wire;
import org.hipparchus.analysis.solvers.BrentSolver;

/**
 * Turns on a mandrel whose ends cross on top; each goes on past the crossing and is wound round the band, so that a charm hangs between the tails and
 * finds no gap to slip through.
 */
final class PendantRing extends Pattern {
    /** No room reaches further round than this to either side, rad. */
    private static final double WIDEST_RAD = Math.toRadians(80);

    /** Before its turns begin a tail comes over the edge, in thicknesses (engineering estimate). */
    private static final double CORNER = 1;

    PendantRing() {
        super(
                "pendant-ring",
                "Pendant ring",
                "A band whose two ends cross on top and are wound round it: a charm hangs between the tails and cannot slip off.",
                List.of(Purpose.DECORATIVE, Purpose.PENDANT),
                Wire.ofRound(Metal.COPPER, Temper.DEAD_SOFT, 1.6),
                Finger.measures(
                        Parameter.count("turns", "turns of the band", 2, 1, 6),
                        Parameter.mm("roomMm", "room for the charm", 4, 0.5, 20).leftFree(),
                        Parameter.number("tailTurns", "tails, turns round the band", "turns", 1, 0.5, 4)));
    }

    @Override
    Piece build(Values values, Wire wire, Purpose purpose) {
        double t = wire.section().inPlaneMm();
        int turns = values.count("turns");
        double tail = values.number("tailTurns");
        double room = values.number("roomMm");
        double free = Finger.sizeMm(values);
        double inside = new BrentSolver(1e-9)
                .solve(200, d -> Finger.freeMm(d, t, downRad(d, t, room, tail)) - free, free, free + 4 * t);
        double past = pastRad(inside, t, room);
        double all = 2 * Math.PI * turns + 2 * past;
        double down = past + downRad(inside, t, room, tail);
        List<Element> elements = List.of(
                tail("first-tail", turns, t, tail, (2 * Math.PI + 2 * past - down) / all),
                Coil.of("band", inside, all / (2 * Math.PI), Turn.LEFT),
                tail("second-tail", turns, t, tail, (2 * Math.PI * (turns - 1) + down) / all));
        Strand strand = Strand.of("ring", "Ring", wire, elements)
                .withOrder(List.of("band", "first-tail", "second-tail"))
                .withAllowance(Allowance.usual().withHandleAt(HandleAt.BOTH));
        return Piece.of(title(), purpose, List.of(strand)).withNotes(Finger.told(inside, free));
    }

    /** How far past the top either end goes before it is wound on, rad. */
    private static double pastRad(double insideMm, double t, double roomMm) {
        return Math.min(roomMm / (insideMm + t), WIDEST_RAD);
    }

    /** Where the middle of a tail's turns lies, from the top, rad. */
    private static double downRad(double insideMm, double t, double roomMm, double tailTurns) {
        return pastRad(insideMm, t, roomMm) + (tailTurns + CORNER) * t / (insideMm + t);
    }

    private static Wrap tail(String id, int turns, double t, double tailTurns, double at) {
        return Wrap.of(id, Wrap.Core.ofWires(turns, t), tailTurns, Turn.LEFT).round(List.of("ring.band"), at);
    }
}
