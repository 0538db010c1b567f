package org.etui.core.pattern;

import java.util.List;
import org.etui.core.element.Arc;
import org.etui.core.element.Curl;
import org.etui.core.element.Element;
import org.etui.core.element.Loop;
import org.etui.core.element.Straight;
import org.etui.core.element.Turn;
import org.etui.core.element.Wrap;
import org.etui.core.metal.Metal;
import org.etui.core.metal.Temper;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Purpose;
import org.etui.core.piece.Strand;
import org.etui.core.wire.Wire;

/**
 * Curl, hook bend, neck bend, loop, and the tail wrapped round the neck. The curl is formed first; the tail is the handle.
 */
final class WrappedHook extends Pattern {
    WrappedHook() {
        super(
                "wrapped-hook",
                "Wrapped hook",
                "A hook whose loop is closed for good by wrapping its tail round the neck.",
                List.of(Purpose.NECKLACE_CLOSURE, Purpose.BRACELET_CLOSURE, Purpose.PENDANT),
                Wire.ofAwg(Metal.COPPER, Temper.DEAD_SOFT, "16"),
                List.of(
                        Parameter.mm("hookInsideMm", "hook, inside", 7, 1, 60),
                        Parameter.number("hookSweepDeg", "hook, sweep", "degrees", 190, 90, 260),
                        Parameter.mm("curlInsideMm", "curl, inside", 0.9, 0.3, 10),
                        Parameter.mm("lipMm", "tip straight", 2.5, 0.5, 50),
                        Parameter.mm("runMm", "straight", 5, 0.5, 100),
                        Parameter.mm("loopInsideMm", "loop, inside", 3, 0.5, 30),
                        Parameter.number("wraps", "wraps", "turns", 2, 0.5, 20).leftFree()));
    }

    @Override
    Piece build(Values values, Wire wire, Purpose purpose) {
        double t = wire.section().inPlaneMm();
        double wraps = values.number("wraps");
        double room = (wraps + 1) * wire.section().acrossMm();
        double run = values.number("runMm") + room;
        List<Element> elements = List.of(
                Curl.of("tip-curl", values.number("curlInsideMm"), Turn.RIGHT),
                Straight.of("lip", values.number("lipMm")),
                Arc.of("hook-bend", values.number("hookInsideMm"), values.number("hookSweepDeg"), Turn.LEFT),
                Straight.of("run", run),
                WrappedBead.corner("neck", t),
                Loop.of("loop", values.number("loopInsideMm"), Turn.LEFT),
                Wrap.of("neck-wrap", Wrap.Core.ofStem(t), wraps, Turn.LEFT)
                        .round(List.of("hook.run"), 1 - room / 2 / run));
        return Piece.of(title(), purpose, List.of(Strand.of("hook", "Hook", wire, elements)));
    }
}
