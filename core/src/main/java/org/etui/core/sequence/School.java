package org.etui.core.sequence;

import org.etui.core.check.Term;

/**
 * Where makers disagree: what the maker was taught, for the words of the bench card. The lengths are the same.
 *
 * @param spiral how a spiral is laid
 * @param polish how it is polished back
 * @param stopBath whether the sulfide is stopped in soda water
 * @param leftHanded whether the tool is in the left hand: card and paper are mirrored, and so is what is made by them
 */
public record School(
        @Term(value = "how a spiral is laid", or = "\"push\"")
        Spiral spiral,

        @Term(value = "how it is polished back", or = "\"to-and-fro\"")
        Polish polish,

        @Term(value = "whether the sulfide is stopped in soda water", or = "true")
        boolean stopBath,

        @Term(value = "whether the tool is in the left hand: card and paper are mirrored", or = "false")
        boolean leftHanded) {
    /** Push, to and fro, with a stop bath, the tool in the right hand. */
    public static final School USUAL = new School(Spiral.PUSH, Polish.TO_AND_FRO, true, false);

    /** How a spiral is laid. */
    public enum Spiral {
        /** Hold the spiral still and push the wire round it. */
        PUSH,
        /** Turn the pliers and draw the wire in. */
        DRAW
    }

    /** How film is taken off. */
    public enum Polish {
        /** Back and forth. */
        TO_AND_FRO,
        /** Strokes in one direction. */
        ONE_DIRECTION
    }
}
