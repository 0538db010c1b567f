package org.etui.core.pattern;

import java.util.List;
import java.util.Optional;
import org.etui.core.element.Arc;
import org.etui.core.element.Ball;
import org.etui.core.element.Bend;
import org.etui.core.element.Element;
import org.etui.core.element.Loop;
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
 * Small loop or bought ball, bow, tail: a pair on the same mandrel.
 */
final class EarWire extends Pattern {
    EarWire() {
        super(
                "ear-wire",
                "Ear wires",
                "A pair of hooks for the ear: a small loop or a ball in front, a bow, and a smooth tail.",
                List.of(Purpose.EAR_WIRE),
                Wire.ofAwg(Metal.STERLING_SILVER, Temper.HALF_HARD, "20"),
                List.of(
                        Parameter.choice("front", "in front", "loop", "ball"),
                        Parameter.mm("loopInsideMm", "loop, inside", 2, 0.5, 10).onlyWith("front", "loop"),
                        Parameter.number("ballPercent", "ball, of the wire", "%", 220, 110, 500)
                                .onlyWith("front", "ball"),
                        Parameter.mm("stemMm", "stem", 5, 0.5, 40),
                        Parameter.mm("bowInsideMm", "bow, inside", 9, 3, 40),
                        Parameter.number("bowSweepDeg", "bow, sweep", "degrees", 190, 120, 260),
                        Parameter.mm("tailMm", "tail", 13, 2, 60).leftFree(),
                        Parameter.number("kickDeg", "angle of the tail", "degrees", 20, 1, 60)));
    }

    @Override
    Piece build(Values values, Wire wire, Purpose purpose) {
        Element front = values.word("front").equals("loop")
                ? Loop.thatOpens("loop", values.number("loopInsideMm"), Turn.RIGHT)
                : Ball.of("ball", wire.section().thicknessMm() * values.number("ballPercent") / 100);
        List<Element> elements = List.of(
                front,
                Straight.of("stem", values.number("stemMm")),
                Arc.of("bow", values.number("bowInsideMm"), values.number("bowSweepDeg"), Turn.LEFT),
                Straight.of("tail", values.number("tailMm")),
                new Bend("kick", values.number("kickDeg"), 6, Turn.RIGHT, 0, Optional.empty(), Target.RELEASED),
                Straight.of("tip", 3));
        Strand strand = Strand.of("ear-wire", "Ear wire", wire, elements)
                .withAllowance(Allowance.usual().withHandleAt(HandleAt.NONE))
                .withPlace(Place.turned(90))
                .times(2, true, false);
        return Piece.of(title(), purpose, List.of(strand));
    }
}
