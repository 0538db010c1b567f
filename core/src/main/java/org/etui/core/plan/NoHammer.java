package org.etui.core.plan;

import java.util.ArrayList;
import java.util.List;
import org.etui.core.element.Element;
import org.etui.core.element.Girth;
import org.etui.core.element.Loop;
import org.etui.core.element.Wrap;
import org.etui.core.piece.PartKind;
import org.etui.core.piece.Piece;
import org.etui.core.work.StrandWork;

/** Where no hammer may go: two thicknesses to either side of a crossing, loops that open later, wraps, beads, stones (common practice). */
final class NoHammer {
    private NoHammer() {}

    private static Plan.Zone whole(StrandWork work, Element element, String because) {
        double from = work.cut().fromMm(element.id());
        return new Plan.Zone(from, from + work.cut().wireMm(element.id()), because);
    }

    static List<Plan.Zone> of(Piece piece, StrandWork work) {
        double reach = 2 * work.strand().wire().section().thicknessMm();
        double net = work.netMm();
        List<Plan.Zone> zones = new ArrayList<>();
        work.crossings().forEach(c -> {
            for (double s : new double[] {c.firstMm(), c.secondMm()}) {
                zones.add(new Plan.Zone(Math.max(0, s - reach), Math.min(net, s + reach), "the wire lies over itself"));
            }
        });
        for (Element element : work.strand().elements()) {
            if (element instanceof Loop loop && loop.opens()) {
                zones.add(whole(work, loop, "it has to open later"));
            } else if (element instanceof Wrap wrap) {
                zones.add(whole(work, wrap, "it lies on what it is wrapped round"));
            } else if (element instanceof Girth) {
                zones.add(whole(work, element, "it lies on the stone"));
            }
            String address = work.strand().id() + "." + element.id();
            piece.parts().stream()
                    .filter(p -> p.on().filter(address::equals).isPresent() && cracks(p.kind()))
                    .forEach(p -> zones.add(whole(work, element, "the " + p.label() + " sits here")));
        }
        return List.copyOf(zones);
    }

    private static boolean cracks(PartKind kind) {
        return kind == PartKind.BEAD || kind == PartKind.STONE || kind == PartKind.SPACER;
    }
}
