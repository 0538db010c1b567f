package org.etui.core.work;

import java.util.List;
import java.util.Optional;
import org.etui.core.act.Run;
import org.etui.core.curve.CentreLine;
import org.etui.core.element.Element;
import org.etui.core.piece.Join;
import org.etui.core.piece.Joined;
import org.etui.core.piece.Piece;
import org.hipparchus.geometry.euclidean.threed.Vector3D;

/**
 * Alike links hung in each other: an eye of each in an eye of the one before. A link that is pulled at both ends lies so that its two bearing points
 * are as far apart as its eyes let them (least potential energy), and the wires cross there, the inside of one on the inside of the other. The pitch
 * is that distance less half of each thickness; n links are n − 1 pitches and one whole link long. Points lie between drawn ones on the parabola
 * through three of them: within 0.001 mm of a circle of 20 mm.
 *
 * @param links how many
 * @param pitchMm from a bearing point to the same of the next link, mm
 * @param wholeMm a link from outside to outside along the chain, mm
 * @param from where a link hangs in the one before it, middle of its wire, in the frame of its strand, mm
 * @param along which way the chain goes, a unit vector
 * @param turnRad how far each link is turned about the chain against the one before, so that their eyes cross square, rad
 */
public record Chain(int links, double pitchMm, double wholeMm, Vector3D from, Vector3D along, double turnRad) {
    private static final int MOST_LOOKS = 30;

    /** Bearing points that move by less than this stay, mm. */
    private static final double STAYS_MM = 1e-6;

    /** An eye that stands within this of the chain's own line has no side that it could be turned to. */
    private static final double ON_LINE = 1e-6;

    /** A place of an eye, with the thickness of the wire there, mm. */
    private record Bearing(Vector3D at, double thicknessMm) {}

    /** How the links of a strand hang, where an eye of it is hung in another of its own; empty where none is, or there is one link. */
    public static Optional<Chain> of(Piece piece, StrandWork work) {
        return piece.joins().stream()
                .map(j -> Joined.of(piece, j))
                .filter(Joined::isOfLinks)
                .filter(j ->
                        j.a().strand().orElseThrow().id().equals(work.strand().id()))
                .filter(j -> j.how()
                        .filter(h -> h == Join.How.HUNG || h == Join.How.OPENED)
                        .isPresent())
                .findFirst()
                .map(j ->
                        of(work, j.a().element().orElseThrow(), j.b().element().orElseThrow()));
    }

    private static Chain of(StrandWork work, Element one, Element other) {
        List<CentreLine.Station> a = of(work, one);
        List<CentreLine.Station> b = of(work, other);
        Bearing first = new Bearing(middle(a), 0);
        Bearing last = new Bearing(middle(b), 0);
        for (int look = 0; look < MOST_LOOKS; look++) {
            Bearing nextFirst = farthest(work, a, last.at());
            Bearing nextLast = farthest(work, b, nextFirst.at());
            boolean stays = nextFirst.at().distance(first.at()) + nextLast.at().distance(last.at()) < STAYS_MM;
            first = nextFirst;
            last = nextLast;
            if (stays) {
                break;
            }
        }
        Vector3D way = last.at().subtract(first.at());
        double halves = (first.thicknessMm() + last.thicknessMm()) / 2;
        Vector3D along = way.getNorm() > 0 ? way.normalize() : Vector3D.PLUS_I;
        return new Chain(
                work.strand().count(),
                way.getNorm() - halves,
                way.getNorm() + halves,
                first.at(),
                along,
                turn(across(a, along), across(b, along), along));
    }

    /** The whole chain from outside to outside, pulled straight, mm. */
    public double lengthMm() {
        return (links - 1) * pitchMm + wholeMm;
    }

    /** So many links make a chain at least so long. */
    public int linksFor(double chainMm) {
        return (int) Math.max(1, Math.ceil((chainMm - wholeMm) / pitchMm + 1 - STAYS_MM));
    }

    private static List<CentreLine.Station> of(StrandWork work, Element element) {
        double from = work.cut().fromMm(element.id());
        double to = from + work.cut().wireMm(element.id());
        return work.stations().stream()
                .filter(s -> s.wireMm() >= from - STAYS_MM && s.wireMm() <= to + STAYS_MM)
                .toList();
    }

    private static Vector3D middle(List<CentreLine.Station> eye) {
        return eye.stream()
                .map(s -> s.pose().position())
                .reduce(Vector3D.ZERO, Vector3D::add)
                .scalarMultiply(1.0 / eye.size());
    }

    private static Bearing farthest(StrandWork work, List<CentreLine.Station> eye, Vector3D point) {
        int far = 0;
        for (int i = 1; i < eye.size(); i++) {
            if (distance(eye, i, point) > distance(eye, far, point)) {
                far = i;
            }
        }
        CentreLine.Station station = eye.get(far);
        Run run = work.finished().runs().get(station.piece());
        return new Bearing(between(eye, far, point), run.inPlaneMm(station.alongMm()));
    }

    private static double distance(List<CentreLine.Station> eye, int i, Vector3D point) {
        return eye.get(i).pose().position().distance(point);
    }

    /** The farthest point of the parabola through a drawn point and its neighbours. */
    private static Vector3D between(List<CentreLine.Station> eye, int i, Vector3D point) {
        Vector3D here = eye.get(i).pose().position();
        if (i == 0 || i == eye.size() - 1) {
            return here;
        }
        Vector3D before = eye.get(i - 1).pose().position();
        Vector3D after = eye.get(i + 1).pose().position();
        double left = before.distance(point);
        double most = here.distance(point);
        double right = after.distance(point);
        double bend = left - 2 * most + right;
        if (!(bend < 0)) {
            return here;
        }
        double at = Math.max(-0.5, Math.min(0.5, (left - right) / (2 * bend)));
        return new Vector3D(at * (at - 1) / 2, before, 1 - at * at, here, at * (at + 1) / 2, after);
    }

    /** Which way an eye faces, seen along the chain; nothing where it faces along it. */
    private static Optional<Vector3D> across(List<CentreLine.Station> eye, Vector3D along) {
        Vector3D middle = middle(eye);
        Vector3D faces = Vector3D.ZERO;
        for (int i = 1; i < eye.size(); i++) {
            Vector3D from = eye.get(i - 1).pose().position().subtract(middle);
            Vector3D to = eye.get(i).pose().position().subtract(middle);
            faces = faces.add(from.crossProduct(to));
        }
        Vector3D across = faces.subtract(along.scalarMultiply(faces.dotProduct(along)));
        return across.getNorm() > ON_LINE * faces.getNorm() ? Optional.of(across.normalize()) : Optional.empty();
    }

    /** From −90° to 90°: an eye looks the same from both sides. */
    private static double turn(Optional<Vector3D> a, Optional<Vector3D> b, Vector3D along) {
        if (a.isEmpty() || b.isEmpty()) {
            return 0;
        }
        double apart = Math.atan2(
                b.get().crossProduct(a.get()).dotProduct(along), b.get().dotProduct(a.get()));
        double turn = Math.IEEEremainder(Math.PI / 2 - apart, Math.PI);
        return Math.abs(turn) < ON_LINE ? 0 : turn;
    }
}
