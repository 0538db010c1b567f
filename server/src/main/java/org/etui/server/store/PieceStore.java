package org.etui.server.store;

import java.time.Clock;
import org.springframework.stereotype.Service;

/** Keeps the pieces of the tray. */
@Service
public class PieceStore extends DocumentStore {
    /** @param clock tells the time of changes */
    public PieceStore(DocumentMapper mapper, Clock clock) {
        super(mapper, clock, "piece");
    }
}
