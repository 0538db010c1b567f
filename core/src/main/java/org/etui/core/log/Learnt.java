package org.etui.core.log;

import org.etui.core.check.Term;

/**
 * What records say of a maker's hand, beside the general value, which is a factor of 1.
 *
 * @param habit of what
 * @param group of which wire
 * @param records how many records count
 * @param leftOut how many lie so far out that they do not
 * @param factor what the general value is to be multiplied by
 * @param from least of the interval that holds it nine times in ten
 * @param to greatest of it
 */
public record Learnt(
        @Term("of what") Habit habit,
        @Term("of which wire") Group group,
        @Term("how many records count") int records,

        @Term("how many lie so far out that they do not") int leftOut,

        @Term("what the general value is to be multiplied by")
        double factor,

        @Term("least of the interval that holds it nine times in ten")
        double from,

        @Term("greatest of it") double to) {
    private static final double NINE_IN_TEN = 0.9;

    static Learnt of(Habit habit, Group group, Belief belief) {
        double half = belief.halfWidth(NINE_IN_TEN);
        return new Learnt(
                habit,
                group,
                belief.records(),
                belief.leftOut(),
                habit.factor(belief.mean()),
                habit.factor(belief.mean() - half),
                habit.factor(belief.mean() + half));
    }
}
