package org.etui.server.api;

import java.util.List;
import org.etui.core.check.Term;
import org.etui.core.log.Habit;
import org.etui.core.measure.Units;
import org.etui.core.sequence.School;

/**
 * How the maker wants to work.
 *
 * @param units what lengths are read in
 * @param school what the maker was taught, for the words of the bench card
 * @param seenHints stations whose first hint was read
 * @param learnt of which habits what was learnt is used in plans
 */
record Settings(
        @Term(value = "what lengths are read in", or = "\"mm\"")
        Units units,

        @Term(value = "what the maker was taught, for the words of the bench card", or = "{}")
        School school,

        @Term(value = "stations whose first hint was read", to = 40, or = "[]")
        List<String> seenHints,

        @Term(value = "of which habits what was learnt is used in plans", to = 20, or = "[]")
        List<Habit> learnt) {
    /** Millimetres, the usual school, nothing read yet. */
    static final Settings USUAL = new Settings(Units.MM, School.USUAL, List.of(), List.of());

    /** Copies the lists. */
    Settings {
        seenHints = List.copyOf(seenHints);
        learnt = List.copyOf(learnt);
    }
}
