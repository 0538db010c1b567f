package org.etui.core.piece;

import org.etui.core.check.Check;
import org.etui.core.check.Term;
import org.etui.core.curve.Pose;
import org.hipparchus.geometry.euclidean.threed.Rotation;
import org.hipparchus.geometry.euclidean.threed.RotationConvention;
import org.hipparchus.geometry.euclidean.threed.Vector3D;

/**
 * Where a strand or a part lies in the drawing.
 *
 * @param xMm across, mm
 * @param yMm up, mm
 * @param zMm out of the plane, mm
 * @param rotDeg turned, degrees
 * @param tipDeg tipped before it is turned, degrees: 90 turns its front down, −90 up
 */
public record Place(
        @Term(value = "across, mm", from = -1e5, or = "0") double xMm,
        @Term(value = "up, mm", from = -1e5, or = "0") double yMm,

        @Term(value = "out of the plane, mm", from = -1e5, or = "0")
        double zMm,

        @Term(value = "turned, degrees", from = -360, to = 360, or = "0")
        double rotDeg,

        @Term(
                value = "tipped before it is turned, degrees: 90 turns its front down, -90 up",
                from = -360,
                to = 360,
                or = "0")
        double tipDeg) {
    /** At the origin, not turned: the plan turns such a piece to its long axis. */
    public static final Place FREE = new Place(0, 0, 0, 0);

    /** @throws IllegalArgumentException if a measure is out of range */
    public Place {
        Check.within("xMm", xMm, -Check.GREATEST, Check.GREATEST);
        Check.within("yMm", yMm, -Check.GREATEST, Check.GREATEST);
        Check.within("zMm", zMm, -Check.GREATEST, Check.GREATEST);
        Check.within("rotDeg", rotDeg, -360, 360);
        Check.within("tipDeg", tipDeg, -360, 360);
    }

    /** Not tipped. */
    public Place(double xMm, double yMm, double zMm, double rotDeg) {
        this(xMm, yMm, zMm, rotDeg, 0);
    }

    /** Turned about the origin, degrees. */
    public static Place turned(double rotDeg) {
        return new Place(0, 0, 0, rotDeg);
    }

    /** Tipped at the origin, degrees. */
    public static Place tipped(double tipDeg) {
        return new Place(0, 0, 0, 0, tipDeg);
    }

    /** The same further to the right, mm. */
    public Place moved(double rightMm) {
        return new Place(xMm + rightMm, yMm, zMm, rotDeg, tipDeg);
    }

    /** The same as a frame. */
    public Pose pose() {
        Pose flat = Pose.inPlane(xMm, yMm, Math.toRadians(rotDeg));
        Rotation tip = new Rotation(Vector3D.PLUS_I, Math.toRadians(tipDeg), RotationConvention.VECTOR_OPERATOR);
        return new Pose(new Vector3D(xMm, yMm, zMm), flat.frame()).then(new Pose(Vector3D.ZERO, tip));
    }
}
