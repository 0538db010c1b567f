package org.etui.core.mechanics;

import java.util.OptionalDouble;

/**
 * What a bend holds when it is pulled. Two figures that are never confused: the load at which it starts to give, and the load that it holds.
 * Their bands are wide because metal is: soft copper yields at 50 to 100 MPa from spool to spool, and the back stress is an estimate.
 *
 * @param startsToGiveN load that leaves the first trace of a set, N
 * @param holdsN load that leaves 0.2 mm of opening, or at which a closed eye slips or breaks, N
 * @param fails what gives first
 * @param sidewaysN what it holds when it is pulled across its plane, N, an estimate; empty where it is closed
 * @param squeezeN squeeze that begins to close it for good, 5 mm beyond the bow, N; empty where it is closed
 * @param givesMmPerN how far it opens for a newton while elastic, mm
 * @param insideMpaPerN stress at the inside of the back for a newton while elastic, MPa
 * @param bearing the bend that is pulled
 * @param own how many times as much it holds as worked out, by the maker's own tests; 1 where there are none
 */
public record Hold(
        double startsToGiveN,
        double holdsN,
        Bearing.Fails fails,
        OptionalDouble sidewaysN,
        OptionalDouble squeezeN,
        double givesMmPerN,
        double insideMpaPerN,
        Bearing bearing,
        double own) {
    /** How far what holds may lie off for the metal that the wire is of. */
    public static final double HOLDS_BAND = 0.25;

    /** The same of where it starts to give. */
    public static final double STARTS_BAND = 0.4;

    /** The least that it holds where its metal is soft for its name, N. */
    public double holdsFromN() {
        return (1 - HOLDS_BAND) * holdsN;
    }

    /** The most that it holds where its metal is hard for its name, N. */
    public double holdsToN() {
        return (1 + HOLDS_BAND) * holdsN;
    }

    /** The least at which it starts to give, N. */
    public double startsFromN() {
        return (1 - STARTS_BAND) * startsToGiveN;
    }

    /** The most at which it starts to give, N. */
    public double startsToN() {
        return (1 + STARTS_BAND) * startsToGiveN;
    }

    /** How the bend lies under a load and after it, N. */
    public Pull under(double loadN) {
        return bearing.under(loadN / own);
    }

    /** The same, holding so many times as much. */
    public Hold times(double factor) {
        return factor == 1
                ? this
                : new Hold(
                        factor * startsToGiveN,
                        factor * holdsN,
                        fails,
                        times(sidewaysN, factor),
                        times(squeezeN, factor),
                        givesMmPerN,
                        insideMpaPerN,
                        bearing,
                        factor * own);
    }

    private static OptionalDouble times(OptionalDouble newtons, double factor) {
        return newtons.isPresent() ? OptionalDouble.of(factor * newtons.getAsDouble()) : newtons;
    }
}
