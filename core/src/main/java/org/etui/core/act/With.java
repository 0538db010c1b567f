package org.etui.core.act;

/** What a work is done with. */
public enum With {
    /** Flat face. */
    FLAT_HAMMER,
    /** Domed face. */
    DOMED_HAMMER,
    /** Ball face. */
    BALL_HAMMER,
    /** Cross face. */
    CROSS_HAMMER,
    /** Nylon mallet. */
    NYLON_MALLET,
    /** Rawhide mallet. */
    RAWHIDE_MALLET,
    /** Nylon jaws. */
    NYLON_JAWS,
    /** Steel shot. */
    SHOT,
    /** Ring dies. */
    DIE
}
