package org.etui.server.print;

import java.awt.BasicStroke;
import java.awt.Graphics2D;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.util.List;
import org.etui.core.measure.LengthFormat;
import org.etui.core.measure.Rounding;
import org.etui.core.work.Jig;

/** Where the pegs of a jig stand and how thick they are, at true size, with the wire between them. */
final class JigSheet {
    private static final double CROSS_MM = 2;
    private static final double NOTE_MM = 8;

    private JigSheet() {}

    static void draw(List<Jig> jigs, LengthFormat format, Flow flow) {
        flow.paragraph(
                3,
                "Glue it on the board, drill at the crosses. The pegs stand where the wire needs them while it is held; lifted off"
                        + " it opens to what is written beside (estimate).");
        for (Jig jig : jigs) {
            flow.heading(jig.title());
            if (!jig.flat()) {
                flow.line(3, "It does not lie flat: no jig.");
            } else if (jig.pegs().isEmpty()) {
                flow.line(3, "It has no arc that a peg could make.");
            } else {
                form(jig, format, flow);
            }
        }
    }

    private static void form(Jig jig, LengthFormat format, Flow flow) {
        Path2D line = Silhouette.centreLine(jig.way());
        Rectangle2D box = line.getBounds2D();
        double about =
                jig.pegs().stream().mapToDouble(Jig.Peg::diameterMm).max().orElse(0) / 2 + NOTE_MM;
        double height = box.getHeight() + 2 * about;
        if (box.getWidth() > flow.width() || height > flow.height() - 30) {
            flow.line(3, "It is larger than the paper: place the pegs by the table.");
        } else {
            double at = flow.room(height);
            double x = flow.left() + (flow.width() - box.getWidth()) / 2 - box.getX();
            double y = at + about - box.getY();
            flow.add(g -> pegs(g, line, jig, x, y));
        }
        Jig.Peg first = jig.pegs().get(0);
        for (int i = 0; i < jig.pegs().size(); i++) {
            Jig.Peg peg = jig.pegs().get(i);
            flow.line(
                    3,
                    (i + 1) + "  " + peg.label() + ": peg " + format.write(peg.diameterMm(), Rounding.NEAREST)
                            + ", springs back to " + format.write(peg.comesToMm(), Rounding.NEAREST) + ", to the "
                            + (peg.turns() > 0 ? "left" : "right") + "; "
                            + (i == 0 ? "begin here" : away(peg, first, format)));
        }
        if (!jig.byHand().isEmpty()) {
            flow.line(3, "By hand afterwards: " + String.join(", ", jig.byHand()) + ".");
        }
    }

    private static String away(Jig.Peg peg, Jig.Peg first, LengthFormat format) {
        double x = peg.xMm() - first.xMm();
        double y = peg.yMm() - first.yMm();
        return format.write(Math.abs(x), Rounding.NEAREST) + (x < 0 ? " left" : " right") + " and "
                + format.write(Math.abs(y), Rounding.NEAREST) + (y < 0 ? " below" : " above") + " peg 1";
    }

    private static void pegs(Graphics2D g, Path2D line, Jig jig, double x, double y) {
        Graphics2D own = (Graphics2D) g.create();
        own.translate(x, y);
        own.setColor(Pen.PALE);
        own.setStroke(
                new BasicStroke(0.15f, BasicStroke.CAP_BUTT, BasicStroke.JOIN_ROUND, 1f, new float[] {1.2f, 0.8f}, 0f));
        own.draw(line);
        own.dispose();
        Pen pen = new Pen(g);
        double middleX = jig.pegs().stream().mapToDouble(Jig.Peg::xMm).average().orElse(0);
        double middleY = jig.pegs().stream().mapToDouble(Jig.Peg::yMm).average().orElse(0);
        for (int i = 0; i < jig.pegs().size(); i++) {
            Jig.Peg peg = jig.pegs().get(i);
            double px = x + peg.xMm();
            double py = y - peg.yMm();
            pen.circle(px, py, peg.diameterMm(), 0.3);
            pen.line(px - CROSS_MM, py, px + CROSS_MM, py, 0.15);
            pen.line(px, py - CROSS_MM, px, py + CROSS_MM, 0.15);
            // Numbers stand away from the middle of all pegs, where the others are not.
            double dx = peg.xMm() - middleX;
            double dy = peg.yMm() - middleY;
            double far = Math.hypot(dx, dy);
            double reach = peg.diameterMm() / 2 + 4;
            double nx = far < 1e-6 ? 0 : dx / far * reach;
            double ny = far < 1e-6 ? reach : dy / far * reach;
            pen.bold(px + nx - 0.9, py - ny + 1.1, 3, Integer.toString(i + 1));
        }
    }
}
