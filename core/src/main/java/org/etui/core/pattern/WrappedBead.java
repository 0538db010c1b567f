package org.etui.core.pattern;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import org.etui.core.element.Bend;
import org.etui.core.element.Element;
import org.etui.core.element.Loop;
import org.etui.core.element.Straight;
import org.etui.core.element.Target;
import org.etui.core.element.Turn;
import org.etui.core.element.Wrap;
import org.etui.core.metal.Metal;
import org.etui.core.metal.Temper;
import org.etui.core.piece.Allowance;
import org.etui.core.piece.Body;
import org.etui.core.piece.HandleAt;
import org.etui.core.piece.Part;
import org.etui.core.piece.PartKind;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Purpose;
import org.etui.core.piece.Strand;
import org.etui.core.wire.Wire;

/**
 * A bead between two loops, each closed for good by its tail wound round its own neck. The first is whole before the bead goes on.
 */
final class WrappedBead extends Pattern {
    WrappedBead() {
        super(
                "wrapped-bead",
                "Wrapped bead",
                "A bead between two wrapped loops: a link, or a drop that hangs from a chain and carries another.",
                List.of(Purpose.LINK, Purpose.DECORATIVE),
                Wire.ofAwg(Metal.COPPER, Temper.DEAD_SOFT, "20"),
                List.of(
                        Parameter.choice("form", "bead", "round", "barrel", "tube", "faceted"),
                        Parameter.mm("beadMm", "bead, across", 8, 2, 60),
                        Parameter.mm("beadLengthMm", "bead, along its hole", 8, 2, 80)
                                .leftFree(),
                        Parameter.mm("holeMm", "bead, its hole", 1.1, 0.3, 6),
                        Parameter.mm("loopInsideMm", "loops, inside", 2.5, 0.5, 20),
                        Parameter.number("wraps", "wraps, each", "turns", 2, 0.5, 20)));
    }

    @Override
    Piece build(Values values, Wire wire, Purpose purpose) {
        List<Element> elements = elements(
                values.number("loopInsideMm"), values.number("wraps"), "bead-run", values.number("beadLengthMm"), wire);
        Strand link = Strand.of("link", "Link", wire, elements)
                .withOrder(List.of("first-corner", "first-loop", "first-wrap"))
                .withAllowance(Allowance.usual().withHandleAt(HandleAt.BOTH));
        double across = values.number("beadMm");
        Part bead = Part.of("bead", PartKind.BEAD, "bead", across, Optional.of("link.bead-run"))
                .withBody(new Body.Bead(
                        Body.BeadForm.valueOf(values.word("form").toUpperCase(Locale.ROOT)),
                        across,
                        OptionalDouble.of(values.number("beadLengthMm")),
                        Body.Hole.through(Math.min(values.number("holeMm"), 0.9 * across))));
        return Piece.of(title(), purpose, List.of(link)).withParts(List.of(bead), List.of());
    }

    /** Two loops closed for good by their tails, and so much straight wire between the wrapped necks, mm, under a name of its own. */
    static List<Element> elements(double inside, double wraps, String run, double betweenMm, Wire wire) {
        double t = wire.section().inPlaneMm();
        double neck = (wraps + 0.5) * wire.section().acrossMm();
        return List.of(
                Wrap.of("first-wrap", Wrap.Core.ofStem(t), wraps, Turn.LEFT).round(List.of("link.first-neck"), 0.5),
                Loop.of("first-loop", inside, Turn.LEFT).rolled(90),
                corner("first-corner", t),
                Straight.of("first-neck", neck),
                Straight.of(run, betweenMm),
                Straight.of("second-neck", neck),
                corner("second-corner", t),
                Loop.of("second-loop", inside, Turn.LEFT),
                Wrap.of("second-wrap", Wrap.Core.ofStem(t), wraps, Turn.LEFT).round(List.of("link.second-neck"), 0.5));
    }

    /** About a wire's own thickness: then the tail leaves the loop beside the neck, where it is wound. */
    static Bend corner(String id, double thicknessMm) {
        return new Bend(id, 90, thicknessMm, Turn.RIGHT, 0, Optional.empty(), Target.RELEASED);
    }
}
