package org.etui.core.element;

import java.util.OptionalDouble;

/**
 * What an element is to a load, and to what hangs in it.
 *
 * @param hook whether it is open like a hook or bow: a pull opens it
 * @param eye whether it goes round what hangs in it
 * @param turns how often an eye, or what locks one, goes round; 0 for what is neither
 * @param opens whether an eye has to be opened later
 * @param frame whether all wires of its strand carry a load together
 * @param locksOnMm radius of the wire that its turns hold the end of the eye beside it on, mm; empty where they hold none
 */
public record Hanging(boolean hook, boolean eye, double turns, boolean opens, boolean frame, OptionalDouble locksOnMm) {
    /** Nothing hangs in it. */
    public static final Hanging NOTHING = new Hanging(false, false, 0, false, false, OptionalDouble.empty());

    /** A hook or bow. */
    public static final Hanging HOOK = new Hanging(true, false, 0, false, false, OptionalDouble.empty());

    /** Wires that carry together. */
    public static final Hanging FRAME = new Hanging(false, false, 0, false, true, OptionalDouble.empty());

    /** Turns that hold the end of an eye beside them on a stem or bundle of a radius, mm. */
    public static Hanging lock(double turns, double onMm) {
        return new Hanging(false, false, turns, false, false, OptionalDouble.of(onMm));
    }

    /** An eye of so many turns. */
    public static Hanging eye(double turns, boolean opens) {
        return new Hanging(false, true, turns, opens, false, OptionalDouble.empty());
    }

    /** Whether something can hang in it. */
    public boolean holds() {
        return hook || eye;
    }
}
