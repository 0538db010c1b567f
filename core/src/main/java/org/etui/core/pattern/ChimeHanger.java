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
import org.etui.core.piece.Place;
import org.etui.core.piece.Purpose;
import org.etui.core.piece.Strand;
import org.etui.core.wire.Wire;

/**
 * A triangle that hangs by its point; both ends come in along its foot and are rolled inward. What hangs on the foot goes on before the ends are
 * rolled, and cannot slip off afterwards.
 */
final class ChimeHanger extends Pattern {
    /** Rounded a little, so that it does not catch (engineering estimate). */
    private static final double CORNER_INSIDE_MM = 1;

    /** A jaw holds no less, mm (engineering estimate). */
    private static final double LEAST_MM = 0.2;

    ChimeHanger() {
        super(
                "chime-hanger",
                "Chime hanger",
                "A triangle of one wire with both ends rolled inward on its foot: drops hang from it side by side.",
                List.of(Purpose.PENDANT, Purpose.DECORATIVE, Purpose.LINK),
                Wire.ofAwg(Metal.COPPER, Temper.DEAD_SOFT, "18"),
                List.of(
                        Parameter.mm("footMm", "foot, overall", 36, 32, 150).leftFree(),
                        Parameter.number("pointDeg", "point, its angle", "degrees", 70, 30, 120),
                        Parameter.mm("rollInsideMm", "rolled ends, inside", 2.5, 1, 6),
                        Parameter.mm("gapMm", "gap between the rolled ends", 1, 0.1, 4)));
    }

    @Override
    Piece build(Values values, Wire wire, Purpose purpose) {
        return Piece.of(
                title(),
                purpose,
                List.of(hanger(
                        wire,
                        values.number("footMm"),
                        values.number("pointDeg"),
                        values.number("rollInsideMm"),
                        values.number("gapMm"))));
    }

    /** A hanger whose foot is so long overall; its point is at the origin. */
    static Strand hanger(Wire wire, double footMm, double point, double roll, double gapMm) {
        double t = wire.section().inPlaneMm();
        double corner = 90 + point / 2;
        // To where its lines would meet: the rounded corners stand back from there.
        double foot = footMm + 2 * cutOffMm(corner, t) - CORNER_INSIDE_MM - 2 * t;
        double side = foot / 2 / Math.sin(Math.toRadians(point / 2)) - cutOffMm(corner, t) - cutOffMm(180 - point, t);
        double half = (foot - gapMm - roll) / 2 - t - cutOffMm(corner, t);
        List<Element> elements = List.of(
                Loop.of("first-roll", roll, Turn.RIGHT),
                Straight.of("first-foot", Math.max(LEAST_MM, half)),
                corner("first-corner", corner),
                Straight.of("first-side", Math.max(LEAST_MM, side)),
                corner("point", 180 - point),
                Straight.of("second-side", Math.max(LEAST_MM, side)),
                corner("second-corner", corner),
                Straight.of("second-foot", Math.max(LEAST_MM, half)),
                Loop.of("second-roll", roll, Turn.RIGHT));
        return Strand.of("hanger", "Hanger", wire, elements)
                .withOrder(List.of("point", "first-corner", "second-corner", "first-roll", "second-roll"))
                .withAllowance(Allowance.usual().withHandleAt(HandleAt.NONE))
                .withPlace(Place.turned(90 - point / 2));
    }

    private static Bend corner(String id, double angleDeg) {
        return Bend.of(id, angleDeg, Turn.RIGHT).inside(CORNER_INSIDE_MM);
    }

    /** How much shorter a side is than to where the two would meet, mm: ρ·tan(τ/2), for the angle τ turned at the corner. */
    private static double cutOffMm(double turnedDeg, double t) {
        return (CORNER_INSIDE_MM + t) / 2 * Math.tan(Math.toRadians(turnedDeg) / 2);
    }
}
