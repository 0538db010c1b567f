package org.etui.core.curve;

import java.util.ArrayList;
import java.util.List;
import org.etui.core.check.Check;
import org.etui.core.measure.Quadrature;
import org.hipparchus.analysis.UnivariateFunction;
import org.hipparchus.analysis.integration.gauss.GaussIntegrator;
import org.hipparchus.analysis.solvers.BracketingNthOrderBrentSolver;
import org.hipparchus.geometry.euclidean.threed.Rotation;
import org.hipparchus.geometry.euclidean.threed.Vector3D;

/**
 * An arc that goes up and down across its own plane as it goes round: z = h/2 · (1 − cos(2πkθ/S)). It begins and ends in the plane, heading along it.
 *
 * @param radiusMm radius of the arc, mm, above 0
 * @param sweepRad angle that it turns, rad, positive to the left, not 0
 * @param waves whole waves on the way, at least 1
 * @param heightMm from trough to crest of the centre line, mm, 0 or more
 */
public record Wave(double radiusMm, double sweepRad, int waves, double heightMm) implements CurvePiece {
    /** Exact to better than 1e-9 for a quarter of a wave that is not steeper than a wire can follow. */
    private static final GaussIntegrator QUARTER = Quadrature.legendre(20, -1, 1);

    private static final int QUARTERS = 4;
    private static final int PARTS_A_WAVE = 8;
    private static final double SOLVED_RAD = 1e-12;
    private static final int EVALUATIONS = 100;

    /** @throws IllegalArgumentException if a measure is out of range */
    public Wave {
        Check.positive("radius", radiusMm);
        Check.that(sweepRad != 0 && Double.isFinite(sweepRad), () -> "sweep must not be 0, was " + sweepRad);
        Check.that(waves >= 1, () -> "waves must be at least 1, was " + waves);
        Check.within("height", heightMm, 0, Check.GREATEST);
    }

    private double sweep() {
        return Math.abs(sweepRad);
    }

    private double phase(double theta) {
        return 2 * Math.PI * waves * theta / sweep();
    }

    private double climb(double theta) {
        return heightMm * Math.PI * waves / sweep() * Math.sin(phase(theta));
    }

    private double speed(double theta) {
        return Math.hypot(radiusMm, climb(theta));
    }

    /** |r′ × r″|/|r′|³ of (R sin θ, R(1 − cos θ), z(θ)). */
    private double curvature(double theta) {
        double bend = 2 * heightMm * Math.pow(Math.PI * waves / sweep(), 2) * Math.cos(phase(theta));
        double speed = speed(theta);
        return radiusMm
                * Math.sqrt(bend * bend + climb(theta) * climb(theta) + radiusMm * radiusMm)
                / (speed * speed * speed);
    }

    /** Over a part of the way round, quarter of a wave by quarter. */
    private double sum(UnivariateFunction each, double toRad) {
        double quarter = sweep() / waves / QUARTERS;
        int whole = (int) Math.floor(toRad / quarter);
        double first = whole == 0 ? 0 : over(each, 0, quarter);
        double rest = toRad - whole * quarter;
        // Every other quarter is the one before it, the other way: both have the same sum.
        double begun = rest <= 0 ? 0 : over(each, whole * quarter, whole * quarter + rest);
        return whole * first + begun;
    }

    private static double over(UnivariateFunction each, double from, double to) {
        double half = (to - from) / 2;
        double middle = (to + from) / 2;
        return half * QUARTER.integrate(u -> each.value(middle + half * u));
    }

    /** ∫ √(R² + z′²) dθ, by Gauss-Legendre quadrature. */
    @Override
    public double lengthMm() {
        return sum(this::speed, sweep());
    }

    @Override
    public double turnRad() {
        return sum(theta -> curvature(theta) * speed(theta), sweep());
    }

    @Override
    public Pose at(double sMm) {
        double length = lengthMm();
        Along.checked(sMm, length);
        if (sMm <= 0 || sMm >= length) {
            return pose(sMm <= 0 ? 0 : sweep());
        }
        return pose(new BracketingNthOrderBrentSolver(SOLVED_RAD, 5)
                .solve(EVALUATIONS, theta -> sum(this::speed, theta) - sMm, 0, sweep()));
    }

    @Override
    public double lengthAtTurnMm(double share) {
        return sum(this::speed, share * sweep());
    }

    @Override
    public Pose aboutOrigin(double share) {
        return pose(share * sweep());
    }

    private Pose pose(double theta) {
        double side = Math.signum(sweepRad);
        double cosine = Math.cos(theta);
        double sine = Math.sin(theta);
        Vector3D heading = new Vector3D(radiusMm * cosine, side * radiusMm * sine, climb(theta)).normalize();
        return new Pose(
                new Vector3D(
                        radiusMm * sine, side * radiusMm * (1 - cosine), heightMm / 2 * (1 - Math.cos(phase(theta)))),
                new Rotation(Vector3D.PLUS_I, Vector3D.PLUS_J, heading, new Vector3D(-side * sine, cosine, 0)));
    }

    /** The rule of {@link CurvePiece#wireLengthMm} by quadrature. */
    @Override
    public double wireLengthMm(double thicknessMm) {
        return sum(theta -> CurvePiece.wireShare(curvature(theta), thicknessMm) * speed(theta), sweep());
    }

    @Override
    public List<Curvature> curvatures() {
        double length = lengthMm();
        int parts = waves * PARTS_A_WAVE;
        List<Curvature> all = new ArrayList<>();
        for (int i = 1; i <= parts; i++) {
            double to = sweep() * i / parts;
            all.add(new Curvature(
                    i == parts ? 1 : sum(this::speed, to) / length, curvature(sweep() * (i - 0.5) / parts)));
        }
        return all;
    }

    /** A wave has no other length with the same bends: it is made larger or smaller. */
    @Override
    public Wave lasting(double otherMm) {
        return scaled(otherMm / lengthMm());
    }

    @Override
    public Wave scaled(double factor) {
        return new Wave(radiusMm * factor, sweepRad, waves, heightMm * factor);
    }
}
