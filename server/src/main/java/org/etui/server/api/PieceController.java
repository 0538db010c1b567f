package org.etui.server.api;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import org.etui.core.check.BadInput;
import org.etui.core.check.Term;
import org.etui.core.piece.Piece;
import org.etui.core.verify.PieceChecks;
import org.etui.server.contract.Json;
import org.etui.server.contract.Reader;
import org.etui.server.store.PieceStore;
import org.springframework.http.CacheControl;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.context.request.WebRequest;

/** Kept pieces: list, create, read, replace, undo, redo, delete, undelete, duplicate, import, export. */
@RestController
@RequestMapping("/api/pieces")
class PieceController {
    private final PieceStore store;
    private final Reader reader;
    private final TrayRows rows;
    private final Imports imports;

    PieceController(PieceStore store, Reader reader, TrayRows rows, Imports imports) {
        this.store = store;
        this.reader = reader;
        this.rows = rows;
        this.imports = imports;
    }

    /** The pieces on the tray, all of them or a page; the answer has a tag by which an unchanged tray is not sent again. */
    @GetMapping
    ResponseEntity<List<TrayPiece>> tray(
            @RequestParam(defaultValue = "0") int from,
            @RequestParam(defaultValue = "100000") int most,
            WebRequest request) {
        if (from < 0 || most < 1) {
            throw new BadInput(from < 0 ? "from" : "most", from < 0 ? from : most, "must be 0 or more, most 1 or more");
        }
        String tag = "W/\"" + rows.model() + "-" + store.state() + "-" + from + "-" + most + "\"";
        if (request.checkNotModified(tag)) {
            return null;
        }
        TrayPage tray = rows.rows(from, most);
        return (tray.isWhole() ? ResponseEntity.ok().eTag(tag) : ResponseEntity.ok())
                .cacheControl(CacheControl.noCache())
                .body(tray);
    }

    /** What lies in the bin, the last put in first. */
    @GetMapping("/bin")
    List<BinPiece> bin() {
        return store.bin().stream()
                .map(k -> new BinPiece(
                        k.row().id(), TrayRows.name(k.document()), k.row().changedAt()))
                .toList();
    }

    /** Empties the bin for good; its pieces and their history are gone. */
    @DeleteMapping("/bin")
    Emptied emptyBin() {
        return new Emptied(store.emptyBin());
    }

    /**
     * A piece in the bin.
     *
     * @param id its name in the store
     * @param name what it is called
     * @param deletedAt when it was put in
     */
    record BinPiece(
            @Term("its name in the store") String id,
            @Term("what it is called") String name,
            @Term("when it was put in, ISO 8601") String deletedAt) {}

    /** @param pieces how many are gone */
    record Emptied(@Term("how many are gone") int pieces) {}

    /** Keeps a new piece; this is import, too. */
    @PostMapping
    ResponseEntity<KeptPiece> create(@RequestBody Piece piece) {
        return answer(HttpStatus.CREATED, store.create(text(piece)));
    }

    /** A piece. */
    @GetMapping("/{id}")
    ResponseEntity<KeptPiece> read(@PathVariable String id) {
        return answer(HttpStatus.OK, store.read(id));
    }

    /** Replaces a piece that stands at the version of If-Match. */
    @PutMapping("/{id}")
    ResponseEntity<KeptPiece> replace(
            @PathVariable String id,
            @RequestHeader(name = HttpHeaders.IF_MATCH, required = false) String match,
            @RequestBody Piece piece) {
        long version = version(match)
                .orElseThrow(() -> new BadInput(
                        HttpHeaders.IF_MATCH, "missing", "must be the version that the change started from"));
        try {
            return answer(HttpStatus.OK, store.replace(id, version, text(piece)));
        } catch (PieceStore.Stale stale) {
            throw new Problems.StaleChange(stale, piece);
        }
    }

    /** Goes one revision back. */
    @PostMapping("/{id}/undo")
    ResponseEntity<KeptPiece> undo(
            @PathVariable String id, @RequestHeader(name = HttpHeaders.IF_MATCH, required = false) String match) {
        return answer(HttpStatus.OK, store.undo(id, version(match)));
    }

    /** Goes one revision forward again. */
    @PostMapping("/{id}/redo")
    ResponseEntity<KeptPiece> redo(
            @PathVariable String id, @RequestHeader(name = HttpHeaders.IF_MATCH, required = false) String match) {
        return answer(HttpStatus.OK, store.redo(id, version(match)));
    }

    /** Puts a piece into the bin. */
    @DeleteMapping("/{id}")
    ResponseEntity<Void> delete(@PathVariable String id) {
        store.delete(id);
        return ResponseEntity.noContent().build();
    }

    /** Takes a piece out of the bin. */
    @PostMapping("/{id}/undelete")
    ResponseEntity<KeptPiece> undelete(@PathVariable String id) {
        return answer(HttpStatus.OK, store.undelete(id));
    }

    /** Keeps a copy. */
    @PostMapping("/{id}/duplicate")
    ResponseEntity<KeptPiece> duplicate(@PathVariable String id) {
        Piece piece = KeptPiece.of(store.read(id), reader).document();
        String name = piece.name() + ", copy";
        return answer(
                HttpStatus.CREATED, store.create(text(piece.withName(name.length() > 120 ? piece.name() : name))));
    }

    /** The document as a file; as it was kept where it can no longer be read. */
    @GetMapping("/{id}/export")
    ResponseEntity<byte[]> export(@PathVariable String id) {
        Files.Named named = named(store.read(id));
        return file(named.body(), MediaType.APPLICATION_JSON, named.name() + Files.ENDING);
    }

    /** Several documents as an archive; every piece on the tray where none is named. */
    @GetMapping("/export")
    ResponseEntity<byte[]> exportAll(@RequestParam(defaultValue = "") List<String> ids) {
        List<PieceStore.Kept> kept =
                ids.isEmpty() ? store.all() : ids.stream().map(store::read).toList();
        byte[] archive = Files.archive(kept.stream().map(this::named).toList());
        return file(archive, MediaType.valueOf("application/zip"), "Etui pieces.zip");
    }

    private Files.Named named(PieceStore.Kept kept) {
        try {
            Piece piece = KeptPiece.of(kept, reader).document();
            return new Files.Named(piece.name(), Files.write(piece));
        } catch (BadInput damaged) {
            return new Files.Named(
                    TrayRows.name(kept.document()), kept.document().getBytes(StandardCharsets.UTF_8));
        }
    }

    /** Keeps every document of a file, one {@code *.etui.json} or a ZIP archive of them, and says what of it is none. */
    @PostMapping(
            path = "/import",
            consumes = {MediaType.APPLICATION_JSON_VALUE, "application/zip"})
    ResponseEntity<Imports.Imported> importFile(
            @RequestBody byte[] file, @RequestParam(defaultValue = "both") String existing) {
        Imports.Existing then = PlanController.word("existing", existing, Imports.Existing.values());
        return ResponseEntity.status(HttpStatus.CREATED).body(imports.take(file, then));
    }

    private static ResponseEntity<byte[]> file(byte[] body, MediaType type, String name) {
        return ResponseEntity.ok()
                .contentType(type)
                .header(HttpHeaders.CONTENT_DISPOSITION, attachment(name))
                .body(body);
    }

    static String attachment(String name) {
        return ContentDisposition.attachment()
                .filename(name, StandardCharsets.UTF_8)
                .build()
                .toString();
    }

    private static String text(Piece piece) {
        PieceChecks.require(piece);
        return Json.MAPPER.writeValueAsString(piece);
    }

    static Optional<Long> version(String match) {
        if (match == null) {
            return Optional.empty();
        }
        String digits = match.replaceAll("^(W/)?\"?|\"$", "");
        if (!digits.matches("\\d{1,15}")) {
            throw new BadInput(HttpHeaders.IF_MATCH, match, "must be a version, a whole number");
        }
        return Optional.of(Long.parseLong(digits));
    }

    private ResponseEntity<KeptPiece> answer(HttpStatus status, PieceStore.Kept kept) {
        return ResponseEntity.status(status)
                .eTag("\"" + kept.row().version() + "\"")
                .body(KeptPiece.of(kept, reader));
    }
}
