package org.etui.core.rule;

import java.util.List;
import java.util.Optional;
import org.etui.core.act.Run;
import org.etui.core.element.Spiral;

/** A spiral that is hammered spreads: its turns must have room (common practice). */
final class TurnsMeet implements Rule {
    private static final String NAME = "turns-meet";

    @Override
    public List<String> names() {
        return List.of(NAME);
    }

    @Override
    public List<Advice> look(Bench bench) {
        return bench.eachElement(TurnsMeet::look);
    }

    private static Optional<Advice> look(Spot spot) {
        if (!(spot.element() instanceof Spiral spiral)) {
            return Optional.empty();
        }
        for (Run run : spot.work().finished().of(spiral.id())) {
            if (run.now() instanceof org.etui.core.curve.Spiral now && spiral.riseMm() == 0) {
                double lack = run.section().inPlaneMm() - now.pitchMm();
                if (lack > 0.01 * run.section().inPlaneMm()) {
                    double gap = Math.ceil(10 * (spiral.gapMm() + 1.02 * lack * run.shapeGrowth() / run.growth())) / 10;
                    return spot.says(
                            Advice.Severity.MIND,
                            NAME,
                            "The turns of the " + spiral.label() + " spread by " + spot.say(lack, 2)
                                    + " more than there is room.",
                            "Flattened wire gets wider by more than the spiral grows (estimate, fitted to finite elements).",
                            "Leave a gap of " + spot.say(gap, 1) + " between the turns.",
                            Optional.of(List.of(Advice.Patch.replace(spot.field("gapMm"), gap))));
                }
            }
        }
        return Optional.empty();
    }
}
