package org.etui.server.print;

import java.util.List;
import java.util.Locale;
import org.etui.core.cutting.CutPlan;
import org.etui.core.measure.LengthFormat;

/** What is cut from which stock, on paper: each stock as a bar with its numbered wires, and a box to tick for each. */
public final class CuttingSheet {
    private static final double BAR_MM = 6;
    private static final double TEXT_MM = 3;
    private static final double ROW_MM = 6;
    private static final double BOX_MM = 3.4;
    private static final int COLUMNS = 2;

    /** A wire narrower than this on paper carries no number. */
    private static final double TOLD_MM = 5;

    private CuttingSheet() {}

    /** The sheet of a plan. */
    public static byte[] of(CutPlan plan, Paper paper, LengthFormat format, Writer.As as) {
        Flow flow = new Flow(paper, "Cutting sheet", plan.totals().wires() + " wires, bars not to the paper's scale");
        double longest =
                plan.bars().stream().mapToDouble(CuttingSheet::shownMm).max().orElse(1);
        for (CutPlan.Bar bar : plan.bars()) {
            bar(bar, longest, format, flow);
        }
        if (!plan.missing().isEmpty()) {
            flow.heading("To buy");
            for (CutPlan.Missing m : plan.missing()) {
                flow.paragraph(
                        TEXT_MM,
                        format.say(m.lengthMm(), 1) + " of " + m.wireInWords()
                                + (m.gaugesInWords().isEmpty() ? "" : " (" + m.gaugesInWords() + ")") + ", "
                                + String.format(Locale.ROOT, "%.1f g", m.massG()) + ": "
                                + String.join(", ", m.titles()));
            }
        }
        return as.write(flow.laidOut(), paper, "Cutting sheet");
    }

    private static double cutMm(CutPlan.Bar bar) {
        CutPlan.Cut last = bar.cuts().get(bar.cuts().size() - 1);
        return last.atMm() + last.lengthMm();
    }

    /** What of a stock is drawn: of a spool its cut end only. */
    private static double shownMm(CutPlan.Bar bar) {
        return bar.form().keepsItsRest() ? Math.min(bar.hasMm(), cutMm(bar) * 1.1) : bar.hasMm();
    }

    private static void bar(CutPlan.Bar bar, double longest, LengthFormat format, Flow flow) {
        int rows = (bar.cuts().size() + COLUMNS - 1) / COLUMNS;
        double first = flow.room(BAR_MM + 16);
        double scale = flow.width() / longest;
        flow.add(g -> {
            Pen pen = new Pen(g);
            double x = flow.left();
            pen.bold(x, first + 5, 3.6, bar.title());
            pen.pale(x, first + 9.5, TEXT_MM, bar.wireInWords() + ", " + format.say(bar.hasMm(), 1) + " there");
            double y = first + 11;
            outline(pen, x, y, shownMm(bar) * scale);
            for (CutPlan.Cut c : bar.cuts()) {
                double from = x + c.atMm() * scale;
                double wide = c.lengthMm() * scale;
                pen.filled(from, y + 0.4, wide, BAR_MM - 0.8, Pen.FILL);
                if (wide > TOLD_MM) {
                    pen.text(from + wide / 2 - 1.5, y + BAR_MM - 2, TEXT_MM, String.valueOf(c.number()));
                }
            }
        });
        for (int r = 0; r < rows; r++) {
            List<CutPlan.Cut> row =
                    bar.cuts().subList(r * COLUMNS, Math.min(bar.cuts().size(), (r + 1) * COLUMNS));
            double at = flow.room(ROW_MM);
            flow.add(g -> {
                Pen pen = new Pen(g);
                for (int i = 0; i < row.size(); i++) {
                    CutPlan.Cut c = row.get(i);
                    double x = flow.left() + i * flow.width() / COLUMNS;
                    box(pen, x, at + 0.8);
                    pen.bold(x + BOX_MM + 2, at + 4, TEXT_MM, c.number() + "  " + format.say(c.lengthMm(), 1));
                    pen.text(
                            x + BOX_MM + 28,
                            at + 4,
                            TEXT_MM,
                            Pen.lines(
                                            c.title() + (c.pair() ? ", pair with the next" : ""),
                                            TEXT_MM,
                                            flow.width() / COLUMNS - 34)
                                    .get(0));
                }
            });
        }
        flow.line(
                TEXT_MM,
                switch (bar.rest()) {
                    case STAYS -> format.say(bar.restMm(), 1) + " stay on it.";
                    case OFF_CUT -> format.say(bar.restMm(), 1) + " are kept as an off-cut.";
                    case SCRAP -> format.say(bar.restMm(), 1) + " go into the scrap tin.";
                    case NONE -> "Nothing is left.";
                });
    }

    private static void outline(Pen pen, double x, double y, double wide) {
        pen.line(x, y, x + wide, y, 0.2);
        pen.line(x, y + BAR_MM, x + wide, y + BAR_MM, 0.2);
        pen.line(x, y, x, y + BAR_MM, 0.2);
        pen.line(x + wide, y, x + wide, y + BAR_MM, 0.2);
    }

    private static void box(Pen pen, double x, double y) {
        pen.line(x, y, x + BOX_MM, y, 0.2);
        pen.line(x, y + BOX_MM, x + BOX_MM, y + BOX_MM, 0.2);
        pen.line(x, y, x, y + BOX_MM, 0.2);
        pen.line(x + BOX_MM, y, x + BOX_MM, y + BOX_MM, 0.2);
    }
}
