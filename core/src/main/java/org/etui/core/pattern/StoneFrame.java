package org.etui.core.pattern;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import org.etui.core.curve.Circuit;
import org.etui.core.element.Across;
import org.etui.core.element.Bend;
import org.etui.core.element.Element;
import org.etui.core.element.Girth;
import org.etui.core.element.Loop;
import org.etui.core.element.Outline;
import org.etui.core.element.Seating;
import org.etui.core.element.Straight;
import org.etui.core.element.Turn;
import org.etui.core.element.Wrap;
import org.etui.core.metal.Metal;
import org.etui.core.metal.Temper;
import org.etui.core.piece.Allowance;
import org.etui.core.piece.Body;
import org.etui.core.piece.HandleAt;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Purpose;
import org.etui.core.piece.Solid;
import org.etui.core.piece.Strand;
import org.etui.core.piece.Surface;
import org.etui.core.wire.Wire;

/**
 * Frame wires lashed into a bundle at intervals and bent round the stone, one of them drawn up into a bail, the others
 * ending in scrolls; a finer wire lashes, one more is woven over the front. The frame begins and ends at the top of the
 * outline: its marks are where the neck bends, the lashings and the scrolls come.
 */
final class StoneFrame extends HeldStone {
    /** Turns of the bail's own end round its neck: they close it (common practice: two or more). */
    private static final double BAIL_TURNS = 2;

    /** Where on the stem they lie, as a share of it: just below the loop. */
    private static final double STEM = 0.9;

    /** The weave covers the front between these shares of the way down either side. */
    private static final double WOVEN_FROM = 0.16;

    private static final double WOVEN_TO = 0.42;
    private static final double PLACE = 0.002;

    /** A pass goes over the edge where that stands up no further from it: over a slanting side it would slip. */
    private static final double SQUARE = 0.6;

    /** Passes of the weave lie so many thicknesses apart at least. */
    private static final double APART = 3;

    /** Corners are looked for about the stone at this distance, mm. */
    private static final double ROUND_MM = 0.5;

    /** How much of the way over the back its beginning lies under its own turns. */
    private static final double TAIL = 0.3;

    StoneFrame() {
        super(
                "stone-frame",
                "Stone frame",
                "A stone held by lashed frame wires, woven over in front, with a bail and scrolled ends.",
                List.of(Purpose.PENDANT, Purpose.DECORATIVE),
                Wire.ofAwg(Metal.COPPER, Temper.DEAD_SOFT, "20"),
                asked(
                        List.of(Parameter.count("frameWires", "frame wires", 3, 2, 8)),
                        lashed(12),
                        List.of(
                                Parameter.number("lashTurns", "each lashing, turns", "turns", 4, 1, 20),
                                Parameter.choice("lashingWire", "lashing wire", "round", "half-round"),
                                Parameter.count("passes", "passes of the weave", 6, 2, 20),
                                Parameter.mm("neckMm", "neck", 5, 1, 40),
                                Parameter.mm("bailInsideMm", "bail, inside", 5, 2, 30)),
                        Ends.asked(2)));
    }

    @Override
    Piece build(Values values, Wire wire, Purpose purpose) {
        return Ends.made(values, wire, v -> framed(v, wire, purpose));
    }

    private Piece framed(Values values, Wire wire, Purpose purpose) {
        int frames = values.count("frameWires");
        Wire fine = fine(values, wire);
        Outline outline = outline(values);
        double bundle = frames * wire.section().acrossMm();
        Body.Cabochon stone = stone(values, outline, bundle);
        List<Strand> strands = new ArrayList<>();
        for (int i = 0; i < frames; i++) {
            strands.add(frameWire(values, wire, stone, i));
        }
        strands.addAll(lashings(values, fine, strands.subList(0, frames), values.number("lashTurns")));
        strands.add(neckLashing(values, fine, strands.subList(0, frames)));
        Piece bare = Piece.of(title(), purpose, strands).withParts(List.of(part(values, stone)), List.of());
        List<Strand> woven = new ArrayList<>(strands);
        Wire weaving = Wire.ofRound(wire.metal(), wire.temper(), fineMm(wire));
        woven.add(weave(values, weaving, fine.section().acrossMm(), strands.subList(0, frames)));
        Piece whole = Piece.of(title(), purpose, woven).withParts(List.of(part(values, stone)), List.of());
        // A stone that is small for its wire has no room for the weave.
        return isMakeable(whole) ? whole : bare;
    }

    /** One wire of the bundle; the last is drawn up into the bail. */
    private static Strand frameWire(Values values, Wire wire, Body.Cabochon stone, int slot) {
        boolean bail = slot == values.count("frameWires") - 1;
        List<Element> elements = bail
                ? frame(
                        values,
                        wire,
                        stone,
                        slot,
                        aboveScrollsMm(values, wire),
                        Bend.of("bail-corner", 90, Turn.RIGHT).rolled(90),
                        Loop.of("bail", values.number("bailInsideMm"), Turn.LEFT),
                        Wrap.of("bail-wrap", Wrap.Core.ofStem(wire.section().inPlaneMm()), BAIL_TURNS, Turn.LEFT)
                                .round(List.of("bail.second-neck"), STEM))
                : frame(
                        values,
                        wire,
                        stone,
                        slot,
                        0,
                        scroll("second-scroll", values).inward());
        return Strand.of(
                        bail ? "bail" : "frame-" + (slot + 1),
                        bail ? "Bail wire" : "Frame wire " + (slot + 1),
                        wire,
                        elements)
                .withOrder(formed(values))
                .withAllowance(Allowance.usual().withHandleAt(bail ? HandleAt.END : HandleAt.NONE));
    }

    /** How much longer the bail's stem is than the neck, so that its turns are wound above the scrolls, mm. */
    private static double aboveScrollsMm(Values values, Wire wire) {
        double t = wire.section().inPlaneMm();
        double scroll = SCROLL_INSIDE_MM / 2 + t + values.number("scrollTurns") * (t + SCROLL_GAP_MM);
        return scroll + (BAIL_TURNS + 2) * wire.section().acrossMm();
    }

    /** Scroll, neck, the girth in sides, neck, and what the wire ends in; the two necks lie beside each other. */
    private static List<Element> frame(
            Values values, Wire wire, Body.Cabochon stone, int slot, double longerMm, Element... end) {
        double t = wire.section().inPlaneMm();
        double across = wire.section().acrossMm();
        Circuit round = new Solid(stone).girth(new Solid(stone).lie(across / 2, slot, t / 2, across));
        double from = besideTheMiddle(round, t);
        double to = beyondTheMiddle(round, t, t / 2);
        double neck = values.number("neckMm");
        List<Element> elements = new ArrayList<>();
        elements.add(scroll("first-scroll", values));
        elements.add(Straight.of("first-neck", neck));
        elements.add(Bend.of("first-corner", 90 - Math.toDegrees(turned(round, from)), Turn.RIGHT));
        elements.addAll(sides(
                places(round, values, fine(values, wire).section().acrossMm(), from),
                stone,
                across / 2,
                slot,
                from,
                to));
        elements.add(Bend.of("second-corner", 90 + Math.toDegrees(turned(round, to)), Turn.RIGHT));
        elements.add(Straight.of("second-neck", Math.max(t, neck + higherMm(round, t, from, to)) + longerMm));
        elements.addAll(List.of(end));
        return elements;
    }

    /** The girth first, from its beginning; corners, and the ends last. */
    private static List<String> formed(Values values) {
        List<String> order = new ArrayList<>(IntStream.rangeClosed(1, values.count("lashings") + 1)
                .mapToObj(i -> "side-" + i)
                .toList());
        order.addAll(List.of("first-corner", "second-corner", "first-neck", "first-scroll", "second-neck"));
        return order;
    }

    /**
     * Over the front from side to side and back again behind, from the top down, over the bundle at every edge; its ends
     * are tucked under behind.
     */
    private static Strand weave(Values values, Wire fine, double lashingMm, List<Strand> frames) {
        List<Double> free = free(values, lashingMm, frames.get(0));
        int passes = passes(values, fine, free);
        List<Element> elements = new ArrayList<>();
        elements.add(Across.of("tail", STONE, Across.Face.BACK, 1 - at(free, 0, passes), at(free, 0, passes))
                .part(1 - TAIL, 1));
        for (int i = 0; i < passes; i++) {
            double here = at(free, i, passes);
            elements.add(Across.of("pass-" + (i + 1), STONE, Across.Face.FRONT, here, 1 - here));
            if (i + 1 < passes) {
                elements.add(
                        Across.of("behind-" + (i + 1), STONE, Across.Face.BACK, 1 - here, at(free, i + 1, passes)));
            }
        }
        double end = at(free, passes - 1, passes);
        elements.add(Across.of("end", STONE, Across.Face.BACK, 1 - end, end).part(0, TAIL));
        return Strand.of("weave", "Weave", fine, elements);
    }

    /** As many as asked for, as far as they have room beside each other. */
    private static int passes(Values values, Wire fine, List<Double> free) {
        double room = free.size() * PLACE * round(values).lengthMm();
        return (int) Math.max(
                1,
                Math.min(values.count("passes"), room / (APART * fine.section().acrossMm())));
    }

    private static Circuit round(Values values) {
        return new Solid(stone(values, outline(values), 0)).girth(0, ROUND_MM);
    }

    private static double at(List<Double> free, int pass, int passes) {
        return free.get((int) (free.size() * (pass + 0.5) / passes));
    }

    /** Places along a side, from the top down, that are clear of the lashings on either side. */
    private static List<Double> free(Values values, double lashingMm, Strand frame) {
        List<Girth> sides = frame.elements().stream()
                .flatMap(e -> e.seated(Seating.girths()).flatMap(g -> g).stream())
                .toList();
        Solid stone = new Solid(stone(values, outline(values), 0));
        Surface surface = new Surface(stone);
        Circuit round = round(values);
        double clear = (values.number("lashTurns") / 2 + 4) * lashingMm / round.lengthMm();
        List<Double> free = DoubleStream.iterate(WOVEN_FROM, at -> at <= WOVEN_TO, at -> at + PLACE)
                .filter(at -> sides.stream()
                        .skip(1)
                        .mapToDouble(Girth::from)
                        .noneMatch(l -> Math.abs(l - at) < clear || Math.abs(1 - l - at) < clear))
                .filter(at -> Math.abs(surface.edge(at).normal().getX()) > SQUARE)
                .filter(at -> !isCorner(round, at) && !isCorner(round, 1 - at))
                .boxed()
                .toList();
        return free.isEmpty() ? List.of((WOVEN_FROM + WOVEN_TO) / 2) : free;
    }
}
