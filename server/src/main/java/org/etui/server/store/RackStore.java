package org.etui.server.store;

import java.time.Clock;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps what happened to the rack: entries are added, each after the one that its writer knew as the last. */
@Service
public class RackStore {
    private final RackMapper mapper;
    private final Clock clock;

    /** @param clock tells the time of entries */
    public RackStore(RackMapper mapper, Clock clock) {
        this.mapper = mapper;
        this.clock = clock;
    }

    /** An entry that was written for another rack than the one that stands. */
    public static final class Stale extends RuntimeException {
        private static final long serialVersionUID = 1L;

        Stale(long asked, long standing) {
            super("The rack has changed since you looked (entry " + standing + " stands, yours follows " + asked
                    + "): look again, nothing was taken off.");
        }
    }

    /** Entries behind a number, in order. */
    public List<RackRow> after(long number) {
        return mapper.after(number);
    }

    /**
     * Adds an entry.
     *
     * @param version number of the last entry that its writer knew
     * @throws Stale if another stands
     */
    @Transactional
    public void add(long version, String document) {
        long last = mapper.last();
        if (last != version) {
            throw new Stale(version, last);
        }
        mapper.add(last + 1, document, clock.instant().toString());
    }
}
