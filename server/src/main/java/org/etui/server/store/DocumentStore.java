package org.etui.server.store;

import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.transaction.annotation.Transactional;

/**
 * Keeps documents of one kind. Every change is a new revision whose parent is the one it started from; undo moves the head to the
 * parent, redo to the newest child. Reads stay outside transactions, which take the write lock at once.
 */
public abstract class DocumentStore {
    private final DocumentMapper mapper;
    private final Clock clock;
    private final String kind;

    /**
     * A store of a kind.
     *
     * @param clock tells the time of changes
     * @param kind the word for what is kept
     */
    DocumentStore(DocumentMapper mapper, Clock clock, String kind) {
        this.mapper = mapper;
        this.clock = clock;
        this.kind = kind;
    }

    /**
     * A document as it stands.
     *
     * @param row what is kept of it
     * @param document its document as JSON
     * @param canUndo whether there is something to undo
     * @param canRedo whether there is something to redo
     */
    public record Kept(DocumentRow row, String document, boolean canUndo, boolean canRedo) {}

    /** No document of that name. */
    public static final class Unknown extends RuntimeException {
        private static final long serialVersionUID = 1L;

        Unknown(String kind, String id) {
            super("There is no " + kind + " " + id + ".");
        }
    }

    /** A change that started from another version than the one that stands. */
    public static final class Stale extends RuntimeException {
        private static final long serialVersionUID = 1L;
        private final transient Kept standing;
        private final String kind;

        Stale(String kind, Kept standing, long asked) {
            super("The change started from version " + asked + ", but version "
                    + standing.row().version() + " stands.");
            this.standing = standing;
            this.kind = kind;
        }

        /** The word for what is kept. */
        public String kind() {
            return kind;
        }

        /** What stands. */
        public Kept standing() {
            return standing;
        }
    }

    /** Everything that is not in the bin, in its order. */
    public List<Kept> all() {
        return mapper.all(kind).stream().map(this::kept).toList();
    }

    /** What lies in the bin, the last put in first. */
    public List<Kept> bin() {
        return mapper.bin(kind).stream().map(this::kept).toList();
    }

    /** Changes whenever anything that is not in the bin does. */
    public String state() {
        return mapper.state(kind);
    }

    /** Whether nothing was ever kept. */
    public boolean isEmpty() {
        return mapper.count(kind) == 0;
    }

    /** Whether there is a document of that name, in the bin or not. */
    final boolean isKept(String id) {
        return mapper.document(kind, id).isPresent();
    }

    /** @throws Unknown if there is none, or it lies in the bin */
    public Kept read(String id) {
        return kept(mapper.document(kind, id).filter(row -> !row.deleted()).orElseThrow(() -> new Unknown(kind, id)));
    }

    /** Keeps a new document. */
    @Transactional
    public Kept create(String document) {
        return create(UUID.randomUUID().toString(), mapper.lastPosition(), document);
    }

    final Kept create(String id, long position, String document) {
        mapper.insertDocument(kind, id, position, now());
        mapper.setHead(id, addRevision(id, null, document));
        return read(id);
    }

    /** Keeps several new documents, or none of them. */
    @Transactional
    public List<Kept> createAll(List<String> documents) {
        return documents.stream().map(this::create).toList();
    }

    /**
     * Replaces the document; the same document again changes nothing.
     *
     * @throws Unknown if there is no such document
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

    /** Puts a document into the bin. */
    @Transactional
    public void delete(String id) {
        read(id);
        mapper.setDeleted(kind, id, true, now());
    }

    /** Takes a document out of the bin. */
    @Transactional
    public Kept undelete(String id) {
        if (mapper.setDeleted(kind, id, false, now()) == 0) {
            throw new Unknown(kind, id);
        }
        return read(id);
    }

    /** Deletes for good what lies in the bin; returns how much that was. */
    @Transactional
    public int emptyBin() {
        mapper.emptyBinOfRevisions(kind);
        return mapper.emptyBin(kind);
    }

    private void requireVersion(Kept standing, long version) {
        if (standing.row().version() != version) {
            throw new Stale(kind, standing, version);
        }
    }

    private Kept move(Kept standing, long head) {
        String id = standing.row().id();
        long version = standing.row().version();
        if (mapper.moveHead(id, version, head, now()) != 1) {
            throw new Stale(kind, read(id), version);
        }
        return read(id);
    }

    private long addRevision(String id, Long parent, String document) {
        mapper.insertRevision(id, parent, document, now());
        return mapper.lastRevision();
    }

    private Kept kept(DocumentRow row) {
        RevisionRow revision = mapper.revision(row.head());
        boolean canRedo = mapper.newestChild(row.head()).isPresent();
        return new Kept(row, revision.document(), revision.parent() != 0, canRedo);
    }

    private String now() {
        return clock.instant().toString();
    }
}
