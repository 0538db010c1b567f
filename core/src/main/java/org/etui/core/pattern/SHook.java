package org.etui.core.pattern;

import java.util.List;
import org.etui.core.act.Act;
import org.etui.core.element.Arc;
import org.etui.core.element.Curl;
import org.etui.core.element.Element;
import org.etui.core.element.Straight;
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

/** Curl, hook bend, reverse hook bend, curl. Both curls are formed first, on the squared ends: there is no handle. */
final class SHook extends Pattern {
    SHook() {
        super(
                "s-hook",
                "S-hook",
                "Two hooks in one wire, curled at both ends; one limb can be closed so that it cannot fall off.",
                List.of(Purpose.NECKLACE_CLOSURE, Purpose.BRACELET_CLOSURE, Purpose.LINK, Purpose.DECORATIVE),
                Wire.ofAwg(Metal.COPPER, Temper.DEAD_SOFT, "16"),
                List.of(
                        Parameter.mm("hookInsideMm", "hooks, inside", 6, 1, 60),
                        Parameter.number("hookSweepDeg", "hooks, sweep", "degrees", 240, 90, 320)
                                .leftFree(),
                        Parameter.choice("hooks", "hooks", "alike", "each its own"),
                        Parameter.number("secondSweepDeg", "second hook, sweep", "degrees", 240, 90, 320)
                                .onlyWith("hooks", "each its own"),
                        Parameter.mm("middleMm", "straight in the middle", 2, 0.5, 100),
                        Parameter.mm("lipMm", "straight at each tip", 1, 0.2, 50),
                        Parameter.mm("curlInsideMm", "curls, inside", 0.9, 0.3, 10),
                        Parameter.choice("curls", "curls face", "outward", "inward"),
                        Parameter.choice("limbs", "limbs", "apart", "touching")));
    }

    @Override
    Piece build(Values values, Wire wire, Purpose purpose) {
        boolean outward = values.word("curls").equals("outward");
        double hook = values.number("hookInsideMm");
        double sweep = values.number("hookSweepDeg");
        double second = values.word("hooks").equals("alike") ? sweep : values.number("secondSweepDeg");
        double curl = values.number("curlInsideMm");
        double lip = values.number("lipMm");
        List<Element> elements = List.of(
                Curl.of("first-curl", curl, outward ? Turn.RIGHT : Turn.LEFT),
                Straight.of("first-lip", lip),
                Arc.of("first-hook", hook, sweep, Turn.LEFT),
                Straight.of("middle", values.number("middleMm")),
                Arc.of("second-hook", hook, second, Turn.RIGHT),
                Straight.of("second-lip", lip),
                Curl.of("second-curl", curl, outward ? Turn.LEFT : Turn.RIGHT));
        Strand strand = Strand.of("hook", "S-hook", wire, elements)
                .withOrder(List.of(
                        "first-curl", "second-curl", "first-lip", "first-hook", "middle", "second-hook", "second-lip"))
                .withAllowance(Allowance.usual().withHandleAt(HandleAt.NONE));
        Piece piece = Piece.of(title(), purpose, List.of(strand));
        return values.word("limbs").equals("touching")
                ? piece.withWork(List.of(
                        new Work("close", "hook", List.of("first-hook", "second-hook"), "forming", new Act.Close())))
                : piece;
    }
}
