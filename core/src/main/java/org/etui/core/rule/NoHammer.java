package org.etui.core.rule;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.etui.core.check.Term;
import org.etui.core.element.Element;
import org.etui.core.piece.Part;
import org.etui.core.piece.PartKind;
import org.etui.core.piece.Piece;
import org.etui.core.work.StrandWork;

/**
 * Where no hammer may go: two thicknesses to either side of a crossing, loops that open later, wraps, beads, stones (common
 * practice). The one place that says so; rules, plan and card ask here.
 */
public final class NoHammer {
    /** So many thicknesses to either side of a crossing (common practice). */
    private static final double REACH = 2;

    private NoHammer() {}

    /**
     * A stretch of wire that no hammer may touch.
     *
     * @param fromMm where it begins along the wire, mm
     * @param toMm where it ends, mm
     * @param because why
     */
    public record Zone(
            @Term("where it begins along the wire, mm") double fromMm,
            @Term("where it ends along the wire, mm") double toMm,
            @Term("why") String because) {}

    /** Every such stretch of a strand, in order of what forbids it. */
    public static List<Zone> of(Piece piece, StrandWork work) {
        double reach = REACH * work.strand().wire().section().thicknessMm();
        double net = work.netMm();
        List<Zone> zones = new ArrayList<>();
        work.crossings().forEach(c -> {
            for (double s : new double[] {c.firstMm(), c.secondMm()}) {
                zones.add(new Zone(Math.max(0, s - reach), Math.min(net, s + reach), "the wire lies over itself"));
            }
        });
        for (Element element : work.strand().elements()) {
            element.noHammer().ifPresent(because -> zones.add(whole(work, element, because)));
            sitting(piece, List.of(work.strand().id() + "." + element.id()))
                    .forEach(p -> zones.add(whole(work, element, "the " + p.label() + " sits here")));
        }
        return List.copyOf(zones);
    }

    private static Zone whole(StrandWork work, Element element, String because) {
        double from = work.cut().fromMm(element.id());
        return new Zone(from, from + work.cut().wireMm(element.id()), because);
    }

    /** Parts that crack under a hammer, on any of these places. */
    private static List<Part> sitting(Piece piece, List<String> places) {
        return piece.parts().stream()
                .filter(p -> p.kind() == PartKind.BEAD || p.kind() == PartKind.STONE || p.kind() == PartKind.SPACER)
                .filter(p -> p.on().filter(places::contains).isPresent())
                .toList();
    }

    /** Whether the wire lies over itself within an element, or it lies on what it is wrapped round. */
    static boolean isCrossed(StrandWork work, Element element) {
        if (element.handling().laidOver()) {
            return true;
        }
        double from = work.cut().fromMm(element.id());
        double to = from + work.cut().wireMm(element.id());
        return work.crossings().stream().anyMatch(c -> within(c.firstMm(), from, to) || within(c.secondMm(), from, to));
    }

    private static boolean within(double s, double from, double to) {
        return s > from && s < to;
    }

    /** The bead, stone or spacer on an element or on its neighbour; a girth lies on its stone. */
    static Optional<String> beside(Piece piece, StrandWork work, int at) {
        List<Element> elements = work.strand().elements();
        if (elements.get(at).hanging().frame()) {
            return Optional.of("stone");
        }
        List<String> near = elements.subList(Math.max(0, at - 1), Math.min(elements.size(), at + 2)).stream()
                .map(e -> work.strand().id() + "." + e.id())
                .toList();
        return sitting(piece, near).stream().map(Part::label).findFirst();
    }
}
