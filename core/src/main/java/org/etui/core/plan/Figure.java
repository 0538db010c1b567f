package org.etui.core.plan;

import java.util.ArrayList;
import java.util.List;
import org.etui.core.curve.Arc;
import org.etui.core.curve.CurvePiece;
import org.etui.core.curve.Line;
import org.etui.core.curve.Placed;
import org.etui.core.curve.Pose;
import org.etui.core.piece.Piece;
import org.etui.core.verify.PieceChecks;
import org.etui.core.work.StrandWork;
import org.hipparchus.geometry.euclidean.threed.Vector3D;

/**
 * The centre line of a finished strand as exact figures, seen from above, y upwards, mm: straight lines and circular arcs
 * where it is that, else a chain of points true to a hundredth of a millimetre up to a radius of 25 mm.
 *
 * @param strand id of the strand
 * @param title its name
 * @param segments in order along the wire
 */
public record Figure(String strand, String title, List<Segment> segments) {
    private static final double STEP_RAD = Math.toRadians(3);
    private static final double FLAT = 1e-9;

    /** A stretch of the line. */
    public sealed interface Segment {}

    /** A straight line between two points, mm. */
    public record Straight(double x1, double y1, double x2, double y2) implements Segment {}

    /**
     * A circular arc about a centre, mm; from one angle to the other against the clock, degrees, at most 360.
     */
    public record Round(double x, double y, double radius, double fromDeg, double toDeg) implements Segment {}

    /** A chain of points, mm. */
    public record Chain(List<double[]> points) implements Segment {}

    /** The figures of every strand of a piece. */
    public static List<Figure> of(Piece piece) {
        PieceChecks.require(piece);
        List<StrandWork> works = StrandWork.all(piece);
        View view = View.of(piece, works);
        return works.stream()
                .map(w -> new Figure(w.strand().id(), w.strand().title(), segments(w, view.of(w.strand()))))
                .toList();
    }

    private static List<Segment> segments(StrandWork work, Pose view) {
        List<Segment> segments = new ArrayList<>();
        for (Placed placed : work.line().pieces()) {
            CurvePiece piece = placed.piece();
            Pose start = view.then(placed.start());
            Vector3D up = start.frame().applyTo(Vector3D.PLUS_K);
            boolean flat = 1 - Math.abs(up.getZ()) < FLAT;
            if (piece.lengthMm() <= 0) {
                continue;
            }
            if (piece instanceof Line) {
                Vector3D a = start.position();
                Vector3D b = start.then(piece.at(piece.lengthMm())).position();
                segments.add(new Straight(a.getX(), a.getY(), b.getX(), b.getY()));
            } else if (piece instanceof Arc arc && flat) {
                segments.addAll(rounds(arc, start, up.getZ() > 0));
            } else {
                segments.add(chain(piece, start));
            }
        }
        return List.copyOf(segments);
    }

    /** An arc; more than a full turn lies on itself and is drawn as two halves. */
    private static List<Segment> rounds(Arc arc, Pose start, boolean seenFromAbove) {
        double side = Math.signum(arc.sweepRad());
        Vector3D centre = start.at(new Vector3D(0, side * arc.radiusMm(), 0));
        Vector3D out = start.position().subtract(centre);
        double from = Math.toDegrees(Math.atan2(out.getY(), out.getX()));
        double sweep = Math.toDegrees(Math.abs(arc.sweepRad()));
        if (sweep >= 360) {
            return List.of(
                    new Round(centre.getX(), centre.getY(), arc.radiusMm(), from, from + 180),
                    new Round(centre.getX(), centre.getY(), arc.radiusMm(), from + 180, from + 360));
        }
        boolean left = (side > 0) == seenFromAbove;
        return List.of(new Round(
                centre.getX(), centre.getY(), arc.radiusMm(), left ? from : from - sweep, left ? from + sweep : from));
    }

    private static Chain chain(CurvePiece piece, Pose start) {
        int steps = Math.max(8, (int) Math.ceil(piece.turnRad() / STEP_RAD));
        List<double[]> points = new ArrayList<>();
        Pose origin = start.then(piece.origin());
        for (int i = 0; i <= steps; i++) {
            Vector3D p = origin.at(piece.aboutOrigin((double) i / steps).position());
            points.add(new double[] {p.getX(), p.getY()});
        }
        return new Chain(points);
    }
}
