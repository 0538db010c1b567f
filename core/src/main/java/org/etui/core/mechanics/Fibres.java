package org.etui.core.mechanics;

import java.util.Arrays;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;
import org.etui.core.check.Check;
import org.etui.core.section.Section;
import org.hipparchus.analysis.integration.gauss.GaussIntegrator;
import org.hipparchus.analysis.integration.gauss.GaussIntegratorFactory;
import org.hipparchus.analysis.solvers.BracketingNthOrderBrentSolver;

/**
 * A section of wire that remembers: fibres over the depth, each with its plastic strain, its back stress and the plastic
 * strain it has accumulated. The fibre beam of structural engineering (Spacone, Filippou and Taucer, 1996) with the
 * hardening of {@link Material}. Strains follow the curvature by atanh(κy), the mean of the logarithmic strains outside
 * and inside, so that tight bends count fully and the axis stays in the middle: of a section that is alike on both sides one
 * half stands for both. Immutable.
 *
 * <p>Sections that are not alike on both sides are reckoned from the axis that halves the area; an estimate while they are
 * still partly elastic.
 */
public final class Fibres {
    private static final int HALF = 8;
    private static final GaussIntegratorFactory FACTORY = new GaussIntegratorFactory();
    private static final GaussIntegrator GAUSS = FACTORY.legendre(HALF, 0, Math.PI / 2);
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
    private final double[] back;
    private final double[] stock;
    private final double[] strain;

    /** Share of the hardening that each fibre still has before it, exp(−p/εc). */
    private final double[] soft;

    private final double kinematic;
    private final double modulus;
    private final double full;
    private final double spread;
    private final double rate;
    /** Reckoned when first asked for; volatile, since strands of one wire are worked side by side. */
    private volatile double moment = Double.NaN;

    /** Bends from here that are reckoned already: one wire is bent alike many times. */
    private final Map<Bend, Bending> bends = new ConcurrentHashMap<>();

    private Fibres(
            Material material,
            double[] y,
            double[] area,
            double curvature,
            double[] plastic,
            double[] back,
            double[] stock,
            double[] strain,
            double[] soft,
            double kinematic) {
        this.material = material;
        this.y = y;
        this.area = area;
        this.curvature = curvature;
        this.plastic = plastic;
        this.back = back;
        this.stock = stock;
        this.strain = strain;
        this.soft = soft;
        this.kinematic = kinematic;
        this.modulus = material.modulusMpa();
        this.full = material.flow().fullMpa();
        this.spread = full - material.flow().startMpa();
        this.rate = 1 / material.flow().strainScale();
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
                mesh[0],
                mesh[1],
                0,
                new double[n],
                new double[n],
                new double[n],
                strain,
                soft(material, strain),
                material.backStressMpa());
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
        return to <= from ? 0 : FACTORY.legendre(40, from, to).integrate(section::chordMm);
    }

    private int fineness() {
        return y[0] > 0 ? y.length / HALF : y.length / (2 * HALF);
    }

    /** Which bend: round a tool of a curvature, or to a curvature after release, 1/mm. */
    record Bend(boolean onTool, double perMm) {}

    /** A bend from here, reckoned once. */
    Bending bent(Bend bend, Function<Bend, Bending> reckoned) {
        return bends.computeIfAbsent(bend, reckoned);
    }

    /** Curvature now, 1/mm. */
    public double curvaturePerMm() {
        return curvature;
    }

    /** Bent, or unbent, to a curvature, 1/mm. */
    public Fibres bent(double curvaturePerMm) {
        int n = y.length;
        double[] nextPlastic = new double[n];
        double[] nextBack = new double[n];
        double[] nextStock = new double[n];
        double[] nextStrain = new double[n];
        double[] nextSoft = new double[n];
        double sum = 0;
        for (int i = 0; i < n; i++) {
            double trial = trialMpa(i, curvaturePerMm);
            double side = trial < back[i] ? -1 : 1;
            double left = leftMpa(i, side);
            double fade = fade(side * trial, left);
            double stress = stressMpa(trial, side, left, fade);
            double flowed = side * (trial - stress) / modulus;
            nextPlastic[i] = plastic[i] + side * flowed;
            nextBack[i] = side * kinematic + (back[i] - side * kinematic) * fade;
            nextStock[i] = kinematic + (stock[i] - kinematic) * fade;
            nextStrain[i] = strain[i] + flowed;
            nextSoft[i] = soft[i] * fade;
            sum += stress * y[i] * area[i];
        }
        Fibres after = new Fibres(
                material, y, area, curvaturePerMm, nextPlastic, nextBack, nextStock, nextStrain, nextSoft, kinematic);
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
            double side = trial < back[i] ? -1 : 1;
            double left = leftMpa(i, side);
            sum += stressMpa(trial, side, left, fade(side * trial, left)) * y[i] * area[i];
        }
        return sum;
    }

    /** Stress in a fibre if nothing flowed. */
    private double trialMpa(int i, double curvaturePerMm) {
        return modulus * (strainAt(curvaturePerMm, y[i]) - plastic[i]);
    }

    /** What is left of the hardening of a fibre in a direction: its flow stress is the full one less this. */
    private double leftMpa(int i, double side) {
        return spread * soft[i] + stock[i] - side * back[i];
    }

    private double stressMpa(double trial, double side, double left, double fade) {
        return fade == 1 ? trial : side * (full - left * fade);
    }

    private static double[] soft(Material material, double[] strain) {
        double scale = material.flow().strainScale();
        return Arrays.stream(strain).map(p -> Math.exp(-p / scale)).toArray();
    }

    /**
     * How much of what is left of the hardening in this direction is still left when the stress is back at the flow stress:
     * exp(−Δp/εc), where E·(ε − Δp) = σs − B·exp(−Δp/εc) and B is what is left now; 1 where nothing flows. Exact for any step in one
     * direction; Halley's method (1694) from Δp = 0. What a step x·εc of it leaves is less than a quarter of B·x³, so that the last
     * step needs no exponential.
     */
    private double fade(double trial, double left) {
        double over = trial - full + left;
        if (over <= full * PRECISE) {
            return 1;
        }
        double fade = 1;
        double p = 0;
        for (int round = 0; round < ROUNDS && Math.abs(over) > full * PRECISE; round++) {
            double slope = modulus + left * fade * rate;
            double step = 2 * over * slope / (2 * slope * slope - over * left * fade * rate * rate);
            double x = step * rate;
            if (Math.abs(left * fade * x * x * x / 4) <= full * PRECISE) {
                return fade * (1 - x * (1 - x * (0.5 - x / 6)));
            }
            p += step;
            fade = Math.exp(-p * rate);
            over = trial - modulus * p - full + left * fade;
        }
        return fade;
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
        double fade = Math.exp(-added / material.flow().strainScale());
        double nextCurvature = curvature / growth;
        int n = mesh[0].length;
        int from = y.length - n;
        double[] free = new double[n];
        double[] nextBack = new double[n];
        double[] nextStock = new double[n];
        double[] nextStrain = new double[n];
        for (int i = 0; i < n; i++) {
            free[i] = strainAt(nextCurvature, mesh[0][i]);
            nextBack[i] = back[from + i] * fade;
            nextStock[i] = stock[from + i] * fade;
            nextStrain[i] = strain[from + i] + added;
        }
        return new Fibres(
                material,
                mesh[0],
                mesh[1],
                nextCurvature,
                free,
                nextBack,
                nextStock,
                nextStrain,
                soft(material, nextStrain),
                kinematic);
    }

    /** Strained alike without a change of section. */
    public Fibres hardened(double added) {
        double[] nextStrain = strain.clone();
        for (int i = 0; i < nextStrain.length; i++) {
            nextStrain[i] += added;
        }
        return new Fibres(
                material, y, area, curvature, plastic, back, stock, nextStrain, soft(material, nextStrain), kinematic);
    }

    /**
     * Tumbled: strained near the surface, falling off with the square of the depth towards the middle (engineering estimate).
     *
     * @param added plastic strain added to the outermost fibre
     */
    public Fibres tumbled(double added) {
        double furthest = Arrays.stream(y).map(Math::abs).max().orElseThrow();
        double[] nextStrain = strain.clone();
        for (int i = 0; i < nextStrain.length; i++) {
            nextStrain[i] += added * y[i] * y[i] / (furthest * furthest);
        }
        return new Fibres(
                material, y, area, curvature, plastic, back, stock, nextStrain, soft(material, nextStrain), kinematic);
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
                && Arrays.equals(back, f.back)
                && Arrays.equals(stock, f.stock)
                && Arrays.equals(strain, f.strain);
    }

    @Override
    public int hashCode() {
        return Arrays.hashCode(strain) * 31 + Double.hashCode(curvature);
    }
}
