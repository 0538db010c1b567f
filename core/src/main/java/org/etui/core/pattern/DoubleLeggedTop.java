package org.etui.core.pattern;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.etui.core.element.Arc;
import org.etui.core.element.Bend;
import org.etui.core.element.Curl;
import org.etui.core.element.Element;
import org.etui.core.element.Loop;
import org.etui.core.element.Straight;
import org.etui.core.element.Turn;
import org.etui.core.element.Wrap;
import org.etui.core.metal.Metal;
import org.etui.core.metal.Temper;
import org.etui.core.piece.Allowance;
import org.etui.core.piece.Body;
import org.etui.core.piece.HandleAt;
import org.etui.core.piece.Join;
import org.etui.core.piece.Part;
import org.etui.core.piece.PartKind;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Place;
import org.etui.core.piece.Purpose;
import org.etui.core.piece.Strand;
import org.etui.core.wire.Wire;

/**
 * A loop in the middle of a wire, its two legs lashed under it, a bead over both, and below the bead a hook to either side, each ending in a curl.
 */
final class DoubleLeggedTop extends Pattern {
    private static final double NECK_INSIDE_MM = 0.5;
    private static final String TOP = "top";

    DoubleLeggedTop() {
        super(
                "double-legged-top",
                "Double-legged top",
                "A loop, a bead over both its legs, and two hooks below it to hang charms or chains from.",
                List.of(Purpose.PENDANT, Purpose.DECORATIVE, Purpose.LINK),
                Wire.ofAwg(Metal.COPPER, Temper.DEAD_SOFT, "18"),
                List.of(
                        Parameter.mm("loopInsideMm", "loop, inside", 3, 1, 15),
                        Parameter.number("lashTurns", "lashing, turns", "turns", 3, 1, 10),
                        Parameter.mm("beadMm", "bead, across", 8, 3, 40),
                        Parameter.mm("beadLengthMm", "bead, along its hole", 7, 2, 60),
                        Parameter.mm("holeMm", "bead, its hole", 2.4, 0.5, 10),
                        Parameter.mm("hookInsideMm", "hooks, inside", 5, 2, 30).leftFree(),
                        Parameter.number("hookSweepDeg", "hooks, how far round", "degrees", 210, 150, 260),
                        Parameter.mm("curlInsideMm", "curls, inside", 1, 0.5, 5)));
    }

    @Override
    Piece build(Values values, Wire wire, Purpose purpose) {
        double t = wire.section().inPlaneMm();
        double across = values.number("beadMm");
        double bead = values.number("beadLengthMm");
        double lash = values.number("lashTurns");
        double loop = values.number("loopInsideMm");
        double hook = values.number("hookInsideMm");
        double sweep = values.number("hookSweepDeg");
        double curl = values.number("curlInsideMm");
        double neckDeg = neckDeg(loop, t);
        double stem = (lash + 1) * fine(wire).section().acrossMm();
        List<Element> elements = List.of(
                Curl.of("first-curl", curl, Turn.RIGHT),
                Arc.of("first-hook", hook, sweep, Turn.LEFT),
                Straight.of("first-leg", bead),
                Straight.of("first-stem", stem),
                Bend.of("first-neck", neckDeg, Turn.LEFT),
                Loop.of("loop", loop, Turn.RIGHT).of((180 + 2 * neckDeg) / 360),
                Bend.of("second-neck", neckDeg, Turn.LEFT),
                Straight.of("second-stem", stem),
                Straight.of("second-leg", bead),
                Arc.of("second-hook", hook, sweep, Turn.LEFT),
                Curl.of("second-curl", curl, Turn.RIGHT));
        Strand top = Strand.of(TOP, "Top", wire, elements)
                .withOrder(List.of(
                        "loop", "first-neck", "second-neck", "first-curl", "first-hook", "second-curl", "second-hook"))
                .withAllowance(Allowance.usual().withHandleAt(HandleAt.NONE))
                .withPlace(Place.turned(90 + neckDeg));
        Wrap turns = Wrap.of("lashing", Wrap.Core.ofWires(2, t), lash, Turn.LEFT)
                .round(List.of(TOP + ".first-stem", TOP + ".second-stem"), 0.5);
        Strand lashing = Strand.of("lashing", "Lashing", fine(wire), List.of(turns))
                .withAllowance(Allowance.usual().withHandleAt(HandleAt.BOTH));
        Part over = Part.of("bead", PartKind.BEAD, "bead", across, Optional.of(TOP + ".first-leg"))
                .withBody(new Body.Bead(
                        Body.BeadForm.ROUND,
                        across,
                        OptionalDouble.of(bead),
                        Body.Hole.through(Math.min(values.number("holeMm"), 0.9 * across))));
        return Piece.of(title(), purpose, List.of(top, lashing))
                .withParts(List.of(over), List.of(Join.of("bead", TOP + ".second-leg")));
    }

    /** Half as thick as the legs, dead soft: it has to bend round two of them. */
    private static Wire fine(Wire wire) {
        return Wire.ofRound(wire.metal(), Temper.DEAD_SOFT, wire.section().thicknessMm() / 2);
    }

    /** How far each leg turns out below the loop so that the two lie against each other: cos φ = (ρ + t/2)/(R + ρ), from the triangle of the centres. */
    private static double neckDeg(double insideMm, double t) {
        double rho = (NECK_INSIDE_MM + t) / 2;
        return Math.toDegrees(Math.acos((rho + t / 2) / ((insideMm + t) / 2 + rho)));
    }
}
