package org.etui.core.measure;

/** The units a maker reads lengths in. */
public enum Units {
    /** Millimetres, to a tenth. */
    MM,
    /** Inches, as fractions of a sixteenth. */
    IN,
    /** Inches, as fractions of a thirty-second. */
    IN32
}
