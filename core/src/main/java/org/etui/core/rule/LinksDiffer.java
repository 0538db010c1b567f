package org.etui.core.rule;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.etui.core.element.Element;
import org.etui.core.piece.Purpose;
import org.etui.core.piece.Strand;

/** Every link the same: the gap is the gauge (common practice). */
final class LinksDiffer implements Rule {
    private static final String NAME = "links-differ";

    private static final int LEAST_ELEMENTS = 3;

    @Override
    public List<String> names() {
        return List.of(NAME);
    }

    @Override
    public List<Advice> look(Bench bench) {
        List<Advice> advice = new ArrayList<>();
        List<Strand> strands = bench.piece().strands();
        boolean chain = bench.piece().purpose() == Purpose.LINK || bench.piece().purpose() == Purpose.BRACELET_CLOSURE;
        for (int i = 1; chain && i < strands.size(); i++) {
            Strand first = strands.get(0);
            Strand other = strands.get(i);
            if (kinds(first).equals(kinds(other))
                    && first.elements().size() >= LEAST_ELEMENTS
                    && first.wire().equals(other.wire())
                    && !first.elements().equals(other.elements())) {
                advice.add(new Advice(
                        Advice.Severity.MIND,
                        NAME,
                        "strands." + i + ".elements",
                        "The " + other.title() + " has other measures than the " + first.title() + ".",
                        "Links of different gap or size hang unevenly (common practice).",
                        "Give both the same measures, and form them to one gap strip.",
                        Optional.of(List.of(Advice.Patch.replace("/strands/" + i + "/elements", first.elements())))));
            }
        }
        return advice;
    }

    private static List<String> kinds(Strand strand) {
        return strand.elements().stream().map(Element::kind).toList();
    }
}
