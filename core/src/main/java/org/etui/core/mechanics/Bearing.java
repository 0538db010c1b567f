package org.etui.core.mechanics;

/** A bend that something pulls at, as it lies. */
public sealed interface Bearing permits Bow, Eye {
    /** How far a pull may go. */
    enum Limit {
        /** The first trace of a set, 0.01 mm of opening: the least that a calliper shows (engineering estimate). */
        STARTS_TO_GIVE(0.01),
        /** 0.2 mm of opening, which is felt and seen (engineering estimate). */
        HOLDS(0.2);

        private final double staysMm;

        Limit(double staysMm) {
            this.staysMm = staysMm;
        }

        /** How far it may stay open, mm. */
        double staysMm() {
            return staysMm;
        }
    }

    /** What gives first under a pull that grows. */
    enum Fails {
        /** A hook or loop bends open. */
        OPENS,
        /** The turns of a wrap slip off. */
        SLIPS,
        /** The wire necks and breaks. */
        BREAKS,
        /** A ring that is closed is drawn out of its shape. */
        YIELDS
    }

    /** What it holds, and from where it gives. */
    Hold hold();

    /**
     * Whether a load, N, stays within a limit: the same as to compare it with the greatest, but without seeking that. Of the bow of an ear wire the
     * load is a squeeze, which it stands until it begins to close for good.
     */
    boolean carries(Limit limit, double loadN);

    /** How it lies under a load, N, and after it; the bow of an ear wire under a squeeze. */
    Pull under(double loadN);
}
