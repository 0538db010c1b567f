package org.etui.core.pattern;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import org.etui.core.element.Ball;
import org.etui.core.element.Element;
import org.etui.core.element.Loop;
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

/** Beads on a bought headed pin, closed above them by a wrapped loop. A head narrower than the hole of the beads would slip through: nothing says so yet. */
final class BeadDrop extends Pattern {
    BeadDrop() {
        super(
                "bead-drop",
                "Bead drop",
                "Beads on a headed pin, a wrapped loop above them: to hang from an ear wire or a chain.",
                List.of(Purpose.DECORATIVE, Purpose.LINK),
                Wire.ofAwg(Metal.COPPER, Temper.DEAD_SOFT, "22"),
                List.of(
                        Parameter.choice("form", "beads", "round", "barrel", "tube", "faceted"),
                        Parameter.count("beads", "how many", 2, 1, 30),
                        Parameter.mm("stackMm", "height of the stack", 14, 1, 120)
                                .leftFree(),
                        Parameter.mm("beadMm", "beads, across", 7, 1, 60),
                        Parameter.mm("holeMm", "beads, their hole", 0.9, 0.3, 6),
                        Parameter.mm("headMm", "head of the pin", 1.8, 0.5, 10),
                        Parameter.mm("loopInsideMm", "loop, inside", 2.5, 0.5, 20),
                        Parameter.number("wraps", "wraps", "turns", 3, 0.5, 20)));
    }

    @Override
    Piece build(Values values, Wire wire, Purpose purpose) {
        double t = wire.section().inPlaneMm();
        double wraps = values.number("wraps");
        double stack = values.number("stackMm");
        List<Element> elements = List.of(
                Ball.of("head", Math.max(values.number("headMm"), t)),
                Straight.of("bead-run", stack),
                Straight.of("neck", (wraps + 0.5) * wire.section().acrossMm()),
                WrappedBead.corner("corner", t),
                Loop.of("loop", values.number("loopInsideMm"), Turn.LEFT),
                Wrap.of("neck-wrap", Wrap.Core.ofStem(t), wraps, Turn.LEFT).round(List.of("drop.neck"), 0.5));
        int count = values.count("beads");
        double across = values.number("beadMm");
        Part bead = Part.of("bead", PartKind.BEAD, "bead", across, Optional.of("drop.bead-run"))
                .times(count)
                .withBody(new Body.Bead(
                        Body.BeadForm.valueOf(values.word("form").toUpperCase(Locale.ROOT)),
                        across,
                        OptionalDouble.of(stack / count),
                        Body.Hole.through(Math.min(values.number("holeMm"), 0.9 * across))));
        return Piece.of(
                        title(),
                        purpose,
                        List.of(Strand.of("drop", "Drop", wire, elements).withPlace(Place.turned(90))))
                .withParts(List.of(bead), List.of());
    }
}
