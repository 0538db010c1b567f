package org.etui.core.element;

/** The side an element curves to, seen along the wire. */
public enum Turn {
    /** Anticlockwise. */
    LEFT,
    /** Clockwise. */
    RIGHT;

    /** +1 for left, −1 for right. */
    public int sign() {
        return this == LEFT ? 1 : -1;
    }
}
