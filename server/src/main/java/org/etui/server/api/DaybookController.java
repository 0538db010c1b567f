package org.etui.server.api;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.etui.core.check.Term;
import org.etui.core.colour.BathRecord;
import org.etui.core.daybook.Daybook;
import org.etui.core.log.Fact;
import org.etui.core.log.Habit;
import org.etui.core.log.Learnt;
import org.etui.server.print.Table;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Everything that was made and measured, by day; runs of the same thing; what went wrong; what was learnt. */
@RestController
@RequestMapping("/api/daybook")
class DaybookController {
    private static final int DAYS = 14;
    private static final int RUNS = 40;

    private final LogBook book;
    private final Baths baths;
    private final SettingsList settings;

    DaybookController(LogBook book, Baths baths, SettingsList settings) {
        this.book = book;
        this.baths = baths;
        this.settings = settings;
    }

    /**
     * Days of the daybook.
     *
     * @param days the newest first
     * @param facts how many facts there are in all that were looked for
     * @param before the day to ask for next, for older ones; empty where there are none
     */
    record DaybookAnswer(
            @Term("the newest first") List<Day> days,

            @Term("how many facts there are in all that were looked for")
            int facts,

            @Term("the day to ask for next, for older ones; empty where there are none")
            String before) {}

    /**
     * A day.
     *
     * @param day the day
     * @param made what was worked at
     * @param baths what came out of baths
     */
    record Day(
            @Term("the day, ISO 8601") String day,
            @Term("what was worked at") List<Made> made,
            @Term("what came out of baths") List<BathRecord> baths) {}

    /**
     * Something that was worked at.
     *
     * @param subject the piece or job
     * @param name what it is called
     * @param facts what was measured or seen, in order
     */
    record Made(
            @Term("the piece or job") String subject,
            @Term("what it is called") String name,
            @Term("what was measured or seen, in order") List<Daybook.Page> facts) {}

    /** Days, the newest first, with what is looked for in names, titles and notes. */
    @GetMapping
    DaybookAnswer read(@RequestParam(defaultValue = "") String search, @RequestParam(defaultValue = "") String before) {
        String wanted = search.strip().toLowerCase(Locale.ROOT);
        Map<String, Map<String, List<Daybook.Page>>> byDay = new TreeMap<>(Comparator.reverseOrder());
        int facts = 0;
        for (Daybook.Page page : book.pages()) {
            if (has(page, wanted)) {
                facts++;
                byDay.computeIfAbsent(page.day(), d -> new LinkedHashMap<>())
                        .computeIfAbsent(page.subject(), s -> new ArrayList<>())
                        .add(page);
            }
        }
        Map<String, List<BathRecord>> dipped = new TreeMap<>();
        for (BathRecord record : baths.now().records()) {
            if ((record.name() + ' ' + record.note()).toLowerCase(Locale.ROOT).contains(wanted)) {
                dipped.computeIfAbsent(record.day(), d -> new ArrayList<>()).add(record);
                byDay.computeIfAbsent(record.day(), d -> new LinkedHashMap<>());
            }
        }
        List<String> days = byDay.keySet().stream()
                .filter(d -> before.isEmpty() || d.compareTo(before) < 0)
                .toList();
        List<Day> shown = days.stream()
                .limit(DAYS)
                .map(d -> new Day(d, made(byDay.get(d)), dipped.getOrDefault(d, List.of())))
                .toList();
        return new DaybookAnswer(shown, facts, days.size() > DAYS ? days.get(DAYS - 1) : "");
    }

    private static List<Made> made(Map<String, List<Daybook.Page>> bySubject) {
        return bySubject.entrySet().stream()
                .map(e -> new Made(
                        e.getKey(), e.getValue().get(e.getValue().size() - 1).name(), e.getValue()))
                .toList();
    }

    private static boolean has(Daybook.Page page, String wanted) {
        if (wanted.isEmpty()) {
            return true;
        }
        Fact fact = page.fact();
        return String.join(
                        "\n", page.name(), fact.title(), fact.what().words(), fact.note(), fact.helped(), fact.tool())
                .toLowerCase(Locale.ROOT)
                .contains(wanted);
    }

    /**
     * What the days come to.
     *
     * @param runs the same thing measured at least three times, the longest first
     * @param wrongs what went wrong, the most frequent first
     * @param learnt what was learnt of the maker's hand
     * @param used of which habits it is used
     */
    record Lessons(
            @Term("the same thing measured at least three times, the longest first")
            List<Daybook.Series> runs,

            @Term("what went wrong, the most frequent first")
            List<Daybook.Wrong> wrongs,

            @Term("what was learnt of the maker's hand") List<Learnt> learnt,
            @Term("of which habits it is used") List<Habit> used) {}

    /** What the days come to. */
    @GetMapping("/lessons")
    Lessons lessons() {
        List<Daybook.Page> pages = book.pages();
        return new Lessons(
                Daybook.runs(pages).stream().limit(RUNS).toList(),
                Daybook.wrongs(pages).stream().limit(RUNS).toList(),
                book.known().learnt(),
                settings.now().learnt());
    }

    /** Every fact as a table. */
    @GetMapping("/csv")
    ResponseEntity<byte[]> csv() {
        return ResponseEntity.ok()
                .contentType(new MediaType("text", "csv", StandardCharsets.UTF_8))
                .header(HttpHeaders.CONTENT_DISPOSITION, PieceController.attachment("daybook.csv"))
                .body(table(book.pages()));
    }

    /** The table of facts. */
    static byte[] table(List<Daybook.Page> pages) {
        StringWriter text = new StringWriter();
        try (CSVPrinter out = new CSVPrinter(text, CSVFormat.DEFAULT)) {
            out.printRecord(
                    "day",
                    "made",
                    "of",
                    "what",
                    "planned",
                    "actual",
                    "unit",
                    "outcome",
                    "tool",
                    "note",
                    "what helped",
                    "practice",
                    "in a word");
            for (Daybook.Page page : pages) {
                Fact f = page.fact();
                out.printRecord(
                        page.day(),
                        Table.safe(page.name()),
                        Table.safe(f.title()),
                        f.what().words(),
                        f.planned().isPresent() ? f.planned().getAsDouble() : "",
                        f.actual().isPresent() ? f.actual().getAsDouble() : "",
                        f.what().unit().name().toLowerCase(Locale.ROOT).replace("none", ""),
                        f.outcome() == Fact.Outcome.NONE
                                ? ""
                                : f.outcome().name().toLowerCase(Locale.ROOT),
                        Table.safe(f.tool()),
                        Table.safe(f.note()),
                        Table.safe(f.helped()),
                        f.practice() ? "yes" : "",
                        f.word());
            }
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        return text.toString().getBytes(StandardCharsets.UTF_8);
    }
}
