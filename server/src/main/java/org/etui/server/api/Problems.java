package org.etui.server.api;

import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.List;
import java.util.Optional;
import org.etui.core.check.BadInput;
import org.etui.core.check.Term;
import org.etui.core.check.Violation;
import org.etui.core.job.Job;
import org.etui.core.piece.Piece;
import org.etui.server.contract.Json;
import org.etui.server.contract.Reader;
import org.etui.server.store.Backup;
import org.etui.server.store.DocumentStore;
import org.etui.server.store.RackStore;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.transaction.TransactionException;
import org.springframework.web.ErrorResponse;
import org.springframework.web.bind.MissingServletRequestParameterException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.async.AsyncRequestNotUsableException;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;

/** Answers every error with a problem document (RFC 9457), all bad fields at once. */
@RestControllerAdvice
class Problems {
    private static final Logger LOG = LoggerFactory.getLogger(Problems.class);
    private final Reader reader;

    Problems(Reader reader) {
        this.reader = reader;
    }

    /**
     * A problem document.
     *
     * @param type always about:blank: the status says the kind
     * @param title the kind in words
     * @param status HTTP status
     * @param detail what is the matter
     * @param violations every bad field
     * @param standing the version that stands, where a change was stale
     * @param yours the document that was refused, where a change was stale
     * @param standingJob the same of a job
     * @param yourJob the same of a job
     */
    @JsonInclude(JsonInclude.Include.NON_ABSENT)
    record Problem(
            @Term("always about:blank") String type,
            @Term("the kind in words") String title,
            @Term("HTTP status") int status,
            @Term("what is the matter") String detail,
            @Term("every bad field") List<Violation> violations,

            @Term("the piece that stands, where a change was stale")
            Optional<KeptPiece> standing,

            @Term("the document that was refused, where a change was stale")
            Optional<Piece> yours,

            @Term("the job that stands, where a change was stale")
            Optional<KeptJob> standingJob,

            @Term("the job that was refused, where a change was stale")
            Optional<Job> yourJob) {}

    static ResponseEntity<Problem> answer(HttpStatus status, String detail, List<Violation> violations) {
        return answer(new Problem(
                "about:blank",
                status.getReasonPhrase(),
                status.value(),
                detail,
                violations,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty()));
    }

    private static ResponseEntity<Problem> answer(Problem problem) {
        return ResponseEntity.status(problem.status())
                .contentType(MediaType.APPLICATION_PROBLEM_JSON)
                .body(problem);
    }

    /** A change of a piece that started from another version. */
    static final class StaleChange extends RuntimeException {
        private static final long serialVersionUID = 1L;
        private final transient DocumentStore.Stale stale;
        private final transient Piece yours;

        StaleChange(DocumentStore.Stale stale, Piece yours) {
            super(stale);
            this.stale = stale;
            this.yours = yours;
        }
    }

    /** A change of a job that started from another version. */
    static final class StaleJob extends RuntimeException {
        private static final long serialVersionUID = 1L;
        private final transient DocumentStore.Stale stale;
        private final transient Job yours;

        StaleJob(DocumentStore.Stale stale, Job yours) {
            super(stale);
            this.stale = stale;
            this.yours = yours;
        }
    }

    @ExceptionHandler
    ResponseEntity<Problem> bad(BadInput bad) {
        String fields =
                bad.violations().size() == 1 ? "One field is" : bad.violations().size() + " fields are";
        return answer(HttpStatus.BAD_REQUEST, fields + " not as allowed: " + bad.getMessage(), bad.violations());
    }

    @ExceptionHandler
    ResponseEntity<Problem> unknown(DocumentStore.Unknown unknown) {
        return answer(HttpStatus.NOT_FOUND, unknown.getMessage(), List.of());
    }

    @ExceptionHandler
    ResponseEntity<Problem> stale(StaleChange change) {
        return conflict(change.stale, Optional.of(change.yours), Optional.empty());
    }

    @ExceptionHandler
    ResponseEntity<Problem> stale(StaleJob change) {
        return conflict(change.stale, Optional.empty(), Optional.of(change.yours));
    }

    @ExceptionHandler
    ResponseEntity<Problem> stale(DocumentStore.Stale stale) {
        return conflict(stale, Optional.empty(), Optional.empty());
    }

    private ResponseEntity<Problem> conflict(DocumentStore.Stale stale, Optional<Piece> piece, Optional<Job> job) {
        boolean isPiece = stale.kind().equals("piece");
        boolean isJob = stale.kind().equals("job");
        return answer(new Problem(
                "about:blank",
                HttpStatus.CONFLICT.getReasonPhrase(),
                HttpStatus.CONFLICT.value(),
                stale.getMessage(),
                List.of(),
                isPiece ? Optional.of(KeptPiece.of(stale.standing(), reader)) : Optional.empty(),
                piece,
                isJob ? Optional.of(KeptJob.of(stale.standing(), reader)) : Optional.empty(),
                job));
    }

    /** The rack was changed in between, perhaps in another window. */
    @ExceptionHandler
    ResponseEntity<Problem> stale(RackStore.Stale stale) {
        return answer(HttpStatus.CONFLICT, stale.getMessage(), List.of());
    }

    /** A backup that cannot be put back here. */
    @ExceptionHandler
    ResponseEntity<Problem> refused(Backup.Refused refused) {
        return answer(HttpStatus.CONFLICT, refused.getMessage(), List.of());
    }

    @ExceptionHandler
    ResponseEntity<Problem> asks(Imports.Asks asks) {
        return answer(HttpStatus.CONFLICT, asks.getMessage(), asks.there());
    }

    /** Work that took too long, or that its asker took back. */
    @ExceptionHandler
    ResponseEntity<Problem> stopped(Watch.CutOff cut) {
        return answer(
                HttpStatus.BAD_REQUEST,
                cut.getMessage(),
                List.of(new Violation(
                        "strands", "more work than " + cut.most(), "must be planned within " + cut.most())));
    }

    /** The disk or the database says no: what is wrong with it, and that nothing was changed. */
    @ExceptionHandler
    ResponseEntity<Problem> unkept(DataAccessException failed) {
        return kept(failed);
    }

    /** The same where a change did not even begin. */
    @ExceptionHandler
    ResponseEntity<Problem> unkept(TransactionException failed) {
        return kept(failed);
    }

    private static ResponseEntity<Problem> kept(Exception failed) {
        LOG.error("the store refused", failed);
        return StoreTrouble.of(failed)
                .map(t -> answer(t.status(), t.words(), List.of()))
                .orElseGet(() -> answer(
                        HttpStatus.INTERNAL_SERVER_ERROR,
                        "Something went wrong here; nothing was changed.",
                        List.of()));
    }

    @ExceptionHandler
    ResponseEntity<Problem> large(RecordConverter.TooLarge large) {
        String limit = "must be at most " + large.most() + " bytes";
        return answer(
                HttpStatus.CONTENT_TOO_LARGE,
                "The body " + limit + ".",
                List.of(new Violation("body", "larger", limit)));
    }

    @ExceptionHandler
    ResponseEntity<Problem> mistyped(MethodArgumentTypeMismatchException mistyped) {
        return answer(
                HttpStatus.BAD_REQUEST,
                mistyped.getName() + " cannot be read.",
                List.of(new Violation(
                        mistyped.getName(), String.valueOf(mistyped.getValue()), "must be a " + simple(mistyped))));
    }

    private static String simple(MethodArgumentTypeMismatchException mistyped) {
        Class<?> type = mistyped.getRequiredType();
        if (type != null && type.isEnum()) {
            return String.join(
                    ", ",
                    java.util.Arrays.stream(type.getEnumConstants())
                            .map(c -> org.etui.core.check.Word.of((Enum<?>) c))
                            .toList());
        }
        return "number";
    }

    @ExceptionHandler
    ResponseEntity<Problem> missing(MissingServletRequestParameterException missing) {
        return answer(
                HttpStatus.BAD_REQUEST,
                missing.getParameterName() + " is missing.",
                List.of(new Violation(missing.getParameterName(), "missing", "must be given")));
    }

    @ExceptionHandler
    ResponseEntity<Problem> unreadable(HttpMessageNotReadableException unreadable) {
        return answer(
                HttpStatus.BAD_REQUEST,
                "The body cannot be read.",
                List.of(new Violation("body", "missing or broken", "must be a JSON document")));
    }

    /** Whoever asked has gone: nothing is left to answer. */
    @ExceptionHandler
    void gone(AsyncRequestNotUsableException gone) {
        LOG.debug("the asker has gone", gone);
    }

    @ExceptionHandler
    ResponseEntity<Problem> other(Exception other) {
        if (other instanceof ErrorResponse response) {
            HttpStatus status = HttpStatus.valueOf(response.getStatusCode().value());
            String detail = response.getBody().getDetail();
            return answer(status, detail == null ? status.getReasonPhrase() : detail, List.of());
        }
        LOG.error("unexpected", other);
        return answer(HttpStatus.INTERNAL_SERVER_ERROR, "Something went wrong here; nothing was changed.", List.of());
    }

    /** Writes a problem outside of a controller. */
    static byte[] bytes(HttpStatus status, String detail) {
        return Json.MAPPER.writeValueAsBytes(answer(status, detail, List.of()).getBody());
    }
}
