package org.etui.core.dayplan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.Stream;
import org.etui.core.check.BadInput;
import org.junit.jupiter.api.Test;

/** Jobs over days: Jackson's rule, what goes on by itself, shared baths, breaks, what is late. */
class DayPlanTest {
    /** A Monday. */
    private static final LocalDate MONDAY = LocalDate.of(2026, 11, 30);

    private static final Set<DayOfWeek> EVERY_DAY = Set.of(DayOfWeek.values());

    private static DayPlan.Hours hours(double minutes) {
        return new DayPlan.Hours(MONDAY, minutes, EVERY_DAY);
    }

    private static DayPlan.Work job(String name, int dueIn, DayPlan.Task... tasks) {
        return new DayPlan.Work(
                name, name, dueIn < 0 ? Optional.empty() : Optional.of(MONDAY.plusDays(dueIn)), List.of(tasks));
    }

    private static DayPlan.Task hands(double minutes) {
        return new DayPlan.Task("form", minutes, true, "");
    }

    private static DayPlan.Task alone(double minutes) {
        return new DayPlan.Task("tumble", minutes, false, "");
    }

    private static DayPlan.Task bath(double minutes) {
        return new DayPlan.Task("dip", minutes, true, "copper");
    }

    private static Stream<DayPlan.Slot> slots(DayPlan plan) {
        return plan.days().stream().flatMap(d -> d.slots().stream());
    }

    /** Hand-made: 60 minutes a day of which rests take some; the job due first is done first, the other is a day late. */
    @Test
    void whatIsDueFirst_isDoneFirst_andWhatIsLateSaysSo() {
        DayPlan plan = DayPlan.of(List.of(job("later", 0, hands(50)), job("first", -1, hands(20))), hours(60));
        assertThat(plan.jobs().get(0).job()).isEqualTo("later");
        DayPlan late = DayPlan.of(List.of(job("a", 0, hands(50)), job("b", 0, hands(50))), hours(60));
        assertThat(late.jobs()).extracting(DayPlan.Done::lateDays).containsExactly(0, 1);
    }

    /** Against every order of up to five jobs: none has a smaller greatest lateness (Jackson 1955). */
    @Test
    void noOrder_hasASmallerGreatestLateness() {
        Random random = new Random(7);
        for (int round = 0; round < 40; round++) {
            List<DayPlan.Work> jobs = new ArrayList<>();
            for (int j = 0; j < 5; j++) {
                jobs.add(job("job " + j, random.nextInt(6), hands(10 + random.nextInt(60))));
            }
            long planned = greatestLateness(DayPlan.of(jobs, hours(60)));
            long best = Long.MAX_VALUE;
            for (List<DayPlan.Work> order : orders(jobs)) {
                best = Math.min(best, inOrder(order));
            }
            assertThat(planned).isEqualTo(best);
        }
    }

    private static long greatestLateness(DayPlan plan) {
        return plan.jobs().stream()
                .mapToLong(d -> LocalDate.parse(d.doneOn()).toEpochDay()
                        - LocalDate.parse(d.due().orElseThrow()).toEpochDay())
                .max()
                .orElseThrow();
    }

    /** The greatest lateness of jobs done one after the other in an order: as if each were due when its turn comes. */
    private static long inOrder(List<DayPlan.Work> order) {
        List<DayPlan.Work> forced = new ArrayList<>();
        for (int i = 0; i < order.size(); i++) {
            DayPlan.Work w = order.get(i);
            forced.add(new DayPlan.Work(w.id(), w.name(), Optional.of(MONDAY.plusDays(i)), w.tasks()));
        }
        DayPlan plan = DayPlan.of(forced, hours(60));
        long worst = Long.MIN_VALUE;
        for (DayPlan.Done done : plan.jobs()) {
            LocalDate due = order.stream()
                    .filter(w -> w.id().equals(done.job()))
                    .findFirst()
                    .flatMap(DayPlan.Work::due)
                    .orElseThrow();
            worst = Math.max(worst, LocalDate.parse(done.doneOn()).toEpochDay() - due.toEpochDay());
        }
        return worst;
    }

    private static List<List<DayPlan.Work>> orders(List<DayPlan.Work> jobs) {
        if (jobs.isEmpty()) {
            return List.of(List.of());
        }
        List<List<DayPlan.Work>> all = new ArrayList<>();
        for (DayPlan.Work first : jobs) {
            List<DayPlan.Work> others = jobs.stream().filter(j -> j != first).toList();
            for (List<DayPlan.Work> rest : orders(others)) {
                List<DayPlan.Work> order = new ArrayList<>(List.of(first));
                order.addAll(rest);
                all.add(order);
            }
        }
        return all;
    }

    @Test
    void whatGoesOnByItself_runsWhileTheNextIsFormed() {
        DayPlan plan =
                DayPlan.of(List.of(job("a", 1, hands(5), alone(30), hands(5)), job("b", 2, hands(20))), hours(120));
        DayPlan.Slot tumbling =
                slots(plan).filter(s -> s.title().equals("tumble")).findFirst().orElseThrow();
        assertThat(slots(plan)
                        .filter(s -> s.job().equals(List.of("b")))
                        .allMatch(s -> s.fromMin() >= tumbling.fromMin() && s.toMin() <= tumbling.toMin()))
                .isTrue();
        // five, then thirty by itself, then five
        assertThat(slots(plan).mapToDouble(DayPlan.Slot::toMin).max().getAsDouble())
                .isCloseTo(40, within(1e-6));
    }

    @Test
    void hands_doOneThingAtATime_andRest() {
        DayPlan plan = DayPlan.of(
                List.of(
                        job("a", 1, hands(70), alone(15), hands(20)),
                        job("b", 2, hands(40), bath(10)),
                        job("c", 3, hands(25))),
                hours(90));
        for (DayPlan.Day day : plan.days()) {
            double at = 0;
            double worked = 0;
            for (DayPlan.Slot slot : day.slots()) {
                assertThat(slot.toMin()).isLessThanOrEqualTo(90 + 1e-6);
                if (slot.handsOn()) {
                    assertThat(slot.fromMin()).isGreaterThanOrEqualTo(at - 1e-6);
                    worked = slot.fromMin() > at + 1e-6 ? 0 : worked;
                    worked += slot.toMin() - slot.fromMin();
                    at = slot.toMin();
                    assertThat(worked).as("minutes without a break").isLessThanOrEqualTo(25 + 1e-6);
                }
            }
        }
        double all = slots(plan)
                .filter(DayPlan.Slot::handsOn)
                .mapToDouble(s -> s.toMin() - s.fromMin())
                .sum();
        assertThat(all).isCloseTo(70 + 20 + 40 + 10 + 25, within(1e-6));
    }

    @Test
    void oneBath_forAllThatGoIntoIt_whereNothingIsLateForIt() {
        List<DayPlan.Work> jobs = List.of(
                job("a", 3, hands(10), bath(8), bath(6), hands(3)), job("b", 3, hands(10), bath(8), bath(6), hands(3)));
        DayPlan plan = DayPlan.of(jobs, hours(120));
        assertThat(plan.shared()).isEqualTo(1);
        List<DayPlan.Slot> dips =
                slots(plan).filter(s -> s.title().equals("dip")).toList();
        assertThat(dips).allSatisfy(s -> assertThat(s.job()).containsExactlyInAnyOrder("a", "b"));
        assertThat(dips.stream().mapToDouble(s -> s.toMin() - s.fromMin()).sum())
                .as("eight and six minutes once, not twice")
                .isCloseTo(14, within(1e-6));
        List<DayPlan.Work> urgent = List.of(job("a", 0, hands(10), bath(8)), job("b", 9, hands(400), bath(8)));
        assertThat(DayPlan.of(urgent, hours(60)).shared())
                .as("a does not wait for b and come late")
                .isZero();
    }

    @Test
    void work_isPutDownOnDaysOff() {
        DayPlan.Hours weekend = new DayPlan.Hours(MONDAY, 60, Set.of(DayOfWeek.SATURDAY));
        DayPlan plan = DayPlan.of(List.of(job("a", -1, hands(100))), weekend);
        assertThat(plan.days()).extracting(DayPlan.Day::day).containsExactly("2026-12-05", "2026-12-12");
    }

    @Test
    void hoursThatNobodyHas_areRefused() {
        assertThatThrownBy(() -> new DayPlan.Hours(MONDAY, 10, EVERY_DAY)).isInstanceOf(BadInput.class);
        assertThatThrownBy(() -> new DayPlan.Hours(MONDAY, 60, Set.of())).isInstanceOf(BadInput.class);
        DayPlan.Hours little = hours(30);
        assertThatThrownBy(() -> DayPlan.of(List.of(job("a", 1, hands(1e6))), little))
                .isInstanceOf(BadInput.class)
                .hasMessageContaining("two years");
    }
}
