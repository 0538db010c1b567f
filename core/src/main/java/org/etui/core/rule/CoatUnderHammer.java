package org.etui.core.rule;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.etui.core.metal.Metal;
import org.etui.core.piece.Piece;
import org.etui.core.wire.Finish;
import org.etui.core.wire.Wire;
import org.etui.core.work.Operation;
import org.etui.core.work.StrandWork;

/** Plated and enamelled wire must not be hammered: skin and coat crack (common practice). */
final class CoatUnderHammer implements Rule {
    @Override
    public List<Advice> look(Piece piece, List<StrandWork> strands) {
        List<Advice> advice = new ArrayList<>();
        for (int i = 0; i < strands.size(); i++) {
            Wire wire = strands.get(i).strand().wire();
            boolean coated = wire.metal().underHammer() == Metal.HammerSense.STOP || wire.finish() != Finish.BARE;
            boolean hammered = strands.get(i).operations().stream().anyMatch(o -> o instanceof Operation.Flatten);
            if (coated && hammered) {
                advice.add(new Advice(
                        Advice.Severity.STOP,
                        "coat-under-hammer",
                        "strands." + i + ".wire",
                        "This wire must not be hammered.",
                        "The skin or coat of " + wire.metal().title()
                                + " cracks under steel, or the wire snaps, however light the taps (common practice).",
                        "Take bare wire, or leave the hammering out.",
                        Optional.empty()));
            }
        }
        return advice;
    }
}
