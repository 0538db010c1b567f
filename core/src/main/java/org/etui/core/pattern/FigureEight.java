package org.etui.core.pattern;

import java.util.List;
import org.etui.core.element.Element;
import org.etui.core.element.Loop;
import org.etui.core.element.Straight;
import org.etui.core.element.Turn;
import org.etui.core.metal.Metal;
import org.etui.core.metal.Temper;
import org.etui.core.piece.Allowance;
import org.etui.core.piece.HandleAt;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Purpose;
import org.etui.core.piece.Strand;
import org.etui.core.wire.Wire;

/**
 * Two loops opposite each other, flat or the second at a right angle to the first.
 */
final class FigureEight extends Pattern {
    FigureEight() {
        super(
                "figure-eight",
                "Figure-eight",
                "Two loops on one wire, turning opposite ways, in one plane.",
                List.of(Purpose.LINK, Purpose.DECORATIVE),
                Wire.ofAwg(Metal.COPPER, Temper.DEAD_SOFT, "18"),
                List.of(
                        Parameter.mm("firstInsideMm", "first loop, inside", 4, 0.5, 30),
                        Parameter.mm("secondInsideMm", "second loop, inside", 4, 0.5, 30),
                        Parameter.mm("neckMm", "neck between", 1, 0.2, 30).leftFree()));
    }

    @Override
    Piece build(Values values, Wire wire, Purpose purpose) {
        return Piece.of(title(), purpose, List.of(link(values, wire, 0)));
    }

    /** The link with its second loop rolled about the neck, degrees. */
    static Strand link(Values values, Wire wire, double rollDeg) {
        return link(
                values.number("firstInsideMm"),
                values.number("secondInsideMm"),
                values.number("neckMm"),
                wire,
                rollDeg);
    }

    /** The same by its measures, mm. */
    static Strand link(double firstInsideMm, double secondInsideMm, double neckMm, Wire wire, double rollDeg) {
        List<Element> elements = List.of(
                Loop.thatOpens("first-loop", firstInsideMm, Turn.LEFT),
                Straight.of("neck", neckMm),
                Loop.thatOpens("second-loop", secondInsideMm, Turn.RIGHT).rolled(rollDeg));
        return Strand.of("link", "Link", wire, elements)
                .withOrder(List.of("first-loop", "second-loop", "neck"))
                .withAllowance(Allowance.usual().withHandleAt(HandleAt.NONE));
    }
}
