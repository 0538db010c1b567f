package org.etui.core.pattern;

import java.util.ArrayList;
import java.util.List;
import org.etui.core.act.Act;
import org.etui.core.act.With;
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
import org.etui.core.piece.Work;
import org.etui.core.wire.Wire;

/**
 * Loop, length and flattened end, in a graded series: longest in the middle, or growing from one side to the other.
 */
final class GradedDrops extends Pattern {
    private static final String SINGLE = "single";
    private static final String PLAIN = "none";

    /** Of two turns a loop does not open, and sits wider on what it is strung on. */
    private static final int DOUBLE_TURNS = 2;

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
                        Parameter.choice("loops", "loops", SINGLE, "double"),
                        Parameter.mm("loopInsideMm", "loops, inside", 2.5, 0.5, 15),
                        Parameter.mm("paddleMm", "paddles, length", 5, 2, 20),
                        Parameter.number("paddlePercent", "paddles, of the wire", "%", 60, 30, 95),
                        Parameter.choice("marks", "hammer marks", PLAIN, "dimples", "lines")));
    }

    @Override
    Piece build(Values values, Wire wire, Purpose purpose) {
        int drops = values.count("drops");
        boolean waterfall = values.word("series").equals("waterfall");
        double apart = values.number("loopInsideMm") + 5 * wire.section().widthMm();
        List<Strand> strands = new ArrayList<>();
        List<Work> work = new ArrayList<>();
        for (int i = 0; i < drops; i++) {
            int steps = waterfall ? Math.min(i, drops - 1 - i) : i;
            double length = values.number("shortestMm") + steps * values.number("stepMm");
            List<Element> elements = List.of(
                    loop(values),
                    Straight.of("run", length),
                    Paddle.of("paddle", values.number("paddleMm"), paddleTo(values, wire)));
            strands.add(Strand.of("drop-" + (i + 1), "Drop " + (i + 1), wire, elements)
                    .withAllowance(Allowance.usual().withHandleAt(HandleAt.NONE))
                    .withPlace(new Place(i * apart, 0, 0, -90)));
            if (!values.word("marks").equals(PLAIN)) {
                work.add(marks(values, strands.get(i).id()));
            }
        }
        return Piece.of(title(), purpose, strands).withWork(work);
    }

    private static Loop loop(Values values) {
        double inside = values.number("loopInsideMm");
        return values.word("loops").equals(SINGLE)
                ? Loop.thatOpens("loop", inside, Turn.LEFT)
                : Loop.of("loop", inside, Turn.LEFT).of(DOUBLE_TURNS);
    }

    /** Marks along the whole length, loop left as it is. */
    private static Work marks(Values values, String strand) {
        With with = values.word("marks").equals("dimples") ? With.BALL_HAMMER : With.CROSS_HAMMER;
        return new Work("marks-" + strand, strand, List.of("run"), "forming", new Act.Texture(with));
    }
}
