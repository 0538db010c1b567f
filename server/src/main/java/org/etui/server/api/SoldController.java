package org.etui.server.api;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import org.etui.core.piece.Piece;
import org.etui.core.price.PolicyCost;
import org.etui.core.price.PriceSheet;
import org.etui.server.contract.Reader;
import org.etui.server.print.Paper;
import org.etui.server.print.PricePaper;
import org.etui.server.print.Writer;
import org.etui.server.store.JobStore;
import org.etui.server.store.PieceStore;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What pieces and jobs cost and are sold for, as figures, as a table, on paper. */
@RestController
@RequestMapping("/api")
class SoldController {
    private final PieceStore pieces;
    private final JobStore jobStore;
    private final Jobs jobs;
    private final PriceList prices;
    private final LogBook log;
    private final Reader reader;
    private final Watch watch;

    SoldController(
            PieceStore pieces,
            JobStore jobStore,
            Jobs jobs,
            PriceList prices,
            LogBook log,
            Reader reader,
            Watch watch) {
        this.pieces = pieces;
        this.jobStore = jobStore;
        this.jobs = jobs;
        this.prices = prices;
        this.log = log;
        this.reader = reader;
        this.watch = watch;
    }

    /** What a piece costs and is sold for, as it stands in the document. */
    @PostMapping("/price-sheets")
    PriceSheet piece(@RequestBody Piece piece) {
        return watch.many(() -> PriceSheet.of(List.of(PriceController.size("", 1, piece, log.used())), prices.now()));
    }

    /** What it makes in wire and money how generously a piece is cut. */
    @PostMapping("/cut-policies")
    List<PolicyCost> policies(@RequestBody Piece piece) {
        return watch.many(() -> PolicyCost.of(piece, prices.now(), log.used()));
    }

    /** What every size of a job costs and is sold for. */
    @GetMapping("/jobs/{id}/price")
    PriceSheet job(@PathVariable String id) {
        return watch.many(() -> PriceSheet.of(jobs.sizes(id), prices.now()));
    }

    /** The price sheet of a piece: csv, pdf or svg. */
    @GetMapping("/pieces/{id}/price-sheet")
    ResponseEntity<byte[]> pieceSheet(
            @PathVariable String id,
            @RequestParam(defaultValue = "pdf") String format,
            @RequestParam(defaultValue = "a4") String paper) {
        return sheet(piece(document(id)), document(id).name(), format, paper);
    }

    /** The price sheet of a job: csv, pdf or svg. */
    @GetMapping("/jobs/{id}/price-sheet")
    ResponseEntity<byte[]> jobSheet(
            @PathVariable String id,
            @RequestParam(defaultValue = "pdf") String format,
            @RequestParam(defaultValue = "a4") String paper) {
        return sheet(job(id), TrayRows.name(jobStore.read(id).document()), format, paper);
    }

    private Piece document(String id) {
        return reader.read(pieces.read(id).document().getBytes(StandardCharsets.UTF_8), Piece.class);
    }

    private static ResponseEntity<byte[]> sheet(PriceSheet sheet, String name, String format, String paper) {
        String file = name + ", prices." + format.toLowerCase(Locale.ROOT);
        if (format.equalsIgnoreCase("csv")) {
            return ResponseEntity.ok()
                    .contentType(new MediaType("text", "csv", StandardCharsets.UTF_8))
                    .header(HttpHeaders.CONTENT_DISPOSITION, PieceController.attachment(file))
                    .body(PricePaper.csv(sheet));
        }
        Writer.As as = PlanController.word("format", format, Writer.As.values());
        Paper on = PlanController.word("paper", paper, Paper.values());
        return PaperController.shown(PricePaper.of(sheet, name, on, as), as.mediaType(), file);
    }
}
