package org.etui.server.api;

import java.time.DayOfWeek;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.etui.core.check.BadInput;
import org.etui.core.check.Term;
import org.etui.core.dayplan.DayPlan;
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
 * @param bench when the bench is open
 * @param keys whether keys without ctrl or alt do something
 */
record Settings(
        @Term(value = "what lengths are read in", or = "\"mm\"")
        Units units,

        @Term(value = "what the maker was taught, for the words of the bench card", or = "{}")
        School school,

        @Term(value = "stations whose first hint was read", to = 40, or = "[]")
        List<String> seenHints,

        @Term(value = "of which habits what was learnt is used in plans", to = 20, or = "[]")
        List<Habit> learnt,

        @Term(value = "when the bench is open", or = "{}") Bench bench,

        @Term(value = "whether keys without ctrl or alt do something", or = "true")
        boolean keys) {
    /**
     * When the bench is open.
     *
     * @param minutesADay how long, on each of its days
     * @param days days of the week, from 1 (Monday) to 7
     */
    record Bench(
            @Term(
                    value = "how long, on each of its days, minutes",
                    from = DayPlan.LEAST_MINUTES,
                    to = DayPlan.MOST_MINUTES,
                    or = "240")
            double minutesADay,

            @Term(value = "days of the week, from 1 (Monday) to 7", from = 1, to = 7, or = "[1, 2, 3, 4, 5]")
            List<Integer> days) {
        /** Four hours from Monday to Friday. */
        static final Bench USUAL = new Bench(240, List.of(1, 2, 3, 4, 5));

        /** Copies the days. */
        Bench {
            days = List.copyOf(days);
        }

        /** @throws BadInput with a day that is none */
        Set<DayOfWeek> week() {
            return week("bench.days", days);
        }

        /**
         * Days of the week.
         *
         * @param field that is named where one is none
         * @throws BadInput with a day that is none
         */
        static Set<DayOfWeek> week(String field, List<Integer> days) {
            Set<DayOfWeek> week = EnumSet.noneOf(DayOfWeek.class);
            for (int day : days) {
                if (day < 1 || day > 7) {
                    throw new BadInput(field, day, "must be from 1 to 7");
                }
                week.add(DayOfWeek.of(day));
            }
            return week;
        }
    }

    /** Millimetres, the usual school, nothing read yet. */
    static final Settings USUAL = new Settings(Units.MM, School.USUAL, List.of(), List.of(), Bench.USUAL, true);

    /** Copies the lists. */
    Settings {
        seenHints = List.copyOf(seenHints);
        learnt = List.copyOf(learnt);
    }
}
