package org.etui.server.api;

import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import org.etui.core.check.Word;
import org.etui.core.job.Together;
import org.etui.core.measure.LengthFormat;
import org.etui.core.piece.Piece;
import org.etui.core.plan.Plan;
import org.etui.core.plan.PlanOptions;
import org.etui.core.plan.Planner;
import org.etui.server.contract.Reader;
import org.etui.server.print.Outline;
import org.etui.server.print.Paper;
import org.etui.server.print.Sheet;
import org.etui.server.print.SizeSheet;
import org.etui.server.print.Table;
import org.etui.server.print.Writer;
import org.etui.server.store.PieceStore;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What leaves the screen: sheets, tables and outlines of kept pieces and jobs, and strips to size by. */
@RestController
@RequestMapping("/api")
class PaperController {
    private static final String UTF_8_CSV = "text/csv;charset=UTF-8";
    private final PieceStore pieces;
    private final Jobs jobs;
    private final Reader reader;
    private final Maker maker;
    private final Watch watch;

    PaperController(PieceStore pieces, Jobs jobs, Reader reader, Maker maker, Watch watch) {
        this.pieces = pieces;
        this.jobs = jobs;
        this.reader = reader;
        this.maker = maker;
        this.watch = watch;
    }

    /**
     * A sheet that has something to show.
     *
     * @param sheet its word in the address
     * @param title what it is called
     */
    record Offer(String sheet, String title) {}

    /** The sheets that have something to show of a piece, and the strips that it is sized by. */
    @GetMapping("/pieces/{id}/sheets")
    List<Offer> offers(@PathVariable String id) {
        return offers(piece(id));
    }

    /** The same of all pieces of a job. */
    @GetMapping("/jobs/{id}/sheets")
    List<Offer> jobOffers(@PathVariable String id) {
        return offers(jobs.piece(id));
    }

    /** A sheet of a piece: template, marks, gaps, jig, card; as PDF or SVG. */
    @GetMapping("/pieces/{id}/sheets/{sheet}")
    ResponseEntity<byte[]> sheet(
            @PathVariable String id,
            @PathVariable String sheet,
            @RequestParam(defaultValue = "pdf") String format,
            @RequestParam(defaultValue = "a4") String paper,
            @RequestParam(defaultValue = "mm") String units) {
        return sheet(piece(id), sheet, format, paper, units);
    }

    /** The same of all pieces of a job. */
    @GetMapping("/jobs/{id}/sheets/{sheet}")
    ResponseEntity<byte[]> jobSheet(
            @PathVariable String id,
            @PathVariable String sheet,
            @RequestParam(defaultValue = "pdf") String format,
            @RequestParam(defaultValue = "a4") String paper,
            @RequestParam(defaultValue = "mm") String units) {
        return sheet(jobs.piece(id), sheet, format, paper, units);
    }

    /** A strip to size by: ring-strip or bangle-strip. */
    @GetMapping("/sheets/{sheet}")
    ResponseEntity<byte[]> strip(
            @PathVariable String sheet,
            @RequestParam(defaultValue = "pdf") String format,
            @RequestParam(defaultValue = "a4") String paper,
            @RequestParam(defaultValue = "mm") String units) {
        SizeSheet wanted = PlanController.word("sheet", sheet, SizeSheet.values());
        Writer.As as = PlanController.word("format", format, Writer.As.values());
        Paper on = PlanController.word("paper", paper, Paper.values());
        byte[] body = wanted.of(on, new LengthFormat(PlanController.units(units)), as);
        return shown(body, as.mediaType(), wanted.title() + "." + format.toLowerCase(java.util.Locale.ROOT));
    }

    /** A table of a piece: cut-list, elements, marks; as comma-separated values in mm. */
    @GetMapping("/pieces/{id}/tables/{table}")
    ResponseEntity<byte[]> table(@PathVariable String id, @PathVariable String table) {
        return table(piece(id), table);
    }

    /** The same of all pieces of a job. */
    @GetMapping("/jobs/{id}/tables/{table}")
    ResponseEntity<byte[]> jobTable(@PathVariable String id, @PathVariable String table) {
        return table(jobs.piece(id), table);
    }

    /** A sheet of several pieces together, such as one list of marks to cut from. */
    @GetMapping("/together/sheets/{sheet}")
    ResponseEntity<byte[]> togetherSheet(
            @RequestParam List<String> ids,
            @PathVariable String sheet,
            @RequestParam(defaultValue = "pdf") String format,
            @RequestParam(defaultValue = "a4") String paper,
            @RequestParam(defaultValue = "mm") String units) {
        return sheet(together(ids), sheet, format, paper, units);
    }

    /** A table of several pieces together, such as one cut list. */
    @GetMapping("/together/tables/{table}")
    ResponseEntity<byte[]> togetherTable(@RequestParam List<String> ids, @PathVariable String table) {
        return table(together(ids), table);
    }

    private Piece together(List<String> ids) {
        return Together.of(ids.stream().map(this::piece).toList());
    }

    /** The outline of a piece in mm, as SVG or DXF. */
    @GetMapping("/pieces/{id}/outline")
    ResponseEntity<byte[]> outline(@PathVariable String id, @RequestParam(defaultValue = "svg") String format) {
        Outline as = PlanController.word("format", format, Outline.values());
        Piece piece = piece(id);
        byte[] body = watch.many(() -> as.of(piece, Planner.plan(piece, PlanOptions.USUAL.by(maker.hand()))));
        return saved(body, as.mediaType(), piece.name() + ", outline." + format.toLowerCase(java.util.Locale.ROOT));
    }

    private Piece piece(String id) {
        return KeptPiece.of(pieces.read(id), reader).document();
    }

    private List<Offer> offers(Piece piece) {
        return watch.many(() -> {
            Plan plan = Planner.plan(piece, PlanOptions.USUAL.by(maker.hand()));
            Stream<Offer> sheets = Arrays.stream(Sheet.values())
                    .filter(s -> s.shows(piece, plan))
                    .map(s -> new Offer(Word.of(s), s.title()));
            Stream<Offer> strips = Arrays.stream(SizeSheet.values())
                    .filter(s -> s.suits(piece))
                    .map(s -> new Offer(Word.of(s), s.title()));
            return Stream.concat(sheets, strips).toList();
        });
    }

    private ResponseEntity<byte[]> sheet(Piece piece, String sheet, String format, String paper, String units) {
        Sheet wanted = PlanController.word("sheet", sheet, Sheet.values());
        Writer.As as = PlanController.word("format", format, Writer.As.values());
        Paper on = PlanController.word("paper", paper, Paper.values());
        LengthFormat lengths = new LengthFormat(PlanController.units(units));
        PlanOptions options = maker.options(wanted.states(), lengths);
        byte[] body = watch.many(() -> wanted.of(
                piece,
                Planner.plan(piece, options),
                on,
                lengths,
                as,
                options.school().leftHanded()));
        String name = piece.name() + ", " + wanted.title() + "." + format.toLowerCase(java.util.Locale.ROOT);
        return shown(body, as.mediaType(), name);
    }

    private ResponseEntity<byte[]> table(Piece piece, String table) {
        Table wanted = PlanController.word("table", table, Table.values());
        byte[] body = watch.many(() -> wanted.of(Planner.plan(piece, PlanOptions.USUAL.by(maker.hand()))));
        return saved(body, UTF_8_CSV, piece.name() + ", " + table + ".csv");
    }

    /** Paper that the browser shows. */
    static ResponseEntity<byte[]> shown(byte[] body, String type, String name) {
        ContentDisposition disposition = ContentDisposition.inline()
                .filename(name, StandardCharsets.UTF_8)
                .build();
        return ResponseEntity.ok()
                .contentType(MediaType.valueOf(type))
                .header(HttpHeaders.CONTENT_DISPOSITION, disposition.toString())
                .body(body);
    }

    private static ResponseEntity<byte[]> saved(byte[] body, String type, String name) {
        return ResponseEntity.ok()
                .contentType(MediaType.valueOf(type))
                .header(HttpHeaders.CONTENT_DISPOSITION, PieceController.attachment(name))
                .body(body);
    }
}
