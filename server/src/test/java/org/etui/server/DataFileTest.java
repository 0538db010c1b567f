package org.etui.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import java.util.stream.Stream;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A data file is looked at before it is opened; what is wrong with it is said in one line with what to do. */
class DataFileTest {
    @TempDir
    private Path folder;

    private DataFile file() {
        return new DataFile(folder, Clock.fixed(Instant.parse("2026-03-01T10:00:00Z"), ZoneOffset.UTC));
    }

    private Path path() {
        return folder.resolve(DataFile.NAME);
    }

    private void migrate(String target) {
        Flyway.configure()
                .dataSource("jdbc:sqlite:" + path() + "?foreign_keys=on", null, null)
                .locations("classpath:db/migration")
                .target(target)
                .load()
                .migrate();
    }

    private void sql(String... statements) throws SQLException {
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + path())) {
            for (String statement : statements) {
                connection.createStatement().execute(statement);
            }
        }
    }

    private List<String> names() throws IOException {
        try (Stream<Path> files = Files.list(folder)) {
            return files.map(p -> p.getFileName().toString()).sorted().toList();
        }
    }

    @Test
    void noFileAndAWholeOne_serve() throws IOException {
        assertThatCode(() -> file().check()).doesNotThrowAnyException();
        migrate(String.valueOf(DataFile.NEWEST));
        assertThatCode(() -> file().check()).doesNotThrowAnyException();
        assertThat(names()).containsExactly(DataFile.NAME);
    }

    @Test
    void emptyFile_isRecognised() throws IOException {
        Files.createFile(path());

        assertThatThrownBy(() -> file().check())
                .isInstanceOf(DataFile.Unusable.class)
                .hasMessageContaining("is empty")
                .hasMessageContaining("begin anew");
    }

    @Test
    void damagedFile_isRecognised_andTheCopyBesideItIsNamed() throws IOException {
        migrate(String.valueOf(DataFile.NEWEST));
        byte[] bytes = Files.readAllBytes(path());
        for (int i = 4096; i < bytes.length; i += 7) {
            bytes[i] = (byte) i;
        }
        Files.write(path(), bytes);
        Files.createFile(folder.resolve("etui-tables-3-2026-02-01-090000.db"));

        assertThatThrownBy(() -> file().check())
                .isInstanceOf(DataFile.Unusable.class)
                .hasMessageContaining("damaged")
                .hasMessageContaining("etui-tables-3-2026-02-01-090000.db");
        Files.writeString(path(), "no data file at all, only words", StandardCharsets.UTF_8);
        assertThatThrownBy(() -> file().check()).hasMessageContaining("no data file of Etui");
    }

    @Test
    void newerTables_areRefused() throws SQLException {
        migrate(String.valueOf(DataFile.NEWEST));
        sql("update flyway_schema_history set version = '" + (DataFile.NEWEST + 1) + "' where version = '"
                + DataFile.NEWEST + "'");

        assertThatThrownBy(() -> file().check()).hasMessageContaining("written by a newer Etui");
    }

    @Test
    void fileOfAnotherProgram_isLeftAlone() throws SQLException {
        sql("create table songs (name text)");

        assertThatThrownBy(() -> file().check()).hasMessageContaining("belongs to another program");
    }

    /** Before tables are changed a whole copy lies beside, under the number that they had; after it the tools and pieces are all there. */
    @Test
    void olderTables_areCopiedFirst_andMoveIntoOneStore() throws Exception {
        migrate("3");
        sql(
                "insert into document (id, version, head, position, created_at, changed_at, kind) "
                        + "values ('p', 2, 2, 1, 'then', 'then', 'piece')",
                "insert into document_revision (document_id, parent, document, created_at) "
                        + "values ('p', null, 'first', 'then'), ('p', 1, 'second', 'then')",
                "insert into kept (name, version, head) values ('tools', 3, 3)",
                "insert into kept_revision (name, parent, document, created_at) values "
                        + "('tools', null, 'a', 'then'), ('tools', 1, 'b', 'then'), ('tools', 2, 'c', 'then')");
        file().check();
        assertThat(names()).contains("etui-tables-3-" + stamp() + ".db");

        migrate(String.valueOf(DataFile.NEWEST));
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + path())) {
            var rows = connection
                    .createStatement()
                    .executeQuery("select d.id, d.kind, d.version, r.document, p.document as before from document d "
                            + "join document_revision r on r.id = d.head "
                            + "left join document_revision p on p.id = r.parent order by d.id");
            rows.next();
            assertThat(List.of(
                            rows.getString(1), rows.getString(2), rows.getInt(3), rows.getString(4), rows.getString(5)))
                    .containsExactly("p", "piece", 2, "second", "first");
            rows.next();
            assertThat(List.of(
                            rows.getString(1), rows.getString(2), rows.getInt(3), rows.getString(4), rows.getString(5)))
                    .containsExactly("tools", "bench", 3, "c", "b");
        }
    }

    private static String stamp() {
        return java.time.LocalDateTime.ofInstant(
                        Instant.parse("2026-03-01T10:00:00Z"), java.time.ZoneId.systemDefault())
                .format(java.time.format.DateTimeFormatter.ofPattern("yyyy-MM-dd-HHmmss"));
    }

    @Test
    void folderOfOurs_isKeptToOneself_aForeignOneStaysAsItIs() throws IOException {
        Path ours = folder.resolve("new/data");
        DataFile.keepToOneself(ours);
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(ours)))
                .isEqualTo("rwx------");

        Path shared = Files.createDirectory(folder.resolve("shared"));
        Files.setPosixFilePermissions(shared, PosixFilePermissions.fromString("rwxr-xr-x"));
        Files.createFile(shared.resolve("photo.jpg"));
        DataFile.keepToOneself(shared);
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(shared)))
                .isEqualTo("rwxr-xr-x");
    }

    @Test
    void portThatIsNoneOrTaken_isSaidInOneLine() throws IOException {
        assertThatThrownBy(() -> DataFile.requirePort("99999")).hasMessageContaining("from 0 to 65535, was 99999");
        assertThatThrownBy(() -> DataFile.requirePort("http")).hasMessageContaining("was http");
        try (ServerSocket other = new ServerSocket(0, 1, InetAddress.getLoopbackAddress())) {
            assertThatThrownBy(() -> DataFile.requirePort(String.valueOf(other.getLocalPort())))
                    .hasMessageContaining("taken by another program")
                    .hasMessageContaining("--port");
        }
        assertThatCode(() -> DataFile.requirePort("0")).doesNotThrowAnyException();
    }
}
