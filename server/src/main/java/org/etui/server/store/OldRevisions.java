package org.etui.server.store;

import java.time.Clock;
import java.time.temporal.ChronoUnit;
import java.util.List;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/**
 * Thins the history, or it grows by every keystroke of every year: of the last {@value #EVERY_DAYS} days every change stays; of days before that the
 * last change of each day does, and always what stands. Undo then goes back from day to day. Nothing that stands is
 * ever taken away.
 */
@Component
public class OldRevisions {
    /** So many days back every change stays. */
    static final int EVERY_DAYS = 30;

    /** So many at a time: others wait for the write lock no longer than they would for a change. */
    private static final int AT_ONCE = 500;

    private final DocumentMapper mapper;
    private final Clock clock;

    OldRevisions(DocumentMapper mapper, Clock clock) {
        this.mapper = mapper;
        this.clock = clock;
    }

    /**
     * Takes some of the old ones away; what came from them comes from what they came from.
     *
     * @return whether there are more
     */
    @Transactional
    public boolean thin() {
        String before = clock.instant().minus(EVERY_DAYS, ChronoUnit.DAYS).toString();
        List<Long> old = mapper.oldRevisions(before, AT_ONCE);
        for (long revision : old) {
            mapper.passOver(revision);
            mapper.deleteRevision(revision);
        }
        return old.size() == AT_ONCE;
    }
}
