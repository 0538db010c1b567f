package org.etui.server.api;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.etui.core.check.BadInput;
import org.etui.core.check.Violation;
import org.etui.core.job.Job;
import org.etui.core.job.JobFile;
import org.etui.core.piece.Piece;
import org.etui.core.plan.Drawing;
import org.etui.core.plan.Plan;
import org.etui.core.plan.PlanOptions;
import org.etui.core.plan.Planner;
import org.etui.core.price.PriceSheet;
import org.etui.core.verify.PieceChecks;
import org.etui.server.contract.Json;
import org.etui.server.contract.Reader;
import org.etui.server.store.DocumentStore;
import org.etui.server.store.JobStore;
import org.etui.server.store.PieceStore;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Jobs with their pieces: what a job comes to follows its piece as it stands. */
@Component
class Jobs {
    private final JobStore jobs;
    private final PieceStore pieces;
    private final Reader reader;
    private final LogBook hand;
    private final Watch watch;

    Jobs(JobStore jobs, PieceStore pieces, Reader reader, LogBook hand, Watch watch) {
        this.jobs = jobs;
        this.pieces = pieces;
        this.reader = reader;
        this.hand = hand;
        this.watch = watch;
    }

    /**
     * The whole job as one document.
     *
     * @throws DocumentStore.Unknown if there is no such job, or its piece is off the tray
     */
    Piece piece(String id) {
        return piece(job(jobs.read(id)));
    }

    /**
     * The job's sizes, each with all its pieces planned.
     *
     * @throws DocumentStore.Unknown if there is no such job, or its piece is off the tray
     */
    List<PriceSheet.Size> sizes(String id) {
        Job job = job(jobs.read(id));
        List<Piece> sizes = job.asSizes(one(job));
        return IntStream.range(0, sizes.size())
                .mapToObj(i -> PriceController.size(
                        job.lines().get(i).label(), job.lines().get(i).quantity(), sizes.get(i), hand.used()))
                .toList();
    }

    /**
     * A job.
     *
     * @throws DocumentStore.Unknown if there is no such job
     */
    Job job(String id) {
        return job(jobs.read(id));
    }

    /**
     * The piece of a job as it stands.
     *
     * @throws DocumentStore.Unknown if there is no such job, or its piece is off the tray
     */
    Piece one(String id) {
        return one(job(id));
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

    /**
     * A job with its piece, to be written.
     *
     * @throws DocumentStore.Unknown if there is no such job, or its piece is off the tray
     */
    JobFile file(String id) {
        Job job = job(jobs.read(id));
        return JobFile.of(job, one(job));
    }

    /** Keeps a job that was read; its piece where there is none like it. */
    @Transactional
    public DocumentStore.Kept take(JobFile file) {
        PieceChecks.require(file.piece());
        String document = Json.MAPPER.writeValueAsString(file.piece());
        String piece = pieces.all().stream()
                .filter(k -> k.document().equals(document))
                .findFirst()
                .orElseGet(() -> pieces.create(document))
                .row()
                .id();
        Job job = file.job().of(piece);
        require(job);
        return jobs.create(Json.MAPPER.writeValueAsString(job));
    }

    /** A job that cannot be read or planned is a row that says why. */
    JobRow row(DocumentStore.Kept kept) {
        Job job;
        try {
            job = job(kept);
        } catch (BadInput damaged) {
            return new JobRow(
                    kept.row().id(),
                    TrayRows.name(kept.document()),
                    kept.row().version(),
                    Optional.empty(),
                    Optional.empty(),
                    "",
                    "",
                    0,
                    0,
                    0,
                    0,
                    0,
                    Optional.empty(),
                    List.of(),
                    Optional.of(damaged.getMessage()));
        }
        try {
            Piece one = one(job);
            Plan plan = watch.plan(() -> Planner.plan(job.asPiece(one), PlanOptions.USUAL.by(hand.used())));
            return new JobRow(
                    kept.row().id(),
                    job.name(),
                    kept.row().version(),
                    job.due(),
                    job.doneOn(),
                    job.piece(),
                    one.name(),
                    job.quantity(),
                    job.lines().size(),
                    plan.strands().stream().mapToInt(Plan.StrandPlan::count).sum(),
                    plan.steps().size(),
                    plan.totals().handsOnMinutes(),
                    Optional.of(plan.totals()),
                    Drawing.sketched(plan),
                    Optional.empty());
        } catch (BadInput | DocumentStore.Unknown | Watch.CutOff wrong) {
            String says = wrong instanceof DocumentStore.Unknown ? "Its piece is off the tray." : wrong.getMessage();
            return new JobRow(
                    kept.row().id(),
                    job.name(),
                    kept.row().version(),
                    job.due(),
                    job.doneOn(),
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
