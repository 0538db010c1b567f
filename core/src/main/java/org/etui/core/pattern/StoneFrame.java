package org.etui.core.pattern;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
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
import org.etui.core.piece.Strand;
import org.etui.core.wire.Wire;

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
        double t = wire.section().inPlaneMm();
        int frames = values.count("frameWires");
        Wire fine = Wire.ofRound(
                wire.metal(),
                wire.temper(),
                Math.round(100 * Math.max(0.2, FINE_SHARE * wire.section().thicknessMm())) / 100.0);
        Outline outline = outline(values);
        Wrap.Core bundle = Wrap.Core.ofWires(frames, t);
        Strand frame = Strand.of(
                        "frame",
                        "Frame wire",
                        wire,
                        frame(values, outline, scroll("second-scroll", values).inward()))
                .withOrder(formed(values, outline))
                .withAllowance(Allowance.usual().withHandleAt(HandleAt.NONE))
                .withPlace(Place.turned(180))
                .times(frames - 1, false, false);
        Strand bail = Strand.of(
                        "bail",
                        "Bail wire",
                        wire,
                        frame(
                                values,
                                outline,
                                Loop.of("bail", values.number("bailInsideMm"), Turn.RIGHT),
                                Wrap.of("bail-wrap", Wrap.Core.ofStem(t), BAIL_TURNS, Turn.RIGHT)
                                        .rolled(90)))
                .withOrder(formed(values, outline))
                .withAllowance(Allowance.usual().withHandleAt(HandleAt.END))
                .withPlace(new Place(0, 0, t, 180));
        Strand lashing = Strand.of(
                        "lashing",
                        "Lashing",
                        fine,
                        List.of(Wrap.of("lash", bundle, values.number("lashTurns"), Turn.LEFT)
                                .round(List.of("frame.side-1", "bail.side-1"), 1)))
                .withPlace(beside(outline, t, 1, 0))
                .times(values.count("lashings"), false, false);
        Strand neck = Strand.of(
                        "neck",
                        "Neck lashing",
                        fine,
                        List.of(Wrap.of(
                                        "neck-lash",
                                        Wrap.Core.ofWires(2 * frames, t),
                                        Math.max(
                                                1,
                                                values.number("neckMm")
                                                        / fine.section().acrossMm()),
                                        Turn.LEFT)
                                .round(
                                        List.of(
                                                "frame.first-neck",
                                                "frame.second-neck",
                                                "bail.first-neck",
                                                "bail.second-neck"),
                                        0.5)))
                .withPlace(beside(outline, t, 2, 0));
        Strand weave = Strand.of("weave", "Weave", fine, weave(values, outline, t))
                .withPlace(beside(outline, t, 3, widthMm(outline) + values.number("thicknessMm")));
        Part stone = Part.of(
                        "stone", PartKind.STONE, "stone", values.number("thicknessMm"), Optional.of("frame.side-1"))
                .withBody(new Body.Cabochon(
                        outline,
                        values.number("thicknessMm"),
                        Math.min(1, values.number("thicknessMm") / 2),
                        2,
                        Optional.empty()));
        return Piece.of(title(), purpose, List.of(frame, bail, lashing, neck, weave))
                .withParts(List.of(stone), List.of(Join.of("weave.pass-1", "stone")));
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

    /** The girth cut where lashings come, evenly spaced. */
    private static List<Element> sides(Values values, Outline outline) {
        int lashings = values.count("lashings");
        List<Element> sides = new ArrayList<>();
        for (int i = 0; i <= lashings; i++) {
            sides.add(Girth.of("side-" + (i + 1), outline, i / (lashings + 1.0), (i + 1) / (lashings + 1.0), Turn.LEFT)
                    .on("stone", 0));
        }
        return sides;
    }

    /** Scroll, neck, the girth in sides, neck, and what the wire ends in. */
    private static List<Element> frame(Values values, Outline outline, Element... end) {
        List<Element> elements = new ArrayList<>();
        elements.add(scroll("first-scroll", values));
        elements.add(Straight.of("first-neck", values.number("neckMm")));
        elements.add(Bend.of("first-corner", 90, Turn.RIGHT));
        elements.addAll(sides(values, outline));
        elements.add(Bend.of("second-corner", 90, Turn.RIGHT));
        elements.add(Straight.of("second-neck", values.number("neckMm")));
        elements.addAll(List.of(end));
        return elements;
    }

    private static Spiral scroll(String id, Values values) {
        return Spiral.open(id, 0.8, values.number("scrollTurns"), 0.4, Turn.LEFT);
    }

    /** The girth first, from its beginning; corners, and the ends last. */
    private static List<String> formed(Values values, Outline outline) {
        List<String> order =
                new ArrayList<>(sides(values, outline).stream().map(Element::id).toList());
        order.addAll(List.of("first-corner", "second-corner", "first-neck", "first-scroll", "second-neck"));
        return order;
    }

    /** To and fro over the front: the width and half the thickness down each edge, round a frame wire at each end. */
    private static List<Element> weave(Values values, Outline outline, double frameMm) {
        double pass = widthMm(outline) + values.number("thicknessMm");
        List<Element> elements = new ArrayList<>();
        int passes = values.count("passes");
        for (int i = 1; i <= passes; i++) {
            elements.add(Straight.of("pass-" + i, pass));
            if (i < passes) {
                elements.add(Arc.of("round-" + i, frameMm, 180, i % 2 == 1 ? Turn.LEFT : Turn.RIGHT));
            }
        }
        return elements;
    }

    /** The finer wires lie beside the frame as they are before they go on. */
    private static Place beside(Outline outline, double frameMm, int row, double aheadMm) {
        return new Place(widthMm(outline) / 2 + 4 * frameMm + 4 + aheadMm, -row * 7.0, 0, 0);
    }
}
