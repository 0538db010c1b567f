package org.etui.core.mechanics;

/** What it takes to bend wire, by the moment at the tool (engineering estimate). */
public enum FormedBy {
    /** Up to 600 N·mm. */
    FINGERS(600),
    /** Up to 2 000 N·mm. */
    PLIERS(2000),
    /** Beyond: a jig or a vice. */
    VICE(Double.POSITIVE_INFINITY);

    private final double mostNmm;

    FormedBy(double mostNmm) {
        this.mostNmm = mostNmm;
    }

    /** The least that does it. */
    public static FormedBy of(double momentNmm) {
        for (FormedBy by : values()) {
            if (momentNmm <= by.mostNmm) {
                return by;
            }
        }
        return VICE;
    }
}
