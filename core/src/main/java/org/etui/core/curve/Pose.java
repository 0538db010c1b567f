package org.etui.core.curve;

import org.hipparchus.geometry.euclidean.threed.Rotation;
import org.hipparchus.geometry.euclidean.threed.Vector3D;

/**
 * A position along a wire with its frame: x is the heading, y is left, z is up out of the working plane.
 *
 * @param position in mm
 * @param frame turns the axes of this pose into those of its parent
 */
public record Pose(Vector3D position, Rotation frame) {
    /** The origin, heading along x. */
    public static final Pose START = new Pose(Vector3D.ZERO, Rotation.IDENTITY);

    /** A pose in the plane at x, y in mm, heading turned left by an angle in rad. */
    public static Pose inPlane(double xMm, double yMm, double headingRad) {
        return new Pose(new Vector3D(xMm, yMm, 0), turn(headingRad));
    }

    /** The pose that is {@code local} as seen from this one. */
    public Pose then(Pose local) {
        return new Pose(at(local.position), frame.applyTo(local.frame));
    }

    /** This pose with its working plane rolled about the heading, rad, positive lifts the left side up. */
    public Pose rolled(double angleRad) {
        return angleRad == 0 ? this : new Pose(position, frame.applyTo(about(1, 0, angleRad)));
    }

    /** This pose with its heading lifted out of the working plane, rad, positive up. */
    Pose lifted(double angleRad) {
        return angleRad == 0 ? this : new Pose(position, frame.applyTo(about(0, -1, angleRad)));
    }

    /** This pose with its heading lifted by a slope, climb over run; by half-angle formulas, since a helix asks at every point. */
    Pose climbing(double slope) {
        double slant = Math.sqrt(1 + slope * slope);
        double cosine = Math.sqrt((1 + 1 / slant) / 2);
        return new Pose(position, frame.applyTo(new Rotation(cosine, 0, slope / (2 * slant * cosine), 0, false)));
    }

    /** A point given in this pose's frame, in the parent's. */
    public Vector3D at(Vector3D local) {
        return position.add(frame.applyTo(local));
    }

    /** The pose seen from which this one is the start: inverse of {@link #then}. */
    public Pose inverse() {
        return new Pose(frame.applyInverseTo(position).negate(), frame.revert());
    }

    /** Unit vector ahead. */
    public Vector3D heading() {
        return frame.applyTo(Vector3D.PLUS_I);
    }

    /** Unit vector to the left, in the working plane. */
    public Vector3D left() {
        return frame.applyTo(Vector3D.PLUS_J);
    }

    /** A turn in the plane, positive to the left: the quaternion itself, since this is asked for at every point drawn. */
    static Rotation turn(double angleRad) {
        return turn(Math.cos(angleRad / 2), Math.sin(angleRad / 2));
    }

    /** The same by cosine and sine of half the angle. */
    static Rotation turn(double halfCosine, double halfSine) {
        return new Rotation(halfCosine, 0, 0, -halfSine, false);
    }

    /** A turn about the heading or the left: the quaternion itself, like {@link #turn}. */
    private static Rotation about(double x, double y, double angleRad) {
        double sine = -Math.sin(angleRad / 2);
        return new Rotation(Math.cos(angleRad / 2), sine * x, sine * y, 0, false);
    }
}
