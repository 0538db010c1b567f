package org.etui.core.rule;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.etui.core.element.Element;
import org.etui.core.piece.Strand;

/** Both of a pair are cut from one nominal thickness: two makes of wire differ (common practice). */
final class PairDiffers implements Rule {
    private static final String NAME = "pair-differs";

    @Override
    public List<String> names() {
        return List.of(NAME);
    }

    @Override
    public List<Advice> look(Bench bench) {
        List<Advice> advice = new ArrayList<>();
        List<Strand> strands = bench.piece().strands();
        for (int one = 0; one < strands.size(); one++) {
            for (int other = one + 1; other < strands.size(); other++) {
                if (alike(strands.get(one), strands.get(other))) {
                    advice.add(new Advice(
                            Advice.Severity.MIND,
                            NAME,
                            "strands." + other + ".wire",
                            "The " + strands.get(one).title() + " and the "
                                    + strands.get(other).title() + " are alike but of different wire.",
                            "Lengths, sizes and look of a pair come out different (common practice).",
                            "Cut both from the same wire.",
                            Optional.of(List.of(Advice.Patch.replace(
                                    "/strands/" + other + "/wire",
                                    strands.get(one).wire())))));
                }
            }
        }
        return advice;
    }

    /** The same elements, in wire of nearly but not quite the same thickness, or of the same thickness and another temper. */
    private static boolean alike(Strand one, Strand other) {
        double a = one.wire().section().thicknessMm();
        double b = other.wire().section().thicknessMm();
        return one.elements().equals(other.elements())
                && one.elements().stream().anyMatch(Element::isBent)
                && one.wire().metal() == other.wire().metal()
                && Math.abs(a - b) <= 0.15 * a
                && !(a == b && one.wire().temper() == other.wire().temper());
    }
}
