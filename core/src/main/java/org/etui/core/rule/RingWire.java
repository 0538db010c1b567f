package org.etui.core.rule;

import java.util.List;
import java.util.Optional;
import org.etui.core.element.Coil;

/** A wound finger ring wants 1.3 to 3.3 mm wire: thinner crumples, thicker is too hard by hand (common practice). */
final class RingWire implements Rule {
    private static final String NAME = "ring-wire";

    private static final double LEAST_MM = 13;
    private static final double MOST_MM = 25;

    @Override
    public List<String> names() {
        return List.of(NAME);
    }

    @Override
    public List<Advice> look(Bench bench) {
        return bench.eachElement(spot -> {
            double wire = spot.wire().section().thicknessMm();
            boolean ring = spot.element() instanceof Coil coil
                    && coil.shaped() == Coil.Shaped.NONE
                    && coil.mandrelMm() >= LEAST_MM
                    && coil.mandrelMm() <= MOST_MM;
            boolean thin = wire < 1.25;
            if (!ring || !thin && wire <= 3.35) {
                return Optional.empty();
            }
            return spot.saysOfWire(
                    Advice.Severity.MIND,
                    NAME,
                    thin
                            ? "A finger ring of this wire crumples."
                            : "A finger ring of this wire is too hard to wind by hand.",
                    "A wound ring needs " + spot.say(1.3, 1) + " to " + spot.say(3.3, 1) + " (common practice).",
                    thin ? "Take wire of " + spot.say(1.3, 1) + " or more." : "Take thinner wire.",
                    Optional.empty());
        });
    }
}
