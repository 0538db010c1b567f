package org.etui.server.store;

import java.time.Clock;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps what really happened: facts are added, and at most marked as taken back. */
@Service
public class LogStore {
    private final LogMapper mapper;
    private final Clock clock;

    /** @param clock tells the time of facts */
    public LogStore(LogMapper mapper, Clock clock) {
        this.mapper = mapper;
        this.clock = clock;
    }

    /** Facts behind a number, in order. */
    public List<LogRow> after(long number) {
        return mapper.after(number);
    }

    /** Adds facts, all or none. */
    @Transactional
    public void add(List<String> documents) {
        String now = clock.instant().toString();
        documents.forEach(document -> mapper.add(document, now));
    }

    /**
     * Takes a fact back, or takes that back.
     *
     * @throws DocumentStore.Unknown if there is none of that number
     */
    @Transactional
    public void takeBack(long number, boolean back) {
        if (mapper.takeBack(number, back) == 0) {
            throw new DocumentStore.Unknown("fact", Long.toString(number));
        }
    }
}
