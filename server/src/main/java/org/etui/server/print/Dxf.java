package org.etui.server.print;

import java.awt.Shape;
import java.awt.geom.PathIterator;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.etui.core.plan.Figure;

/**
 * Writes drawing exchange files of release 12 (AC1009): pairs of a group code and a value; entities LINE, ARC and POLYLINE, y
 * upwards, one unit is one millimetre. Source: the published reference of release 12, from memory.
 */
final class Dxf {
    private static final String EDGE = "EDGE";
    private static final String CENTRE = "CENTRE";
    private static final double FLATNESS_MM = 0.005;
    private final StringBuilder entities = new StringBuilder();

    /** The edges of the wire, as closed polylines true to five thousandths of a millimetre. */
    void edges(Shape area) {
        List<double[]> points = new ArrayList<>();
        double[] at = new double[6];
        for (PathIterator path = area.getPathIterator(null, FLATNESS_MM); !path.isDone(); path.next()) {
            int kind = path.currentSegment(at);
            if (kind == PathIterator.SEG_CLOSE) {
                polyline(EDGE, points, true);
                points.clear();
            } else {
                points.add(new double[] {at[0], -at[1]});
            }
        }
    }

    /** The centre line. */
    void centreLine(Figure figure) {
        for (Figure.Segment segment : figure.segments()) {
            if (segment instanceof Figure.Straight s) {
                entity("LINE", CENTRE);
                point(10, s.x1(), s.y1());
                point(11, s.x2(), s.y2());
            } else if (segment instanceof Figure.Round r) {
                entity("ARC", CENTRE);
                point(10, r.x(), r.y());
                pair(40, number(r.radius()));
                pair(50, number(turned(r.fromDeg())));
                pair(51, number(turned(r.toDeg())));
            } else if (segment instanceof Figure.Chain chain) {
                polyline(CENTRE, chain.points(), false);
            }
        }
    }

    private static double turned(double degrees) {
        return (degrees % 360 + 360) % 360;
    }

    private void polyline(String layer, List<double[]> points, boolean closed) {
        entity("POLYLINE", layer);
        pair(66, "1");
        point(10, 0, 0);
        pair(70, closed ? "1" : "0");
        for (double[] p : points) {
            entity("VERTEX", layer);
            point(10, p[0], p[1]);
        }
        entity("SEQEND", layer);
    }

    private void entity(String kind, String layer) {
        pair(0, kind);
        pair(8, layer);
    }

    private void point(int code, double x, double y) {
        pair(code, number(x));
        pair(code + 10, number(y));
        pair(code + 20, "0.0");
    }

    private void pair(int code, String value) {
        entities.append(code).append("\r\n").append(value).append("\r\n");
    }

    private static String number(double value) {
        return String.format(Locale.ROOT, "%.6f", value + 0.0);
    }

    byte[] bytes() {
        String head = String.join(
                "\r\n",
                "999",
                "Etui, millimetres",
                "0",
                "SECTION",
                "2",
                "HEADER",
                "9",
                "$ACADVER",
                "1",
                "AC1009",
                "0",
                "ENDSEC",
                "0",
                "SECTION",
                "2",
                "TABLES",
                "0",
                "TABLE",
                "2",
                "LTYPE",
                "70",
                "1",
                "0",
                "LTYPE",
                "2",
                "CONTINUOUS",
                "70",
                "0",
                "3",
                "Solid",
                "72",
                "65",
                "73",
                "0",
                "40",
                "0.0",
                "0",
                "ENDTAB",
                "0",
                "TABLE",
                "2",
                "LAYER",
                "70",
                "2",
                "0",
                "LAYER",
                "2",
                EDGE,
                "70",
                "0",
                "62",
                "7",
                "6",
                "CONTINUOUS",
                "0",
                "LAYER",
                "2",
                CENTRE,
                "70",
                "0",
                "62",
                "1",
                "6",
                "CONTINUOUS",
                "0",
                "ENDTAB",
                "0",
                "ENDSEC",
                "0",
                "SECTION",
                "2",
                "ENTITIES",
                "");
        return (head + entities + String.join("\r\n", "0", "ENDSEC", "0", "EOF", ""))
                .getBytes(StandardCharsets.US_ASCII);
    }
}
