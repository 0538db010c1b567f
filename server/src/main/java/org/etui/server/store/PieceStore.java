package org.etui.server.store;

import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Keeps pieces. Every change is a new revision whose parent is the one it started from; undo moves the head to the
 * parent, redo to the newest child. Reads stay outside transactions, which take the write lock at once.
 */
@Service
public class PieceStore {
    private final PieceMapper mapper;
    private final Clock clock;

    /** @param clock tells the time of changes */
    public PieceStore(PieceMapper mapper, Clock clock) {
        this.mapper = mapper;
        this.clock = clock;
    }

    /**
     * A piece as it stands.
     *
     * @param row the piece
     * @param document its document as JSON
     * @param canUndo whether there is something to undo
     * @param canRedo whether there is something to redo
     */
    public record Kept(PieceRow row, String document, boolean canUndo, boolean canRedo) {}

    /** No piece of that name. */
    public static final class Unknown extends RuntimeException {
        private static final long serialVersionUID = 1L;

        Unknown(String id) {
            super("There is no piece " + id + ".");
        }
    }

    /** A change that started from another version than the one that stands. */
    public static final class Stale extends RuntimeException {
        private static final long serialVersionUID = 1L;
        private final transient Kept standing;

        Stale(Kept standing, long asked) {
            super("The change started from version " + asked + ", but version "
                    + standing.row().version() + " stands.");
            this.standing = standing;
        }

        /** What stands. */
        public Kept standing() {
            return standing;
        }
    }

    /** Every piece on the tray. */
    public List<Kept> tray() {
        return mapper.tray().stream().map(this::kept).toList();
    }

    /** Whether nothing was ever kept. */
    public boolean isEmpty() {
        return mapper.count() == 0;
    }

    /** @throws Unknown if there is none, or it lies in the bin */
    public Kept read(String id) {
        return kept(mapper.piece(id).filter(row -> !row.deleted()).orElseThrow(() -> new Unknown(id)));
    }

    /** Keeps a new piece. */
    @Transactional
    public Kept create(String document) {
        String id = UUID.randomUUID().toString();
        mapper.insertPiece(id, now());
        mapper.setHead(id, addRevision(id, null, document));
        return read(id);
    }

    /**
     * Replaces the document; the same document again changes nothing.
     *
     * @throws Unknown if there is no such piece
     * @throws Stale if another version stands
     */
    @Transactional
    public Kept replace(String id, long version, String document) {
        Kept standing = read(id);
        requireVersion(standing, version);
        if (standing.document().equals(document)) {
            return standing;
        }
        return move(standing, addRevision(id, standing.row().head(), document));
    }

    /**
     * Goes back to the revision before.
     *
     * @param version the version it starts from; empty: whatever stands
     */
    @Transactional
    public Kept undo(String id, Optional<Long> version) {
        Kept standing = read(id);
        version.ifPresent(v -> requireVersion(standing, v));
        long parent = mapper.revision(standing.row().head()).parent();
        return parent == 0 ? standing : move(standing, parent);
    }

    /**
     * Goes forward again to the newest revision that came from this one.
     *
     * @param version the version it starts from; empty: whatever stands
     */
    @Transactional
    public Kept redo(String id, Optional<Long> version) {
        Kept standing = read(id);
        version.ifPresent(v -> requireVersion(standing, v));
        return mapper.newestChild(standing.row().head())
                .map(child -> move(standing, child))
                .orElse(standing);
    }

    /** Puts a piece into the bin. */
    @Transactional
    public void delete(String id) {
        read(id);
        mapper.setDeleted(id, true, now());
    }

    /** Takes a piece out of the bin. */
    @Transactional
    public Kept undelete(String id) {
        if (mapper.setDeleted(id, false, now()) == 0) {
            throw new Unknown(id);
        }
        return read(id);
    }

    private void requireVersion(Kept standing, long version) {
        if (standing.row().version() != version) {
            throw new Stale(standing, version);
        }
    }

    private Kept move(Kept standing, long head) {
        String id = standing.row().id();
        long version = standing.row().version();
        if (mapper.moveHead(id, version, head, now()) != 1) {
            throw new Stale(read(id), version);
        }
        return read(id);
    }

    private long addRevision(String id, Long parent, String document) {
        mapper.insertRevision(id, parent, document, now());
        return mapper.lastRevision();
    }

    private Kept kept(PieceRow row) {
        RevisionRow revision = mapper.revision(row.head());
        boolean canRedo = mapper.newestChild(row.head()).isPresent();
        return new Kept(row, revision.document(), revision.parent() != 0, canRedo);
    }

    private String now() {
        return clock.instant().toString();
    }
}
