package org.etui.core.work;

import java.util.ArrayList;
import java.util.List;
import org.etui.core.check.Check;
import org.etui.core.curve.Arc;
import org.etui.core.curve.Biarc;
import org.etui.core.curve.CurvePiece;
import org.etui.core.curve.Line;
import org.etui.core.curve.Pose;
import org.etui.core.element.Across;
import org.etui.core.piece.Surface;
import org.hipparchus.geometry.euclidean.threed.Rotation;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.hipparchus.util.MathUtils;
import org.locationtech.jts.algorithm.ConvexHull;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.simplify.DouglasPeuckerSimplifier;

/**
 * The way of a taut wire over a face of a body, in the plane through two places of its edge along the body's height: the hull (JTS) of the section
 * there and of the wires in its way, half a thickness off all of them, its corners rounded by arcs. Told in the body's own frame, mm.
 */
public final class FaceWay {
    private static final GeometryFactory GEOMETRY = new GeometryFactory();

    /** Places of the section, closer to each other towards the edges, where it is steep. */
    private static final int SAMPLES = 48;

    /** On a peak a wire turns by so much further out than on its own edge (engineering estimate). */
    private static final double ROOM = 1.02;

    /** Faces that meet at more than this make a peak (engineering estimate). */
    private static final double PEAK_RAD = Math.toRadians(30);

    /** Faces are looked at so far beside where they may meet, mm, and at least by this share of the body: past the step that slopes are taken over. */
    private static final double PEAK_MM = 0.005;

    private static final double PEAK_SHARE = 3e-4;

    /** By this share of the body a place lies inside the edge: past what the surface counts as its edge. */
    private static final double INSIDE_SHARE = 2e-3;

    private static final int ROUND = 24;
    private static final int CORNER = 6;

    /** Chords that lie closer to the way are long enough for a pair of arcs, mm. */
    private static final double CLOSE_MM = 0.05;

    /** A side so many times as long as the other is one that the wire lies straight along. */
    private static final double LONGER = 3;

    /** Cut flatter than this a wire is as good as alongside. */
    private static final double LEAST_COSINE = 0.25;

    private static final double SAME_MM = 1e-9;

    /** No arc of a pair is tighter about the middle of the wire, in half thicknesses. */
    private static final double LEAST_RADIUS = 1;

    private static final double STEP_MM = 0.2;

    /** The edge of a flat back or face is broken so far (common practice: a tenth or two). */
    private static final double EASED_MM = 0.15;

    /** On a wall one wire does not lie above another. */
    private static final double MOST_STEEP = 3;

    private final Across across;
    private final Surface.Edge from;
    private final Surface.Edge to;
    private final Vector3D along;
    private final double lengthMm;
    private final int side;
    private final double halfMm;
    private final List<Coordinate> chain;

    /**
     * A wire in the way.
     *
     * @param u how far along, mm
     * @param h how high over the level 0 towards the face, mm
     * @param radiusMm half its thickness, mm
     * @param cosine of the angle at which it is cut
     */
    record Block(double u, double h, double radiusMm, double cosine) {}

    /**
     * @param across the wire
     * @param surface of the body
     * @param thicknessMm of the wire, mm
     * @param round wires that lie round the body at a share of the way round: how high over level 0, how far outside of the edge, half thickness
     * @param crossing ways of wires that cross the same face before this one
     */
    FaceWay(Across across, Surface surface, double thicknessMm, List<Lying> round, List<FaceWay> crossing) {
        this.from = surface.edge(across.from());
        this.to = surface.edge(across.to());
        Vector3D chord = to.at().subtract(from.at());
        this.lengthMm = chord.getNorm();
        if (!(lengthMm > SAME_MM)) {
            throw new IllegalArgumentException("from and to are one place");
        }
        this.along = chord.normalize();
        this.side = across.face().sign();
        this.halfMm = thicknessMm / 2;
        this.across = across;
        List<Coordinate> points = new ArrayList<>();
        section(surface, points);
        for (Lying wire : round) {
            if (wire.near(across.from())) {
                block(-1, from, wire, points);
            }
            if (wire.near(across.to())) {
                block(1, to, wire, points);
            }
        }
        crossing.forEach(c -> crosses(c, surface, points));
        this.chain = chain(points);
    }

    /**
     * Wire that lies round the body.
     *
     * @param from where on the way round it begins, as a share
     * @param to where it ends
     * @param zMm how high it lies, mm
     * @param scale the section that it lies on, as a share of the greatest
     * @param outMm how far its middle lies outside of that, mm
     * @param radiusMm half its thickness, mm
     */
    record Lying(double from, double to, double zMm, double scale, double outMm, double radiusMm) {
        private static final double ENDS = 1e-3;

        boolean near(double share) {
            return share > from + ENDS && share < to - ENDS;
        }

        /** What is alike where one wire goes on round the body. */
        List<Double> level() {
            return List.of(zMm, scale, outMm);
        }

        /** With more of the same wire. */
        Lying and(Lying more) {
            return new Lying(Math.min(from, more.from), Math.max(to, more.to), zMm, scale, outMm, radiusMm);
        }
    }

    /** The body, half a thickness off, over the face and round its edges. */
    private void section(Surface surface, List<Coordinate> points) {
        for (int i = 0; i <= SAMPLES; i++) {
            double u = lengthMm * (1 - Math.cos(Math.PI * i / SAMPLES)) / 2;
            Vector3D p = from.at().add(u, along);
            boolean edge = i == 0 || i == SAMPLES;
            double share = edge ? 1 : Math.min(1, surface.share(p.getX(), p.getY()));
            double h = side * surface.solid().faceMm(side, share);
            Vector3D normal = surface.normal(side, p.getX(), p.getY());
            if (edge) {
                Vector3D out = i == 0 ? from.normal() : to.normal();
                Vector3D up = new Vector3D(0, 0, side);
                boolean flat =
                        surface.normal(side, 0.9 * p.getX(), 0.9 * p.getY()).dotProduct(up) > 1 - SAME_MM;
                if (flat) {
                    // No edge is a knife: it is eased, so that the wire goes round it in a curve of its own.
                    double in = EASED_MM / Math.max(Math.abs(out.dotProduct(along)), LEAST_COSINE);
                    double eased = u + (i == 0 ? in : -in);
                    for (int k = 0; k <= CORNER; k++) {
                        double turn = Math.PI / 2 * k / CORNER;
                        Vector3D way = new Vector3D(Math.cos(turn), out, Math.sin(turn), up);
                        off(eased, h - EASED_MM, EASED_MM, way, points);
                    }
                } else if (!shoulder(surface, u, out, points)) {
                    off(u, h, 0, out, points);
                    off(u, h, 0, out.add(up).normalize(), points);
                }
            } else if (peaks(surface, u)) {
                peak(surface, u, h, points);
            } else if (normal.getZ() * side < 1 - SAME_MM || Math.min(u, lengthMm - u) > EASED_MM / LEAST_COSINE) {
                off(u, h, 0, normal, points);
            }
        }
    }

    private Vector3D normal(Surface surface, double alongMm) {
        Vector3D p = from.at().add(alongMm, along);
        return surface.normal(side, p.getX(), p.getY());
    }

    /** Whether two faces meet in a place of the section, such as at the tip of a crystal. */
    private boolean peaks(Surface surface, double u) {
        double beside = besideMm(surface);
        double edge = insideMm(surface) + beside;
        return u > edge
                && u < lengthMm - edge
                && Vector3D.angle(normal(surface, u - beside), normal(surface, u + beside)) > PEAK_RAD;
    }

    /** What lies so far inside the edge lies over the face, mm. */
    private static double insideMm(Surface surface) {
        return Math.max(PEAK_MM, INSIDE_SHARE * surface.extentMm());
    }

    private static double besideMm(Surface surface) {
        return Math.max(PEAK_MM, PEAK_SHARE * surface.extentMm());
    }

    /** Round an edge where a face leans in all at once, such as where the tip of a crystal begins; whether it does. */
    private boolean shoulder(Surface surface, double u, Vector3D out, List<Coordinate> points) {
        double beside = insideMm(surface);
        Vector3D in = normal(surface, u == 0 ? beside : lengthMm - beside);
        if (Vector3D.angle(out, in) <= PEAK_RAD) {
            return false;
        }
        double further = u == 0 ? 2 * beside : lengthMm - 2 * beside;
        double nearer = u == 0 ? beside : lengthMm - beside;
        double rises = (faceMm(surface, further) - faceMm(surface, nearer)) / (further - nearer);
        fan(u, faceMm(surface, u), upRad(out), Math.PI / 2 + Math.atan(rises), points);
        return true;
    }

    /** Round a peak the wire turns on it: corners that its own edge touches between. */
    private void peak(Surface surface, double u, double h, List<Coordinate> points) {
        double beside = besideMm(surface);
        fan(u, h, upRad(normal(surface, u - beside)), upRad(normal(surface, u + beside)), points);
    }

    private void fan(double u, double h, double fromRad, double toRad, List<Coordinate> points) {
        double step = (toRad - fromRad) / CORNER;
        Vector3D up = new Vector3D(0, 0, side);
        for (int k = 0; k < CORNER; k++) {
            double rad = fromRad + (k + 0.5) * step;
            Vector3D way = new Vector3D(Math.cos(rad), along, Math.sin(rad), up);
            off(u, h, halfMm * ROOM / Math.cos(step / 2) - halfMm, way, points);
        }
    }

    /** How far a normal stands up from the way, rad. */
    private double upRad(Vector3D normal) {
        return Math.atan2(side * normal.getZ(), normal.dotProduct(along));
    }

    /** Where the middle of the wire lies that touches with this normal. */
    private void off(double u, double h, double easedMm, Vector3D normal, List<Coordinate> points) {
        double level = normal.dotProduct(along);
        double up = side * normal.getZ();
        double seen = Math.max(Math.hypot(level, up), LEAST_COSINE);
        double far = (halfMm + easedMm) / seen / Math.max(Math.hypot(level, up), SAME_MM);
        points.add(new Coordinate(u + far * level, h + far * up));
    }

    private void block(int way, Surface.Edge edge, Lying wire, List<Coordinate> points) {
        double cosine = Math.max(Math.abs(edge.normal().dotProduct(along)), LEAST_COSINE);
        double inner = (1 - wire.scale()) * edge.at().dotProduct(edge.normal());
        double out = (wire.outMm() - inner) / cosine;
        double u = way < 0 ? -out : lengthMm + out;
        around(new Block(u, side * wire.zMm(), wire.radiusMm(), cosine), 1, points);
    }

    /** How steeply the face rises along the way, mm a mm. */
    private double slope(Surface surface, double u) {
        return (faceMm(surface, u + STEP_MM) - faceMm(surface, u - STEP_MM)) / (2 * STEP_MM);
    }

    private double faceMm(Surface surface, double u) {
        Vector3D p = from.at().add(u, along);
        return side * surface.solid().faceMm(side, Math.min(1, surface.share(p.getX(), p.getY())));
    }

    /** @param steep how much further off along the height than square to the wire */
    private void around(Block block, double steep, List<Coordinate> points) {
        double off = block.radiusMm() + halfMm;
        // What lies below its sides is on no way over it.
        for (int i = 0; i <= ROUND / 2; i++) {
            double turn = 2 * Math.PI * i / ROUND;
            points.add(new Coordinate(
                    block.u() + off / block.cosine() * Math.cos(turn), block.h() + steep * off * Math.sin(turn)));
        }
    }

    /** Another way that crosses this one seen along the height: this one goes over it. */
    private void crosses(FaceWay other, Surface surface, List<Coordinate> points) {
        if (other.side != side) {
            return;
        }
        double sine = along.getX() * other.along.getY() - along.getY() * other.along.getX();
        if (Math.abs(sine) < SAME_MM) {
            return;
        }
        Vector3D apart = other.from.at().subtract(from.at());
        double u = (apart.getX() * other.along.getY() - apart.getY() * other.along.getX()) / sine;
        double v = (apart.getX() * along.getY() - apart.getY() * along.getX()) / sine;
        if (comesBy(u, halfMm + other.halfMm) && other.comesBy(v, halfMm + other.halfMm)) {
            double cosine = Math.max(Math.abs(sine), LEAST_COSINE);
            // Two lines one above the other are as far apart as along the normal of both.
            Vector3D own = new Vector3D(along.getX(), along.getY(), slope(surface, u));
            double rise = (other.heightAt(v + STEP_MM) - other.heightAt(v - STEP_MM)) / (2 * STEP_MM);
            Vector3D both = own.crossProduct(new Vector3D(other.along.getX(), other.along.getY(), rise));
            double steep = both.getNorm() / Math.max(Math.abs(both.getZ()), SAME_MM);
            around(new Block(u, other.heightAt(v), other.halfMm, cosine), Math.min(steep, MOST_STEEP), points);
        }
    }

    /** Whether the part of the way that is wire comes as near as that to a place of the straight line, mm: shares of both are nearly alike. */
    private boolean comesBy(double u, double nearMm) {
        return u > Math.max(0, across.begins() * lengthMm - nearMm)
                && u < Math.min(lengthMm, across.ends() * lengthMm + nearMm);
    }

    private double heightAt(double u) {
        for (int i = 1; i < chain.size(); i++) {
            Coordinate a = chain.get(i - 1);
            Coordinate b = chain.get(i);
            if (a.x <= u && u <= b.x && b.x > a.x) {
                return a.y + (u - a.x) / (b.x - a.x) * (b.y - a.y);
            }
        }
        return chain.get(chain.size() / 2).y;
    }

    /** The way over a body on which nothing else lies, by a wire of a thickness, mm. */
    public static FaceWay bare(Across across, Surface surface, double thicknessMm) {
        return new FaceWay(across, surface, thicknessMm, List.of(), List.of());
    }

    /** How high it begins beside the body, mm over the level 0 towards its face. */
    public double beginsMm() {
        return chain.get(0).y;
    }

    /** Between both places of the edge, mm. */
    public double straightMm() {
        return lengthMm;
    }

    /** The share of the way at which it has come so far along the straight line between both places, mm. */
    public double shareAt(double alongMm) {
        double whole = 0;
        double until = 0;
        for (int i = 1; i < chain.size(); i++) {
            Coordinate a = chain.get(i - 1);
            Coordinate b = chain.get(i);
            double length = a.distance(b);
            until += b.x <= alongMm ? length : a.x < alongMm ? length * (alongMm - a.x) / (b.x - a.x) : 0;
            whole += length;
        }
        return until / whole;
    }

    /** Up at the beginning, over, and down at the end. */
    private List<Coordinate> chain(List<Coordinate> points) {
        Coordinate[] hull = new ConvexHull(points.toArray(Coordinate[]::new), GEOMETRY)
                .getConvexHull()
                .getCoordinates();
        double left = Double.POSITIVE_INFINITY;
        double right = Double.NEGATIVE_INFINITY;
        for (Coordinate c : hull) {
            left = Math.min(left, c.x);
            right = Math.max(right, c.x);
        }
        // JTS gives hulls clockwise: from the left over the top to the right.
        int first = extreme(hull, left);
        List<Coordinate> over = new ArrayList<>();
        over.add(new Coordinate(left, hull[first].y - halfMm));
        int count = hull.length - 1;
        for (int i = 0; i <= count; i++) {
            Coordinate c = hull[(first + i) % count];
            over.add(c);
            if (c.x >= right - SAME_MM) {
                break;
            }
        }
        over.add(new Coordinate(right, over.get(over.size() - 1).y - halfMm));
        return List.copyOf(over);
    }

    /** The highest of those that lie furthest to a side. */
    private static int extreme(Coordinate[] hull, double x) {
        int best = -1;
        for (int i = 0; i < hull.length - 1; i++) {
            if (Math.abs(hull[i].x - x) < SAME_MM && (best < 0 || hull[i].y > hull[best].y)) {
                best = i;
            }
        }
        return best;
    }

    /** Places along the way that pairs of arcs lead through, no further from it than a maker sees. */
    private static List<Pose> nodes(List<Coordinate> way, double closeMm) {
        Coordinate[] few = DouglasPeuckerSimplifier.simplify(
                        GEOMETRY.createLineString(way.toArray(Coordinate[]::new)), closeMm)
                .getCoordinates();
        List<Integer> chosen = new ArrayList<>();
        int next = 0;
        for (int at = 0; at < way.size(); at++) {
            boolean kept = next < few.length && way.get(at).equals2D(few[next]);
            next += kept ? 1 : 0;
            if (kept) {
                chosen.add(at);
            }
        }
        List<Pose> nodes = new ArrayList<>();
        for (int i = 0; i < chosen.size(); i++) {
            Coordinate c = way.get(chosen.get(i));
            double heading = heading(way, chosen.get(i));
            if (i > 0 && i + 1 < chosen.size()) {
                // Between both chords: the way turns to one side only.
                double in = heading(way.get(chosen.get(i - 1)), c);
                double out = turned(heading(c, way.get(chosen.get(i + 1))) - in);
                heading = in + Math.min(Math.max(turned(heading - in), Math.min(out, 0)), Math.max(out, 0));
            }
            nodes.add(Pose.inPlane(c.x, c.y, heading));
        }
        return nodes;
    }

    private static double heading(Coordinate from, Coordinate to) {
        return Math.atan2(to.y - from.y, to.x - from.x);
    }

    private static double turned(double rad) {
        return MathUtils.normalizeAngle(rad, 0);
    }

    /** Along a side that is much longer than the other; else as the circle through the place and its neighbours. */
    private static double heading(List<Coordinate> way, int at) {
        Coordinate c = way.get(at);
        Coordinate before = at == 0 ? c : way.get(at - 1);
        Coordinate after = at + 1 == way.size() ? c : way.get(at + 1);
        if (isUpright(before, c) || isUpright(c, after)) {
            // Where it comes up and goes down it stands along the height.
            return isUpright(before, c) && c.y < before.y || isUpright(c, after) && after.y < c.y
                    ? -Math.PI / 2
                    : Math.PI / 2;
        }
        double in = c.distance(before);
        double out = c.distance(after);
        double x = in > LONGER * out ? c.x - before.x : after.x - c.x;
        double y = in > LONGER * out ? c.y - before.y : after.y - c.y;
        if (in <= LONGER * out && out <= LONGER * in) {
            x = out / in * (c.x - before.x) + in / out * (after.x - c.x);
            y = out / in * (c.y - before.y) + in / out * (after.y - c.y);
        }
        return Math.atan2(y, x);
    }

    private static boolean isUpright(Coordinate a, Coordinate b) {
        return Math.abs(a.x - b.x) < SAME_MM && Math.abs(a.y - b.y) > SAME_MM;
    }

    /**
     * Part of the way.
     *
     * @param begins where, as a share
     * @param ends where, as a share
     */
    Way part(double begins, double ends) {
        List<Coordinate> way = cut(begins, ends);
        Check.that(way.size() > 1, "its way over the face comes to no length");
        List<Pose> nodes = nodes(way, CLOSE_MM);
        List<CurvePiece> pieces = new ArrayList<>();
        for (int i = 1; i < nodes.size(); i++) {
            pieces.addAll(Biarc.between(nodes.get(i - 1), nodes.get(i)));
        }
        Pose first = nodes.get(0);
        if (pieces.stream().anyMatch(p -> p.turnRad() > 0 && p.lengthMm() / p.turnRad() < LEAST_RADIUS * halfMm)) {
            // Close corners are rounded one by one instead.
            pieces = rounded(way);
            first = Pose.inPlane(
                    way.get(0).x, way.get(0).y, Math.atan2(way.get(1).y - way.get(0).y, way.get(1).x - way.get(0).x));
        }
        Vector3D up = new Vector3D(0, 0, side);
        return new Way(
                new Pose(
                        from.at().add(seen(first.position(), up)),
                        new Rotation(
                                Vector3D.PLUS_I, Vector3D.PLUS_J, seen(first.heading(), up), seen(first.left(), up))),
                pieces);
    }

    /** From corner to corner: sides, and arcs that round the corners off. */
    private static List<CurvePiece> rounded(List<Coordinate> corners) {
        List<CurvePiece> pieces = new ArrayList<>();
        double used = 0;
        for (int i = 1; i < corners.size(); i++) {
            Coordinate a = corners.get(i - 1);
            Coordinate b = corners.get(i);
            double length = a.distance(b);
            boolean last = i + 1 == corners.size();
            double turn = last
                    ? 0
                    : turned(Math.atan2(corners.get(i + 1).y - b.y, corners.get(i + 1).x - b.x)
                            - Math.atan2(b.y - a.y, b.x - a.x));
            double round = Math.abs(turn) < SAME_MM ? 0 : Math.min(length, b.distance(corners.get(i + 1))) / 2;
            if (length - used - round > SAME_MM) {
                pieces.add(new Line(length - used - round));
            }
            if (round > SAME_MM) {
                pieces.add(new Arc(round / Math.tan(Math.abs(turn) / 2), turn));
            }
            used = round;
        }
        return pieces;
    }

    private Vector3D seen(Vector3D inPlane, Vector3D up) {
        return along.scalarMultiply(inPlane.getX()).add(inPlane.getY(), up);
    }

    /**
     * A way in the frame of the body.
     *
     * @param start where it begins
     * @param pieces from there
     */
    record Way(Pose start, List<CurvePiece> pieces) {}

    private List<Coordinate> cut(double begins, double ends) {
        double whole = 0;
        for (int i = 1; i < chain.size(); i++) {
            whole += chain.get(i - 1).distance(chain.get(i));
        }
        List<Coordinate> part = new ArrayList<>();
        double at = 0;
        for (int i = 1; i < chain.size(); i++) {
            Coordinate a = chain.get(i - 1);
            Coordinate b = chain.get(i);
            double length = a.distance(b);
            double low = begins * whole - at;
            double high = ends * whole - at;
            if (high > SAME_MM && low < length - SAME_MM) {
                if (part.isEmpty()) {
                    part.add(between(a, b, Math.max(0, low) / length));
                }
                part.add(between(a, b, Math.min(1, high / length)));
            }
            at += length;
        }
        return part;
    }

    private static Coordinate between(Coordinate a, Coordinate b, double share) {
        return new Coordinate(a.x + share * (b.x - a.x), a.y + share * (b.y - a.y));
    }
}
