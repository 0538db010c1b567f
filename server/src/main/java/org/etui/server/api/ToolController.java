package org.etui.server.api;

import java.util.List;
import org.etui.core.check.BadInput;
import org.etui.core.check.Term;
import org.etui.core.tool.OwnedTool;
import org.etui.core.tool.Toolbox;
import org.etui.server.store.KeptStore;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The tools that the maker owns: read, replace, undo, redo. */
@RestController
@RequestMapping("/api/tools")
class ToolController {
    private final Tools tools;

    ToolController(Tools tools) {
        this.tools = tools;
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

    /** The tools owned; a short set to begin with. */
    @GetMapping
    ResponseEntity<KeptTools> read() {
        return answer(tools.standing());
    }

    /** Replaces the tools that stand at the version of If-Match. */
    @PutMapping
    ResponseEntity<KeptTools> replace(
            @RequestHeader(name = HttpHeaders.IF_MATCH, required = false) String match, @RequestBody Toolbox box) {
        long version = PieceController.version(match)
                .orElseThrow(() -> new BadInput(
                        HttpHeaders.IF_MATCH, "missing", "must be the version that the change started from"));
        return answer(tools.replace(version, box));
    }

    /** Goes one change back. */
    @PostMapping("/undo")
    ResponseEntity<KeptTools> undo() {
        return answer(tools.undo());
    }

    /** Goes one change forward again. */
    @PostMapping("/redo")
    ResponseEntity<KeptTools> redo() {
        return answer(tools.redo());
    }

    private ResponseEntity<KeptTools> answer(KeptStore.Standing standing) {
        return ResponseEntity.ok()
                .eTag("\"" + standing.version() + "\"")
                .body(new KeptTools(
                        standing.version(),
                        standing.canUndo(),
                        standing.canRedo(),
                        tools.read(standing.document()).tools()));
    }
}
