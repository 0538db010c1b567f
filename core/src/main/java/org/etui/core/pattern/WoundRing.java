package org.etui.core.pattern;

import java.util.List;
import java.util.Optional;
import org.etui.core.element.Bend;
import org.etui.core.element.Coil;
import org.etui.core.element.Element;
import org.etui.core.element.Spiral;
import org.etui.core.element.Straight;
import org.etui.core.element.Target;
import org.etui.core.element.Turn;
import org.etui.core.element.Wrap;
import org.etui.core.metal.Metal;
import org.etui.core.metal.Temper;
import org.etui.core.piece.Allowance;
import org.etui.core.piece.HandleAt;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Purpose;
import org.etui.core.piece.Strand;
import org.etui.core.wire.Wire;
import org.hipparchus.analysis.solvers.BrentSolver;

/**
 * Turns on a mandrel; both ends come up onto the band where they cross and are wound in turn as the two arms of a rosette; what is left of them goes
 * round the band beside it. The arms start half the band apart and leave room for each other, so that they lie side by side.
 */
final class WoundRing extends Pattern {
    WoundRing() {
        super(
                "wound-ring",
                "Wound ring",
                "A finger ring wound from one wire: a band of turns, both ends wound round each other into a rosette on top, their tails wrapped round the band.",
                List.of(Purpose.DECORATIVE),
                Wire.ofRound(Metal.COPPER, Temper.DEAD_SOFT, 1.6),
                Finger.measures(
                        Parameter.count("turns", "turns of the band", 2, 2, 8),
                        Parameter.number("rosetteTurns", "rosette, turns", "turns", 1.25, 0.25, 4)
                                .leftFree(),
                        Parameter.number("tailTurns", "tails, turns round the band", "turns", 1, 0.5, 4)));
    }

    @Override
    Piece build(Values values, Wire wire, Purpose purpose) {
        double t = wire.section().inPlaneMm();
        int turns = values.count("turns");
        double rosette = values.number("rosetteTurns");
        double tail = values.number("tailTurns");
        Crossing over = Crossing.fitting(Finger.sizeMm(values), t, turns, rosette);
        List<Element> elements = List.of(
                over.tail("first-tail", tail, -1),
                Spiral.open("first-arm", over.insideMm(), rosette, over.gapMm(), Turn.LEFT)
                        .inward()
                        .lifted(0, 90)
                        .inTurnWith("second-arm"),
                over.bend("first-bend").rolled(-90),
                Straight.of("first-rise", over.riseMm()),
                Coil.of("band", 2 * over.radiusMm() - t, over.bandTurns(), Turn.LEFT),
                Straight.of("second-rise", over.riseMm()),
                over.bend("second-bend"),
                Spiral.open("second-arm", over.insideMm(), rosette, over.gapMm(), Turn.LEFT)
                        .lifted(0, -90)
                        .inTurnWith("first-arm"),
                over.tail("second-tail", tail, 1));
        Strand strand = Strand.of("ring", "Ring", wire, elements)
                .withOrder(List.of(
                        "band", "first-bend", "second-bend", "first-arm", "second-arm", "first-tail", "second-tail"))
                .withAllowance(Allowance.usual().withHandleAt(HandleAt.BOTH));
        return Piece.of(title(), purpose, List.of(strand))
                .withNotes(Finger.told(2 * over.radiusMm() - t, Finger.sizeMm(values)));
    }

    /**
     * How the ends come up onto the band: they leave it straight, one thickness higher they are bent over, and go round the crossing as two arms of one
     * spiral.
     *
     * @param radiusMm of the band about the middle of its wire
     * @param turns of the band, whole
     * @param thicknessMm of the wire
     * @param angleRad how far before the top the wire leaves the band
     * @param riseMm how far it goes straight
     * @param insideRadiusMm of the arms where they begin
     * @param gapMm from turn to turn of an arm, where the other lies
     * @param reachMm of the arms where they end
     */
    private record Crossing(
            double radiusMm,
            int turns,
            double thicknessMm,
            double angleRad,
            double riseMm,
            double insideRadiusMm,
            double gapMm,
            double reachMm) {
        /** Where the arms begin is found in so many rounds to the last digit. */
        private static final int ROUNDS = 40;

        /** The tails go down so far beside the arms, in thicknesses. */
        private static final double BESIDE = 0;

        /** Further down than this a tail would not hold the rosette, rad. */
        private static final double LOWEST_RAD = Math.toRadians(75);

        /** The tails lie on the inside of the band: it is wound so much larger that what is left free is as wide as wanted, mm. */
        static Crossing fitting(double freeMm, double t, int turns, double rosette) {
            double wound = new BrentSolver(1e-9)
                    .solve(200, inside -> of(inside, t, turns, rosette).freeMm() - freeMm, freeMm, freeMm + 4 * t);
            return of(wound, t, turns, rosette);
        }

        /** What the tails leave free, mm. */
        double freeMm() {
            return Finger.freeMm(2 * radiusMm - thicknessMm, thicknessMm, downRad());
        }

        private double downRad() {
            double beside = Math.asin(Math.min((reachMm + BESIDE * thicknessMm) / radiusMm, 1));
            return Math.min(Math.max(beside, angleRad + thicknessMm / radiusMm), LOWEST_RAD);
        }

        static Crossing of(double insideMm, double t, int turns, double rosette) {
            double radius = (insideMm + t) / 2;
            // Begun half the band apart, the wire still climbing as it did on the band; side by side where the arms are
            // steepest.
            double apart = turns * t / 2;
            double climb = Math.atan(t / (2 * Math.PI * radius));
            double steep = 0;
            double begins = apart;
            for (int i = 0; i < ROUNDS; i++) {
                begins = apart / Math.cos(steep - climb);
                steep = Math.atan(t / Math.cos(steep) / Math.PI / begins);
            }
            double ahead = begins * Math.sin(steep - climb);
            double pitch = 2 * t / Math.cos(steep);
            double angle =
                    new BrentSolver(1e-10).solve(200, a -> heightMm(radius, t, a, ahead) - radius - t, 0.01, 1.3);
            double tangent = t * Math.tan(angle / 2);
            double rise = (radius * Math.sin(angle) + ahead - tangent) / Math.cos(angle) - tangent;
            return new Crossing(radius, turns, t, angle, rise, begins, pitch - t, begins + pitch * rosette);
        }

        /** Of the bent end over the middle of the ring: a tangent of the band, bent about one thickness. */
        private static double heightMm(double radius, double t, double angle, double ahead) {
            return radius / Math.cos(angle) + (ahead - t * Math.tan(angle / 2)) * Math.tan(angle);
        }

        double bandTurns() {
            return turns - angleRad / Math.PI;
        }

        double insideMm() {
            return 2 * insideRadiusMm - thicknessMm;
        }

        Bend bend(String id) {
            return new Bend(id, Math.toDegrees(angleRad), thicknessMm, Turn.LEFT, 0, Optional.empty(), Target.RELEASED);
        }

        /**
         * Round the whole band under the rim of the rosette.
         *
         * @param side where the wire begins, -1, or where it ends, 1
         */
        Wrap tail(String id, double tailTurns, int side) {
            double all = 2 * Math.PI * turns - 2 * angleRad;
            double at = (2 * Math.PI + side * downRad() - angleRad) / all;
            return Wrap.of(id, Wrap.Core.ofWires(turns, thicknessMm), tailTurns, Turn.LEFT)
                    .round(List.of("ring.band"), at);
        }
    }
}
