package org.etui.server;

import java.io.IOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Clock;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.stream.Stream;

/**
 * Looks at the data file before anything is done with it: whether it can be read and written, whether it is whole, and whether
 * this Etui knows its tables. Before its tables are changed a copy is laid beside it.
 */
final class DataFile {
    static final String NAME = "etui.db";

    /** The newest tables that this Etui knows: the number of the last migration. */
    static final int NEWEST = 6;

    /** Larger files are checked for their head only, so that the start stays short. */
    private static final long MOST_CHECKED_BYTES = 200_000_000;

    private static final DateTimeFormatter STAMP = DateTimeFormatter.ofPattern("yyyy-MM-dd-HHmmss");

    private final Path file;
    private final Clock clock;

    /** @param folder where the data lies */
    DataFile(Path folder, Clock clock) {
        this.file = folder.resolve(NAME);
        this.clock = clock;
    }

    /** Why the application cannot start with this file, in one line, with what to do. */
    static final class Unusable extends Exception {
        private static final long serialVersionUID = 1L;

        Unusable(String message) {
            super(message);
        }
    }

    /**
     * Checks the file; there may be none yet.
     *
     * @throws Unusable where it cannot serve
     */
    void check() throws Unusable {
        if (!Files.exists(file)) {
            return;
        }
        if (!Files.isReadable(file) || !Files.isWritable(file)) {
            throw new Unusable("The data file " + file
                    + " can only be read; make it writable, or give another folder with --data.");
        }
        try {
            if (Files.size(file) == 0) {
                throw new Unusable("The data file " + file + " is empty: nothing is in it. " + wayOut());
            }
            look(Files.size(file));
        } catch (IOException unreadable) {
            throw new Unusable("The data file " + file + " cannot be read: " + unreadable.getMessage() + ".");
        }
    }

    private void look(long bytes) throws Unusable {
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + file);
                Statement statement = connection.createStatement()) {
            if (bytes <= MOST_CHECKED_BYTES) {
                String says = text(statement, "pragma quick_check(1)");
                if (!says.equals("ok")) {
                    throw new Unusable("The data file " + file + " is damaged: "
                            + says.lines().findFirst().orElse("") + ". " + wayOut());
                }
            }
            int version = version(statement);
            if (version > NEWEST) {
                throw new Unusable("The data file " + file + " was written by a newer Etui (tables " + version
                        + ", this one knows " + NEWEST + "); start that one, or give another folder with --data.");
            }
            if (version > 0 && version < NEWEST) {
                copy(statement, version);
            }
        } catch (SQLException broken) {
            throw new Unusable("The data file " + file + " is damaged or no data file of Etui: " + broken.getMessage()
                    + ". " + wayOut());
        }
    }

    /** The number of the last migration; 0 where the file has no tables. */
    private int version(Statement statement) throws SQLException, Unusable {
        boolean known = !text(statement, "select count(*) from sqlite_master where name = 'flyway_schema_history'")
                .equals("0");
        if (!known
                && !text(statement, "select count(*) from sqlite_master where type = 'table'")
                        .equals("0")) {
            throw new Unusable("The file " + file + " belongs to another program; give another folder with --data.");
        }
        return known
                ? Integer.parseInt(
                        text(
                                statement,
                                "select coalesce(max(cast(version as integer)), 0) from flyway_schema_history where success = 1"))
                : 0;
    }

    /** SQLite's own copy, whole even with a log beside the file; a copy that is there already stays. */
    private void copy(Statement statement, int version) throws SQLException {
        String stamp = LocalDateTime.now(clock.withZone(ZoneId.systemDefault())).format(STAMP);
        Path copy = file.resolveSibling("etui-tables-" + version + "-" + stamp + ".db");
        statement.execute("vacuum into '" + copy.toString().replace("'", "''") + "'");
    }

    private static String text(Statement statement, String query) throws SQLException {
        try (ResultSet rows = statement.executeQuery(query)) {
            return rows.next() ? String.valueOf(rows.getString(1)) : "";
        }
    }

    /** What to do, with the newest copy that lies beside it. */
    private String wayOut() {
        try (Stream<Path> beside = Files.list(file.getParent())) {
            List<String> copies = beside.map(p -> p.getFileName().toString())
                    .filter(n -> n.matches("etui-.*\\.db"))
                    .sorted()
                    .toList();
            return copies.isEmpty()
                    ? "Move it away to begin anew, or put a copy of yours in its place."
                    : "Put the copy " + copies.get(copies.size() - 1) + " in its place, or move it away to begin anew.";
        } catch (IOException unlisted) {
            return "Move it away to begin anew, or put a copy of yours in its place.";
        }
    }

    /**
     * What is kept is the maker's own: nobody else on this machine reads it. A folder that holds other things is left as it is.
     *
     * @throws IOException if it cannot be made or listed
     */
    static void keepToOneself(Path folder) throws IOException {
        Files.createDirectories(folder);
        try (Stream<Path> inside = Files.list(folder)) {
            boolean ours = inside.allMatch(p -> p.getFileName().toString().startsWith("etui"));
            if (ours && Files.getFileStore(folder).supportsFileAttributeView("posix")) {
                Files.setPosixFilePermissions(folder, PosixFilePermissions.fromString("rwx------"));
            }
        }
    }

    /**
     * Whether the port can be had.
     *
     * @throws Unusable where it is none, or taken
     */
    static void requirePort(String port) throws Unusable {
        if (!port.matches("\\d{1,5}") || Integer.parseInt(port) > 65535) {
            throw new Unusable("The port must be a number from 0 to 65535, was " + port + ".");
        }
        try (ServerSocket free = new ServerSocket(Integer.parseInt(port), 1, InetAddress.getLoopbackAddress())) {
            free.setReuseAddress(true);
        } catch (IOException taken) {
            throw new Unusable(
                    "Port " + port + " is taken by another program, perhaps another Etui; give another with --port.");
        }
    }
}
