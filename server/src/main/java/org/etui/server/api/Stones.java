package org.etui.server.api;

import org.etui.core.piece.StoneDrawer;
import org.etui.server.contract.Reader;
import org.etui.server.store.BenchStore;
import org.springframework.stereotype.Component;

/** The drawer of stones as kept. */
@Component
class Stones extends Kept<StoneDrawer> {
    Stones(BenchStore store, Reader reader) {
        super(store, reader, "stones", StoneDrawer.class, StoneDrawer.EMPTY, StoneDrawer::require);
    }
}
