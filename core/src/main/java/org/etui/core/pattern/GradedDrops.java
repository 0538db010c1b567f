package org.etui.core.pattern;

import java.util.ArrayList;
import java.util.List;
import org.etui.core.element.Element;
import org.etui.core.element.Loop;
import org.etui.core.element.Paddle;
import org.etui.core.element.Straight;
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
 * Loop, length and flattened end, in a graded series: longest in the middle, or growing from one side to the other.
 */
final class GradedDrops extends Pattern {
    GradedDrops() {
        super(
                "graded-drops",
                "Graded drops",
                "A row of paddle drops whose lengths step: a waterfall, or chimes.",
                List.of(Purpose.DECORATIVE, Purpose.PENDANT),
                Wire.ofAwg(Metal.COPPER, Temper.DEAD_SOFT, "18"),
                List.of(
                        Parameter.choice("series", "series", "waterfall", "chimes"),
                        Parameter.count("drops", "drops", 7, 3, 15),
                        Parameter.mm("shortestMm", "shortest", 12, 2, 100),
                        Parameter.mm("stepMm", "step", 4, 0.5, 30).leftFree(),
                        Parameter.mm("loopInsideMm", "loops, inside", 2.5, 0.5, 15),
                        Parameter.mm("paddleMm", "paddles, length", 5, 2, 20),
                        Parameter.number("paddlePercent", "paddles, of the wire", "%", 60, 30, 95)));
    }

    @Override
    Piece build(Values values, Wire wire, Purpose purpose) {
        int drops = values.count("drops");
        boolean waterfall = values.word("series").equals("waterfall");
        double apart = values.number("loopInsideMm") + 5 * wire.section().widthMm();
        List<Strand> strands = new ArrayList<>();
        for (int i = 0; i < drops; i++) {
            int steps = waterfall ? Math.min(i, drops - 1 - i) : i;
            double length = values.number("shortestMm") + steps * values.number("stepMm");
            List<Element> elements = List.of(
                    Loop.thatOpens("loop", values.number("loopInsideMm"), Turn.LEFT),
                    Straight.of("run", length),
                    Paddle.of("paddle", values.number("paddleMm"), paddleTo(values, wire)));
            strands.add(Strand.of("drop-" + (i + 1), "Drop " + (i + 1), wire, elements)
                    .withAllowance(Allowance.usual().withHandleAt(HandleAt.NONE))
                    .withPlace(new Place(i * apart, 0, 0, -90)));
        }
        return Piece.of(title(), purpose, strands);
    }
}
