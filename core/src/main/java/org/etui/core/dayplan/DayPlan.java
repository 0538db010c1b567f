package org.etui.core.dayplan;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.etui.core.check.BadInput;
import org.etui.core.check.Term;

/**
 * Steps of jobs over days. One pair of hands does the step of the job that is due first among those that can go on (the earliest due date rule, J R
 * Jackson, Scheduling a production line to minimize maximum tardiness, Management Sciences Research Project 43, UCLA 1955: least greatest lateness where
 * nothing has to wait, and with work that can be put down also where jobs can begin at different times); what goes on by itself runs meanwhile. Work is put down at the
 * end of the day; what goes on by itself is begun only where it ends that day. Baths of one recipe and metal are shared where that makes no job late
 * that would not be late anyway. A break follows long work by hand. Minutes are estimates, or the maker's own.
 *
 * @param days days with work, in order
 * @param jobs when each job is done, in the order in which they are
 * @param shared how many baths were saved by sharing
 */
public record DayPlan(
        @Term("days with work, in order") List<Day> days,

        @Term("when each job is done, in the order in which they are")
        List<Done> jobs,

        @Term("how many baths were saved by sharing") int shared) {
    /** Longer than that nobody plans. */
    private static final int MOST_DAYS = 730;

    /** A bench that is open for less is not worth planning, minutes. */
    public static final double LEAST_MINUTES = 30;

    /** Nobody works longer in a day, minutes. */
    public static final double MOST_MINUTES = 960;

    /** Hands rest after so long, for so long, minutes: as on the bench card (common practice). */
    private static final double WORK = 25;

    private static final double REST = 5;
    private static final double GRAIN = 1e-6;

    /**
     * A day.
     *
     * @param day the day
     * @param slots what is done, in order of its beginning
     */
    public record Day(
            @Term("the day, ISO 8601") String day,

            @Term("what is done, in order of its beginning") List<Slot> slots) {}

    /**
     * Something that is done without a pause.
     *
     * @param job names of the jobs; none for a break
     * @param title what is done
     * @param fromMin minutes after the bench opens
     * @param toMin when it ends
     * @param handsOn whether hands are needed
     */
    public record Slot(
            @Term("names of the jobs; none for a break") List<String> job,
            @Term("what is done") String title,
            @Term("minutes after the bench opens") double fromMin,

            @Term("when it ends, minutes after the bench opens")
            double toMin,

            @Term("whether hands are needed") boolean handsOn) {}

    /**
     * When a job is done.
     *
     * @param job its name in the store
     * @param name what it is called
     * @param due the day it has to be done
     * @param doneOn the day it is
     * @param lateDays how many days too late
     */
    public record Done(
            @Term("its name in the store") String job,
            @Term("what it is called") String name,
            @Term("the day it has to be done, ISO 8601") Optional<String> due,
            @Term("the day it is, ISO 8601") String doneOn,
            @Term("how many days too late") int lateDays) {}

    /**
     * Bench hours.
     *
     * @param from the first day
     * @param minutesADay how long the bench is open
     * @param on on which days of the week
     */
    public record Hours(LocalDate from, double minutesADay, Set<DayOfWeek> on) {
        /** @throws BadInput without a day, or with less than half an hour */
        public Hours {
            if (on.isEmpty()) {
                throw new BadInput("days", "none", "must name at least one day of the week");
            }
            if (!(minutesADay >= LEAST_MINUTES && minutesADay <= MOST_MINUTES)) {
                throw new BadInput("minutes", minutesADay, "must be from 30 to 960");
            }
            on = Set.copyOf(on);
        }

        LocalDate next(LocalDate day) {
            LocalDate next = day;
            while (!on.contains(next.getDayOfWeek())) {
                next = next.plusDays(1);
            }
            return next;
        }
    }

    /**
     * A job to be done.
     *
     * @param id its name in the store
     * @param name what it is called
     * @param due the day it has to be done
     * @param tasks what is left of it, in order
     */
    public record Work(String id, String name, Optional<LocalDate> due, List<Task> tasks) {}

    /**
     * A step of it.
     *
     * @param title what is done
     * @param minutes how long
     * @param handsOn whether hands are needed
     * @param bath the bath that it belongs to; what has the same can be shared; empty for all else
     */
    public record Task(String title, double minutes, boolean handsOn, String bath) {}

    /** The plan of some jobs. */
    public static DayPlan of(List<Work> works, Hours hours) {
        DayPlan apart = new Bench(works, hours, false).plan();
        DayPlan together = new Bench(works, hours, true).plan();
        boolean noneIsLater = together.shared() > 0 && late(together) <= late(apart);
        return noneIsLater ? together : apart;
    }

    private static int late(DayPlan plan) {
        return plan.jobs().stream().mapToInt(Done::lateDays).sum();
    }

    /** A job as it goes on. */
    private static final class Going {
        private final Work work;
        private int next;
        private double left;
        private double readyAt;
        private LocalDate readyOn;
        private Going leader;

        Going(Work work, LocalDate day) {
            this.work = work;
            this.readyOn = day;
            this.left = work.tasks().isEmpty() ? 0 : work.tasks().get(0).minutes();
        }

        boolean isDone() {
            return next >= work.tasks().size();
        }

        Task task() {
            return work.tasks().get(next);
        }

        void step() {
            next++;
            left = isDone() ? 0 : task().minutes();
        }
    }

    /** One way through. */
    private static final class Bench {
        private final List<Going> going;
        private final Hours hours;
        private final boolean share;
        private final List<Day> days = new ArrayList<>();
        private final Map<Going, LocalDate> doneOn = new HashMap<>();
        private List<Slot> slots = new ArrayList<>();
        private LocalDate day;
        private double now;
        private double worked;
        private int saved;

        Bench(List<Work> works, Hours hours, boolean share) {
            this.hours = hours;
            this.share = share;
            this.day = hours.next(hours.from());
            this.going = works.stream()
                    .sorted(Comparator.comparing((Work w) -> w.due().orElse(LocalDate.MAX))
                            .thenComparing(Work::name))
                    .map(w -> new Going(w, day))
                    .toList();
        }

        DayPlan plan() {
            going.stream().filter(Going::isDone).forEach(g -> doneOn.put(g, day));
            int passed = 0;
            while (going.stream().anyMatch(g -> !g.isDone())) {
                if (passed > MOST_DAYS) {
                    throw new BadInput("jobs", going.size(), "must come to at most two years of bench days");
                }
                if (!on()) {
                    close();
                    passed++;
                }
            }
            if (!slots.isEmpty()) {
                days.add(new Day(day.toString(), sorted()));
            }
            return new DayPlan(
                    List.copyOf(days),
                    going.stream()
                            .map(this::done)
                            .sorted(Comparator.comparing(Done::doneOn))
                            .toList(),
                    saved);
        }

        private List<Slot> sorted() {
            return slots.stream().sorted(Comparator.comparing(Slot::fromMin)).toList();
        }

        private Done done(Going g) {
            LocalDate on = doneOn.get(g);
            long late = g.work.due()
                    .map(d -> Math.max(0, on.toEpochDay() - d.toEpochDay()))
                    .orElse(0L);
            return new Done(
                    g.work.id(), g.work.name(), g.work.due().map(LocalDate::toString), on.toString(), (int) late);
        }

        private void close() {
            if (!slots.isEmpty()) {
                days.add(new Day(day.toString(), sorted()));
            }
            slots = new ArrayList<>();
            day = hours.next(day.plusDays(1));
            now = 0;
            worked = 0;
        }

        private boolean isReady(Going g) {
            return !g.isDone()
                    && g.leader == null
                    && (g.readyOn.isBefore(day) || g.readyAt <= now + GRAIN)
                    && !waits(g);
        }

        /** A bath is not begun before all that go into one like it have come so far. */
        private boolean waits(Going g) {
            String bath = g.task().bath();
            return share
                    && !bath.isEmpty()
                    && going.stream().noneMatch(o -> o.leader == g)
                    && going.stream().anyMatch(o -> o != g && hasYetToCome(o, bath));
        }

        /** Whether a job has a bath like that before it, but not as its next step. */
        private static boolean hasYetToCome(Going g, String bath) {
            return !g.isDone()
                    && !g.task().bath().equals(bath)
                    && g.work.tasks().subList(g.next, g.work.tasks().size()).stream()
                            .anyMatch(t -> t.bath().equals(bath));
        }

        /** Does the next thing that can be done today; false where there is none. */
        private boolean on() {
            double left = hours.minutesADay() - now;
            if (left <= GRAIN) {
                return false;
            }
            for (Going g : going) {
                if (isReady(g) && !g.task().handsOn() && begins(g, left)) {
                    return true;
                }
            }
            Optional<Going> next =
                    going.stream().filter(g -> isReady(g) && g.task().handsOn()).findFirst();
            if (next.isPresent()) {
                return work(next.get(), left);
            }
            Optional<Double> soonest = going.stream()
                    .filter(g -> !g.isDone() && g.readyOn.equals(day) && g.readyAt > now + GRAIN)
                    .map(g -> g.readyAt)
                    .min(Comparator.naturalOrder());
            soonest.filter(at -> at < hours.minutesADay()).ifPresent(at -> {
                now = at;
                worked = 0;
            });
            return soonest.isPresent() && soonest.get() < hours.minutesADay();
        }

        /** What goes on by itself is begun where it ends today, or is longer than any day. */
        private boolean begins(Going g, double left) {
            if (g.left > left + GRAIN && (g.left <= hours.minutesADay() || now > GRAIN)) {
                return false;
            }
            lead(g);
            double end = Math.min(now + g.left, hours.minutesADay());
            slots.add(new Slot(names(g), g.task().title(), now, end, false));
            finish(g, end);
            return true;
        }

        /** Works at a step until it is over, hands must rest or the day ends; false where the day ends before hands have rested. */
        private boolean work(Going g, double left) {
            if (worked >= WORK - GRAIN && left <= REST) {
                return false;
            }
            if (worked >= WORK - GRAIN) {
                slots.add(new Slot(List.of(), "rest the hands", now, now + REST, false));
                now += REST;
                worked = 0;
                return true;
            }
            lead(g);
            double most = Math.min(left, WORK - worked);
            double minutes = Math.min(g.left, most);
            slots.add(new Slot(names(g), g.task().title(), now, now + minutes, true));
            now += minutes;
            worked += minutes;
            if (minutes >= g.left - GRAIN) {
                finish(g, now);
            } else {
                g.left -= minutes;
            }
            return true;
        }

        private List<String> names(Going g) {
            return going.stream()
                    .filter(o -> o == g || o.leader == g)
                    .map(o -> o.work.name())
                    .toList();
        }

        /** The first into a bath takes along all that wait for one like it. */
        private void lead(Going g) {
            String bath = g.task().bath();
            if (share && !bath.isEmpty()) {
                for (Going o : going) {
                    if (o != g
                            && o.leader == null
                            && !o.isDone()
                            && o.task().bath().equals(bath)) {
                        o.leader = g;
                        saved++;
                    }
                }
            }
        }

        /** A step is over; where it was the last of a shared bath, all that were in it go on. */
        private void finish(Going g, double at) {
            String bath = g.task().bath();
            g.step();
            ready(g, at);
            if (g.isDone() || !g.task().bath().equals(bath)) {
                for (Going o : going) {
                    if (o.leader == g) {
                        o.leader = null;
                        while (!o.isDone() && o.task().bath().equals(bath)) {
                            o.step();
                        }
                        ready(o, at);
                    }
                }
            }
        }

        private void ready(Going g, double at) {
            g.readyOn = day;
            g.readyAt = at;
            if (g.isDone()) {
                doneOn.put(g, day);
            }
        }
    }
}
