package org.etui.server.store;

import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;

/** Keeps the rows of the tray with the revisions that they show: a revision never changes, only the model that reads it does. */
@Service
public class TrayStore {
    private final TrayMapper mapper;

    /** Over the tables of the store. */
    public TrayStore(TrayMapper mapper) {
        this.mapper = mapper;
    }

    /**
     * A row as it was kept.
     *
     * @param version the version of the piece that it was made for
     * @param document the row as JSON
     */
    public record Row(long version, String document) {}

    /**
     * Pieces in their order.
     *
     * @param from how many come before
     * @param most how many at most
     */
    public List<DocumentRow> lying(long from, long most) {
        return mapper.lying(from, most);
    }

    /** The row of a revision; empty where this build of the model has not made one. */
    public Optional<Row> row(long revision, String model) {
        return mapper.row(revision, model);
    }

    /** The document of a revision, as JSON. */
    public String document(long revision) {
        return mapper.document(revision);
    }

    /** Keeps a row that was worked out by a build of the model. */
    public void keep(long revision, String model, Row row) {
        mapper.put(revision, row.version(), model, row.document());
    }
}
