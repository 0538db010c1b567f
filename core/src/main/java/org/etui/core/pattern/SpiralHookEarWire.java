package org.etui.core.pattern;

import java.util.List;
import java.util.Optional;
import org.etui.core.element.Arc;
import org.etui.core.element.Ball;
import org.etui.core.element.Bend;
import org.etui.core.element.Curl;
import org.etui.core.element.Element;
import org.etui.core.element.Spiral;
import org.etui.core.element.Straight;
import org.etui.core.element.Target;
import org.etui.core.element.Turn;
import org.etui.core.metal.Metal;
import org.etui.core.metal.Temper;
import org.etui.core.piece.Allowance;
import org.etui.core.piece.HandleAt;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Place;
import org.etui.core.piece.Purpose;
import org.etui.core.piece.Strand;
import org.etui.core.wire.Wire;

/**
 * A curl or a bought ball that stops the charm, a small crook beside it where the charm hangs and is changed, a large open round, and a free end with a kick
 * that goes through the ear.
 */
final class SpiralHookEarWire extends Pattern {
    /** The kick is eased in over so much, and so much of the end is straight, mm (common practice). */
    private static final double KICK_INSIDE_MM = 6;

    SpiralHookEarWire() {
        super(
                "spiral-hook-ear-wire",
                "Spiral hook ear wires",
                "A pair with a stop and a small crook that takes charms, and an open round of a turn and a half for the ear.",
                List.of(Purpose.EAR_WIRE),
                Wire.ofAwg(Metal.STERLING_SILVER, Temper.HALF_HARD, "20"),
                List.of(
                        Parameter.choice("stop", "stop", "curl", "ball"),
                        Parameter.mm("curlInsideMm", "curl, inside", 1.2, 0.3, 10)
                                .onlyWith("stop", "curl"),
                        Parameter.number("ballPercent", "ball, of the wire", "%", 220, 110, 500)
                                .onlyWith("stop", "ball"),
                        Parameter.mm("crookInsideMm", "crook, inside", 3, 1, 20),
                        Parameter.mm("stemMm", "stem", 5, 0.5, 40),
                        Parameter.mm("roundInsideMm", "round, inside", 12, 4, 40),
                        Parameter.number("turns", "round, turns", "turns", 1.5, 0.5, 3)
                                .leftFree(),
                        Parameter.mm("gapMm", "gap between turns", 1.2, 0, 10),
                        Parameter.number("kickDeg", "angle of the end", "degrees", 20, 1, 60)));
    }

    @Override
    Piece build(Values values, Wire wire, Purpose purpose) {
        Element stop = values.word("stop").equals("curl")
                ? Curl.of("stop-curl", values.number("curlInsideMm"), Turn.RIGHT)
                : Ball.of("ball", wire.section().thicknessMm() * values.number("ballPercent") / 100);
        List<Element> elements = List.of(
                stop,
                Arc.of("crook", values.number("crookInsideMm"), 180, Turn.LEFT),
                Straight.of("stem", values.number("stemMm")),
                Spiral.open(
                        "round",
                        values.number("roundInsideMm"),
                        values.number("turns"),
                        values.number("gapMm"),
                        Turn.RIGHT),
                new Bend(
                        "kick",
                        values.number("kickDeg"),
                        KICK_INSIDE_MM,
                        Turn.LEFT,
                        0,
                        Optional.empty(),
                        Target.RELEASED),
                Straight.of("tip", 3));
        Strand strand = Strand.of("ear-wire", "Ear wire", wire, elements)
                .withAllowance(Allowance.usual().withHandleAt(HandleAt.NONE))
                .withPlace(Place.turned(-90))
                .times(2, true, true);
        return Piece.of(title(), purpose, List.of(strand));
    }
}
