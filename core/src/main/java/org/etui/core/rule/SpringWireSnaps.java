package org.etui.core.rule;

import java.util.List;
import java.util.Optional;
import org.etui.core.metal.Metal;

/** Spring steel is not bent sharply: it snaps (common practice: no tighter inside than twice its thickness). */
final class SpringWireSnaps implements Rule {
    private static final String NAME = "spring-wire-snaps";

    private static final double LEAST = 2;

    @Override
    public List<String> names() {
        return List.of(NAME);
    }

    @Override
    public List<Advice> look(Bench bench) {
        return bench.eachElement(spot -> snaps(spot)
                ? spot.says(
                        Advice.Severity.STOP,
                        NAME,
                        "The " + spot.element().label() + " is too sharp for spring wire: it snaps.",
                        "Music wire is hard as bought and stands no tighter bend than about twice its thickness inside"
                                + " (common practice).",
                        "Bend it round "
                                + spot.say(LEAST * spot.wire().section().thicknessMm(), 1)
                                + " or more, or take another metal.")
                : Optional.empty());
    }

    private static boolean snaps(Spot spot) {
        double inside = spot.element().winding().leastInsideMm().orElse(Double.MAX_VALUE);
        return spot.wire().metal() == Metal.MUSIC_WIRE
                && inside < LEAST * spot.wire().section().thicknessMm();
    }
}
