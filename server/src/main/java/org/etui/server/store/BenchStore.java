package org.etui.server.store;

import java.time.Clock;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps what the bench has one of, such as its tools: documents under names of their own. */
@Service
public class BenchStore extends DocumentStore {
    /** @param clock tells the time of changes */
    public BenchStore(DocumentMapper mapper, Clock clock) {
        super(mapper, clock, "bench");
    }

    /** What stands under a name; empty where nothing was ever kept. */
    public Optional<Kept> find(String name) {
        return isKept(name) ? Optional.of(read(name)) : Optional.empty();
    }

    /** Keeps the first revision under a name. */
    @Transactional
    public Kept create(String name, String document) {
        return create(name, 0, document);
    }
}
