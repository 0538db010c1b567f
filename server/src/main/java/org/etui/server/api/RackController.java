package org.etui.server.api;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.etui.core.check.BadInput;
import org.etui.core.check.Term;
import org.etui.core.cutting.CutPlan;
import org.etui.core.cutting.Instead;
import org.etui.core.cutting.Wanted;
import org.etui.core.log.Hand;
import org.etui.core.metal.Metal;
import org.etui.core.piece.Piece;
import org.etui.core.plan.Plan;
import org.etui.core.plan.PlanOptions;
import org.etui.core.plan.Planner;
import org.etui.core.stock.Entry;
import org.etui.core.stock.Prices;
import org.etui.core.stock.Rack;
import org.etui.core.stock.Stock;
import org.etui.core.wire.Wire;
import org.etui.server.contract.Reader;
import org.etui.server.print.CuttingSheet;
import org.etui.server.print.Paper;
import org.etui.server.print.Writer;
import org.etui.server.store.PieceStore;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The rack: what hangs on it, what came and went, what is cut from which stock. */
@RestController
@RequestMapping("/api/rack")
class RackController {
    /** A plan of cuts is looked for no longer than this; then the best that was found is answered. */
    private static final double MOST_NS = 2e9;

    private static final int LAST = 40;
    private static final int MOST_THINGS = 100;

    private final RackBook book;
    private final PieceStore pieces;
    private final Jobs jobs;
    private final PriceList prices;
    private final LogBook log;
    private final Reader reader;
    private final Watch watch;

    RackController(
            RackBook book, PieceStore pieces, Jobs jobs, PriceList prices, LogBook log, Reader reader, Watch watch) {
        this.book = book;
        this.pieces = pieces;
        this.jobs = jobs;
        this.prices = prices;
        this.log = log;
        this.reader = reader;
        this.watch = watch;
    }

    /**
     * The rack.
     *
     * @param version number of the last entry
     * @param held what there is
     * @param scrap what lies in the scrap tin
     * @param currency what amounts are written in
     * @param last the last entries, the newest first
     */
    record RackAnswer(
            @Term("number of the last entry") long version,
            @Term("what there is, by name") List<OnRack> held,
            @Term("what lies in the scrap tin") List<InTin> scrap,
            @Term("what amounts are written in") String currency,
            @Term("the last entries, the newest first") List<BookedEntry> last) {}

    /**
     * A stock with what is left of it.
     *
     * @param stock what it is
     * @param has what is left
     * @param aside how much of that is set aside
     * @param most the most that there ever was
     * @param isLow whether it is time to buy
     * @param wireInWords the wire in words; empty for parts
     * @param gaugesInWords the nearest gauges in three systems; empty for parts
     * @param massG what is left weighs; absent for parts
     * @param worth what that would cost; absent for parts and wire without a price
     */
    record OnRack(
            @Term("what it is") Stock stock,
            @Term("what is left, mm or pieces") double has,

            @Term("how much of that is set aside") double aside,

            @Term("the most that there ever was, mm or pieces")
            double most,

            @Term("whether it is time to buy") boolean isLow,
            @Term("the wire in words; empty for parts") String wireInWords,

            @Term("the nearest gauges in three systems; empty for parts")
            String gaugesInWords,

            @Term("what is left weighs so much, g; absent for parts")
            Optional<Double> massG,

            @Term("what that would cost; absent for parts and wire without a price")
            Optional<Double> worth) {}

    /**
     * Scrap of one metal.
     *
     * @param metal the metal
     * @param title its name in the trade
     * @param massG how much
     * @param worth what so much new wire would cost; absent without a price
     */
    record InTin(
            @Term("the metal") Metal metal,
            @Term("its name in the trade") String title,
            @Term("how much, g") double massG,

            @Term("what so much new wire would cost; absent without a price")
            Optional<Double> worth) {}

    /**
     * An entry with what became of it.
     *
     * @param number counts every entry
     * @param at when it was booked
     * @param entry what happened
     * @param names the names of the stocks of its lines
     * @param isUndone whether it was taken back
     */
    record BookedEntry(
            @Term("counts every entry") long number,
            @Term("when it was booked, ISO 8601") String at,
            @Term("what happened") Entry entry,
            @Term("the names of the stocks of its lines") List<String> names,
            @Term("whether it was taken back") boolean isUndone) {}

    /** What is on the rack. */
    @GetMapping
    ResponseEntity<RackAnswer> read() {
        return answer(book.now());
    }

    /** Books an entry after the one that If-Match names as the last. */
    @PostMapping("/entries")
    ResponseEntity<RackAnswer> book(
            @RequestHeader(name = HttpHeaders.IF_MATCH, required = false) String match, @RequestBody Entry entry) {
        long version = PieceController.version(match)
                .orElseThrow(() -> new BadInput(
                        HttpHeaders.IF_MATCH,
                        "missing",
                        "must be the version of the rack that the entry was made for"));
        return answer(book.book(version, entry));
    }

    /** The rack as a table. */
    @GetMapping("/csv")
    ResponseEntity<byte[]> csv() {
        return ResponseEntity.ok()
                .contentType(new MediaType("text", "csv", StandardCharsets.UTF_8))
                .header(HttpHeaders.CONTENT_DISPOSITION, PieceController.attachment("rack.csv"))
                .body(RackCsv.write(book.now()));
    }

    /**
     * A table of a rack.
     *
     * @param text comma-separated values, the first line names the columns
     */
    record CsvQuestion(
            @Term(value = "comma-separated values, the first line names the columns", to = 1_000_000)
            String text) {}

    /** What a table would change on the rack, row by row, and the entry that would do it. */
    @PostMapping("/csv")
    RackCsv.Preview preview(@RequestBody CsvQuestion question) {
        return RackCsv.read(question.text(), book.now());
    }

    /**
     * What is to be cut.
     *
     * @param pieces names of pieces in the store
     * @param jobs names of jobs
     * @param terms how the maker cuts
     */
    record CutQuestion(
            @Term(value = "names of pieces in the store", to = MOST_THINGS, or = "[]")
            List<String> pieces,

            @Term(value = "names of jobs", to = MOST_THINGS, or = "[]")
            List<String> jobs,

            @Term(value = "how the maker cuts", or = "{}") CutPlan.Terms terms) {}

    /** What is cut from which stock for pieces and jobs. Taken back by its name it answers the best that it has found. */
    @PostMapping("/cut-plans")
    CutPlan plan(@RequestBody CutQuestion question) {
        return watch.search(search -> planned(question, search));
    }

    /** What the rack has in place of wire that it has not enough of, piece by piece. */
    @PostMapping("/substitutes")
    List<Instead> substitutes(@RequestBody CutQuestion question) {
        return watch.search(search -> {
            Rack rack = book.now();
            Set<Wire> missing = planned(question, search).missing().stream()
                    .map(CutPlan.Missing::wire)
                    .collect(Collectors.toSet());
            return asked(question).stream()
                    .flatMap(piece -> Instead.of(piece, missing, rack).stream())
                    .toList();
        });
    }

    /** The same on paper. */
    @GetMapping("/cutting-sheet")
    ResponseEntity<byte[]> sheet(
            @RequestParam(defaultValue = "") List<String> pieces,
            @RequestParam(defaultValue = "") List<String> jobs,
            @RequestParam(defaultValue = "1.5") double nipMm,
            @RequestParam(defaultValue = "60") double usefulMm,
            @RequestParam(defaultValue = "pdf") String format,
            @RequestParam(defaultValue = "a4") String paper,
            @RequestParam(defaultValue = "mm") String units) {
        Writer.As as = PlanController.word("format", format, Writer.As.values());
        Paper on = PlanController.word("paper", paper, Paper.values());
        CutQuestion question = new CutQuestion(pieces, jobs, terms(nipMm, usefulMm));
        CutPlan plan = watch.search(search -> planned(question, search));
        return PaperController.shown(
                CuttingSheet.of(plan, on, new org.etui.core.measure.LengthFormat(PlanController.units(units)), as),
                as.mediaType(),
                "cutting sheet." + format.toLowerCase(java.util.Locale.ROOT));
    }

    private static CutPlan.Terms terms(double nipMm, double usefulMm) {
        try {
            return new CutPlan.Terms(nipMm, usefulMm);
        } catch (IllegalArgumentException bad) {
            boolean isNip = bad.getMessage().startsWith("nipMm");
            throw new BadInput(isNip ? "nipMm" : "usefulMm", isNip ? nipMm : usefulMm, bad.getMessage());
        }
    }

    private List<Piece> asked(CutQuestion question) {
        List<Piece> asked = new ArrayList<>();
        question.pieces()
                .forEach(id -> asked.add(
                        reader.read(pieces.read(id).document().getBytes(StandardCharsets.UTF_8), Piece.class)));
        question.jobs().forEach(id -> asked.add(jobs.piece(id)));
        return asked;
    }

    private CutPlan planned(CutQuestion question, Watch.Search search) {
        List<Wanted> wanted = new ArrayList<>();
        List<Piece> asked = asked(question);
        for (int i = 0; i < asked.size(); i++) {
            search.tell(asked.size() == 1 ? "working out its wires" : "piece " + (i + 1) + " of " + asked.size());
            search.reach(0.5 * i / asked.size());
            wanted.addAll(wanted(asked.get(i), log.used()));
        }
        if (wanted.isEmpty()) {
            throw new BadInput("pieces", "none", "or jobs must name at least one");
        }
        Rack rack = book.now();
        search.tell("sharing out the wires");
        long begin = System.nanoTime();
        return CutPlan.of(
                wanted,
                rack,
                question.terms(),
                () -> {
                    double share = (System.nanoTime() - begin) / MOST_NS;
                    search.reach(0.5 + 0.5 * share);
                    return search.goesOn() && share < 1;
                },
                best -> search.tell(words(best)));
    }

    private static String words(CutPlan.SoFar best) {
        String opened = best.opened() == 1 ? "1 stock" : best.opened() == 0 ? "no stock" : best.opened() + " stocks";
        return (best.kinds() == 1 ? "" : "wire " + best.kind() + " of " + best.kinds() + ": ") + "so far " + opened
                + " newly opened";
    }

    private static List<Wanted> wanted(Piece piece, Hand hand) {
        Plan plan = Planner.plan(piece, PlanOptions.figures(hand));
        return plan.strands().stream()
                .map(s -> new Wanted(
                        plan.strands().size() == 1 ? piece.name() : piece.name() + ", " + s.title(),
                        s.bought().wire(),
                        s.amount().cutLengthMm(),
                        s.count(),
                        s.pair() != Plan.Pair.NONE))
                .toList();
    }

    private ResponseEntity<RackAnswer> answer(Rack rack) {
        List<Rack.Booked> entries = book.entries();
        Set<Long> undone = Rack.undone(entries);
        Prices paid = prices.now();
        java.util.Map<String, String> names = new java.util.HashMap<>();
        rack.held().forEach(h -> names.put(h.stock().id(), h.stock().name()));
        List<BookedEntry> last = new ArrayList<>();
        for (int i = entries.size() - 1; i >= Math.max(0, entries.size() - LAST); i--) {
            Rack.Booked b = entries.get(i);
            last.add(new BookedEntry(
                    b.number(),
                    b.at(),
                    b.entry(),
                    b.entry().lines().stream()
                            .map(l -> names.getOrDefault(l.stock(), l.stock()))
                            .toList(),
                    undone.contains(b.number())));
        }
        RackAnswer answer = new RackAnswer(
                rack.version(),
                rack.there().stream().map(h -> onRack(h, paid)).toList(),
                rack.scrap().stream()
                        .map(s -> new InTin(
                                s.metal(),
                                s.metal().title(),
                                s.massG(),
                                paid.perG(s.metal()).map(p -> p * s.massG())))
                        .toList(),
                paid.currency(),
                last);
        return ResponseEntity.ok().eTag("\"" + rack.version() + "\"").body(answer);
    }

    private static OnRack onRack(Rack.Held held, Prices paid) {
        Optional<Wire> wire = held.stock().wire();
        return new OnRack(
                held.stock(),
                held.has(),
                held.aside(),
                held.most(),
                held.isLow(),
                wire.map(Wire::inWords).orElse(""),
                wire.map(Wire::gaugesInWords).orElse(""),
                wire.map(w -> w.massG(held.has())),
                wire.flatMap(w -> paid.perG(w.metal()).map(p -> p * w.massG(held.has()))));
    }
}
