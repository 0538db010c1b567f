package org.etui.server.api;

import java.nio.charset.StandardCharsets;
import org.etui.core.tool.Toolbox;
import org.etui.server.contract.Json;
import org.etui.server.contract.Reader;
import org.etui.server.store.KeptStore;
import org.springframework.stereotype.Component;

/** The tools owned as kept; the starter set until the first change. */
@Component
class Tools {
    private static final String NAME = "tools";
    private final KeptStore store;
    private final Reader reader;

    Tools(KeptStore store, Reader reader) {
        this.store = store;
        this.reader = reader;
    }

    /** What stands; the starter set is kept at the first asking. */
    synchronized KeptStore.Standing standing() {
        return store.read(NAME).orElseGet(() -> store.create(NAME, Json.MAPPER.writeValueAsString(Toolbox.STARTER)));
    }

    Toolbox owned() {
        return store.read(NAME).map(s -> read(s.document())).orElse(Toolbox.STARTER);
    }

    Toolbox read(String document) {
        return reader.read(document.getBytes(StandardCharsets.UTF_8), Toolbox.class);
    }

    KeptStore.Standing replace(long version, Toolbox box) {
        standing();
        return store.replace(NAME, version, Json.MAPPER.writeValueAsString(box));
    }

    KeptStore.Standing undo() {
        standing();
        return store.undo(NAME);
    }

    KeptStore.Standing redo() {
        standing();
        return store.redo(NAME);
    }
}
