package org.etui.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.etui.core.curve.Pose;
import org.etui.core.piece.Body;
import org.etui.core.piece.KeptStone;
import org.etui.core.piece.Part;
import org.etui.core.piece.PartKind;
import org.etui.core.piece.Solid;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.locationtech.jts.algorithm.ConvexHull;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;

/** A solid as it is seen where it lies: its own outline from the front, the faces of a crystal, the hull (JTS) of its sections from elsewhere. */
public final class SolidSeen {
    private static final GeometryFactory GEOMETRY = new GeometryFactory();
    private static final int HEIGHTS = 9;

    /** A face is seen whose normal comes towards the eye by more than this. */
    private static final double EDGE_ON = 1e-6;

    private SolidSeen() {}

    /** A stone by itself, once round it about its middle: across and up, mm. A crystal is seen from its side, tip up; all others from the front. */
    public static List<double[]> byItself(KeptStone stone) {
        Part part = Part.of(
                        stone.id(),
                        PartKind.STONE,
                        stone.material(),
                        stone.body().alongMm(),
                        Optional.empty())
                .withBody(stone.body());
        return outline(part, Vector3D.PLUS_I, stone.body() instanceof Body.Point ? Vector3D.PLUS_K : Vector3D.PLUS_J);
    }

    /** The figures to draw from the front, each of points x, y, z, mm; none for what has no outline. */
    static List<List<double[]>> fromTheFront(Part part) {
        Body body = part.body().orElseThrow();
        Pose there = part.place().pose();
        List<List<double[]>> faces = new Solid(body)
                .faces().stream()
                        .map(f -> f.stream().map(there::at).toList())
                        .filter(f -> normal(f).getZ() > EDGE_ON)
                        .map(f -> f.stream().map(Vector3D::toArray).toList())
                        .toList();
        if (!faces.isEmpty()) {
            return faces;
        }
        if (part.place().tipDeg() != 0) {
            return List.of(outline(part, Vector3D.PLUS_I, Vector3D.PLUS_J).stream()
                    .map(p -> new double[] {
                        part.place().xMm() + p[0],
                        part.place().yMm() + p[1],
                        part.place().zMm()
                    })
                    .toList());
        }
        return body.front()
                .map(front -> List.of(Solid.way(front, PartDrawn.STEP_RAD).stream()
                        .map(p -> there.at(new Vector3D(p[0], p[1], 0)).toArray())
                        .toList()))
                .orElse(List.of());
    }

    /** Newell's method, so long as the face. */
    private static Vector3D normal(List<Vector3D> face) {
        Vector3D sum = Vector3D.ZERO;
        for (int i = 0; i < face.size(); i++) {
            sum = sum.add(face.get(i).crossProduct(face.get((i + 1) % face.size())));
        }
        return sum;
    }

    /** Once round it as it lies, about its place, seen along what stands square to two directions: how far along each, mm. */
    static List<double[]> outline(Part part, Vector3D right, Vector3D up) {
        Solid solid = new Solid(part.body().orElseThrow());
        Pose turned = new Pose(Vector3D.ZERO, part.place().pose().frame());
        if (part.place().tipDeg() == 0 && right.equals(Vector3D.PLUS_I) && up.equals(Vector3D.PLUS_J)) {
            return solid.body().front().map(f -> Solid.way(f)).orElse(List.of()).stream()
                    .map(p -> turned.at(new Vector3D(p[0], p[1], 0)))
                    .map(p -> new double[] {p.getX(), p.getY()})
                    .toList();
        }
        List<double[]> way =
                solid.body().front().map(f -> Solid.way(f, PartDrawn.STEP_RAD)).orElse(List.of());
        List<Coordinate> points = new ArrayList<>();
        for (double z : solid.heights(HEIGHTS)) {
            double scale = solid.scale(z);
            way.stream()
                    .map(p -> turned.at(new Vector3D(scale * p[0], scale * p[1], z)))
                    .map(p -> new Coordinate(p.dotProduct(right), p.dotProduct(up)))
                    .forEach(points::add);
        }
        return Stream.of(new ConvexHull(points.toArray(Coordinate[]::new), GEOMETRY)
                        .getConvexHull()
                        .getCoordinates())
                .map(c -> new double[] {c.x, c.y})
                .toList();
    }
}
