package org.etui.core.log;

import java.util.Optional;
import java.util.OptionalDouble;
import org.etui.core.check.Term;

/**
 * Something that was measured or seen, beside what was planned.
 *
 * @param what what it is
 * @param about what it speaks of: a strand, strand.element, step.number; empty for the whole piece
 * @param title that in words
 * @param group what it teaches something about; absent where it teaches nothing
 * @param planned what was planned
 * @param overMm length of wire that a difference is spread over, mm
 * @param actual what it came to
 * @param outcome how a hold test ended
 * @param tool what it was done with
 * @param note in the maker's words; of a breakage: where and how
 * @param helped what helped
 * @param practice whether it was for practice only
 * @param word the figure in a word, where the trade has one for it: a shade, a ring size
 */
public record Fact(
        @Term("what it is") What what,

        @Term(
                value = "what it speaks of: a strand, strand.element, step.number; empty for the whole piece",
                to = 130,
                or = "\"\"")
        String about,

        @Term(value = "that in words", to = 200, or = "\"\"")
        String title,

        @Term("what it teaches something about; absent where it teaches nothing")
        Optional<Group> group,

        @Term("what was planned, in the unit of what it is") OptionalDouble planned,

        @Term("length of wire that a difference is spread over, mm")
        OptionalDouble overMm,

        @Term("what it came to, in the unit of what it is") OptionalDouble actual,

        @Term(value = "how a hold test ended", or = "\"none\"")
        Outcome outcome,

        @Term(value = "what it was done with", to = 120, or = "\"\"")
        String tool,

        @Term(value = "in the maker's words; of a breakage: where and how", to = 1000, or = "\"\"")
        String note,

        @Term(value = "what helped", to = 400, or = "\"\"") String helped,

        @Term(value = "whether it was for practice only", or = "false")
        boolean practice,

        @Term(
                value = "the figure in a word, where the trade has one for it: a shade, a ring size",
                to = 60,
                or = "\"\"")
        String word) {

    /** How a hold test ended. */
    public enum Outcome {
        /** There was none. */
        NONE,
        /** It held. */
        HELD,
        /** It opened. */
        OPENED,
        /** It snapped. */
        SNAPPED
    }

    /**
     * What a fact says of the maker's hand.
     *
     * @param habit of what
     * @param group of which wire
     * @param value share of more than the general value, or the natural logarithm of a factor, as the habit has it
     */
    public record Sample(Habit habit, Group group, double value) {}

    /** What it teaches, if anything. */
    public Optional<Sample> sample() {
        return Habit.of(this)
                .filter(h -> group.isPresent() && actual.isPresent() && planned.isPresent())
                .filter(h -> actual.getAsDouble() > 0 || what == What.LEFT_OVER)
                .filter(h -> planned.getAsDouble() > 0)
                .flatMap(h -> {
                    double value = h.value(this);
                    return Double.isFinite(value)
                            ? Optional.of(new Sample(h, group.orElseThrow(), value))
                            : Optional.empty();
                });
    }
}
