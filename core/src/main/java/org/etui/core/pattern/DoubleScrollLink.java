package org.etui.core.pattern;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.etui.core.check.BadInput;
import org.etui.core.element.Arc;
import org.etui.core.element.Element;
import org.etui.core.element.Spiral;
import org.etui.core.element.Straight;
import org.etui.core.element.Turn;
import org.etui.core.metal.Metal;
import org.etui.core.metal.Temper;
import org.etui.core.piece.Allowance;
import org.etui.core.piece.HandleAt;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Place;
import org.etui.core.piece.Purpose;
import org.etui.core.piece.Strand;
import org.etui.core.wire.Wire;

/**
 * A scroll at both ends of one wire with a gap left between: flat, folded double, or folded and bent over to hook into the
 * next. It works out one of three from the length of the bracelet: how many links, the gap, or the scrolls. A link takes
 * its own length and what a joint adds. Its length is taken to the middle of the scrolls and half their size beyond, so
 * it is good to half the pitch of a scroll.
 */
final class DoubleScrollLink extends Pattern {
    /** Inside of the fold, mm: squeezed round the tips of the jaws (common practice). */
    private static final double FOLD_INSIDE_MM = 0.5;

    /** The bent-over end takes two thicknesses and a little air, in thicknesses (engineering estimate). */
    private static final double OVER_INSIDE = 2.5;

    private static final double OVER_DEG = 170;

    DoubleScrollLink() {
        super(
                "double-scroll-link",
                "Double-scroll bracelet",
                "Links with a scroll at both ends of one wire; works out links, gap or scrolls for a bracelet.",
                List.of(Purpose.BRACELET_CLOSURE, Purpose.LINK, Purpose.DECORATIVE),
                Wire.ofRound(Metal.COPPER, Temper.DEAD_SOFT, 1.0),
                List.of(
                        Parameter.choice("form", "form", "folded", "flat", "bent over"),
                        Parameter.choice("find", "work out", "links", "gap", "scrolls", "length"),
                        Parameter.mm("braceletMm", "bracelet, with ease", 185, 60, 1000)
                                .onlyWith("find", "links", "gap", "scrolls"),
                        Parameter.mm("foldMm", "fold, inside", FOLD_INSIDE_MM, 0.2, 6)
                                .onlyWith("form", "folded", "bent over"),
                        Parameter.mm("jointMm", "each joint adds, − takes off", 0, -10, 20),
                        Parameter.count("links", "links", 19, 3, 60).onlyWith("find", "gap", "scrolls", "length"),
                        Parameter.mm("scrollMm", "scrolls, across", 6, 5, 40)
                                .onlyWith("find", "links", "gap", "length")
                                .leftFree(),
                        Parameter.mm("gapMm", "wire between the scrolls", 11, 4, 120)
                                .onlyWith("find", "links", "scrolls", "length")
                                .leftFree(),
                        Parameter.mm("turnGapMm", "gap between the turns of a scroll", 0, 0, 3)));
    }

    @Override
    Piece build(Values values, Wire wire, Purpose purpose) {
        boolean flat = values.word("form").equals("flat");
        double fold = flat ? 0 : values.number("foldMm") / 2 + wire.section().inPlaneMm();
        double legs = flat ? 1 : 2;
        double scroll = values.number("scrollMm");
        double gap = values.number("gapMm");
        double joint = values.number("jointMm");
        int links = values.count("links");
        double own = values.number("braceletMm") / links - joint - fold;
        String told = "";
        switch (values.word("find")) {
            case "gap" -> gap = within("gap", legs * (own - scroll / legs), 1, links, own);
            case "scrolls" ->
                scroll = within(
                        "scrolls", legs * (own - gap / legs), 2 * wire.section().inPlaneMm(), links, own);
            case "length" ->
                told = String.format(
                        Locale.ROOT,
                        "%d links come to about %.0f mm.",
                        links,
                        links * ((gap + scroll) / legs + fold + joint));
            default -> {
                double pitch = (gap + scroll) / legs + fold + joint;
                links = (int) Math.max(1, Math.min(10_000, Math.ceil(values.number("braceletMm") / pitch - 1e-9)));
            }
        }
        List<Element> elements = elements(values, wire, scroll, gap);
        boolean over = values.word("form").equals("bent over");
        Strand strand = Strand.of("link", "Link", wire, elements)
                .withOrder(order(flat, over))
                .withAllowance(Allowance.usual().withHandleAt(HandleAt.NONE))
                .withPlace(flat ? Place.FREE : Place.turned(over ? -90 : 90))
                .times(links, false, false);
        return Piece.of(title(), purpose, List.of(strand)).withNotes(told);
    }

    /** Folded in its middle first; both legs are bent over together, the scrolls wound last. */
    private static List<String> order(boolean flat, boolean over) {
        if (flat) {
            return List.of("first-scroll", "second-scroll");
        }
        return over
                ? List.of("fold", "first-hook", "second-hook", "first-scroll", "second-scroll")
                : List.of("fold", "first-scroll", "second-scroll");
    }

    /** What was worked out, if it can be made. */
    private static double within(String what, double mm, double least, int links, double ownMm) {
        if (mm < least) {
            throw new BadInput(
                    "links",
                    links,
                    String.format(
                            Locale.ROOT,
                            "must be fewer: each link would be %.1f mm long, and the %s %.1f mm, at least %.1f needed",
                            ownMm,
                            what,
                            mm,
                            least));
        }
        return Math.round(mm * 100) / 100.0;
    }

    private static List<Element> elements(Values values, Wire wire, double scrollMm, double gapMm) {
        double t = wire.section().inPlaneMm();
        double turnGap = values.number("turnGapMm");
        Spiral first = Spiral.closed("first-scroll", 1, turnGap, Turn.LEFT).across(scrollMm);
        Spiral second = Spiral.closed("second-scroll", 1, turnGap, Turn.LEFT)
                .across(scrollMm)
                .inward();
        if (values.word("form").equals("flat")) {
            return List.of(first, Straight.of("middle", gapMm), second);
        }
        boolean over = values.word("form").equals("bent over");
        List<Element> elements = new ArrayList<>(List.of(first, Straight.of("first-leg", gapMm / 2)));
        if (over) {
            elements.add(
                    Arc.of("first-hook", OVER_INSIDE * t, OVER_DEG, Turn.LEFT).rolled(90));
        }
        Arc fold = Arc.of("fold", values.number("foldMm"), 180, Turn.RIGHT);
        if (over) {
            // The fold shows a thickness of both legs beyond the bend, flat again as the scrolls are.
            elements.add(Straight.of("first-end", t).rolled(-90));
            elements.add(fold);
            elements.add(Straight.of("second-end", t));
            elements.add(
                    Arc.of("second-hook", OVER_INSIDE * t, OVER_DEG, Turn.LEFT).rolled(90));
        } else {
            elements.add(fold);
        }
        elements.add(Straight.of("second-leg", gapMm / 2));
        elements.add(over ? second.lifted(0, -90) : second);
        return elements;
    }
}
