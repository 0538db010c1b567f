package org.etui.core.curve;

import java.util.ArrayList;
import java.util.List;
import org.etui.core.check.Check;
import org.hipparchus.analysis.integration.IterativeLegendreGaussIntegrator;
import org.hipparchus.analysis.solvers.BracketingNthOrderBrentSolver;
import org.hipparchus.exception.MathIllegalStateException;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.hipparchus.special.elliptic.legendre.LegendreEllipticIntegral;
import org.hipparchus.util.MathUtils;

/**
 * Part of a line that runs at a distance round an ellipse, (a·cos τ, b·sin τ), walked with τ growing.
 *
 * @param aMm half axis at τ = 0, mm, above 0
 * @param bMm half axis at τ = π/2, mm, above 0
 * @param offsetMm distance outside the ellipse, mm, 0 or more
 * @param fromRad τ of its beginning
 * @param toRad τ of its end, above the beginning
 * @param side +1 where it curves to the left as it is walked, −1 to the right
 */
public record EllipseArc(double aMm, double bMm, double offsetMm, double fromRad, double toRad, int side)
        implements CurvePiece {
    private static final double SOLVED_RAD = 1e-13;
    /** The library has no number for an angle of 0; so near to it, E(φ|m) = φ − mφ³/6 is φ to the last digit. */
    private static final double NEXT_TO_NOTHING_RAD = 1e-9;

    private static final int PARTS = 12;
    private static final int EVALUATIONS = 200;

    /** @throws IllegalArgumentException if a measure is out of range */
    public EllipseArc {
        Check.positive("half axis a", aMm);
        Check.positive("half axis b", bMm);
        Check.within("offset", offsetMm, 0, Check.GREATEST);
        Check.that(toRad > fromRad, "the end must come after the beginning");
        Check.that(side == 1 || side == -1, () -> "side must be 1 or -1, was " + side);
    }

    /**
     * Arc length of the ellipse by Legendre's incomplete integral of the second kind, and the distance times the angle
     * turned (Steiner's formula for parallel curves): textbook.
     */
    @Override
    public double lengthMm() {
        return lengthTo(toRad);
    }

    private double lengthTo(double tau) {
        return ellipse(tau) - ellipse(fromRad) + offsetMm * (normalAngle(tau) - normalAngle(fromRad));
    }

    private double ellipse(double tau) {
        double longest = Math.max(aMm, bMm);
        double m = 1 - Math.pow(Math.min(aMm, bMm) / longest, 2);
        double fromMiddle = aMm >= bMm ? tau - Math.PI / 2 : tau;
        return longest
                * (Math.abs(fromMiddle) < NEXT_TO_NOTHING_RAD
                        ? fromMiddle
                        : LegendreEllipticIntegral.bigE(fromMiddle, m));
    }

    /** Angle of the outward normal, growing with τ. */
    private double normalAngle(double tau) {
        double angle = Math.atan2(aMm * Math.sin(tau), bMm * Math.cos(tau));
        return tau + MathUtils.normalizeAngle(angle - tau, 0);
    }

    @Override
    public double turnRad() {
        return normalAngle(toRad) - normalAngle(fromRad);
    }

    @Override
    public Pose at(double sMm) {
        return origin().then(pose(parameterAt(sMm)));
    }

    /** Points are put by τ, closer where it is bent more, and need no inverse of the length. */
    @Override
    public double lengthAtTurnMm(double share) {
        return lengthTo(fromRad + share * (toRad - fromRad));
    }

    /** Length from the start at which it has turned by an angle, rad: tan τ = b/a · tan of the normal's angle. */
    double lengthTurnedMm(double turnRad) {
        double normal = normalAngle(fromRad) + turnRad;
        double tau = Math.atan2(bMm * Math.sin(normal), aMm * Math.cos(normal));
        return lengthTo(normal + MathUtils.normalizeAngle(tau - normal, 0));
    }

    @Override
    public Pose origin() {
        return pose(fromRad).inverse();
    }

    @Override
    public Pose aboutOrigin(double share) {
        return pose(fromRad + share * (toRad - fromRad));
    }

    private double parameterAt(double sMm) {
        double length = lengthMm();
        Along.checked(sMm, length);
        if (sMm <= 0 || sMm >= length) {
            return sMm <= 0 ? fromRad : toRad;
        }
        return new BracketingNthOrderBrentSolver(SOLVED_RAD, 5)
                .solve(EVALUATIONS, tau -> lengthTo(tau) - sMm, fromRad, toRad);
    }

    /** The part between two lengths from the start, mm. */
    EllipseArc part(double fromMm, double toMm) {
        return new EllipseArc(aMm, bMm, offsetMm, parameterAt(fromMm), parameterAt(toMm), side);
    }

    private Pose pose(double tau) {
        double normal = normalAngle(tau);
        double x = aMm * Math.cos(tau) + offsetMm * Math.cos(normal);
        double y = bMm * Math.sin(tau) + offsetMm * Math.sin(normal);
        return new Pose(new Vector3D(x, side * y, 0), Pose.turn(side * (normal + Math.PI / 2)));
    }

    @Override
    public EllipseArc scaled(double factor) {
        return new EllipseArc(aMm * factor, bMm * factor, offsetMm * factor, fromRad, toRad, side);
    }

    @Override
    public List<Curvature> curvatures() {
        double length = lengthMm();
        List<Curvature> parts = new ArrayList<>();
        for (int i = 0; i < PARTS; i++) {
            double step = (toRad - fromRad) / PARTS;
            double to = i + 1 == PARTS ? 1 : lengthTo(fromRad + (i + 1) * step) / length;
            parts.add(new Curvature(to, 1 / radiusAt(fromRad + (i + 0.5) * step)));
        }
        return parts;
    }

    private double speed(double tau) {
        double across = aMm * Math.sin(tau);
        double along = bMm * Math.cos(tau);
        return Math.sqrt(across * across + along * along);
    }

    private double radiusAt(double tau) {
        double speed = speed(tau);
        return speed * speed * speed / (aMm * bMm) + offsetMm;
    }

    /** An ellipse has no other length with the same bends: it is made larger or smaller. */
    @Override
    public EllipseArc lasting(double otherMm) {
        return scaled(otherMm / lengthMm());
    }

    /**
     * The rule of {@link CurvePiece#wireLengthMm} by quadrature; radius of curvature (a²sin² + b²cos²)^1.5/ab + offset. An ellipse so narrow that
     * its ends are sharper than any wire has the length of its curve: the rule says nothing there.
     */
    @Override
    public double wireLengthMm(double thicknessMm) {
        try {
            return ruled(thicknessMm);
        } catch (MathIllegalStateException narrow) {
            return lengthMm();
        }
    }

    private double ruled(double thicknessMm) {
        return new IterativeLegendreGaussIntegrator(24, 1e-10, 1e-10)
                .integrate(
                        1_000_000,
                        tau -> {
                            double speed = speed(tau);
                            double radius = radiusAt(tau);
                            double ds = radius * aMm * bMm / (speed * speed);
                            return CurvePiece.wireShare(1 / radius, thicknessMm) * ds;
                        },
                        fromRad,
                        toRad);
    }
}
