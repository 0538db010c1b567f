package org.etui.server.api;

import java.sql.SQLException;
import java.util.Optional;
import org.springframework.http.HttpStatus;

/** What keeps the store from keeping, by SQLite's primary result code (sqlite.org, result codes). */
enum StoreTrouble {
    /** Another process holds the file. */
    BUSY(
            5,
            HttpStatus.SERVICE_UNAVAILABLE,
            "Another program holds the data file; nothing was changed. Close it and try again."),
    /** The file or its folder may not be written. */
    READ_ONLY(
            8,
            HttpStatus.INSUFFICIENT_STORAGE,
            "The data folder can only be read; nothing was changed. Make it writable."),
    /** The disk does not answer. */
    IO(
            10,
            HttpStatus.INSUFFICIENT_STORAGE,
            "The disk does not take what is written; nothing was changed. Look after the disk."),
    /** The file is damaged. */
    DAMAGED(
            11,
            HttpStatus.INSUFFICIENT_STORAGE,
            "The data file is damaged; nothing was changed. Close Etui and put a copy in its place."),
    /** The disk is full. */
    FULL(13, HttpStatus.INSUFFICIENT_STORAGE, "The disk is full; nothing was changed. Make room and try again."),
    /** The file is gone or cannot be opened. */
    GONE(
            14,
            HttpStatus.INSUFFICIENT_STORAGE,
            "The data file cannot be opened; nothing was changed. Look after its folder.");

    private final int code;
    private final HttpStatus status;
    private final String words;

    StoreTrouble(int code, HttpStatus status, String words) {
        this.code = code;
        this.status = status;
        this.words = words;
    }

    HttpStatus status() {
        return status;
    }

    String words() {
        return words;
    }

    /** What is behind a failure; empty where SQLite gave none of these codes. */
    static Optional<StoreTrouble> of(Throwable failed) {
        for (Throwable cause = failed; cause != null; cause = cause.getCause()) {
            if (cause instanceof SQLException sql) {
                for (StoreTrouble trouble : values()) {
                    // The low byte is the primary code, the rest tells more.
                    if ((sql.getErrorCode() & 0xff) == trouble.code) {
                        return Optional.of(trouble);
                    }
                }
            }
        }
        return Optional.empty();
    }
}
