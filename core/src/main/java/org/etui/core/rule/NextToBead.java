package org.etui.core.rule;

import java.util.List;
import java.util.Optional;
import org.etui.core.element.Element;
import org.etui.core.element.Girth;
import org.etui.core.piece.Part;
import org.etui.core.piece.PartKind;
import org.etui.core.work.Operation;

/** Never hammer next to a bead or a stone: it cracks (common practice). */
final class NextToBead implements Rule {
    @Override
    public List<Advice> look(Bench bench) {
        return bench.eachElement(spot -> struckAfterForming(spot)
                ? beside(spot)
                        .flatMap(what -> spot.says(
                                Advice.Severity.STOP,
                                "hammered-next-to-bead",
                                "The " + spot.element().label() + " is hammered next to the " + what + ".",
                                "A bead or stone cracks under a blow beside it, and the hammer cannot lie flat (common practice).",
                                "Leave it out of the hammering, or hammer before the bead goes on.",
                                spot.withoutHammer("hammered-next-to-bead")))
                : Optional.empty());
    }

    /** On the straight wire there is no bead yet. */
    private static boolean struckAfterForming(Spot spot) {
        boolean formed = false;
        for (Operation operation : spot.work().operations()) {
            formed |= operation instanceof Operation.Form;
            if (formed && spot.strikes(operation)) {
                return true;
            }
        }
        return false;
    }

    /** The bead, stone or spacer on an element or on its neighbour; a girth lies on its stone. */
    static Optional<String> beside(Spot spot) {
        if (spot.element() instanceof Girth) {
            return Optional.of("stone");
        }
        List<Element> elements = spot.work().strand().elements();
        List<String> near =
                elements.subList(Math.max(0, spot.at() - 1), Math.min(elements.size(), spot.at() + 2)).stream()
                        .map(e -> spot.work().strand().id() + "." + e.id())
                        .toList();
        return spot.bench().piece().parts().stream()
                .filter(p -> p.kind() == PartKind.BEAD || p.kind() == PartKind.STONE || p.kind() == PartKind.SPACER)
                .filter(p -> p.on().filter(near::contains).isPresent())
                .map(Part::label)
                .findFirst();
    }
}
