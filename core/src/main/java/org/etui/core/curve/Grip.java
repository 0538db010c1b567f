package org.etui.core.curve;

import org.etui.core.check.Check;

/**
 * A change of direction without length, where the wire is gripped anew: the working plane rolled about the wire, or the kink where wires begin to twist.
 *
 * @param rollRad roll of the working plane about the heading, rad, positive lifts the left side
 * @param liftRad turn of the heading out of the rolled plane, rad, positive up
 */
public record Grip(double rollRad, double liftRad) implements CurvePiece {
    /** @throws IllegalArgumentException if an angle is not finite */
    public Grip {
        Check.that(Double.isFinite(rollRad) && Double.isFinite(liftRad), "angles must be finite");
    }

    /** A roll of the working plane, rad. */
    public static Grip roll(double angleRad) {
        return new Grip(angleRad, 0);
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
    public Grip lasting(double otherMm) {
        return this;
    }

    @Override
    public Grip scaled(double factor) {
        return this;
    }

    @Override
    public double wireLengthMm(double thicknessMm) {
        return 0;
    }
}
