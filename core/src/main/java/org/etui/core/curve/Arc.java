package org.etui.core.curve;

import org.etui.core.check.Check;
import org.hipparchus.geometry.euclidean.threed.Vector3D;

/**
 * A circular arc.
 *
 * @param radiusMm centre-line radius, mm, above 0
 * @param sweepRad angle turned, rad, positive to the left; not zero
 */
public record Arc(double radiusMm, double sweepRad) implements CurvePiece {

    /** @throws IllegalArgumentException if the radius is not positive or the sweep is zero */
    public Arc {
        Check.positive("radius", radiusMm);
        Check.that(
                sweepRad != 0 && Double.isFinite(sweepRad),
                () -> "sweep must be finite and not 0, was " + sweepRad + " rad");
    }

    /**
     * The arc that a wire makes round a mandrel.
     *
     * @param insideMm inside diameter, mm
     * @param thicknessMm thickness in the plane of bending, mm
     * @param sweepRad angle turned, positive to the left
     */
    public static Arc ofInside(double insideMm, double thicknessMm, double sweepRad) {
        return new Arc((insideMm + thicknessMm) / 2, sweepRad);
    }

    @Override
    public double lengthMm() {
        return radiusMm * Math.abs(sweepRad);
    }

    @Override
    public Pose at(double sMm) {
        Along.checked(sMm, lengthMm());
        double side = Math.signum(sweepRad);
        double half = sMm / radiusMm / 2;
        double sine = Math.sin(half);
        double cosine = Math.cos(half);
        Vector3D position = new Vector3D(2 * radiusMm * sine * cosine, side * 2 * radiusMm * sine * sine, 0);
        return new Pose(position, Pose.turn(cosine, side * sine));
    }

    @Override
    public double turnRad() {
        return Math.abs(sweepRad);
    }

    @Override
    public Arc scaled(double factor) {
        return new Arc(radiusMm * factor, sweepRad);
    }

    @Override
    public Arc lasting(double otherMm) {
        return new Arc(radiusMm, Math.signum(sweepRad) * otherMm / radiusMm);
    }

    @Override
    public double wireLengthMm(double thicknessMm) {
        return lengthMm() * CurvePiece.wireShare(1 / radiusMm, thicknessMm);
    }
}
