package org.etui.core.pattern;

import java.util.List;
import java.util.Optional;
import org.etui.core.curve.Pose;
import org.etui.core.element.Bend;
import org.etui.core.element.Element;
import org.etui.core.element.Loop;
import org.etui.core.element.Outline;
import org.etui.core.element.Straight;
import org.etui.core.element.Target;
import org.etui.core.element.Turn;
import org.etui.core.element.Wrap;
import org.etui.core.metal.Metal;
import org.etui.core.metal.Temper;
import org.etui.core.piece.Body;
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
 * A drop that is drilled from side to side near its top: a wire goes through, both legs are bent up and meet above the tip, one is wound round the
 * other, and that one ends in a loop.
 */
final class TopDrilledDrop extends Pattern {
    private static final String STONE = "stone";

    /** Room between the legs and the stone, mm: it must swing (common practice: as little as lets it move). */
    private static final double ROOM_MM = 0.3;

    /** No hole lies further from the top, as a share of the length. */
    private static final double MOST_DOWN = 0.45;

    /** By so much at a time the fork is set higher until both legs clear the tip, mm. */
    private static final double STEP_MM = 0.25;

    private static final int MOST_STEPS = 400;
    private static final double LEAST_RAD = 0.01;
    private static final double MOST_RAD = Math.PI / 2;

    TopDrilledDrop() {
        super(
                "top-drilled-drop",
                "Top-drilled drop",
                "Two legs through the drill hole of a drop, one wound round the neck of the other.",
                List.of(Purpose.DECORATIVE, Purpose.PENDANT),
                Wire.ofAwg(Metal.COPPER, Temper.DEAD_SOFT, "22"),
                List.of(
                        Parameter.mm("lengthMm", "stone, length", 16, 4, 100),
                        Parameter.number("widthPercent", "stone, width of its length", "%", 60, 20, 100),
                        Parameter.mm("thicknessMm", "stone, thickness", 5, 1, 60),
                        Parameter.mm("drilledMm", "hole, below the top", 3, 0.5, 30),
                        Parameter.mm("holeMm", "hole, across", 0.9, 0.3, 6),
                        Parameter.mm("loopInsideMm", "loop, inside", 2.5, 0.5, 20),
                        Parameter.number("wraps", "wraps", "turns", 3, 1, 20).leftFree()));
    }

    @Override
    Piece build(Values values, Wire wire, Purpose purpose) {
        double t = wire.section().inPlaneMm();
        double length = values.number("lengthMm");
        // A hole lies in the upper half: below the middle no wire would hang it upright.
        double drilled = Math.min(values.number("drilledMm"), MOST_DOWN * length);
        Outline.Drop outline = new Outline.Drop(length, length * values.number("widthPercent") / 100, 0);
        double hole = length / 2 - drilled;
        Body.Lens drop = new Body.Lens(
                outline,
                values.number("thicknessMm"),
                Optional.of(new Body.Hole(List.of(0.0, hole, 0.0), List.of(1.0, 0.0, 0.0), values.number("holeMm"))));
        double half = new Solid(drop).alongMm() / 2 + t / 2 + ROOM_MM;
        Legs legs = Legs.clear(half, drilled + t / 2 + ROOM_MM, t, Solid.way(outline), hole);
        double turned = 90 + Math.toDegrees(legs.leanRad());
        double wraps = values.number("wraps");
        double stem = (wraps + 1) * wire.section().acrossMm() + t / 2;
        Bend firstSide = bend("first-side", turned, Turn.LEFT, t);
        List<Element> elements = List.of(
                Loop.of("loop", values.number("loopInsideMm"), Turn.LEFT),
                bend("corner", 90, Turn.RIGHT, t),
                Straight.of("stem", stem),
                bend("fork", Math.toDegrees(legs.leanRad()), Turn.RIGHT, t),
                Straight.of("first-leg", legs.firstMm()),
                firstSide,
                Straight.of("drill-run", 2 * half),
                bend("second-side", turned, Turn.LEFT, t),
                Straight.of("second-leg", legs.secondMm()),
                Wrap.of("neck-wrap", Wrap.Core.ofStem(t), wraps, Turn.LEFT)
                        .round(
                                List.of("drop.stem"),
                                1 - (wraps / 2 + 0.5) * wire.section().acrossMm() / stem));
        // The wire goes through the hole level, in the middle of the drawing; it lies as its first corner lies.
        Vector3D entry = new Vector3D(-half, 0, 0);
        Pose start = new Pose(entry, Pose.START.frame()).then(end(firstSide, t).inverse());
        Strand wires = Strand.of("drop", "Drop", wire, elements)
                .withOrder(List.of("first-side", "fork", "corner", "loop"))
                .withPlace(new Place(
                        start.position().getX(),
                        start.position().getY(),
                        0,
                        Math.toDegrees(Math.atan2(
                                start.heading().getY(), start.heading().getX()))));
        Part stone = Part.of(STONE, PartKind.BEAD, "stone", length, Optional.of("drop.drill-run"))
                .withBody(drop)
                .placed(new Place(0, -hole, 0, 0));
        return Piece.of(title(), purpose, List.of(wires)).withParts(List.of(stone), List.of());
    }

    private static Bend bend(String id, double deg, Turn turn, double insideMm) {
        return new Bend(id, deg, insideMm, turn, 0, Optional.empty(), Target.RELEASED);
    }

    /**
     * The legs over the tip, all corners bent about a radius r: leg·sin θ = half − r(1 − 2·cos θ) and leg·cos θ = height − r(1 + 2·sin θ) (from the sides
     * of the figure).
     *
     * @param leanRad how far each leans from upright
     * @param firstMm length of the one that goes on to the loop
     * @param secondMm length of the other, until it meets the neck
     */
    private record Legs(double leanRad, double firstMm, double secondMm) {
        /** As low as they go without touching the stone. */
        static Legs clear(double half, double height, double t, List<double[]> way, double holeMm) {
            Legs legs = of(half, height, t);
            for (int i = 1; i <= MOST_STEPS && !legs.isClear(half, t, way, holeMm); i++) {
                legs = of(half, height + i * STEP_MM, t);
            }
            return legs;
        }

        /** Whether all of the outline above the hole lies within the legs, half a wire and the room from their middle. */
        private boolean isClear(double half, double t, List<double[]> way, double holeMm) {
            // Where the leg begins, beyond the corner.
            double x = half + t * Math.cos(leanRad);
            double y = t * (1 + Math.sin(leanRad));
            double apart = t / 2 + ROOM_MM;
            return way.stream()
                    .filter(p -> p[1] > holeMm)
                    .allMatch(p -> (x - Math.abs(p[0])) * Math.cos(leanRad) - (p[1] - holeMm - y) * Math.sin(leanRad)
                            >= apart);
        }

        private static Legs of(double half, double height, double t) {
            // As wide inside as the wire is thick, its middle runs about a radius of one thickness.
            double r = t;
            double least = 4 * r;
            double high = Math.max(height, least);
            double lean = new BrentSolver(1e-10)
                    .solve(
                            200,
                            a -> (half - r * (1 - 2 * Math.cos(a))) * Math.cos(a)
                                    - (high - r * (1 + 2 * Math.sin(a))) * Math.sin(a),
                            LEAST_RAD,
                            MOST_RAD);
            double leg = (half - r * (1 - 2 * Math.cos(lean))) / Math.sin(lean);
            return new Legs(lean, leg, Math.max(r, leg + r * Math.tan(lean / 2) - t / Math.sin(lean) - t));
        }
    }
}
