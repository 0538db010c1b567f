package org.etui.server.demo;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.etui.core.element.Outline;
import org.etui.core.job.Job;
import org.etui.core.job.JobFormat;
import org.etui.core.job.JobLine;
import org.etui.core.log.Band;
import org.etui.core.log.Fact;
import org.etui.core.log.Group;
import org.etui.core.log.LogEntry;
import org.etui.core.log.What;
import org.etui.core.measure.PersonalMeasure;
import org.etui.core.measure.PersonalMeasures;
import org.etui.core.metal.Metal;
import org.etui.core.metal.Temper;
import org.etui.core.pattern.Patterns;
import org.etui.core.piece.Body;
import org.etui.core.piece.Colour;
import org.etui.core.piece.KeptStone;
import org.etui.core.piece.Part;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Purpose;
import org.etui.core.piece.StoneDrawer;
import org.etui.core.stock.Entry;
import org.etui.core.stock.Stock;
import org.etui.core.wire.Wire;

/** A small bench makes a hedgerow set for the gift desk of a botanical garden. */
final class Hedgerow {
    /** A width and two marks that the bench measures with. */
    static final PersonalMeasures MEASURES = new PersonalMeasures(List.of(
            new PersonalMeasure("finger", 17), new PersonalMeasure("jaw mark", 2.5), new PersonalMeasure("peg", 6.4)));

    private Hedgerow() {}

    /** The stones of the set's own pieces, and one that waits for its piece. */
    static StoneDrawer stones(Map<String, String> ids) {
        List<KeptStone> stones = new ArrayList<>();
        for (Piece piece : pieces()) {
            for (Part part : piece.parts()) {
                part.body()
                        .filter(body -> body.front().isPresent())
                        .ifPresent(body -> stones.add(new KeptStone(
                                "stone-" + (stones.size() + 1),
                                piece.name().split(" ")[0] + " "
                                        + part.kind().name().toLowerCase(Locale.ROOT),
                                part.material(),
                                body,
                                Optional.empty(),
                                Optional.ofNullable(ids.get(piece.name())))));
            }
        }
        stones.add(new KeptStone(
                "stone-" + (stones.size() + 1),
                "Hazel agate",
                "agate",
                new Body.Cabochon(new Outline.Oval(25, 18, 0), 6, 2, 2, Optional.empty()),
                Optional.empty(),
                Optional.empty()));
        return new StoneDrawer(stones);
    }

    /** What the bench wrote down in the weeks before: wire taken, ten hooks for practice, times, a hold test, what broke. */
    static List<LogEntry> log(Map<String, String> ids, LocalDate today) {
        Group hooks = new Group("arc", Metal.COPPER, Band.STOUT);
        Group loops = new Group("loop", Metal.COPPER, Band.STOUT);
        List<LogEntry> log = new ArrayList<>();
        double[] took = {13.6, 13.5, 13.8, 13.4, 13.7, 13.6};
        for (int i = 0; i < took.length; i++) {
            Fact fact = measured(What.USED, "hook.loop", "loop", loops, 13.29, took[i], false);
            log.add(entry(ids, "Medlar clasp", today.minusDays(40 - 6L * i), fact));
        }
        double[] wide = {6.42, 6.35, 6.38, 6.24, 6.28, 6.19, 6.21, 6.10, 6.14, 6.06};
        for (double mm : wide) {
            Fact fact = measured(What.INSIDE, "hook.first-hook", "first hook", hooks, 6.0, mm, true);
            log.add(entry(ids, "Hop S-hook", today.minusDays(9), fact));
        }
        double[] minutes = {1.4, 1.6, 1.3, 1.5};
        for (int i = 0; i < minutes.length; i++) {
            Fact fact = measured(What.MINUTES, "step.8", "Form the loop", loops, 1.09, minutes[i], false);
            log.add(entry(ids, "Medlar clasp", today.minusDays(20 - 6L * i), fact));
        }
        OptionalDouble none = OptionalDouble.empty();
        Fact opened = new Fact(
                What.HOLD,
                "hook.second-hook",
                "second hook",
                Optional.of(hooks),
                OptionalDouble.of(12.3),
                none,
                OptionalDouble.of(9.8),
                Fact.Outcome.OPENED,
                "",
                "opened slowly, did not snap",
                "",
                false,
                "");
        log.add(entry(ids, "Hop S-hook", today.minusDays(8), opened));
        Fact broke = new Fact(
                What.BREAKAGE,
                "",
                "",
                Optional.empty(),
                none,
                none,
                none,
                Fact.Outcome.NONE,
                "",
                "cracked at the crook when it was hammered thinner than planned",
                "stopping at 0.9 mm",
                false,
                "");
        log.add(entry(ids, "Sloe hook", today.minusDays(3), broke));
        return log.stream().sorted(Comparator.comparing(LogEntry::day)).toList();
    }

    private static Fact measured(
            What what, String about, String title, Group group, double planned, double actual, boolean practice) {
        return new Fact(
                what,
                about,
                title,
                Optional.of(group),
                OptionalDouble.of(planned),
                what == What.USED ? OptionalDouble.of(planned) : OptionalDouble.empty(),
                OptionalDouble.of(actual),
                Fact.Outcome.NONE,
                "",
                "",
                "",
                practice,
                "");
    }

    private static LogEntry entry(Map<String, String> ids, String piece, LocalDate day, Fact fact) {
        return new LogEntry(ids.getOrDefault(piece, piece), piece, day.toString(), fact);
    }

    /** What the bench has: spools half used, lengths, what was left of others, parts that were bought. */
    static List<Entry> rack() {
        Wire copper16 = Wire.ofAwg(Metal.COPPER, Temper.DEAD_SOFT, "16");
        Wire copper20 = Wire.ofAwg(Metal.COPPER, Temper.DEAD_SOFT, "20");
        Wire silver20 = Wire.ofAwg(Metal.STERLING_SILVER, Temper.DEAD_SOFT, "20");
        Wire brass2 = Wire.ofRound(Metal.BRASS, Temper.DEAD_SOFT, 2.0);
        Wire ring = Wire.ofRound(Metal.COPPER, Temper.DEAD_SOFT, 1.6);
        List<Entry> entries = new ArrayList<>();
        entries.add(up("copper AWG 16", Stock.Form.SPOOL, copper16, "top rail", 500, 500, Entry.In.G));
        entries.add(up("copper AWG 20", Stock.Form.SPOOL, copper20, "top rail", 1000, 15_000, Entry.In.MM));
        entries.add(up(
                "copper AWG 22",
                Stock.Form.SPOOL,
                Wire.ofAwg(Metal.COPPER, Temper.DEAD_SOFT, "22"),
                "top rail",
                1000,
                20_000,
                Entry.In.MM));
        entries.add(up(
                "brass AWG 20",
                Stock.Form.COIL,
                Wire.ofAwg(Metal.BRASS, Temper.DEAD_SOFT, "20"),
                "hook by the window",
                500,
                4000,
                Entry.In.MM));
        entries.add(up("sterling AWG 20, first", Stock.Form.LENGTH, silver20, "drawer", 0, 500, Entry.In.MM));
        entries.add(up("sterling AWG 20, second", Stock.Form.LENGTH, silver20, "drawer", 0, 500, Entry.In.MM));
        entries.add(up("sterling AWG 20, third", Stock.Form.LENGTH, silver20, "drawer", 0, 500, Entry.In.MM));
        entries.add(up("copper 1.6, first", Stock.Form.LENGTH, ring, "drawer", 0, 1000, Entry.In.MM));
        entries.add(up("copper 1.6, second", Stock.Form.LENGTH, ring, "drawer", 0, 1000, Entry.In.MM));
        entries.add(up("copper 1.6, third", Stock.Form.LENGTH, ring, "drawer", 0, 1000, Entry.In.MM));
        entries.add(up(
                "copper 1.6, from the trial ring", Stock.Form.OFF_CUT, ring, "tray of off-cuts", 0, 262, Entry.In.MM));
        entries.add(
                up("brass 2.0, from the bangle", Stock.Form.OFF_CUT, brass2, "tray of off-cuts", 0, 131, Entry.In.MM));
        entries.add(parts("copper headed pins", 24, 30));
        entries.add(parts("hazel beads", 17, 10));
        entries.add(new Entry(
                Entry.What.CUT,
                List.of(),
                List.of(Entry.Line.cut("copper-awg-16", 9600, 410), Entry.Line.cut("copper-awg-20", 6200, 330)),
                "for the first clasps",
                Optional.empty()));
        entries.add(new Entry(
                Entry.What.CUT,
                List.of(),
                List.of(Entry.Line.cut("copper-awg-22", 19_300, 520)),
                "for the first stones",
                Optional.empty()));
        return entries;
    }

    private static Entry up(String name, Stock.Form form, Wire wire, String where, double low, double by, Entry.In in) {
        Stock stock = new Stock(id(name), name, form, Optional.of(wire), where, low);
        return bought(stock, by, in);
    }

    private static Entry parts(String name, double count, double low) {
        return bought(
                new Stock(id(name), name, Stock.Form.PARTS, Optional.empty(), "dish", low), count, Entry.In.PIECES);
    }

    private static Entry bought(Stock stock, double by, Entry.In in) {
        return new Entry(
                Entry.What.BOUGHT,
                List.of(stock),
                List.of(new Entry.Line(stock.id(), by, in, 0, 0)),
                "",
                Optional.empty());
    }

    private static String id(String name) {
        return name.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-");
    }

    /** What the gift desk ordered, due some days from now. */
    static List<Job> jobs(Map<String, String> ids, LocalDate today) {
        return List.of(
                job(
                        "Hazel earrings, gift desk",
                        ids.get("Hazel earrings"),
                        today.plusDays(9),
                        new JobLine("", 5, Map.of())),
                job(
                        "Spindle rings, three sizes",
                        ids.get("Spindle ring"),
                        today.plusDays(23),
                        new JobLine("US 6", 2, Map.of("usSize", 6)),
                        new JobLine("US 7", 3, Map.of("usSize", 7)),
                        new JobLine("US 8", 2, Map.of("usSize", 8))));
    }

    private static Job job(String name, String piece, LocalDate due, JobLine... lines) {
        return new Job(
                JobFormat.ETUI_JOB, 1, name, piece, List.of(lines), Optional.of(due.toString()), "", Optional.empty());
    }

    /** The pieces, in the order of the tray. */
    static List<Piece> pieces() {
        return List.of(
                piece(
                        "Quince bangle",
                        "hook-and-eye-bangle",
                        Map.of("size", "medium"),
                        Wire.ofAwg(Metal.COPPER, Temper.DEAD_SOFT, "14"),
                        Purpose.BANGLE_CLOSURE),
                piece(
                        "Medlar clasp",
                        "hook-clasp",
                        Map.of("hookInsideMm", 7),
                        Wire.ofAwg(Metal.COPPER, Temper.DEAD_SOFT, "16"),
                        Purpose.NECKLACE_CLOSURE),
                piece(
                        "Hop S-hook",
                        "s-hook",
                        Map.of("hookInsideMm", 6),
                        Wire.ofAwg(Metal.COPPER, Temper.DEAD_SOFT, "16"),
                        Purpose.NECKLACE_CLOSURE),
                piece(
                        "Alder bangle",
                        "hook-and-eye-bangle",
                        Map.of("size", "small", "eyeInsideMm", 3.5),
                        Wire.ofRound(Metal.BRASS, Temper.DEAD_SOFT, 2.0),
                        Purpose.BANGLE_CLOSURE),
                piece(
                        "Sloe hook",
                        "hook-clasp",
                        Map.of("hookInsideMm", 9, "loopInsideMm", 4, "runMm", 6, "lipMm", 4),
                        Wire.ofRound(Metal.STERLING_SILVER, Temper.HALF_HARD, 1.5),
                        Purpose.BRACELET_CLOSURE),
                piece(
                        "Bramble link",
                        "s-hook",
                        Map.of("hookInsideMm", 8, "middleMm", 5, "curls", "inward", "hookSweepDeg", 215),
                        Wire.ofRound(Metal.JEWELERS_BRONZE, Temper.DEAD_SOFT, 1.3),
                        Purpose.LINK),
                piece(
                        "Teasel S-hook",
                        "s-hook",
                        Map.of("hookInsideMm", 10, "middleMm", 9, "lipMm", 3),
                        Wire.ofAwg(Metal.BRASS, Temper.DEAD_SOFT, "12"),
                        Purpose.BRACELET_CLOSURE),
                piece(
                                "Alder clasp",
                                "s-clasp-hammered-first",
                                Map.of("bendInsideMm", 6),
                                Wire.ofAwg(Metal.COPPER, Temper.DEAD_SOFT, "14"),
                                Purpose.NECKLACE_CLOSURE)
                        .withColour(darkened(2, 60, Colour.Stop.RED_BROWN, 0)),
                piece(
                                "Dogrose bracelet",
                                "double-scroll-link",
                                Map.of("braceletMm", 185),
                                Wire.ofRound(Metal.COPPER, Temper.DEAD_SOFT, 1.0),
                                Purpose.BRACELET_CLOSURE)
                        .withColour(darkened(5, 70, Colour.Stop.BLACK, 0.8)),
                piece(
                        "Hazel earrings",
                        "spiral-earrings",
                        Map.of("turns", 3, "gapMm", 1.4),
                        Wire.ofAwg(Metal.STERLING_SILVER, Temper.DEAD_SOFT, "20"),
                        Purpose.EAR_WIRE),
                piece(
                                "Sloe stone",
                                "stone-frame",
                                Map.of("outline", "drop", "lengthMm", 30, "widthPercent", 65, "thicknessMm", 6),
                                Wire.ofAwg(Metal.COPPER, Temper.DEAD_SOFT, "20"),
                                Purpose.PENDANT)
                        .withColour(darkened(5, 70, Colour.Stop.BLACK, 0.6)),
                piece(
                        "Bramble stone",
                        "woven-front",
                        Map.of(
                                "outline",
                                "shard",
                                "points",
                                "down",
                                "lengthMm",
                                30,
                                "widthPercent",
                                63,
                                "thicknessMm",
                                7,
                                "lashingWire",
                                "half-round"),
                        Wire.ofAwg(Metal.COPPER, Temper.DEAD_SOFT, "22"),
                        Purpose.PENDANT),
                piece(
                        "Quince cage",
                        "spiral-cage",
                        Map.of("diameterMm", 16, "thicknessMm", 9),
                        Wire.ofAwg(Metal.BRASS, Temper.DEAD_SOFT, "20"),
                        Purpose.PENDANT),
                piece(
                        "Spindle ring",
                        "wound-ring",
                        Map.of("system", "US", "usSize", 7),
                        Wire.ofRound(Metal.COPPER, Temper.DEAD_SOFT, 1.6),
                        Purpose.DECORATIVE),
                piece(
                        "Hop cord end",
                        "cord-end",
                        Map.of("cordMm", 3, "turns", 6),
                        Wire.ofAwg(Metal.BRASS, Temper.DEAD_SOFT, "20"),
                        Purpose.NECKLACE_CLOSURE),
                piece(
                        "Teasel drops",
                        "graded-drops",
                        Map.of("drops", 7),
                        Wire.ofAwg(Metal.JEWELERS_BRONZE, Temper.DEAD_SOFT, "18"),
                        Purpose.PENDANT),
                piece(
                        "Dogrose flower",
                        "wound-petals",
                        Map.of("petals", 5, "mandrelMm", 12),
                        Wire.ofAwg(Metal.COPPER, Temper.DEAD_SOFT, "20"),
                        Purpose.DECORATIVE),
                piece(
                                "Hop leaf",
                                "dimpled-blank",
                                Map.of("lengthMm", 22, "dimples", 40),
                                Wire.ofAwg(Metal.COPPER, Temper.HALF_HARD, "18"),
                                Purpose.DECORATIVE)
                        .withColour(darkened(5, 70, Colour.Stop.BLACK, 0.8)));
    }

    /** Gel in half a cup of water. */
    private static Colour darkened(double drops, double celsius, Colour.Stop stop, double polishBack) {
        return new Colour(
                Colour.Bath.GEL, drops, 118, celsius, stop, polishBack, Colour.PolishWith.STEEL_WOOL, Colour.Seal.NONE);
    }

    private static Piece piece(String name, String pattern, Map<String, Object> measures, Wire wire, Purpose purpose) {
        return Patterns.find(pattern)
                .orElseThrow()
                .make(measures, Optional.of(wire), Optional.of(purpose))
                .withName(name)
                .withTags(TAGS.getOrDefault(name, List.of()));
    }

    /** By what the bench finds its pieces again. */
    private static final Map<String, List<String>> TAGS = Map.of(
            "Medlar clasp", List.of("clasps", "class"),
            "Hop S-hook", List.of("clasps"),
            "Alder clasp", List.of("clasps"),
            "Sloe hook", List.of("clasps", "steel"),
            "Teasel S-hook", List.of("clasps"),
            "Hazel earrings", List.of("gift desk", "class"),
            "Sloe stone", List.of("gift desk"),
            "Quince cage", List.of("gift desk"),
            "Teasel drops", List.of("gift desk"),
            "Hop leaf", List.of("gift desk"));
}
