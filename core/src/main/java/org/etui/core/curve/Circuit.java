package org.etui.core.curve;

import java.util.ArrayList;
import java.util.List;
import org.etui.core.check.Check;
import org.hipparchus.util.MathUtils;

/**
 * A closed line round something, walked anticlockwise from its top, the interior to the left. Round a set of circles it
 * is the line that a taut wire makes: the hull, its sides lines and its corners arcs. Points are circles of no radius.
 *
 * @param pieces lines, arcs or one arc of an ellipse, closing on themselves
 */
public record Circuit(List<CurvePiece> pieces) {
    private static final double SAME_MM = 1e-12;
    private static final double TOUCHES_MM = 1e-9;
    private static final double SAME_RAD = 1e-9;
    private static final double TOP_RAD = Math.PI / 2;

    /** @throws IllegalArgumentException if there are no pieces */
    public Circuit {
        Check.that(!pieces.isEmpty(), "a circuit needs at least one piece");
        pieces = List.copyOf(pieces);
    }

    /**
     * A circle to go round.
     *
     * @param xMm middle, mm
     * @param yMm middle, mm
     * @param radiusMm radius, mm, 0 or more
     */
    public record Disc(double xMm, double yMm, double radiusMm) {
        private boolean holds(Disc other) {
            return Math.hypot(other.xMm - xMm, other.yMm - yMm) <= radiusMm - other.radiusMm + TOUCHES_MM;
        }

        private double support(double angle) {
            return xMm * Math.cos(angle) + yMm * Math.sin(angle) + radiusMm;
        }
    }

    /** Round an ellipse, at a distance: half axes across and up, mm. */
    public static Circuit ofEllipse(double aMm, double bMm, double offsetMm) {
        if (Math.abs(aMm - bMm) < TOUCHES_MM) {
            return around(List.of(new Disc(0, 0, aMm)), offsetMm);
        }
        return new Circuit(List.of(new EllipseArc(aMm, bMm, offsetMm, TOP_RAD, TOP_RAD + 2 * Math.PI, 1)));
    }

    /**
     * Round circles, at a distance: where the taut line leaves one circle for the next, the next one's support begins to
     * exceed (textbook, gift wrapping by support functions).
     *
     * @param all at least one; what lies within another is passed by
     * @param offsetMm distance, mm, above 0 where a corner is a point
     */
    public static Circuit around(List<Disc> all, double offsetMm) {
        List<Disc> discs = outermost(all);
        List<CurvePiece> pieces = new ArrayList<>();
        Disc first = topmost(discs);
        Disc on = first;
        double angle = TOP_RAD;
        double end = TOP_RAD + 2 * Math.PI;
        while (angle < end) {
            Disc next = null;
            double leaves = end;
            for (Disc other : discs) {
                double at = on.equals(other) ? end : leaves(on, other, angle);
                boolean sooner = at < leaves - SAME_RAD;
                if (sooner || next != null && at < leaves + SAME_RAD && further(on, next, other)) {
                    leaves = at;
                    next = other;
                }
            }
            double radius = on.radiusMm + offsetMm;
            if (leaves > angle && radius > 0) {
                pieces.add(new Arc(radius, leaves - angle));
            }
            if (next != null) {
                double d2 = square(next.xMm - on.xMm) + square(next.yMm - on.yMm);
                double length = Math.sqrt(Math.max(0, d2 - square(next.radiusMm - on.radiusMm)));
                if (length > SAME_MM) {
                    pieces.add(new Line(length));
                }
                on = next;
            }
            angle = leaves;
        }
        return new Circuit(pieces);
    }

    /** A circle within another, or touching it from inside, is never reached by the line. */
    private static List<Disc> outermost(List<Disc> all) {
        List<Disc> discs = new ArrayList<>();
        for (Disc disc : all) {
            if (discs.stream().noneMatch(other -> other.holds(disc))) {
                discs.removeIf(disc::holds);
                discs.add(disc);
            }
        }
        return discs;
    }

    /** Of a row of circles along one side the last is gone to: their side is one line. */
    private static boolean further(Disc from, Disc than, Disc other) {
        return Math.hypot(other.xMm - from.xMm, other.yMm - from.yMm)
                > Math.hypot(than.xMm - from.xMm, than.yMm - from.yMm);
    }

    /** The circle on whose top the way round all begins. */
    public static Disc top(List<Disc> all) {
        return topmost(outermost(all));
    }

    private static Disc topmost(List<Disc> discs) {
        Disc best = discs.get(0);
        for (Disc disc : discs) {
            double more = disc.support(TOP_RAD) - best.support(TOP_RAD);
            if (more > SAME_MM || more > -SAME_MM && disc.xMm > best.xMm) {
                best = disc;
            }
        }
        return best;
    }

    /** Angle of the normal, above {@code angle}, at which the line goes over to another circle; infinity where never. */
    private static double leaves(Disc on, Disc other, double angle) {
        double d = Math.hypot(other.xMm - on.xMm, other.yMm - on.yMm);
        double share = (on.radiusMm - other.radiusMm) / d;
        if (!(Math.abs(share) <= 1)) {
            return Double.POSITIVE_INFINITY;
        }
        double towards = Math.atan2(other.yMm - on.yMm, other.xMm - on.xMm);
        double at = MathUtils.normalizeAngle(towards - Math.acos(share), angle + Math.PI);
        return at - angle > 2 * Math.PI - 1e-9 ? angle : at;
    }

    private static double square(double value) {
        return value * value;
    }

    /** Length all the way round, mm. */
    public double lengthMm() {
        return pieces.stream().mapToDouble(CurvePiece::lengthMm).sum();
    }

    /** The same begun in the middle of the side that it begins on; unchanged where it begins on a curve. */
    public Circuit fromMiddleOfTop() {
        double side = 0;
        for (int i = 0; i < pieces.size() && pieces.get(i) instanceof Line line; i++) {
            side += line.lengthMm();
        }
        double share = side / 2 / lengthMm();
        return side == 0 ? this : new Circuit(along(share, 1 + share, 1));
    }

    /**
     * The same as its shape is turned: begun where the turned shape has its top, in the middle of a side that lies there.
     *
     * @param leftRad how far it is turned to the left, radians
     */
    public Circuit turned(double leftRad) {
        double wanted = MathUtils.normalizeAngle(-leftRad, Math.PI);
        if (wanted < SAME_RAD || wanted > 2 * Math.PI - SAME_RAD) {
            return this;
        }
        double turned = 0;
        double at = 0;
        for (int i = 0; i < pieces.size(); i++) {
            CurvePiece piece = pieces.get(i);
            double here = piece.turnRad();
            if (here > 0 && turned + here >= wanted - SAME_RAD) {
                double end = at + lengthUntil(piece, wanted - turned);
                boolean side = turned + here < wanted + SAME_RAD && pieces.get((i + 1) % pieces.size()) instanceof Line;
                double half = side ? pieces.get((i + 1) % pieces.size()).lengthMm() / 2 : 0;
                double share = (end + half) / lengthMm();
                return new Circuit(along(share, 1 + share, 1));
            }
            turned += here;
            at += piece.lengthMm();
        }
        return this;
    }

    private static double lengthUntil(CurvePiece piece, double turnRad) {
        if (piece instanceof EllipseArc ellipse) {
            return ellipse.lengthTurnedMm(turnRad);
        }
        return turnRad / piece.turnRad() * piece.lengthMm();
    }

    /**
     * Part of the way, more than once round where asked for.
     *
     * @param fromTurns where it begins, 1 for once round, 0 or more
     * @param toTurns where it ends, above the beginning
     * @param side +1 anticlockwise, −1 the mirror image
     */
    public List<CurvePiece> along(double fromTurns, double toTurns, int side) {
        double round = lengthMm();
        double from = fromTurns * round;
        double to = toTurns * round;
        List<CurvePiece> way = new ArrayList<>();
        double at = Math.floor(fromTurns) * round;
        for (int i = 0; at < to - SAME_MM * round; i = (i + 1) % pieces.size()) {
            CurvePiece piece = pieces.get(i);
            double low = Math.max(0, from - at);
            double high = Math.min(piece.lengthMm(), to - at);
            if (high - low > SAME_MM * round) {
                way.add(part(piece, low, high, side));
            }
            at += piece.lengthMm();
        }
        return way;
    }

    private static CurvePiece part(CurvePiece piece, double fromMm, double toMm, int side) {
        if (piece instanceof Arc arc) {
            return new Arc(arc.radiusMm(), side * (toMm - fromMm) / arc.radiusMm());
        }
        if (piece instanceof EllipseArc ellipse) {
            EllipseArc part = ellipse.part(fromMm, toMm);
            return new EllipseArc(part.aMm(), part.bMm(), part.offsetMm(), part.fromRad(), part.toRad(), side);
        }
        return new Line(toMm - fromMm);
    }
}
