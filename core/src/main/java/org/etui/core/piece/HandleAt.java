package org.etui.core.piece;

/** Which end carries the handle. */
public enum HandleAt {
    /** The beginning. */
    START,
    /** The end. */
    END,
    /** Both ends. */
    BOTH,
    /** Neither. */
    NONE,
    /** Neither: the wire stays on the spool, which is held, and is clipped off when the other end is formed; of several wires each is cut first. */
    SPOOL
}
