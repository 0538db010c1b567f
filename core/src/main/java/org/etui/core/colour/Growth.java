package org.etui.core.colour;

import org.etui.core.check.BadInput;
import org.etui.core.check.Check;
import org.etui.core.metal.Metal;
import org.etui.core.piece.Colour;

/**
 * How a film of sulfide grows: x/kl + x²/kp = t, linear while it is thin, parabolic when it is thick (Deal and Grove 1965, for the law; the constants are
 * engineering estimates). A film adds to what is there.
 *
 * @param linearNmPerS rate of a thin film, nm/s
 * @param parabolicNm2PerS rate of a thick film, nm²/s
 */
public record Growth(double linearNmPerS, double parabolicNm2PerS) {
    /**
     * Without a record of the maker's own bath the time may be so many times longer or shorter: between makers, gels and waters it differs by that much
     * (engineering estimate).
     */
    public static final double UNSURE = 1.6;

    /** At 60 °C and 1.7 drops of gel in 100 ml, on copper (engineering estimates). */
    private static final double LINEAR = 0.4;

    private static final double PARABOLIC = 20;
    private static final double USUAL_DROPS_PER_100_ML = 1.7;
    private static final double USUAL_KELVIN = 333.15;

    /** Activation energy, J/mol (engineering estimate), and the gas constant, J/(mol K) (CODATA). */
    private static final double ACTIVATION = 40_000;

    private static final double GAS = 8.314462618;
    private static final double ZERO_CELSIUS = 273.15;

    /** @throws IllegalArgumentException if it does not grow */
    public Growth {
        Check.that(linearNmPerS > 0 && Double.isFinite(linearNmPerS), "linearNmPerS must be above 0");
        Check.that(parabolicNm2PerS > 0 && Double.isFinite(parabolicNm2PerS), "parabolicNm2PerS must be above 0");
    }

    /** On a metal in a bath. Metals that take no film are asked as if they were copper: nobody should show it. */
    public static Growth of(Metal metal, Colour.Recipe bath) {
        double strength = 100 * bath.drops() * gelDrops(bath.form()) / bath.volumeMl() / USUAL_DROPS_PER_100_ML;
        double rate = strength * warmth(bath.temperatureC()) * share(metal);
        return new Growth(LINEAR * rate, PARABOLIC * rate);
    }

    /** How many times as fast as at 60 °C everything goes at a temperature (Arrhenius). */
    static double warmth(double temperatureC) {
        return Math.exp(-ACTIVATION / GAS * (1 / (temperatureC + ZERO_CELSIUS) - 1 / USUAL_KELVIN));
    }

    /** What a drop or a crumb is in drops of gel: a crumb of 2 mm about three, a drop of ready liquid about a half (engineering estimates). */
    static double gelDrops(Colour.Bath form) {
        return switch (form) {
            case GEL -> 1;
            case LUMP -> 3;
            case LIQUID -> 0.5;
            case NONE -> throw new BadInput("bath.form", "none", "is no bath: nothing darkens without");
        };
    }

    /** Against copper: silver as fast, bronze slower, brass slowly (engineering estimates); of filled wire the brass core. */
    private static double share(Metal metal) {
        return switch (metal) {
            case JEWELERS_BRONZE -> 0.6;
            case BRASS, GOLD_FILLED -> 0.2;
            default -> 1;
        };
    }

    /** How long a film takes on clean metal, s. */
    public double seconds(double filmNm) {
        return filmNm / linearNmPerS + filmNm * filmNm / parabolicNm2PerS;
    }

    /** The film after so many seconds on one that is there already, nm. */
    public double filmNm(double thereNm, double seconds) {
        double since = seconds(thereNm) + seconds;
        double half = parabolicNm2PerS / (2 * linearNmPerS);
        // The root of x² + 2·half·x = kp·t, written so that thin films lose no digits.
        double grown = parabolicNm2PerS * since;
        return grown / (half + Math.sqrt(half * half + grown));
    }

    /** The same bath so many times as fast: fitted to a maker's own, or tired. */
    public Growth times(double faster) {
        return new Growth(linearNmPerS * faster, parabolicNm2PerS * faster);
    }
}
