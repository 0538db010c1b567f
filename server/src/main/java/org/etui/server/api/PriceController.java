package org.etui.server.api;

import org.etui.core.check.BadInput;
import org.etui.core.check.Term;
import org.etui.core.stock.Prices;
import org.etui.server.store.KeptStore;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What wire costs: read, replace, undo, redo. */
@RestController
@RequestMapping("/api/prices")
class PriceController {
    private final PriceList list;

    PriceController(PriceList list) {
        this.list = list;
    }

    /**
     * The prices as kept.
     *
     * @param version counts every change
     * @param canUndo whether there is something to undo
     * @param canRedo whether there is something to redo
     * @param prices the prices
     */
    record KeptPrices(
            @Term("counts every change") long version,
            @Term("whether there is something to undo") boolean canUndo,
            @Term("whether there is something to redo") boolean canRedo,
            @Term("the prices") Prices prices) {}

    /** The prices; invented ones to begin with. */
    @GetMapping
    ResponseEntity<KeptPrices> read() {
        return answer(list.standing());
    }

    /** Replaces the prices that stand at the version of If-Match. */
    @PutMapping
    ResponseEntity<KeptPrices> replace(
            @RequestHeader(name = HttpHeaders.IF_MATCH, required = false) String match, @RequestBody Prices prices) {
        long version = PieceController.version(match)
                .orElseThrow(() -> new BadInput(
                        HttpHeaders.IF_MATCH, "missing", "must be the version that the change started from"));
        return answer(list.replace(version, prices));
    }

    /** Goes one change back. */
    @PostMapping("/undo")
    ResponseEntity<KeptPrices> undo() {
        return answer(list.undo());
    }

    /** Goes one change forward again. */
    @PostMapping("/redo")
    ResponseEntity<KeptPrices> redo() {
        return answer(list.redo());
    }

    private ResponseEntity<KeptPrices> answer(KeptStore.Standing standing) {
        return ResponseEntity.ok()
                .eTag("\"" + standing.version() + "\"")
                .body(new KeptPrices(
                        standing.version(), standing.canUndo(), standing.canRedo(), list.read(standing.document())));
    }
}
