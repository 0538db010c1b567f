package org.etui.server.print;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.etui.core.measure.LengthFormat;
import org.etui.core.measure.Rounding;
import org.etui.core.plan.Plan;
import org.etui.core.work.Mark;

/** The straight wires at true length with their marks, and the cut table. */
final class MarksStrip {
    private static final double ROW_MM = 6;
    private static final double BELOW_MM = 14;
    private static final double LEVEL_MM = 3.2;
    private static final double LABEL_MM = 2.4;
    private static final double CELL_MM = 2.9;

    private final Plan plan;
    private final LengthFormat format;
    private final Flow flow;

    /** So much of a strip runs out into the margin rather than into a row of its own. */
    private static final double INTO_MARGIN_MM = 3;

    private MarksStrip(Plan plan, LengthFormat format, Flow flow) {
        this.plan = plan;
        this.format = format;
        this.flow = flow;
    }

    static void draw(Plan plan, LengthFormat format, Flow flow) {
        MarksStrip strips = new MarksStrip(plan, format, flow);
        plan.strands().forEach(strips::strip);
        strips.table();
    }

    /** The straight wire at true length with its marks, broken into rows where the paper ends. */
    private void strip(Plan.StrandPlan strand) {
        double wide = flow.width();
        double cut = strand.amount().cutLengthMm();
        int rows = Math.max(1, (int) Math.ceil((cut - INTO_MARGIN_MM) / wide));
        for (int row = 0; row < rows; row++) {
            double from = row * wide;
            double to = row == rows - 1 ? cut : from + wide;
            List<Label> labels = labels(strand, from, to);
            List<String> title = Pen.lines(words(strand, row, rows), 3.2, 0.9 * wide);
            double head = 5 * title.size() + LEVEL_MM * levels(labels);
            double at = flow.room(head + BELOW_MM);
            flow.add(g -> {
                Pen pen = new Pen(g);
                for (int i = 0; i < title.size(); i++) {
                    pen.bold(flow.left(), at + 4 + 5 * i, 3.2, title.get(i));
                }
                wire(pen, strand, at + head + 1, from, to);
                labels.forEach(l -> label(pen, strand, at + head + 1, from, l));
            });
        }
    }

    private String words(Plan.StrandPlan strand, int row, int rows) {
        return "Marks strip, " + strand.title() + ": cut "
                + format.write(strand.amount().cutLengthMm(), Rounding.UP)
                + (isFromEnd(strand) ? ", measured from the squared end" : ", measured from the squared beginning")
                + (strand.count() > 1 ? ", " + strand.count() + " wires" : "")
                + (rows > 1 ? ", row " + (row + 1) + " of " + rows : "");
    }

    /**
     * A mark's words and where they stand.
     *
     * @param s where the mark is on the strip, mm
     * @param text what it says
     * @param from where its words begin, mm from the left edge of the row
     * @param level how many rows of words are below it
     */
    private record Label(double s, String text, double from, int level) {
        double to() {
            return from + Pen.widthMm(text, LABEL_MM) + 1;
        }
    }

    /**
     * Each mark's words beside its line. From the right: words that would lie across the line of a mark further on, or on its
     * words, stand above them. Where the paper ends words stand to the left of their line, above all.
     */
    private List<Label> labels(Plan.StrandPlan strand, double from, double to) {
        List<Mark> marks = strand.marks().stream()
                .filter(m -> onStrip(strand, m) >= from && onStrip(strand, m) <= to)
                .sorted(Comparator.comparingDouble((Mark m) -> onStrip(strand, m))
                        .reversed())
                .toList();
        List<Label> labels = new ArrayList<>();
        List<Label> atTheEdge = new ArrayList<>();
        for (Mark mark : marks) {
            double at = onStrip(strand, mark) - from;
            String text = format.place(mark.atMm()) + " " + mark.label();
            double width = Pen.widthMm(text, LABEL_MM);
            if (at + 0.6 + width > flow.width()) {
                atTheEdge.add(new Label(at + from, text, Math.max(0, at - 0.6 - width), 0));
            } else {
                labels.add(above(labels, new Label(at + from, text, at + 0.6, 0), from));
            }
        }
        for (Label edge : atTheEdge) {
            labels.add(above(labels, edge, from));
        }
        return labels;
    }

    private static Label above(List<Label> others, Label label, double from) {
        int level = others.stream()
                .filter(o -> o.from() < label.to() && label.from() < o.to()
                        || label.from() < o.s() - from && o.s() - from < label.to())
                .mapToInt(o -> o.level() + 1)
                .max()
                .orElse(0);
        return new Label(label.s(), label.text(), label.from(), level);
    }

    private static int levels(List<Label> labels) {
        return 1 + labels.stream().mapToInt(Label::level).max().orElse(0);
    }

    private static void label(Pen pen, Plan.StrandPlan strand, double top, double from, Label label) {
        double x = Paper.MARGIN_MM;
        double rise = LEVEL_MM * label.level();
        pen.line(x + label.s() - from, top - 2.4 - rise, x + label.s() - from, top + thick(strand), 0.3);
        pen.text(x + label.from(), top - 0.8 - rise, LABEL_MM, label.text());
    }

    private static double thick(Plan.StrandPlan strand) {
        return Math.max(2.5, strand.bought().wire().section().inPlaneMm());
    }

    private static void wire(Pen pen, Plan.StrandPlan strand, double top, double from, double to) {
        double x = Paper.MARGIN_MM;
        double right = x + to - from;
        double thick = thick(strand);
        pen.line(x, top, right, top, Flow.THIN_MM);
        pen.line(x, top + thick, right, top + thick, Flow.THIN_MM);
        pen.line(x, top, x, top + thick, Flow.THIN_MM);
        pen.line(right, top, right, top + thick, Flow.THIN_MM);
        for (int mm = (int) Math.ceil(from); mm <= to; mm++) {
            double tick = mm % 10 == 0 ? 3 : mm % 5 == 0 ? 2 : 1;
            pen.line(x + mm - from, top + thick, x + mm - from, top + thick + tick, 0.12);
            if (mm % 10 == 0 && mm + 4 < from + 186) {
                pen.pale(x + mm - from + 0.4, top + thick + 5.5, 2.4, Integer.toString(mm));
            }
        }
    }

    private static boolean isFromEnd(Plan.StrandPlan strand) {
        return strand.marks().stream().anyMatch(m -> m.from() == Mark.From.END);
    }

    /** Where a mark lies on the strip, which begins at the end that marks are measured from. */
    private static double onStrip(Plan.StrandPlan strand, Mark mark) {
        return mark.from() == Mark.From.MIDDLE ? strand.amount().cutLengthMm() / 2 + mark.atMm() : mark.atMm();
    }

    private void table() {
        row(true, "strand", "wires", "wire", "net", "handle", "spare, filing", "cut");
        for (Plan.StrandPlan s : plan.strands()) {
            double spare = s.amount().stretch().tailMm()
                    + s.amount().stretch().fileMm()
                    + s.amount().stretch().roundingMm();
            row(
                    false,
                    s.title(),
                    Integer.toString(s.count()),
                    s.bought().wireInWords()
                            + (s.bought().gaugesInWords().isEmpty()
                                    ? ""
                                    : ", " + s.bought().gaugesInWords()),
                    format.write(s.amount().netLengthMm(), Rounding.NEAREST),
                    format.write(s.amount().stretch().handleMm(), Rounding.NEAREST),
                    format.write(spare, Rounding.NEAREST),
                    format.write(s.amount().cutLengthMm(), Rounding.UP));
        }
    }

    private void row(boolean head, String... cells) {
        double[] stops = {0, 34, 46, 100, 120, 140, 164, flow.width()};
        List<List<String>> lines = new ArrayList<>();
        for (int i = 0; i < cells.length; i++) {
            lines.add(Pen.lines(cells[i], CELL_MM, stops[i + 1] - stops[i] - 1));
        }
        double high = ROW_MM - 4 + 4 * lines.stream().mapToInt(List::size).max().orElse(1);
        double at = flow.room(high);
        flow.add(g -> {
            Pen pen = new Pen(g);
            for (int i = 0; i < cells.length; i++) {
                for (int k = 0; k < lines.get(i).size(); k++) {
                    double x = Paper.MARGIN_MM + stops[i];
                    if (head) {
                        pen.pale(x, at + 4 + 4 * k, CELL_MM, lines.get(i).get(k));
                    } else {
                        pen.text(x, at + 4 + 4 * k, CELL_MM, lines.get(i).get(k));
                    }
                }
            }
            pen.line(Paper.MARGIN_MM, at + high, Paper.MARGIN_MM + flow.width(), at + high, 0.1);
        });
    }
}
