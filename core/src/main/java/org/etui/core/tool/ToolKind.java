package org.etui.core.tool;

import org.etui.core.check.Word;

/** What a tool is. */
public enum ToolKind {
    /** Wire is wound on it. */
    MANDREL,
    /** A step of bail-forming or stepped pliers. */
    PLIER_STEP,
    /** A mark on the cone of round-nose pliers. */
    JAW_MARK,
    /** A hammer with a flat face. */
    FLAT_HAMMER,
    /** A hammer with a domed face. */
    DOMED_HAMMER,
    /** A hammer with a ball face. */
    BALL_HAMMER,
    /** A hammer with a cross face. */
    CROSS_HAMMER,
    /** A nylon mallet. */
    NYLON_MALLET,
    /** A rawhide mallet. */
    RAWHIDE_MALLET,
    /** Pliers with nylon jaws. */
    NYLON_JAWS,
    /** A tumbler with steel shot. */
    TUMBLER,
    /** A pair of ring dies. */
    DIE;

    /** Whether wire is laid round it, so that its size is the inside on the tool. */
    public boolean isRound() {
        return this == MANDREL || this == PLIER_STEP || this == JAW_MARK;
    }

    /** In words, such as {@code plier step}. */
    public String inWords() {
        return Word.plain(this);
    }
}
