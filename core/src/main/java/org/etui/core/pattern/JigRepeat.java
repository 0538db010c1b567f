package org.etui.core.pattern;

import java.util.ArrayList;
import java.util.List;
import org.etui.core.element.Arc;
import org.etui.core.element.Element;
import org.etui.core.element.Loop;
import org.etui.core.element.Straight;
import org.etui.core.element.Turn;
import org.etui.core.metal.Metal;
import org.etui.core.metal.Temper;
import org.etui.core.piece.Allowance;
import org.etui.core.piece.HandleAt;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Place;
import org.etui.core.piece.Purpose;
import org.etui.core.piece.Strand;
import org.etui.core.wire.Wire;
import org.hipparchus.util.MathUtils;

/** Links that are bent alike on one jig: once round the first peg, by turns over and under those between, once round the last. */
final class JigRepeat extends Pattern {
    JigRepeat() {
        super(
                "jig-repeat",
                "Jig link",
                "Links alike, each bent in one go round the pegs of a jig; the jig sheet shows where the pegs stand.",
                List.of(Purpose.DECORATIVE, Purpose.LINK),
                Wire.ofAwg(Metal.COPPER, Temper.DEAD_SOFT, "18"),
                List.of(
                        Parameter.count("links", "links", 6, 1, 200),
                        Parameter.count("pegs", "pegs", 6, 3, 12),
                        Parameter.mm("pitchMm", "from peg to peg, along", 10, 9, 40)
                                .leftFree(),
                        Parameter.mm("rowsMm", "between the two rows", 8, 0.1, 40),
                        Parameter.mm("roundInsideMm", "rounds between, inside", 4, 1, 5),
                        Parameter.mm("loopInsideMm", "loops at the ends, inside", 3, 1, 6)));
    }

    /**
     * What the wire goes round.
     *
     * @param x along, mm
     * @param y across, mm
     * @param insideMm inside of the wire round it, mm
     * @param side 1 where it goes round to the left, -1 to the right
     */
    private record Round(double x, double y, double insideMm, int side) {}

    @Override
    Piece build(Values values, Wire wire, Purpose purpose) {
        double t = wire.section().inPlaneMm();
        List<Round> rounds = rounds(values);
        List<Element> elements = new ArrayList<>();
        double[] headings = new double[rounds.size() - 1];
        for (int i = 0; i < headings.length; i++) {
            headings[i] = headingRad(rounds.get(i), rounds.get(i + 1), t);
        }
        for (int i = 0; i < rounds.size(); i++) {
            Round round = rounds.get(i);
            Turn turn = round.side() > 0 ? Turn.LEFT : Turn.RIGHT;
            if (i == 0 || i == headings.length) {
                elements.add(Loop.thatOpens(i == 0 ? "first-loop" : "last-loop", round.insideMm(), turn));
            } else {
                double sweep = MathUtils.normalizeAngle(round.side() * (headings[i] - headings[i - 1]), Math.PI);
                elements.add(Arc.of("round-" + i, round.insideMm(), Math.toDegrees(Math.max(LEAST_RAD, sweep)), turn));
            }
            if (i < headings.length) {
                elements.add(Straight.of("way-" + (i + 1), freeMm(round, rounds.get(i + 1), t)));
            }
        }
        Strand link = Strand.of("link", "Link", wire, elements)
                .withAllowance(Allowance.usual().withHandleAt(HandleAt.NONE))
                .withPlace(Place.turned(Math.toDegrees(headings[0])))
                .onJig()
                .times(values.count("links"), false, false);
        return Piece.of(title(), purpose, List.of(link));
    }

    private static final double LEAST_RAD = 1e-3;

    /** Loops on the middle line, those between by turns above and below it: over what is above, under what is below. */
    private static List<Round> rounds(Values values) {
        int pegs = values.count("pegs");
        double pitch = values.number("pitchMm");
        double half = values.number("rowsMm") / 2;
        List<Round> rounds = new ArrayList<>();
        for (int i = 0; i < pegs; i++) {
            boolean end = i == 0 || i == pegs - 1;
            int side = i % 2 == 0 ? 1 : -1;
            rounds.add(new Round(
                    i * pitch, end ? 0 : -side * half, values.number(end ? "loopInsideMm" : "roundInsideMm"), side));
        }
        return rounds;
    }

    /** How far apart two rounds are across the straight that touches both, mm: r·side of the one less that of the other. */
    private static double acrossMm(Round from, Round to, double t) {
        return (to.side() * (to.insideMm() + t) - from.side() * (from.insideMm() + t)) / 2;
    }

    /** Heading of the straight that touches both (plane geometry of tangents). */
    private static double headingRad(Round from, Round to, double t) {
        double apart = Math.hypot(to.x() - from.x(), to.y() - from.y());
        return Math.atan2(to.y() - from.y(), to.x() - from.x()) - Math.asin(acrossMm(from, to, t) / apart);
    }

    private static double freeMm(Round from, Round to, double t) {
        double apart = Math.hypot(to.x() - from.x(), to.y() - from.y());
        double across = acrossMm(from, to, t);
        return Math.sqrt(apart * apart - across * across);
    }
}
