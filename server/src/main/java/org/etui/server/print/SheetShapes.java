package org.etui.server.print;

import java.awt.BasicStroke;
import java.awt.Graphics2D;
import java.awt.geom.Path2D;
import java.util.List;
import java.util.Locale;
import org.etui.core.measure.LengthFormat;
import org.etui.core.measure.Rounding;
import org.etui.core.piece.Body;
import org.etui.core.piece.FoldedSheet;
import org.etui.core.piece.Part;
import org.etui.core.piece.PartKind;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Solid;

/** What is cut of sheet, flat and at true size: outline, holes with their middles, fold lines in the middle of each bend. */
final class SheetShapes {
    private static final double GAP_MM = 8;

    /** So far a fold line is drawn beyond the edge, mm. */
    private static final double OUT_MM = 4;

    private static final double FINE_RAD = Math.toRadians(3);
    private static final double SHARP_MM = 0.05;
    private static final float[] DASHES = {1.6f, 0.8f};

    private SheetShapes() {}

    static void draw(Piece piece, LengthFormat format, Flow flow) {
        flow.paragraph(
                3,
                "Glue it on the sheet, or draw round it. Punch or drill at the crosses while it is flat; a dashed line is the middle of a"
                        + " fold.");
        boolean none = true;
        for (Part part : piece.parts()) {
            if (isCut(part)) {
                none = false;
                shape(part, (Body.Sheet) part.body().orElseThrow(), format, flow);
            }
        }
        if (none) {
            flow.line(3, "Nothing of this piece is cut of sheet.");
        }
    }

    /** Whether a part is cut out of sheet. */
    static boolean isCut(Part part) {
        return part.kind() == PartKind.BLANK && part.body().orElse(null) instanceof Body.Sheet;
    }

    private static void shape(Part part, Body.Sheet sheet, LengthFormat format, Flow flow) {
        flow.heading(part.label() + (part.count() > 1 ? ", " + part.count() + " of them" : "") + ": " + part.material()
                + ", " + format.write(sheet.thicknessMm(), Rounding.NEAREST) + " thick");
        List<double[]> way = Solid.way(sheet.outline(), FINE_RAD);
        double wide = way.stream().mapToDouble(p -> Math.abs(p[0])).max().orElse(0);
        double high = way.stream().mapToDouble(p -> Math.abs(p[1])).max().orElse(0);
        if (2 * (wide + OUT_MM) > flow.width() || 2 * high + GAP_MM > flow.height() - 30) {
            flow.line(3, "It is larger than the paper: mark it out by the table.");
        } else {
            double at = flow.room(2 * high + GAP_MM);
            flow.add(g -> drawn(g, sheet, way, flow.left() + OUT_MM + wide, at + high + GAP_MM / 2));
        }
        flow.line(
                3,
                format.write(2 * wide, Rounding.NEAREST) + " wide, " + format.write(2 * high, Rounding.NEAREST)
                        + " high flat");
        for (Body.Fold fold : new FoldedSheet(sheet).folds()) {
            flow.line(
                    3,
                    "fold " + format.write(high + fold.atMm(), Rounding.NEAREST) + " from the lower edge: "
                            + String.format(Locale.ROOT, "%.0f", Math.abs(fold.upDeg())) + "° to the "
                            + (fold.upDeg() > 0 ? "front" : "back")
                            + (fold.insideMm() < SHARP_MM
                                    ? ", sharp"
                                    : ", over " + format.write(2 * fold.insideMm(), Rounding.NEAREST)));
        }
        for (Body.Hole hole : sheet.holes()) {
            flow.line(
                    3,
                    "hole " + format.write(hole.diameterMm(), Rounding.NEAREST) + ", "
                            + format.write(high + hole.atMm().get(1), Rounding.NEAREST) + " from the lower edge, "
                            + format.write(wide + hole.atMm().get(0), Rounding.NEAREST) + " from the left");
        }
    }

    private static void drawn(Graphics2D g, Body.Sheet sheet, List<double[]> way, double x, double y) {
        Path2D outline = new Path2D.Double();
        for (int i = 0; i < way.size(); i++) {
            double px = x + way.get(i)[0];
            double py = y - way.get(i)[1];
            if (i == 0) {
                outline.moveTo(px, py);
            } else {
                outline.lineTo(px, py);
            }
        }
        outline.closePath();
        Graphics2D own = (Graphics2D) g.create();
        own.setColor(Pen.INK);
        own.setStroke(new BasicStroke((float) Flow.THIN_MM));
        own.draw(outline);
        own.dispose();
        Pen pen = new Pen(g);
        for (Body.Hole hole : sheet.holes()) {
            double px = x + hole.atMm().get(0);
            double py = y - hole.atMm().get(1);
            double cross = hole.diameterMm() / 2 + 0.8;
            pen.circle(px, py, hole.diameterMm(), 0.2);
            pen.line(px - cross, py, px + cross, py, 0.1);
            pen.line(px, py - cross, px, py + cross, 0.1);
        }
        double wide = way.stream().mapToDouble(p -> Math.abs(p[0])).max().orElse(0) + OUT_MM;
        Graphics2D dashed = (Graphics2D) g.create();
        dashed.setColor(Pen.INK);
        dashed.setStroke(new BasicStroke(0.15f, BasicStroke.CAP_BUTT, BasicStroke.JOIN_ROUND, 1f, DASHES, 0f));
        for (Body.Fold fold : sheet.folds()) {
            Path2D line = new Path2D.Double();
            line.moveTo(x - wide, y - fold.atMm());
            line.lineTo(x + wide, y - fold.atMm());
            dashed.draw(line);
        }
        dashed.dispose();
    }
}
