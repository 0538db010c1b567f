package org.etui.core.piece;

import org.etui.core.check.Word;

/** What a piece has to do. */
public enum Purpose {
    /** Only be looked at. */
    DECORATIVE,
    /** Hold its neighbours. */
    LINK,
    /** Go through an ear. */
    EAR_WIRE,
    /** Carry a pendant. */
    PENDANT,
    /** Close a necklace. */
    NECKLACE_CLOSURE,
    /** Close a bracelet. */
    BRACELET_CLOSURE,
    /** Close a bangle. */
    BANGLE_CLOSURE;

    /** Whether it carries a load. */
    public boolean carriesLoad() {
        return this != DECORATIVE;
    }

    /** In words, such as {@code necklace closure}. */
    public String inWords() {
        return Word.plain(this);
    }
}
