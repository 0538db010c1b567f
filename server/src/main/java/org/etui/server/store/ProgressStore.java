package org.etui.server.store;

import java.time.Clock;
import java.util.Optional;
import org.springframework.stereotype.Service;

/** Keeps where bench cards stand: the last only. */
@Service
public class ProgressStore {
    private final ProgressMapper mapper;
    private final Clock clock;

    /** @param clock tells the time of changes */
    public ProgressStore(ProgressMapper mapper, Clock clock) {
        this.mapper = mapper;
        this.clock = clock;
    }

    /** Where the card of a piece or job stands, as JSON; empty where it was never opened. */
    public Optional<String> read(String subject) {
        return mapper.document(subject);
    }

    /** Keeps where it stands. */
    public void write(String subject, String document) {
        mapper.put(subject, document, clock.instant().toString());
    }
}
