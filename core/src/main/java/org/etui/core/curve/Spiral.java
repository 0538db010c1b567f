package org.etui.core.curve;

import java.util.ArrayList;
import java.util.List;
import org.etui.core.check.Check;
import org.hipparchus.analysis.solvers.BracketingNthOrderBrentSolver;
import org.hipparchus.geometry.euclidean.threed.Vector3D;

/**
 * A spiral of Archimedes, r = r0 + pitch·φ/2π, φ from 0 to 2π·turns; lifted by a rise it lies on a cone.
 *
 * @param insideRadiusMm r0, centre-line radius at the inner end, mm, above 0
 * @param pitchMm distance from turn to turn, mm, above 0
 * @param riseMm how far each turn lies above the one inside it, mm, 0 or more
 * @param turns how many turns, above 0
 * @param side +1 where it curves to the left as it is walked, −1 to the right
 * @param outward whether it is walked from the inside to the outside
 */
public record Spiral(double insideRadiusMm, double pitchMm, double riseMm, double turns, int side, boolean outward)
        implements CurvePiece {
    private static final double SOLVED_RAD = 1e-13;
    private static final int PARTS = 12;
    private static final int EVALUATIONS = 200;

    /** @throws IllegalArgumentException if a measure is not positive or the side is neither +1 nor −1 */
    public Spiral {
        Check.positive("inside radius", insideRadiusMm);
        Check.positive("pitch", pitchMm);
        Check.within("rise", riseMm, 0, Check.GREATEST);
        Check.positive("turns", turns);
        Check.that(side == 1 || side == -1, () -> "side must be 1 or -1, was " + side);
    }

    /** Centre-line radius at the outer end, mm. */
    public double outsideRadiusMm() {
        return insideRadiusMm + pitchMm * turns;
    }

    /** Growth of the radius, mm a radian. */
    private double growth() {
        return pitchMm / (2 * Math.PI);
    }

    private double lift() {
        return riseMm / (2 * Math.PI);
    }

    /**
     * (1/2b)·[r√(r² + k²) + k² asinh(r/k)] between the radii, b = pitch/2π, k² = b² + (rise/2π)²: textbook calculus, the
     * arc length of the spiral of Archimedes and of the conical spiral over it.
     */
    @Override
    public double lengthMm() {
        return lengthTo(turnRad());
    }

    private double lengthTo(double phi) {
        return antiderivative(insideRadiusMm + growth() * phi) - antiderivative(insideRadiusMm);
    }

    private double antiderivative(double radius) {
        double k = Math.sqrt(growth() * growth() + lift() * lift());
        double u = radius / k;
        double root = Math.sqrt(1 + u * u);
        return k * k / (2 * growth()) * (u * root + Math.log(u + root));
    }

    @Override
    public double turnRad() {
        return 2 * Math.PI * turns;
    }

    @Override
    public Pose at(double sMm) {
        double length = lengthMm();
        Along.checked(sMm, length);
        double fromInside = Math.min(Math.max(outward ? sMm : length - sMm, 0), length);
        double phi = angleAt(fromInside, length);
        return origin().then(polar(phi));
    }

    @Override
    public double lengthAtTurnMm(double share) {
        double phi = turnRad() * (outward ? share : 1 - share);
        return outward ? lengthTo(phi) : lengthMm() - lengthTo(phi);
    }

    @Override
    public Pose origin() {
        return polar(outward ? 0 : turnRad()).inverse();
    }

    @Override
    public Pose aboutOrigin(double share) {
        return polar(turnRad() * (outward ? share : 1 - share));
    }

    /** The centre of the spiral as seen from its start, mm; of a cone, in the plane of the start. */
    public Vector3D centre() {
        Pose start = polar(outward ? 0 : turnRad());
        return start.inverse().at(new Vector3D(0, 0, start.position().getZ()));
    }

    private double angleAt(double fromInsideMm, double lengthMm) {
        if (fromInsideMm <= 0 || fromInsideMm >= lengthMm) {
            return fromInsideMm <= 0 ? 0 : turnRad();
        }
        double radius = Math.sqrt(insideRadiusMm * insideRadiusMm + 2 * growth() * fromInsideMm);
        double flat = (radius - insideRadiusMm) / growth();
        return new BracketingNthOrderBrentSolver(SOLVED_RAD, 5)
                .solve(EVALUATIONS, phi -> lengthTo(phi) - fromInsideMm, 0, turnRad(), within(flat));
    }

    /** A guess that lies between the ends. */
    private double within(double phi) {
        return phi > 0 && phi < turnRad() ? phi : turnRad() / 2;
    }

    /** Pose about the centre: walked outward it curves to the left where the angle grows, inward where it falls. */
    private Pose polar(double phi) {
        int way = outward ? side : -side;
        double radius = insideRadiusMm + growth() * phi;
        double ahead = Math.atan2(radius, growth());
        double heading = way * (phi + ahead) + (outward ? 0 : Math.PI);
        double slope = Math.atan2(lift(), Math.sqrt(radius * radius + growth() * growth()));
        Vector3D position = new Vector3D(radius * Math.cos(phi), way * radius * Math.sin(phi), lift() * phi);
        return new Pose(position, Pose.turn(heading)).lifted(outward ? slope : -slope);
    }

    /** By equal turns, each by the curvature in its middle: κ² = (w² + (3β − 1)w + β)/(k²w³), see {@link #wireLengthMm}. */
    @Override
    public List<Curvature> curvatures() {
        double length = lengthMm();
        List<Curvature> parts = new ArrayList<>();
        for (int i = 0; i < PARTS; i++) {
            double to = i + 1 == PARTS ? 1 : lengthAtTurnMm((i + 1.0) / PARTS) / length;
            double phi = turnRad() * (i + 0.5) / PARTS;
            parts.add(new Curvature(to, curvature(outward ? phi : turnRad() - phi)));
        }
        return parts;
    }

    private double curvature(double phi) {
        double k = Math.sqrt(growth() * growth() + lift() * lift());
        double beta = growth() * growth() / (k * k);
        double u = (insideRadiusMm + growth() * phi) / k;
        double w = 1 + u * u;
        return Math.sqrt((w * w + (3 * beta - 1) * w + beta) / (w * w * w)) / k;
    }

    @Override
    public Spiral lasting(double otherMm) {
        double most = (Math.sqrt(insideRadiusMm * insideRadiusMm + 2 * growth() * otherMm) - insideRadiusMm) / growth();
        double angle = new BracketingNthOrderBrentSolver(SOLVED_RAD, 5)
                .solve(EVALUATIONS, phi -> lengthTo(phi) - otherMm, 0, 1.01 * most, most);
        return new Spiral(insideRadiusMm, pitchMm, riseMm, angle / (2 * Math.PI), side, outward);
    }

    @Override
    public Spiral scaled(double factor) {
        return new Spiral(insideRadiusMm * factor, pitchMm * factor, riseMm * factor, turns, side, outward);
    }

    /**
     * The rule of {@link CurvePiece#wireLengthMm} in closed form: with u = r/k, w = 1 + u², β = b²/k² the square of the
     * curvature of the conical spiral, |r′ × r″|²/|r′|⁶, times ds is (w² + (3β − 1)w + β)/(b·w^(5/2)) du, textbook calculus.
     */
    @Override
    public double wireLengthMm(double thicknessMm) {
        double bending = bending(outsideRadiusMm()) - bending(insideRadiusMm);
        return lengthMm() - thicknessMm * thicknessMm / 26 * bending;
    }

    /** Antiderivative of the curvature squared along the line, rad²/mm. */
    private double bending(double radius) {
        double k = Math.sqrt(growth() * growth() + lift() * lift());
        double beta = growth() * growth() / (k * k);
        double u = radius / k;
        double root = Math.sqrt(1 + u * u);
        double slant = u / root;
        return (Math.log(u + root) + (3 * beta - 1) * slant + beta * (slant - slant * slant * slant / 3)) / growth();
    }
}
