package org.etui.core.mechanics;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.function.DoubleUnaryOperator;
import org.etui.core.measure.Quadrature;
import org.etui.core.section.Section;
import org.hipparchus.analysis.UnivariateFunction;
import org.hipparchus.analysis.integration.gauss.GaussIntegrator;
import org.hipparchus.analysis.solvers.BracketingNthOrderBrentSolver;

/**
 * A bend that is pulled open, as a beam of its own fibres. The moment runs as the arm at each place (Castigliano's theorem for the
 * opening); the fibres say how far a moment bends a place open and what of it stays. What opens comes nearer to the line of the load: the arms
 * of a held load are those of the bend as it then lies. {@link #carries} tries one load without seeking the greatest; {@link Hold} is what is
 * read off it.
 *
 * <p>Bending only, and a held load finds the whole section yielding: against finite elements a hook of R/c 6.6 shows by less than
 * 4 % that the pull along the wire is left out. A trace of set begins at the inside, where the stress is F/A + K·F·R·c/I (Roark):
 * the load that leaves one is worked out with that, on the arms at rest.
 */
public final class Bow implements Bearing {
    /** How far from the bow it is squeezed, mm, however long its legs are (engineering estimate). */
    private static final double LEG_MM = 5;

    /** Legs drawn beyond a hook's bend, as a share of its radius. */
    private static final double LEGS = 0.8;

    /** A pull across the plane of the hook twists its base: this share of what it holds in its plane (engineering estimate). */
    private static final double SIDEWAYS = 0.58;

    /** How much more flat wire loses, as a power of its thickness over its width: 0.33 in all for 1.6 times as wide (engineering estimate). */
    private static final double SIDEWAYS_POWER = 1.2;

    /** By how much the arms of the bend as it lies may change what it holds on those at rest. */
    private static final double NEAR = 1.2;

    private static final int HALF = 10;

    /** Below this the first terms of sine and cosine do, to better than 10⁻⁶. */
    private static final double SMALL_RAD = 0.15;

    private static final int EVALUATIONS = 200;
    private static final int SETTLES = 12;
    private static final GaussIntegrator ALONG = Quadrature.legendre(16, 0, 1);

    private final Fibres fibres;
    private final Section section;
    private final MomentCurve opening;
    private final double radiusMm;
    private final double sweepRad;

    /** How far round its back one half is loaded, rad. */
    private final double loadedRad;

    private final double legMm;
    private final double insideMpaPerN;
    private final double traceShare;

    /** Arms at the places that are integrated over, mm, and what each place counts for, mm of wire. */
    private final double[] arms;

    private final double[] weights;
    private final Half rest;

    private Bow(Fibres fibres, Section section, double radiusMm, double sweepRad, double loadedRad, double legMm) {
        this.fibres = fibres;
        this.section = section;
        this.radiusMm = radiusMm;
        this.sweepRad = sweepRad;
        this.loadedRad = loadedRad;
        this.legMm = legMm;
        this.opening = MomentCurve.opening(fibres, Limit.HOLDS.staysMm() / (radiusMm * mostArmMm()));
        double bending = mostArmMm() * section.insideFibreMm() / section.secondMomentMm4();
        this.insideMpaPerN = 1 / section.areaMm2() + CurvedBeam.factor(section, radiusMm) * bending;
        this.traceShare = bending / insideMpaPerN;
        this.arms = new double[ALONG.getNumberOfPoints()];
        this.weights = new double[arms.length];
        for (int i = 0; i < arms.length; i++) {
            arms[i] = mostArmMm() - radiusMm * (1 - Math.cos(loadedRad * ALONG.getPoint(i)));
            weights[i] = 2 * loadedRad * radiusMm * ALONG.getWeight(i) * arms[i];
        }
        this.rest = new Half(this, new double[HALF], (i, x) -> 0);
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
        return new Bow(fibres, section, radiusMm, sweepRad, halfLoaded(sweepRad), 0);
    }

    /** A cuff, pulled open at its ends. */
    public static Bow ofCuff(Fibres fibres, Section section, double radiusMm, double sweepRad) {
        return new Bow(fibres, section, radiusMm, sweepRad, sweepRad / 2, 0);
    }

    private static double halfLoaded(double sweepRad) {
        return Math.min(sweepRad / 2, Math.PI / 2);
    }

    /**
     * The bow of an ear wire: its legs are pulled apart 5 mm beyond the bow, the arm R + 5 mm at its back; the test of it is the squeeze that
     * shuts it there.
     */
    public static Bow ofEarWire(Fibres fibres, Section section, double radiusMm, double sweepRad) {
        return new Bow(fibres, section, radiusMm, sweepRad, halfLoaded(sweepRad), LEG_MM);
    }

    private double mostArmMm() {
        return legMm + radiusMm * Math.max(1, 1 - Math.cos(loadedRad));
    }

    @Override
    public Hold hold() {
        double holds = mostN(Limit.HOLDS);
        return new Hold(
                mostN(Limit.STARTS_TO_GIVE),
                holds,
                Fails.OPENS,
                OptionalDouble.of(SIDEWAYS * flatness() * holds),
                OptionalDouble.of(squeezeN()),
                opening(a -> a / opening.stiffnessNmm2()),
                insideMpaPerN,
                this,
                1);
    }

    private double flatness() {
        return Math.pow(Math.min(1, section.acrossMm() / section.inPlaneMm()), SIDEWAYS_POWER);
    }

    /**
     * The squeeze that begins to close it for good, N: the moment at its back leaves a trace of set when it is back at that of forming, by an
     * arm of R + 5 mm.
     */
    private double squeezeN() {
        double arm = radiusMm + LEG_MM;
        double trace = Limit.STARTS_TO_GIVE.staysMm() / (radiusMm * arm);
        return MomentCurve.closingToNmm(fibres, trace) / arm;
    }

    @Override
    public boolean carries(Limit limit, double loadN) {
        if (isSqueezed()) {
            return loadN <= squeezeN();
        }
        boolean traced = limit == Limit.STARTS_TO_GIVE;
        double bendingN = traced ? loadN / traceShare : loadN;
        return bendingN <= mostN() && (traced ? atRestMm(bendingN) : staysMm(bendingN)) <= limit.staysMm();
    }

    /** What is known of moments reaches so far, N. */
    private double mostN() {
        return opening.mostNmm() / mostArmMm();
    }

    /** The greatest load within a limit, N: on the arms at rest, and from there on those of the bend as it then lies. */
    private double mostN(Limit limit) {
        double most = mostN();
        double atRest = most;
        if (atRestMm(most) > limit.staysMm()) {
            atRest = solved(n -> atRestMm(n) - limit.staysMm(), limit, opening.firstNmm() / mostArmMm(), most);
        }
        if (limit == Limit.STARTS_TO_GIVE) {
            return traceShare * atRest;
        }
        double near = Math.min(most, NEAR * atRest);
        UnivariateFunction over = n -> staysMm(n) - limit.staysMm();
        double beyond = over.value(near) > 0 ? near : most;
        double least = atRest / NEAR;
        if (over.value(least) >= 0) {
            return least;
        }
        return over.value(beyond) <= 0 ? beyond : solved(over, limit, least, beyond);
    }

    private static double solved(UnivariateFunction over, Limit limit, double from, double to) {
        return new BracketingNthOrderBrentSolver(1e-9, 1e-6, 1e-4 * limit.staysMm(), 5)
                .solve(EVALUATIONS, over, from, to);
    }

    /** Opening at the mouth, ∫ change of curvature × arm × R dθ over both halves, mm; by the change of curvature for an arm. */
    private double opening(DoubleUnaryOperator turned) {
        double sum = 0;
        for (int i = 0; i < arms.length; i++) {
            sum += weights[i] * turned.applyAsDouble(arms[i]);
        }
        return sum;
    }

    /** Whether its test is a squeeze that shuts it: that of an ear wire. */
    private boolean isSqueezed() {
        return legMm > 0;
    }

    @Override
    public Pull under(double loadN) {
        MomentCurve curve =
                isSqueezed() ? MomentCurve.closing(fibres, Limit.HOLDS.staysMm() / (radiusMm * mostArmMm())) : opening;
        int way = isSqueezed() ? -1 : 1;
        Half under = underLoad(curve, way, loadN);
        Half after = let(curve, way, under);
        return new Pull(
                loadN,
                isSqueezed(),
                2 * Math.abs(under.mouthMm - rest.mouthMm),
                2 * Math.abs(after.mouthMm - rest.mouthMm),
                loadN * mostArmMm() >= curve.mostNmm(),
                rest.outline(this),
                under.outline(this),
                after.outline(this));
    }

    /** What stays of the opening under a load on the arms at rest, mm. */
    private double atRestMm(double loadN) {
        return opening(a -> opening.stays(loadN * a));
    }

    private double staysMm(double loadN) {
        return 2 * (let(opening, 1, underLoad(opening, 1, loadN)).mouthMm - rest.mouthMm);
    }

    /** One half of the bend under a load, N, that opens it (way 1) or shuts it (-1) where its mouth then is: sought by the secant method. */
    private Half underLoad(MomentCurve curve, int way, double loadN) {
        double precise = 1e-5 * radiusMm;
        double last = rest.reachMm;
        Half half = laid(curve, way, loadN, last);
        double missed = half.reachMm - last;
        double reach = Math.max(half.reachMm, 0.1 * radiusMm);
        half = laid(curve, way, loadN, reach);
        for (int i = 0; i < SETTLES && Math.abs(half.reachMm - reach) > precise; i++) {
            double miss = half.reachMm - reach;
            if (miss == missed) {
                return half;
            }
            double next = reach - miss * (reach - last) / (miss - missed);
            last = reach;
            missed = miss;
            reach = Math.max(next, 0.1 * radiusMm);
            half = laid(curve, way, loadN, reach);
        }
        return half;
    }

    private Half laid(MomentCurve curve, int way, double loadN, double reachMm) {
        double[] moments = new double[HALF];
        return new Half(this, moments, (i, x) -> {
            moments[i] = loadN * Math.max(0, reachMm - x);
            return way * curve.bends(moments[i]);
        });
    }

    /** Let go. */
    private Half let(MomentCurve curve, int way, Half under) {
        return new Half(this, under.moments, (i, x) -> way * curve.stays(under.moments[i]));
    }

    /** How much less a place is curved, 1/mm, by its number from the back and its distance from there towards the mouth, mm. */
    private interface Unbent {
        double perMm(int place, double alongMm);
    }

    /** Centre line of one half: the middle of the back at the origin, heading up, the mouth to the right. */
    private static final class Half {
        private final double[] moments;
        private final double[] x = new double[HALF + 1];
        private final double[] y = new double[HALF + 1];
        private final double heading;
        private final double reachMm;
        private final double mouthMm;

        Half(Bow bow, double[] moments, Unbent unbent) {
            this.moments = moments;
            double turn = bow.loadedRad / HALF;
            double step = bow.radiusMm * turn;
            double right = 0;
            double up = 1;
            for (int i = 0; i < HALF; i++) {
                double halfway = x[i] + step / 2 * (right + up * turn / 4);
                double turned = turn - step * unbent.perMm(i, halfway);
                double half = turned / 2;
                double cos = Math.abs(half) < SMALL_RAD ? 1 - half * half / 2 * (1 - half * half / 12) : Math.cos(half);
                double sin = Math.abs(half) < SMALL_RAD ? half * (1 - half * half / 6) : Math.sin(half);
                double chord = half == 0 ? step : step * sin / half;
                double middleRight = right * cos + up * sin;
                double middleUp = up * cos - right * sin;
                x[i + 1] = x[i] + chord * middleRight;
                y[i + 1] = y[i] + chord * middleUp;
                right = middleRight * cos + middleUp * sin;
                up = middleUp * cos - middleRight * sin;
            }
            double leg = bow.legMm + bow.radiusMm * Math.tan(Math.max(0, Math.PI / 2 - bow.loadedRad));
            this.heading = Math.atan2(up, right);
            this.reachMm = x[HALF] + leg * right;
            this.mouthMm = y[HALF] + leg * up;
        }

        /** Both halves and their legs, the lower one first. */
        List<double[]> outline(Bow bow) {
            List<double[]> upper = new ArrayList<>();
            for (int i = 1; i <= HALF; i++) {
                upper.add(new double[] {x[i], y[i]});
            }
            double beyond = bow.sweepRad / 2 - bow.loadedRad;
            double px = x[HALF];
            double py = y[HALF];
            double heads = heading;
            int more = (int) Math.ceil(beyond / bow.loadedRad * HALF - 1e-9);
            for (int i = 0; i < more; i++) {
                double turn = beyond / more;
                px += 2 * bow.radiusMm * Math.sin(turn / 2) * Math.cos(heads - turn / 2);
                py += 2 * bow.radiusMm * Math.sin(turn / 2) * Math.sin(heads - turn / 2);
                heads -= turn;
                upper.add(new double[] {px, py});
            }
            double leg = bow.legMm > 0 ? bow.legMm : LEGS * bow.radiusMm;
            upper.add(new double[] {px + leg * Math.cos(heads), py + leg * Math.sin(heads)});
            List<double[]> all = new ArrayList<>();
            for (int i = upper.size() - 1; i >= 0; i--) {
                all.add(new double[] {upper.get(i)[0], -upper.get(i)[1]});
            }
            all.add(new double[] {0, 0});
            all.addAll(upper);
            return List.copyOf(all);
        }
    }
}
