package org.etui.core.pattern;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.etui.core.check.BadInput;
import org.etui.core.curve.Pose;
import org.etui.core.element.Across;
import org.etui.core.element.Arc;
import org.etui.core.element.Bend;
import org.etui.core.element.Element;
import org.etui.core.element.Outline;
import org.etui.core.element.Spiral;
import org.etui.core.element.Straight;
import org.etui.core.element.Target;
import org.etui.core.element.Turn;
import org.etui.core.metal.Metal;
import org.etui.core.metal.Temper;
import org.etui.core.piece.Allowance;
import org.etui.core.piece.Body;
import org.etui.core.piece.HandleAt;
import org.etui.core.piece.Part;
import org.etui.core.piece.PartKind;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Purpose;
import org.etui.core.piece.Solid;
import org.etui.core.piece.Strand;
import org.etui.core.piece.Surface;
import org.etui.core.wire.Wire;
import org.etui.core.work.FaceSpiral;
import org.hipparchus.analysis.solvers.BrentSolver;
import org.hipparchus.geometry.euclidean.threed.Vector3D;

/**
 * Two spirals of one wire, face to face and drawn up over a pebble between them, every turn on it; a bail between the two.
 */
final class SpiralCage extends Pattern {
    private static final String STONE = "stone";
    private static final double HOLE_MM = 1.5;

    /** Less room for turns than this, in thicknesses, is none. */
    private static final double LEAST_WIDE = 0.1;

    /** With fewer it is no cage (engineering estimate). */
    private static final double LEAST_TURNS = 2;

    /** The rim lies below this place of the ellipse, rad up it. */
    private static final double MOST_RAD = 1.55;

    private static final Vector3D FRONT = Vector3D.PLUS_K;
    private static final Vector3D UP = Vector3D.PLUS_J;

    SpiralCage() {
        super(
                "spiral-cage",
                "Spiral cage",
                "Two spirals of one wire, folded face to face and drawn up over a pebble.",
                List.of(Purpose.PENDANT, Purpose.DECORATIVE),
                Wire.ofAwg(Metal.COPPER, Temper.DEAD_SOFT, "20"),
                List.of(
                        Parameter.mm("diameterMm", "stone, diameter", 14, 5, 80).leftFree(),
                        Parameter.mm("thicknessMm", "stone, thickness", 8, 3, 60),
                        Parameter.mm("gapMm", "gap between turns, seen from the front", 1, 0.1, 10),
                        Parameter.mm("bailInsideMm", "bail, inside", 4, 1.5, 20)));
    }

    @Override
    Piece build(Values values, Wire wire, Purpose purpose) {
        double t = wire.section().thicknessMm();
        double across = values.number("diameterMm");
        double thick = values.number("thicknessMm");
        Body.Lens pebble = new Body.Lens(new Outline.Round(across), thick, Optional.empty());
        Surface surface = new Surface(new Solid(pebble));
        Lid lid = Lid.of(across / 2, thick / 2, values.number("gapMm"), t);
        Spiral back = lid.spiral("back-lid").over(new Spiral.Seat(STONE, Across.Face.BACK, 0));
        Spiral front = lid.spiral("front-lid").inward().over(new Spiral.Seat(STONE, Across.Face.FRONT, 0));
        List<Element> elements = new ArrayList<>(List.of(back));
        Way way = new Way(new FaceSpiral(back, surface, t).end(), t, elements);
        bridge(way, values.number("bailInsideMm"));
        Pose rim = new FaceSpiral(front, surface, t).start();
        way.turn("second-corner", rim.heading(), t);
        elements.add(front.lifted(0, way.rollDeg(rim.left())));
        // Both are wound while the wire between them is straight, and the bail brings them together last: before, one
        // would be in the way of the other.
        List<String> order = Stream.of(
                        back.id(), front.id(), "first-corner", "second-corner", "first-flare", "second-flare", "bail")
                .filter(id -> elements.stream().anyMatch(e -> e.id().equals(id)))
                .toList();
        Strand cage = Strand.of("cage", "Cage", wire, elements)
                .withOrder(order)
                .withAllowance(Allowance.usual().withHandleAt(HandleAt.NONE));
        Part stone = Part.of(STONE, PartKind.STONE, "stone", thick, Optional.of("cage.back-lid"))
                .withBody(pebble);
        return Piece.of(title(), purpose, List.of(cage)).withParts(List.of(stone), List.of());
    }

    /** From the rim behind up, round a bail that is open to both sides, and down again: the two halves are alike. */
    private static void bridge(Way way, double bailInsideMm) {
        double t = way.thicknessMm;
        way.turn("first-corner", UP, t);
        way.straight("first-stem", t);
        double behind = -way.pose.position().getZ();
        double flare = Math.acos(Math.min(1, (behind + t) / ((bailInsideMm + t) / 2 + t)));
        if (flare > 0) {
            way.turn("first-flare", UP.scalarMultiply(Math.cos(flare)).subtract(Math.sin(flare), FRONT), t);
        }
        way.arc("bail", FRONT, bailInsideMm, Math.PI + 2 * flare);
        if (flare > 0) {
            way.turn("second-flare", UP.negate(), t);
        }
        way.straight("second-stem", t);
    }

    /**
     * A spiral drawn up over half a pebble.
     *
     * @param turns its turns
     * @param gapMm the gap between them, seen from the front
     */
    private record Lid(double turns, double gapMm) {
        static Lid of(double a, double h, double gapMm, double t) {
            // Half a wire off the ellipse, as high as the wire is thick: between the rims there is room for one
            // (textbook).
            double at = new BrentSolver(1e-10).solve(200, angle -> off(a, h, t, angle)[1] - t, 0, MOST_RAD);
            double wide = off(a, h, t, at)[0] - (HOLE_MM + t) / 2;
            // A wide gap is closed up until there is room for turns.
            double pitch = Math.max(t, Math.min(t + gapMm, wide / LEAST_TURNS));
            if (wide < LEAST_WIDE * t) {
                throw new BadInput("diameterMm", 2 * a, "is too small for turns of this wire: take thinner wire");
            }
            return new Lid(wide / pitch, pitch - t);
        }

        /** A place half a wire off the ellipse: how far out and how high, mm. */
        private static double[] off(double a, double h, double t, double angle) {
            double out = Math.cos(angle) / a;
            double up = Math.sin(angle) / h;
            double size = Math.hypot(out, up);
            return new double[] {a * Math.cos(angle) + t / 2 * out / size, h * Math.sin(angle) + t / 2 * up / size};
        }

        Spiral spiral(String id) {
            return Spiral.open(id, HOLE_MM, turns, gapMm, Turn.RIGHT);
        }
    }

    /** A wire that is led on in space, element by element. */
    private static final class Way {
        private final double thicknessMm;
        private final List<Element> elements;
        private Pose pose;

        Way(Pose pose, double thicknessMm, List<Element> elements) {
            this.pose = pose;
            this.thicknessMm = thicknessMm;
            this.elements = elements;
        }

        void straight(String id, double lengthMm) {
            add(Straight.of(id, lengthMm), 0);
        }

        /** A corner until it heads somewhere. */
        void turn(String id, Vector3D heading, double insideMm) {
            double roll = rollDeg(heading);
            double angle = Math.toDegrees(Vector3D.angle(pose.heading(), heading));
            add(new Bend(id, angle, insideMm, Turn.LEFT, roll, Optional.empty(), Target.RELEASED), roll);
        }

        /** An arc towards a side. */
        void arc(String id, Vector3D towards, double insideMm, double sweepRad) {
            double roll = rollDeg(towards);
            add(Arc.of(id, insideMm, Math.toDegrees(sweepRad), Turn.LEFT).rolled(roll), roll);
        }

        /** By how much the working plane is rolled so that left is a direction, as far as that stands square to the wire. */
        double rollDeg(Vector3D left) {
            Vector3D up = pose.heading().crossProduct(pose.left());
            return Math.toDegrees(Math.atan2(left.dotProduct(up), left.dotProduct(pose.left())));
        }

        private void add(Element element, double rollDeg) {
            elements.add(element);
            pose = pose.rolled(Math.toRadians(rollDeg)).then(end(element, thicknessMm));
        }
    }
}
