package org.etui.core.colour;

import java.util.Locale;

/** Times of a bath in words. */
public final class Clock {
    private static final int MINUTE = 60;

    /** Shorter times are told to the second, longer ones to five: no estimate is surer. */
    private static final int EXACT_TO = 20;

    private static final int STEP = 5;

    private Clock() {}

    /** Seconds as minutes and seconds, such as {@code 1:05 min}; less than a minute as {@code 45 s}. */
    public static String inWords(double seconds) {
        long whole = seconds < EXACT_TO ? Math.max(1, Math.round(seconds)) : STEP * Math.round(seconds / STEP);
        return whole < MINUTE
                ? whole + " s"
                : String.format(Locale.ROOT, "%d:%02d min", whole / MINUTE, whole % MINUTE);
    }
}
