package org.etui.core.piece;

import java.util.List;
import org.etui.core.check.Check;
import org.etui.core.curve.CentreLine;
import org.etui.core.curve.Circuit;
import org.etui.core.curve.CurvePiece;
import org.etui.core.curve.Pose;
import org.etui.core.element.Outline;
import org.hipparchus.geometry.euclidean.threed.Vector3D;

/**
 * The surface of a body that has an outline, told about the middle of its greatest section; heights as {@link Body} counts them, lengths mm. An outline
 * is taken as seen whole from its middle: a hollow that is not is bridged.
 */
public final class Surface {
    private static final double CLOSE_MM = 1e-2;
    private static final double STEP_RAD = Math.toRadians(4);

    /** Slopes are taken over this share of the extent. */
    private static final double STEP = 1e-4;

    /** What lies further in than this, as a share of the way from the middle, lies over a face, not at the edge. */
    private static final double EDGE = 0.999;

    /** A face whose normal stands up by less is steep. */
    private static final double STEEP = 0.7;

    private static final double LEAST = 1e-9;

    private final Solid solid;
    private final Circuit edge;
    private final Vector3D middle;
    private final double[] angles;
    private final double[][] way;
    private final double extentMm;

    /** @throws IllegalArgumentException for a body without outline */
    public Surface(Solid solid) {
        Outline front =
                solid.body().front().orElseThrow(() -> new IllegalArgumentException("it has no outline to lie on"));
        this.solid = solid;
        this.edge = front.round(CLOSE_MM);
        List<double[]> points = points(edge);
        double[] least = {Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY};
        double[] most = {Double.NEGATIVE_INFINITY, Double.NEGATIVE_INFINITY};
        for (double[] p : points) {
            for (int i = 0; i < 2; i++) {
                least[i] = Math.min(least[i], p[i]);
                most[i] = Math.max(most[i], p[i]);
            }
        }
        this.middle = new Vector3D((least[0] + most[0]) / 2, (least[1] + most[1]) / 2, 0);
        this.extentMm = Math.max(most[0] - least[0], most[1] - least[1]);
        this.way = points.stream()
                .map(p -> new double[] {p[0] - middle.getX(), p[1] - middle.getY()})
                .toArray(double[][]::new);
        this.angles = new double[way.length];
        double before = Math.atan2(way[0][1], way[0][0]);
        angles[0] = before;
        for (int i = 1; i < way.length; i++) {
            double turned = Math.atan2(way[i][1], way[i][0]) - before;
            // Anticlockwise all the way; what goes back is bridged.
            double on = turned - 2 * Math.PI * Math.floor((turned + Math.PI) / (2 * Math.PI));
            angles[i] = angles[i - 1] + Math.max(0, on);
            before = Math.atan2(way[i][1], way[i][0]);
        }
    }

    /** Once round from the top, anticlockwise, as it is turned. */
    private static List<double[]> points(Circuit edge) {
        return CentreLine.of(CLOSE_MM, edge.pieces()).stations(STEP_RAD, 2).stream()
                .map(s -> s.pose().position())
                // The way begins heading along x with the body to its left, which is half round from how it lies.
                .map(p -> new double[] {-p.getX(), -p.getY()})
                .toList();
    }

    /** Whether an outline is a round: it looks the same however it is turned. */
    public static boolean isRound(Outline outline) {
        List<CurvePiece> way = outline.round(CLOSE_MM).pieces();
        return way.size() == 1 && way.get(0).curvatures().size() == 1;
    }

    /** The body. */
    public Solid solid() {
        return solid;
    }

    /** How far it reaches across, mm. */
    public double extentMm() {
        return extentMm;
    }

    /**
     * A place of the edge of the greatest section and the normal outward, both level.
     *
     * @param at where
     * @param normal outward, of length 1
     */
    public record Edge(Vector3D at, Vector3D normal) {}

    /**
     * The edge at a share of the way round, from the top to the left.
     *
     * @param share 0 to 1
     */
    public Edge edge(double share) {
        Check.within("share", share, 0, 1);
        double left = share * edge.lengthMm();
        Pose here = Pose.START;
        for (CurvePiece piece : edge.pieces()) {
            if (left <= piece.lengthMm()) {
                here = here.then(piece.at(Math.max(0, left)));
                left = 0;
                break;
            }
            here = here.then(piece.at(piece.lengthMm()));
            left -= piece.lengthMm();
        }
        Vector3D at = here.position().negate().subtract(middle);
        return new Edge(at, here.left());
    }

    /** How far out a place lies: 0 in the middle, 1 on the edge of the greatest section, more outside. */
    public double share(double x, double y) {
        double out = Math.hypot(x, y);
        return out < LEAST ? 0 : out / reachMm(Math.atan2(y, x));
    }

    /** From the middle to the edge in a direction, mm. */
    private double reachMm(double angle) {
        double turned = angle - angles[0];
        double at = angles[0] + turned - 2 * Math.PI * Math.floor(turned / (2 * Math.PI));
        int low = 0;
        int high = angles.length - 1;
        while (high - low > 1) {
            int half = (low + high) >>> 1;
            if (angles[half] <= at) {
                low = half;
            } else {
                high = half;
            }
        }
        double[] p = way[low];
        double[] q = way[high];
        // Where the ray meets the side between two points (textbook).
        double dx = q[0] - p[0];
        double dy = q[1] - p[1];
        double across = Math.cos(at) * dy - Math.sin(at) * dx;
        double meets = Math.abs(across) < LEAST ? Math.hypot(p[0], p[1]) : (p[0] * dy - p[1] * dx) / across;
        return Math.max(meets, LEAST);
    }

    /** Outward normal of a face over a place, of length 1; of the edge where that lies outside. */
    public Vector3D normal(int side, double x, double y) {
        double share = share(x, y);
        if (share >= EDGE) {
            return slope(x, y, solid.faceMm(side, 1));
        }
        double height = solid.faceMm(side, share);
        double far = side > 0 ? solid.toMm() : solid.fromMm();
        return solid.scale(far) >= share ? new Vector3D(0, 0, side) : slope(x, y, height);
    }

    /** The way in which the share less the scale grows fastest. */
    private Vector3D slope(double x, double y, double z) {
        double step = STEP * extentMm;
        double gx = (share(x + step, y) - share(x - step, y)) / (2 * step);
        double gy = (share(x, y + step) - share(x, y - step)) / (2 * step);
        double thick = solid.toMm() - solid.fromMm();
        double below = Math.max(solid.fromMm(), z - STEP * thick);
        double above = Math.min(solid.toMm(), z + STEP * thick);
        double gz = -(solid.scale(above) - solid.scale(below)) / (above - below);
        Vector3D slope = new Vector3D(gx, gy, gz);
        return slope.getNorm() == 0 ? new Vector3D(0, 0, 1) : slope.normalize();
    }

    /**
     * How a place lies to the surface.
     *
     * @param apartMm how far outside, mm, below 0 inside; to first order, so close to the surface
     * @param normal outward there
     * @param insetMm how far inside the edge it lies seen along the height, mm, below 0 outside
     */
    public record Near(double apartMm, Vector3D normal, double insetMm) {}

    /** Seen along the height where the face is flat, along its slope where it is steep. */
    private Near over(int side, Vector3D p, double share, double insetMm) {
        Vector3D normal = normal(side, p.getX(), p.getY());
        double up = Math.abs(normal.getZ());
        double over = side * (p.getZ() - solid.faceMm(side, share));
        return up > STEEP || p.getZ() < solid.fromMm() || p.getZ() > solid.toMm()
                ? new Near(over * up, normal, insetMm)
                : beside(p, share, insetMm);
    }

    private Near beside(Vector3D p, double share, double insetMm) {
        double z = Math.min(Math.max(p.getZ(), solid.fromMm()), solid.toMm());
        Vector3D slope = slope(p.getX(), p.getY(), z);
        Vector3D radial = new Vector3D(p.getX(), p.getY(), 0).normalize();
        double out = (share - solid.scale(z)) * reachMm(Math.atan2(p.getY(), p.getX()));
        double apart = Math.hypot(out * radial.dotProduct(slope), p.getZ() - z);
        return new Near(Math.copySign(apart, out), slope, insetMm);
    }

    /** How a place near the surface lies to it. */
    public Near near(Vector3D p) {
        double share = share(p.getX(), p.getY());
        double inset = (1 - share) * reachMm(Math.atan2(p.getY(), p.getX()));
        if (share >= EDGE) {
            return beside(p, share, inset);
        }
        Near front = over(1, p, share, inset);
        Near back = over(-1, p, share, inset);
        return front.apartMm() > back.apartMm() ? front : back;
    }
}
