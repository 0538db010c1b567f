package org.etui.server.print;

import java.awt.BasicStroke;
import java.awt.geom.Area;
import java.awt.geom.Rectangle2D;
import java.util.List;
import org.etui.core.piece.Piece;
import org.etui.core.plan.Drawing;
import org.etui.core.plan.Figure;
import org.etui.core.plan.Plan;

/** The bare outline of a piece in mm, for drawing and cutting programs: edges of the wire and its centre line. */
public enum Outline {
    /** Scalable vector graphics. */
    SVG("image/svg+xml") {
        @Override
        byte[] write(Piece piece, List<Drawing> drawings) {
            return svg(piece, drawings);
        }
    },
    /** Drawing exchange format, release 12: lines, arcs and polylines in two layers. */
    DXF("image/vnd.dxf") {
        @Override
        byte[] write(Piece piece, List<Drawing> drawings) {
            Dxf dxf = new Dxf();
            drawings.forEach(d -> dxf.edges(Silhouette.of(d)));
            Figure.of(piece).forEach(dxf::centreLine);
            return dxf.bytes();
        }
    };

    private static final double AROUND_MM = 2;
    private final String mediaType;

    Outline(String mediaType) {
        this.mediaType = mediaType;
    }

    /** Its media type. */
    public String mediaType() {
        return mediaType;
    }

    abstract byte[] write(Piece piece, List<Drawing> drawings);

    /** The outline of a piece, as planned with its last state. */
    public byte[] of(Piece piece, Plan plan) {
        return write(piece, Drawing.of(plan));
    }

    private static byte[] svg(Piece piece, List<Drawing> drawings) {
        Area all = new Area();
        drawings.forEach(d -> all.add(Silhouette.of(d)));
        Rectangle2D box = all.getBounds2D();
        Page page = g -> {
            g.translate(AROUND_MM - box.getX(), AROUND_MM - box.getY());
            g.setColor(Pen.INK);
            g.setStroke(new BasicStroke(0.1f));
            drawings.forEach(d -> g.draw(Silhouette.of(d)));
            g.setStroke(new BasicStroke(
                    0.05f, BasicStroke.CAP_BUTT, BasicStroke.JOIN_ROUND, 1f, new float[] {1, 0.5f}, 0f));
            drawings.forEach(d -> g.draw(Silhouette.centreLine(d.outline())));
        };
        return Writer.svg(List.of(page), box.getWidth() + 2 * AROUND_MM, box.getHeight() + 2 * AROUND_MM, piece.name());
    }
}
