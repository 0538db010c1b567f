package org.etui.core.mechanics;

import java.util.Arrays;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;
import java.util.function.IntToDoubleFunction;
import org.etui.core.check.Check;
import org.etui.core.measure.Quadrature;
import org.etui.core.section.Section;
import org.hipparchus.analysis.integration.gauss.GaussIntegrator;
import org.hipparchus.analysis.solvers.BracketingNthOrderBrentSolver;

/**
 * A section of wire that remembers: fibres over the depth, each with its plastic strain, its back stress and the plastic
 * strain it has accumulated. The fibre beam of structural engineering (Spacone, Filippou and Taucer, 1996) with the
 * hardening of {@link Material}. Strains follow the curvature by atanh(κy), the mean of the logarithmic strains outside
 * and inside, so that tight bends count fully and the axis stays in the middle: of a section that is alike on both sides one
 * half stands for both. Immutable.
 *
 * <p>Sections that are not alike on both sides are taken from the axis that halves the area; an estimate while they are
 * still partly elastic.
 */
public final class Fibres {
    private static final int HALF = 8;
    private static final GaussIntegrator GAUSS = Quadrature.legendre(HALF, 0, Math.PI / 2);
    /** No fibre is strained as if it lay closer to the middle of the curve than this share of the radius (engineering estimate). */
    private static final double TIGHTEST = 0.97;

    private static final double PRECISE = 1e-10;

    /** A moment of less than this share of the full one is none. */
    static final double FREE = 1e-6;

    private static final int EVALUATIONS = 200;
    private static final int ROUNDS = 60;

    private final Material material;
    private final double[] y;
    private final double[] area;
    private final double curvature;
    private final double[] plastic;
    private final Back slow;
    private final Back fast;
    private final double[] strain;

    /** Share of the hardening that each fibre still has before it, exp(−p/εc). */
    private final double[] soft;

    private final double modulus;
    private final double full;
    private final double spread;
    /** Worked out when first asked for; volatile, since strands of one wire are worked side by side. */
    private volatile double moment = Double.NaN;

    /** Bends from here that are known already: one wire is bent alike many times. */
    private final Map<Bend, Bending> bends = new ConcurrentHashMap<>();

    private Fibres(
            Material material,
            double[][] mesh,
            double curvature,
            double[] plastic,
            Back slow,
            Back fast,
            double[] strain,
            double[] soft) {
        this.material = material;
        this.y = mesh[0];
        this.area = mesh[1];
        this.curvature = curvature;
        this.plastic = plastic;
        this.slow = slow;
        this.fast = fast;
        this.strain = strain;
        this.soft = soft;
        this.modulus = material.modulusMpa();
        this.full = material.flow().fullMpa();
        this.spread = full - material.flow().startMpa();
    }

    /**
     * A back stress of each fibre (Armstrong and Frederick, 1966), MPa, and what the flow stress alike in both directions gives up for it, so
     * that the way on keeps the curve of Voce.
     *
     * @param most what it tends to, MPa
     * @param rate over how much strain, as 1/strain
     * @param stress of each fibre, MPa, in the direction of its sign
     * @param stock what is given up for it, MPa
     */
    private record Back(double most, double rate, double[] stress, double[] stock) {
        static Back none(double most, double scale, int fibres) {
            return new Back(most, 1 / scale, new double[fibres], new double[fibres]);
        }

        /** The same of other fibres, to be filled. */
        Back blank() {
            return most == 0 ? this : new Back(most, rate, new double[stress.length], new double[stock.length]);
        }

        /** How much of the hardening in a direction it still holds back, MPa. */
        double left(int i, double side) {
            return stock[i] - side * stress[i];
        }

        /** Fills a fibre with what another holds after a plastic strain in a direction. */
        void flow(int i, Back from, double side, double flowed) {
            if (most > 0) {
                double fade = flowed == 0 ? 1 : Math.exp(-flowed * rate);
                stress[i] = side * most + (from.stress[i] - side * most) * fade;
                stock[i] = most + (from.stock[i] - most) * fade;
            }
        }

        /** What is left of it once all was strained alike, of the last fibres. */
        Back worked(double added, int fibres) {
            double fade = Math.exp(-added * rate);
            return new Back(most, rate, last(stress, fibres, fade), last(stock, fibres, fade));
        }

        private static double[] last(double[] of, int fibres, double fade) {
            double[] kept = new double[fibres];
            for (int i = 0; i < fibres; i++) {
                kept[i] = of[of.length - fibres + i] * fade;
            }
            return kept;
        }

        boolean same(Back other) {
            return most == other.most && Arrays.equals(stress, other.stress) && Arrays.equals(stock, other.stock);
        }
    }

    /** Straight wire as bought, free of stress. */
    public static Fibres of(Material material, Section section) {
        return of(material, section, 1);
    }

    /**
     * The same over a finer mesh.
     *
     * @param fineness how many times the usual eight fibres a side, for checks against closed forms
     */
    static Fibres of(Material material, Section section, int fineness) {
        double[][] mesh = mesh(section, fineness);
        int n = mesh[0].length;
        double[] strain = new double[n];
        Arrays.fill(strain, material.boughtStrain());
        return new Fibres(
                material,
                mesh,
                0,
                new double[n],
                Back.none(material.slowBackMpa(), material.flow().strainScale(), n),
                Back.none(material.fastBackMpa(), Material.FAST_SCALE, n),
                strain,
                soft(material, strain));
    }

    /** Gauss points over each half, y = h·sin θ, so that round edges are integrated exactly; areas scaled to the section's. */
    private static double[][] mesh(Section section, int fineness) {
        double axis = equalAreaMm(section);
        int half = HALF * fineness;
        boolean alike = isAlike(section);
        double[] y = new double[alike ? half : 2 * half];
        double[] area = new double[y.length];
        for (int side = alike ? 1 : -1; side <= 1; side += 2) {
            double depth = side > 0 ? section.extremeFibreMm() - axis : section.insideFibreMm() + axis;
            int first = side > 0 && !alike ? half : 0;
            for (int part = 0; part < fineness; part++) {
                for (int i = 0; i < HALF; i++) {
                    int at = first + part * HALF + i;
                    double theta = (GAUSS.getPoint(i) + part * Math.PI / 2) / fineness;
                    y[at] = side * depth * Math.sin(theta);
                    area[at] = section.chordMm(y[at] + axis) * depth * Math.cos(theta) * GAUSS.getWeight(i) / fineness;
                }
            }
        }
        double scale = section.areaMm2() / Arrays.stream(area).sum();
        for (int i = 0; i < area.length; i++) {
            area[i] *= scale;
        }
        return new double[][] {y, area};
    }

    /** Whether both sides of the axis are alike: then one of them stands for both, since bending strains them alike. */
    private static boolean isAlike(Section section) {
        return Math.abs(section.extremeFibreMm() - section.insideFibreMm()) < PRECISE;
    }

    /** Where the axis that halves the area lies beyond the centroid, mm. */
    private static double equalAreaMm(Section section) {
        if (isAlike(section)) {
            return 0;
        }
        double low = -section.insideFibreMm();
        double high = section.extremeFibreMm();
        return new BracketingNthOrderBrentSolver(1e-9, 5)
                .solve(EVALUATIONS, at -> areaBelow(section, low, at) - section.areaMm2() / 2, low, high);
    }

    private static double areaBelow(Section section, double from, double to) {
        return to <= from ? 0 : Quadrature.legendre(40, from, to).integrate(section::chordMm);
    }

    private int fineness() {
        return y[0] > 0 ? y.length / HALF : y.length / (2 * HALF);
    }

    /** Which bend: round a tool of a curvature, or to a curvature after release, 1/mm. */
    record Bend(boolean onTool, double perMm) {}

    /** A bend from here, worked out once. */
    Bending bent(Bend bend, Function<Bend, Bending> workedOut) {
        return bends.computeIfAbsent(bend, workedOut);
    }

    /** Curvature now, 1/mm. */
    public double curvaturePerMm() {
        return curvature;
    }

    /** Bent, or unbent, to a curvature, 1/mm. */
    public Fibres bent(double curvaturePerMm) {
        int n = y.length;
        double[] nextPlastic = new double[n];
        double[] nextStrain = new double[n];
        double[] nextSoft = new double[n];
        Back nextSlow = slow.blank();
        Back nextFast = fast.blank();
        double rate = slow.rate;
        double sum = 0;
        for (int i = 0; i < n; i++) {
            double trial = trialMpa(i, curvaturePerMm);
            double side = sideOf(i, trial);
            double flowed = flowed(i, side, trial);
            nextPlastic[i] = plastic[i] + side * flowed;
            nextSlow.flow(i, slow, side, flowed);
            nextFast.flow(i, fast, side, flowed);
            nextStrain[i] = strain[i] + flowed;
            nextSoft[i] = flowed == 0 ? soft[i] : soft[i] * Math.exp(-flowed * rate);
            sum += (trial - side * modulus * flowed) * y[i] * area[i];
        }
        Fibres after = new Fibres(
                material,
                new double[][] {y, area},
                curvaturePerMm,
                nextPlastic,
                nextSlow,
                nextFast,
                nextStrain,
                nextSoft);
        after.moment = sum;
        return after;
    }

    /**
     * Bending moment that would hold it at a curvature, N·mm: that of {@link #bent} fibres, which are not kept.
     *
     * @param curvaturePerMm 1/mm
     */
    public double momentAtNmm(double curvaturePerMm) {
        double sum = 0;
        for (int i = 0; i < y.length; i++) {
            double trial = trialMpa(i, curvaturePerMm);
            double side = sideOf(i, trial);
            sum += (trial - side * modulus * flowed(i, side, trial)) * y[i] * area[i];
        }
        return sum;
    }

    /** Stress in a fibre if nothing flowed. */
    private double trialMpa(int i, double curvaturePerMm) {
        return modulus * (strainAt(curvaturePerMm, y[i]) - plastic[i]);
    }

    /** The way that a fibre would flow: which side of its back stress it is on. */
    private double sideOf(int i, double trial) {
        return trial < slow.stress[i] + fast.stress[i] ? -1 : 1;
    }

    private static double[] soft(Material material, double[] strain) {
        double scale = material.flow().strainScale();
        return Arrays.stream(strain).map(p -> Math.exp(-p / scale)).toArray();
    }

    /**
     * Plastic strain of a fibre when its stress is back at the flow stress: Δp of E·(ε − Δp) = σs − B·exp(−Δp/εc) − C·exp(−Δp/εf), B and
     * C what is left of the hardening in this direction, slow and fast; 0 where nothing flows. Exact for any step in one direction; Halley's
     * method (1694) from Δp = 0, Newton's where that would turn back. What a step leaves is less than a quarter of B·x³, x the step over its
     * scale.
     */
    private double flowed(int i, double side, double trial) {
        double left = spread * soft[i] + slow.left(i, side);
        double leftFast = fast.most == 0 ? 0 : fast.left(i, side);
        double ahead = side * trial - full;
        double over = ahead + left + leftFast;
        double precise = full * PRECISE;
        if (over <= precise) {
            return 0;
        }
        double p = 0;
        double now = left;
        double nowFast = leftFast;
        for (int round = 0; round < ROUNDS && Math.abs(over) > precise; round++) {
            double steep = now * slow.rate;
            double steepFast = nowFast * fast.rate;
            double slope = modulus + steep + steepFast;
            double bend = over * (steep * slow.rate + steepFast * fast.rate);
            double step = bend < slope * slope ? 2 * over * slope / (2 * slope * slope - bend) : over / slope;
            p += step;
            if (cubed(step * slow.rate) * Math.abs(now) + cubed(step * fast.rate) * nowFast <= 4 * precise) {
                return p;
            }
            now = left * Math.exp(-p * slow.rate);
            nowFast = leftFast == 0 ? 0 : leftFast * Math.exp(-p * fast.rate);
            over = ahead - modulus * p + now + nowFast;
        }
        return p;
    }

    private static double cubed(double x) {
        return Math.abs(x * x * x);
    }

    private static double strainAt(double curvature, double y) {
        double share = Math.min(Math.max(curvature * y, -TIGHTEST), TIGHTEST);
        return 0.5 * Math.log((1 + share) / (1 - share));
    }

    /** Bending moment that holds it, N·mm, positive where it bends further. */
    public double momentNmm() {
        double known = moment;
        if (!Double.isNaN(known)) {
            return known;
        }
        double sum = 0;
        for (int i = 0; i < y.length; i++) {
            sum += modulus * (strainAt(curvature, y[i]) - plastic[i]) * y[i] * area[i];
        }
        moment = sum;
        return sum;
    }

    /** Bending stiffness while elastic, N·mm². */
    public double stiffnessNmm2() {
        double sum = 0;
        for (int i = 0; i < y.length; i++) {
            sum += y[i] * y[i] * area[i];
        }
        return modulus * sum;
    }

    /** The greatest moment that it could ever carry, N·mm: every fibre at full flow stress. */
    public double fullMomentNmm() {
        double sum = 0;
        for (int i = 0; i < y.length; i++) {
            sum += Math.abs(y[i]) * area[i];
        }
        return full * sum;
    }

    /** Let go: the curvature at which the moment is nothing. Stress stays inside. */
    public Fibres released() {
        double held = momentNmm();
        double precise = fullMomentNmm() * FREE;
        double guess = curvature - held / stiffnessNmm2();
        Fibres elastic = bent(guess);
        if (Math.abs(elastic.momentNmm()) <= precise) {
            return elastic;
        }
        double other = guess - 2 * elastic.momentNmm() / stiffnessNmm2() - held * 1e-6 / stiffnessNmm2();
        while (momentAtNmm(other) * held > 0) {
            other -= held / stiffnessNmm2();
        }
        double low = Math.min(other, curvature);
        double high = Math.max(other, curvature);
        return bent(new BracketingNthOrderBrentSolver(1e-13, 1e-15, precise, 5)
                .solve(
                        EVALUATIONS,
                        this::momentAtNmm,
                        low,
                        high,
                        guess > low && guess < high ? guess : (low + high) / 2));
    }

    /**
     * Worked without bending: every fibre is strained alike and the section takes another shape, free of stress where it lies;
     * what bending had left in one direction fades as if it had gone on. Of a section that becomes alike on both sides the outer
     * half is remembered.
     *
     * @param section the section afterwards
     * @param added plastic strain added, 0 or more
     * @param growth length afterwards over length before: the radius grows with it
     */
    public Fibres worked(Section section, double added, double growth) {
        Check.within("added", added, 0, 100);
        double[][] mesh = mesh(section, fineness());
        double nextCurvature = curvature / growth;
        int n = mesh[0].length;
        double[] free = new double[n];
        double[] nextStrain = new double[n];
        for (int i = 0; i < n; i++) {
            free[i] = strainAt(nextCurvature, mesh[0][i]);
            nextStrain[i] = strain[y.length - n + i] + added;
        }
        return new Fibres(
                material,
                mesh,
                nextCurvature,
                free,
                slow.worked(added, n),
                fast.worked(added, n),
                nextStrain,
                soft(material, nextStrain));
    }

    /** Strained alike without a change of section. */
    public Fibres hardened(double added) {
        return strained(i -> added);
    }

    /**
     * Pressed or struck with what is softer than hard metal: it strains a fibre only as long as the metal is the softer of the two.
     *
     * @param added plastic strain that it would add, 0 or more
     * @param mostMpa flow stress from which the tool gives way, MPa
     */
    public Fibres hardenedUpTo(double added, double mostMpa) {
        double most = material.flow().strainAt(mostMpa);
        return strained(i -> Math.max(0, Math.min(added, most - strain[i])));
    }

    /**
     * Strained in a skin of one depth, whatever the wire's thickness.
     *
     * @param section its section
     * @param added plastic strain added in the skin, 0 or more
     * @param skinMm depth of the skin, mm
     */
    public Fibres skinned(Section section, double added, double skinMm) {
        double axis = equalAreaMm(section);
        return strained(i -> {
            double at = y[i] + axis;
            double deep = at > 0 ? section.extremeFibreMm() - at : section.insideFibreMm() + at;
            double within = deep <= skinMm ? 1 : Math.min(1, 2 * skinMm / section.chordMm(at));
            return added * within;
        });
    }

    private Fibres strained(IntToDoubleFunction added) {
        double[] nextStrain = strain.clone();
        for (int i = 0; i < nextStrain.length; i++) {
            nextStrain[i] += added.applyAsDouble(i);
        }
        return new Fibres(
                material,
                new double[][] {y, area},
                curvature,
                plastic,
                slow,
                fast,
                nextStrain,
                soft(material, nextStrain));
    }

    /** Plastic strain since annealed, mean over the section. */
    public double meanStrain() {
        double sum = 0;
        double all = 0;
        for (int i = 0; i < y.length; i++) {
            sum += strain[i] * area[i];
            all += area[i];
        }
        return sum / all;
    }

    /** Plastic strain added since purchase, mean over the section. */
    public double addedStrain() {
        return Math.max(0, meanStrain() - material.boughtStrain());
    }

    /** Plastic strain added since purchase where it is greatest. */
    public double greatestAddedStrain() {
        return Arrays.stream(strain).max().orElse(0) - material.boughtStrain();
    }

    /** What it is made of. */
    public Material material() {
        return material;
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Fibres f
                && material.equals(f.material)
                && curvature == f.curvature
                && Arrays.equals(y, f.y)
                && Arrays.equals(area, f.area)
                && Arrays.equals(plastic, f.plastic)
                && slow.same(f.slow)
                && fast.same(f.fast)
                && Arrays.equals(strain, f.strain);
    }

    @Override
    public int hashCode() {
        return Arrays.hashCode(strain) * 31 + Double.hashCode(curvature);
    }
}
