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
                List.of(Purpose.LINK, Purpose.DECORATIVE),
                Wire.ofAwg(Metal.COPPER, Temper.DEAD_SOFT, "18"),
                List.of(
                        Parameter.mm("firstInsideMm", "first loop, inside", 4, 0.5, 30),
                        Parameter.mm("secondInsideMm", "second loop, inside", 4, 0.5, 30),
                        Parameter.mm("neckMm", "neck between", 2, 0.2, 30).leftFree()));
    }

    @Override
    Piece build(Values values, Wire wire, Purpose purpose) {
        return Piece.of(title(), purpose, List.of(FigureEight.link(values, wire, 90)));
    }
}
