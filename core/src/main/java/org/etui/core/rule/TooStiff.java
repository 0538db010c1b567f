package org.etui.core.rule;

import java.util.List;
import java.util.Optional;
import org.etui.core.mechanics.FormedBy;

/** What neither fingers nor pliers bend wants a jig or a vice (limits are estimates). */
final class TooStiff implements Rule {
    private static final String NAME = "too-stiff";

    @Override
    public List<String> names() {
        return List.of(NAME);
    }

    @Override
    public List<Advice> look(Bench bench) {
        return bench.eachElement(spot -> FormedBy.of(spot.reading().toolMomentNmm()) == FormedBy.VICE
                ? spot.says(
                        Advice.Severity.MIND,
                        NAME,
                        "The " + spot.element().label() + " is too stiff for pliers: it takes "
                                + Math.round(spot.reading().toolMomentNmm()) + " N·mm.",
                        "Fingers give about 600 N·mm, pliers 2000 (estimate).",
                        "Use a jig or a vice, a softer temper or thinner wire.")
                : Optional.empty());
    }
}
