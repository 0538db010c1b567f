package org.etui.core.rule;

import java.util.List;
import java.util.Optional;
import org.etui.core.act.Operation;

/** Never hammer next to a bead or a stone: it cracks (common practice). */
final class NextToBead implements Rule {
    private static final String NAME = "hammered-next-to-bead";

    @Override
    public List<String> names() {
        return List.of(NAME);
    }

    @Override
    public List<Advice> look(Bench bench) {
        return bench.eachElement(spot -> struckAfterForming(spot)
                ? spot.beside()
                        .flatMap(what -> spot.says(
                                Advice.Severity.STOP,
                                NAME,
                                "The " + spot.element().label() + " is hammered next to the " + what + ".",
                                "A bead or stone cracks under a blow beside it, and the hammer cannot lie flat (common practice).",
                                "Leave it out of the hammering, or hammer before the bead goes on.",
                                spot.withoutHammer(NAME)))
                : Optional.empty());
    }

    /** On the straight wire there is no bead yet. */
    private static boolean struckAfterForming(Spot spot) {
        boolean formed = false;
        for (Operation operation : spot.work().operations()) {
            formed |= operation.forms().isPresent();
            if (formed && spot.strikes(operation)) {
                return true;
            }
        }
        return false;
    }
}
