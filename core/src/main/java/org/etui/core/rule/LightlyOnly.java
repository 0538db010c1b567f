package org.etui.core.rule;

import java.util.List;
import java.util.Optional;
import org.etui.core.metal.Metal;

/** A filled skin is thin: it stands light taps only (common practice). */
final class LightlyOnly implements Rule {
    private static final String NAME = "lightly-only";

    /** Thinner than this share of the wire is no light tap any more (engineering estimate). */
    private static final double LEAST_SHARE = 0.85;

    @Override
    public List<String> names() {
        return List.of(NAME);
    }

    @Override
    public List<Advice> look(Bench bench) {
        return bench.eachElement(spot -> spot.wire().metal().underHammer() == Metal.HammerSense.LIGHTLY
                        && spot.work().operations().stream()
                                .anyMatch(o -> spot.strikes(o)
                                        && o.thinsToMm().orElse(Double.MAX_VALUE)
                                                < LEAST_SHARE
                                                        * spot.wire().section().thicknessMm())
                ? spot.says(
                        Advice.Severity.MIND,
                        NAME,
                        "The skin of this wire wears thin where the "
                                + spot.element().label() + " is flattened.",
                        "The gold is a twentieth of the weight; what is spread thin shows brass at the edges"
                                + " (common practice; the limit is an estimate).",
                        "Flatten it by no more than a seventh, or harden it with a mallet.",
                        spot.withoutHammer(NAME))
                : Optional.empty());
    }
}
