package org.etui.server.api;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Map;
import org.etui.core.check.Term;
import org.etui.server.store.Backup;
import org.springframework.http.HttpHeaders;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Everything in one file, and back. */
@RestController
@RequestMapping("/api/backup")
class BackupController {
    private final Backup backup;
    private final RackBook rack;
    private final LogBook log;
    private final Clock clock;

    BackupController(Backup backup, RackBook rack, LogBook log, Clock clock) {
        this.backup = backup;
        this.rack = rack;
        this.log = log;
        this.clock = clock;
    }

    /** Everything: pieces and jobs with their history where it is asked for, what the bench has, the rack, where cards stand. */
    @GetMapping
    void save(@RequestParam(defaultValue = "true") boolean history, HttpServletResponse response) throws IOException {
        Path file = Files.createTempFile("etui-backup", ".zip");
        try {
            try (OutputStream out = Files.newOutputStream(file)) {
                Map<String, byte[]> readable = Map.of(
                        "rack.csv", RackCsv.write(rack.now()), "daybook.csv", DaybookController.table(log.pages()));
                BackupFile.write(backup, history, readable, clock.instant().toString(), out);
            }
            response.setContentType("application/zip");
            response.setContentLengthLong(Files.size(file));
            response.setHeader(
                    HttpHeaders.CONTENT_DISPOSITION,
                    PieceController.attachment("etui-backup-" + LocalDate.now(clock) + ".zip"));
            Files.copy(file, response.getOutputStream());
        } finally {
            Files.deleteIfExists(file);
        }
    }

    /**
     * What was put back.
     *
     * @param restored always true
     */
    record Restored(@Term("always true") boolean restored) {}

    /** Puts a backup back where nothing is kept yet. */
    @PostMapping(path = "/import", consumes = "application/zip")
    Restored restore(HttpServletRequest request) throws IOException {
        Path file = Files.createTempFile("etui-backup", ".zip");
        try {
            Files.copy(request.getInputStream(), file, StandardCopyOption.REPLACE_EXISTING);
            BackupFile.read(file, backup);
            return new Restored(true);
        } finally {
            Files.deleteIfExists(file);
        }
    }
}
