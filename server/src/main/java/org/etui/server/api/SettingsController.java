package org.etui.server.api;

import org.etui.core.check.Term;
import org.etui.server.store.DocumentStore;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** How the maker wants to work. */
@RestController
@RequestMapping("/api/settings")
class SettingsController extends KeptController<Settings, SettingsController.KeptSettings> {
    SettingsController(SettingsList kept) {
        super(kept);
    }

    /**
     * The settings as kept.
     *
     * @param version counts every change
     * @param canUndo whether there is something to undo
     * @param canRedo whether there is something to redo
     * @param settings the settings
     */
    record KeptSettings(
            @Term("counts every change") long version,
            @Term("whether there is something to undo") boolean canUndo,
            @Term("whether there is something to redo") boolean canRedo,
            @Term("the settings") Settings settings) {}

    @Override
    KeptSettings answer(DocumentStore.Kept standing, Settings now) {
        return new KeptSettings(standing.row().version(), standing.canUndo(), standing.canRedo(), now);
    }
}
