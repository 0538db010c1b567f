package org.etui.server.store;

import java.io.IOException;
import java.nio.file.AtomicMoveNotSupportedException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import javax.sql.DataSource;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Component;

/**
 * Lays a copy of everything beside the data, once a day, by SQLite's online backup, and keeps the last seven. A copy is a whole data file: it
 * takes the place of {@code etui.db} when Etui is not running.
 */
@Component
public class DailyCopy implements AutoCloseable {
    private static final Logger LOG = LoggerFactory.getLogger(DailyCopy.class);
    private static final int KEPT = 7;
    private static final String BEGINS = "etui-";
    private static final String ENDS = ".db";

    private final DataSource source;
    private final OldRevisions old;
    private final Path folder;
    private final Clock clock;
    private final ScheduledExecutorService hourly = Executors.newSingleThreadScheduledExecutor(work -> {
        Thread thread = new Thread(work, "daily-copy");
        thread.setDaemon(true);
        return thread;
    });

    /**
     * Copies nothing until Etui is ready.
     *
     * @param old what is thinned once a copy is laid
     * @param data the data folder; empty where there is none
     * @param clock tells the day
     */
    public DailyCopy(DataSource source, OldRevisions old, @Value("${etui.data:}") String data, Clock clock) {
        this.source = source;
        this.old = old;
        this.folder = data.isEmpty() ? null : Path.of(data).resolve("copies");
        this.clock = clock;
    }

    @EventListener(ApplicationReadyEvent.class)
    void begin() {
        if (folder != null) {
            hourly.scheduleWithFixedDelay(this::today, 1, 60, TimeUnit.MINUTES);
        }
    }

    private void today() {
        try {
            copy();
            while (old.thin()) {
                LOG.debug("more of the old history is thinned");
            }
        } catch (IOException | SQLException | DataAccessException failed) {
            LOG.warn("no copy was laid in {} today", folder, failed);
        }
    }

    /**
     * Lays today's copy, where there is none yet, and takes away the oldest.
     *
     * @throws SQLException if the data cannot be read
     * @throws IOException if the copy cannot be written
     */
    void copy() throws IOException, SQLException {
        Files.createDirectories(folder);
        Path today = folder.resolve(BEGINS + LocalDate.now(clock) + ENDS);
        if (!Files.exists(today)) {
            Path half = folder.resolve("half" + ENDS);
            Files.deleteIfExists(half);
            try (Connection connection = source.getConnection();
                    Statement statement = connection.createStatement()) {
                statement.executeUpdate("backup to '" + half.toString().replace("'", "''") + "'");
            }
            moved(half, today);
        }
        List<Path> copies;
        try (Stream<Path> files = Files.list(folder)) {
            copies = files.filter(f -> f.getFileName().toString().matches("etui-\\d{4}-\\d\\d-\\d\\d\\.db"))
                    .sorted(Comparator.reverseOrder())
                    .toList();
        }
        for (Path old : copies.subList(Math.min(KEPT, copies.size()), copies.size())) {
            Files.delete(old);
        }
    }

    private static void moved(Path half, Path whole) throws IOException {
        try {
            Files.move(half, whole, StandardCopyOption.ATOMIC_MOVE);
        } catch (AtomicMoveNotSupportedException plain) {
            Files.move(half, whole);
        }
    }

    /** Lays no more copies. */
    @Override
    public void close() {
        hourly.shutdownNow();
    }
}
