package org.etui.server.api;

import org.etui.core.check.BadInput;
import org.etui.server.store.DocumentStore;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;

/**
 * Something that the bench has one of: read, replace, undo, redo.
 *
 * @param <T> what is kept
 * @param <A> how it is answered
 */
abstract class KeptController<T, A> {
    private final Kept<T> kept;

    KeptController(Kept<T> kept) {
        this.kept = kept;
    }

    /** What is answered. */
    abstract A answer(DocumentStore.Kept standing, T now);

    /** What stands. */
    @GetMapping
    ResponseEntity<A> read() {
        return tagged(kept.standing());
    }

    /** Replaces what stands at the version of If-Match. */
    @PutMapping
    ResponseEntity<A> replace(
            @RequestHeader(name = HttpHeaders.IF_MATCH, required = false) String match, @RequestBody T next) {
        long version = PieceController.version(match)
                .orElseThrow(() -> new BadInput(
                        HttpHeaders.IF_MATCH, "missing", "must be the version that the change started from"));
        return tagged(kept.replace(version, next));
    }

    /** Goes one change back. */
    @PostMapping("/undo")
    ResponseEntity<A> undo() {
        return tagged(kept.undo());
    }

    /** Goes one change forward again. */
    @PostMapping("/redo")
    ResponseEntity<A> redo() {
        return tagged(kept.redo());
    }

    private ResponseEntity<A> tagged(DocumentStore.Kept standing) {
        return ResponseEntity.ok()
                .eTag("\"" + standing.row().version() + "\"")
                .body(answer(standing, kept.read(standing.document())));
    }
}
