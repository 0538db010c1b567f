package org.etui.server.store;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Everything that is kept, row by row, and back into an empty store. */
@Service
public class Backup {
    private static final int PAGE = 200;
    private final BackupMapper mapper;

    /** @param mapper rows as they are */
    public Backup(BackupMapper mapper) {
        this.mapper = mapper;
    }

    /** What is kept; rows of the tray are worked out again. */
    public enum Table {
        /** What has revisions, and where each stands. */
        DOCUMENT(1, "id", "kind", "version", "head", "position", "deleted", "created_at", "changed_at"),
        /** Every revision. */
        DOCUMENT_REVISION(1, "id", "document_id", "parent", "document", "created_at"),
        /** Where bench cards stand. */
        CARD_PROGRESS(1, "subject", "document", "changed_at"),
        /** What happened to the rack. */
        RACK_ENTRY(1, "number", "document", "created_at"),
        /** What really happened. */
        LOG_ENTRY(2, "number", "document", "taken_back", "created_at"),
        /** Photographs of what was made. */
        PHOTOGRAPH(2, "number", "subject", "document", "taken_back", "created_at");

        private final int since;
        private final List<String> columns;

        Table(int since, String... columns) {
            this.since = since;
            this.columns = List.of(columns);
        }

        /** The version of backups from which on it is in them. */
        public int since() {
            return since;
        }

        /** Its name, in the store and in a file. */
        public String word() {
            return name().toLowerCase(java.util.Locale.ROOT);
        }
    }

    /** What does not fit together or lies there already. */
    public static final class Refused extends RuntimeException {
        private static final long serialVersionUID = 1L;

        Refused(String words) {
            super(words);
        }
    }

    /** Whether nothing of the maker's own is kept. */
    public boolean isEmpty() {
        return mapper.own() == 0;
    }

    /** Hands on everything as it is at one moment. */
    @Transactional
    public void snapshot(Consumer<Rows> use) {
        use.accept(this::each);
    }

    private void each(Table table, Consumer<Map<String, Object>> row) {
        long after = 0;
        List<Map<String, Object>> page;
        do {
            page = mapper.rows(table.word(), after, PAGE);
            for (Map<String, Object> each : page) {
                after = ((Number) each.get("rowid")).longValue();
                Map<String, Object> plain = new LinkedHashMap<>();
                for (String column : table.columns) {
                    if (each.get(column) != null) {
                        plain.put(column, each.get(column));
                    }
                }
                row.accept(plain);
            }
        } while (page.size() == PAGE);
    }

    /** Rows of a table. */
    public interface Rows {
        /** Hands on every row of a table, in order. */
        void each(Table table, Consumer<Map<String, Object>> row);
    }

    /**
     * Puts everything back, or nothing of it.
     *
     * @throws Refused if something lies here already, or the rows do not hang together
     */
    @Transactional
    public void restore(Rows rows) {
        if (!isEmpty()) {
            throw new Refused(
                    "There is something here already; a backup goes into an empty folder only: start Etui with"
                            + " --data and a new folder.");
        }
        mapper.clearRevisions();
        mapper.clearDocuments();
        try {
            for (Table table : Table.values()) {
                rows.each(table, row -> put(table, row));
            }
        } catch (DataIntegrityViolationException loose) {
            throw new Refused("A row of the backup lacks something or belongs to nothing: it is damaged.");
        }
        long loose = mapper.loose();
        if (loose > 0) {
            throw new Refused(loose + " rows of the backup do not hang together: it is damaged.");
        }
    }

    private void put(Table table, Map<String, Object> row) {
        for (String column : row.keySet()) {
            if (!table.columns.contains(column)) {
                throw new Refused("The backup has a column " + column + " in " + table.word()
                        + ", which this Etui does not know.");
            }
        }
        mapper.put(table.word(), row);
    }
}
