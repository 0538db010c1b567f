package org.etui.core.rule;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Purpose;
import org.etui.core.work.StrandWork;

/** A bangle needs at least about 1.6 mm wire (common practice). */
final class ThinBangle implements Rule {
    private static final String NAME = "thin-bangle";

    private static final double LEAST_MM = 1.6;

    @Override
    public List<String> names() {
        return List.of(NAME);
    }

    @Override
    public List<Advice> look(Bench bench) {
        Piece piece = bench.piece();
        List<StrandWork> strands = bench.strands();
        List<Advice> advice = new ArrayList<>();
        for (int i = 0; i < strands.size(); i++) {
            double thickness = strands.get(i).strand().wire().section().thicknessMm();
            if (piece.purpose() == Purpose.BANGLE_CLOSURE && thickness < LEAST_MM - 0.05) {
                advice.add(new Advice(
                        Advice.Severity.MIND,
                        NAME,
                        "strands." + i + ".wire",
                        "A bangle of " + bench.say(thickness, 2) + " wire does not keep its shape.",
                        "A bangle needs at least about " + bench.say(LEAST_MM, 1) + " (common practice).",
                        "Take wire of " + bench.say(1.63, 2) + " or more.",
                        Optional.empty()));
            }
        }
        return advice;
    }
}
