package org.etui.server.api;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;
import org.etui.core.check.BadInput;
import org.etui.server.contract.Json;
import org.etui.server.store.Backup;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;

/**
 * A backup as one file: a ZIP with a JSON document that says what it is, a file for every table with one JSON document a line, and tables to
 * read.
 */
final class BackupFile {
    private static final String ABOUT = "etui-backup.json";
    private static final String ENDING = ".jsonl";
    private static final int VERSION = 2;

    /** No bench's work comes to more. */
    static final int MOST_BYTES = 500_000_000;

    private static final int MOST_LINE = 4 * RecordConverter.MOST_BYTES;

    private BackupFile() {}

    /**
     * What a backup says of itself.
     *
     * @param format always etui-backup
     * @param version 2; those of version 1 have no log and no photographs
     * @param made when it was made, ISO 8601
     */
    record About(String format, int version, String made) {}

    /**
     * Writes everything.
     *
     * @param history whether earlier revisions go in; else only what stands
     * @param readable tables to read beside it, by the names of their files; they are not read back
     */
    static void write(Backup backup, boolean history, Map<String, byte[]> readable, String now, OutputStream out)
            throws IOException {
        try (ZipOutputStream zip = new ZipOutputStream(out, StandardCharsets.UTF_8)) {
            entry(zip, ABOUT, Json.MAPPER.writeValueAsBytes(new About("etui-backup", VERSION, now)));
            backup.snapshot(rows -> tables(zip, rows, history));
            for (Map.Entry<String, byte[]> each : readable.entrySet()) {
                entry(zip, each.getKey(), each.getValue());
            }
        }
    }

    private static void tables(ZipOutputStream zip, Backup.Rows rows, boolean history) {
        Set<Object> heads = new HashSet<>();
        try {
            for (Backup.Table table : Backup.Table.values()) {
                zip.putNextEntry(new ZipEntry(table.word() + ENDING));
                rows.each(table, row -> {
                    if (table == Backup.Table.DOCUMENT) {
                        heads.add(row.get("head"));
                    }
                    boolean earlier = table == Backup.Table.DOCUMENT_REVISION && !heads.contains(row.get("id"));
                    if (history) {
                        line(zip, row);
                    } else if (!earlier) {
                        row.remove("parent");
                        line(zip, row);
                    }
                });
                zip.closeEntry();
            }
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    private static void entry(ZipOutputStream zip, String name, byte[] body) throws IOException {
        zip.putNextEntry(new ZipEntry(name));
        zip.write(body);
        zip.closeEntry();
    }

    private static void line(ZipOutputStream zip, Map<String, Object> row) {
        try {
            zip.write(Json.MAPPER.writeValueAsBytes(row));
            zip.write('\n');
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    /**
     * Puts a backup back.
     *
     * @throws BadInput if the file is none
     * @throws Backup.Refused if it cannot be put back here
     */
    static void read(Path file, Backup backup) {
        try (ZipFile zip = new ZipFile(file.toFile(), StandardCharsets.UTF_8)) {
            int version = about(zip);
            backup.restore((table, row) -> {
                if (version >= table.since()) {
                    rows(zip, table, row);
                }
            });
        } catch (ZipException | UncheckedIOException broken) {
            throw notOne("damaged, or no ZIP");
        } catch (IOException unreadable) {
            throw notOne("unreadable");
        }
    }

    private static BadInput notOne(String what) {
        return new BadInput("file", what, "must be a backup that Etui made");
    }

    private static int about(ZipFile zip) throws IOException {
        ZipEntry entry = zip.getEntry(ABOUT);
        if (entry == null || entry.getSize() > RecordConverter.MOST_BYTES) {
            throw notOne("without " + ABOUT);
        }
        try {
            JsonNode about = Json.MAPPER.readTree(zip.getInputStream(entry).readNBytes(RecordConverter.MOST_BYTES));
            int version = about.path("version").asInt(0);
            if (!about.path("format").asString("").equals("etui-backup") || version < 1 || version > VERSION) {
                throw new BadInput(
                        "file",
                        about.path("format").asString("no format") + " " + version,
                        "must be etui-backup " + VERSION + "; a newer one needs a newer Etui");
            }
            return version;
        } catch (JacksonException broken) {
            throw notOne("with a broken " + ABOUT);
        }
    }

    private static void rows(ZipFile zip, Backup.Table table, Consumer<Map<String, Object>> row) {
        ZipEntry entry = Optional.ofNullable(zip.getEntry(table.word() + ENDING))
                .orElseThrow(() -> notOne("without " + table.word() + ENDING));
        try (BufferedReader lines =
                new BufferedReader(new InputStreamReader(zip.getInputStream(entry), StandardCharsets.UTF_8))) {
            for (String line = line(lines); !line.isEmpty(); line = line(lines)) {
                row.accept(row(line, table));
            }
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }

    /** The next line, read no further than a line may be long; empty at the end. */
    private static String line(BufferedReader lines) throws IOException {
        StringBuilder line = new StringBuilder();
        for (int c = lines.read(); c >= 0 && c != '\n'; c = lines.read()) {
            line.append((char) c);
            if (line.length() > MOST_LINE) {
                throw notOne("with a line of more than " + MOST_LINE + " letters");
            }
        }
        return line.toString();
    }

    /** A row of a table. A damaged piece is carried as it is, since the tray shows it as such; whatever else is damaged is refused. */
    private static Map<String, Object> row(String line, Backup.Table table) {
        try {
            JsonNode node = Json.MAPPER.readTree(line);
            Map<String, Object> row = new LinkedHashMap<>();
            node.properties().forEach(p -> {
                JsonNode value = p.getValue();
                if (value.isIntegralNumber()) {
                    row.put(p.getKey(), value.asLong());
                } else if (value.isString()) {
                    row.put(p.getKey(), value.asString());
                } else {
                    throw notOne("with a " + p.getKey() + " that is neither text nor whole number");
                }
            });
            if (table != Backup.Table.DOCUMENT_REVISION && row.get("document") instanceof String document) {
                Json.MAPPER.readTree(document);
            }
            if (row.isEmpty()) {
                throw notOne("with an empty row in " + table.word());
            }
            return row;
        } catch (JacksonException broken) {
            throw notOne("with a broken line in " + table.word());
        }
    }
}
