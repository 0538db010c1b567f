package org.etui.core.pattern;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.etui.core.element.Element;
import org.etui.core.element.Loop;
import org.etui.core.element.Paddle;
import org.etui.core.element.Straight;
import org.etui.core.element.Turn;
import org.etui.core.element.Wrap;
import org.etui.core.metal.Metal;
import org.etui.core.metal.Temper;
import org.etui.core.piece.Body;
import org.etui.core.piece.Part;
import org.etui.core.piece.PartKind;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Place;
import org.etui.core.piece.Purpose;
import org.etui.core.piece.Strand;
import org.etui.core.wire.Wire;

/**
 * A flattened end, room for beads, and a loop wrapped round its own neck.
 */
final class PaddleDrop extends Pattern {
    PaddleDrop() {
        super(
                "paddle-drop",
                "Paddle drop",
                "A drop on a flattened head: beads on the pin, a wrapped loop above them.",
                List.of(Purpose.DECORATIVE, Purpose.LINK),
                Wire.ofAwg(Metal.COPPER, Temper.DEAD_SOFT, "20"),
                List.of(
                        Parameter.mm("paddleMm", "paddle, length", 4, 2, 20),
                        Parameter.number("paddlePercent", "paddle, of the wire", "%", 60, 30, 95),
                        Parameter.count("beads", "beads", 1, 1, 30),
                        Parameter.mm("beadsMm", "height of the beads", 10, 1, 80)
                                .leftFree(),
                        Parameter.mm("holeMm", "hole of the beads", 0.9, 0.3, 5),
                        Parameter.mm("loopInsideMm", "loop, inside", 2.5, 0.5, 20),
                        Parameter.number("wraps", "wraps", "turns", 2, 0.5, 20)));
    }

    @Override
    Piece build(Values values, Wire wire, Purpose purpose) {
        double t = wire.section().inPlaneMm();
        double wraps = values.number("wraps");
        List<Element> elements = List.of(
                Paddle.of("paddle", values.number("paddleMm"), paddleTo(values, wire)),
                Straight.of("bead-run", values.number("beadsMm")),
                Straight.of("neck", (wraps + 0.5) * wire.section().acrossMm()),
                WrappedBead.corner("corner", t),
                Loop.of("loop", values.number("loopInsideMm"), Turn.LEFT),
                Wrap.of("neck-wrap", Wrap.Core.ofStem(t), wraps, Turn.LEFT).round(List.of("drop.neck"), 0.5));
        int count = values.count("beads");
        double each = values.number("beadsMm") / count;
        Part bead = Part.of("bead", PartKind.BEAD, "bead", each, Optional.of("drop.bead-run"))
                .times(count)
                .withBody(new Body.Bead(
                        Body.BeadForm.ROUND,
                        each,
                        OptionalDouble.empty(),
                        Body.Hole.through(Math.min(values.number("holeMm"), 0.9 * each))));
        return Piece.of(
                        title(),
                        purpose,
                        List.of(Strand.of("drop", "Drop", wire, elements).withPlace(Place.turned(90))))
                .withParts(List.of(bead), List.of());
    }
}
