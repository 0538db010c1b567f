package org.etui.core.curve;

import java.util.List;
import org.etui.core.check.Check;
import org.hipparchus.geometry.euclidean.threed.Rotation;
import org.hipparchus.geometry.euclidean.threed.Vector3D;

/**
 * The ball of a headed pin, walked along its diameter: it takes room, and no wire.
 *
 * @param diameterMm diameter, mm, above 0
 */
public record Head(double diameterMm) implements CurvePiece {
    /** @throws IllegalArgumentException if the diameter is not positive */
    public Head {
        Check.positive("diameter", diameterMm);
    }

    @Override
    public double lengthMm() {
        return diameterMm;
    }

    @Override
    public Pose at(double sMm) {
        Along.checked(sMm, diameterMm);
        return new Pose(new Vector3D(sMm, 0, 0), Rotation.IDENTITY);
    }

    /** How wide the ball is there, mm. */
    public double widthMm(double sMm) {
        double fromMiddle = sMm - diameterMm / 2;
        return 2 * Math.sqrt(Math.max(0, diameterMm * diameterMm / 4 - fromMiddle * fromMiddle));
    }

    @Override
    public double turnRad() {
        return Math.PI;
    }

    /** A ball is bought as it is. */
    @Override
    public List<Curvature> curvatures() {
        return List.of(new Curvature(1, 0));
    }

    @Override
    public Head lasting(double otherMm) {
        return this;
    }

    @Override
    public Head scaled(double factor) {
        return this;
    }

    @Override
    public double wireLengthMm(double thicknessMm) {
        return 0;
    }
}
