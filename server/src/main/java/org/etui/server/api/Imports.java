package org.etui.server.api;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.etui.core.check.Term;
import org.etui.core.check.Violation;
import org.etui.core.piece.Piece;
import org.etui.server.contract.Json;
import org.etui.server.contract.Reader;
import org.etui.server.store.PieceStore;
import org.springframework.stereotype.Component;

/** Takes pieces from files: what is on the tray already by name is asked about, replaced, kept beside, or left. */
@Component
class Imports {
    private final PieceStore store;
    private final Reader reader;

    Imports(PieceStore store, Reader reader) {
        this.store = store;
        this.reader = reader;
    }

    /** What becomes of a piece whose name is on the tray already. */
    enum Existing {
        /** Nothing is taken; the asker is told. */
        ASK,
        /** It takes the place of the one on the tray, which stays in its history. */
        REPLACE,
        /** Both lie on the tray. */
        BOTH,
        /** The one on the tray stays, the other is not taken. */
        LEAVE
    }

    /**
     * What came of a file.
     *
     * @param kept new on the tray
     * @param replaced on the tray before, changed now
     * @param left names of what was on the tray and stays as it was
     * @param refused what in the archive is no piece
     */
    record Imported(
            @Term("new on the tray") List<KeptPiece> kept,
            @Term("on the tray before, changed now") List<KeptPiece> replaced,

            @Term("names of what was on the tray and stays as it was")
            List<String> left,

            @Term("what in the archive is no piece") List<Files.Refused> refused) {}

    /** Pieces of the file are on the tray already, and nobody said what becomes of them. */
    static final class Asks extends RuntimeException {
        private static final long serialVersionUID = 1L;
        private final transient List<Violation> there;

        Asks(List<Violation> there) {
            super("Some of these are on the tray already; nothing was changed.");
            this.there = there;
        }

        List<Violation> there() {
            return there;
        }
    }

    /** @throws Asks where there are pieces of the same name, and that is to be asked */
    Imported take(byte[] file, Existing existing) {
        Files.Found found = Files.read(file, reader);
        Map<String, PieceStore.Kept> there = new HashMap<>();
        if (existing != Existing.BOTH) {
            store.all().forEach(k -> there.putIfAbsent(TrayRows.name(k.document()), k));
        }
        if (existing == Existing.ASK) {
            ask(found.pieces(), there);
        }
        List<String> fresh = new ArrayList<>();
        List<PieceStore.Kept> replaced = new ArrayList<>();
        List<String> left = new ArrayList<>();
        for (Piece piece : found.pieces()) {
            String document = Json.MAPPER.writeValueAsString(piece);
            PieceStore.Kept standing = there.get(piece.name());
            if (standing == null) {
                fresh.add(document);
            } else if (standing.document().equals(document) || existing == Existing.LEAVE) {
                left.add(piece.name());
            } else {
                replaced.add(store.replace(standing.row().id(), standing.row().version(), document));
                there.remove(piece.name());
            }
        }
        return new Imported(
                store.createAll(fresh).stream()
                        .map(k -> KeptPiece.of(k, reader))
                        .toList(),
                replaced.stream().map(k -> KeptPiece.of(k, reader)).toList(),
                left,
                found.refused());
    }

    private static void ask(List<Piece> pieces, Map<String, PieceStore.Kept> there) {
        Set<String> asked = new HashSet<>();
        List<Violation> same = pieces.stream()
                .filter(p -> there.containsKey(p.name()) && asked.add(p.name()))
                .map(p -> new Violation(
                        "existing", p.name(), "is on the tray already: replace it, keep both, or leave it"))
                .toList();
        if (!same.isEmpty()) {
            throw new Asks(same);
        }
    }
}
