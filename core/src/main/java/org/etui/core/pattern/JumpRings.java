package org.etui.core.pattern;

import java.util.List;
import org.etui.core.element.Loop;
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
 * Single turns, each cut to its own length, opened sideways.
 */
final class JumpRings extends Pattern {
    JumpRings() {
        super(
                "jump-rings",
                "Jump rings",
                "Single turns, each of its own length of wire, to join what hangs.",
                List.of(Purpose.LINK),
                Wire.ofAwg(Metal.COPPER, Temper.HALF_HARD, "18"),
                List.of(
                        Parameter.mm("insideMm", "inside", 4, 0.5, 60),
                        Parameter.count("rings", "rings", 20, 1, 1000).leftFree()));
    }

    @Override
    Piece build(Values values, Wire wire, Purpose purpose) {
        Strand strand = ring(values.number("insideMm"), wire).times(values.count("rings"), false, false);
        return Piece.of(title(), purpose, List.of(strand));
    }

    /** One ring, its inside in mm. */
    static Strand ring(double insideMm, Wire wire) {
        return Strand.of("ring", "Jump ring", wire, List.of(Loop.thatOpens("ring", insideMm, Turn.LEFT)))
                .withAllowance(Allowance.usual().withHandleAt(HandleAt.NONE));
    }
}
