package org.etui.core.rule;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.etui.core.element.Loop;
import org.etui.core.piece.Piece;
import org.etui.core.work.Operation;
import org.etui.core.work.StrandWork;

/** A loop that has to open later must not be hammered: it hardens and snaps (common practice). */
final class HammeredLoop implements Rule {
    @Override
    public List<Advice> look(Piece piece, List<StrandWork> strands) {
        List<Advice> advice = new ArrayList<>();
        for (int i = 0; i < strands.size(); i++) {
            StrandWork work = strands.get(i);
            for (int e = 0; e < work.strand().elements().size(); e++) {
                if (work.strand().elements().get(e) instanceof Loop loop && loop.opens() && hammered(work, loop)) {
                    advice.add(new Advice(
                            Advice.Severity.STOP,
                            "hammered-loop",
                            "strands." + i + ".elements." + e,
                            "The " + loop.label() + " has to open, and it is hammered.",
                            "A hammered loop is hard to open and may snap at the second time (common practice).",
                            "Leave the loop out of the hammering.",
                            Optional.empty()));
                }
            }
        }
        return advice;
    }

    private static boolean hammered(StrandWork work, Loop loop) {
        return work.operations().stream()
                .anyMatch(o -> o instanceof Operation.Flatten f
                        && (f.elements().isEmpty() || f.elements().contains(loop.id())));
    }
}
