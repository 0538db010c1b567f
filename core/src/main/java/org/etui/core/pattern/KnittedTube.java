package org.etui.core.pattern;

import java.util.List;
import org.etui.core.element.Element;
import org.etui.core.element.Knit;
import org.etui.core.element.Straight;
import org.etui.core.metal.Metal;
import org.etui.core.metal.Temper;
import org.etui.core.piece.Allowance;
import org.etui.core.piece.HandleAt;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Purpose;
import org.etui.core.piece.Strand;
import org.etui.core.wire.Wire;

/**
 * A tube knitted of one thin wire, row by row on a rod, drawn down through holes: a chain, or a sleeve for beads. Worked out from the length that it
 * shall have, drawn; its ends stay as tails for a cap or a wrapped loop.
 */
final class KnittedTube extends Pattern {
    private static final int MOST_ROWS = 200;

    /** More loops than that are not drawn any more. */
    private static final int MOST_LOOPS = 1500;

    KnittedTube() {
        super(
                "knitted-tube",
                "Knitted tube",
                "Loops hung in each other round a rod, row by row, drawn down to a supple chain.",
                List.of(Purpose.DECORATIVE, Purpose.NECKLACE_CLOSURE, Purpose.BRACELET_CLOSURE),
                Wire.ofAwg(Metal.COPPER, Temper.DEAD_SOFT, "26"),
                List.of(
                        Parameter.count("around", "loops round", 6, 3, 16),
                        Parameter.mm("loopMm", "loops, high", 4, 1.5, 15),
                        Parameter.mm("lengthMm", "tube, when it is drawn", 40, 5, 400)
                                .leftFree(),
                        Parameter.number("drawnPercent", "drawn down to, of its width", "%", 60, 40, 100),
                        Parameter.mm("tailMm", "tails, each", 30, 10, 300)));
    }

    @Override
    Piece build(Values values, Wire wire, Purpose purpose) {
        double thick = wire.section().thicknessMm();
        double loop = Math.max(values.number("loopMm"), 4 * thick);
        Knit row = Knit.of("tube", values.count("around"), loop, 1);
        double wide = row.knittedInsideMm(thick) + 2 * thick;
        Knit drawn = row.drawn(Math.max(values.number("drawnPercent") / 100 * wide, 3 * thick));
        double rise = drawn.tube(thick).riseMm();
        double first = drawn.lengthMm(thick) - rise;
        int rows = (int) Math.round((values.number("lengthMm") - first) / rise);
        List<Element> elements = List.of(
                Straight.of("first-tail", values.number("tailMm")),
                drawn.rows(Math.max(1, Math.min(Math.min(MOST_ROWS, MOST_LOOPS / drawn.around()), rows))),
                Straight.of("second-tail", values.number("tailMm")));
        Strand strand = Strand.of("tube", "Tube", wire, elements)
                .withAllowance(Allowance.usual().withHandleAt(HandleAt.NONE));
        return Piece.of(title(), purpose, List.of(strand));
    }
}
