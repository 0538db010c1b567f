package org.etui.core.pattern;

/** What patterns are chosen by: what the thing that they make is used as. */
public enum Use {
    /** Hooks, S-hooks and what cord ends in. */
    CLOSURES,
    /** What chains are made of. */
    LINKS,
    /** What goes through an ear. */
    EAR_WIRES,
    /** Finger rings. */
    RINGS,
    /** Bangles. */
    BANGLES,
    /** Spirals, cones, coils, flowers. */
    SPIRALS,
    /** What holds a stone or a bead. */
    STONES,
    /** What hangs. */
    DROPS,
    /** What is made of sheet. */
    SHEET,
    /** Small things to join and fill with. */
    FILLERS
}
