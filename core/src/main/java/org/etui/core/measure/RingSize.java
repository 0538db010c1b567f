package org.etui.core.measure;

import org.etui.core.check.Check;

/** Finger rings by the length of their inside, in the systems that makers meet. */
public enum RingSize {
    /** United States: (1.4216 + 0.1018·n) inches round the inside (GNU Units, ringsize), n from 0 to 16. */
    US(1.4216 * 25.4, 0.1018 * 25.4, 0, 16),
    /** United Kingdom: A is 37.5 mm round, each letter 1.25 mm more (BS 6820); A is 0 here, Z is 25. */
    UK(37.5, 1.25, 0, 25),
    /** ISO 8653: the size is the length round the inside in mm, 38 to 76. */
    ISO(0, 1, 38, 76);

    private final double zeroMm;
    private final double stepMm;
    private final double least;
    private final double most;

    RingSize(double zeroMm, double stepMm, double least, double most) {
        this.zeroMm = zeroMm;
        this.stepMm = stepMm;
        this.least = least;
        this.most = most;
    }

    /**
     * Inside diameter of a size, mm.
     *
     * @throws IllegalArgumentException outside the range of the system
     */
    public double insideMm(double size) {
        return (zeroMm + stepMm * Check.within("size", size, least, most)) / Math.PI;
    }

    /** The size of an inside diameter, mm: not rounded, and not held to the range of the system. */
    public double sizeOf(double insideMm) {
        return (Math.PI * Check.positive("insideMm", insideMm) - zeroMm) / stepMm;
    }

    /** The least size. */
    public double least() {
        return least;
    }

    /** The greatest size. */
    public double most() {
        return most;
    }
}
