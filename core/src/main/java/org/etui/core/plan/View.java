package org.etui.core.plan;

import java.util.ArrayList;
import java.util.List;
import org.etui.core.curve.CentreLine;
import org.etui.core.curve.Pose;
import org.etui.core.piece.Place;
import org.etui.core.piece.Strand;
import org.etui.core.work.StrandWork;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.locationtech.jts.algorithm.MinimumAreaRectangle;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;

/**
 * How a piece lies in the drawing. Each strand's frame is fixed at the element formed first and moved to its place; a
 * piece none of whose strands has a place is turned to its long axis as a whole.
 */
final class View {
    /** Forms closer to square than this are not turned. */
    private static final double SQUARE = 1.12;

    private static final double STEP_RAD = Math.toRadians(10);
    private final Pose turned;

    private View(Pose turned) {
        this.turned = turned;
    }

    static View of(List<StrandWork> strands) {
        boolean free = strands.stream().allMatch(s -> s.strand().place().equals(Place.FREE));
        return new View(free ? Pose.inPlane(0, 0, -longAxisRad(strands)) : Pose.START);
    }

    /** The pose of a strand's frame in the drawing. */
    Pose of(Strand strand) {
        Place place = strand.place();
        Pose placed = Pose.inPlane(place.xMm(), place.yMm(), Math.toRadians(place.rotDeg()));
        Pose lifted = new Pose(placed.position().add(new Vector3D(0, 0, place.zMm())), placed.frame());
        return turned.then(lifted);
    }

    private static double longAxisRad(List<StrandWork> strands) {
        List<Coordinate> points = new ArrayList<>();
        for (StrandWork strand : strands) {
            CentreLine line = strand.finished().centreLine();
            for (CentreLine.Station station : line.stations(STEP_RAD, 2)) {
                Vector3D p = station.pose().position();
                points.add(new Coordinate(p.getX(), p.getY()));
            }
        }
        Geometry cloud = new GeometryFactory().createMultiPointFromCoords(points.toArray(Coordinate[]::new));
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
