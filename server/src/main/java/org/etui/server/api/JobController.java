package org.etui.server.api;

import java.util.List;
import org.etui.core.check.BadInput;
import org.etui.core.job.Job;
import org.etui.core.job.JobFile;
import org.etui.core.piece.Piece;
import org.etui.server.contract.Json;
import org.etui.server.contract.Reader;
import org.etui.server.store.DocumentStore;
import org.etui.server.store.JobStore;
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
import org.springframework.web.bind.annotation.RestController;

/** Kept jobs: list, create, read, replace, undo, redo, delete, undelete; the whole job as one piece document. */
@RestController
@RequestMapping("/api/jobs")
class JobController {
    private static final String ENDING = ".etui-job.json";
    private final JobStore store;
    private final Jobs jobs;
    private final Reader reader;

    JobController(JobStore store, Jobs jobs, Reader reader) {
        this.store = store;
        this.jobs = jobs;
        this.reader = reader;
    }

    /** Every job. */
    @GetMapping
    List<JobRow> list() {
        return store.all().stream().map(jobs::row).toList();
    }

    /** Keeps a new job. */
    @PostMapping
    ResponseEntity<KeptJob> create(@RequestBody Job job) {
        return answer(HttpStatus.CREATED, store.create(text(job)));
    }

    /** A job. */
    @GetMapping("/{id}")
    ResponseEntity<KeptJob> read(@PathVariable String id) {
        return answer(HttpStatus.OK, store.read(id));
    }

    /** All pieces of a job as one document, to be planned like any other. */
    @GetMapping("/{id}/piece")
    Piece piece(@PathVariable String id) {
        return jobs.piece(id);
    }

    /** Replaces a job that stands at the version of If-Match. */
    @PutMapping("/{id}")
    ResponseEntity<KeptJob> replace(
            @PathVariable String id,
            @RequestHeader(name = HttpHeaders.IF_MATCH, required = false) String match,
            @RequestBody Job job) {
        long version = PieceController.version(match)
                .orElseThrow(() -> new BadInput(
                        HttpHeaders.IF_MATCH, "missing", "must be the version that the change started from"));
        try {
            return answer(HttpStatus.OK, store.replace(id, version, text(job)));
        } catch (DocumentStore.Stale stale) {
            throw new Problems.StaleJob(stale, job);
        }
    }

    /** Goes one revision back. */
    @PostMapping("/{id}/undo")
    ResponseEntity<KeptJob> undo(
            @PathVariable String id, @RequestHeader(name = HttpHeaders.IF_MATCH, required = false) String match) {
        return answer(HttpStatus.OK, store.undo(id, PieceController.version(match)));
    }

    /** Goes one revision forward again. */
    @PostMapping("/{id}/redo")
    ResponseEntity<KeptJob> redo(
            @PathVariable String id, @RequestHeader(name = HttpHeaders.IF_MATCH, required = false) String match) {
        return answer(HttpStatus.OK, store.redo(id, PieceController.version(match)));
    }

    /** Puts a job into the bin. */
    @DeleteMapping("/{id}")
    ResponseEntity<Void> delete(@PathVariable String id) {
        store.delete(id);
        return ResponseEntity.noContent().build();
    }

    /** Takes a job out of the bin. */
    @PostMapping("/{id}/undelete")
    ResponseEntity<KeptJob> undelete(@PathVariable String id) {
        return answer(HttpStatus.OK, store.undelete(id));
    }

    /** What lies in the bin, the last put in first. */
    @GetMapping("/bin")
    List<PieceController.BinPiece> bin() {
        return store.bin().stream()
                .map(k -> new PieceController.BinPiece(
                        k.row().id(), TrayRows.name(k.document()), k.row().changedAt()))
                .toList();
    }

    /** Empties the bin for good. */
    @DeleteMapping("/bin")
    PieceController.Emptied emptyBin() {
        return new PieceController.Emptied(store.emptyBin());
    }

    /** The job with its piece as a file. */
    @GetMapping("/{id}/export")
    ResponseEntity<byte[]> export(@PathVariable String id) {
        JobFile file = jobs.file(id);
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_JSON)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        PieceController.attachment(file.job().name() + ENDING))
                .body(Files.write(file));
    }

    /** Keeps a job out of a file; its piece is kept, too, where the tray has none like it. */
    @PostMapping("/import")
    ResponseEntity<KeptJob> importFile(@RequestBody JobFile file) {
        return answer(HttpStatus.CREATED, jobs.take(file));
    }

    private String text(Job job) {
        jobs.require(job);
        return Json.MAPPER.writeValueAsString(job);
    }

    private ResponseEntity<KeptJob> answer(HttpStatus status, DocumentStore.Kept kept) {
        return ResponseEntity.status(status)
                .eTag("\"" + kept.row().version() + "\"")
                .body(KeptJob.of(kept, reader));
    }
}
