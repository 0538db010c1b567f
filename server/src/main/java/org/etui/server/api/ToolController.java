package org.etui.server.api;

import java.util.List;
import org.etui.core.check.Term;
import org.etui.core.tool.OwnedTool;
import org.etui.core.tool.Toolbox;
import org.etui.server.store.DocumentStore;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The tools that the maker owns. */
@RestController
@RequestMapping("/api/tools")
class ToolController extends KeptController<Toolbox, ToolController.KeptTools> {
    ToolController(Tools kept) {
        super(kept);
    }

    /**
     * The tools as kept.
     *
     * @param version counts every change
     * @param canUndo whether there is something to undo
     * @param canRedo whether there is something to redo
     * @param tools the tools
     */
    record KeptTools(
            @Term("counts every change") long version,
            @Term("whether there is something to undo") boolean canUndo,
            @Term("whether there is something to redo") boolean canRedo,
            @Term("the tools") List<OwnedTool> tools) {}

    @Override
    KeptTools answer(DocumentStore.Kept standing, Toolbox now) {
        return new KeptTools(standing.row().version(), standing.canUndo(), standing.canRedo(), now.tools());
    }
}
