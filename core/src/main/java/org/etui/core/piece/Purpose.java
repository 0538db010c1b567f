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

    /**
     * The load that it has to hold, N: an engineering estimate. An ear wire has to stand a squeeze of that at its leg.
     *
     * @return 0 where it carries none
     */
    public double wantsN() {
        return switch (this) {
            case DECORATIVE -> 0;
            case EAR_WIRE -> 1;
            case PENDANT -> 5;
            case NECKLACE_CLOSURE, LINK -> 10;
            case BRACELET_CLOSURE -> 15;
            case BANGLE_CLOSURE -> 20;
        };
    }

    /** In words, such as {@code necklace closure}. */
    public String inWords() {
        return Word.plain(this);
    }
}
