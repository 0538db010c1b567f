package org.etui.core.work;

import java.util.ArrayList;
import java.util.List;
import org.etui.core.curve.Biarc;
import org.etui.core.curve.CurvePiece;
import org.etui.core.curve.Pose;
import org.etui.core.element.Across;
import org.etui.core.element.Spiral;
import org.etui.core.piece.Surface;
import org.hipparchus.geometry.euclidean.threed.Rotation;
import org.hipparchus.geometry.euclidean.threed.Vector3D;

/**
 * A flat spiral that is drawn up over a face of a body until every turn lies on it: seen from the front it stays as it was wound, about the middle of the
 * body; the middle of the wire lies half a wire off the face. Drawn as pairs of arcs from place to place.
 */
public final class FaceSpiral {
    /** From place to place along it, rad. */
    private static final double STEP_RAD = Math.PI / 4;

    /** So many steps at the rim are cut up, and into so many. */
    private static final int STEEP_STEPS = 8;

    private static final int CLOSER = 2;

    /** So many places under the wire are looked at. */
    private static final int ACROSS = 48;

    /** A heading is taken over so much of a turn, rad. */
    private static final double SMALL_RAD = 1e-4;

    private final Surface surface;
    private final int out;
    private final double halfMm;
    private final double leastHeightMm;
    private final double insideMm;
    private final double growth;
    private final double turnRad;
    private final boolean outward;
    private final double turn;
    private final double side;
    private final double from;
    private final Pose start;
    private final List<CurvePiece> pieces;

    /**
     * @param spiral one that has a seat
     * @param thicknessMm thickness of its wire, mm
     */
    public FaceSpiral(Spiral spiral, Surface surface, double thicknessMm) {
        Spiral.Seat seat = spiral.seat().orElseThrow();
        CurvePiece flat = spiral.flat(thicknessMm);
        this.surface = surface;
        this.out = seat.face() == Across.Face.FRONT ? 1 : -1;
        this.halfMm = thicknessMm / 2;
        this.leastHeightMm = (surface.solid().toMm() + surface.solid().fromMm()) / 2;
        this.outward = spiral.from() == Spiral.From.INSIDE;
        this.turnRad = flat.turnRad();
        this.insideMm = radius(flat, outward ? 0 : 1);
        this.growth = (radius(flat, outward ? 1 : 0) - insideMm) / turnRad;
        // The side it curves to is told as seen from within; wound from the rim inwards it goes the other way round.
        this.turn = spiral.turn().sign();
        this.side = (outward ? 1 : -1) * -out * turn;
        Vector3D rim = surface.edge(seat.at()).at();
        this.from = Math.atan2(rim.getY(), rim.getX()) - side * turnRad;
        Pose begin = pose(outward ? 0 : turnRad);
        List<CurvePiece> way = way(
                begin,
                places().stream().map(on -> pose(outward ? on : turnRad - on)).toList());
        // It begins in the plane of its first arc.
        boolean gripped = way.get(0).lengthMm() == 0;
        this.start = gripped ? begin.then(way.get(0).at(0)) : begin;
        this.pieces = gripped ? way.subList(1, way.size()) : way;
    }

    private static double radius(CurvePiece flat, double share) {
        Vector3D at = flat.aboutOrigin(share).position();
        return Math.hypot(at.getX(), at.getY());
    }

    /** Where its wire begins, told in the body. */
    public Pose start() {
        return start;
    }

    /** Where its wire ends, told in the body. */
    public Pose end() {
        return pose(outward ? turnRad : 0);
    }

    /** The way of its wire. */
    public List<CurvePiece> pieces() {
        return pieces;
    }

    private static List<CurvePiece> way(Pose begin, List<Pose> places) {
        List<CurvePiece> way = new ArrayList<>();
        Pose here = begin;
        for (Pose next : places) {
            way.addAll(Biarc.between(here, next));
            here = next;
        }
        return way;
    }

    /** Places along it after the first, rad: closer in the outermost turn, where the face falls off steeply. */
    private List<Double> places() {
        int steps = (int) Math.ceil(turnRad / STEP_RAD);
        List<Double> places = new ArrayList<>();
        for (int i = 1; i <= steps; i++) {
            int within = (outward ? steps - i : i - 1) < STEEP_STEPS ? CLOSER : 1;
            for (int k = 1; k <= within; k++) {
                places.add(turnRad * (i - 1 + (double) k / within) / steps);
            }
        }
        return places;
    }

    /** A pose; it curves to the side that its spiral does. */
    private Pose pose(double phi) {
        double step = outward ? SMALL_RAD : -SMALL_RAD;
        Vector3D heading = at(phi + step).subtract(at(phi - step)).normalize();
        Vector3D middle = new Vector3D(-Math.cos(from + side * phi), -Math.sin(from + side * phi), 0);
        Vector3D left =
                middle.subtract(middle.dotProduct(heading), heading).normalize().scalarMultiply(turn);
        return new Pose(at(phi), new Rotation(Vector3D.PLUS_I, Vector3D.PLUS_J, heading, left));
    }

    private Vector3D at(double phi) {
        double r = insideMm + growth * phi;
        double x = r * Math.cos(from + side * phi);
        double y = r * Math.sin(from + side * phi);
        return new Vector3D(x, y, heightMm(x, y));
    }

    /**
     * How high a wire's middle lies over a place so as to touch the face and not go into it, mm: seen in the section through the middle of the body, so
     * exact for a round and to first order for others. Beyond the edge it lies as high as the middle of the body.
     */
    private double heightMm(double x, double y) {
        double r = Math.hypot(x, y);
        double share = surface.share(x, y);
        double reach = share > 0 ? r / share : surface.extentMm() / 2;
        double most = out * leastHeightMm;
        // Places of the face under the wire, closer together where it is steep.
        double least = Math.asin(Math.min(1, Math.max(-1, (r - halfMm) / reach)));
        double far = Math.asin(Math.min(1, (r + halfMm) / reach));
        for (int i = 0; i <= ACROSS; i++) {
            double in = Math.sin(least + (far - least) * i / ACROSS);
            double beside = Math.min(halfMm, Math.abs(in * reach - r));
            double face = out * surface.solid().faceMm(out, Math.abs(in));
            if (in * reach <= r + halfMm && in * reach >= r - halfMm) {
                most = Math.max(most, face + Math.sqrt(halfMm * halfMm - beside * beside));
            }
        }
        return out * most;
    }
}
