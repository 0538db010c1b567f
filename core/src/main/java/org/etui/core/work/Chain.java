package org.etui.core.work;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.etui.core.curve.CentreLine;
import org.etui.core.element.Element;
import org.etui.core.piece.Join;
import org.etui.core.piece.Joined;
import org.etui.core.piece.Piece;
import org.etui.core.piece.PressedFold;
import org.etui.core.piece.Strand;
import org.hipparchus.geometry.euclidean.threed.Rotation;
import org.hipparchus.geometry.euclidean.threed.RotationConvention;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.hipparchus.geometry.euclidean.twod.Vector2D;

/**
 * Alike links hung in each other: an eye of each in an eye of the one before, or a fold of each round both legs of the one before. A link that is pulled at both ends lies so that its two bearing points
 * are as far apart as its eyes let them (least potential energy), and the wires cross there, the inside of one on the inside of the other. The pitch
 * is that distance less half of each thickness; n links are n − 1 pitches and one whole link long. Points lie between drawn ones on the parabola
 * through three of them: within 0.001 mm of a circle of 20 mm.
 *
 * @param links how many
 * @param pitchMm from a bearing point to the same of the next link, mm
 * @param wholeMm a link from outside to outside along the chain, mm
 * @param from where a link hangs in the one before it, middle of its wire, in the frame of its strand, mm
 * @param along which way the chain goes, a unit vector
 * @param about what each link is turned about against the one before: the chain, so that their eyes cross square, or, where a fold goes round legs, a
 *     line across both, so that the fold passes before them and its legs behind; a unit vector
 * @param turnRad how far it is turned, rad
 */
public record Chain(
        int links, double pitchMm, double wholeMm, Vector3D from, Vector3D along, Vector3D about, double turnRad) {
    private static final int MOST_LOOKS = 30;

    /** Where legs go through a fold is looked for in such steps, in thicknesses. */
    private static final double LOOKED_AT = 0.05;

    /** Wires that touch to this have settled, mm. */
    private static final double SETTLED_MM = 0.005;

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
                .map(j -> of(work, j));
    }

    private static Chain of(StrandWork work, Joined join) {
        Element one = join.a().element().orElseThrow();
        Element other = join.b().element().orElseThrow();
        if (isOnLegs(work, one, other)) {
            return onLegs(work, one, other);
        }
        return isOnLegs(work, other, one) ? onLegs(work, other, one) : of(work, one, other);
    }

    private static boolean isOnLegs(StrandWork work, Element fold, Element leg) {
        return !leg.isBent() && PressedFold.of(work.strand(), fold).isPresent();
    }

    /**
     * A fold laid round both legs of the link before it slides along them until its wire, square across them, rests on what the legs go over into: the
     * rims of the scrolls. It leans so far that they go through between its bend and its own legs.
     */
    private static Chain onLegs(StrandWork work, Element fold, Element leg) {
        List<Bearing> round = of(work, fold, Vector3D.ZERO);
        Vector3D begins = round.get(0).at();
        Vector3D ends = round.get(round.size() - 1).at();
        Vector3D centre = begins.add(ends).scalarMultiply(0.5);
        List<Bearing> straight = of(work, leg, Vector3D.ZERO);
        Vector3D one = straight.get(0).at();
        Vector3D other = straight.get(straight.size() - 1).at();
        boolean nearer = one.distance(centre) < other.distance(centre);
        Vector3D along = (nearer ? other.subtract(one) : one.subtract(other)).normalize();
        double starts = (nearer ? one : other).subtract(centre).dotProduct(along);
        double rests = (nearer ? other : one).subtract(centre).dotProduct(along);
        double radius = begins.distance(ends) / 2;
        double farthest = 0;
        double beside = beside(one.subtract(centre), along);
        List<Bearing> rims = new ArrayList<>();
        List<Vector3D> eye = new ArrayList<>();
        for (CentreLine.Station station : work.stations()) {
            Vector3D at = station.pose().position().subtract(centre);
            double way = at.dotProduct(along);
            double thickness = thickness(work, station);
            double off = beside(at, along) - radius;
            if (way > starts && Math.abs(off) < thickness) {
                rests = Math.min(rests, way - Math.sqrt(thickness * thickness - off * off));
            }
            if (way > starts && Math.abs(off) < radius - beside) {
                rims.add(new Bearing(station.pose().position(), thickness));
            }
            if (way < starts) {
                eye.add(at);
            }
            farthest = Math.max(farthest, way + thickness / 2);
        }
        double thickness = round.get(0).thicknessMm();
        List<Vector2D> seen = eye.stream()
                .map(p -> new Vector2D(p.dotProduct(along), beside(p, along) - beside))
                .toList();
        double through = 0;
        double lean = Double.POSITIVE_INFINITY;
        for (double at = -radius; at < starts; at += thickness * LOOKED_AT) {
            double sine = lean(seen, at, thickness);
            if (sine < lean) {
                lean = sine;
                through = at;
            }
        }
        Vector3D from = centre.add(along.scalarMultiply(through));
        Vector3D about = ends.subtract(begins).normalize();
        Rotation turn = new Rotation(about, Math.asin(Math.min(1, lean)), RotationConvention.VECTOR_OPERATOR);
        List<Bearing> leant = eye.stream()
                .map(p -> new Bearing(from.add(turn.applyTo(centre.add(p).subtract(from))), thickness))
                .toList();
        return new Chain(
                work.strand().count(),
                rims.isEmpty() ? rests : settled(leant, rims, along, rests, thickness),
                radius + thickness / 2 + farthest,
                from,
                along,
                about,
                turn.getAngle());
    }

    private static double beside(Vector3D at, Vector3D along) {
        return at.subtract(along.scalarMultiply(at.dotProduct(along))).getNorm();
    }

    /**
     * The sine of the angle by which a fold leans against legs that go through it, so that no point of it is nearer to them than a thickness: (√(t² −
     * b²))/|w| for each, w its way from where they go through and b how far beside them it is.
     *
     * @param eye points of the fold and what is pressed in behind it: along, and beside the legs, mm
     */
    private static double lean(List<Vector2D> eye, double throughMm, double thicknessMm) {
        return eye.stream()
                .filter(p -> Math.abs(p.getY()) < thicknessMm)
                .mapToDouble(p -> Math.sqrt(thicknessMm * thicknessMm - p.getY() * p.getY())
                        / Math.max(STAYS_MM, Math.abs(p.getX() - throughMm)))
                .max()
                .orElse(0);
    }

    private static double thickness(StrandWork work, CentreLine.Station station) {
        return work.finished().runs().get(station.piece()).inPlaneMm(station.alongMm());
    }

    private static Chain of(StrandWork work, Element one, Element other) {
        Vector3D aside = asideOf(work, one, other);
        List<Bearing> a = of(work, one, asideOf(work, other, one));
        List<Bearing> b = of(work, other, aside);
        Bearing first = new Bearing(middle(a), 0);
        Bearing last = new Bearing(middle(b), 0);
        for (int look = 0; look < MOST_LOOKS; look++) {
            Bearing nextFirst = farthest(a, last.at());
            Bearing nextLast = farthest(b, nextFirst.at());
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
        double pitch = way.getNorm() - halves;
        return new Chain(
                work.strand().count(),
                aside.getNorm() > 0 ? settled(a, of(work, other, Vector3D.ZERO), along, pitch, halves) : pitch,
                way.getNorm() + halves,
                first.at(),
                along,
                along,
                turn(across(a, along), across(b, along), along));
    }

    /** Wires that bear beside the middle of a bend, or lean: from where they would be in one place the links come nearer until they only touch, mm. */
    private static double settled(
            List<Bearing> fold, List<Bearing> lies, Vector3D along, double pitchMm, double touchMm) {
        double pitch = pitchMm;
        for (int look = 0; look < MOST_LOOKS; look++) {
            Vector3D moved = along.scalarMultiply(pitch);
            double least = fold.stream()
                    .map(p -> p.at().add(moved))
                    .mapToDouble(p -> lies.stream()
                            .mapToDouble(q -> q.at().distance(p))
                            .min()
                            .orElseThrow())
                    .min()
                    .orElseThrow();
            if (least > touchMm - SETTLED_MM) {
                break;
            }
            pitch -= touchMm - least;
        }
        return pitch;
    }

    /** What lies in a fold with its twin of the other leg bears half-way between the two: how far that is from the one, mm. */
    private static Vector3D asideOf(StrandWork work, Element fold, Element lies) {
        Strand strand = work.strand();
        int at = 2 * strand.elements().indexOf(fold) - strand.elements().indexOf(lies);
        boolean doubled = PressedFold.of(strand, fold).isPresent()
                && at >= 0
                && at < strand.elements().size();
        return doubled
                ? middle(of(work, strand.elements().get(at), Vector3D.ZERO))
                        .subtract(middle(of(work, lies, Vector3D.ZERO)))
                        .scalarMultiply(0.5)
                : Vector3D.ZERO;
    }

    /** The whole chain from outside to outside, pulled straight, mm. */
    public double lengthMm() {
        return (links - 1) * pitchMm + wholeMm;
    }

    /** So many links make a chain at least so long. */
    public int linksFor(double chainMm) {
        return (int) Math.max(1, Math.ceil((chainMm - wholeMm) / pitchMm + 1 - STAYS_MM));
    }

    /** The middle of the wire of an element, moved by so much, as it is drawn. */
    private static List<Bearing> of(StrandWork work, Element element, Vector3D aside) {
        double from = work.cut().fromMm(element.id());
        double to = from + work.cut().wireMm(element.id());
        return work.stations().stream()
                .filter(s -> s.wireMm() >= from - STAYS_MM && s.wireMm() <= to + STAYS_MM)
                .map(s -> new Bearing(s.pose().position().add(aside), thickness(work, s)))
                .toList();
    }

    private static Vector3D middle(List<Bearing> eye) {
        return eye.stream()
                .map(Bearing::at)
                .reduce(Vector3D.ZERO, Vector3D::add)
                .scalarMultiply(1.0 / eye.size());
    }

    private static Bearing farthest(List<Bearing> eye, Vector3D point) {
        int far = 0;
        for (int i = 1; i < eye.size(); i++) {
            if (distance(eye, i, point) > distance(eye, far, point)) {
                far = i;
            }
        }
        return new Bearing(between(eye, far, point), eye.get(far).thicknessMm());
    }

    private static double distance(List<Bearing> eye, int i, Vector3D point) {
        return eye.get(i).at().distance(point);
    }

    /** The farthest point of the parabola through a drawn point and its neighbours. */
    private static Vector3D between(List<Bearing> eye, int i, Vector3D point) {
        Vector3D here = eye.get(i).at();
        if (i == 0 || i == eye.size() - 1) {
            return here;
        }
        Vector3D before = eye.get(i - 1).at();
        Vector3D after = eye.get(i + 1).at();
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
    private static Optional<Vector3D> across(List<Bearing> eye, Vector3D along) {
        Vector3D middle = middle(eye);
        Vector3D faces = Vector3D.ZERO;
        for (int i = 1; i < eye.size(); i++) {
            Vector3D from = eye.get(i - 1).at().subtract(middle);
            Vector3D to = eye.get(i).at().subtract(middle);
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
