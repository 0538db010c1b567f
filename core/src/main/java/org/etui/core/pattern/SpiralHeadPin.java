package org.etui.core.pattern;

import java.util.List;
import org.etui.core.element.Bend;
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
 * A closed spiral with the pin standing out from its middle: the tail is straightened and goes through a bead.
 */
final class SpiralHeadPin extends Pattern {
    SpiralHeadPin() {
        super(
                "spiral-head-pin",
                "Spiral head pin",
                "A flat spiral for the head, the tail straightened to take beads.",
                List.of(Purpose.DECORATIVE, Purpose.LINK),
                Wire.ofAwg(Metal.COPPER, Temper.DEAD_SOFT, "20"),
                List.of(
                        Parameter.number("turns", "turns", "turns", 3, 0.5, 15),
                        Parameter.mm("gapMm", "gap between turns", 0, 0, 5),
                        Parameter.mm("pinMm", "pin", 40, 3, 150).leftFree()));
    }

    @Override
    Piece build(Values values, Wire wire, Purpose purpose) {
        List<Element> elements = List.of(
                Spiral.closed("head", values.number("turns"), values.number("gapMm"), Turn.LEFT),
                Bend.of("corner", 90, Turn.RIGHT),
                Straight.of("pin", values.number("pinMm")));
        Strand strand = Strand.of("pin", "Head pin", wire, elements)
                .withAllowance(Allowance.usual().withHandleAt(HandleAt.NONE))
                .withPlace(Place.turned(-turnDeg(elements.subList(0, 2), wire)));
        return Piece.of(title(), purpose, List.of(strand));
    }
}
