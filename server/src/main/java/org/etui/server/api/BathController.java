package org.etui.server.api;

import java.nio.charset.StandardCharsets;
import java.util.List;
import org.etui.core.check.BadInput;
import org.etui.core.check.Term;
import org.etui.core.colour.BathLog;
import org.etui.core.colour.BathPlan;
import org.etui.core.colour.BathRecord;
import org.etui.core.metal.Metal;
import org.etui.core.piece.Colour;
import org.etui.core.piece.Dip;
import org.etui.core.piece.Part;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Strand;
import org.etui.core.plan.Plan;
import org.etui.core.plan.PlanOptions;
import org.etui.core.plan.Planner;
import org.etui.server.contract.Reader;
import org.etui.server.store.DocumentStore;
import org.etui.server.store.PieceStore;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
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
    private final Baths kept;

    BathController(Baths kept, PieceStore pieces, Reader reader, Watch watch) {
        super(kept);
        this.kept = kept;
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
     * What of a piece waits for a bath.
     *
     * @param id the piece's name in the store
     * @param name what the piece is called
     * @param of what of it goes in, by name; empty for all of it
     * @param metals its metals that take colour, that of the first strand first
     * @param colour the bath that it is planned for
     * @param surfaceMm2 surface of what goes in
     */
    record Dipped(
            @Term("the piece's name in the store") String id,
            @Term("what the piece is called") String name,

            @Term("what of it goes in, by name; empty for all of it")
            String of,

            @Term("its metals that take colour, that of the first strand first")
            List<Metal> metals,

            @Term("the bath that it is planned for") Colour colour,
            @Term("surface of what goes in, mm²") double surfaceMm2) {}

    /**
     * A bath that several share.
     *
     * @param bath what is in it
     * @param topUp whether it is brought back to its strength whenever it is down to half
     * @param in what goes in, all at once
     */
    record BathQuestion(
            @Term("what is in the bath") Colour.Recipe bath,

            @Term(value = "whether it is brought back to its strength whenever it is down to half", or = "false")
            boolean topUp,

            @Term(value = "what goes in, all at once", to = 200)
            List<BathPlan.In> in) {}

    /** When each is pulled as the bath tires, fitted to what came out of the maker's own. */
    @PostMapping("/plans")
    BathPlan plan(@RequestBody BathQuestion question) {
        BathLog own = kept.now();
        return watch.plan(() -> BathPlan.of(question.in(), question.bath(), question.topUp(), own));
    }

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
    private List<Dipped> dipped(DocumentStore.Kept kept) {
        try {
            Piece piece = reader.read(kept.document().getBytes(StandardCharsets.UTF_8), Piece.class);
            List<Dip> dips = Dip.of(piece);
            if (dips.isEmpty()) {
                return List.of();
            }
            Plan plan = Planner.plan(piece, PlanOptions.USUAL);
            return dips.stream()
                    .filter(d -> !d.metals().isEmpty())
                    .map(d -> new Dipped(
                            kept.row().id(),
                            piece.name(),
                            d.whole() ? "" : d.inWords(piece),
                            d.metals(),
                            d.colour(),
                            surfaceMm2(plan, d)))
                    .toList();
        } catch (BadInput bad) {
            return List.of();
        }
    }

    private static double surfaceMm2(Plan plan, Dip dip) {
        List<String> in = dip.strands().stream().map(Strand::id).toList();
        return plan.strands().stream()
                        .filter(s -> in.contains(s.id()))
                        .mapToDouble(s -> s.count() * s.amount().surfaceMm2())
                        .sum()
                + dip.parts().stream().mapToDouble(Part::surfaceMm2).sum();
    }
}
