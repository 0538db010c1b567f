package org.etui.core.rule;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.etui.core.element.Element;
import org.etui.core.work.StrandWork;

/** The tips of round-nose pliers are about half a millimetre: nothing is wound tighter (engineering estimate). */
final class CurlTooTight implements Rule {
    private static final String NAME = "curl-too-tight";

    private static final double TIP_MM = 0.5;

    @Override
    public List<String> names() {
        return List.of(NAME);
    }

    @Override
    public List<Advice> look(Bench bench) {
        List<StrandWork> strands = bench.strands();
        List<Advice> advice = new ArrayList<>();
        for (int i = 0; i < strands.size(); i++) {
            List<Element> elements = strands.get(i).strand().elements();
            for (int e = 0; e < elements.size(); e++) {
                Element element = elements.get(e);
                double inside = element.woundInsideMm().orElse(TIP_MM);
                if (inside < TIP_MM) {
                    String path = "/strands/" + i + "/elements/" + e + "/insideMm";
                    advice.add(new Advice(
                            Advice.Severity.MIND,
                            NAME,
                            "strands." + i + ".elements." + e,
                            "The " + element.label() + " is " + bench.say(inside, 2)
                                    + " inside: no plier tip is that thin.",
                            "Round-nose tips end at about " + bench.say(TIP_MM, 1) + " (estimate).",
                            "Make it " + bench.say(TIP_MM, 1) + " or more inside.",
                            Optional.of(List.of(Advice.Patch.replace(path, TIP_MM)))));
                }
            }
        }
        return advice;
    }
}
