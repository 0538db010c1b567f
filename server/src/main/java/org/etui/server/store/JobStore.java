package org.etui.server.store;

import java.time.Clock;
import org.springframework.stereotype.Service;

/** Keeps the jobs. */
@Service
public class JobStore extends DocumentStore {
    /** @param clock tells the time of changes */
    public JobStore(DocumentMapper mapper, Clock clock) {
        super(mapper, clock, "job");
    }
}
