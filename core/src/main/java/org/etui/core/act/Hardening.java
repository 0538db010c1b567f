package org.etui.core.act;

import org.etui.core.check.Word;
import org.etui.core.mechanics.Fibres;

/**
 * Work that hardens and leaves the measures. What a pass adds, and what all passes of one work come to at most, are
 * engineering estimates: each pass adds less, since the metal has become harder. Nylon and rawhide cannot press metal that is harder than they
 * are: they add strain only up to a flow stress of about 140 MPa (engineering estimate).
 */
public enum Hardening {
    /** A planishing hammer over marks. */
    PLANISH(0.05, 0.15),
    /** Marks on purpose, besides what the pass thins. */
    TEXTURE(0.05, 0.25),
    /** Nylon jaws: a pass bends the wire straight off its spool, (4/3π)·(d/2)/R as the mean of a round section (textbook). */
    JAWS(0, 0.12),
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

    /** Flow stress from which nylon and rawhide give way, MPa. */
    private static final double SOFT_TOOL_MPA = 140;

    /** Radius of a small spool, mm: what jaws take out of the wire is its bend (engineering estimate). */
    private static final double SPOOL_MM = 40;

    /**
     * What the wire remembers after passes of it.
     *
     * @param passes 0 or more
     * @param thicknessMm of the wire, mm
     */
    public Fibres after(Fibres before, int passes, double thicknessMm) {
        double pass = this == JAWS ? 2 / (3 * Math.PI) * thicknessMm / SPOOL_MM : first;
        double added = most * (1 - Math.exp(-passes * pass / most));
        return this == JAWS || this == MALLET ? before.hardenedUpTo(added, SOFT_TOOL_MPA) : before.hardened(added);
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
