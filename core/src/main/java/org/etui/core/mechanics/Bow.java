package org.etui.core.mechanics;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.DoubleUnaryOperator;
import org.etui.core.section.Section;
import org.hipparchus.analysis.UnivariateFunction;
import org.hipparchus.analysis.integration.gauss.GaussIntegrator;
import org.hipparchus.analysis.integration.gauss.GaussIntegratorFactory;
import org.hipparchus.analysis.interpolation.LinearInterpolator;
import org.hipparchus.analysis.polynomials.PolynomialSplineFunction;
import org.hipparchus.analysis.solvers.BracketingNthOrderBrentSolver;

/**
 * A bend that is pulled open, as a beam of its own fibres. The moment runs as the arm at each place (Castigliano's theorem for the
 * opening); the fibres say how far a moment bends a place open and what of it stays. {@link #carries} tries one load without seeking the
 * greatest; {@link Hold} is what is read off it.
 *
 * <p>Bending only, and a held load finds the whole section yielding: against finite elements a hook of R/c 6.6 shows by less than
 * 4 % that the pull along the wire is left out. A trace of set begins at the inside, where the stress is F/A + K·F·R·c/I (Roark):
 * the load that leaves one is reckoned with that.
 */
public final class Bow {
    /** How far a leg goes on beyond the bow where it is squeezed, mm (engineering estimate). */
    private static final double LEG_MM = 5;

    /** Legs drawn beyond a hook's bend, as a share of its radius. */
    private static final double LEGS = 0.8;

    private static final int HALF = 10;
    private static final int EVALUATIONS = 200;
    private static final GaussIntegrator ALONG = new GaussIntegratorFactory().legendre(16, 0, 1);

    /** How far a pull may go. */
    public enum Limit {
        /** The first trace of a set, 0.01 mm of opening: the least that a calliper shows (engineering estimate). */
        STARTS_TO_GIVE(0.01),
        /** 0.2 mm of opening, which is felt and seen (engineering estimate). */
        HOLDS(0.2);

        private final double staysMm;

        Limit(double staysMm) {
            this.staysMm = staysMm;
        }
    }

    private final Curve curve;
    private final double radiusMm;
    private final double sweepRad;
    private final double legMm;
    private final double stiffnessNmm2;
    private final double insideMpaPerN;
    private final double traceShare;

    /** Arms at the places that are integrated over, mm, and what each place counts for, mm of wire. */
    private final double[] arms;

    private final double[] weights;

    private Bow(Fibres fibres, Section section, double radiusMm, double sweepRad, double legMm) {
        this.radiusMm = radiusMm;
        this.sweepRad = sweepRad;
        this.legMm = legMm;
        this.stiffnessNmm2 = fibres.stiffnessNmm2();
        this.curve = Curve.of(fibres, Limit.HOLDS.staysMm / (radiusMm * mostArmMm()));
        double bending = mostArmMm() * section.insideFibreMm() / section.secondMomentMm4();
        this.insideMpaPerN = 1 / section.areaMm2() + CurvedBeam.factor(section, radiusMm) * bending;
        this.traceShare = bending / insideMpaPerN;
        double from = Math.max(0, Math.PI / 2 - sweepRad / 2);
        this.arms = new double[ALONG.getNumberOfPoints()];
        this.weights = new double[arms.length];
        for (int i = 0; i < arms.length; i++) {
            arms[i] = armMm(from + (Math.PI / 2 - from) * ALONG.getPoint(i));
            weights[i] = 2 * (Math.PI / 2 - from) * radiusMm * ALONG.getWeight(i) * arms[i];
        }
    }

    /**
     * A hook or loop pulled through its centre: the arm at an angle θ from the load line is R·sin θ.
     *
     * @param fibres of the bend as it lies
     * @param section its section
     * @param radiusMm centre-line radius, mm
     * @param sweepRad how far it goes round, rad; only the half turn about its back is loaded
     */
    public static Bow ofHook(Fibres fibres, Section section, double radiusMm, double sweepRad) {
        return new Bow(fibres, section, radiusMm, sweepRad, 0);
    }

    /**
     * The squeeze test of an ear wire, reckoned as it opens: the legs of a bow pulled apart at their ends, the arm R + 5 mm at
     * the back of the bow.
     */
    public static Bow ofEarWire(Fibres fibres, Section section, double radiusMm, double sweepRad) {
        return new Bow(fibres, section, radiusMm, sweepRad, LEG_MM);
    }

    private double armMm(double angleRad) {
        return legMm + radiusMm * Math.sin(angleRad);
    }

    private double mostArmMm() {
        return legMm + radiusMm;
    }

    /** What it holds, and from where it gives. */
    public Hold hold() {
        return new Hold(
                mostN(Limit.STARTS_TO_GIVE), mostN(Limit.HOLDS), opening(a -> a / stiffnessNmm2), insideMpaPerN, this);
    }

    /** Whether a load stays within a limit: the same as to compare it with the greatest, but without seeking that. */
    public boolean carries(Limit limit, double loadN) {
        double bendingN = loadN / share(limit);
        return bendingN <= curve.mostNmm / mostArmMm() && staysMm(bendingN) <= limit.staysMm;
    }

    /** The greatest load within a limit, N. */
    private double mostN(Limit limit) {
        double most = curve.mostNmm / mostArmMm();
        UnivariateFunction over = n -> staysMm(n) - limit.staysMm;
        double bendingN = over.value(most) <= 0
                ? most
                : new BracketingNthOrderBrentSolver(1e-9, 1e-6, 1e-6 * limit.staysMm, 5)
                        .solve(EVALUATIONS, over, curve.firstNmm / mostArmMm(), most);
        return share(limit) * bendingN;
    }

    /** A trace begins at the inside of the back, where the stress is more than that of bending alone. */
    private double share(Limit limit) {
        return limit == Limit.STARTS_TO_GIVE ? traceShare : 1;
    }

    private double staysMm(double loadN) {
        return opening(a -> curve.staysOpen(loadN * a));
    }

    /** Opening at the mouth, ∫ change of curvature × arm × R dθ over both halves, mm; by the change of curvature for an arm. */
    private double opening(DoubleUnaryOperator turned) {
        double sum = 0;
        for (int i = 0; i < arms.length; i++) {
            sum += weights[i] * turned.applyAsDouble(arms[i]);
        }
        return sum;
    }

    /** How it lies under a load and after it, N. */
    Pull under(double loadN) {
        DoubleUnaryOperator opens = a -> curve.opens(loadN * a);
        DoubleUnaryOperator stays = a -> curve.staysOpen(loadN * a);
        return new Pull(
                loadN,
                opening(opens),
                opening(stays),
                loadN * mostArmMm() >= curve.mostNmm,
                outline(a -> 0),
                outline(opens),
                outline(stays));
    }

    /** Centre line with both legs: the middle of the back at the origin, the mouth to the right. */
    private List<double[]> outline(DoubleUnaryOperator turned) {
        double step = sweepRad / 2 / HALF;
        double heading = Math.PI / 2;
        double x = 0;
        double y = 0;
        List<double[]> upper = new ArrayList<>();
        for (int i = 0; i < HALF; i++) {
            double angle = Math.PI / 2 - (i + 0.5) * step;
            double curvature = 1 / radiusMm - (angle > 0 ? turned.applyAsDouble(armMm(angle)) : 0);
            double length = radiusMm * step;
            double half = heading - curvature * length / 2;
            x += length * Math.cos(half);
            y += length * Math.sin(half);
            heading -= curvature * length;
            upper.add(new double[] {x, y});
        }
        double leg = legMm > 0 ? legMm : LEGS * radiusMm;
        upper.add(new double[] {x + leg * Math.cos(heading), y + leg * Math.sin(heading)});
        List<double[]> all = new ArrayList<>();
        for (int i = upper.size() - 1; i >= 0; i--) {
            all.add(new double[] {upper.get(i)[0], -upper.get(i)[1]});
        }
        all.add(new double[] {0, 0});
        all.addAll(upper);
        return List.copyOf(all);
    }

    /** Moment that opens a place against the curvature that stays open after unloading. */
    private static final class Curve {
        private static final int STEPS = 40;

        private final PolynomialSplineFunction set;

        /** The greatest moment that is known to leave no set, N·mm. */
        private final double firstNmm;

        private final double mostNmm;
        private final double stiffness;

        private Curve(double[] moments, double[] sets, double stiffness) {
            set = new LinearInterpolator().interpolate(moments, sets);
            int first = 0;
            while (first < sets.length - 1 && sets[first + 1] <= 0) {
                first++;
            }
            firstNmm = moments[first];
            mostNmm = moments[moments.length - 1];
            this.stiffness = stiffness;
        }

        /** Opens further and further, in growing steps, from elastic to far beyond what a held load may leave. */
        static Curve of(Fibres fibres, double setPerMm) {
            double stiffness = fibres.stiffnessNmm2();
            double furthest = fibres.fullMomentNmm() / stiffness + 12 * setPerMm;
            double[] moments = new double[STEPS + 1];
            double[] sets = new double[STEPS + 1];
            int kept = 1;
            for (int i = 1; i <= STEPS; i++) {
                double opened = furthest * i * i / (STEPS * STEPS);
                double moment = -fibres.momentAtNmm(fibres.curvaturePerMm() - opened);
                if (moment > moments[kept - 1]) {
                    moments[kept] = moment;
                    sets[kept] = Math.max(sets[kept - 1], opened - moment / stiffness);
                    kept++;
                }
            }
            return new Curve(Arrays.copyOf(moments, kept), Arrays.copyOf(sets, kept), stiffness);
        }

        double opens(double momentNmm) {
            return staysOpen(momentNmm) + Math.min(momentNmm, mostNmm) / stiffness;
        }

        double staysOpen(double momentNmm) {
            return momentNmm <= firstNmm ? 0 : set.value(Math.min(momentNmm, mostNmm));
        }
    }
}
