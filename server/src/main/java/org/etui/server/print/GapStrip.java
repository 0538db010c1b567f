package org.etui.server.print;

import java.util.List;
import org.etui.core.measure.LengthFormat;
import org.etui.core.measure.Rounding;
import org.etui.core.plan.Repeat;

/** Gauges to cut out and lay against the wire: one for every measure that repeats, as wide as that measure. */
final class GapStrip {
    private static final double STRIP_MM = 12;
    private static final double ROW_MM = 20;

    private GapStrip() {}

    static void draw(List<Repeat> repeats, LengthFormat format, Flow flow) {
        if (repeats.isEmpty()) {
            flow.paragraph(
                    3.2,
                    "Nothing repeats in this piece: one wire, no open spiral. Make it many times in a job, or give"
                            + " the strand a count, and its measures stand here.");
            return;
        }
        flow.paragraph(
                3,
                "Cut out along the long lines; the ends are the gauge. Lay it between the wires, or the piece on it.");
        for (Repeat repeat : repeats) {
            if (repeat.mm() <= flow.width()) {
                double at = flow.room(ROW_MM);
                flow.add(g -> strip(new Pen(g), flow.left(), at + 1, repeat, format));
            } else {
                flow.line(
                        3,
                        repeat.label() + ": " + format.write(repeat.mm(), Rounding.NEAREST)
                                + " is longer than the paper; see the template.");
            }
        }
    }

    private static void strip(Pen pen, double x, double top, Repeat repeat, LengthFormat format) {
        double right = x + repeat.mm();
        pen.line(x, top, right, top, 0.25);
        pen.line(x, top + STRIP_MM, right, top + STRIP_MM, 0.25);
        pen.line(x, top, x, top + STRIP_MM, 0.25);
        pen.line(right, top, right, top + STRIP_MM, 0.25);
        String words = format.write(repeat.mm(), Rounding.NEAREST) + "  " + repeat.label() + ", " + repeat.times()
                + (repeat.times() == 1 ? " time" : " times");
        boolean inside = Pen.widthMm(words, 2.8) < repeat.mm() - 2;
        pen.text(inside ? x + 1 : right + 2, top + STRIP_MM / 2 + 1, 2.8, words);
    }
}
