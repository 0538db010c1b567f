package org.etui.server.api;

import org.etui.server.contract.Reader;
import org.etui.server.store.BenchStore;
import org.springframework.stereotype.Component;

/** The settings as kept; the usual ones until the first change. */
@Component
class SettingsList extends Kept<Settings> {
    SettingsList(BenchStore store, Reader reader) {
        super(
                store,
                reader,
                "settings",
                Settings.class,
                Settings.USUAL,
                s -> s.bench().week());
    }
}
