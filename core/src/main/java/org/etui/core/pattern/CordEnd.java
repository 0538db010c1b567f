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
 * A loop for the clasp, a leg laid along the cord, and the rest coiled round both.
 */
final class CordEnd extends Pattern {
    CordEnd() {
        super(
                "cord-end",
                "Cord end",
                "A loop for the clasp, and a tight coil that holds a cord to its own leg.",
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
        return List.of(
                Loop.thatOpens("loop", values.number("loopInsideMm"), Turn.LEFT),
                Straight.of("leg", (turns + 1) * across),
                Bend.of("corner", 90, Turn.RIGHT),
                Wrap.of("coil", Wrap.Core.ofCord(values.number("cordMm")), turns, Turn.LEFT)
                        .overItsLeg()
                        .rolled(90));
    }
}
