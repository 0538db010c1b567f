package org.etui.core.mechanics;

import java.util.Arrays;
import org.hipparchus.analysis.solvers.BracketingNthOrderBrentSolver;

/** Moment that bends a place further one way, from where it lies at rest, against the curvature that stays after unloading. */
final class MomentCurve {
    private static final int STEPS = 40;
    private static final int EVALUATIONS = 200;

    private final double[] moments;
    private final double[] sets;

    /** The greatest moment that is known to leave no set, N·mm. */
    private final double firstNmm;

    private final double mostNmm;
    private final double stiffness;

    private MomentCurve(double[] moments, double[] sets, double stiffness) {
        this.moments = moments;
        this.sets = sets;
        int first = 0;
        while (first < sets.length - 1 && sets[first + 1] <= 0) {
            first++;
        }
        firstNmm = moments[first];
        mostNmm = moments[moments.length - 1];
        this.stiffness = stiffness;
    }

    /** Opened: unbent further and further, in growing steps, from elastic to far beyond a set of a curvature, 1/mm. */
    static MomentCurve opening(Fibres fibres, double setPerMm) {
        return of(fibres, -1, setPerMm);
    }

    /** The same, closed: bent further the way that it was bent. */
    static MomentCurve closing(Fibres fibres, double setPerMm) {
        return of(fibres, 1, setPerMm);
    }

    private static MomentCurve of(Fibres fibres, int way, double setPerMm) {
        double stiffness = fibres.stiffnessNmm2();
        double furthest = fibres.fullMomentNmm() / stiffness + 12 * setPerMm;
        double[] moments = new double[STEPS + 1];
        double[] sets = new double[STEPS + 1];
        int kept = 1;
        for (int i = 1; i <= STEPS; i++) {
            double bent = furthest * i * i / (STEPS * STEPS);
            double moment = way * fibres.momentAtNmm(fibres.curvaturePerMm() + way * bent);
            if (moment > moments[kept - 1]) {
                moments[kept] = moment;
                sets[kept] = Math.max(sets[kept - 1], bent - moment / stiffness);
                kept++;
            }
        }
        return new MomentCurve(Arrays.copyOf(moments, kept), Arrays.copyOf(sets, kept), stiffness);
    }

    /** Stiffness while elastic, N·mm². */
    double stiffnessNmm2() {
        return stiffness;
    }

    /** The greatest moment without any set that is known, N·mm. */
    double firstNmm() {
        return firstNmm;
    }

    /** The greatest moment that is known, N·mm. */
    double mostNmm() {
        return mostNmm;
    }

    /** How far a moment bends it while it is there, 1/mm; of more than the greatest, that of the greatest. */
    double bends(double momentNmm) {
        return stays(momentNmm) + Math.min(momentNmm, mostNmm) / stiffness;
    }

    /** How far it stays bent afterwards, 1/mm: between the moments that were tried, in a straight line. */
    double stays(double momentNmm) {
        if (momentNmm <= firstNmm) {
            return 0;
        }
        int low = 0;
        int high = moments.length - 1;
        if (momentNmm >= moments[high]) {
            return sets[high];
        }
        while (high - low > 1) {
            int middle = (low + high) >>> 1;
            if (moments[middle] > momentNmm) {
                high = middle;
            } else {
                low = middle;
            }
        }
        double share = (momentNmm - moments[low]) / (moments[high] - moments[low]);
        return sets[low] + share * (sets[high] - sets[low]);
    }

    /** The moment that bends wire further the way that it was bent until a curvature stays, N·mm; sought by itself, without a curve. */
    static double closingToNmm(Fibres fibres, double setPerMm) {
        double stiffness = fibres.stiffnessNmm2();
        double least = fibres.curvaturePerMm();
        double atRest = fibres.momentAtNmm(least);
        double most = (fibres.fullMomentNmm() - atRest) / stiffness + 2 * setPerMm;
        double bent = new BracketingNthOrderBrentSolver(1e-9, 1e-12, 1e-3 * setPerMm, 5)
                .solve(
                        EVALUATIONS,
                        further -> further - (fibres.momentAtNmm(least + further) - atRest) / stiffness - setPerMm,
                        0,
                        most);
        return fibres.momentAtNmm(least + bent);
    }
}
