package org.etui.core.rule;

import java.util.List;
import java.util.Optional;
import org.etui.core.element.Coil;

/** A ring wound at size comes out too large: it is wound about half a US size small (common practice). */
final class WoundAtSize implements Rule {
    private static final String NAME = "wound-at-size";

    private static final double LEAST_MM = 13;
    private static final double MOST_MM = 25;

    @Override
    public List<String> names() {
        return List.of(NAME);
    }

    @Override
    public List<Advice> look(Bench bench) {
        return bench.eachElement(spot -> spot.element() instanceof Coil coil
                        && coil.shaped() == Coil.Shaped.NONE
                        && coil.mandrelMm() >= LEAST_MM
                        && coil.mandrelMm() <= MOST_MM
                ? spot.says(
                        Advice.Severity.NOTE,
                        NAME,
                        "Wind the " + coil.label() + " on "
                                + spot.say(spot.reading().toolInsideMm().orElse(coil.mandrelMm()), 1)
                                + ": it comes back to " + spot.say(coil.mandrelMm(), 1) + ".",
                        "It springs back when it is let go, by about half a US size in soft wire (common practice;"
                                + " the size is an estimate).",
                        "Take the smaller mandrel, then hammer up to size.")
                : Optional.empty());
    }
}
