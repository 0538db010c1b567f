package org.etui.core.rule;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.etui.core.element.Coil;

/** A ring wound at size comes out too large: it is wound about half a US size small (common practice). */
final class WoundAtSize implements Rule {
    private static final double LEAST_MM = 13;
    private static final double MOST_MM = 25;

    @Override
    public List<Advice> look(Bench bench) {
        return bench.eachElement(spot ->
                spot.element() instanceof Coil coil && coil.mandrelMm() >= LEAST_MM && coil.mandrelMm() <= MOST_MM
                        ? spot.says(
                                Advice.Severity.NOTE,
                                "wound-at-size",
                                String.format(
                                        Locale.ROOT,
                                        "Wind the %s on %.1f mm: it comes back to %.1f.",
                                        spot.element().label(),
                                        spot.reading().toolInsideMm().orElse(coil.mandrelMm()),
                                        coil.mandrelMm()),
                                "It springs back when it is let go, by about half a US size in soft wire (common practice;"
                                        + " the size is an estimate).",
                                "Take the smaller mandrel, then hammer up to size.")
                        : Optional.empty());
    }
}
