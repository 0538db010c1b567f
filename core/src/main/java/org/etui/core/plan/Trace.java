package org.etui.core.plan;

import java.util.Arrays;
import java.util.List;
import org.etui.core.curve.CentreLine;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.locationtech.jts.algorithm.Distance;
import org.locationtech.jts.geom.Coordinate;

/** A centre line as it is drawn, seen from above: chords between its stations, true to 0.003 mm or a thousandth of their radius. */
final class Trace {
    private final double[] wireMm;
    private final Coordinate[] points;

    /** @param stations at least one, in order along the wire */
    Trace(List<CentreLine.Station> stations) {
        wireMm = new double[stations.size()];
        points = new Coordinate[wireMm.length];
        for (int i = 0; i < points.length; i++) {
            Vector3D place = stations.get(i).pose().position();
            wireMm[i] = stations.get(i).wireMm();
            points[i] = new Coordinate(place.getX(), place.getY());
        }
    }

    double wireFromMm() {
        return wireMm[0];
    }

    double wireToMm() {
        return wireMm[wireMm.length - 1];
    }

    /** The place at a position along the wire, mm, held between its ends. */
    Coordinate at(double positionMm) {
        int after = after(positionMm);
        if (after == 0 || after == wireMm.length) {
            return points[Math.min(after, wireMm.length - 1)];
        }
        Coordinate a = points[after - 1];
        Coordinate b = points[after];
        double share = (positionMm - wireMm[after - 1]) / (wireMm[after] - wireMm[after - 1]);
        return new Coordinate(a.x + share * (b.x - a.x), a.y + share * (b.y - a.y));
    }

    /** Whether a point lies within a distance, mm, of the stretch of the line between two positions along the wire, mm. */
    boolean isWithin(double distanceMm, Coordinate point, double fromMm, double toMm) {
        Coordinate before = at(fromMm);
        for (int i = after(fromMm); i < wireMm.length && wireMm[i] < toMm; i++) {
            if (Distance.pointToSegment(point, before, points[i]) <= distanceMm) {
                return true;
            }
            before = points[i];
        }
        return Distance.pointToSegment(point, before, at(toMm)) <= distanceMm;
    }

    /** The first station beyond a position. */
    private int after(double positionMm) {
        int found = Arrays.binarySearch(wireMm, positionMm);
        if (found < 0) {
            return -found - 1;
        }
        while (found < wireMm.length && wireMm[found] <= positionMm) {
            found++;
        }
        return found;
    }
}
