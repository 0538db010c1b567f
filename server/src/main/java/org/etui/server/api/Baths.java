package org.etui.server.api;

import org.etui.core.colour.BathLog;
import org.etui.server.contract.Reader;
import org.etui.server.store.BenchStore;
import org.springframework.stereotype.Component;

/** What came out of the maker's own baths, as kept. */
@Component
class Baths extends Kept<BathLog> {
    Baths(BenchStore store, Reader reader) {
        super(store, reader, "baths", BathLog.class, BathLog.EMPTY, log -> {});
    }
}
