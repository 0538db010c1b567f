package org.etui.core.curve;

import java.util.List;
import org.etui.core.check.Check;
import org.hipparchus.geometry.euclidean.threed.Vector3D;

/**
 * A curve of constant slope over a flat one, the general helix: over an arc the common helix of a coil, over a line a
 * slanting line. Its axis stands on the plane of the base; it starts along the slope.
 *
 * @param base what it is seen as along the axis
 * @param slope how far it climbs along the axis for a length of the base, 0 or more
 */
public record Helix(CurvePiece base, double slope) implements CurvePiece {

    /** @throws IllegalArgumentException if the base is neither line nor arc or the slope is out of range */
    public Helix {
        Check.that(base instanceof Line || base instanceof Arc, "base must be a line or an arc");
        Check.within("slope", slope, 0, Check.GREATEST);
    }

    /**
     * A coil: so many turns of an arc, each climbing by a pitch.
     *
     * @param radiusMm centre-line radius, mm
     * @param pitchMm climb a turn, mm
     * @param sweepRad angle turned, rad, positive to the left
     */
    public static Helix coil(double radiusMm, double pitchMm, double sweepRad) {
        return new Helix(new Arc(radiusMm, sweepRad), pitchMm / (2 * Math.PI * radiusMm));
    }

    /** Angle of the slope, rad. */
    public double slopeRad() {
        return Math.atan(slope);
    }

    /** √(base² + climb²): textbook, the helix unrolled is the long side of a right-angled triangle. */
    @Override
    public double lengthMm() {
        return base.lengthMm() * Math.sqrt(1 + slope * slope);
    }

    @Override
    public Pose at(double sMm) {
        Along.checked(sMm, lengthMm());
        double along = Math.min(sMm / Math.sqrt(1 + slope * slope), base.lengthMm());
        return origin().then(overBase(Math.max(along, 0)));
    }

    /** The base's frame: there the axis runs along z. */
    @Override
    public Pose origin() {
        return start().inverse();
    }

    @Override
    public Pose aboutOrigin(double share) {
        return overBase(share * base.lengthMm());
    }

    private Pose overBase(double alongMm) {
        Pose flat = base.at(alongMm);
        Vector3D point = new Vector3D(flat.position().getX(), flat.position().getY(), alongMm * slope);
        return new Pose(point, flat.frame()).climbing(slope);
    }

    private Pose start() {
        return Pose.START.climbing(slope);
    }

    /** A point of the base's frame as seen from the start: the axis runs along z there. */
    public Vector3D fromBase(Vector3D point) {
        return origin().at(point);
    }

    @Override
    public double turnRad() {
        return base.turnRad();
    }

    @Override
    public Helix scaled(double factor) {
        return new Helix(base.scaled(factor), slope);
    }

    @Override
    public List<Curvature> curvatures() {
        double flat = base.lengthMm() == 0 ? 0 : base.turnRad() / base.lengthMm();
        return List.of(new Curvature(1, flat / (1 + slope * slope)));
    }

    @Override
    public Helix lasting(double otherMm) {
        return new Helix(base.lasting(otherMm / Math.sqrt(1 + slope * slope)), slope);
    }

    /** The rule with κ = κ(base)/(1 + slope²), textbook curvature of the helix. */
    @Override
    public double wireLengthMm(double thicknessMm) {
        double flat = base.lengthMm() == 0 ? 0 : base.turnRad() / base.lengthMm();
        return lengthMm() * CurvePiece.wireShare(flat / (1 + slope * slope), thicknessMm);
    }
}
