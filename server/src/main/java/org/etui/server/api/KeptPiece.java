package org.etui.server.api;

import java.nio.charset.StandardCharsets;
import org.etui.core.check.Term;
import org.etui.core.piece.Piece;
import org.etui.server.contract.Reader;
import org.etui.server.store.PieceStore;

/**
 * A kept piece as it stands.
 *
 * @param id its name in the store
 * @param version counts every change
 * @param changedAt when it changed last
 * @param canUndo whether there is something to undo
 * @param canRedo whether there is something to redo
 * @param document the piece
 */
record KeptPiece(
        @Term("its name in the store") String id,
        @Term("counts every change") long version,
        @Term("when it changed last, ISO 8601") String changedAt,
        @Term("whether there is something to undo") boolean canUndo,
        @Term("whether there is something to redo") boolean canRedo,
        @Term("the piece") Piece document) {

    static KeptPiece of(PieceStore.Kept kept, Reader reader) {
        Piece piece = reader.read(kept.document().getBytes(StandardCharsets.UTF_8), Piece.class);
        return new KeptPiece(
                kept.row().id(), kept.row().version(), kept.row().changedAt(), kept.canUndo(), kept.canRedo(), piece);
    }
}
