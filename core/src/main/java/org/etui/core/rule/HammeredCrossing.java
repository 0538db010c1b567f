package org.etui.core.rule;

import java.util.List;
import java.util.Optional;

/** Never hammer over a crossing: the upper limb notches the lower one, which later breaks there (common practice). */
final class HammeredCrossing implements Rule {
    private static final String NAME = "hammered-crossing";

    @Override
    public List<String> names() {
        return List.of(NAME);
    }

    @Override
    public List<Advice> look(Bench bench) {
        return bench.eachElement(spot -> struckWhenCrossed(spot)
                ? spot.says(
                        Advice.Severity.STOP,
                        NAME,
                        "The " + spot.element().label() + " is hammered where the wire lies over itself.",
                        "The upper limb notches the lower one, which later breaks there (common practice).",
                        "Leave it out of the hammering, or hammer it before the wire is closed over it.",
                        spot.withoutHammer(NAME))
                : Optional.empty());
    }

    /** What is hammered while it is still straight lies over nothing yet. */
    private static boolean struckWhenCrossed(Spot spot) {
        return spot.work().operations().stream()
                        .anyMatch(o -> spot.strikes(o)
                                && spot.work().before(o).of(spot.element().id()).stream()
                                        .allMatch(r -> r.formed()))
                && spot.isCrossed();
    }
}
