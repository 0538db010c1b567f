package org.etui.server.api;

import java.util.LinkedHashMap;
import java.util.Map;
import org.etui.core.piece.Piece;
import org.etui.core.plan.Drawing;
import org.etui.core.plan.Plan;
import org.etui.core.plan.PlanOptions;
import org.etui.core.plan.Planner;
import org.etui.core.rule.Advice;
import org.etui.server.contract.Reader;
import org.etui.server.store.PieceStore;
import org.springframework.stereotype.Component;

/** Rows of the tray; a revision never changes, so its row is worked out once. */
@Component
class TrayRows {
    private static final int REMEMBERED = 500;
    private final Reader reader;
    private final Map<Long, TrayPiece> byRevision = new LinkedHashMap<>(16, 0.75f, true) {
        private static final long serialVersionUID = 1L;

        @Override
        protected boolean removeEldestEntry(Map.Entry<Long, TrayPiece> eldest) {
            return size() > REMEMBERED;
        }
    };

    TrayRows(Reader reader) {
        this.reader = reader;
    }

    synchronized TrayPiece row(PieceStore.Kept kept) {
        TrayPiece known = byRevision.get(kept.row().head());
        if (known == null || known.version() != kept.row().version()) {
            known = make(kept);
            byRevision.put(kept.row().head(), known);
        }
        return known;
    }

    private TrayPiece make(PieceStore.Kept kept) {
        Piece piece = KeptPiece.of(kept, reader).document();
        Plan plan = Planner.plan(piece, PlanOptions.USUAL);
        return new TrayPiece(
                kept.row().id(),
                piece.name(),
                kept.row().version(),
                kept.row().changedAt(),
                piece.purpose(),
                plan.strands().get(0).wireInWords(),
                plan.strands().size(),
                plan.strands().stream().mapToInt(Plan.StrandPlan::count).sum(),
                plan.strands().stream()
                        .mapToDouble(Plan.StrandPlan::cutLengthMm)
                        .max()
                        .orElse(0),
                plan.steps().size(),
                count(plan, Advice.Severity.STOP),
                count(plan, Advice.Severity.MIND),
                plan.totals(),
                Drawing.of(plan));
    }

    private static int count(Plan plan, Advice.Severity severity) {
        return (int)
                plan.advice().stream().filter(a -> a.severity() == severity).count();
    }
}
