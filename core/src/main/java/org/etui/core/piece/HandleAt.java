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
    NONE
}
