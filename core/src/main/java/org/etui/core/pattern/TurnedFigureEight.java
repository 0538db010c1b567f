package org.etui.core.pattern;

import java.util.List;
import org.etui.core.metal.Metal;
import org.etui.core.metal.Temper;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Purpose;
import org.etui.core.wire.Wire;

/**
 * The figure-eight with its second loop at a right angle: it changes the way a drop hangs.
 */
final class TurnedFigureEight extends Pattern {
    TurnedFigureEight() {
        super(
                "turned-figure-eight",
                "Turned figure-eight",
                "Two loops on one wire at right angles, so that a drop hangs the other way round.",
                List.of(Purpose.LINK, Purpose.PENDANT, Purpose.DECORATIVE),
                Wire.ofAwg(Metal.COPPER, Temper.DEAD_SOFT, "18"),
                FigureEight.measures(2));
    }

    @Override
    Piece build(Values values, Wire wire, Purpose purpose) {
        return Piece.of(title(), purpose, List.of(FigureEight.link(values, wire, 90)));
    }
}
