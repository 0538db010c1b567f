package org.etui.core.rule;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.etui.core.piece.Purpose;

/** A bangle is measured over the closed hand, not round the wrist; one that opens can be smaller (common practice). */
final class WristNotHand implements Rule {
    private static final String NAME = "wrist-not-hand";

    private static final double LEAST_BODY_MM = 40;

    /** Slip-over, small: 203 mm inside; wrists begin well below that (common practice). */
    private static final double WRIST_MM = 190;

    @Override
    public List<String> names() {
        return List.of(NAME);
    }

    @Override
    public List<Advice> look(Bench bench) {
        return bench.eachElement(spot -> spot.bench().piece().purpose() == Purpose.BANGLE_CLOSURE
                        && spot.element().hanging().hook()
                        && insideMm(spot) > LEAST_BODY_MM
                        && Math.PI * insideMm(spot) < WRIST_MM
                ? spot.says(
                        Advice.Severity.NOTE,
                        NAME,
                        String.format(
                                Locale.ROOT,
                                "The %s is %s round inside: that is a wrist, not a hand.",
                                spot.element().label(),
                                spot.say(Math.PI * insideMm(spot), 0)),
                        "Bangles go over the closed hand: small " + spot.say(203, 0) + ", medium " + spot.say(210, 0)
                                + ", large " + spot.say(216, 0) + " (common practice).",
                        "Measure over the hand, or make sure that it opens wide enough.",
                        Optional.of(List.of(Advice.Patch.replace(spot.field("insideMm"), 64.6))))
                : Optional.empty());
    }

    private static double insideMm(Spot spot) {
        return spot.element().woundInsideMm().orElse(0);
    }
}
