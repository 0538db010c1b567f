package org.etui.server.print;

import java.awt.BasicStroke;
import java.awt.Graphics2D;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Area;
import java.awt.geom.Rectangle2D;
import java.util.List;
import org.etui.core.measure.LengthFormat;
import org.etui.core.measure.Rounding;
import org.etui.core.plan.Drawing;
import org.etui.core.plan.Plan;

/** The form at true size; a form larger than the paper is laid over several sheets. */
final class Template {
    private static final double GAP_MM = 8;
    private static final double ROW_MM = 6;

    private final Plan plan;
    private final LengthFormat format;
    private final Flow flow;

    private Template(Plan plan, LengthFormat format, Flow flow) {
        this.plan = plan;
        this.format = format;
        this.flow = flow;
    }

    static void draw(Plan plan, LengthFormat format, Flow flow) {
        new Template(plan, format, flow).forms();
    }

    private void forms() {
        Area all = new Area();
        List<Drawing> drawings = Drawing.of(plan);
        drawings.forEach(d -> all.add(Silhouette.of(d)));
        Rectangle2D box = all.getBounds2D();
        double wide = flow.width();
        double high = flow.height() - ROW_MM;
        boolean turned = box.getWidth() > wide && box.getHeight() <= wide && box.getWidth() <= high;
        AffineTransform turn = turned ? AffineTransform.getQuadrantRotateInstance(1) : new AffineTransform();
        turn.concatenate(flow.facing());
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
        double wide = flow.width();
        double high = flow.height() - ROW_MM;
        double height = Math.min(high, lies.getHeight() - row * high);
        double at = flow.room(height + ROW_MM + GAP_MM);
        double left = sheets == 1 ? (flow.paper().widthMm() - lies.getWidth()) / 2 : Paper.MARGIN_MM;
        flow.add(g -> {
            Graphics2D own = (Graphics2D) g.create();
            if (sheets > 1) {
                own.clip(new Rectangle2D.Double(Paper.MARGIN_MM, at, wide, height));
            }
            own.translate(left - lies.getX() - column * wide, at - lies.getY() - row * high);
            own.setColor(Pen.FILL);
            own.fill(form);
            own.setColor(Pen.INK);
            own.setStroke(new BasicStroke((float) Flow.THIN_MM));
            own.draw(form);
            own.setStroke(new BasicStroke(
                    0.1f, BasicStroke.CAP_BUTT, BasicStroke.JOIN_ROUND, 1f, new float[] {1.2f, 0.6f}, 0f));
            drawings.forEach(d -> own.draw(turn.createTransformedShape(Silhouette.centreLine(d.outline()))));
            own.dispose();
            Plan.Extent size = plan.strands().get(0).drawn().finished();
            String words = plan.strands().size() > 1
                    ? ""
                    : "finished " + format.write(size.widthMm(), Rounding.NEAREST) + " × "
                            + format.write(size.heightMm(), Rounding.NEAREST);
            String part = sheets == 1 ? "" : ", part " + (row + 1) + "." + (column + 1) + " of " + sheets + " sheets";
            new Pen(g).pale(Paper.MARGIN_MM, at + height + 5, 3, words + part);
        });
    }
}
