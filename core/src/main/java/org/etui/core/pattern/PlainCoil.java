package org.etui.core.pattern;

import java.util.List;
import org.etui.core.element.Coil;
import org.etui.core.element.Turn;
import org.etui.core.metal.Metal;
import org.etui.core.metal.Temper;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Purpose;
import org.etui.core.piece.Strand;
import org.etui.core.wire.Wire;

/**
 * Turns on a mandrel, touching or apart: a spring, a spacer, stock for jump rings.
 */
final class PlainCoil extends Pattern {
    PlainCoil() {
        super(
                "coil",
                "Coil",
                "Turns on a mandrel, touching or apart: a bead of wire, a spring, a spacer.",
                List.of(Purpose.DECORATIVE, Purpose.LINK),
                Wire.ofAwg(Metal.COPPER, Temper.DEAD_SOFT, "20"),
                List.of(
                        Parameter.mm("mandrelMm", "mandrel", 4, 0.5, 60),
                        Parameter.number("turns", "turns", "turns", 10, 0.5, 200)
                                .leftFree(),
                        Parameter.mm("gapMm", "gap between turns", 0, 0, 20)));
    }

    @Override
    Piece build(Values values, Wire wire, Purpose purpose) {
        double gap = values.number("gapMm");
        Coil coil = Coil.of("coil", values.number("mandrelMm"), values.number("turns"), Turn.LEFT)
                .withPitch(gap == 0 ? 0 : gap + wire.section().acrossMm());
        Strand strand = Strand.of("coil", "Coil", wire, List.of(coil));
        return Piece.of(title(), purpose, List.of(strand));
    }
}
