package org.etui.server.api;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import org.etui.core.stock.Entry;
import org.etui.core.stock.Rack;
import org.etui.server.contract.Json;
import org.etui.server.contract.Reader;
import org.etui.server.store.RackRow;
import org.etui.server.store.RackStore;
import org.springframework.stereotype.Component;

/** The entries of the rack, read once, and what they come to. */
@Component
class RackBook {
    private final RackStore store;
    private final Reader reader;
    private final List<Rack.Booked> entries = new ArrayList<>();
    private Rack rack = Rack.EMPTY;

    RackBook(RackStore store, Reader reader) {
        this.store = store;
        this.reader = reader;
    }

    /** What is on the rack now. */
    synchronized Rack now() {
        List<RackRow> more = store.after(rack.version());
        if (!more.isEmpty()) {
            more.forEach(row -> entries.add(new Rack.Booked(
                    row.number(),
                    row.createdAt(),
                    reader.read(row.document().getBytes(StandardCharsets.UTF_8), Entry.class))));
            rack = Rack.of(entries);
        }
        return rack;
    }

    /** Every entry, in order. */
    synchronized List<Rack.Booked> entries() {
        now();
        return List.copyOf(entries);
    }

    /**
     * Books an entry.
     *
     * @param version number of the last entry that its writer knew
     */
    synchronized Rack book(long version, Entry entry) {
        if (now().version() == version) {
            Rack.require(entries, entry);
        }
        store.add(version, Json.MAPPER.writeValueAsString(entry));
        return now();
    }
}
