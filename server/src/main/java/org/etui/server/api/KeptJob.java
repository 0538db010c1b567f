package org.etui.server.api;

import java.nio.charset.StandardCharsets;
import org.etui.core.check.Term;
import org.etui.core.job.Job;
import org.etui.server.contract.Reader;
import org.etui.server.store.DocumentStore;

/**
 * A kept job as it stands.
 *
 * @param id its name in the store
 * @param version counts every change
 * @param changedAt when it changed last
 * @param canUndo whether there is something to undo
 * @param canRedo whether there is something to redo
 * @param document the job
 */
record KeptJob(
        @Term("its name in the store") String id,
        @Term("counts every change") long version,
        @Term("when it changed last, ISO 8601") String changedAt,
        @Term("whether there is something to undo") boolean canUndo,
        @Term("whether there is something to redo") boolean canRedo,
        @Term("the job") Job document) {

    static KeptJob of(DocumentStore.Kept kept, Reader reader) {
        Job job = reader.read(kept.document().getBytes(StandardCharsets.UTF_8), Job.class);
        return new KeptJob(
                kept.row().id(), kept.row().version(), kept.row().changedAt(), kept.canUndo(), kept.canRedo(), job);
    }
}
