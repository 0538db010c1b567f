package org.etui.core.rule;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Purpose;
import org.etui.core.work.StrandWork;

/**
 * Fine wire, about 0.4 mm, never carries a load, however much it is hammered: no strand that carries may be of it; what only lashes or weaves
 * thicker wire carries none (common practice).
 */
final class FineWireUnderLoad implements Rule {
    private static final String NAME = "fine-wire-under-load";

    private static final double FINE_MM = 0.5;

    @Override
    public List<String> names() {
        return List.of(NAME);
    }

    @Override
    public List<Advice> look(Bench bench) {
        Piece piece = bench.piece();
        List<StrandWork> strands = bench.strands();
        List<Advice> advice = new ArrayList<>();
        double thickest = strands.stream()
                .mapToDouble(s -> s.strand().wire().section().thicknessMm())
                .max()
                .orElse(0);
        for (int i = 0; i < strands.size(); i++) {
            double thickness = strands.get(i).strand().wire().section().thicknessMm();
            if (thickness < FINE_MM
                    && (thickness == thickest || carries(bench, strands.get(i)))
                    && piece.purpose().carriesLoad()
                    && piece.purpose() != Purpose.LINK) {
                advice.add(new Advice(
                        Advice.Severity.STOP,
                        NAME,
                        "strands." + i + ".wire",
                        "Wire of " + bench.say(thickness, 2) + " cannot be a "
                                + piece.purpose().inWords() + ".",
                        "Below " + bench.say(FINE_MM, 1)
                                + " it gives under any load, however much it is hammered (common practice).",
                        "Take wire of " + bench.say(0.8, 1) + " or more.",
                        Optional.empty()));
            }
        }
        return advice;
    }

    /** Whether something pulls at it that is more than a drop's weight. */
    private static boolean carries(Bench bench, StrandWork work) {
        double load = bench.piece().wantsN();
        return bench.piece().carries(work.strand())
                && work.strand().elements().stream()
                        .anyMatch(e -> e.hanging().holds() && bench.wanted().newtons(work.strand(), e) >= load);
    }
}
