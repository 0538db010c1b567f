package org.etui.core.cutting;

import org.etui.core.check.Check;
import org.etui.core.wire.Wire;

/**
 * Wires that are wanted.
 *
 * @param title what they are for
 * @param wire what they are made of
 * @param cutMm length of each as cut, mm
 * @param count how many
 * @param matched whether they are matched in pairs: both of a pair from neighbouring wire of one stock
 */
public record Wanted(String title, Wire wire, double cutMm, int count, boolean matched) {
    /** @throws IllegalArgumentException if a measure is out of range */
    public Wanted {
        Check.within("cutMm", cutMm, 0.01, 1e5);
        Check.within("count", count, 1, 100_000);
    }
}
