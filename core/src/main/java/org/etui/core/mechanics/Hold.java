package org.etui.core.mechanics;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.etui.core.section.Section;
import org.hipparchus.analysis.UnivariateFunction;
import org.hipparchus.analysis.integration.gauss.GaussIntegrator;
import org.hipparchus.analysis.integration.gauss.GaussIntegratorFactory;
import org.hipparchus.analysis.interpolation.LinearInterpolator;
import org.hipparchus.analysis.polynomials.PolynomialSplineFunction;
import org.hipparchus.analysis.solvers.BracketingNthOrderBrentSolver;

/**
 * What a bend holds, as a beam of its own fibres pulled open. The moment runs as the arm at each place (Castigliano's theorem
 * for the opening); the fibres say how far a moment bends a place open and what of it stays. Two figures that are never
 * confused: the load at which it starts to give, and the load that it holds.
 *
 * <p>Bending only, and a held load finds the whole section yielding: against finite elements a hook of R/c 6.6 shows by less than
 * 4 % that the pull along the wire is left out. A trace of set begins at the inside, where the stress is F/A + K·F·R·c/I (Roark):
 * the first load is reckoned with that.
 *
 * @param startsToGiveN load that leaves the first trace of a set, N
 * @param holdsN load that leaves 0.2 mm of opening, N
 * @param givesMmPerN how far it opens for a newton while elastic, mm
 * @param insideMpaPerN stress at the inside of the back for a newton while elastic, MPa
 * @param bow the bend that is pulled
 */
public record Hold(double startsToGiveN, double holdsN, double givesMmPerN, double insideMpaPerN, Bow bow) {
    /** What the flow curves are good to: a load that makes metal yield goes with its flow stress. */
    private static final double BAND = 0.1;

    /** First trace of a set, mm of opening: the least that a calliper shows (engineering estimate). */
    private static final double TRACE_MM = 0.01;

    /** Opening that is felt and seen, mm (engineering estimate). */
    private static final double OPENED_MM = 0.2;

    /** How far a leg goes on beyond the bow where it is squeezed, mm (engineering estimate). */
    private static final double LEG_MM = 5;

    /** The load that it holds of metal a tenth softer than the table says, N. */
    public double holdsFromN() {
        return (1 - BAND) * holdsN;
    }

    /** The load that it holds of metal a tenth harder, N. */
    public double holdsToN() {
        return (1 + BAND) * holdsN;
    }

    private static final int STEPS = 40;
    private static final GaussIntegrator ALONG = new GaussIntegratorFactory().legendre(16, 0, Math.PI / 2);

    /**
     * A hook or loop pulled through its centre: the arm at an angle θ from the load line is R·sin θ.
     *
     * @param fibres of the bend as it lies
     * @param section its section
     * @param radiusMm centre-line radius, mm
     * @param sweepRad how far it goes round, rad; only the half turn about its back is loaded
     */
    public static Hold ofHook(Fibres fibres, Section section, double radiusMm, double sweepRad) {
        return of(fibres, section, radiusMm, sweepRad, 0);
    }

    /**
     * The squeeze test of an ear wire, reckoned as it opens: the legs of a bow pulled apart at their ends, the arm R + 5 mm at
     * the back of the bow.
     */
    public static Hold ofBow(Fibres fibres, Section section, double radiusMm, double sweepRad) {
        return of(fibres, section, radiusMm, sweepRad, LEG_MM);
    }

    private static Hold of(Fibres fibres, Section section, double radiusMm, double sweepRad, double legMm) {
        double from = Math.max(0, Math.PI / 2 - sweepRad / 2);
        UnivariateFunction arm = angle -> legMm + radiusMm * Math.sin(angle);
        double mostArm = arm.value(Math.PI / 2);
        Curve curve = Curve.of(fibres, OPENED_MM / (radiusMm * mostArm));
        Bow bow = new Bow(curve, radiusMm, sweepRad, legMm);
        double mostN = curve.mostNmm / mostArm;
        double gives = opening(from, radiusMm, arm, a -> a / fibres.stiffnessNmm2());
        double bending = mostArm * section.insideFibreMm() / section.secondMomentMm4();
        double inside = 1 / section.areaMm2() + CurvedBeam.factor(section, radiusMm) * bending;
        return new Hold(
                load(curve, from, radiusMm, arm, TRACE_MM, mostN) * bending / inside,
                load(curve, from, radiusMm, arm, OPENED_MM, mostN),
                gives,
                inside,
                bow);
    }

    /** How the bend lies under a load and after it, N. */
    public Pull under(double loadN) {
        return bow.under(loadN);
    }

    private static double load(
            Curve curve, double from, double radiusMm, UnivariateFunction arm, double staysMm, double mostN) {
        UnivariateFunction over = n -> opening(from, radiusMm, arm, a -> curve.staysOpen(n * a)) - staysMm;
        return over.value(mostN) <= 0
                ? mostN
                : new BracketingNthOrderBrentSolver(1e-9, 1e-6, 1e-6 * staysMm, 5).solve(200, over, 0, mostN);
    }

    /** Opening at the mouth, ∫ change of curvature × arm × R dθ over both halves, mm. */
    private static double opening(double from, double radiusMm, UnivariateFunction arm, UnivariateFunction turned) {
        double share = (Math.PI / 2 - from) / (Math.PI / 2);
        return 2
                * share
                * radiusMm
                * ALONG.integrate(t -> {
                    double a = arm.value(from + t * share);
                    return turned.value(a) * a;
                });
    }

    /**
     * A bend with its response.
     *
     * @param curve how far a moment bends a place open
     * @param radiusMm centre-line radius
     * @param sweepRad how far it goes round
     * @param legMm how far the load's arm reaches beyond the radius
     */
    record Bow(Curve curve, double radiusMm, double sweepRad, double legMm) {
        private static final int HALF = 10;
        /** Legs drawn beyond a hook's bend, as a share of its radius. */
        private static final double LEGS = 0.8;

        Pull under(double loadN) {
            UnivariateFunction arm = angle -> legMm + radiusMm * Math.sin(angle);
            double from = Math.max(0, Math.PI / 2 - sweepRad / 2);
            UnivariateFunction opens = a -> curve.opens(loadN * a);
            UnivariateFunction stays = a -> curve.staysOpen(loadN * a);
            return new Pull(
                    loadN,
                    opening(from, radiusMm, arm, opens),
                    opening(from, radiusMm, arm, stays),
                    loadN * arm.value(Math.PI / 2) >= curve.mostNmm,
                    outline(arm, a -> 0),
                    outline(arm, opens),
                    outline(arm, stays));
        }

        /** Centre line with both legs: the middle of the back at the origin, the mouth to the right. */
        private List<double[]> outline(UnivariateFunction arm, UnivariateFunction turned) {
            double step = sweepRad / 2 / HALF;
            double heading = Math.PI / 2;
            double x = 0;
            double y = 0;
            List<double[]> upper = new ArrayList<>();
            for (int i = 0; i < HALF; i++) {
                double angle = Math.PI / 2 - (i + 0.5) * step;
                double curvature = 1 / radiusMm - (angle > 0 ? turned.value(arm.value(angle)) : 0);
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
    }

    /** Moment that opens a place against the curvature that stays open after unloading. */
    private static final class Curve {
        private final PolynomialSplineFunction set;
        private final double mostNmm;
        private final double stiffness;

        private Curve(double[] moments, double[] sets, double stiffness) {
            set = new LinearInterpolator().interpolate(moments, sets);
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
            return momentNmm >= mostNmm ? set.value(mostNmm) : set.value(Math.max(0, momentNmm));
        }
    }
}
