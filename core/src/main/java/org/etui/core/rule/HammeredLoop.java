package org.etui.core.rule;

import java.util.List;
import java.util.Optional;

/** A loop that has to open later must not be hammered: it hardens and snaps (common practice). */
final class HammeredLoop implements Rule {
    private static final String NAME = "hammered-loop";

    @Override
    public List<String> names() {
        return List.of(NAME);
    }

    @Override
    public List<Advice> look(Bench bench) {
        return bench.eachElement(spot -> spot.element().hanging().opens() && spot.isStruck()
                ? spot.says(
                        Advice.Severity.STOP,
                        NAME,
                        "The " + spot.element().label() + " has to open, and it is hammered.",
                        "A hammered loop is hard to open and may snap at the second time (common practice).",
                        "Leave the loop out of the hammering.",
                        spot.withoutHammer(NAME))
                : Optional.empty());
    }
}
