package org.etui.core.piece;

/** How generously wire is cut. */
public enum Policy {
    /** A tenth more, rounded up to 5 mm: trim afterwards. */
    GENEROUS,
    /** To the next whole millimetre. */
    MEASURED,
    /** By the log; as measured while the log is empty. */
    LEARNT
}
