package org.etui.core.pattern;

import java.util.List;
import java.util.Locale;
import org.etui.core.act.Act;
import org.etui.core.element.Coil;
import org.etui.core.element.Turn;
import org.etui.core.metal.Metal;
import org.etui.core.metal.Temper;
import org.etui.core.piece.Allowance;
import org.etui.core.piece.HandleAt;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Purpose;
import org.etui.core.piece.Strand;
import org.etui.core.piece.Work;
import org.etui.core.wire.Wire;

/**
 * Rings wound as one coil and cut apart along it. A cut takes its width off the way round, so that a ring closes smaller by a third of it: the coil is
 * wound wider by as much. One turn more is wound than there are rings, for the two ends.
 */
final class JumpRingSet extends Pattern {
    JumpRingSet() {
        super(
                "jump-ring-set",
                "Jump rings off a coil",
                "One coil cut along its length: how many rings a wire gives, saw cut and all.",
                List.of(Purpose.DECORATIVE, Purpose.LINK),
                Wire.ofAwg(Metal.COPPER, Temper.HALF_HARD, "18"),
                List.of(
                        Parameter.mm("insideMm", "rings, inside when closed", 4, 0.5, 60),
                        Parameter.count("rings", "rings", 20, 1, 400).leftFree(),
                        Parameter.choice("cutWith", "cut with", "saw", "cutters"),
                        Parameter.mm("kerfMm", "one cut takes", 0.3, 0, 3)));
    }

    @Override
    Piece build(Values values, Wire wire, Purpose purpose) {
        double kerf = values.number("kerfMm");
        Coil coil = Coil.of("coil", values.number("insideMm") + kerf / Math.PI, values.count("rings") + 1.0, Turn.LEFT);
        Strand strand = Strand.of("coil", "Coil", wire, List.of(coil))
                .withAllowance(Allowance.usual().withHandleAt(HandleAt.NONE));
        Act.CutApart.Cutter with =
                Act.CutApart.Cutter.valueOf(values.word("cutWith").toUpperCase(Locale.ROOT));
        Work apart = new Work("apart", "coil", List.of("coil"), "forming", new Act.CutApart(kerf, with));
        return Piece.of(title(), purpose, List.of(strand)).withWork(List.of(apart));
    }
}
