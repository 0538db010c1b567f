package org.etui.core.pattern;

import java.util.List;
import org.etui.core.element.Bend;
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
 * Two loops opposite each other, flat or the second at a right angle to the first. With bent necks each loop sits on the line of the wire: the wire
 * is bent at the jaw edge by itself, then the loop is rolled the other way from there.
 */
final class FigureEight extends Pattern {
    /** The loops sit on the line of the wire, each on a neck that is bent first. */
    private static final String ON_THE_LINE = "on the line";

    private static final double NECK_INSIDE_MM = 0.5;

    FigureEight() {
        super(
                "figure-eight",
                "Figure-eight",
                "Two loops on one wire, turning opposite ways, in one plane.",
                List.of(Purpose.LINK, Purpose.PENDANT, Purpose.DECORATIVE),
                Wire.ofAwg(Metal.COPPER, Temper.DEAD_SOFT, "18"),
                measures(1));
    }

    /** What both of them ask for. */
    static List<Parameter> measures(double neckMm) {
        return List.of(
                Parameter.mm("firstInsideMm", "first loop, inside", 4, 0.5, 30),
                Parameter.mm("secondInsideMm", "second loop, inside", 4, 0.5, 30),
                Parameter.choice("loops", "loops sit", ON_THE_LINE, "beside it"),
                Parameter.mm("neckMm", "neck between", neckMm, 0.2, 30).leftFree());
    }

    @Override
    Piece build(Values values, Wire wire, Purpose purpose) {
        return Piece.of(title(), purpose, List.of(link(values, wire, 0)));
    }

    /** The link with its second loop rolled about the neck, degrees; it is formed at the end of the long wire and clipped off. */
    static Strand link(Values values, Wire wire, double rollDeg) {
        double first = values.number("firstInsideMm");
        double second = values.number("secondInsideMm");
        double neck = values.number("neckMm");
        Strand link = values.word("loops").equals(ON_THE_LINE)
                ? bent(first, second, neck, wire, rollDeg)
                : link(first, second, neck, wire, rollDeg);
        return link.withAllowance(Allowance.usual().withHandleAt(HandleAt.SPOOL));
    }

    private static Strand bent(double firstInsideMm, double secondInsideMm, double neckMm, Wire wire, double rollDeg) {
        double t = wire.section().inPlaneMm();
        List<Element> elements = List.of(
                Loop.thatOpens("first-loop", firstInsideMm, Turn.LEFT),
                neck("first-corner", firstInsideMm, Turn.RIGHT, t),
                Straight.of("neck", neckMm),
                neck("second-corner", secondInsideMm, Turn.LEFT, t).rolled(rollDeg),
                Loop.thatOpens("second-loop", secondInsideMm, Turn.RIGHT));
        return strand(wire, elements, List.of("first-corner", "first-loop", "second-corner", "second-loop", "neck"));
    }

    /** A corner at the jaw edge that sets a loop's middle on the line of the wire: cos φ = ρ/(R + ρ), from the triangle of the two centres. */
    private static Bend neck(String id, double insideMm, Turn turn, double thicknessMm) {
        double rho = (NECK_INSIDE_MM + thicknessMm) / 2;
        double radius = (insideMm + thicknessMm) / 2;
        return Bend.of(id, Math.toDegrees(Math.acos(rho / (radius + rho))), turn);
    }

    /** Loops beside the line of the wire, by their measures, mm. */
    static Strand link(double firstInsideMm, double secondInsideMm, double neckMm, Wire wire, double rollDeg) {
        List<Element> elements = List.of(
                Loop.thatOpens("first-loop", firstInsideMm, Turn.LEFT),
                Straight.of("neck", neckMm),
                Loop.thatOpens("second-loop", secondInsideMm, Turn.RIGHT).rolled(rollDeg));
        return strand(wire, elements, List.of("first-loop", "second-loop", "neck"));
    }

    private static Strand strand(Wire wire, List<Element> elements, List<String> order) {
        return Strand.of("link", "Link", wire, elements)
                .withOrder(order)
                .withAllowance(Allowance.usual().withHandleAt(HandleAt.NONE));
    }
}
