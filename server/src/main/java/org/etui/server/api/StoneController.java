package org.etui.server.api;

import java.util.List;
import org.etui.core.check.Term;
import org.etui.core.piece.KeptStone;
import org.etui.core.piece.Solid;
import org.etui.core.piece.StoneDrawer;
import org.etui.core.plan.SolidSeen;
import org.etui.server.store.DocumentStore;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The stones that the maker has. */
@RestController
@RequestMapping("/api/stones")
class StoneController extends KeptController<StoneDrawer, StoneController.KeptStones> {
    StoneController(Stones kept) {
        super(kept);
    }

    /**
     * The stones as kept.
     *
     * @param version counts every change
     * @param canUndo whether there is something to undo
     * @param canRedo whether there is something to redo
     * @param stones the stones
     * @param drawn how each looks: a crystal from its side, all others from the front
     */
    record KeptStones(
            @Term("counts every change") long version,
            @Term("whether there is something to undo") boolean canUndo,
            @Term("whether there is something to redo") boolean canRedo,
            @Term("the stones") List<KeptStone> stones,

            @Term("how each looks: a crystal from its side, all others from the front")
            List<DrawnStone> drawn) {}

    /**
     * How a stone looks: a crystal from its side, all others from the front.
     *
     * @param way once round it about its middle: across and up, mm
     * @param massG about how much it weighs, g
     */
    record DrawnStone(
            @Term("once round it about its middle: across and up, mm")
            List<double[]> way,

            @Term("about how much it weighs, g") double massG) {
        static DrawnStone of(KeptStone stone) {
            return new DrawnStone(SolidSeen.byItself(stone), new Solid(stone.body()).massG(stone.material()));
        }
    }

    @Override
    KeptStones answer(DocumentStore.Kept standing, StoneDrawer now) {
        return new KeptStones(
                standing.row().version(),
                standing.canUndo(),
                standing.canRedo(),
                now.stones(),
                now.stones().stream().map(DrawnStone::of).toList());
    }
}
