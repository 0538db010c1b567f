package org.etui.server.api;

import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import org.etui.core.check.BadInput;
import org.etui.core.check.Term;
import org.etui.core.check.Violation;
import org.etui.core.daybook.Daybook;
import org.etui.core.daybook.Measurable;
import org.etui.core.log.Fact;
import org.etui.core.log.Group;
import org.etui.core.log.Habit;
import org.etui.core.log.Hand;
import org.etui.core.log.Learnt;
import org.etui.core.log.LogEntry;
import org.etui.core.log.What;
import org.etui.core.piece.Piece;
import org.etui.core.plan.PlanOptions;
import org.etui.core.plan.Planner;
import org.etui.server.contract.Reader;
import org.etui.server.store.DocumentStore;
import org.etui.server.store.PieceStore;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What really happened to a piece or a job, beside what was planned. */
@RestController
@RequestMapping("/api/log")
class LogController {
    private static final int MOST = 200;

    private final LogBook book;
    private final PieceStore pieces;
    private final Jobs jobs;
    private final Maker maker;
    private final SettingsList settings;
    private final Reader reader;
    private final Watch watch;
    private final Clock clock;

    LogController(
            LogBook book,
            PieceStore pieces,
            Jobs jobs,
            Maker maker,
            SettingsList settings,
            Reader reader,
            Watch watch,
            Clock clock) {
        this.book = book;
        this.pieces = pieces;
        this.jobs = jobs;
        this.maker = maker;
        this.settings = settings;
        this.reader = reader;
        this.watch = watch;
        this.clock = clock;
    }

    /**
     * The log of a piece or a job.
     *
     * @param name what it is called
     * @param measurable what can be measured, with what is planned
     * @param facts what was written down, in order
     * @param learnt what the records of all pieces say of the groups that this one has
     * @param used of which habits what was learnt is used
     */
    record LogAnswer(
            @Term("what it is called") String name,

            @Term("what can be measured, with what is planned")
            List<Measurable> measurable,

            @Term("what was written down, in order") List<Daybook.Page> facts,

            @Term("what the records of all pieces say of the groups that this one has")
            List<Learnt> learnt,

            @Term("of which habits what was learnt is used") List<Habit> used) {}

    /**
     * Something to be written down.
     *
     * @param what what it is
     * @param about what it speaks of
     * @param actual what it came to
     * @param toolMm inside diameter on the tool that was really used
     * @param outcome how a hold test ended
     * @param tool what it was done with
     * @param note in the maker's words
     * @param helped what helped
     * @param practice whether it was for practice only
     */
    record NewFact(
            @Term("what it is") What what,

            @Term(
                    value = "what it speaks of: a strand, strand.element, step.number; empty for the whole piece",
                    to = 130,
                    or = "\"\"")
            String about,

            @Term(value = "what it came to, in the unit of what it is", from = -1000, to = 1e5)
            OptionalDouble actual,

            @Term(value = "inside diameter on the tool that was really used, mm", from = 0.1, to = 1000)
            OptionalDouble toolMm,

            @Term(value = "how a hold test ended", or = "\"none\"")
            Fact.Outcome outcome,

            @Term(value = "what it was done with", to = 120, or = "\"\"")
            String tool,

            @Term(value = "in the maker's words", to = 1000, or = "\"\"")
            String note,

            @Term(value = "what helped", to = 400, or = "\"\"")
            String helped,

            @Term(value = "whether it was for practice only", or = "false")
            boolean practice) {}

    /**
     * What is written down.
     *
     * @param facts what it is
     */
    record NewFacts(
            @Term(value = "what it is", from = 1, to = MOST) List<NewFact> facts) {}

    /** What was written down of a piece or a job, and what can be. */
    @GetMapping("/{subject}")
    LogAnswer read(@PathVariable String subject) {
        Piece piece = piece(subject);
        return answer(subject, piece, measurable(piece));
    }

    /** Writes facts down, all or none. */
    @PostMapping("/{subject}")
    LogAnswer add(@PathVariable String subject, @RequestBody NewFacts facts) {
        Piece piece = piece(subject);
        List<Measurable> all = measurable(piece);
        List<Daybook.Page> before = of(subject);
        List<Violation> wrong = new ArrayList<>();
        List<LogEntry> kept = new ArrayList<>();
        String day = LocalDate.now(clock).toString();
        for (int i = 0; i < facts.facts().size(); i++) {
            NewFact fact = facts.facts().get(i);
            check("facts." + i, fact, all, wrong);
            kept.add(new LogEntry(subject, piece.name(), day, fact(piece, fact, all, before, facts.facts())));
        }
        if (!wrong.isEmpty()) {
            throw new BadInput(wrong);
        }
        book.add(kept);
        return answer(subject, piece, all);
    }

    /** Takes a fact back. */
    @DeleteMapping("/{subject}/facts/{number}")
    LogAnswer takeBack(@PathVariable String subject, @PathVariable long number) {
        book.takeBack(number, true);
        return read(subject);
    }

    /** Takes it back that a fact was taken back. */
    @PostMapping("/{subject}/facts/{number}/keep")
    LogAnswer keep(@PathVariable String subject, @PathVariable long number) {
        book.takeBack(number, false);
        return read(subject);
    }

    private static void check(String at, NewFact fact, List<Measurable> all, List<Violation> wrong) {
        boolean counted = fact.what().unit() != What.Unit.NONE;
        if (counted && fact.actual().isEmpty()) {
            wrong.add(new Violation(at + ".actual", "missing", "must be what it came to"));
        }
        boolean mayBeLess = fact.what() == What.LEFT_OVER || fact.what() == What.BATH || fact.what() == What.SHADE;
        if (!mayBeLess && fact.actual().orElse(1) <= 0) {
            wrong.add(
                    new Violation(at + ".actual", Double.toString(fact.actual().getAsDouble()), "must be more than 0"));
        }
        boolean byName = fact.what() == What.SHADE || fact.what() == What.RING;
        if (byName
                && all.stream()
                        .noneMatch(m -> m.what() == fact.what() && m.about().equals(fact.about()))) {
            wrong.add(new Violation(
                    at + ".about",
                    fact.about(),
                    "must be what has a " + fact.what().words()));
        }
        if (fact.what() == What.HOLD && fact.outcome() == Fact.Outcome.NONE) {
            wrong.add(new Violation(at + ".outcome", "none", "must be held, opened or snapped"));
        }
        if (!counted && fact.note().isBlank()) {
            wrong.add(new Violation(at + ".note", "empty", "must say what happened"));
        }
        if (!fact.about().isEmpty() && all.stream().noneMatch(m -> m.about().equals(fact.about()))) {
            wrong.add(new Violation(
                    at + ".about", fact.about(), "must be a strand, strand.element or step.number of the piece"));
        }
    }

    private static Fact fact(
            Piece piece, NewFact fact, List<Measurable> all, List<Daybook.Page> before, List<NewFact> with) {
        Optional<Measurable> planned = all.stream()
                .filter(m -> m.what() == fact.what() && m.about().equals(fact.about()))
                .findFirst();
        Optional<Measurable> about =
                all.stream().filter(m -> m.about().equals(fact.about())).findFirst();
        Optional<Group> group = all.stream()
                .filter(m -> m.about().equals(fact.about()))
                .flatMap(m -> m.group().stream())
                .findFirst();
        boolean teaches = planned.isPresent() || fact.what() == What.BREAKAGE;
        OptionalDouble should = planned.map(Measurable::planned).orElse(OptionalDouble.empty());
        if (fact.what() == What.LEFT_OVER && should.isPresent()) {
            should = OptionalDouble.of(should.getAsDouble() + cutMore(fact.about(), all, before, with));
        }
        if (fact.toolMm().isPresent()
                && should.isPresent()
                && planned.orElseThrow().toolMm().isPresent()) {
            // on another tool it comes out as much larger as the tool is
            should = OptionalDouble.of(should.getAsDouble()
                    * fact.toolMm().getAsDouble()
                    / planned.orElseThrow().toolMm().getAsDouble());
        }
        return new Fact(
                fact.what(),
                fact.about(),
                about.map(Measurable::title).orElse(""),
                teaches ? planned.isPresent() ? planned.orElseThrow().group() : group : Optional.empty(),
                should,
                planned.map(Measurable::overMm).orElse(OptionalDouble.empty()),
                fact.actual(),
                fact.outcome(),
                fact.tool(),
                fact.note(),
                fact.helped(),
                fact.practice(),
                planned.filter(p -> fact.actual().isPresent())
                        .map(p -> p.inAWord(piece, fact.actual().getAsDouble()))
                        .orElse(""));
    }

    /** How much longer a wire was really cut than planned: by what is written down with it, else by the last that was before, unless that had been used for another. */
    private static double cutMore(String strand, List<Measurable> all, List<Daybook.Page> before, List<NewFact> with) {
        double planned = all.stream()
                .filter(m -> m.what() == What.CUT && m.about().equals(strand))
                .mapToDouble(m -> m.planned().orElse(0))
                .findFirst()
                .orElse(0);
        for (NewFact fact : with) {
            if (fact.what() == What.CUT && fact.about().equals(strand)) {
                return fact.actual().orElse(planned) - planned;
            }
        }
        for (int i = before.size() - 1; i >= 0; i--) {
            Fact fact = before.get(i).fact();
            if (fact.about().equals(strand) && fact.what() == What.LEFT_OVER) {
                return 0;
            }
            if (fact.about().equals(strand) && fact.what() == What.CUT) {
                return fact.actual().orElse(planned) - planned;
            }
        }
        return 0;
    }

    private LogAnswer answer(String subject, Piece piece, List<Measurable> all) {
        List<Group> groups =
                all.stream().flatMap(m -> m.group().stream()).distinct().toList();
        return new LogAnswer(
                piece.name(),
                all,
                of(subject),
                book.known().learnt().stream()
                        .filter(l -> groups.contains(l.group()))
                        .toList(),
                settings.now().learnt());
    }

    private List<Daybook.Page> of(String subject) {
        return book.pages().stream().filter(p -> p.subject().equals(subject)).toList();
    }

    private Piece piece(String subject) {
        try {
            return reader.read(pieces.read(subject).document().getBytes(StandardCharsets.UTF_8), Piece.class);
        } catch (DocumentStore.Unknown noPiece) {
            return jobs.piece(subject);
        }
    }

    private List<Measurable> measurable(Piece piece) {
        Hand spare = book.known().using(Set.of(Habit.ALLOWANCE));
        PlanOptions options = maker.options(PlanOptions.States.LAST, PlanOptions.USUAL.format(), spare);
        return watch.plan(() -> Measurable.of(piece, Planner.plan(piece, options)));
    }
}
