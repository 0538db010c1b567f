package org.etui.core.curve;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;

/**
 * Two arcs that lead from one place and heading to another and meet with one heading: what two bends by hand make of free wire. Of the family of such
 * pairs the one whose handles are of equal length (Bolton 1975 in the plane, Sharrock 1987 in space).
 */
public final class Biarc {
    /** Places closer than this are one. */
    private static final double SAME_MM = 1e-7;

    /** What bulges by less is straight. */
    private static final double STRAIGHT_MM = 1e-7;

    private static final double WIDEST_MM = 5e4;
    private static final double SAME_RAD = 1e-9;
    private static final double PARALLEL = 1e-9;

    private Biarc() {}

    /**
     * Grips, arcs and lines from one pose to another, frame and all.
     *
     * @param from where the wire is
     * @param to where it has to be, told in the same frame
     * @return none where they are one
     */
    public static List<CurvePiece> between(Pose from, Pose to) {
        Pose local = from.inverse().then(to);
        List<CurvePiece> pieces = new ArrayList<>();
        Pose here = Pose.START;
        if (local.position().getNorm() > SAME_MM) {
            here = arc(here, junction(local.position(), local.heading()), pieces);
            here = arc(here, local.position(), pieces);
        }
        Vector3D left = here.frame().applyInverseTo(local.left());
        double roll = Math.atan2(left.getZ(), left.getY());
        if (Math.abs(roll) > SAME_RAD) {
            pieces.add(Grip.roll(roll));
        }
        return pieces;
    }

    /**
     * An arc in the working plane that reaches a place from a heading along x; a line where that lies ahead.
     *
     * @param x ahead, mm
     * @param y to the left, mm
     */
    public static CurvePiece inPlane(double x, double y) {
        double chord = Math.hypot(x, y);
        double half = Math.atan2(y, x);
        return Math.abs(half) * chord < STRAIGHT_MM
                ? new Line(chord)
                : new Arc(chord / (2 * Math.abs(Math.sin(half))), 2 * half);
    }

    /** Where the arcs meet, as seen from the beginning, which heads along x. */
    private static Vector3D junction(Vector3D way, Vector3D heading) {
        double along = way.dotProduct(Vector3D.PLUS_I.add(heading));
        double bent = 2 * (1 - heading.getX());
        double square = way.getNormSq();
        double handle;
        if (bent > PARALLEL) {
            handle = (Math.sqrt(along * along + bent * square) - along) / bent;
        } else {
            handle = along > PARALLEL ? square / (2 * along) : square;
        }
        return new Vector3D(handle, Vector3D.PLUS_I)
                .add(way)
                .subtract(handle, heading)
                .scalarMultiply(0.5);
    }

    private static Pose arc(Pose from, Vector3D to, List<CurvePiece> pieces) {
        Vector3D way = from.frame().applyInverseTo(to.subtract(from.position()));
        double aside = Math.hypot(way.getY(), way.getZ());
        if (way.getNorm() < SAME_MM) {
            return from;
        }
        Pose here = from;
        double side = 1;
        if (aside > SAME_RAD * way.getNorm()) {
            double roll = Math.atan2(way.getZ(), way.getY());
            // Never turned over: an arc to the other side does it.
            if (Math.abs(roll) > Math.PI / 2) {
                roll -= Math.copySign(Math.PI, roll);
                side = -1;
            }
            if (Math.abs(roll) > SAME_RAD) {
                pieces.add(Grip.roll(roll));
                here = here.rolled(roll);
            }
        }
        CurvePiece piece = inPlane(way.getX(), side * aside);
        pieces.add(piece);
        return here.then(piece.at(piece.lengthMm()));
    }
}
