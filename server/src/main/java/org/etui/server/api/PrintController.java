package org.etui.server.api;

import org.etui.core.measure.LengthFormat;
import org.etui.core.piece.Piece;
import org.etui.core.plan.Plan;
import org.etui.core.plan.PlanOptions;
import org.etui.core.plan.Planner;
import org.etui.server.contract.Reader;
import org.etui.server.print.Paper;
import org.etui.server.print.Template;
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

/** Sheets of a kept piece, as PDF or SVG. */
@RestController
@RequestMapping("/api/pieces/{id}")
class PrintController {
    private final PieceStore store;
    private final Reader reader;

    PrintController(PieceStore store, Reader reader) {
        this.store = store;
        this.reader = reader;
    }

    /** How a sheet is written. */
    enum Format {
        PDF,
        SVG
    }

    /** The 1:1 template with marks strip and cut table. */
    @GetMapping("/template")
    ResponseEntity<byte[]> template(
            @PathVariable String id,
            @RequestParam(defaultValue = "pdf") String format,
            @RequestParam(defaultValue = "a4") String paper,
            @RequestParam(defaultValue = "mm") String units) {
        Format written = PlanController.word("format", format, Format.values());
        Paper sheet = PlanController.word("paper", paper, Paper.values());
        LengthFormat lengths = new LengthFormat(PlanController.units(units));
        Piece piece = KeptPiece.of(store.read(id), reader).document();
        Plan plan = Planner.plan(piece, new PlanOptions(PlanOptions.States.LAST, lengths));
        boolean pdf = written == Format.PDF;
        byte[] body = pdf ? Template.pdf(piece, plan, sheet, lengths) : Template.svg(piece, plan, sheet, lengths);
        return ResponseEntity.ok()
                .contentType(pdf ? MediaType.APPLICATION_PDF : MediaType.valueOf("image/svg+xml"))
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.inline()
                                .filename(
                                        piece.name() + (pdf ? ".pdf" : ".svg"), java.nio.charset.StandardCharsets.UTF_8)
                                .build()
                                .toString())
                .body(body);
    }
}
