package org.etui.server.instrument;

/** Something that is connected to the bench and read instead of typing a figure. */
public interface Instrument {
    /** What is read. */
    enum Kind {
        /** A length, mm. */
        CALLIPER,
        /** A mass, g; a load, as the mass that hangs there. */
        SCALE,
        /** A temperature, °C. */
        THERMOMETER
    }

    /** What it is. */
    Kind kind();

    /** What it is called on screen. */
    String name();

    /**
     * Reads it.
     *
     * @param about what is being measured, roughly: a real one has no use for it
     * @return the reading in its unit, in steps of its display
     */
    double read(double about);
}
