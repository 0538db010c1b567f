package org.etui.core.measure;

import java.math.RoundingMode;

/** Which way a shown length is rounded; there is no silent rounding. */
public enum Rounding {
    /** Never shorter than it is: for wire that is cut. */
    UP(RoundingMode.CEILING),
    /** To the nearest, halves away from zero: for reading. */
    NEAREST(RoundingMode.HALF_UP),
    /** Never longer than it is: for clearances. */
    DOWN(RoundingMode.FLOOR);

    private final RoundingMode mode;

    Rounding(RoundingMode mode) {
        this.mode = mode;
    }

    RoundingMode mode() {
        return mode;
    }
}
