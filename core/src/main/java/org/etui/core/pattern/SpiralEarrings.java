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
 * Twice, a mirrored pair: a small loop, an open spiral round it and the ear part of the same wire; or a plain spiral whose own outer end, a little
 * wider than its last turn, goes through the ear.
 */
final class SpiralEarrings extends Pattern {
    private static final String PLAIN = "plain";
    private static final String HUNG = "with an ear part";

    SpiralEarrings() {
        super(
                "spiral-earrings",
                "Spiral earrings",
                "A mirrored pair: an open spiral and the ear part of the same wire, or a spiral whose end goes through the ear.",
                List.of(Purpose.EAR_WIRE),
                Wire.ofAwg(Metal.COPPER, Temper.DEAD_SOFT, "20"),
                List.of(
                        Parameter.choice("form", "spiral", HUNG, PLAIN),
                        Parameter.mm("eyeInsideMm", "middle, inside", 2.5, 0.5, 20),
                        Parameter.number("turns", "turns", "turns", 3, 0.5, 10).leftFree(),
                        Parameter.mm("gapMm", "gap between turns", 1.4, 0.1, 10),
                        Parameter.mm("riseMm", "rise to the ear", 7, 0.5, 40).onlyWith("form", HUNG),
                        Parameter.mm("bowInsideMm", "bow, inside", 9, 3, 40).onlyWith("form", HUNG),
                        Parameter.mm("tailMm", "end for the ear", 14, 2, 60)));
    }

    @Override
    Piece build(Values values, Wire wire, Purpose purpose) {
        boolean plain = values.word("form").equals(PLAIN);
        List<Element> elements = plain ? plain(values, wire) : hung(values);
        Strand strand = Strand.of("earring", "Earring", wire, elements)
                .withAllowance(Allowance.usual().withHandleAt(HandleAt.NONE))
                .withPlace(Place.turned(90 - turnDeg(plain ? elements : elements.subList(0, 3), wire)))
                .times(2, true, true);
        return Piece.of(title(), purpose, List.of(strand));
    }

    private static List<Element> hung(Values values) {
        double eye = values.number("eyeInsideMm");
        double gap = values.number("gapMm");
        return List.of(
                Loop.of("eye", eye, Turn.LEFT),
                Spiral.open("spiral", eye + 2 * gap, values.number("turns"), gap, Turn.LEFT),
                Bend.of("neck", 75, Turn.RIGHT),
                Straight.of("rise", values.number("riseMm")),
                Arc.of("bow", values.number("bowInsideMm"), 185, Turn.LEFT),
                Straight.of("tail", values.number("tailMm")));
    }

    /** The end leaves the last turn a gap wider than the next turn would be, so that the ear comes between: at most half a turn of it. */
    private static List<Element> plain(Values values, Wire wire) {
        double t = wire.section().inPlaneMm();
        double gap = values.number("gapMm");
        Spiral spiral = Spiral.open("spiral", values.number("eyeInsideMm"), values.number("turns"), gap, Turn.LEFT);
        double inside = spiral.outsideIn(t) + 2 * gap;
        double half = Math.PI * (inside + t) / 2;
        double tail = values.number("tailMm");
        Arc end = Arc.of("end", inside, Math.toDegrees(Math.min(tail, half) / ((inside + t) / 2)), Turn.LEFT);
        return tail > half ? List.of(spiral, end, Straight.of("tail", tail - half)) : List.of(spiral, end);
    }
}
