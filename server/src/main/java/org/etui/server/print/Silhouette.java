package org.etui.server.print;

import java.awt.BasicStroke;
import java.awt.geom.Area;
import java.awt.geom.Path2D;
import java.util.List;
import org.etui.core.plan.Drawing;
import org.etui.core.plan.Plan;

/** The outline of a wire of true thickness, in mm, y downwards as on paper. */
final class Silhouette {
    private static final double SAME_MM = 1e-6;

    private Silhouette() {}

    /** The area that the wire covers: runs of one width at a time, flush at the ends; tapering where the width changes. */
    static Area of(Drawing drawing) {
        return of(drawing.outline(), drawing.drawnMm());
    }

    /** The area of a state of a strand. */
    static Area of(Plan.StatePlan state) {
        return of(
                state.outline(),
                state.stations().stream().map(Plan.StationPlan::drawnMm).toList());
    }

    private static Area of(List<double[]> points, List<Double> widths) {
        Area area = new Area();
        int from = 0;
        for (int i = 1; i <= points.size(); i++) {
            boolean ends = i == points.size() || Math.abs(widths.get(i) - widths.get(from)) > SAME_MM;
            if (ends) {
                if (i - from > 1) {
                    area.add(stroked(points.subList(from, i), widths.get(from)));
                }
                if (i < points.size()) {
                    area.add(new Area(taper(points.get(i - 1), widths.get(i - 1), points.get(i), widths.get(i))));
                }
                from = i;
            }
        }
        return area;
    }

    private static Path2D taper(double[] a, double aMm, double[] b, double bMm) {
        double length = Math.hypot(b[0] - a[0], b[1] - a[1]);
        Path2D path = new Path2D.Double();
        if (length > SAME_MM) {
            double nx = -(b[1] - a[1]) / length / 2;
            double ny = (b[0] - a[0]) / length / 2;
            path.moveTo(a[0] + nx * aMm, -(a[1] + ny * aMm));
            path.lineTo(b[0] + nx * bMm, -(b[1] + ny * bMm));
            path.lineTo(b[0] - nx * bMm, -(b[1] - ny * bMm));
            path.lineTo(a[0] - nx * aMm, -(a[1] - ny * aMm));
            path.closePath();
        }
        return path;
    }

    private static Area stroked(List<double[]> points, double widthMm) {
        BasicStroke stroke = new BasicStroke((float) widthMm, BasicStroke.CAP_BUTT, BasicStroke.JOIN_ROUND);
        return new Area(stroke.createStrokedShape(centreLine(points)));
    }

    /** The centre line. */
    static Path2D centreLine(List<double[]> points) {
        Path2D path = new Path2D.Double();
        double[] last = null;
        for (double[] p : points) {
            if (last == null) {
                path.moveTo(p[0], -p[1]);
            } else if (Math.hypot(p[0] - last[0], p[1] - last[1]) > SAME_MM) {
                path.lineTo(p[0], -p[1]);
            } else {
                continue;
            }
            last = p;
        }
        return path;
    }
}
