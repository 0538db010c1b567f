package org.etui.core.pattern;

import java.util.List;
import org.etui.core.element.Element;
import org.etui.core.element.Loop;
import org.etui.core.element.Spiral;
import org.etui.core.element.Turn;
import org.etui.core.metal.Metal;
import org.etui.core.metal.Temper;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Purpose;
import org.etui.core.piece.Strand;
import org.etui.core.wire.Wire;

/**
 * A flat spiral that hangs by a loop at its rim: closed, with room in the middle, or with air between the turns.
 */
final class FlatSpiral extends Pattern {
    FlatSpiral() {
        super(
                "flat-spiral",
                "Flat spiral",
                "A flat spiral to hang: turns closed on themselves, round an open middle, or apart.",
                List.of(Purpose.DECORATIVE, Purpose.PENDANT, Purpose.LINK),
                Wire.ofAwg(Metal.COPPER, Temper.DEAD_SOFT, "18"),
                List.of(
                        Parameter.choice("middle", "kind", "closed", "open centre", "open"),
                        Parameter.mm("insideMm", "middle, inside", 3, 0.5, 5).onlyWith("middle", "open centre"),
                        Parameter.mm("gapMm", "gap between turns", 1, 0.1, 5).onlyWith("middle", "open"),
                        Parameter.choice("sizedBy", "sized by", "turns", "outside"),
                        Parameter.number("turns", "turns", "turns", 4, 0.5, 30)
                                .onlyWith("sizedBy", "turns")
                                .leftFree(),
                        Parameter.mm("outsideMm", "outside", 15, 10, 120)
                                .onlyWith("sizedBy", "outside")
                                .leftFree(),
                        Parameter.mm("loopInsideMm", "loop, inside", 2.5, 0.5, 20)));
    }

    @Override
    Piece build(Values values, Wire wire, Purpose purpose) {
        double gap = values.word("middle").equals("open") ? values.number("gapMm") : 0;
        double turns = values.number("turns");
        Spiral byTurns = values.word("middle").equals("open centre")
                ? Spiral.open("spiral", values.number("insideMm"), turns, gap, Turn.LEFT)
                : Spiral.closed("spiral", turns, gap, Turn.LEFT);
        Spiral spiral = values.word("sizedBy").equals("turns") ? byTurns : byTurns.across(values.number("outsideMm"));
        List<Element> elements = List.of(spiral, Loop.of("loop", values.number("loopInsideMm"), Turn.RIGHT));
        return Piece.of(title(), purpose, List.of(Strand.of("spiral", "Spiral", wire, elements)));
    }
}
