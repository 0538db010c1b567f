package org.etui.core.mechanics;

/**
 * What a bend holds when it is pulled open. Two figures that are never confused: the load at which it starts to give, and the load
 * that it holds.
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

    /** The load that it holds of metal a tenth softer than the table says, N. */
    public double holdsFromN() {
        return (1 - BAND) * holdsN;
    }

    /** The load that it holds of metal a tenth harder, N. */
    public double holdsToN() {
        return (1 + BAND) * holdsN;
    }

    /** How the bend lies under a load and after it, N. */
    public Pull under(double loadN) {
        return bow.under(loadN);
    }
}
