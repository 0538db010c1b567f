package org.etui.server.api;

import org.etui.core.stock.Prices;
import org.etui.server.contract.Reader;
import org.etui.server.store.BenchStore;
import org.springframework.stereotype.Component;

/** What wire costs as kept; invented prices until the first change. */
@Component
class PriceList extends Kept<Prices> {
    PriceList(BenchStore store, Reader reader) {
        super(store, reader, "prices", Prices.class, Prices.STARTER, Prices::require);
    }
}
