package org.etui.server.store;

import static org.assertj.core.api.Assertions.assertThat;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javax.sql.DataSource;
import org.etui.server.ServerTest;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** The rule that is stated for the history: thirty days of every change, before that the last of each day, always what stands. */
@ServerTest
class OldRevisionsTest {
    @Autowired
    private DataSource source;

    @Autowired
    private JobStore store;

    @Autowired
    private OldRevisions old;

    private String kept(String... documents) {
        String id = store.create(documents[0]).row().id();
        for (int i = 1; i < documents.length; i++) {
            store.replace(id, i, documents[i]);
        }
        return id;
    }

    private void happened(String document, int daysAgo) throws SQLException {
        String at = Instant.now()
                .truncatedTo(ChronoUnit.DAYS)
                .minus(daysAgo, ChronoUnit.DAYS)
                .plus(9, ChronoUnit.HOURS)
                .toString();
        try (Connection connection = source.getConnection();
                PreparedStatement set =
                        connection.prepareStatement("update document_revision set created_at = ? where document = ?")) {
            set.setString(1, at);
            set.setString(2, document);
            assertThat(set.executeUpdate()).isEqualTo(1);
        }
    }

    private void thinAll() {
        while (old.thin()) {
            // goes on until no more are left
        }
    }

    /** What stands and, going back, what stood before. */
    private List<String> history(String id) {
        List<String> all = new ArrayList<>();
        DocumentStore.Kept standing = store.read(id);
        all.add(standing.document());
        while (standing.canUndo()) {
            standing = store.undo(id, Optional.empty());
            all.add(standing.document());
        }
        return all;
    }

    @Test
    void ofOldDays_theLastChangeStays_ofTheLastThirtyEveryOne() throws SQLException {
        String id = kept("t-a1", "t-a2", "t-a3", "t-b1", "t-b2", "t-c1", "t-c2");
        for (String first : List.of("t-a1", "t-a2", "t-a3")) {
            happened(first, 90);
        }
        happened("t-b1", 40);
        happened("t-b2", 40);
        happened("t-c1", 20);
        thinAll();
        assertThat(history(id)).containsExactly("t-c2", "t-c1", "t-b2", "t-a3");
        store.delete(id);
        store.emptyBin();
    }

    @Test
    void whatStands_stays_evenWhereLaterChangesOfThatDayWereUndone() throws SQLException {
        String id = kept("t-d1", "t-d2", "t-d3", "t-d4");
        store.undo(id, Optional.empty());
        store.undo(id, Optional.empty());
        for (String all : List.of("t-d1", "t-d2", "t-d3", "t-d4")) {
            happened(all, 50);
        }
        thinAll();
        assertThat(store.read(id).document()).isEqualTo("t-d2");
        assertThat(store.redo(id, Optional.empty()).document())
                .as("the last of the day")
                .isEqualTo("t-d4");
        assertThat(history(id)).containsExactly("t-d4", "t-d2");
        thinAll();
        assertThat(store.redo(id, Optional.empty()).document()).isEqualTo("t-d4");
        store.delete(id);
        store.emptyBin();
    }
}
