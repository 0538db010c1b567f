package org.etui.server.api;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import org.etui.core.check.BadInput;
import org.etui.core.check.Violation;
import org.etui.core.piece.Piece;
import org.etui.core.piece.PieceChecks;
import org.etui.server.contract.Json;
import org.etui.server.contract.Reader;

/** Piece documents as files: one as {@code *.etui.json}, many in a ZIP archive. */
final class Files {
    static final String ENDING = ".etui.json";
    private static final int MOST_FILES = 500;
    private static final int MOST_BYTES = 50_000_000;

    private Files() {}

    /**
     * Reads a file: one document or an archive of them.
     *
     * @throws BadInput with every bad field of every document, each under the name of its file
     */
    static List<Piece> read(byte[] file, Reader reader) {
        boolean archive = file.length > 3 && file[0] == 'P' && file[1] == 'K';
        if (!archive) {
            return List.of(piece(file, reader));
        }
        List<Piece> pieces = new ArrayList<>();
        List<Violation> violations = new ArrayList<>();
        for (Entry entry : entries(file)) {
            try {
                pieces.add(piece(entry.body(), reader));
            } catch (BadInput bad) {
                bad.violations()
                        .forEach(v ->
                                violations.add(new Violation(entry.name() + ": " + v.path(), v.value(), v.limit())));
            }
        }
        if (!violations.isEmpty()) {
            throw new BadInput(violations);
        }
        if (pieces.isEmpty()) {
            throw new BadInput("file", "an archive without documents", "must hold at least one *" + ENDING);
        }
        return pieces;
    }

    private static Piece piece(byte[] body, Reader reader) {
        Piece piece = reader.read(body, Piece.class);
        PieceChecks.require(piece);
        return piece;
    }

    private record Entry(String name, byte[] body) {}

    private static List<Entry> entries(byte[] file) {
        List<Entry> entries = new ArrayList<>();
        int bytes = 0;
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(file), StandardCharsets.UTF_8)) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                String name = entry.getName();
                if (entry.isDirectory()) {
                    continue;
                }
                if (!name.endsWith(ENDING)) {
                    throw new BadInput(name, "another kind of file", "must be a piece, *" + ENDING);
                }
                byte[] body = zip.readNBytes(RecordConverter.MOST_BYTES + 1);
                bytes += body.length;
                if (body.length > RecordConverter.MOST_BYTES) {
                    throw new BadInput(name, "larger", "must be at most " + RecordConverter.MOST_BYTES + " bytes");
                }
                entries.add(new Entry(name, body));
                if (entries.size() > MOST_FILES || bytes > MOST_BYTES) {
                    throw new BadInput(
                            "file",
                            "more",
                            "must hold at most " + MOST_FILES + " documents, " + MOST_BYTES + " bytes in all");
                }
            }
        } catch (BadInput named) {
            throw named;
        } catch (IOException | IllegalArgumentException broken) {
            throw new BadInput("file", "a damaged archive", "must be a ZIP archive that can be read to its end");
        }
        return entries;
    }

    /** Writes one document as it is read again. */
    static byte[] write(Piece piece) {
        return Json.MAPPER.writerWithDefaultPrettyPrinter().writeValueAsBytes(piece);
    }

    /** Writes an archive; pieces of the same name are numbered. */
    static byte[] archive(List<Piece> pieces) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        Set<String> taken = new HashSet<>();
        try (ZipOutputStream zip = new ZipOutputStream(out, StandardCharsets.UTF_8)) {
            for (Piece piece : pieces) {
                String plain = piece.name().replaceAll("[\\\\/:*?\"<>|\\p{Cntrl}]", "-");
                String name = plain;
                for (int n = 2; !taken.add(name); n++) {
                    name = plain + " " + n;
                }
                zip.putNextEntry(new ZipEntry(name + ENDING));
                zip.write(write(piece));
                zip.closeEntry();
            }
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        return out.toByteArray();
    }
}
