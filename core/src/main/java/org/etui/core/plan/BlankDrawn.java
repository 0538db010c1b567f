package org.etui.core.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.etui.core.act.Act;
import org.etui.core.curve.Pose;
import org.etui.core.element.Outline;
import org.etui.core.piece.Body;
import org.etui.core.piece.FoldedSheet;
import org.etui.core.piece.Part;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Solid;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.prep.PreparedGeometry;
import org.locationtech.jts.geom.prep.PreparedGeometryFactory;

/**
 * A blank with all that was punched and struck into it, about its own middle, mm.
 *
 * @param front its outline
 * @param holes its holes
 * @param dimples what is struck into it; empty for none
 * @param folded how it is folded; empty where it stays flat
 */
record BlankDrawn(Outline front, List<Body.Hole> holes, Optional<Act.Dimple> dimples, Optional<FoldedSheet> folded) {
    /** More dimples than that are a blur. */
    private static final int MOST_DIMPLES = 300;

    /** What is turned away further than that is seen on its edge, as a cosine. */
    private static final double EDGE_ON = 0.3;

    private static final int ROUND_POINTS = 20;
    private static final int MOST_TRIES = 200;

    /** A field that lacks room is tried again so much closer. */
    private static final double CLOSER = 0.98;

    /** From rim to middle a dimple is drawn in such rounds, as shares of its radius. */
    private static final double[] ROUNDS = {1, 0.6};

    private static final GeometryFactory GEOMETRY = new GeometryFactory();

    /** As its body says, else a round of its size; a hole that is only pierced is in its middle. */
    static BlankDrawn of(Piece piece, Part part) {
        List<Act> acts = piece.work().stream()
                .map(w -> w.act())
                .filter(a -> a.doing().blank().filter(part.id()::equals).isPresent())
                .toList();
        List<Body.Hole> own = part.body().map(Body::holes).orElse(List.of());
        List<Body.Hole> pierced = acts.stream()
                .flatMapToDouble(a -> a.doing().onBlank().orElseThrow().piercesMm().stream())
                .mapToObj(Body.Hole::through)
                .toList();
        return new BlankDrawn(
                part.body().flatMap(Body::front).orElseGet(() -> new Outline.Round(part.sizeMm())),
                own.isEmpty() ? pierced : own,
                acts.stream()
                        .flatMap(a -> a instanceof Act.Dimple struck ? Stream.of(struck) : Stream.empty())
                        .findFirst(),
                FoldedSheet.of(part));
    }

    /** Hung from an eye by the hole that is furthest from its middle; without such a hole its middle lies in the eye's. */
    Pose hung(Vector3D eye, double eyeMm, Vector3D outward) {
        Optional<Body.Hole> hole = holes.stream()
                .filter(h -> Math.hypot(h.atMm().get(0), h.atMm().get(1)) > 0)
                .max(Comparator.comparingDouble(
                        h -> Math.hypot(h.atMm().get(0), h.atMm().get(1))));
        if (hole.isEmpty()) {
            return new Pose(eye, Pose.START.frame());
        }
        Vector3D at = new Vector3D(hole.get().atMm().get(0), hole.get().atMm().get(1), 0);
        Pose turned =
                Pose.inPlane(0, 0, Math.atan2(outward.getY(), outward.getX()) - Math.atan2(-at.getY(), -at.getX()));
        Vector3D to = eye.add((eyeMm + hole.get().diameterMm()) / 2, outward);
        return new Pose(to.subtract(turned.at(at)), turned.frame());
    }

    /** All of its figures where it lies. */
    List<PartDrawn.Line> lines(Pose there) {
        if (folded.isPresent()) {
            return folded(folded.get(), there);
        }
        List<PartDrawn.Line> lines = new ArrayList<>();
        lines.add(line(there, Solid.way(front, PartDrawn.STEP_RAD), PartDrawn.Face.SOLID, 0));
        for (Act.Dimple struck : dimples.stream().toList()) {
            for (Coordinate at : field(struck)) {
                for (double share : ROUNDS) {
                    // Half-way to the next round the cap is as deep as that of a sphere nearly is: a parabola.
                    double out = share == 1 ? (1 + ROUNDS[1]) / 2 : ROUNDS[1] / 2;
                    lines.add(line(
                            there,
                            round(at, share * struck.acrossMm() / 2),
                            PartDrawn.Face.DIMPLE,
                            Recess.ofHollow(struck.deepMm() * (1 - out * out))));
                }
            }
        }
        for (Body.Hole hole : holes) {
            Coordinate at = new Coordinate(hole.atMm().get(0), hole.atMm().get(1));
            lines.add(line(there, round(at, hole.diameterMm() / 2), PartDrawn.Face.HOLE, 0));
        }
        return lines;
    }

    /** Strip by strip, what lies deeper first; of a strip seen on its edge the edge as well. */
    private List<PartDrawn.Line> folded(FoldedSheet sheet, Pose there) {
        Geometry flat = GEOMETRY.createPolygon(ring()).buffer(0);
        double wide = flat.getEnvelopeInternal().getWidth();
        List<Strip> strips = sheet.strips().stream()
                .map(s -> new Strip(s, sheet.at((s.fromMm() + s.toMm()) / 2)))
                .sorted(Comparator.comparingDouble(s -> there.at(
                                new Vector3D(0, s.middle().upMm(), s.middle().frontMm()))
                        .getZ()))
                .toList();
        List<PartDrawn.Line> lines = new ArrayList<>();
        for (Strip strip : strips) {
            double from = strip.flat().fromMm();
            double to = strip.flat().toMm();
            Envelope band = new Envelope(-wide, wide, from, to);
            List<double[]> way = Stream.of(
                            flat.intersection(GEOMETRY.toGeometry(band)).getCoordinates())
                    .map(c -> lies(sheet, c.x, c.y))
                    .toList();
            if (way.size() > 2) {
                lines.add(new PartDrawn.Line(placed(there, way), 0));
                if (strip.onEdge()) {
                    lines.add(new PartDrawn.Line(
                            placed(there, edge(way, sheet.sheet().thicknessMm())), 0));
                }
                holes.stream()
                        .filter(h -> !strip.onEdge()
                                && h.atMm().get(1) >= from
                                && h.atMm().get(1) < to)
                        .map(h -> round(new Coordinate(h.atMm().get(0), h.atMm().get(1)), h.diameterMm() / 2).stream()
                                .map(p -> lies(sheet, p[0], p[1]))
                                .toList())
                        .map(hole -> new PartDrawn.Line(placed(there, hole), 0, PartDrawn.Face.HOLE, 0))
                        .forEach(lines::add);
            }
        }
        return lines;
    }

    /**
     * A strip and where its middle comes to lie.
     *
     * @param flat its lines on the flat sheet
     * @param middle where it lies
     */
    private record Strip(FoldedSheet.Strip flat, FoldedSheet.Place middle) {
        boolean onEdge() {
            return Math.abs(Math.cos(middle.turnedRad())) < EDGE_ON;
        }
    }

    /** The edge that it turns to the front, as thick as the sheet. */
    private static List<double[]> edge(List<double[]> way, double thickMm) {
        double left = way.stream().mapToDouble(p -> p[0]).min().orElseThrow();
        double right = way.stream().mapToDouble(p -> p[0]).max().orElseThrow();
        double up = way.stream().mapToDouble(p -> p[1]).average().orElseThrow();
        double front = way.stream().mapToDouble(p -> p[2]).max().orElseThrow();
        double half = thickMm / 2;
        return List.of(
                new double[] {left, up - half, front},
                new double[] {right, up - half, front},
                new double[] {right, up + half, front},
                new double[] {left, up + half, front},
                new double[] {left, up - half, front});
    }

    private static double[] lies(FoldedSheet sheet, double x, double y) {
        FoldedSheet.Place at = sheet.at(y);
        return new double[] {x, at.upMm(), at.frontMm()};
    }

    private static List<double[]> placed(Pose there, List<double[]> way) {
        return way.stream().map(p -> there.at(new Vector3D(p)).toArray()).toList();
    }

    private Coordinate[] ring() {
        Coordinate[] ring =
                Solid.way(front).stream().map(p -> new Coordinate(p[0], p[1])).toArray(Coordinate[]::new);
        ring[ring.length - 1] = ring[0];
        return ring;
    }

    private static PartDrawn.Line line(Pose there, List<double[]> way, PartDrawn.Face face, double recess) {
        List<double[]> points = way.stream()
                .map(p -> there.at(new Vector3D(p[0], p[1], 0)).toArray())
                .toList();
        return new PartDrawn.Line(points, 0, face, recess);
    }

    private static List<double[]> round(Coordinate at, double radiusMm) {
        return IntStream.range(0, ROUND_POINTS)
                .mapToObj(i -> 2 * Math.PI * i / ROUND_POINTS)
                .map(turn -> new double[] {at.x + radiusMm * Math.cos(turn), at.y + radiusMm * Math.sin(turn)})
                .toList();
    }

    /** Where the dimples are: each in the gap of two of the next row, as far apart as the blank has room for, from the middle outward. */
    private List<Coordinate> field(Act.Dimple struck) {
        Geometry room = GEOMETRY.createPolygon(ring()).buffer(0).buffer(-struck.acrossMm() / 2);
        for (Body.Hole hole : holes) {
            room = room.difference(GEOMETRY.createPoint(
                            new Coordinate(hole.atMm().get(0), hole.atMm().get(1)))
                    .buffer((hole.diameterMm() + struck.acrossMm()) / 2));
        }
        if (room.isEmpty()) {
            return List.of();
        }
        int count = Math.min(MOST_DIMPLES, struck.dimples());
        double apart = Math.sqrt(2 / Math.sqrt(3) * room.getArea() / count);
        List<Coordinate> found = grid(room, apart);
        for (int i = 0; i < MOST_TRIES && found.size() < count; i++) {
            apart *= CLOSER;
            found = grid(room, apart);
        }
        Coordinate middle = room.getCentroid().getCoordinate();
        return found.stream()
                .sorted(Comparator.comparingDouble(middle::distance))
                .limit(count)
                .toList();
    }

    private static List<Coordinate> grid(Geometry room, double apart) {
        PreparedGeometry within = PreparedGeometryFactory.prepare(room);
        Coordinate middle = room.getCentroid().getCoordinate();
        double row = apart * Math.sqrt(3) / 2;
        // The centroid lies within the room's box, so all of that is reached from it.
        int rows = (int) Math.ceil(room.getEnvelopeInternal().getHeight() / row);
        int across = (int) Math.ceil(room.getEnvelopeInternal().getWidth() / apart);
        List<Coordinate> found = new ArrayList<>();
        for (int j = -rows; j <= rows; j++) {
            for (int i = -across - 1; i <= across; i++) {
                Coordinate at = new Coordinate(middle.x + (i + Math.floorMod(j, 2) / 2.0) * apart, middle.y + j * row);
                if (within.contains(GEOMETRY.createPoint(at))) {
                    found.add(at);
                }
            }
        }
        return found;
    }
}
