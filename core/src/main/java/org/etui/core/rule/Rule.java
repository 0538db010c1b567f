package org.etui.core.rule;

import java.util.List;
import org.etui.core.piece.Piece;
import org.etui.core.work.StrandWork;

/** Looks at one thing and may give advice on it. */
public interface Rule {
    /**
     * Advice on a piece, empty if all is well.
     *
     * @param piece the document
     * @param strands its strands as worked, in the document's order
     */
    List<Advice> look(Piece piece, List<StrandWork> strands);
}
