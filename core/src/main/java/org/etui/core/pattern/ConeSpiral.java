package org.etui.core.pattern;

import java.util.List;
import org.etui.core.element.Element;
import org.etui.core.element.Spiral;
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
 * An open spiral lifted into a cone: a bead cap.
 */
final class ConeSpiral extends Pattern {
    ConeSpiral() {
        super(
                "cone-spiral",
                "Cone spiral",
                "A spiral lifted into a cone, to cap a bead.",
                List.of(Purpose.DECORATIVE, Purpose.LINK),
                Wire.ofAwg(Metal.COPPER, Temper.DEAD_SOFT, "20"),
                List.of(
                        Parameter.number("turns", "turns", "turns", 4, 0.5, 20).leftFree(),
                        Parameter.mm("insideMm", "hole, inside", 1.5, 0.5, 20),
                        Parameter.mm("gapMm", "gap between turns, seen from above", 0, 0, 5),
                        Parameter.mm("riseMm", "rise a turn", 1, 0.1, 10)));
    }

    @Override
    Piece build(Values values, Wire wire, Purpose purpose) {
        List<Element> elements = List.of(Spiral.open(
                        "cone", values.number("insideMm"), values.number("turns"), values.number("gapMm"), Turn.LEFT)
                .lifted(values.number("riseMm"), 0));
        Strand strand = Strand.of("cone", "Cone", wire, elements)
                .withAllowance(Allowance.usual().withHandleAt(HandleAt.NONE));
        return Piece.of(title(), purpose, List.of(strand));
    }
}
