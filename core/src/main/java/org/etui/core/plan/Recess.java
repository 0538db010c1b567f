package org.etui.core.plan;

import java.util.ArrayList;
import java.util.List;
import org.etui.core.check.Term;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.index.strtree.STRtree;

/**
 * How hidden every place of the wires is from a polishing tool at the front, from the assembled form: the share of the directions round a wire that other wire, or its
 * own turns, stand in, near enough to keep fibres out; and the inside of a bend that a tool's edge does not follow. Flattened wire stands out;
 * a textured face keeps film in its hollows. An
 * engineering estimate.
 *
 * @param strand id of the strand
 * @param recess one to each point of its outline: 0 on a high place, 1 where no tool comes
 */
public record Recess(
        @Term("id of the strand") String strand,

        @Term("one to each point of its outline: 0 on a high place, 1 where no tool comes")
        List<Double> recess) {
    /** Directions round the wire that are looked into. */
    private static final int DIRECTIONS = 24;

    /** A piece is polished, and seen, from its front; its sides count so much beside that (engineering estimate). */
    private static final double SIDES = 0.1;

    /** A gap of this many thicknesses lets every fibre in (engineering estimate). */
    private static final double OPEN_GAP = 1.5;

    /** Wire with something in half of all directions is hidden from tools altogether (engineering estimate). */
    private static final double HIDDEN_SHARE = 0.5;

    /** The edge of a tool is as round as this, mm (engineering estimate). */
    private static final double TOOL_EDGE_MM = 2;

    /** The inside is half of a bend. */
    private static final double INSIDE_SHARE = 0.5;

    /** What lies further along its own wire than that is its neighbour, in thicknesses. */
    private static final double NEIGHBOUR = 2.5;

    /** So much of a face that was textured lies in its hollows (engineering estimate). */
    private static final double HOLLOWS = 0.35;

    /** What differs from place to place less than this looks alike. */
    private static final double STEPS = 50;

    /** In a hollow as deep as that no fibre and no pad reaches the ground, mm (engineering estimate). */
    private static final double OUT_OF_REACH_MM = 0.15;

    /** How hidden the ground of a shallow hollow is, 0 to 1, by its depth, mm. */
    static double ofHollow(double deepMm) {
        return Math.min(1, deepMm / OUT_OF_REACH_MM);
    }

    /** A place of a wire. */
    private record Spot(int strand, double[] at, double thicknessMm) {
        Vector3D point() {
            return new Vector3D(at[0], at[1], at[2]);
        }
    }

    /** Of every strand of a plan that carries the last state. */
    public static List<Recess> of(Plan plan) {
        STRtree near = new STRtree();
        double thickest = 0;
        for (int i = 0; i < plan.strands().size(); i++) {
            double thickness = plan.strands().get(i).bought().wire().section().thicknessMm();
            thickest = Math.max(thickest, thickness);
            for (double[] p : filled(plan.strands().get(i).drawn().outline(), thickness)) {
                near.insert(new Envelope(new Coordinate(p[0], p[1])), new Spot(i, p, thickness));
            }
        }
        List<Recess> all = new ArrayList<>();
        for (int i = 0; i < plan.strands().size(); i++) {
            all.add(of(plan.strands().get(i), i, near, thickest));
        }
        return all;
    }

    /** The points of a line, and so many between them that none is further from the next than half a thickness. */
    private static List<double[]> filled(List<double[]> line, double thickness) {
        List<double[]> all = new ArrayList<>();
        for (int i = 0; i < line.size(); i++) {
            double[] to = line.get(i);
            double[] from = line.get(Math.max(0, i - 1));
            int parts = Math.max(1, (int) Math.ceil((to[3] - from[3]) / (thickness / 2)));
            for (int k = 1; k <= parts; k++) {
                double share = (double) k / parts;
                double[] between = new double[4];
                for (int axis = 0; axis < 4; axis++) {
                    between[axis] = from[axis] + share * (to[axis] - from[axis]);
                }
                all.add(between);
            }
        }
        return all;
    }

    private static Recess of(Plan.StrandPlan strand, int index, STRtree near, double thickest) {
        List<double[]> line = strand.drawn().outline();
        List<Plan.StationPlan> stations =
                strand.states().get(strand.states().size() - 1).stations();
        List<Plan.ElementPlan> marked = strand.elements().stream()
                .filter(e -> isMarked(strand.operations(), e.id()))
                .toList();
        List<Double> recess = new ArrayList<>();
        for (int i = 0; i < line.size(); i++) {
            double s = line.get(i)[3];
            boolean hollows = marked.stream()
                    .anyMatch(e -> s >= e.along().fromMm() && s <= e.along().toMm());
            Plan.StationPlan station = stations.get(i);
            double hidden = Math.max(
                    beside(line, i, index, station.thicknessMm(), near, thickest),
                    inside(line, i, station.thicknessMm()));
            double stands = Math.min(1, station.thicknessMm() / station.widthMm());
            double open = (1 - hidden * stands) * (hollows ? 1 - HOLLOWS : 1);
            recess.add(Math.rint(STEPS * (1 - open)) / STEPS);
        }
        return new Recess(strand.id(), recess);
    }

    /** Whether marks are on it at the end: what smooths it takes them off again. */
    private static boolean isMarked(List<Plan.OperationPlan> operations, String element) {
        boolean marked = false;
        for (Plan.OperationPlan operation : operations) {
            if (operation.elements().isEmpty() || operation.elements().contains(element)) {
                marked = switch (operation.leaves()) {
                    case MARKS -> true;
                    case PLANISHED, FILED, EMERIED, FINE -> false;
                    case AS_IT_WAS, BRIGHT -> marked;
                };
            }
        }
        return marked;
    }

    private static Vector3D point(List<double[]> line, int i) {
        double[] p = line.get(Math.max(0, Math.min(line.size() - 1, i)));
        return new Vector3D(p[0], p[1], p[2]);
    }

    private static double beside(
            List<double[]> line, int i, int strand, double thickness, STRtree near, double thickest) {
        Vector3D here = point(line, i);
        Vector3D along = point(line, i + 1).subtract(point(line, i - 1));
        if (along.getNorm() == 0) {
            return 0;
        }
        along = along.normalize();
        Vector3D side = along.orthogonal();
        Vector3D up = along.crossProduct(side);
        double reach = (thickness + thickest) / 2 + OPEN_GAP * thickness;
        Envelope room = new Envelope(new Coordinate(here.getX(), here.getY()));
        room.expandBy(reach);
        double[] blocked = new double[DIRECTIONS];
        for (Object found : near.query(room)) {
            Spot spot = (Spot) found;
            boolean own = spot.strand() == strand && Math.abs(spot.at()[3] - line.get(i)[3]) < NEIGHBOUR * thickness;
            Vector3D away = spot.point().subtract(here);
            double ahead = away.dotProduct(along);
            if (own || Math.abs(ahead) > thickness) {
                continue;
            }
            double x = away.dotProduct(side);
            double y = away.dotProduct(up);
            double apart = Math.hypot(x, y);
            double gap = Math.max(0, apart - (thickness + spot.thicknessMm()) / 2) / thickness;
            if (gap < OPEN_GAP && apart > 0) {
                block(
                        blocked,
                        Math.atan2(y, x),
                        Math.asin(Math.min(1, spot.thicknessMm() / 2 / apart)),
                        1 - gap / OPEN_GAP);
            }
        }
        double sum = 0;
        double all = 0;
        for (int k = 0; k < DIRECTIONS; k++) {
            double towards = 2 * Math.PI * k / DIRECTIONS;
            double front = Math.cos(towards) * side.getZ() + Math.sin(towards) * up.getZ();
            double weight = SIDES + Math.max(0, front);
            sum += weight * blocked[k];
            all += weight;
        }
        return Math.min(1, sum / all / HIDDEN_SHARE);
    }

    private static void block(double[] blocked, double towards, double half, double share) {
        for (int k = 0; k < DIRECTIONS; k++) {
            double away = Math.IEEEremainder(2 * Math.PI * k / DIRECTIONS - towards, 2 * Math.PI);
            if (Math.abs(away) <= half) {
                blocked[k] = Math.max(blocked[k], share);
            }
        }
    }

    /** The inside of a bend tighter than a tool's edge, by the circle through three points. */
    private static double inside(List<double[]> line, int i, double thickness) {
        Vector3D before = point(line, i - 1);
        Vector3D here = point(line, i);
        Vector3D after = point(line, i + 1);
        double area = here.subtract(before).crossProduct(after.subtract(before)).getNorm() / 2;
        double sides = before.distance(here) * here.distance(after) * after.distance(before);
        if (area <= 0 || sides <= 0) {
            return 0;
        }
        double inside = sides / (4 * area) - thickness / 2;
        return INSIDE_SHARE * Math.max(0, 1 - Math.max(0, inside) / TOOL_EDGE_MM);
    }
}
