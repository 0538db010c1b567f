package org.etui.core.pattern;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.etui.core.curve.CentreLine;
import org.etui.core.curve.Circuit;
import org.etui.core.curve.CurvePiece;
import org.etui.core.curve.Pose;
import org.etui.core.element.Arc;
import org.etui.core.element.Bend;
import org.etui.core.element.Element;
import org.etui.core.element.Girth;
import org.etui.core.element.Loop;
import org.etui.core.element.Outline;
import org.etui.core.element.Spiral;
import org.etui.core.element.Straight;
import org.etui.core.element.Turn;
import org.etui.core.element.Wrap;
import org.etui.core.metal.Metal;
import org.etui.core.metal.Temper;
import org.etui.core.piece.Allowance;
import org.etui.core.piece.Body;
import org.etui.core.piece.HandleAt;
import org.etui.core.piece.Join;
import org.etui.core.piece.Part;
import org.etui.core.piece.PartKind;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Place;
import org.etui.core.piece.Purpose;
import org.etui.core.piece.Solid;
import org.etui.core.piece.Strand;
import org.etui.core.wire.Wire;
import org.hipparchus.analysis.solvers.BrentSolver;
import org.hipparchus.geometry.euclidean.threed.Vector3D;

/**
 * Frame wires lashed into a bundle at intervals and bent round the stone, one of them drawn up into a bail, the others
 * ending in scrolls; a finer wire lashes, one more is woven over the front. The frame begins and ends at the top of the
 * outline: its marks are where the neck bends, the lashings and the scrolls come.
 */
final class StoneFrame extends Pattern {
    /** Lashing and weaving wire as a share of the frame wire (common practice: two to four gauges finer). */
    private static final double FINE_SHARE = 0.5;

    /** Turns of the bail's own end round its neck: they close it (common practice: two or more). */
    private static final double BAIL_TURNS = 2;

    private static final String STONE = "stone";
    private static final double SCROLL_INSIDE_MM = 0.8;
    private static final double SCROLL_GAP_MM = 0.4;

    /** A lashing is moved by so much of the way between two, at most, so that it lies where the bundle is straighter. */
    private static final double MOST_MOVED = 0.3;

    private static final int MOVES = 12;

    /** A bundle that turns by less under a lashing is lashed as it is, rad (engineering estimate). */
    private static final double GENTLE_RAD = 0.25;

    /** No neck stands further from the top than this share of the way round. */
    private static final double MOST_FROM = 0.2;

    StoneFrame() {
        super(
                "stone-frame",
                "Stone frame",
                "A stone held by lashed frame wires, woven over in front, with a bail and scrolled ends.",
                List.of(Purpose.PENDANT, Purpose.DECORATIVE),
                Wire.ofAwg(Metal.COPPER, Temper.DEAD_SOFT, "20"),
                List.of(
                        Parameter.choice("outline", "stone", "drop", "oval", "round", "rectangle", "shard"),
                        Parameter.mm("lengthMm", "stone, length", 30, 6, 150)
                                .onlyWith("outline", "drop", "oval", "rectangle", "shard")
                                .leftFree(),
                        Parameter.number("widthPercent", "stone, width of its length", "%", 65, 20, 100)
                                .onlyWith("outline", "drop", "oval", "rectangle", "shard"),
                        Parameter.mm("diameterMm", "stone, diameter", 22, 4, 150)
                                .onlyWith("outline", "round")
                                .leftFree(),
                        Parameter.mm("thicknessMm", "stone, thickness", 6, 0.5, 60),
                        Parameter.count("frameWires", "frame wires", 3, 2, 8),
                        Parameter.count("lashings", "lashings", 3, 1, 12),
                        Parameter.number("lashTurns", "each lashing", "turns", 4, 1, 20),
                        Parameter.count("passes", "passes of the weave", 6, 2, 40),
                        Parameter.mm("neckMm", "neck", 5, 1, 40),
                        Parameter.mm("bailInsideMm", "bail, inside", 5, 2, 30),
                        Parameter.number("scrollTurns", "scrolls", "turns", 2, 0.5, 8)));
    }

    @Override
    Piece build(Values values, Wire wire, Purpose purpose) {
        int frames = values.count("frameWires");
        double t = wire.section().inPlaneMm();
        Wire fine = Wire.ofRound(wire.metal(), wire.temper(), fineMm(wire));
        Outline outline = outline(values);
        double bundle = frames * wire.section().acrossMm();
        Body.Cabochon stone = stone(values, outline, bundle);
        List<Strand> strands = new ArrayList<>();
        for (int i = 0; i < frames; i++) {
            strands.add(frameWire(values, wire, stone, i));
        }
        for (int i = 1; i <= values.count("lashings"); i++) {
            String side = "side-" + i;
            List<String> hosts = strands.subList(0, frames).stream()
                    .map(s -> s.id() + "." + side)
                    .toList();
            strands.add(Strand.of(
                    "lashing-" + i,
                    "Lashing " + i,
                    fine,
                    List.of(Wrap.of("lash", Wrap.Core.ofWires(frames, t), values.number("lashTurns"), Turn.LEFT)
                            .round(hosts, 1))));
        }
        strands.add(neckLashing(values, fine, strands.subList(0, frames), t));
        strands.add(weave(values, fine, stone, t));
        Part part = Part.of(STONE, PartKind.STONE, "stone", values.number("thicknessMm"), Optional.of("frame-1.side-1"))
                .withBody(stone);
        return Piece.of(title(), purpose, strands).withParts(List.of(part), List.of(Join.of("weave.pass-1", STONE)));
    }

    private static double fineMm(Wire wire) {
        return Math.round(100 * Math.max(0.2, FINE_SHARE * wire.section().thicknessMm())) / 100.0;
    }

    /** A cabochon whose upright edge takes the bundle, as far as it is high enough (an estimate: edges are not asked for). */
    private static Body.Cabochon stone(Values values, Outline outline, double bundleMm) {
        double height = values.number("thicknessMm");
        return new Body.Cabochon(outline, height, Math.min(Math.max(1, bundleMm), height), 2, Optional.empty());
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
                                .rolled(90))
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
        return scroll + BAIL_TURNS * wire.section().acrossMm();
    }

    private static Strand neckLashing(Values values, Wire fine, List<Strand> frames, double t) {
        List<String> hosts = new ArrayList<>();
        frames.forEach(s -> hosts.addAll(List.of(s.id() + ".first-neck", s.id() + ".second-neck")));
        double turns = Math.max(1, values.number("neckMm") / fine.section().acrossMm());
        return Strand.of(
                "neck",
                "Neck lashing",
                fine,
                List.of(Wrap.of("neck-lash", Wrap.Core.ofWires(hosts.size(), t), turns, Turn.LEFT)
                        .round(hosts, 0.5)));
    }

    private static Outline outline(Values values) {
        double length = values.number("lengthMm");
        double width = length * values.number("widthPercent") / 100;
        return switch (values.word("outline")) {
            case "round" -> new Outline.Round(values.number("diameterMm"));
            case "oval" -> new Outline.Oval(length, width);
            case "rectangle" -> new Outline.Rectangle(length, width, Math.min(1.5, width / 4));
            case "shard" ->
                new Outline.Shard(length, width, 2 * Math.toDegrees(Math.atan(width / 2 / (0.45 * length))));
            default -> new Outline.Drop(length, width);
        };
    }

    private static double widthMm(Outline outline) {
        if (outline instanceof Outline.Round round) {
            return round.diameterMm();
        }
        if (outline instanceof Outline.Oval oval) {
            return oval.widthMm();
        }
        if (outline instanceof Outline.Rectangle rectangle) {
            return rectangle.widthMm();
        }
        if (outline instanceof Outline.Shard shard) {
            return shard.widthMm();
        }
        return ((Outline.Drop) outline).widthMm();
    }

    /** The girth cut where lashings come, evenly spaced, from one side of the neck to the other. */
    private static List<Element> sides(
            Values values, Body.Cabochon stone, Circuit round, double fineMm, double heightMm, int slot, double from) {
        int lashings = values.count("lashings");
        List<Element> sides = new ArrayList<>();
        double begins = from;
        for (int i = 1; i <= lashings + 1; i++) {
            double ends = i > lashings ? 1 - from : lashedAt(round, values, fineMm, from, i);
            sides.add(Girth.of("side-" + i, stone.outline(), begins, ends, Turn.LEFT)
                    .on(STONE, heightMm, slot));
            begins = ends;
        }
        return sides;
    }

    /** Where a lashing comes: evenly spaced, and moved away from a corner, where no hand lashes (common practice). */
    private static double lashedAt(Circuit round, Values values, double fineMm, double from, int lashing) {
        double part = (1 - 2 * from) / (values.count("lashings") + 1);
        double even = from + lashing * part;
        double half = Math.min(part / 2, values.number("lashTurns") * fineMm / round.lengthMm());
        double best = even;
        for (int i = 1; i <= MOVES && bent(round, best, half) > GENTLE_RAD; i++) {
            for (int side : new int[] {1, -1}) {
                double moved = even + side * i * MOST_MOVED * part / MOVES;
                best = bent(round, moved, half) < bent(round, best, half) ? moved : best;
            }
        }
        return best;
    }

    private static double bent(Circuit round, double share, double half) {
        return round.along(share - half, share + half, 1).stream()
                .mapToDouble(CurvePiece::turnRad)
                .sum();
    }

    /** Scroll, neck, the girth in sides, neck, and what the wire ends in; the two necks lie beside each other. */
    private static List<Element> frame(
            Values values, Wire wire, Body.Cabochon stone, int slot, double longerMm, Element... end) {
        double t = wire.section().inPlaneMm();
        double across = wire.section().acrossMm();
        Circuit round = new Solid(stone).girth(new Solid(stone).lie(across / 2, slot, t / 2, across));
        double from = besideTheMiddle(round, t);
        double corner = 90 - Math.toDegrees(turned(round, from));
        List<Element> elements = new ArrayList<>();
        elements.add(scroll("first-scroll", values));
        elements.add(Straight.of("first-neck", values.number("neckMm")));
        elements.add(Bend.of("first-corner", corner, Turn.RIGHT));
        elements.addAll(sides(values, stone, round, fineMm(wire), across / 2, slot, from));
        elements.add(Bend.of("second-corner", corner, Turn.RIGHT));
        elements.add(Straight.of("second-neck", values.number("neckMm") + longerMm));
        elements.addAll(List.of(end));
        return elements;
    }

    /** Where the girth begins, as a share of the way round, so that its neck stands half a wire from the middle. */
    private static double besideTheMiddle(Circuit round, double thicknessMm) {
        double radius = (Bend.of("corner", 90, Turn.RIGHT).insideMm() + thicknessMm) / 2;
        return new BrentSolver(1e-9)
                .solve(
                        100,
                        share -> aside(round, share) - radius * (1 - Math.sin(turned(round, share))) - thicknessMm / 2,
                        1e-9,
                        MOST_FROM);
    }

    private static double aside(Circuit round, double share) {
        return end(round, share).position().getX();
    }

    private static double turned(Circuit round, double share) {
        Vector3D heading = end(round, share).heading();
        return Math.atan2(heading.getY(), heading.getX());
    }

    private static Pose end(Circuit round, double share) {
        List<CurvePiece> way = round.along(0, share, 1);
        return CentreLine.of(1, way).pieces().get(way.size() - 1).end();
    }

    private static Spiral scroll(String id, Values values) {
        return Spiral.open(id, SCROLL_INSIDE_MM, values.number("scrollTurns"), SCROLL_GAP_MM, Turn.RIGHT);
    }

    /** The girth first, from its beginning; corners, and the ends last. */
    private static List<String> formed(Values values) {
        List<String> order = new ArrayList<>(IntStream.rangeClosed(1, values.count("lashings") + 1)
                .mapToObj(i -> "side-" + i)
                .toList());
        order.addAll(List.of("first-corner", "second-corner", "first-neck", "first-scroll", "second-neck"));
        return order;
    }

    /** How high above its middle a stone is widest, mm. */
    private static double widestMm(Outline outline) {
        if (outline instanceof Outline.Drop drop) {
            return -(drop.lengthMm() - drop.widthMm()) / 2;
        }
        return outline instanceof Outline.Shard shard ? -shard.pointMm() / 2 : 0;
    }

    /** To and fro over the front: the width and half the thickness down each edge, round a frame wire at each end. */
    private static Strand weave(Values values, Wire fine, Body.Cabochon stone, double frameMm) {
        double pass = widthMm(stone.outline()) + values.number("thicknessMm");
        List<Element> elements = new ArrayList<>();
        int passes = values.count("passes");
        for (int i = 1; i <= passes; i++) {
            elements.add(Straight.of("pass-" + i, pass));
            if (i < passes) {
                elements.add(Arc.of("round-" + i, frameMm, 180, i % 2 == 1 ? Turn.LEFT : Turn.RIGHT));
            }
        }
        double apart = frameMm + fine.section().inPlaneMm();
        double bundle = values.count("frameWires") * frameMm;
        double over = Math.max(stone.heightMm(), bundle + fine.section().acrossMm())
                + fine.section().acrossMm();
        return Strand.of("weave", "Weave", fine, elements)
                .withPlace(new Place(pass / 2, widestMm(stone.outline()) - (passes - 1) * apart / 2, over, 0));
    }
}
