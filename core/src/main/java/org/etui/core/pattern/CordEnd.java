package org.etui.core.pattern;

import java.util.List;
import java.util.Optional;
import org.etui.core.element.Bend;
import org.etui.core.element.Element;
import org.etui.core.element.Loop;
import org.etui.core.element.Straight;
import org.etui.core.element.Turn;
import org.etui.core.element.Wrap;
import org.etui.core.metal.Metal;
import org.etui.core.metal.Temper;
import org.etui.core.piece.Join;
import org.etui.core.piece.Part;
import org.etui.core.piece.PartKind;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Purpose;
import org.etui.core.piece.Strand;
import org.etui.core.wire.Wire;

/**
 * A short leg, a loop for the clasp, and the rest coiled from the loop over leg and cord.
 */
final class CordEnd extends Pattern {
    /** So much of the leg stands out beyond the turns until it is nipped off, mm (common practice). */
    private static final double STANDS_OUT_MM = 2;

    CordEnd() {
        super(
                "cord-end",
                "Cord end",
                "A short leg, a loop for the clasp, and a tight coil from the loop over leg and cord.",
                List.of(Purpose.NECKLACE_CLOSURE, Purpose.BRACELET_CLOSURE),
                Wire.ofAwg(Metal.COPPER, Temper.DEAD_SOFT, "20"),
                List.of(
                        Parameter.mm("cordMm", "cord", 3, 0.5, 20),
                        Parameter.mm("loopInsideMm", "loop, inside", 3, 0.5, 20),
                        Parameter.number("turns", "turns", "turns", 6, 1, 40).leftFree()));
    }

    @Override
    Piece build(Values values, Wire wire, Purpose purpose) {
        double turns = values.number("turns");
        Strand strand = Strand.of("end", "Cord end", wire, elements(values, wire, turns));
        Part cord = Part.of("cord", PartKind.CORD, "cord", values.number("cordMm"), Optional.of("end.coil"));
        return Piece.of(title(), purpose, List.of(strand))
                .withParts(List.of(cord), List.of(Join.of("end.coil", "cord")));
    }

    private static List<Element> elements(Values values, Wire wire, double turns) {
        double across = wire.section().acrossMm();
        double leg = (turns + 1) * across + STANDS_OUT_MM;
        // Half a thickness from the loop, where the leg ends.
        double at = 1 - (turns + 1) * across / 2 / leg;
        return List.of(
                Straight.of("leg", leg),
                Bend.of("corner", 90, Turn.RIGHT),
                Loop.of("loop", values.number("loopInsideMm"), Turn.LEFT),
                Wrap.of("coil", Wrap.Core.ofCord(values.number("cordMm")), turns, Turn.LEFT)
                        .overItsLeg()
                        .round(List.of("end.leg"), at));
    }
}
