package org.etui.core.mechanics;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import org.etui.core.measure.Quadrature;
import org.etui.core.section.Section;
import org.hipparchus.analysis.UnivariateFunction;
import org.hipparchus.analysis.integration.gauss.GaussIntegrator;
import org.hipparchus.analysis.solvers.BracketingNthOrderBrentSolver;

/**
 * An eye that is closed: its end is wrapped or lashed, so that it cannot bend open. Pulled at two opposite places it is a ring (Roark, circular
 * ring under two opposite loads): bent further at the loads, unbent at the sides, the moment that is the same all round such that nowhere turns
 * out of the symmetry; it is drawn out of its shape for good near 4·Mp/R (plastic hinges). Besides, the turns that hold its end can slip and the
 * wire can break: what gives first rules.
 */
public final class Eye implements Bearing {
    /** Wire on wire, 0.1 to 0.2 (from memory). */
    private static final double FRICTION = 0.15;

    private static final int PLACES = 12;
    private static final int EVALUATIONS = 200;

    /** The quarter turns by less than this beside what symmetry leaves it. */
    private static final double TURNED_RAD = 1e-7;

    private static final GaussIntegrator ALONG = Quadrature.legendre(PLACES, 0, Math.PI / 2);

    /** Sine of the angle from the load at each place, and what the place counts for, rad. */
    private static final double[] SIN = new double[PLACES];

    private static final double[] WEIGHT = new double[PLACES];

    static {
        for (int i = 0; i < PLACES; i++) {
            SIN[i] = Math.sin(ALONG.getPoint(i));
            WEIGHT[i] = ALONG.getWeight(i);
        }
    }

    private final MomentCurve opening;
    private final MomentCurve closing;
    private final double radiusMm;
    private final double slipsN;
    private final double breaksN;
    private final double insideMpaPerN;

    private Eye(Fibres fibres, Section section, double radiusMm, double slipsN, double breaksN) {
        double set = 2 * Limit.HOLDS.staysMm() / (radiusMm * radiusMm);
        this.opening = MomentCurve.opening(fibres, set);
        this.closing = MomentCurve.closing(fibres, set);
        this.radiusMm = radiusMm;
        this.slipsN = slipsN;
        this.breaksN = breaksN;
        double atLoad = radiusMm / Math.PI * section.insideFibreMm() / section.secondMomentMm4();
        this.insideMpaPerN = CurvedBeam.factor(section, radiusMm) * atLoad;
    }

    /**
     * A closed eye.
     *
     * @param fibres of the eye as it lies
     * @param section its section
     * @param radiusMm centre-line radius, mm
     * @param slipsN pull at which what holds its end slips, N; without end where nothing can
     * @param breaksN pull at which its wire breaks, N
     */
    public static Eye of(Fibres fibres, Section section, double radiusMm, double slipsN, double breaksN) {
        return new Eye(fibres, section, radiusMm, slipsN, breaksN);
    }

    /**
     * The pull at which turns of wire round a core slip, N: (Mp/r)·e^(2πnμ) with a friction of 0.15 (Euler and Eytelwein for the rope; that its
     * end holds by its own stiffness is an engineering estimate).
     *
     * @param fibres of the turns
     * @param section of the turns
     * @param turns how many
     * @param coreMm radius of the core, mm
     */
    public static double slipsN(Fibres fibres, Section section, double turns, double coreMm) {
        double plastic = fibres.material().flow().stressMpa(fibres.meanStrain()) * section.plasticModulusMm3();
        return plastic / coreMm * Math.exp(2 * Math.PI * turns * FRICTION);
    }

    @Override
    public Hold hold() {
        double ring = mostN(Limit.HOLDS);
        double least = Math.min(ring, Math.min(slipsN, breaksN));
        Fails fails = least == ring ? Fails.YIELDS : least == slipsN ? Fails.SLIPS : Fails.BREAKS;
        return new Hold(
                Math.min(least, mostN(Limit.STARTS_TO_GIVE)),
                least,
                fails,
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                elasticMmPerN(),
                insideMpaPerN,
                this,
                1);
    }

    @Override
    public boolean carries(Limit limit, double loadN) {
        return loadN <= Math.min(slipsN, breaksN)
                && loadN <= furthestN()
                && new Ring(loadN).staysMm() <= limit.staysMm();
    }

    /** The load at which the greatest moments that were tried are reached, N. */
    private double furthestN() {
        return 2 * (opening.mostNmm() + closing.mostNmm()) / radiusMm;
    }

    private double mostN(Limit limit) {
        double most = furthestN();
        UnivariateFunction over = n -> new Ring(n).staysMm() - limit.staysMm();
        return over.value(most) <= 0
                ? most
                : new BracketingNthOrderBrentSolver(1e-9, 1e-6, 1e-4 * limit.staysMm(), 5)
                        .solve(EVALUATIONS, over, 0, most);
    }

    /** δ = 0.149·F·R³/(E·I), (π/4 − 2/π) to be exact. */
    private double elasticMmPerN() {
        return (Math.PI / 4 - 2 / Math.PI) * Math.pow(radiusMm, 3) / opening.stiffnessNmm2();
    }

    @Override
    public Pull under(double loadN) {
        Ring ring = new Ring(loadN);
        double stays = ring.staysMm();
        return new Pull(
                loadN,
                false,
                stays + elasticMmPerN() * loadN,
                stays,
                loadN >= furthestN(),
                new Ring(0).outline(false),
                ring.outline(false),
                ring.outline(true));
    }

    /** A quarter of the ring under a load: places from the load round to the side. */
    private final class Ring {
        private final double loadN;
        private final double[] bent = new double[PLACES];

        Ring(double loadN) {
            this.loadN = loadN;
            if (loadN > 0) {
                double most = loadN * radiusMm / 2;
                new BracketingNthOrderBrentSolver(1e-10, 1e-9 * most, TURNED_RAD, 5)
                        .solve(EVALUATIONS, this::turned, 0, most, most * 2 / Math.PI);
            }
        }

        /** How far the quarter turns in all, rad, where its moment at the load is this, N·mm. */
        private double turned(double atLoadNmm) {
            double sum = 0;
            for (int i = 0; i < PLACES; i++) {
                double moment = atLoadNmm - loadN * radiusMm / 2 * SIN[i];
                bent[i] = moment > 0 ? closing.bends(moment) : -opening.bends(-moment);
                sum += bent[i] * WEIGHT[i] * radiusMm;
            }
            return sum;
        }

        /** How much longer it is between the loads, mm (virtual work), less what springs back. */
        double staysMm() {
            double sum = 0;
            for (int i = 0; i < PLACES; i++) {
                sum -= 2 * radiusMm * radiusMm * SIN[i] * bent[i] * WEIGHT[i];
            }
            return Math.max(0, sum - elasticMmPerN() * loadN);
        }

        /** The whole ring, from a load round to it again, its left side at the origin; let go where that is asked. */
        List<double[]> outline(boolean letGo) {
            double[] x = new double[PLACES + 1];
            double[] y = new double[PLACES + 1];
            double heading = 0;
            for (int i = 0; i < PLACES; i++) {
                double elastic = loadN * radiusMm * (1 / Math.PI - SIN[i] / 2) / opening.stiffnessNmm2();
                double length = WEIGHT[i] * radiusMm;
                double turn = length * (1 / radiusMm + bent[i] - (letGo ? elastic : 0));
                x[i + 1] = x[i] + length * Math.cos(heading + turn / 2);
                y[i + 1] = y[i] - length * Math.sin(heading + turn / 2);
                heading += turn;
            }
            List<double[]> all = new ArrayList<>();
            for (int quarter = 0; quarter < 4; quarter++) {
                int right = quarter < 2 ? 1 : -1;
                int up = quarter % 3 == 0 ? 1 : -1;
                for (int i = quarter == 0 ? 0 : 1; i <= PLACES; i++) {
                    int at = quarter % 2 == 0 ? i : PLACES - i;
                    all.add(new double[] {x[PLACES] + right * x[at], up * (y[at] - y[PLACES])});
                }
            }
            return List.copyOf(all);
        }
    }
}
