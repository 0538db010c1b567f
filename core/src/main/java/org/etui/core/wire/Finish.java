package org.etui.core.wire;

/** What covers the wire. */
public enum Finish {
    /** Nothing. */
    BARE,
    /** A thin skin of another metal. */
    PLATED,
    /** A coat of enamel. */
    ENAMELLED
}
