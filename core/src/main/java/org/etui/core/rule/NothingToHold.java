package org.etui.core.rule;

import java.util.List;
import java.util.Optional;

/** Short wire that is hammered or cut without spare cannot be held, nor begun again (common practice). */
final class NothingToHold implements Rule {
    private static final String NAME = "nothing-to-hold";

    /** Fingers need about that much (engineering estimate). */
    private static final double SHORT_MM = 30;

    @Override
    public List<String> names() {
        return List.of(NAME);
    }

    @Override
    public List<Advice> look(Bench bench) {
        return bench.eachStrand(spot -> bare(spot)
                ? Optional.of(new Advice(
                        Advice.Severity.MIND,
                        NAME,
                        "strands." + spot.strand() + ".allowance",
                        "The wire is cut to the piece: there is nothing to hold while it is hammered.",
                        "Below about " + spot.say(30, 0)
                                + " fingers come under the hammer, and a slip leaves nothing to begin again with"
                                + " (estimate).",
                        "Leave a handle of " + spot.say(20, 0) + ", trimmed last.",
                        Optional.of(List.of(
                                Advice.Patch.replace("/strands/" + spot.strand() + "/allowance/handleMm", 20),
                                Advice.Patch.add("/strands/" + spot.strand() + "/allowance/handleAt", "end")))))
                : Optional.empty());
    }

    private static boolean bare(Spot spot) {
        return spot.work().netMm() < SHORT_MM
                && spot.work().stretch().handleMm() == 0
                && spot.work().strand().elements().stream()
                        .noneMatch(e -> e.handling().trimmedAfter().isPresent())
                && spot.work().operations().stream().anyMatch(o -> o.isStruck());
    }
}
