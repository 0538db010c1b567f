package org.etui.core.plan;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.etui.core.curve.CentreLine;
import org.etui.core.curve.Pose;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Place;
import org.etui.core.piece.Strand;
import org.etui.core.work.Seats;
import org.etui.core.work.StrandWork;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.locationtech.jts.algorithm.MinimumAreaRectangle;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;

/**
 * How a piece lies in the drawing. What has a seat lies there. Of the others each strand's frame is fixed at the element formed first and moved to its place. Where no
 * strand has a place, each is turned to its long axis, and several are laid one below the other.
 */
final class View {
    /** Forms closer to square than this are not turned. */
    private static final double SQUARE = 1.12;

    private static final double APART_MM = 3;
    private final Map<String, Pose> poses;

    private View(Map<String, Pose> poses) {
        this.poses = poses;
    }

    static View of(Piece piece, List<StrandWork> strands) {
        return of(strands, Seats.of(piece, strands));
    }

    /** The same where it is known how strands lie in one another. */
    static View of(List<StrandWork> strands, Seats seats) {
        Map<String, Pose> poses = new HashMap<>();
        List<StrandWork> alone = new ArrayList<>();
        strands.forEach(w -> seats.pose(w.strand(), poses)
                .ifPresentOrElse(p -> poses.put(w.strand().id(), p), () -> alone.add(w)));
        lay(alone.stream().filter(w -> !seats.isWound(w.strand())).toList(), lowest(strands, poses), poses);
        alone.stream()
                .filter(w -> seats.isWound(w.strand()))
                .forEach(w ->
                        poses.put(w.strand().id(), seats.pose(w.strand(), poses).orElseThrow()));
        return new View(poses);
    }

    /** Of a strand by itself, turned to its long axis. */
    static Pose alone(StrandWork work) {
        return Pose.inPlane(0, 0, -longAxisRad(work));
    }

    /** Where there is room below what lies somewhere, mm. */
    private static double lowest(List<StrandWork> strands, Map<String, Pose> poses) {
        return strands.stream()
                .filter(w -> poses.containsKey(w.strand().id()))
                .mapToDouble(w -> reach(w, poses.get(w.strand().id()))[1] - APART_MM)
                .min()
                .orElse(0);
    }

    /** Those that lie by themselves. */
    private static void lay(List<StrandWork> strands, double fromMm, Map<String, Pose> poses) {
        boolean free = strands.stream().allMatch(s -> s.strand().place().equals(Place.FREE));
        boolean several = strands.size() + poses.size() > 1;
        double below = fromMm;
        for (StrandWork work : strands) {
            Pose pose = free
                    ? Pose.inPlane(0, 0, -longAxisRad(work))
                    : work.strand().place().pose();
            if (free && several) {
                double half = work.strand().wire().section().widthMm() / 2;
                double[] reach = reach(work, pose);
                pose = Pose.inPlane(-reach[0], below - reach[2] - half, 0).then(pose);
                below -= reach[2] - reach[1] + 2 * half + APART_MM;
            }
            poses.put(work.strand().id(), pose);
        }
    }

    /** Least x, least y, greatest y of the middle of the wire. */
    private static double[] reach(StrandWork work, Pose pose) {
        double[] reach = {Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY, Double.NEGATIVE_INFINITY};
        for (CentreLine.Station station : work.stations()) {
            Vector3D p = pose.at(station.pose().position());
            reach[0] = Math.min(reach[0], p.getX());
            reach[1] = Math.min(reach[1], p.getY());
            reach[2] = Math.max(reach[2], p.getY());
        }
        return reach;
    }

    /** The pose of a strand's frame in the drawing. */
    Pose of(Strand strand) {
        return poses.get(strand.id());
    }

    private static double longAxisRad(StrandWork work) {
        List<Coordinate> points = new ArrayList<>();
        for (CentreLine.Station station : work.stations()) {
            Vector3D p = station.pose().position();
            points.add(new Coordinate(p.getX(), p.getY()));
        }
        Geometry cloud = new GeometryFactory().createLineString(points.toArray(Coordinate[]::new));
        Coordinate[] corners = MinimumAreaRectangle.getMinimumRectangle(cloud).getCoordinates();
        if (corners.length < 5) {
            return axisRad(points.get(0), points.get(points.size() - 1));
        }
        double a = corners[0].distance(corners[1]);
        double b = corners[1].distance(corners[2]);
        if (Math.max(a, b) < SQUARE * Math.min(a, b)) {
            return 0;
        }
        return a > b ? axisRad(corners[0], corners[1]) : axisRad(corners[1], corners[2]);
    }

    /** Angle of a line, between −90° and 90°, so that the wire still begins on the left. */
    private static double axisRad(Coordinate from, Coordinate to) {
        double angle = Math.atan2(to.y - from.y, to.x - from.x);
        if (angle > Math.PI / 2 + 1e-12) {
            return angle - Math.PI;
        }
        return angle <= -Math.PI / 2 ? angle + Math.PI : angle;
    }
}
