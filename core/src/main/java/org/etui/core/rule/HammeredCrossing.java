package org.etui.core.rule;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.etui.core.curve.Crossing;
import org.etui.core.element.Element;
import org.etui.core.element.Wrap;
import org.etui.core.piece.Piece;
import org.etui.core.work.Operation;
import org.etui.core.work.StrandWork;

/** Never hammer over a crossing: the upper limb notches the lower one, which later breaks there (common practice). */
final class HammeredCrossing implements Rule {
    @Override
    public List<Advice> look(Piece piece, List<StrandWork> strands) {
        List<Advice> advice = new ArrayList<>();
        for (int i = 0; i < strands.size(); i++) {
            StrandWork work = strands.get(i);
            for (String id : hammeredAcross(work)) {
                Element element = work.strand().element(id).orElseThrow();
                advice.add(new Advice(
                        Advice.Severity.STOP,
                        "hammered-crossing",
                        "strands." + i + ".elements." + work.strand().elements().indexOf(element),
                        "The " + element.label() + " is hammered where the wire lies over itself.",
                        "The upper limb notches the lower one, which later breaks there (common practice).",
                        "Hammer it before the wire is closed over it, or leave two thicknesses free of the crossing.",
                        Optional.empty()));
            }
        }
        return advice;
    }

    private static Set<String> hammeredAcross(StrandWork work) {
        Set<String> across = new LinkedHashSet<>();
        for (Element element : work.strand().elements()) {
            double from = work.cut().fromMm(element.id());
            if (hammered(work, element.id())
                    && (element instanceof Wrap
                            || crossedWithin(work, from, from + work.cut().wireMm(element.id())))) {
                across.add(element.id());
            }
        }
        return across;
    }

    private static boolean hammered(StrandWork work, String id) {
        return work.operations().stream()
                .anyMatch(o -> o instanceof Operation.Flatten f
                        && (f.elements().isEmpty() || f.elements().contains(id)));
    }

    private static boolean crossedWithin(StrandWork work, double from, double to) {
        for (Crossing crossing : work.crossings()) {
            boolean first = crossing.firstMm() > from && crossing.firstMm() < to;
            boolean second = crossing.secondMm() > from && crossing.secondMm() < to;
            if (first || second) {
                return true;
            }
        }
        return false;
    }
}
