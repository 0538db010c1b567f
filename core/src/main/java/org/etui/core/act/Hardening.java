package org.etui.core.act;

import org.etui.core.check.Word;

/**
 * Work that hardens and leaves the measures. What a pass adds, and what all passes of one work come to at most, are
 * engineering estimates: each pass adds less, since the metal has become harder.
 */
public enum Hardening {
    /** A planishing hammer over marks. */
    PLANISH(0.05, 0.15),
    /** Marks on purpose. */
    TEXTURE(0.08, 0.25),
    /** Nylon jaws. */
    JAWS(0.02, 0.12),
    /** Nylon or rawhide mallet. */
    MALLET(0.03, 0.2),
    /** Flexing to and fro. */
    FLEX(0.05, 0.3);

    private final double first;
    private final double most;

    Hardening(double first, double most) {
        this.first = first;
        this.most = most;
    }

    /**
     * Plastic strain that passes add, most·(1 − exp(−n·first/most)).
     *
     * @param passes 0 or more
     */
    public double strain(int passes) {
        return most * (1 - Math.exp(-passes * first / most));
    }

    /** The most that any number of passes adds. */
    public double most() {
        return most;
    }

    /** In words, such as {@code tap with the mallet}. */
    public String inWords() {
        return switch (this) {
            case PLANISH, TEXTURE, FLEX -> Word.plain(this);
            case JAWS -> "draw through jaws:";
            case MALLET -> "tap:";
        };
    }
}
