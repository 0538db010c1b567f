package org.etui.core.curve;

import org.etui.core.check.Check;
import org.hipparchus.geometry.euclidean.threed.Rotation;
import org.hipparchus.geometry.euclidean.threed.Vector3D;

/**
 * A straight piece.
 *
 * @param lengthMm length, mm, not negative
 */
public record Line(double lengthMm) implements CurvePiece {

    /** @throws IllegalArgumentException if the length is negative or not finite */
    public Line {
        Check.that(
                lengthMm >= 0 && Double.isFinite(lengthMm),
                () -> "length must be 0 or more and finite, was " + lengthMm + " mm");
    }

    @Override
    public Pose at(double sMm) {
        Along.checked(sMm, lengthMm);
        return new Pose(new Vector3D(sMm, 0, 0), Rotation.IDENTITY);
    }

    @Override
    public double turnRad() {
        return 0;
    }

    @Override
    public Line scaled(double factor) {
        return new Line(lengthMm * factor);
    }

    @Override
    public Line lasting(double otherMm) {
        return new Line(otherMm);
    }

    @Override
    public double wireLengthMm(double thicknessMm) {
        return lengthMm;
    }
}
