package org.etui.server.api;

import java.time.Clock;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.etui.core.check.BadInput;
import org.etui.core.dayplan.DayPlan;
import org.etui.core.job.Job;
import org.etui.core.piece.Piece;
import org.etui.core.plan.Plan;
import org.etui.core.plan.PlanOptions;
import org.etui.core.plan.Planner;
import org.etui.core.sequence.BenchCard;
import org.etui.core.sequence.Step;
import org.etui.server.contract.Json;
import org.etui.server.store.DocumentStore;
import org.etui.server.store.JobStore;
import org.etui.server.store.ProgressStore;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** All jobs over the next days and bench hours, each from where its card stands. */
@RestController
@RequestMapping("/api/day-plan")
class DayPlanController {
    private static final int MOST_DAYS_OFF = 3653;

    private final JobStore store;
    private final Jobs jobs;
    private final ProgressStore progress;
    private final Maker maker;
    private final SettingsList settings;
    private final Watch watch;
    private final Clock clock;

    DayPlanController(
            JobStore store,
            Jobs jobs,
            ProgressStore progress,
            Maker maker,
            SettingsList settings,
            Watch watch,
            Clock clock) {
        this.store = store;
        this.jobs = jobs;
        this.progress = progress;
        this.maker = maker;
        this.settings = settings;
        this.watch = watch;
        this.clock = clock;
    }

    /** The plan: from a day on, so many minutes a day, on days of the week from 1 (Monday) to 7; where not said, as the bench is open. */
    @GetMapping
    DayPlan plan(
            @RequestParam(defaultValue = "") String from,
            @RequestParam Optional<Double> minutes,
            @RequestParam Optional<List<Integer>> days) {
        Settings.Bench bench = settings.now().bench();
        DayPlan.Hours hours = new DayPlan.Hours(
                day(from),
                minutes.orElse(bench.minutesADay()),
                days.map(d -> Settings.Bench.week("days", d)).orElseGet(bench::week));
        return watch.many(() -> {
            List<DayPlan.Work> works = new ArrayList<>();
            for (DocumentStore.Kept kept : store.all()) {
                work(kept).ifPresent(works::add);
            }
            return DayPlan.of(works, hours);
        });
    }

    private LocalDate day(String from) {
        LocalDate today = LocalDate.now(clock);
        try {
            LocalDate day = from.isEmpty() ? today : LocalDate.parse(from);
            if (Math.abs(day.toEpochDay() - today.toEpochDay()) <= MOST_DAYS_OFF) {
                return day;
            }
        } catch (DateTimeParseException wrong) {
            // said below, as a day that is too far off
        }
        throw new BadInput("from", from, "must be a day within ten years, such as 2026-12-18");
    }

    /** A job that is done is left out, and one that cannot be read or made: the list of jobs says why. */
    private Optional<DayPlan.Work> work(DocumentStore.Kept kept) {
        try {
            String id = kept.row().id();
            Job job = jobs.job(id);
            if (job.doneOn().isPresent()) {
                return Optional.empty();
            }
            Piece piece = jobs.piece(id);
            Plan plan = Planner.plan(piece, PlanOptions.figures(maker.hand()));
            int done = progress.read(id)
                    .map(p -> Json.MAPPER.readTree(p).path("step").asInt(0))
                    .orElse(0);
            List<Step> left = plan.steps()
                    .subList(Math.min(done, plan.steps().size()), plan.steps().size());
            return Optional.of(new DayPlan.Work(
                    id,
                    job.name(),
                    job.due().map(LocalDate::parse),
                    left.stream()
                            .filter(s -> s.kind() != Step.Kind.REST)
                            .map(s -> task(s, piece))
                            .toList()));
        } catch (BadInput | DocumentStore.Unknown damaged) {
            return Optional.empty();
        }
    }

    /** Baths are alike where metal, strength and shade are. */
    private static DayPlan.Task task(Step step, Piece piece) {
        String bath = BenchCard.dip(piece, step)
                .map(d -> d.metals() + " " + d.colour().recipe() + " "
                        + d.colour().stopAt())
                .orElse("");
        return new DayPlan.Task(step.title(), step.minutes(), step.handsOn(), bath);
    }
}
