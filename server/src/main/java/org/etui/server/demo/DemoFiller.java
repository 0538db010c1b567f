package org.etui.server.demo;

import org.etui.server.contract.Json;
import org.etui.server.store.PieceStore;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/** Fills an empty folder with the hedgerow set, once. */
@Component
@ConditionalOnProperty(name = "etui.demo", havingValue = "true")
class DemoFiller implements ApplicationRunner {
    private final PieceStore store;

    DemoFiller(PieceStore store) {
        this.store = store;
    }

    @Override
    public void run(ApplicationArguments arguments) {
        if (store.isEmpty()) {
            Hedgerow.pieces().forEach(piece -> store.create(Json.MAPPER.writeValueAsString(piece)));
        }
    }
}
