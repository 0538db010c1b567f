package org.etui.server.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.mock;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.sqlite.SQLiteDataSource;

class DailyCopyTest {
    @TempDir
    private Path folder;

    private SQLiteDataSource source() {
        SQLiteDataSource source = new SQLiteDataSource();
        source.setUrl("jdbc:sqlite:" + folder.resolve("etui.db"));
        return source;
    }

    private static void sql(String url, String words) throws SQLException {
        try (Connection connection = DriverManager.getConnection(url);
                Statement statement = connection.createStatement()) {
            statement.executeUpdate(words);
        }
    }

    private DailyCopy onDay(int day) {
        Instant at = Instant.parse("2026-11-01T09:00:00Z").plus(Duration.ofDays(day));
        return new DailyCopy(source(), mock(OldRevisions.class), folder.toString(), Clock.fixed(at, ZoneOffset.UTC));
    }

    private List<String> copies() throws IOException {
        try (Stream<Path> files = Files.list(folder.resolve("copies"))) {
            return files.map(f -> f.getFileName().toString()).sorted().toList();
        }
    }

    @Test
    void aCopyADay_isAWholeDataFile_andSevenAreKept() throws IOException, SQLException {
        String live = "jdbc:sqlite:" + folder.resolve("etui.db");
        sql(live, "create table piece (name text)");
        sql(live, "insert into piece values ('Hazel')");
        for (int day = 0; day < 9; day++) {
            onDay(day).copy();
        }
        assertThat(copies()).hasSize(7).first().isEqualTo("etui-2026-11-03.db");

        sql(live, "insert into piece values ('Medlar')");
        onDay(8).copy();
        String copy = "jdbc:sqlite:" + folder.resolve("copies/etui-2026-11-09.db");
        try (Connection connection = DriverManager.getConnection(copy);
                Statement statement = connection.createStatement();
                ResultSet names = statement.executeQuery("select group_concat(name) from piece")) {
            assertThat(names.getString(1))
                    .as("the day's copy stands as it was laid")
                    .isEqualTo("Hazel");
        }
    }

    @Test
    void whatElseLiesThere_isLeftAlone() throws IOException, SQLException {
        sql("jdbc:sqlite:" + folder.resolve("etui.db"), "create table piece (name text)");
        Files.createDirectories(folder.resolve("copies"));
        Files.writeString(folder.resolve("copies/before-the-fair.db"), "mine");
        for (int day = 0; day < 9; day++) {
            onDay(day).copy();
        }
        assertThat(copies()).hasSize(8).contains("before-the-fair.db");
    }
}
