package org.etui.core.job;

import org.etui.core.check.Check;
import org.etui.core.check.Term;
import org.etui.core.piece.Piece;

/**
 * A job as a file: the job and the piece that it makes, so that it can be opened where neither is.
 *
 * @param format always etui-job-file
 * @param version always 1
 * @param job the job; the piece that it names is the one beside it
 * @param piece the piece
 */
public record JobFile(
        @Term("always etui-job-file") JobFileFormat format,
        @Term(value = "always 1", from = 1, to = 1) int version,

        @Term("the job; the piece that it names is the one beside it")
        Job job,

        @Term("the piece") Piece piece) {

    /** What a job file says it is. */
    public enum JobFileFormat {
        /** The only one. */
        ETUI_JOB_FILE
    }

    /** @throws IllegalArgumentException if the version is unknown */
    public JobFile {
        Check.that(version == 1, () -> "version must be 1, was " + version);
    }

    /** A job with its piece. */
    public static JobFile of(Job job, Piece piece) {
        return new JobFile(JobFileFormat.ETUI_JOB_FILE, 1, job, piece);
    }
}
