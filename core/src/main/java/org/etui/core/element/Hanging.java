package org.etui.core.element;

/**
 * What an element is to a load, and to what hangs in it.
 *
 * @param hook whether it is open like a hook or bow: a pull opens it
 * @param eye whether it goes round what hangs in it
 * @param turns how often an eye goes round; 0 for what is none
 * @param opens whether an eye has to be opened later
 * @param frame whether all wires of its strand carry a load together
 */
public record Hanging(boolean hook, boolean eye, double turns, boolean opens, boolean frame) {
    /** Nothing hangs in it. */
    public static final Hanging NOTHING = new Hanging(false, false, 0, false, false);

    /** A hook or bow. */
    public static final Hanging HOOK = new Hanging(true, false, 0, false, false);

    /** Wires that carry together. */
    public static final Hanging FRAME = new Hanging(false, false, 0, false, true);

    /** An eye of so many turns. */
    public static Hanging eye(double turns, boolean opens) {
        return new Hanging(false, true, turns, opens, false);
    }

    /** Whether something can hang in it. */
    public boolean holds() {
        return hook || eye;
    }
}
