package org.etui.server.api;

import org.etui.core.check.Term;
import org.etui.core.log.Hand;
import org.etui.core.piece.Piece;
import org.etui.core.plan.PlanOptions;
import org.etui.core.plan.Planner;
import org.etui.core.price.PriceSheet;
import org.etui.core.stock.Prices;
import org.etui.server.store.DocumentStore;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What wire costs. */
@RestController
@RequestMapping("/api/prices")
class PriceController extends KeptController<Prices, PriceController.KeptPrices> {
    PriceController(PriceList kept) {
        super(kept);
    }

    /**
     * The prices as kept.
     *
     * @param version counts every change
     * @param canUndo whether there is something to undo
     * @param canRedo whether there is something to redo
     * @param prices the prices
     */
    record KeptPrices(
            @Term("counts every change") long version,
            @Term("whether there is something to undo") boolean canUndo,
            @Term("whether there is something to redo") boolean canRedo,
            @Term("the prices") Prices prices) {}

    @Override
    KeptPrices answer(DocumentStore.Kept standing, Prices now) {
        return new KeptPrices(standing.row().version(), standing.canUndo(), standing.canRedo(), now);
    }

    /** A size of something that is sold: all its pieces planned. */
    static PriceSheet.Size size(String label, int quantity, Piece pieces, Hand hand) {
        return new PriceSheet.Size(label, quantity, pieces, Planner.plan(pieces, PlanOptions.figures(hand)));
    }
}
