package org.etui.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.etui.core.check.Term;
import org.etui.core.curve.Pose;
import org.etui.core.element.Element;
import org.etui.core.element.Outline;
import org.etui.core.piece.Body;
import org.etui.core.piece.Join;
import org.etui.core.piece.Part;
import org.etui.core.piece.PartKind;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Place;
import org.hipparchus.geometry.euclidean.threed.Rotation;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;

/**
 * What is not wire, drawn where it sits: beads on their run, a stone within its frame, a cord through its coil or loop, a ring in its eye. Seen
 * from the front; how it lies behind that is told by one height.
 *
 * @param part its id
 * @param kind what it is
 * @param on where it sits: strand.element
 * @param over whether it is drawn over the wire
 * @param lines what is drawn, several where there are several of it
 */
public record PartDrawn(
        @Term("its id") String part,
        @Term("what it is") PartKind kind,
        @Term("where it sits: strand.element") String on,
        @Term("whether it is drawn over the wire") boolean over,

        @Term("what is drawn, several where there are several of it")
        List<Line> lines) {

    /**
     * A figure.
     *
     * @param points x, y, z, mm
     * @param strokeMm how wide the line is drawn; 0 where it is the outline of a solid
     * @param face what it is the outline of
     * @param recess how hidden from a polishing tool what it encloses is: 0 a high place, 1 where no tool comes
     */
    public record Line(
            @Term("x, y, z, mm") List<double[]> points,

            @Term("how wide the line is drawn, mm; 0 where it is the outline of a solid")
            double strokeMm,

            @Term("what it is the outline of") Face face,

            @Term("how hidden from a polishing tool what it encloses is: 0 a high place, 1 where no tool comes")
            double recess) {
        /** Of a solid. */
        Line(List<double[]> points, double strokeMm) {
            this(points, strokeMm, Face.SOLID, 0);
        }
    }

    /** What a figure encloses. */
    public enum Face {
        /** The thing itself. */
        SOLID,
        /** A hole through it. */
        HOLE,
        /** A dimple struck into it. */
        DIMPLE
    }

    private static final int ROUND_POINTS = 32;

    /** So many alike are drawn, and so many figures in all: more is only a blur, and would fill the answer. */
    private static final int MOST_ALIKE = 60;

    private static final int MOST_FIGURES = 2000;

    /** A stone is drawn with so many corners: closer than the eye sees. */
    private static final int MOST_CORNERS = 90;

    /** A round is drawn in chords of that: no corner is seen. */
    static final double STEP_RAD = Math.toRadians(4);

    private static final int FACETS = 8;

    /** A barrel is this much slimmer at its ends (engineering estimate). */
    private static final double BARREL_ENDS = 0.65;

    /** So far a cord is drawn beyond what holds it, as many times its thickness (engineering estimate). */
    private static final double CORD_SHOWN = 1.2;

    private static final double LEAST_ASIDE_MM = 1e-6;

    private static final double FULL_TURN_RAD = 2 * Math.PI;
    private static final GeometryFactory GEOMETRY = new GeometryFactory();

    /** The parts of a piece that sit somewhere, in order. */
    static List<PartDrawn> of(Piece piece, List<Plan.StrandPlan> strands) {
        List<PartDrawn> drawn = new ArrayList<>();
        int most = Math.max(
                1, Math.min(MOST_ALIKE, MOST_FIGURES / Math.max(1, piece.parts().size())));
        for (Part part : piece.parts()) {
            seat(piece, part)
                    .flatMap(on -> Seat.of(piece, strands, on))
                    .map(seat -> new PartDrawn(
                            part.id(),
                            part.kind(),
                            seat.strand().id() + "." + seat.element().id(),
                            isOver(part.kind()),
                            lines(piece, part, seat, most)))
                    .ifPresent(drawn::add);
        }
        return List.copyOf(drawn);
    }

    private static boolean isOver(PartKind kind) {
        return kind == PartKind.BEAD || kind == PartKind.SPACER || kind == PartKind.FINDING;
    }

    /** Where it sits: said by itself, by what lies on it, or by what it is joined to. */
    private static Optional<String> seat(Piece piece, Part part) {
        return part.on()
                .or(() -> piece.strands().stream()
                        .flatMap(s -> s.elements().stream()
                                .filter(e -> e.sitsOn().contains(part.id()))
                                .map(e -> s.id() + "." + e.id()))
                        .findFirst())
                .or(() -> piece.joins().stream()
                        .filter(j -> j.a().equals(part.id()) || j.b().equals(part.id()))
                        .map((Join j) -> j.other(part.id()))
                        .filter(a -> a.indexOf('.') > 0)
                        .findFirst());
    }

    /** As a solid where it has a place of its own or something lies on it. */
    private static List<Line> lines(Piece piece, Part part, Seat seat, int most) {
        Optional<Outline> own = part.body().flatMap(Body::front);
        boolean lies = own.isPresent() && (seat.isSeat(part) || !part.place().equals(Place.FREE));
        if (lies && part.kind() != PartKind.BLANK) {
            return SolidSeen.fromTheFront(part).stream()
                    .map(figure -> new Line(figure, 0))
                    .toList();
        }
        return switch (part.kind()) {
            case BEAD, SPACER -> beads(part, seat, most, strung(piece, seat));
            case STONE -> List.of(stone(part, seat));
            case CORD -> List.of(cord(part, seat));
            case FINDING -> List.of(ring(part, seat));
            case BLANK -> {
                BlankDrawn blank = BlankDrawn.of(piece, part);
                Pose there = blank.folded().isPresent() && part.on().isPresent()
                        ? seat.beside(part.place())
                        : lies ? part.place().pose() : blank.hung(seat.middle(), seat.insideMm(), seat.outward());
                yield blank.lines(there);
            }
        };
    }

    /** How many loops are strung where it sits. */
    private static int strung(Piece piece, Seat seat) {
        String address = seat.strand().id() + "." + seat.element().id();
        return (int) piece.joins().stream()
                .filter(j -> j.how().filter(Join.How.THREADED::equals).isPresent())
                .filter(j -> j.a().equals(address) || j.b().equals(address))
                .filter(j -> j.other(address).indexOf('.') > 0)
                .count();
    }

    /** One beside the other along the run, in its middle; shared out between loops that are strung with them. */
    private static List<Line> beads(Part part, Seat seat, int most, int loops) {
        double each = part.stackMm() / part.count();
        Vector3D along = seat.heading();
        int gaps = loops > 1 && part.count() % (loops - 1) == 0 ? loops - 1 : 1;
        int inGap = part.count() / gaps;
        double room =
                seat.points().get(0).distance(seat.points().get(seat.points().size() - 1)) - part.stackMm();
        double pitch = inGap * each + (gaps > 1 ? Math.max(0, room / loops) : 0);
        List<Line> beads = new ArrayList<>();
        for (int i = 0; i < Math.min(most, part.count()); i++) {
            double gap = (i / inGap - (gaps - 1) / 2.0) * pitch;
            double within = (i % inGap - (inGap - 1) / 2.0) * each;
            beads.add(bead(part, seat.halfway().add(gap + within, along), along, each));
        }
        return beads;
    }

    private static Line bead(Part part, Vector3D at, Vector3D along, double lengthMm) {
        Optional<Body.Bead> body =
                part.body().filter(b -> b instanceof Body.Bead).map(b -> (Body.Bead) b);
        Body.BeadForm form = body.map(Body.Bead::form).orElse(Body.BeadForm.ROUND);
        double half = body.map(Body.Bead::diameterMm).orElse(part.sizeMm()) / 2;
        Vector3D aside = new Vector3D(-along.getY(), along.getX(), 0);
        int count = form == Body.BeadForm.FACETED ? FACETS : ROUND_POINTS;
        List<double[]> points = new ArrayList<>();
        for (int i = 0; i <= count; i++) {
            double turn = FULL_TURN_RAD * (i + 0.5) / count;
            double x = Math.cos(turn);
            double y = Math.sin(turn);
            if (form == Body.BeadForm.TUBE || form == Body.BeadForm.BARREL) {
                double most = Math.max(Math.abs(x), Math.abs(y));
                x = x / most;
                y = y / most * (form == Body.BeadForm.BARREL ? 1 - (1 - BARREL_ENDS) * x * x : 1);
            }
            points.add(point(at.add(x * lengthMm / 2, along).add(y * half, aside)));
        }
        return new Line(points, 0);
    }

    /** What its frame leaves room for; a round of its size where nothing goes round it. */
    private static Line stone(Part part, Seat seat) {
        List<Vector3D> girth = seat.girth();
        if (girth.size() < FACETS) {
            return round(seat.middle(), part.sizeMm() / 2, 0);
        }
        List<Coordinate> ring = new ArrayList<>(IntStream.iterate(
                        0, i -> i < girth.size(), i -> i + 1 + girth.size() / MOST_CORNERS)
                .mapToObj(i -> new Coordinate(girth.get(i).getX(), girth.get(i).getY()))
                .toList());
        ring.add(ring.get(0));
        Geometry inside = GEOMETRY.createPolygon(ring.toArray(Coordinate[]::new))
                .buffer(0)
                .buffer(-seat.strand().bought().wire().section().inPlaneMm() / 2);
        double z = girth.stream().mapToDouble(Vector3D::getZ).average().orElse(0);
        if (!(inside instanceof Polygon polygon) || polygon.isEmpty()) {
            return round(seat.middle(), part.sizeMm() / 2, 0);
        }
        return new Line(
                Stream.of(polygon.getExteriorRing().getCoordinates())
                        .map(c -> new double[] {c.x, c.y, z})
                        .toList(),
                0);
    }

    /** Along the axis of what is wound round it, and on; through a loop it is seen from its end. */
    private static Line cord(Part part, Seat seat) {
        Vector3D axis = seat.axis();
        double thick = part.sizeMm();
        if (axis.getNorm() < thick / 2 || new Vector3D(axis.getX(), axis.getY(), 0).getNorm() < thick / 2) {
            return round(seat.middle(), thick / 2, 0);
        }
        Vector3D on = axis.normalize();
        Vector3D out = on.dotProduct(seat.outward()) < 0 ? on.negate() : on;
        double half = axis.getNorm() / 2;
        return new Line(
                List.of(
                        point(seat.middle().subtract(half, out)),
                        point(seat.middle().add(half + CORD_SHOWN * thick, out))),
                thick);
    }

    /** In the eye, its wire against the side that it pulls to. */
    private static Line ring(Part part, Seat seat) {
        double wire = Piece.RING_WIRE * part.sizeMm();
        double radius = (part.sizeMm() - wire) / 2;
        double eye = seat.insideMm() / 2 - wire / 2;
        return round(seat.middle().add(Math.max(0, eye) + radius, seat.outward()), radius, wire);
    }

    private static Line round(Vector3D at, double radiusMm, double strokeMm) {
        List<double[]> points = new ArrayList<>();
        for (int i = 0; i <= ROUND_POINTS; i++) {
            double turn = FULL_TURN_RAD * i / ROUND_POINTS;
            points.add(new double[] {
                at.getX() + radiusMm * Math.cos(turn), at.getY() + radiusMm * Math.sin(turn), at.getZ()
            });
        }
        return new Line(points, strokeMm);
    }

    private static double[] point(Vector3D p) {
        return p.toArray();
    }

    /**
     * An element as it is drawn.
     *
     * @param strand its strand
     * @param element the element
     * @param points its centre line as it is drawn
     * @param round ids of those that go round a stone
     * @param seats all that something of the piece lies on
     */
    private record Seat(
            Plan.StrandPlan strand,
            Plan.ElementPlan element,
            List<Vector3D> points,
            Set<String> round,
            Set<String> seats) {
        static Optional<Seat> of(Piece piece, List<Plan.StrandPlan> strands, String address) {
            int dot = address.indexOf('.');
            return strands.stream()
                    .filter(s -> dot > 0 && s.id().equals(address.substring(0, dot)))
                    .flatMap(s -> s.elements().stream()
                            .filter(e -> e.id().equals(address.substring(dot + 1)))
                            .map(e -> new Seat(s, e, drawn(s, e), round(piece, s.id()), seats(piece))))
                    .filter(s -> !s.points.isEmpty())
                    .findFirst();
        }

        /** All that something lies on. */
        private static Set<String> seats(Piece piece) {
            return piece.strands().stream()
                    .flatMap(s -> s.elements().stream())
                    .flatMap(e -> e.sitsOn().stream())
                    .collect(Collectors.toSet());
        }

        boolean isSeat(Part part) {
            return seats.contains(part.id());
        }

        private static Set<String> round(Piece piece, String strand) {
            return piece.strand(strand).stream()
                    .flatMap(s -> s.elements().stream())
                    .filter(e -> e.hanging().frame())
                    .map(Element::id)
                    .collect(Collectors.toSet());
        }

        /** What takes no wire, such as the head of a pin, ends where the element begins. */
        private static List<Vector3D> drawn(Plan.StrandPlan strand, Plan.ElementPlan element) {
            double from = element.along().fromMm();
            List<double[]> within = strand.drawn().outline().stream()
                    .filter(p -> p[3] >= from && p[3] <= element.along().toMm())
                    .toList();
            long before = within.stream().filter(p -> p[3] == from).count() - 1;
            return within.stream()
                    .skip(element.along().toMm() > from ? Math.max(0, before) : 0)
                    .map(p -> new Vector3D(p[0], p[1], p[2]))
                    .toList();
        }

        /** All of its strand that goes round a stone. */
        List<Vector3D> girth() {
            return strand.elements().stream()
                    .filter(e -> round.contains(e.id()))
                    .flatMap(e -> drawn(strand, e).stream())
                    .toList();
        }

        Vector3D heading() {
            Vector3D way = points.get(points.size() - 1).subtract(points.get(0));
            return way.getNorm() == 0 ? Vector3D.PLUS_I : way.normalize();
        }

        Vector3D halfway() {
            return new Vector3D(0.5, points.get(0), 0.5, points.get(points.size() - 1));
        }

        Vector3D middle() {
            return element.formed().centre().map(Vector3D::new).orElseGet(() -> mean(points));
        }

        double insideMm() {
            return element.formed().finished().map(f -> f.insideMm().orElse(0)).orElse(0.0);
        }

        /** About its middle: across is the way that the longer wire beside it leads, up the side that this lies on; turned, then moved. */
        Pose beside(Place place) {
            List<Vector3D> arm = arm();
            Vector3D across = arm.get(1).subtract(arm.get(0)).normalize();
            Vector3D off = arm.get(0).subtract(middle());
            // Its axis, square to the arm; turns that all lie in one plane have none.
            Vector3D axis = axis();
            Vector3D along = axis.subtract(axis.dotProduct(across), across);
            Vector3D square = along.getNorm() < LEAST_ASIDE_MM ? Vector3D.PLUS_K : along.normalize();
            Vector3D up = off.subtract(off.dotProduct(across), across).subtract(off.dotProduct(square), square);
            if (up.getNorm() < LEAST_ASIDE_MM) {
                up = across.orthogonal();
            }
            Rotation frame = new Rotation(Vector3D.PLUS_I, Vector3D.PLUS_J, across, up.normalize());
            Vector3D halfway = middle().add(mean(points).subtract(middle()).dotProduct(square), square);
            Pose turned = new Pose(halfway, frame).then(Pose.inPlane(0, 0, Math.toRadians(place.rotDeg())));
            return new Pose(turned.at(new Vector3D(place.xMm(), place.yMm(), place.zMm())), turned.frame());
        }

        /** The longer wire beside it, from it to its far end; of one by itself its own. */
        private List<Vector3D> arm() {
            int at = strand.elements().indexOf(element);
            List<Vector3D> before = at > 0 ? drawn(strand, strand.elements().get(at - 1)) : List.of();
            List<Vector3D> after = at + 1 < strand.elements().size()
                    ? drawn(strand, strand.elements().get(at + 1))
                    : List.of();
            if (lengthMm(before) > lengthMm(after)) {
                return List.of(before.get(before.size() - 1), before.get(0));
            }
            List<Vector3D> own = lengthMm(after) < LEAST_ASIDE_MM ? points : after;
            return lengthMm(own) < LEAST_ASIDE_MM
                    ? List.of(Vector3D.ZERO, Vector3D.PLUS_I)
                    : List.of(own.get(0), own.get(own.size() - 1));
        }

        private static double lengthMm(List<Vector3D> way) {
            return way.size() < 2 ? 0 : way.get(0).distance(way.get(way.size() - 1));
        }

        /** From the middle of its first turn to that of its last. */
        Vector3D axis() {
            int turn = Math.max(1, (int) Math.min(points.size() / 2.0, points.size() / Math.max(1, turns())));
            return mean(points.subList(points.size() - turn, points.size())).subtract(mean(points.subList(0, turn)));
        }

        private double turns() {
            double turned = 0;
            for (int i = 2; i < points.size(); i++) {
                Vector3D before = points.get(i - 1).subtract(points.get(i - 2));
                Vector3D after = points.get(i).subtract(points.get(i - 1));
                turned += before.getNorm() * after.getNorm() == 0 ? 0 : Vector3D.angle(before, after);
            }
            return turned / FULL_TURN_RAD;
        }

        /** Away from the rest of its strand. */
        Vector3D outward() {
            Vector3D rest = mean(strand.drawn().outline().stream()
                    .map(p -> new Vector3D(p[0], p[1], p[2]))
                    .toList());
            Vector3D out = middle().subtract(rest);
            Vector3D flat = new Vector3D(out.getX(), out.getY(), 0);
            // A ring by itself hangs nowhere: what hangs in it hangs down.
            double least = strand.bought().wire().section().thicknessMm() / 2;
            return flat.getNorm() < least ? Vector3D.MINUS_J : flat.normalize();
        }

        private static Vector3D mean(List<Vector3D> points) {
            Vector3D sum = Vector3D.ZERO;
            for (Vector3D p : points) {
                sum = sum.add(p);
            }
            return sum.scalarMultiply(1.0 / points.size());
        }
    }
}
