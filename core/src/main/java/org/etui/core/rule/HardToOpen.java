package org.etui.core.rule;

import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** A loop that has to open often must stand it: twisting it to and fro uses it up (estimate after Coffin and Manson). */
final class HardToOpen implements Rule {
    private static final String NAME = "hard-to-open";

    private static final double FEW = 10;

    @Override
    public List<String> names() {
        return List.of(NAME);
    }

    @Override
    public List<Advice> look(Bench bench) {
        return bench.eachElement(spot -> spot.reading().opensLeft().orElse(FEW) < FEW
                ? spot.says(
                        Advice.Severity.MIND,
                        NAME,
                        String.format(
                                Locale.ROOT,
                                "The %s can be opened and closed about %.0f times, then it breaks.",
                                spot.element().label(),
                                Math.floor(spot.reading().opensLeft().orElse(0))),
                        "Every time twists it to and fro; the tighter the loop and the harder the wire, the fewer times it takes that"
                                + " (estimate after Coffin and Manson, good to a factor of three).",
                        "Make it wider or of softer wire, leave it unhammered, or hang it on once.")
                : Optional.empty());
    }
}
