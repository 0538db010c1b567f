package org.etui.server.store;

import java.time.Clock;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps what the bench has one of, such as its tools: every change is a revision, undo and redo move along them. */
@Service
public class KeptStore {
    private final KeptMapper mapper;
    private final Clock clock;

    /** @param clock tells the time of changes */
    public KeptStore(KeptMapper mapper, Clock clock) {
        this.mapper = mapper;
        this.clock = clock;
    }

    /**
     * What stands.
     *
     * @param version counts every change, from 1
     * @param document as JSON
     * @param canUndo whether there is something to undo
     * @param canRedo whether there is something to redo
     */
    public record Standing(long version, String document, boolean canUndo, boolean canRedo) {}

    /** A change that started from another version than the one that stands. */
    public static final class Stale extends RuntimeException {
        private static final long serialVersionUID = 1L;

        Stale(String name, long standing, long asked) {
            super("The change of the " + name + " started from version " + asked + ", but version " + standing
                    + " stands. Read them again.");
        }
    }

    /** What stands under a name; empty where nothing was ever kept. */
    public Optional<Standing> read(String name) {
        return mapper.row(name).map(this::standing);
    }

    /** Keeps the first revision. */
    @Transactional
    public Standing create(String name, String document) {
        mapper.insert(name);
        return move(name, 0, add(name, null, document));
    }

    /**
     * Replaces the document; the same document again changes nothing.
     *
     * @throws Stale if another version stands
     */
    @Transactional
    public Standing replace(String name, long version, String document) {
        KeptMapper.Row row = mapper.row(name).orElseThrow();
        if (mapper.revision(row.head()).document().equals(document) && row.version() == version) {
            return standing(row);
        }
        return move(name, version, add(name, row.head(), document));
    }

    /** Goes back to the revision before. */
    @Transactional
    public Standing undo(String name) {
        KeptMapper.Row row = mapper.row(name).orElseThrow();
        long parent = mapper.revision(row.head()).parent();
        return parent == 0 ? standing(row) : move(name, row.version(), parent);
    }

    /** Goes forward again to the newest revision that came from this one. */
    @Transactional
    public Standing redo(String name) {
        KeptMapper.Row row = mapper.row(name).orElseThrow();
        return mapper.newestChild(row.head())
                .map(child -> move(name, row.version(), child))
                .orElse(standing(row));
    }

    private Standing move(String name, long version, long head) {
        if (mapper.moveHead(name, version, head) != 1) {
            throw new Stale(name, mapper.row(name).orElseThrow().version(), version);
        }
        return standing(mapper.row(name).orElseThrow());
    }

    private long add(String name, Long parent, String document) {
        mapper.insertRevision(name, parent, document, clock.instant().toString());
        return mapper.lastRevision();
    }

    private Standing standing(KeptMapper.Row row) {
        RevisionRow revision = mapper.revision(row.head());
        boolean canRedo = mapper.newestChild(row.head()).isPresent();
        return new Standing(row.version(), revision.document(), revision.parent() != 0, canRedo);
    }
}
