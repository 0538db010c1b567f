package org.etui.core.curve;

/** Positions along a line. */
final class Along {
    /** A position may overshoot an end by this much through rounding, mm. */
    private static final double SLACK_MM = 1e-7;

    private Along() {}

    static double checked(double sMm, double lengthMm) {
        if (!(sMm >= -SLACK_MM && sMm <= lengthMm + SLACK_MM)) {
            throw new IllegalArgumentException("position must be from 0 to " + lengthMm + " mm, was " + sMm);
        }
        return sMm;
    }
}
