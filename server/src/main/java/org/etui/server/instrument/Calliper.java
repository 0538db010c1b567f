package org.etui.server.instrument;

/** A calliper that is connected to the bench. */
public interface Calliper {
    /** What it is called on screen. */
    String name();

    /**
     * Reads a measure.
     *
     * @param aboutMm what is being measured, roughly, mm: a real one has no use for it
     * @return mm, in steps of its display
     */
    double readMm(double aboutMm);
}
