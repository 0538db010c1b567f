package org.etui.core.plan;

import java.util.List;
import org.etui.core.act.Run;
import org.etui.core.curve.CentreLine;
import org.etui.core.curve.Head;
import org.etui.core.curve.Placed;
import org.etui.core.curve.Pose;
import org.etui.core.section.Round;
import org.etui.core.section.Section;
import org.etui.core.work.StrandWork;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.hipparchus.optim.MaxEval;
import org.hipparchus.optim.nonlinear.scalar.GoalType;
import org.hipparchus.optim.univariate.BrentOptimizer;
import org.hipparchus.optim.univariate.SearchInterval;
import org.hipparchus.optim.univariate.UnivariateObjectiveFunction;

/** Measures how far a wire of real thickness reaches: samples, then Brent's method between neighbours. */
final class Extents {
    /** At a maximum the reach is off by the square of what the place is off: this gives it to 1e-7 mm and better. */
    private static final double RELATIVE = 1e-5;

    private static final double ABSOLUTE = 1e-5;
    private static final double ABSOLUTE_MM = 1e-6;

    /** No difference: what summing in another order makes, mm. */
    private static final double NONE_MM = 1e-9;

    private static final int EVALUATIONS = 200;

    private final StrandWork work;
    private final List<CentreLine.Station> stations;
    private final double[][] places;
    private final double[] corners;

    private Extents(StrandWork work, List<double[]> outline) {
        this.work = work;
        this.stations = work.stations();
        this.places = new double[3][stations.size()];
        this.corners = new double[stations.size()];
        double[] byRun =
                work.finished().runs().stream().mapToDouble(Extents::cornerMm).toArray();
        for (int i = 0; i < corners.length; i++) {
            corners[i] = byRun[stations.get(i).piece()];
            for (int coordinate = 0; coordinate < places.length; coordinate++) {
                places[coordinate][i] = outline.get(i)[coordinate];
            }
        }
    }

    /**
     * Along the axes of the drawing, which are turned into the frame of the strand.
     *
     * @param outline its stations as they lie in the drawing
     */
    static Plan.Extent of(StrandWork work, Pose view, List<double[]> outline) {
        Extents extents = new Extents(work, outline);
        return new Plan.Extent(
                extents.span(view.frame().applyInverseTo(Vector3D.PLUS_I), 0),
                extents.span(view.frame().applyInverseTo(Vector3D.PLUS_J), 1),
                extents.span(view.frame().applyInverseTo(Vector3D.PLUS_K), 2));
    }

    /** The furthest that a section can reach from its middle, mm. */
    private static double cornerMm(Run run) {
        if (run.shape() instanceof Head head) {
            return head.diameterMm();
        }
        return run.section() instanceof Round round
                ? round.diameterMm() / 2
                : Math.hypot(run.section().widthMm(), run.section().thicknessMm()) / 2;
    }

    private double span(Vector3D axis, int coordinate) {
        return reach(axis, coordinate, 1) + reach(axis.negate(), coordinate, -1);
    }

    private double reach(Vector3D axis, int coordinate, int way) {
        double[] at = places[coordinate];
        double moved = way * at[0] - along(stations.get(0).pose().position(), axis);
        int best = furthest(at, way);
        double most = reachAt(stations.get(best), axis);
        for (int i = 0; i < at.length; i++) {
            if (way * at[i] - moved + corners[i] > most + NONE_MM && i != best) {
                double here = reachAt(stations.get(i), axis);
                if (here > most) {
                    most = here;
                    best = i;
                }
            }
        }
        return refined(axis, best, most);
    }

    /** The first station whose middle lies furthest. */
    private static int furthest(double[] at, int way) {
        int best = 0;
        for (int i = 1; i < at.length; i++) {
            if (way * at[i] > way * at[best]) {
                best = i;
            }
        }
        return best;
    }

    /**
     * The greatest reach between the neighbours of a station. Searched along the turning of its piece, over which stations are
     * spaced evenly: places there are in closed form, along the wire they are not.
     */
    private double refined(Vector3D axis, int best, double most) {
        int piece = stations.get(best).piece();
        int first = best;
        while (first > 0 && stations.get(first - 1).piece() == piece) {
            first--;
        }
        int last = best;
        while (last < stations.size() - 1 && stations.get(last + 1).piece() == piece) {
            last++;
        }
        double step = 1.0 / Math.max(1, last - first);
        double low = Math.max(0, (best - first - 1) * step);
        double high = Math.min(1, (best - first + 1) * step);
        Placed placed = work.line().pieces().get(piece);
        boolean straight = placed.piece().turnRad() == 0 && !(placed.piece() instanceof Head);
        if (straight || (high - low) * placed.piece().lengthMm() < ABSOLUTE_MM) {
            return most;
        }
        double at = (best - first) * step;
        double start = at > low && at < high ? at : (low + high) / 2;
        Pose origin = placed.start().then(placed.piece().origin());
        if (reachAt(placed, origin, piece, low, axis) >= most - NONE_MM
                && reachAt(placed, origin, piece, high, axis) >= most - NONE_MM) {
            return most;
        }
        double found = new BrentOptimizer(RELATIVE, ABSOLUTE)
                .optimize(
                        new UnivariateObjectiveFunction(share -> reachAt(placed, origin, piece, share, axis)),
                        GoalType.MAXIMIZE,
                        new SearchInterval(low, high, start),
                        new MaxEval(EVALUATIONS))
                .getValue();
        return Math.max(most, found);
    }

    private double reachAt(CentreLine.Station station, Vector3D axis) {
        return reachAt(station.pose(), station.piece(), station.alongMm(), axis);
    }

    private double reachAt(Placed placed, Pose origin, int piece, double share, Vector3D axis) {
        Pose pose = origin.then(placed.piece().aboutOrigin(share));
        return reachAt(pose, piece, placed.piece().lengthAtTurnMm(share), axis);
    }

    /** How far the section at a station reaches along an axis: a disc for round wire, a box for what has flats. */
    private double reachAt(Pose pose, int piece, double alongMm, Vector3D axis) {
        Run run = work.finished().runs().get(piece);
        Section section = run.section();
        Vector3D seen = pose.frame().applyInverseTo(axis);
        double left = Math.abs(seen.getY());
        double up = Math.abs(seen.getZ());
        double inPlane = run.inPlaneMm(alongMm) / 2;
        double across = (run.shape() instanceof Head ? 2 * inPlane : section.acrossMm()) / 2;
        double half =
                section instanceof Round ? inPlane * Math.sqrt(left * left + up * up) : inPlane * left + across * up;
        return along(pose.position(), axis) + half;
    }

    /** The dot product, plainly summed: asked for at every station, where the library's compensated sum is slow. */
    private static double along(Vector3D point, Vector3D axis) {
        return point.getX() * axis.getX() + point.getY() * axis.getY() + point.getZ() * axis.getZ();
    }
}
