package org.etui.core.curve;

import org.etui.core.check.Check;

/**
 * A change of direction without length: the working plane rolled about the wire, or the kink where wires begin to twist.
 *
 * @param rollRad roll of the working plane about the heading, rad, positive lifts the left side
 * @param liftRad turn of the heading out of the rolled plane, rad, positive up
 */
public record Joint(double rollRad, double liftRad) implements CurvePiece {
    /** @throws IllegalArgumentException if an angle is not finite */
    public Joint {
        Check.that(Double.isFinite(rollRad) && Double.isFinite(liftRad), "angles must be finite");
    }

    /** A roll of the working plane, rad. */
    public static Joint roll(double angleRad) {
        return new Joint(angleRad, 0);
    }

    @Override
    public double lengthMm() {
        return 0;
    }

    @Override
    public Pose at(double sMm) {
        Along.checked(sMm, 0);
        return Pose.START.rolled(rollRad).lifted(liftRad);
    }

    @Override
    public double turnRad() {
        return 0;
    }

    @Override
    public Joint lasting(double otherMm) {
        return this;
    }

    @Override
    public Joint scaled(double factor) {
        return this;
    }

    @Override
    public double wireLengthMm(double thicknessMm) {
        return 0;
    }
}
