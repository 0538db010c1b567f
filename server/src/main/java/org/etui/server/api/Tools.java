package org.etui.server.api;

import org.etui.core.tool.Toolbox;
import org.etui.server.contract.Reader;
import org.etui.server.store.BenchStore;
import org.springframework.stereotype.Component;

/** The tools owned as kept; the starter set until the first change. */
@Component
class Tools extends Kept<Toolbox> {
    Tools(BenchStore store, Reader reader) {
        super(store, reader, "tools", Toolbox.class, Toolbox.STARTER, Toolbox::require);
    }
}
