package org.etui.core.pattern;

import java.util.List;
import org.etui.core.act.Act;
import org.etui.core.act.With;
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

/**
 * The other school: both ends are flattened on the straight wire, then turned tight and bent. What forming the ends costs and
 * leaves is read off wire that has been hammered already.
 */
final class SClaspHammeredFirst extends Pattern {
    SClaspHammeredFirst() {
        super(
                "s-clasp-hammered-first",
                "S clasp, hammered first",
                "Both ends are hammered flat while the wire is straight, then turned tight and bent into an S.",
                List.of(Purpose.NECKLACE_CLOSURE, Purpose.BRACELET_CLOSURE, Purpose.DECORATIVE),
                Wire.ofAwg(Metal.COPPER, Temper.DEAD_SOFT, "14"),
                List.of(
                        Parameter.mm("bendInsideMm", "bends, inside", 6, 1, 60),
                        Parameter.number("bendSweepDeg", "bends, sweep", "degrees", 195, 90, 260)
                                .leftFree(),
                        Parameter.choice("bends", "bends", "alike", "each its own"),
                        Parameter.number("secondSweepDeg", "second bend, sweep", "degrees", 195, 90, 260)
                                .onlyWith("bends", "each its own"),
                        Parameter.mm("middleMm", "straight in the middle", 5, 0.5, 100),
                        Parameter.mm("lipMm", "straight at each tip", 2, 0.5, 50),
                        Parameter.mm("turnInsideMm", "turned ends, inside", 1.2, 0.5, 10),
                        Parameter.number("endPercent", "ends, of the wire's thickness", "%", 70, 40, 95)));
    }

    @Override
    Piece build(Values values, Wire wire, Purpose purpose) {
        double bend = values.number("bendInsideMm");
        double sweep = values.number("bendSweepDeg");
        double second = values.word("bends").equals("alike") ? sweep : values.number("secondSweepDeg");
        double lip = values.number("lipMm");
        double turn = values.number("turnInsideMm");
        double to = Math.round(wire.section().thicknessMm() * values.number("endPercent")) / 100.0;
        List<Element> elements = List.of(
                Curl.of("first-end", turn, Turn.RIGHT),
                Straight.of("first-lip", lip),
                Arc.of("first-bend", bend, sweep, Turn.LEFT),
                Straight.of("middle", values.number("middleMm")),
                Arc.of("second-bend", bend, second, Turn.RIGHT),
                Straight.of("second-lip", lip),
                Curl.of("second-end", turn, Turn.LEFT));
        Strand strand = Strand.of("clasp", "S clasp", wire, elements)
                .withOrder(List.of(
                        "first-end", "second-end", "first-lip", "first-bend", "middle", "second-bend", "second-lip"))
                .withAllowance(Allowance.usual().withHandleAt(HandleAt.NONE));
        Work ends = Work.of("ends", "clasp", List.of("first-end", "second-end"), new Act.Flatten(to, With.DOMED_HAMMER))
                .at("start");
        return Piece.of(title(), purpose, List.of(strand)).withWork(List.of(ends));
    }
}
