package org.etui.core.piece;

import org.etui.core.check.Check;
import org.etui.core.check.Term;

/**
 * Where a strand lies in the drawing.
 *
 * @param xMm across, mm
 * @param yMm up, mm
 * @param zMm out of the plane, mm
 * @param rotDeg turned, degrees
 */
public record Place(
        @Term(value = "across, mm", from = -1e5, or = "0") double xMm,
        @Term(value = "up, mm", from = -1e5, or = "0") double yMm,

        @Term(value = "out of the plane, mm", from = -1e5, or = "0")
        double zMm,

        @Term(value = "turned, degrees", from = -360, to = 360, or = "0")
        double rotDeg) {
    /** At the origin, not turned: the plan turns such a piece to its long axis. */
    public static final Place FREE = new Place(0, 0, 0, 0);

    /** @throws IllegalArgumentException if a measure is out of range */
    public Place {
        Check.within("xMm", xMm, -Check.GREATEST, Check.GREATEST);
        Check.within("yMm", yMm, -Check.GREATEST, Check.GREATEST);
        Check.within("zMm", zMm, -Check.GREATEST, Check.GREATEST);
        Check.within("rotDeg", rotDeg, -360, 360);
    }

    /** Turned about the origin, degrees. */
    public static Place turned(double rotDeg) {
        return new Place(0, 0, 0, rotDeg);
    }
}
