package org.etui.core.pattern;

import java.util.List;
import org.etui.core.element.Arc;
import org.etui.core.element.Curl;
import org.etui.core.element.Element;
import org.etui.core.element.Loop;
import org.etui.core.element.Straight;
import org.etui.core.element.Turn;
import org.etui.core.metal.Metal;
import org.etui.core.metal.Temper;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Purpose;
import org.etui.core.piece.Strand;
import org.etui.core.wire.Wire;

/** Small loop, run, hook bend, curled tip. The tip is formed first; the tail at the loop is the handle. */
final class HookClasp extends Pattern {
    HookClasp() {
        super(
                "hook-clasp",
                "Hook clasp",
                "A hook with a small loop to hang it by and a curled tip to guide the ring in.",
                List.of(Purpose.NECKLACE_CLOSURE, Purpose.BRACELET_CLOSURE, Purpose.PENDANT, Purpose.DECORATIVE),
                Wire.ofAwg(Metal.COPPER, Temper.DEAD_SOFT, "16"),
                List.of(
                        Parameter.mm("hookInsideMm", "hook, inside", 7, 1, 60),
                        Parameter.number("hookSweepDeg", "hook, sweep", "degrees", 200, 90, 260),
                        Parameter.mm("loopInsideMm", "loop, inside", 3, 0.5, 30),
                        Parameter.mm("runMm", "straight", 4, 0.5, 100).leftFree(),
                        Parameter.mm("lipMm", "tip straight", 3, 0.5, 50),
                        Parameter.mm("curlInsideMm", "curl, inside", 0.9, 0.3, 10)));
    }

    @Override
    Piece build(Values values, Wire wire, Purpose purpose) {
        List<Element> elements = List.of(
                Loop.thatOpens("loop", values.number("loopInsideMm"), Turn.LEFT),
                Straight.of("run", values.number("runMm")),
                Arc.of("hook-bend", values.number("hookInsideMm"), values.number("hookSweepDeg"), Turn.RIGHT),
                Straight.of("lip", values.number("lipMm")),
                Curl.of("tip-curl", values.number("curlInsideMm"), Turn.LEFT));
        Strand strand = Strand.of("hook", "Hook", wire, elements)
                .withOrder(List.of("tip-curl", "lip", "hook-bend", "run", "loop"));
        return Piece.of(title(), purpose, List.of(strand));
    }
}
