package org.etui.server.api;

import java.nio.charset.StandardCharsets;
import java.util.Optional;
import java.util.function.Consumer;
import org.etui.server.contract.Json;
import org.etui.server.contract.Reader;
import org.etui.server.store.BenchStore;
import org.etui.server.store.DocumentStore;

/**
 * Something that the bench has one of, as kept; what it begins with until the first change.
 *
 * @param <T> what is kept
 */
class Kept<T> {
    private final BenchStore store;
    private final Reader reader;
    private final String name;
    private final Class<T> type;
    private final T starter;
    private final Consumer<T> require;

    /**
     * Keeps something.
     *
     * @param name under which it is kept
     * @param starter what it begins with
     * @param require throws where it does not hold together
     */
    Kept(BenchStore store, Reader reader, String name, Class<T> type, T starter, Consumer<T> require) {
        this.store = store;
        this.reader = reader;
        this.name = name;
        this.type = type;
        this.starter = starter;
        this.require = require;
    }

    /** What stands; what it begins with is kept at the first asking. */
    synchronized DocumentStore.Kept standing() {
        return store.find(name).orElseGet(() -> store.create(name, Json.MAPPER.writeValueAsString(starter)));
    }

    T now() {
        return store.find(name).map(s -> read(s.document())).orElse(starter);
    }

    T read(String document) {
        return reader.read(document.getBytes(StandardCharsets.UTF_8), type);
    }

    DocumentStore.Kept replace(long version, T next) {
        require.accept(next);
        standing();
        return store.replace(name, version, Json.MAPPER.writeValueAsString(next));
    }

    DocumentStore.Kept undo() {
        standing();
        return store.undo(name, Optional.empty());
    }

    DocumentStore.Kept redo() {
        standing();
        return store.redo(name, Optional.empty());
    }
}
