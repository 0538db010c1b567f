package org.etui.server.api;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import org.etui.core.check.BadInput;
import org.etui.core.check.Violation;
import org.etui.core.job.Job;
import org.etui.core.piece.Piece;
import org.etui.core.plan.Drawing;
import org.etui.core.plan.Plan;
import org.etui.core.plan.PlanOptions;
import org.etui.core.plan.Planner;
import org.etui.server.contract.Reader;
import org.etui.server.store.DocumentStore;
import org.etui.server.store.JobStore;
import org.etui.server.store.PieceStore;
import org.springframework.stereotype.Component;

/** Jobs with their pieces: what a job comes to follows its piece as it stands. */
@Component
class Jobs {
    private final JobStore jobs;
    private final PieceStore pieces;
    private final Reader reader;

    Jobs(JobStore jobs, PieceStore pieces, Reader reader) {
        this.jobs = jobs;
        this.pieces = pieces;
        this.reader = reader;
    }

    /**
     * The whole job as one document.
     *
     * @throws DocumentStore.Unknown if there is no such job, or its piece is off the tray
     */
    Piece piece(String id) {
        return piece(job(jobs.read(id)));
    }

    private Piece piece(Job job) {
        return job.asPiece(one(job));
    }

    private Piece one(Job job) {
        return reader.read(pieces.read(job.piece()).document().getBytes(StandardCharsets.UTF_8), Piece.class);
    }

    private Job job(DocumentStore.Kept kept) {
        return reader.read(kept.document().getBytes(StandardCharsets.UTF_8), Job.class);
    }

    /** @throws BadInput where the piece is not on the tray, or a size cannot be made */
    void require(Job job) {
        job.require();
        try {
            piece(job);
        } catch (DocumentStore.Unknown unknown) {
            throw new BadInput(List.of(new Violation("piece", job.piece(), "must be the name of a piece on the tray")));
        }
    }

    JobRow row(DocumentStore.Kept kept) {
        Job job = job(kept);
        try {
            Piece one = one(job);
            Plan plan = Planner.plan(job.asPiece(one), PlanOptions.USUAL);
            return new JobRow(
                    kept.row().id(),
                    job.name(),
                    kept.row().version(),
                    job.due(),
                    job.piece(),
                    one.name(),
                    job.quantity(),
                    job.lines().size(),
                    plan.strands().stream().mapToInt(Plan.StrandPlan::count).sum(),
                    plan.steps().size(),
                    plan.totals().handsOnMinutes(),
                    Optional.of(plan.totals()),
                    Drawing.of(plan),
                    Optional.empty());
        } catch (BadInput | DocumentStore.Unknown wrong) {
            String says = wrong instanceof BadInput ? wrong.getMessage() : "Its piece is off the tray.";
            return new JobRow(
                    kept.row().id(),
                    job.name(),
                    kept.row().version(),
                    job.due(),
                    job.piece(),
                    "",
                    job.quantity(),
                    job.lines().size(),
                    0,
                    0,
                    0,
                    Optional.empty(),
                    List.of(),
                    Optional.of(says));
        }
    }
}
