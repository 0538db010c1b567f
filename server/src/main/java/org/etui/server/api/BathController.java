package org.etui.server.api;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import org.etui.core.check.BadInput;
import org.etui.core.check.Term;
import org.etui.core.colour.BathLog;
import org.etui.core.colour.BathRecord;
import org.etui.core.metal.Metal;
import org.etui.core.piece.Colour;
import org.etui.core.piece.Piece;
import org.etui.core.plan.PlanOptions;
import org.etui.core.plan.Planner;
import org.etui.server.contract.Reader;
import org.etui.server.store.DocumentStore;
import org.etui.server.store.PieceStore;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Baths that pieces share, and what came out of them. */
@RestController
@RequestMapping("/api/bath")
class BathController extends KeptController<BathLog, BathController.KeptBaths> {
    /** More than that no dish holds. */
    private static final int MOST = 60;

    private final PieceStore pieces;
    private final Reader reader;
    private final Watch watch;

    BathController(Baths kept, PieceStore pieces, Reader reader, Watch watch) {
        super(kept);
        this.pieces = pieces;
        this.reader = reader;
        this.watch = watch;
    }

    /**
     * What came out of the maker's own baths, as kept.
     *
     * @param version counts every change
     * @param canUndo whether there is something to undo
     * @param canRedo whether there is something to redo
     * @param records in the order in which they were kept
     */
    record KeptBaths(
            @Term("counts every change") long version,
            @Term("whether there is something to undo") boolean canUndo,
            @Term("whether there is something to redo") boolean canRedo,

            @Term("in the order in which they were kept") List<BathRecord> records) {}

    @Override
    KeptBaths answer(DocumentStore.Kept standing, BathLog now) {
        return new KeptBaths(standing.row().version(), standing.canUndo(), standing.canRedo(), now.records());
    }

    /**
     * A piece that waits for a bath.
     *
     * @param id its name in the store
     * @param name what it is called
     * @param metals its metals that take colour, that of the first strand first
     * @param colour the bath that it is planned for
     * @param surfaceMm2 surface of its wires
     */
    record Dipped(
            @Term("its name in the store") String id,
            @Term("what it is called") String name,

            @Term("its metals that take colour, that of the first strand first")
            List<Metal> metals,

            @Term("the bath that it is planned for") Colour colour,
            @Term("surface of its wires, mm²") double surfaceMm2) {}

    /** The pieces on the tray that are planned to be darkened, the first sixty of them. */
    @GetMapping("/pieces")
    List<Dipped> dipped() {
        return watch.many(() -> pieces.all().stream()
                .filter(k -> k.document().contains("\"colour\""))
                .flatMap(k -> dipped(k).stream())
                .limit(MOST)
                .toList());
    }

    /** One that cannot be read or planned keeps no other out of the bath. */
    private Optional<Dipped> dipped(DocumentStore.Kept kept) {
        try {
            Piece piece = reader.read(kept.document().getBytes(StandardCharsets.UTF_8), Piece.class);
            List<Metal> metals = piece.strands().stream()
                    .map(s -> s.wire().metal())
                    .filter(m -> m.sulfide() != Metal.Sulfide.NONE)
                    .distinct()
                    .toList();
            return piece.colour()
                    .filter(c -> !metals.isEmpty())
                    .map(c -> new Dipped(
                            kept.row().id(),
                            piece.name(),
                            metals,
                            c,
                            Planner.plan(piece, PlanOptions.USUAL).totals().surfaceMm2()));
        } catch (BadInput bad) {
            return Optional.empty();
        }
    }
}
