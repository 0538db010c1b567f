package org.etui.core.pattern;

import java.util.List;
import org.etui.core.element.Arc;
import org.etui.core.element.Bend;
import org.etui.core.element.Element;
import org.etui.core.element.Loop;
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
 * A small loop, an open spiral round it, and the ear part of the same wire, twice: a mirrored pair.
 */
final class SpiralEarrings extends Pattern {
    SpiralEarrings() {
        super(
                "spiral-earrings",
                "Spiral earrings",
                "A mirrored pair: an open spiral round a small loop, the ear part of the same wire.",
                List.of(Purpose.EAR_WIRE),
                Wire.ofAwg(Metal.COPPER, Temper.DEAD_SOFT, "20"),
                List.of(
                        Parameter.mm("eyeInsideMm", "loop, inside", 2.5, 0.5, 20),
                        Parameter.number("turns", "turns", "turns", 3, 0.5, 10).leftFree(),
                        Parameter.mm("gapMm", "gap between turns", 1.4, 0.1, 10),
                        Parameter.mm("riseMm", "rise to the ear", 7, 0.5, 40),
                        Parameter.mm("bowInsideMm", "bow, inside", 9, 3, 40),
                        Parameter.mm("tailMm", "tail", 14, 2, 60)));
    }

    @Override
    Piece build(Values values, Wire wire, Purpose purpose) {
        double eye = values.number("eyeInsideMm");
        double gap = values.number("gapMm");
        List<Element> elements = List.of(
                Loop.of("eye", eye, Turn.LEFT),
                Spiral.open("spiral", eye + 2 * gap, values.number("turns"), gap, Turn.LEFT),
                Bend.of("neck", 75, Turn.RIGHT),
                Straight.of("rise", values.number("riseMm")),
                Arc.of("bow", values.number("bowInsideMm"), 185, Turn.LEFT),
                Straight.of("tail", values.number("tailMm")));
        Strand strand = Strand.of("earring", "Earring", wire, elements)
                .withAllowance(Allowance.usual().withHandleAt(HandleAt.NONE))
                .withPlace(Place.turned(90 - turnDeg(elements.subList(0, 3), wire)))
                .times(2, true, true);
        return Piece.of(title(), purpose, List.of(strand));
    }
}
