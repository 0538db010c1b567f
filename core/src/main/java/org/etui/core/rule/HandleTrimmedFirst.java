package org.etui.core.rule;

import java.util.List;
import java.util.Optional;
import org.etui.core.act.Operation;
import org.etui.core.piece.Work;

/** The handle keeps fingers away from the hammer: it is trimmed after hammering, not before (common practice). */
final class HandleTrimmedFirst implements Rule {
    private static final String NAME = "handle-trimmed-first";

    @Override
    public List<String> names() {
        return List.of(NAME);
    }

    @Override
    public List<Advice> look(Bench bench) {
        return bench.eachElement(
                spot -> spot.element().handling().trimmedAfter().isPresent() && struckAfterTrim(spot)
                        ? spot.says(
                                Advice.Severity.MIND,
                                NAME,
                                "The " + spot.element().label() + " is trimmed before the hammering.",
                                "It keeps your fingers away from the hammer (common practice).",
                                "Trim it after the last hammering.",
                                after(spot))
                        : Optional.empty());
    }

    private static boolean struckAfterTrim(Spot spot) {
        boolean trimmed = false;
        for (Operation operation : spot.work().operations()) {
            trimmed |= operation.trims()
                    && operation.elements().contains(spot.element().id());
            if (trimmed && operation.isStruck()) {
                return true;
            }
        }
        return false;
    }

    private static Optional<List<Advice.Patch>> after(Spot spot) {
        List<String> steel = spot.bench().piece().work().stream()
                .filter(w -> w.act().doing().isStruck())
                .map(Work::id)
                .toList();
        return spot.work().operations().stream()
                .filter(o -> o.isStruck())
                .map(Operation::id)
                .filter(steel::contains)
                .reduce((first, last) -> last)
                .map(id -> List.of(Advice.Patch.replace(spot.field("trimAfter"), id)));
    }
}
