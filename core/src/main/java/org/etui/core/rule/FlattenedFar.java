package org.etui.core.rule;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.etui.core.act.Run;
import org.etui.core.mechanics.Face;
import org.etui.core.mechanics.Flattening;

/** Wire thinned further than the fit of {@link Flattening} was made for: width and growth are guesses there. */
final class FlattenedFar implements Rule {
    private static final String NAME = "flattened-far";

    @Override
    public List<String> names() {
        return List.of(NAME);
    }

    @Override
    public List<Advice> look(Bench bench) {
        return bench.eachElement(FlattenedFar::look);
    }

    private static Optional<Advice> look(Spot spot) {
        double from = Flattening.startMm(spot.wire().section());
        double thinnest = spot.work().finished().of(spot.element().id()).stream()
                .map(Run::section)
                .mapToDouble(s -> s.thicknessMm())
                .min()
                .orElse(from);
        double most = Face.DIE.mostRatio();
        return from / thinnest <= most || !spot.isThinned()
                ? Optional.empty()
                : spot.says(
                        Advice.Severity.NOTE,
                        NAME,
                        "The " + spot.element().label() + " is worked down to " + spot.say(thinnest, 2) + " from "
                                + spot.say(from, 2) + ": how wide and long it gets is a guess.",
                        String.format(
                                Locale.ROOT,
                                "The figures are checked down to 1/%.1f of the thickness, under a hammer to 1/%.0f"
                                        + " (estimate).",
                                most,
                                Face.DOMED.mostRatio()),
                        "Try it on a piece of the same wire first, and measure.",
                        Optional.empty());
    }
}
