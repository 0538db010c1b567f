package org.etui.core.pattern;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.etui.core.check.BadInput;
import org.etui.core.element.Arc;
import org.etui.core.element.Bend;
import org.etui.core.element.Curl;
import org.etui.core.element.Element;
import org.etui.core.element.Loop;
import org.etui.core.element.Spiral;
import org.etui.core.element.Straight;
import org.etui.core.element.Turn;
import org.etui.core.metal.Metal;
import org.etui.core.metal.Temper;
import org.etui.core.piece.Allowance;
import org.etui.core.piece.HandleAt;
import org.etui.core.piece.Join;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Place;
import org.etui.core.piece.Purpose;
import org.etui.core.piece.Strand;
import org.etui.core.wire.Wire;
import org.etui.core.work.Chain;
import org.etui.core.work.StrandWork;
import org.hipparchus.analysis.UnivariateFunction;
import org.hipparchus.analysis.solvers.BracketingNthOrderBrentSolver;
import org.hipparchus.geometry.euclidean.threed.Rotation;
import org.hipparchus.geometry.euclidean.threed.RotationConvention;
import org.hipparchus.geometry.euclidean.threed.Vector3D;

/**
 * A scroll at both ends of one wire with a gap left between: flat, folded double, or folded and bent over. The fold of a folded link goes round both
 * legs of the link before it and is pressed shut behind them: flat ones rest on the scrolls, bent-over ones hook into the fold. It works out one of
 * four from the other three: how many links, the gap, the scrolls, or the length of the bracelet. Folded links are as far apart as their wires let
 * them when the bracelet is pulled straight ({@link Chain}); worn, each lies as it falls, so a bracelet is good to about a wire a link (estimate).
 */
final class DoubleScrollLink extends Pattern {
    private static final String LINK = "link";

    /** A fold takes both legs of another link side by side, and a little air, in thicknesses (engineering estimate). */
    private static final double LEAST_FOLD = 2.1;

    /** How far each leg is pressed in behind the fold, degrees: a third of the way to straight across (engineering estimate). */
    private static final double PRESSED_DEG = 30;

    /** Inside of the corner that flat jaws press into a leg, mm, in thin wire no more than it is thick (common practice). */
    private static final double CORNER_INSIDE_MM = 0.5;

    /** Legs bent over go round the wire of a fold with a little air, in thicknesses (engineering estimate). */
    private static final double OVER_INSIDE = 2.5;

    private static final double OVER_DEG = 180;

    /** The clasp: run, how much wider than a fold its hook is, lip and curl, mm (engineering estimates). */
    private static final double CLASP_RUN_MM = 3;

    /** Two wires go through a ring, with a tenth of them to move (engineering estimate), in thicknesses. */
    private static final double LEAST_RING = 2.2;

    private static final double CLASP_WIDER_MM = 1.5;
    private static final double CLASP_SWEEP_DEG = 200;
    private static final double CLASP_LIP_MM = 2;
    private static final double CLASP_CURL_MM = 0.9;

    private static final double MOST_GAP_MM = 200;
    private static final double MOST_SCROLL_MM = 40;

    /** The straight between what is bent over and the neck of the fold is at least that, mm. */
    private static final double LEAST_BACK_MM = 0.2;

    /** Scrolls and gap are worked out to this, mm. */
    private static final double SAME_MM = 0.001;

    DoubleScrollLink() {
        super(
                "double-scroll-link",
                "Double-scroll bracelet",
                "Links with a scroll at both ends of one wire, folded into each other; works out links, gap, scrolls or length.",
                List.of(Purpose.BRACELET_CLOSURE, Purpose.LINK, Purpose.DECORATIVE),
                Wire.ofRound(Metal.COPPER, Temper.DEAD_SOFT, 1.0),
                List.of(
                        Parameter.choice("form", "form", "folded", "flat", "bent over"),
                        Parameter.choice("find", "work out", "links", "gap", "scrolls", "length"),
                        Parameter.mm("braceletMm", "bracelet, with ease", 185, 60, 1000)
                                .onlyWith("find", "links", "gap", "scrolls"),
                        Parameter.mm("foldMm", "fold, inside", 2.4, 0.2, 12).onlyWith("form", "folded", "bent over"),
                        Parameter.mm("jointMm", "each joint adds, − takes off", 0, -10, 20),
                        Parameter.count("links", "links", 19, 3, 60).onlyWith("find", "gap", "scrolls", "length"),
                        Parameter.mm("scrollMm", "scrolls, across", 6, 5, MOST_SCROLL_MM)
                                .onlyWith("find", "links", "gap", "length")
                                .leftFree(),
                        Parameter.mm("gapMm", "wire between the scrolls", 31, 4, MOST_GAP_MM)
                                .onlyWith("find", "links", "scrolls", "length")
                                .leftFree(),
                        Parameter.mm("turnGapMm", "gap between the turns of a scroll", 0, 0, 3),
                        Parameter.mm("ringMm", "jump rings, inside", 3, 0.5, 20).onlyWith("form", "flat"),
                        Parameter.choice("clasp", "clasp", "hook", "none")));
    }

    /**
     * The measures of one link.
     *
     * @param form flat, folded or bent over
     * @param foldMm inside of the fold, mm
     * @param scrollMm across a scroll, mm
     * @param gapMm wire between the scrolls, mm
     * @param turnGapMm gap between the turns of a scroll, mm
     * @param ringMm inside of the rings that join flat ones, mm
     * @param wire the wire
     */
    private record Link(
            String form, double foldMm, double scrollMm, double gapMm, double turnGapMm, double ringMm, Wire wire) {
        boolean isFlat() {
            return form.equals("flat");
        }

        boolean isOver() {
            return form.equals("bent over");
        }

        double thicknessMm() {
            return wire.section().inPlaneMm();
        }

        Link gap(double mm) {
            return new Link(form, foldMm, scrollMm, mm, turnGapMm, ringMm, wire);
        }

        Link scroll(double mm) {
            return new Link(form, foldMm, mm, gapMm, turnGapMm, ringMm, wire);
        }

        /** From the middle of the fold to the middle of its wire, mm. */
        double roundMm() {
            return (foldMm + thicknessMm()) / 2;
        }

        double cornerInsideMm() {
            return Math.min(CORNER_INSIDE_MM, thicknessMm());
        }

        double cornerMm() {
            return (cornerInsideMm() + thicknessMm()) / 2;
        }

        double overMm() {
            return (OVER_INSIDE + 1) * thicknessMm() / 2;
        }

        /** The wire between the bends of a leg that leads it from the side of the fold to the other leg, mm: r·cos α = t/2 + s·sin α + ρ·(1 − cos α). */
        double slopeMm() {
            double a = Math.toRadians(PRESSED_DEG);
            return (roundMm() * Math.cos(a) - thicknessMm() / 2 - cornerMm() * (1 - Math.cos(a))) / Math.sin(a);
        }

        /** From the middle of the fold to where the legs run along each other, mm. */
        double neckMm() {
            double a = Math.toRadians(PRESSED_DEG);
            return roundMm() * Math.sin(a) + slopeMm() * Math.cos(a) + cornerMm() * Math.sin(a);
        }

        /** Wire of the fold and of what is pressed into both legs, mm. */
        double foldWireMm() {
            double a = Math.toRadians(PRESSED_DEG);
            return roundMm() * (Math.PI + 2 * a) + 2 * slopeMm() + 2 * cornerMm() * a;
        }

        /** What a leg is longer than what is bent over and hangs behind it, mm: a scroll's half, the fold to its outside and its neck. */
        private double behindMm() {
            return scrollMm / 2 + neckMm() + roundMm() + thicknessMm() / 2;
        }

        /** The straight of each leg of a folded link up to its scroll, mm. */
        double legMm() {
            double straight = gapMm - foldWireMm();
            return isOver() ? (straight - 2 * Math.toRadians(OVER_DEG) * overMm() + 2 * behindMm()) / 4 : straight / 2;
        }

        /** The straight of each leg from where it is bent over to the neck of the fold, which then ends above the scrolls, mm. */
        double backMm() {
            return legMm() - behindMm();
        }

        /** The least wire between the scrolls, mm: flat, the fold of the next link finds room; bent over, the fold reaches down to the scrolls. */
        double leastGapMm() {
            if (isFlat()) {
                return 1;
            }
            double room = isOver() ? behindMm() + LEAST_BACK_MM : scrollMm / 2 + 2 * thicknessMm();
            return foldWireMm()
                    + (isOver() ? 4 * room - 2 * behindMm() + 2 * Math.toRadians(OVER_DEG) * overMm() : 2 * room);
        }

        /** The same with as much wire between the scrolls as it takes at least. */
        Link roomy(List<String> told) {
            double least = Math.ceil(leastGapMm() * 10) / 10;
            if (gapMm >= least) {
                return this;
            }
            told.add(String.format(
                    Locale.ROOT,
                    "Fold and legs take %.1f mm of wire between scrolls of %.1f mm at least: it is made so.",
                    least,
                    scrollMm));
            return gap(least);
        }

        Strand strand(int links) {
            return Strand.of(LINK, "Link", wire, elements())
                    .withOrder(order())
                    .withAllowance(Allowance.usual().withHandleAt(HandleAt.NONE))
                    .withPlace(isFlat() ? Place.FREE : Place.turned(isOver() ? -90 : 90))
                    .times(links, false, false);
        }

        /** Folded in its middle first; pressed shut, both legs bent over together, the scrolls wound last. */
        private List<String> order() {
            if (isFlat()) {
                return List.of("first-scroll", "second-scroll");
            }
            List<String> order = new ArrayList<>(
                    List.of("fold", "first-shoulder", "second-shoulder", "first-corner", "second-corner"));
            if (isOver()) {
                order.addAll(List.of("first-hook", "second-hook"));
            }
            order.addAll(List.of("first-scroll", "second-scroll"));
            return order;
        }

        private List<Element> elements() {
            Spiral first =
                    Spiral.closed("first-scroll", 1, turnGapMm, Turn.LEFT).across(scrollMm);
            Spiral second = Spiral.closed("second-scroll", 1, turnGapMm, Turn.LEFT)
                    .across(scrollMm)
                    .inward();
            if (isFlat()) {
                return List.of(first, Straight.of("middle", gapMm), second);
            }
            List<Element> elements = new ArrayList<>(List.of(first));
            elements.addAll(leg("first"));
            elements.add(Arc.of("fold", foldMm, 180, Turn.RIGHT));
            List<Element> other = leg("second");
            for (int i = other.size() - 1; i >= 0; i--) {
                elements.add(other.get(i));
            }
            elements.add(isOver() ? second.lifted(0, -90) : second);
            return elements;
        }

        /** From the scroll to the fold. */
        private List<Element> leg(String which) {
            List<Element> leg = new ArrayList<>();
            leg.add(Straight.of(which + "-leg", legMm()));
            if (isOver()) {
                Straight back = Straight.of(which + "-back", backMm());
                leg.add(Arc.of(which + "-hook", OVER_INSIDE * thicknessMm(), OVER_DEG, Turn.LEFT)
                        .rolled(90));
                leg.add(which.equals("first") ? back.rolled(-90) : back);
            }
            leg.add(Bend.of(which + "-corner", PRESSED_DEG, Turn.LEFT).inside(cornerInsideMm()));
            leg.add(Straight.of(which + "-slope", slopeMm()));
            leg.add(Arc.of(which + "-shoulder", foldMm, PRESSED_DEG, Turn.RIGHT));
            return leg;
        }

        /** Each link hangs in the one before: its fold round both legs of that, or where those are bent over. */
        Join join() {
            return isOver()
                    ? Join.of(LINK + ".fold", LINK + ".first-hook")
                    : new Join(LINK + ".fold", LINK + ".first-leg", Optional.of(Join.How.HUNG));
        }

        /** From a link to the next, pulled straight, mm. */
        double pitchMm() {
            if (isFlat()) {
                // Pulled straight, a ring bears on the outermost wire of both scrolls from within.
                return gapMm + scrollMm + ringMm - 2 * thicknessMm();
            }
            Piece piece = Piece.of("Link", Purpose.LINK, List.of(strand(2))).withParts(List.of(), List.of(join()));
            return Chain.of(piece, StrandWork.of(piece, piece.strands().get(0)))
                    .orElseThrow()
                    .pitchMm();
        }

        /** What a clasp adds to the bracelet where it hangs in the fold, mm: inside of its loop, which sits on the line, to inside of its hook. */
        double claspMm() {
            return claspLoopMm()
                    + CLASP_RUN_MM
                    + (foldMm + CLASP_WIDER_MM) / 2
                    + (isOver() || isFlat() ? 0 : foldMm / 2);
        }

        /** Twice its wire: the wire of a fold goes through it and moves. */
        double claspLoopMm() {
            return 2 * thicknessMm();
        }
    }

    @Override
    Piece build(Values values, Wire wire, Purpose purpose) {
        double least = Math.round(100 * LEAST_FOLD * wire.section().inPlaneMm()) / 100.0;
        double fold = Math.max(values.number("foldMm"), least);
        Link link = new Link(
                values.word("form"),
                fold,
                values.number("scrollMm"),
                values.number("gapMm"),
                values.number("turnGapMm"),
                Math.max(values.number("ringMm"), leastRingMm(wire)),
                wire);
        boolean clasp = values.word("clasp").equals("hook");
        double joint = values.number("jointMm");
        int links = values.count("links");
        double claspMm = clasp ? link.claspMm() : 0;
        double own = (values.number("braceletMm") - claspMm) / links - joint;
        List<String> told = new ArrayList<>();
        switch (values.word("find")) {
            case "gap" -> link = link.gap(within("gap", links, own, link::gap, link.leastGapMm(), MOST_GAP_MM));
            case "scrolls" -> {
                double leastMm = 2 * link.thicknessMm();
                Link asked = link.gap(Math.max(
                        link.gapMm(), Math.ceil(10 * link.scroll(leastMm).leastGapMm()) / 10));
                link = asked.scroll(within("scrolls", links, own, asked::scroll, leastMm, mostScroll(asked)));
            }
            case "length" -> {
                link = link.roomy(told);
                told.add(comesTo(links, links * (link.pitchMm() + joint) + claspMm, clasp));
            }
            default -> {
                link = link.roomy(told);
                double pitch = Math.max(SAME_MM, link.pitchMm() + joint);
                links = (int) Math.max(
                        1, Math.min(10_000, Math.ceil((values.number("braceletMm") - claspMm) / pitch - 1e-9)));
                told.add(comesTo(links, links * pitch + claspMm, clasp));
            }
        }
        if (!link.isFlat() && fold > values.number("foldMm")) {
            told.add(String.format(
                    Locale.ROOT,
                    "Both legs of the next link go into a fold of %.1f mm at least: it is made so.",
                    fold));
        }
        if (link.isFlat()) {
            told.add(String.format(
                    Locale.ROOT,
                    "Jump rings of %.1f mm inside go through the outermost turns of the scrolls%s.",
                    link.ringMm(),
                    clasp ? ", the last one is for the hook" : ""));
        }
        if (clasp) {
            told.add(
                    link.isFlat()
                            ? "The hook of the clasp goes into the ring of the last link."
                            : link.isOver()
                                    ? "The hook of the clasp goes in where the legs of the last link are bent over."
                                    : "The hook of the clasp goes round both legs of the last link, behind its scrolls.");
        }
        return piece(link, links, clasp, purpose).withNotes(String.join(" ", told));
    }

    private static String comesTo(int links, double mm, boolean clasp) {
        return String.format(
                Locale.ROOT, "%d links come to about %.0f mm%s.", links, mm, clasp ? " with the clasp" : "");
    }

    private Piece piece(Link link, int links, boolean clasp, Purpose purpose) {
        Strand strand = link.strand(links);
        if (link.isFlat()) {
            return flat(link, strand, clasp, purpose);
        }
        List<Strand> strands = new ArrayList<>(List.of(strand));
        List<Join> joins = new ArrayList<>();
        if (links > 1) {
            joins.add(link.join());
        }
        if (clasp) {
            Strand hook = clasp(link);
            strands.add(hook.withPlace(hung(hook, strand)));
            joins.add(Join.of("clasp.loop", LINK + ".fold"));
        }
        return Piece.of(title(), purpose, strands).withParts(List.of(), joins);
    }

    private static double leastRingMm(Wire wire) {
        return Math.ceil(10 * LEAST_RING * wire.section().inPlaneMm()) / 10;
    }

    /** Joined by rings: one between two links, and where there is a clasp one more at the end, for its hook. */
    private Piece flat(Link link, Strand loose, boolean clasp, Purpose purpose) {
        List<Vector3D> middle = drawn(loose, "middle");
        Vector3D along = middle.get(middle.size() - 1).subtract(middle.get(0));
        Strand strand = loose.withPlace(Place.turned(-Math.toDegrees(along.getAlpha())));
        int rings = strand.count() - (clasp ? 0 : 1);
        List<Strand> strands = new ArrayList<>(List.of(strand));
        List<Join> joins = new ArrayList<>();
        if (rings > 0) {
            Strand ring = JumpRings.ring(link.ringMm(), link.wire()).times(rings, false, false);
            strands.add(ring.withPlace(inScroll(ring, bears(strand, "second-scroll", Vector3D.PLUS_I), link)));
            joins.add(Join.of("ring.ring", LINK + ".second-scroll"));
            joins.add(Join.of("ring.ring", LINK + ".first-scroll"));
        }
        if (clasp) {
            Strand hook = clasp(link);
            strands.add(hook.withPlace(hung(hook, bears(strand, "first-scroll", Vector3D.MINUS_I), Vector3D.MINUS_I)));
            joins.add(Join.of("clasp.loop", LINK + ".first-scroll"));
        }
        return Piece.of(title(), purpose, strands).withParts(List.of(), joins);
    }

    /** Where wire lies that hangs in the outermost turn of a scroll, pulled that way. */
    private static Vector3D bears(Strand links, String scroll, Vector3D out) {
        double rad = Math.toRadians(links.place().rotDeg());
        Vector3D outermost = drawn(links, scroll).stream()
                .map(p -> turned(p, rad))
                .max(Comparator.comparingDouble(out::dotProduct))
                .orElseThrow();
        return outermost.subtract(links.wire().section().inPlaneMm(), out);
    }

    /** Where a ring lies that goes through the outermost turn of the scroll on the right. */
    private static Place inScroll(Strand ring, Vector3D bears, Link link) {
        List<Vector3D> round = drawn(ring, "ring");
        Vector3D middle = round.stream().reduce(Vector3D.ZERO, Vector3D::add).scalarMultiply(1.0 / round.size());
        double radius = (link.ringMm() + link.thicknessMm()) / 2;
        return new Place(bears.getX() + radius - middle.getX(), bears.getY() - middle.getY(), 0, 0);
    }

    /** A hook of its own wire: its loop, across the line of the hook, hangs in the fold of the first link, its hook goes into the last. */
    private static Strand clasp(Link link) {
        List<Element> elements = List.of(
                Loop.thatOpens("loop", link.claspLoopMm(), Turn.LEFT)
                        .onTheLine()
                        .rolled(90),
                Straight.of("run", CLASP_RUN_MM).rolled(-90),
                Arc.of("hook-bend", link.foldMm() + CLASP_WIDER_MM, CLASP_SWEEP_DEG, Turn.RIGHT),
                Straight.of("lip", CLASP_LIP_MM),
                Curl.of("tip-curl", CLASP_CURL_MM, Turn.LEFT));
        return Strand.of("clasp", "Clasp", link.wire(), elements)
                .withOrder(List.of("tip-curl", "lip", "hook-bend", "run", "loop"));
    }

    /** Where the clasp lies with the inside of its loop in the inside of the fold, its run on the line of the chain. */
    private static Place hung(Strand clasp, Strand links) {
        List<Vector3D> fold = drawn(links, "fold");
        Vector3D begins = fold.get(0);
        Vector3D ends = fold.get(fold.size() - 1);
        Vector3D middle = begins.add(ends).scalarMultiply(0.5);
        Vector3D points = fold.stream()
                .map(p -> p.subtract(middle))
                .reduce(Vector3D.ZERO, Vector3D::add)
                .normalize();
        double linkRad = Math.toRadians(links.place().rotDeg());
        Vector3D out = turned(points, linkRad);
        double thickness = clasp.wire().section().inPlaneMm();
        return hung(clasp, turned(middle, linkRad).add(out.scalarMultiply(begins.distance(ends) / 2 - thickness)), out);
    }

    /** Where it lies with the far side of its loop in a place and its hook out from there. */
    private static Place hung(Strand clasp, Vector3D bears, Vector3D out) {
        List<Vector3D> run = drawn(clasp, "run");
        List<Vector3D> loop = drawn(clasp, "loop");
        Vector3D hook = run.get(run.size() - 1);
        Vector3D far =
                loop.stream().max(Comparator.comparingDouble(hook::distance)).orElseThrow();
        // The clasp goes on the way that it is pulled; its loop reaches back.
        Vector3D away = hook.subtract(run.get(0));
        double turnRad = Math.atan2(out.getY(), out.getX()) - Math.atan2(away.getY(), away.getX());
        Vector3D at = bears.subtract(turned(far, turnRad));
        return new Place(at.getX(), at.getY(), at.getZ(), Math.IEEEremainder(Math.toDegrees(turnRad), 2 * OVER_DEG));
    }

    private static Vector3D turned(Vector3D point, double rad) {
        return new Rotation(Vector3D.PLUS_K, rad, RotationConvention.VECTOR_OPERATOR).applyTo(point);
    }

    /** The middle of the wire of an element, in the frame of its strand. */
    private static List<Vector3D> drawn(Strand strand, String element) {
        StrandWork work = StrandWork.of(Piece.of("Link", Purpose.LINK, List.of(strand)), strand);
        double from = work.cut().fromMm(element);
        double to = from + work.cut().wireMm(element);
        return work.stations().stream()
                .filter(s -> s.wireMm() >= from - SAME_MM && s.wireMm() <= to + SAME_MM)
                .map(s -> s.pose().position())
                .toList();
    }

    /** The largest scrolls that so much wire between them leaves room for, mm. */
    private static double mostScroll(Link link) {
        UnivariateFunction room = mm -> link.gapMm() - link.scroll(mm).leastGapMm();
        double least = 2 * link.thicknessMm();
        if (room.value(MOST_SCROLL_MM) >= 0 || room.value(least) <= 0) {
            return MOST_SCROLL_MM;
        }
        return new BracketingNthOrderBrentSolver(SAME_MM, SAME_MM / 10, 5).solve(60, room, least, MOST_SCROLL_MM)
                - SAME_MM;
    }

    /** What is asked for with a measure of the link. */
    private interface Asked {
        Link with(double mm);
    }

    /** The measure with which a link is as long as it has to be, to the hundredth of a millimetre. */
    private static double within(String what, int links, double ownMm, Asked asked, double leastMm, double mostMm) {
        UnivariateFunction tooLong = mm -> asked.with(mm).pitchMm() - ownMm;
        double atLeast = tooLong.value(leastMm);
        double atMost = tooLong.value(mostMm);
        if (atLeast * atMost > 0) {
            throw new BadInput(
                    "links",
                    links,
                    String.format(
                            Locale.ROOT,
                            "must be %s: each link would be %.1f mm long, and with %s from %.1f mm to %.1f mm it is from %.1f to %.1f mm",
                            atLeast > 0 ? "fewer" : "more",
                            ownMm,
                            what,
                            leastMm,
                            mostMm,
                            ownMm + Math.min(atLeast, atMost),
                            ownMm + Math.max(atLeast, atMost)));
        }
        double mm = new BracketingNthOrderBrentSolver(SAME_MM, SAME_MM / 10, 5).solve(60, tooLong, leastMm, mostMm);
        return Math.round(mm * 100) / 100.0;
    }
}
