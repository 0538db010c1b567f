package org.etui.core.piece;

/** What is not wire. */
public enum PartKind {
    /** A stone. */
    STONE,
    /** A bead. */
    BEAD,
    /** A cord. */
    CORD,
    /** A bought sheet shape. */
    BLANK,
    /** A bought closure, chain or ring. */
    FINDING,
    /** A spacer. */
    SPACER
}
