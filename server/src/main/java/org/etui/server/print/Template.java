package org.etui.server.print;

import java.awt.BasicStroke;
import java.awt.Graphics2D;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Area;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.etui.core.measure.LengthFormat;
import org.etui.core.measure.Rounding;
import org.etui.core.piece.Piece;
import org.etui.core.plan.Drawing;
import org.etui.core.plan.Plan;
import org.etui.core.work.Mark;

/**
 * The 1:1 template: check bars, the form at true size, the marks strip at true length, the cut table. What does not fit on
 * a page goes on the next; a form larger than the paper is laid over several sheets.
 */
public final class Template {
    private static final double TOP_MM = 42;
    private static final double GAP_MM = 8;
    private static final double ROW_MM = 6;
    private static final double STRIP_MM = 30;
    private static final double CHECK_MM = 100;
    private static final double CHECK_IN_MM = 4 * 25.4;
    private static final double THIN_MM = 0.2;

    private final Piece piece;
    private final Plan plan;
    private final Paper paper;
    private final LengthFormat format;
    private final List<List<Page>> pages = new ArrayList<>();
    private double y;

    private Template(Piece piece, Plan plan, Paper paper, LengthFormat format) {
        this.piece = piece;
        this.plan = plan;
        this.paper = paper;
        this.format = format;
    }

    /** As PDF. */
    public static byte[] pdf(Piece piece, Plan plan, Paper paper, LengthFormat format) {
        return Writer.pdf(new Template(piece, plan, paper, format).laidOut(), paper, piece.name());
    }

    /** As SVG. */
    public static byte[] svg(Piece piece, Plan plan, Paper paper, LengthFormat format) {
        return Writer.svg(new Template(piece, plan, paper, format).laidOut(), paper, piece.name());
    }

    private List<Page> laidOut() {
        newPage();
        forms();
        plan.strands().forEach(this::strip);
        table();
        List<Page> whole = new ArrayList<>();
        for (int i = 0; i < pages.size(); i++) {
            List<Page> parts = pages.get(i);
            String number = "sheet " + (i + 1) + " of " + pages.size();
            whole.add(g -> {
                head(g, number);
                parts.forEach(p -> p.draw(g));
            });
        }
        return whole;
    }

    private void newPage() {
        pages.add(new ArrayList<>());
        y = TOP_MM;
    }

    private double bottom() {
        return paper.heightMm() - Paper.MARGIN_MM;
    }

    /** Makes room of a height, on a new page if need be, and returns where it begins. */
    private double room(double heightMm) {
        if (y + heightMm > bottom()) {
            newPage();
        }
        double at = y;
        y += heightMm;
        return at;
    }

    private void add(Page part) {
        pages.get(pages.size() - 1).add(part);
    }

    private void head(Graphics2D g, String number) {
        Pen pen = new Pen(g);
        double x = Paper.MARGIN_MM;
        pen.bold(x, 17, 5.5, piece.name());
        pen.pale(x, 22.5, 3.2, plan.strands().get(0).wireInWords() + ", 1:1 template, " + number);
        bar(pen, x, 30, CHECK_MM, 10, "check bar, 100 mm; if it is not, print at 100 %");
        bar(pen, x, 37, CHECK_IN_MM, 4, "4 in");
    }

    private static void bar(Pen pen, double x, double at, double lengthMm, int parts, String words) {
        pen.line(x, at, x + lengthMm, at, 0.3);
        for (int i = 0; i <= parts; i++) {
            double tick = i == 0 || i == parts ? 2 : 1;
            pen.line(x + lengthMm * i / parts, at - tick, x + lengthMm * i / parts, at, THIN_MM);
        }
        pen.pale(x + lengthMm + 3, at, 2.8, words);
    }

    private void forms() {
        Area all = new Area();
        List<Drawing> drawings = Drawing.of(plan);
        drawings.forEach(d -> all.add(Silhouette.of(d)));
        Rectangle2D box = all.getBounds2D();
        double wide = paper.innerWidthMm();
        double high = bottom() - TOP_MM - ROW_MM;
        boolean turned = box.getWidth() > wide && box.getHeight() <= wide && box.getWidth() <= high;
        AffineTransform turn = turned ? AffineTransform.getQuadrantRotateInstance(1) : new AffineTransform();
        Shape form = turn.createTransformedShape(all);
        Rectangle2D lies = form.getBounds2D();
        int columns = (int) Math.ceil(lies.getWidth() / wide);
        int rows = (int) Math.ceil(lies.getHeight() / high);
        for (int row = 0; row < rows; row++) {
            for (int column = 0; column < columns; column++) {
                form(drawings, form, turn, lies, column, row, rows * columns);
            }
        }
    }

    private void form(
            List<Drawing> drawings,
            Shape form,
            AffineTransform turn,
            Rectangle2D lies,
            int column,
            int row,
            int sheets) {
        double wide = paper.innerWidthMm();
        double high = bottom() - TOP_MM - ROW_MM;
        double height = Math.min(high, lies.getHeight() - row * high);
        double at = room(height + ROW_MM + GAP_MM);
        double left = sheets == 1 ? (paper.widthMm() - lies.getWidth()) / 2 : Paper.MARGIN_MM;
        add(g -> {
            Graphics2D own = (Graphics2D) g.create();
            if (sheets > 1) {
                own.clip(new Rectangle2D.Double(Paper.MARGIN_MM, at, wide, height));
            }
            own.translate(left - lies.getX() - column * wide, at - lies.getY() - row * high);
            own.setColor(Pen.FILL);
            own.fill(form);
            own.setColor(Pen.INK);
            own.setStroke(new BasicStroke((float) THIN_MM));
            own.draw(form);
            own.setStroke(new BasicStroke(
                    0.1f, BasicStroke.CAP_BUTT, BasicStroke.JOIN_ROUND, 1f, new float[] {1.2f, 0.6f}, 0f));
            drawings.forEach(d -> own.draw(turn.createTransformedShape(Silhouette.centreLine(d.outline()))));
            own.dispose();
            Plan.Extent size = plan.strands().get(0).finished();
            String words = plan.strands().size() > 1
                    ? ""
                    : "finished " + format.write(size.widthMm(), Rounding.NEAREST) + " × "
                            + format.write(size.heightMm(), Rounding.NEAREST);
            String part = sheets == 1 ? "" : ", part " + (row + 1) + "." + (column + 1) + " of " + sheets + " sheets";
            new Pen(g).pale(Paper.MARGIN_MM, at + height + 5, 3, words + part);
        });
    }

    /** The straight wire at true length with its marks, broken into rows where the paper ends. */
    private void strip(Plan.StrandPlan strand) {
        double wide = paper.innerWidthMm();
        int rows = (int) Math.ceil(strand.cutLengthMm() / wide);
        for (int row = 0; row < rows; row++) {
            double from = row * wide;
            double to = Math.min(strand.cutLengthMm(), from + wide);
            double at = room(STRIP_MM);
            String title = "Marks strip, " + strand.title() + ": cut "
                    + format.write(strand.cutLengthMm(), Rounding.UP)
                    + (isFromEnd(strand) ? ", measured from the trued end" : ", measured from the trued beginning")
                    + (strand.count() > 1 ? ", " + strand.count() + " wires" : "")
                    + (rows > 1 ? ", row " + (row + 1) + " of " + rows : "");
            add(g -> stripRow(new Pen(g), strand, at, from, to, title));
        }
    }

    private void stripRow(Pen pen, Plan.StrandPlan strand, double at, double from, double to, String title) {
        double x = Paper.MARGIN_MM;
        double top = at + 16;
        double thick = Math.max(2.5, strand.wire().section().inPlaneMm());
        pen.bold(x, at + 4, 3.2, title);
        pen.line(x, top, x + to - from, top, THIN_MM);
        pen.line(x, top + thick, x + to - from, top + thick, THIN_MM);
        pen.line(x, top, x, top + thick, THIN_MM);
        pen.line(x + to - from, top, x + to - from, top + thick, THIN_MM);
        for (int mm = (int) Math.ceil(from); mm <= to; mm++) {
            double tick = mm % 10 == 0 ? 3 : mm % 5 == 0 ? 2 : 1;
            pen.line(x + mm - from, top + thick, x + mm - from, top + thick + tick, 0.12);
            if (mm % 10 == 0) {
                pen.pale(x + mm - from + 0.4, top + thick + 5.5, 2.4, Integer.toString(mm));
            }
        }
        List<Mark> marks = strand.marks().stream()
                .sorted(Comparator.comparingDouble(m -> onStrip(strand, m)))
                .toList();
        int shown = 0;
        for (Mark mark : marks) {
            double s = onStrip(strand, mark);
            if (s >= from && s <= to) {
                double rise = (2 - shown++ % 3) * 3;
                pen.line(x + s - from, top - 2 - rise, x + s - from, top + thick, 0.3);
                pen.text(x + s - from + 0.6, top - 0.8 - rise, 2.4, number(mark.atMm()) + " " + mark.label());
            }
        }
    }

    private static boolean isFromEnd(Plan.StrandPlan strand) {
        return strand.marks().stream().anyMatch(m -> m.from() == Mark.From.END);
    }

    private String number(double mm) {
        return format.number(mm, Rounding.NEAREST);
    }

    /** Where a mark lies on the strip, which begins at the end that marks are measured from. */
    private static double onStrip(Plan.StrandPlan strand, Mark mark) {
        return mark.from() == Mark.From.MIDDLE ? strand.cutLengthMm() / 2 + mark.atMm() : mark.atMm();
    }

    private void table() {
        row(true, "strand", "wires", "wire", "net", "handle", "spare, filing", "cut");
        for (Plan.StrandPlan s : plan.strands()) {
            double spare =
                    s.stretch().tailMm() + s.stretch().fileMm() + s.stretch().roundingMm();
            row(
                    false,
                    s.title(),
                    Integer.toString(s.count()),
                    s.wireInWords(),
                    format.write(s.netLengthMm(), Rounding.NEAREST),
                    format.write(s.stretch().handleMm(), Rounding.NEAREST),
                    format.write(spare, Rounding.NEAREST),
                    format.write(s.cutLengthMm(), Rounding.UP));
        }
    }

    private void row(boolean head, String... cells) {
        double[] stops = {0, 32, 44, 98, 118, 138, 162};
        double at = room(ROW_MM);
        add(g -> {
            Pen pen = new Pen(g);
            for (int i = 0; i < cells.length; i++) {
                double x = Paper.MARGIN_MM + stops[i];
                if (head) {
                    pen.pale(x, at + 4, 2.8, cells[i]);
                } else {
                    pen.text(x, at + 4, 3, cells[i]);
                }
            }
            pen.line(Paper.MARGIN_MM, at + ROW_MM, paper.widthMm() - Paper.MARGIN_MM, at + ROW_MM, 0.1);
        });
    }
}
