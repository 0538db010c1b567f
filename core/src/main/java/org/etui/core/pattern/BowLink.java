package org.etui.core.pattern;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import org.etui.core.element.Bend;
import org.etui.core.element.Coil;
import org.etui.core.element.Element;
import org.etui.core.element.Straight;
import org.etui.core.element.Target;
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
 * A tight coil in the middle of a wire, wound as tall as the wings beside it; either end goes out and back in a zig-zag of set angle and pitch and is
 * cut flush where it comes up against the coil.
 */
final class BowLink extends Pattern {
    private static final double CORNER_INSIDE_MM = 0.5;

    /** Between two corners at least so much stays straight, in thicknesses: a jaw needs something to hold (engineering estimate). */
    private static final double LEAST_STRAIGHT = 0.5;

    /** From the mandrel to the middle of a wire that lies against the coil, in thicknesses. */
    private static final double SKIN = 1.5;

    private static final int HALF_TURN_DEG = 180;

    BowLink() {
        super(
                "bow-link",
                "Bow link",
                "A coil between two zig-zag wings, all of one wire: a link like a bow.",
                List.of(Purpose.DECORATIVE, Purpose.LINK),
                Wire.ofAwg(Metal.COPPER, Temper.DEAD_SOFT, "20"),
                List.of(
                        Parameter.mm("mandrelMm", "coil, mandrel", 3, 1, 15),
                        Parameter.count("points", "points, each wing", 2, 1, 8),
                        Parameter.mm("pitchMm", "from point to point", 5, 2, 20).leftFree(),
                        Parameter.number("pointDeg", "points, their angle", "degrees", 45, 30, 90)));
    }

    @Override
    Piece build(Values values, Wire wire, Purpose purpose) {
        double t = wire.section().inPlaneMm();
        double mandrel = values.number("mandrelMm");
        int points = values.count("points");
        double pitch = values.number("pitchMm");
        double turns = Math.max(2, Math.rint(points * pitch / wire.section().acrossMm()));
        Wing wing = Wing.of(
                mandrel, pitch, values.number("pointDeg"), t, wire.section().acrossMm());
        // The first wing is the second turned half round about the coil, and lies the other way along the wire.
        List<Element> elements =
                new ArrayList<>(wing.outward(points, Straight.of("left-lead", wing.leadMm()), "left", Turn.LEFT));
        Collections.reverse(elements);
        elements.add(new Coil(
                "coil",
                mandrel,
                turns,
                0,
                Coil.Axis.ACROSS,
                Turn.LEFT,
                COIL_ROLL_DEG,
                Optional.empty(),
                Target.RELEASED,
                Coil.Shaped.NONE));
        Straight back = Straight.of("right-lead", wing.leadMm()).rolled(-COIL_ROLL_DEG);
        elements.addAll(wing.outward(points, back, "right", Turn.RIGHT));
        List<String> order = new ArrayList<>(List.of("coil"));
        for (String side : List.of("left", "right")) {
            for (int i = 1; i <= 2 * points; i++) {
                order.add(side + "-corner-" + i);
            }
        }
        Strand strand = Strand.of("link", "Link", wire, elements)
                .withOrder(order)
                .withAllowance(Allowance.usual().withHandleAt(HandleAt.NONE))
                .withPlace(Place.turned(wing.slopeDeg()));
        return Piece.of(title(), purpose, List.of(strand));
    }

    /** The coil stands upright between the wings, and rises from the first to the second. */
    private static final double COIL_ROLL_DEG = -90;

    /**
     * One wing, by the triangles of its points: legs that stand half the angle of a point off the level, which is square to the coil.
     *
     * @param tiltDeg how far a leg stands off the level, degrees
     * @param slopeDeg how far the wire of the coil stands off it, degrees
     * @param leadMm from the front of the coil to the first corner, mm
     * @param firstMm straight part of the first leg, mm
     * @param legMm straight part of a leg between two points, mm
     * @param lastMm straight part of the last leg, mm
     */
    private record Wing(double tiltDeg, double slopeDeg, double leadMm, double firstMm, double legMm, double lastMm) {
        static Wing of(double mandrelMm, double pitchMm, double pointDeg, double t, double acrossMm) {
            double least = LEAST_STRAIGHT * t;
            double tilt = Math.toRadians(pointDeg / 2);
            double slope = Math.atan(acrossMm / (Math.PI * (mandrelMm + t)));
            double rho = (CORNER_INSIDE_MM + t) / 2;
            double cut = rho / Math.tan(tilt);
            double leg = Math.max(least, pitchMm / 2 / Math.sin(tilt) - 2 * cut);
            // Where the wire is nearest at an inner corner it lies against the coil.
            double skin = mandrelMm / 2 + SKIN * t;
            double vertex = skin - rho * (1 / Math.sin(tilt) - 1);
            double first = rho * Math.tan((tilt + slope) / 2);
            double lead = Math.max(least, vertex / Math.cos(slope) - first);
            double wide = (leg + 2 * cut) * Math.cos(tilt);
            double begins = (lead + first) * Math.cos(slope);
            double firstLeg = Math.max(least, (vertex + wide - begins) / Math.cos(tilt) - first - cut);
            double last = Math.max(least, (vertex + wide - (mandrelMm / 2 + t)) / Math.cos(tilt) - cut);
            return new Wing(Math.toDegrees(tilt), Math.toDegrees(slope), lead, firstLeg, leg, last);
        }

        /** From the coil out: every leg after its corner. */
        List<Element> outward(int points, Straight lead, String side, Turn first) {
            Turn other = first == Turn.RIGHT ? Turn.LEFT : Turn.RIGHT;
            List<Element> elements = new ArrayList<>(List.of(lead));
            for (int i = 1; i <= 2 * points; i++) {
                double angle = i == 1 ? tiltDeg + slopeDeg : HALF_TURN_DEG - 2 * tiltDeg;
                elements.add(Bend.of(side + "-corner-" + i, angle, i == 1 || i % 2 == 0 ? first : other));
                elements.add(Straight.of(side + "-leg-" + i, i == 1 ? firstMm : i == 2 * points ? lastMm : legMm));
            }
            return elements;
        }
    }
}
