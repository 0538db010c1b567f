package org.etui.core.log;

import java.util.Optional;

/** What of a maker's own hand is learnt; each with how far makers differ from one time to the next (engineering estimates, from memory of the trade). */
public enum Habit {
    /** How much more wire an element takes than worked out, as a share: bends a little wider, wire stretched in winding. */
    ALLOWANCE(0.02, false),
    /** How much wider a bend comes out than worked out, as a share. */
    SPRINGBACK(0.02, false),
    /** How much wider flattened wire comes out than worked out, as a share. */
    FLATTENING(0.05, false),
    /** How many times as long a step takes. */
    MINUTES(0.35, true),
    /** How many times as much it holds. */
    HOLD(0.25, true);

    private final double noise;
    private final boolean isFactor;

    Habit(double noise, boolean isFactor) {
        this.noise = noise;
        this.isFactor = isFactor;
    }

    /** How far one time differs from the next before anything is known: a standard deviation. */
    double noise() {
        return noise;
    }

    /** The factor on the general value that a learnt value stands for. */
    public double factor(double value) {
        return isFactor ? Math.exp(value) : 1 + value;
    }

    /** Of which habit a fact speaks. A test that held says only that it holds at least so much: it teaches where that is more than planned. */
    static Optional<Habit> of(Fact fact) {
        return switch (fact.what()) {
            case USED, LEFT_OVER -> Optional.of(ALLOWANCE);
            case INSIDE, OUTSIDE -> Optional.of(SPRINGBACK);
            case WIDTH -> Optional.of(FLATTENING);
            case MINUTES -> Optional.of(MINUTES);
            case HOLD ->
                fact.outcome() == Fact.Outcome.OPENED
                                || fact.outcome() == Fact.Outcome.SNAPPED
                                || fact.outcome() == Fact.Outcome.HELD
                                        && fact.actual().orElse(0)
                                                > fact.planned().orElse(Double.POSITIVE_INFINITY)
                        ? Optional.of(HOLD)
                        : Optional.empty();
            case CUT, THICKNESS, RING, MASS, BATH, SHADE, BREAKAGE, NOTE -> Optional.empty();
        };
    }

    /** What a fact of it says. */
    double value(Fact fact) {
        double actual = fact.actual().getAsDouble();
        double planned = fact.planned().getAsDouble();
        if (fact.what() == What.LEFT_OVER) {
            return (planned - actual) / fact.overMm().orElse(Double.NaN);
        }
        return isFactor ? Math.log(actual / planned) : actual / planned - 1;
    }
}
