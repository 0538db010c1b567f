package org.etui.core.pattern;

import java.util.ArrayList;
import java.util.List;
import org.etui.core.element.Bend;
import org.etui.core.element.Element;
import org.etui.core.element.Girth;
import org.etui.core.element.Outline;
import org.etui.core.element.Turn;
import org.etui.core.element.Wrap;
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
 * Petals wound on a mandrel, drawn out to drops and fanned about their feet, the tails lashed round the middle both
 * ways. Where the petals are too slim for their number the plan says that the flower does not close.
 */
final class WoundPetals extends Pattern {
    /** The inner of two flowers, as a share of the outer one. */
    private static final double INNER_SHARE = 0.7;

    WoundPetals() {
        super(
                "wound-petals",
                "Wound petals",
                "A flower of five to eight petals from one wire, the tails lashed round its middle.",
                List.of(Purpose.DECORATIVE, Purpose.PENDANT),
                Wire.ofAwg(Metal.COPPER, Temper.DEAD_SOFT, "20"),
                List.of(
                        Parameter.count("petals", "petals", 5, 5, 8),
                        Parameter.mm("petalMm", "petal, length", 14, 8, 60).leftFree(),
                        Parameter.number("petalPercent", "petal, width of its length", "%", 70, 20, 100),
                        Parameter.number("lashTurns", "lashing, turns each way", "turns", 2, 0.5, 10),
                        Parameter.choice("flowers", "flowers", "one", "two overlaid")));
    }

    @Override
    Piece build(Values values, Wire wire, Purpose purpose) {
        List<Strand> strands = new ArrayList<>();
        double length = values.number("petalMm");
        strands.add(flower("flower", "Flower", length, values, wire));
        if (values.word("flowers").equals("two overlaid")) {
            strands.add(flower("inner", "Inner flower", length * INNER_SHARE, values, wire)
                    .withPlace(new Place(0, 0, wire.section().acrossMm(), 180.0 / values.count("petals"))));
        }
        return Piece.of(title(), purpose, strands);
    }

    private Strand flower(String id, String name, double lengthMm, Values values, Wire wire) {
        int petals = values.count("petals");
        Outline petal = new Outline.Drop(lengthMm, lengthMm * values.number("petalPercent") / 100);
        Wrap.Core feet = Wrap.Core.ofWires(2, wire.section().inPlaneMm());
        List<Element> elements = new ArrayList<>();
        elements.add(Wrap.of("first-lashing", feet, values.number("lashTurns"), Turn.LEFT));
        for (int i = 1; i <= petals; i++) {
            elements.add(Girth.of("petal-" + i, petal, Turn.LEFT));
            if (i < petals) {
                elements.add(Bend.of("foot-" + i, 360.0 / petals, Turn.RIGHT));
            }
        }
        elements.add(Wrap.of("second-lashing", feet, values.number("lashTurns"), Turn.RIGHT));
        List<String> order = new ArrayList<>(elements.stream().map(Element::id).toList());
        order.remove("first-lashing");
        order.add(order.size() - 1, "first-lashing");
        return Strand.of(id, name, wire, elements)
                .withOrder(order)
                .withAllowance(Allowance.usual().withHandleAt(HandleAt.BOTH));
    }
}
