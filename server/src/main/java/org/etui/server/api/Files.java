package org.etui.server.api;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import org.etui.core.check.BadInput;
import org.etui.core.check.Term;
import org.etui.core.check.Violation;
import org.etui.core.piece.Piece;
import org.etui.core.verify.PieceChecks;
import org.etui.server.contract.Json;
import org.etui.server.contract.Reader;

/** Piece documents as files: one as {@code *.etui.json}, many in a ZIP archive. What is written can be read again. */
final class Files {
    static final String ENDING = ".etui.json";

    /** An archive as it comes and goes, bytes. */
    static final int MOST_ARCHIVE_BYTES = 50_000_000;

    private static final int MOST_FILES = 20_000;
    private static final int MOST_BYTES = 200_000_000;
    private static final int MOST_NAME = 100;

    private Files() {}

    /**
     * What a file held.
     *
     * @param pieces the documents that hold together
     * @param refused what is none of them
     */
    record Found(List<Piece> pieces, List<Refused> refused) {}

    /**
     * Something in an archive that is not taken.
     *
     * @param file its name in the archive
     * @param violations why
     */
    record Refused(
            @Term("its name in the archive") String file,
            @Term("why it is not taken") List<Violation> violations) {}

    /**
     * Reads a file: one document or an archive of them. In an archive one bad document keeps no other out.
     *
     * @throws BadInput with every bad field, where there is nothing to take
     */
    static Found read(byte[] file, Reader reader) {
        boolean archive = file.length > 3 && file[0] == 'P' && file[1] == 'K';
        if (!archive) {
            return new Found(List.of(piece(file, reader)), List.of());
        }
        List<Piece> pieces = new ArrayList<>();
        List<Refused> refused = new ArrayList<>();
        for (Entry entry : entries(file)) {
            try {
                pieces.add(entry.piece(reader));
            } catch (BadInput bad) {
                refused.add(new Refused(entry.name(), bad.violations()));
            }
        }
        if (pieces.isEmpty() && !refused.isEmpty()) {
            throw new BadInput(refused.stream()
                    .flatMap(r -> r.violations().stream()
                            .map(v -> new Violation(r.file() + ": " + v.path(), v.value(), v.limit())))
                    .toList());
        }
        if (pieces.isEmpty()) {
            throw new BadInput("file", "an archive without documents", "must hold at least one *" + ENDING);
        }
        return new Found(pieces, refused);
    }

    private static Piece piece(byte[] body, Reader reader) {
        Piece piece = reader.read(body, Piece.class);
        PieceChecks.require(piece);
        return piece;
    }

    private record Entry(String name, byte[] body) {
        Piece piece(Reader reader) {
            if (!name.endsWith(ENDING)) {
                throw new BadInput("file", "another kind of file", "must be a piece, *" + ENDING);
            }
            if (body.length > RecordConverter.MOST_BYTES) {
                throw new BadInput("file", "larger", "must be at most " + RecordConverter.MOST_BYTES + " bytes");
            }
            return Files.piece(body, reader);
        }
    }

    private static List<Entry> entries(byte[] file) {
        List<Entry> entries = new ArrayList<>();
        long bytes = 0;
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(file), StandardCharsets.UTF_8)) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                if (entry.isDirectory()) {
                    continue;
                }
                byte[] body = zip.readNBytes(RecordConverter.MOST_BYTES + 1);
                bytes += body.length;
                entries.add(new Entry(entry.getName(), body));
                requireFits(entries.size(), bytes);
            }
        } catch (IOException | IllegalArgumentException broken) {
            if (broken instanceof BadInput named) {
                throw named;
            }
            throw new BadInput("file", "a damaged archive", "must be a ZIP archive that can be read to its end");
        }
        return entries;
    }

    private static void requireFits(int files, long bytes) {
        if (files > MOST_FILES || bytes > MOST_BYTES) {
            throw new BadInput(
                    "file",
                    files + " documents, " + bytes + " bytes",
                    "must hold at most " + MOST_FILES + " documents, " + MOST_BYTES + " bytes in all");
        }
    }

    /** Writes one document as it is read again. */
    static byte[] write(Object document) {
        return Json.MAPPER.writerWithDefaultPrettyPrinter().writeValueAsBytes(document);
    }

    /**
     * A document and what it is called.
     *
     * @param name not yet a file name
     * @param body as it is written
     */
    record Named(String name, byte[] body) {}

    /**
     * Writes an archive that can be read again; pieces of the same name are numbered.
     *
     * @throws BadInput if it would hold more than is read
     */
    static byte[] archive(List<Named> documents) {
        requireFits(
                documents.size(),
                documents.stream().mapToLong(d -> d.body().length).sum());
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        Set<String> taken = new HashSet<>();
        try (ZipOutputStream zip = new ZipOutputStream(out, StandardCharsets.UTF_8)) {
            for (Named document : documents) {
                String plain = plain(document.name());
                String name = plain;
                for (int n = 2; !taken.add(name.toLowerCase(Locale.ROOT)); n++) {
                    name = plain + " " + n;
                }
                zip.putNextEntry(new ZipEntry(name + ENDING));
                zip.write(document.body());
                zip.closeEntry();
            }
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        if (out.size() > MOST_ARCHIVE_BYTES) {
            throw new BadInput(
                    "ids",
                    out.size() + " bytes",
                    "must come to at most " + MOST_ARCHIVE_BYTES + " bytes: choose fewer");
        }
        return out.toByteArray();
    }

    /** A name that every file system takes. */
    private static String plain(String name) {
        String safe = name.replaceAll("[\\\\/:*?\"<>|\\p{Cntrl}]", "-")
                .replaceAll("[. ]+$", "")
                .strip();
        return safe.isEmpty()
                ? "piece"
                : safe.substring(
                        0, safe.offsetByCodePoints(0, Math.min(MOST_NAME, safe.codePointCount(0, safe.length()))));
    }
}
