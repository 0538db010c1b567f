package org.etui.core.curve;

import java.util.List;
import org.etui.core.check.Check;
import org.etui.core.measure.Quadrature;
import org.hipparchus.analysis.UnivariateFunction;
import org.hipparchus.analysis.integration.gauss.GaussIntegrator;
import org.hipparchus.analysis.solvers.BracketingNthOrderBrentSolver;
import org.hipparchus.geometry.euclidean.threed.Rotation;
import org.hipparchus.geometry.euclidean.threed.Vector3D;

/**
 * Loops side by side round a tube, row above row: a prolate trochoid wound on a cylinder, x = pφ/2π − p/4·sin φ, z = h/2·(1 − cos φ) + rφ/2πn. Its
 * legs cross at the foot and touch those beside them half-way up. It begins and ends half-way up a leg.
 *
 * @param radiusMm radius of the cylinder, mm, above 0
 * @param around loops once round, at least 3
 * @param rows how often round, at least 1
 * @param loopMm height of a loop, middle to middle of the wire, mm, 0 or more
 * @param riseMm how much higher each row lies, mm, 0 or more
 */
public record Knitting(double radiusMm, int around, int rows, double loopMm, double riseMm) implements CurvePiece {
    private static final GaussIntegrator QUARTER = Quadrature.legendre(12, -1, 1);

    private static final int QUARTERS = 4;
    private static final double LOOP = 2 * Math.PI;
    private static final double BEGINS = Math.PI / 2;
    private static final double SOLVED_RAD = 1e-13;
    private static final int EVALUATIONS = 100;

    /** @throws IllegalArgumentException if a measure is out of range */
    public Knitting {
        Check.positive("radius", radiusMm);
        Check.that(around >= 3, () -> "around must be at least 3, was " + around);
        Check.that(rows >= 1, () -> "rows must be at least 1, was " + rows);
        Check.within("loop", loopMm, 0, Check.GREATEST);
        Check.within("rise", riseMm, 0, Check.GREATEST);
    }

    /** Wire of one loop, mm. */
    public double ofLoopMm() {
        return ofLoop(this::speed);
    }

    private double pitch() {
        return 2 * Math.PI * radiusMm / around;
    }

    private double all() {
        return LOOP * around * rows;
    }

    private double across(double phi) {
        return pitch() / LOOP - pitch() / 4 * Math.cos(phi);
    }

    private double climb(double phi) {
        return loopMm / 2 * Math.sin(phi) + riseMm / (LOOP * around);
    }

    private double speed(double phi) {
        return Math.hypot(across(phi), climb(phi));
    }

    /** |r′ × r″|/|r′|³ on the cylinder. */
    private double curvature(double phi) {
        double a = across(phi);
        double b = climb(phi);
        double flat = a * loopMm / 2 * Math.cos(phi) - b * pitch() / 4 * Math.sin(phi);
        double round = a / radiusMm;
        double speed = speed(phi);
        return Math.sqrt(flat * flat + round * round * (a * a + b * b)) / (speed * speed * speed);
    }

    private static double over(UnivariateFunction each, double from, double to) {
        double half = (to - from) / 2;
        double middle = (to + from) / 2;
        return half * QUARTER.integrate(u -> each.value(middle + half * u));
    }

    private static double ofLoop(UnivariateFunction each) {
        double sum = 0;
        for (int i = 0; i < QUARTERS; i++) {
            sum += over(each, LOOP * i / QUARTERS, LOOP * (i + 1) / QUARTERS);
        }
        return sum;
    }

    /** From where it begins; every loop is as long as the other. */
    private static double sum(UnivariateFunction each, double loop, double toRad) {
        double whole = Math.floor(toRad / LOOP);
        double sum = whole * loop;
        double from = whole * LOOP;
        while (from < toRad) {
            double to = Math.min(toRad, from + LOOP / QUARTERS);
            sum += over(each, BEGINS + from, BEGINS + to);
            from = to;
        }
        return sum;
    }

    @Override
    public double lengthMm() {
        return around * rows * ofLoop(this::speed);
    }

    @Override
    public double turnRad() {
        return around * rows * ofLoop(phi -> curvature(phi) * speed(phi));
    }

    @Override
    public Pose at(double sMm) {
        double loop = ofLoop(this::speed);
        double length = around * rows * loop;
        Along.checked(sMm, length);
        if (sMm <= 0 || sMm >= length) {
            return pose(sMm <= 0 ? 0 : all());
        }
        double before = Math.floor(sMm / loop);
        double rest = sMm - before * loop;
        double within = rest <= 0
                ? 0
                : new BracketingNthOrderBrentSolver(SOLVED_RAD, 5)
                        .solve(EVALUATIONS, phi -> sum(this::speed, loop, phi) - rest, 0, LOOP);
        return pose(before * LOOP + within);
    }

    @Override
    public double lengthAtTurnMm(double share) {
        return sum(this::speed, ofLoop(this::speed), share * all());
    }

    @Override
    public Pose aboutOrigin(double share) {
        return pose(share * all());
    }

    private Pose pose(double fromBegin) {
        return onTube(BEGINS).inverse().then(onTube(BEGINS + fromBegin));
    }

    private Pose onTube(double phi) {
        double x = pitch() * (phi / LOOP - Math.sin(phi) / 4);
        double turn = x / radiusMm;
        double cosine = Math.cos(turn);
        double sine = Math.sin(turn);
        double a = across(phi);
        Vector3D heading = new Vector3D(a * cosine, a * sine, climb(phi)).normalize();
        double z = loopMm / 2 * (1 - Math.cos(phi)) + riseMm * phi / (LOOP * around);
        return new Pose(
                new Vector3D(radiusMm * sine, radiusMm * (1 - cosine), z),
                new Rotation(Vector3D.PLUS_I, Vector3D.PLUS_J, heading, new Vector3D(-sine, cosine, 0)));
    }

    /** As its middle line: how sharply each foot is bent is not known, and what that takes is less than the loops vary. */
    @Override
    public double wireLengthMm(double thicknessMm) {
        return lengthMm();
    }

    /** As one: its mean curvature, since every loop is bent alike. */
    @Override
    public List<Curvature> curvatures() {
        return List.of(new Curvature(1, turnRad() / lengthMm()));
    }

    @Override
    public Knitting lasting(double otherMm) {
        return scaled(otherMm / lengthMm());
    }

    @Override
    public Knitting scaled(double factor) {
        return new Knitting(radiusMm * factor, around, rows, loopMm * factor, riseMm * factor);
    }
}
