package org.etui.core.plan;

import java.util.List;
import org.etui.core.curve.CentreLine;
import org.etui.core.curve.Pose;
import org.etui.core.section.Section;
import org.etui.core.work.Run;
import org.etui.core.work.Workpiece;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.hipparchus.optim.MaxEval;
import org.hipparchus.optim.nonlinear.scalar.GoalType;
import org.hipparchus.optim.univariate.BrentOptimizer;
import org.hipparchus.optim.univariate.SearchInterval;
import org.hipparchus.optim.univariate.UnivariateObjectiveFunction;

/** Measures how far a wire of real thickness reaches: samples, then Brent's method between neighbours. */
final class Extents {
    private static final double STEP_RAD = Math.toRadians(4);
    private static final int LEAST = 5;
    private static final double RELATIVE = 1e-9;
    private static final double ABSOLUTE_MM = 1e-9;
    private static final int EVALUATIONS = 200;

    private final Workpiece workpiece;
    private final CentreLine line;
    private final Pose view;
    private final List<CentreLine.Station> stations;

    private Extents(Workpiece workpiece, Pose view) {
        this.workpiece = workpiece;
        this.line = workpiece.centreLine();
        this.view = view;
        this.stations = line.stations(STEP_RAD, LEAST);
    }

    static Plan.Extent of(Workpiece workpiece, Pose view) {
        Extents extents = new Extents(workpiece, view);
        return new Plan.Extent(
                extents.span(Vector3D.PLUS_I), extents.span(Vector3D.PLUS_J), extents.span(Vector3D.PLUS_K));
    }

    private double span(Vector3D axis) {
        return reach(axis) + reach(axis.negate());
    }

    private double reach(Vector3D axis) {
        int best = 0;
        double most = Double.NEGATIVE_INFINITY;
        for (int i = 0; i < stations.size(); i++) {
            double here = reachAt(stations.get(i), axis);
            if (here > most) {
                most = here;
                best = i;
            }
        }
        CentreLine.Station at = stations.get(best);
        double low = best > 0 && stations.get(best - 1).piece() == at.piece()
                ? stations.get(best - 1).wireMm()
                : at.wireMm();
        double high = best + 1 < stations.size() && stations.get(best + 1).piece() == at.piece()
                ? stations.get(best + 1).wireMm()
                : at.wireMm();
        if (high - low < ABSOLUTE_MM) {
            return most;
        }
        double refined = new BrentOptimizer(RELATIVE, ABSOLUTE_MM)
                .optimize(
                        new UnivariateObjectiveFunction(s -> reachAt(
                                new CentreLine.Station(
                                        at.piece(),
                                        s,
                                        line.pieces().get(at.piece()).atWire(s)),
                                axis)),
                        GoalType.MAXIMIZE,
                        new SearchInterval(
                                low, high, at.wireMm() > low && at.wireMm() < high ? at.wireMm() : (low + high) / 2),
                        new MaxEval(EVALUATIONS))
                .getValue();
        return Math.max(refined, most);
    }

    /** How far the section at a station reaches along an axis: a disc for round wire, a box for what has flats. */
    private double reachAt(CentreLine.Station station, Vector3D axis) {
        Pose pose = view.then(station.pose());
        Run run = workpiece.runs().get(station.piece());
        Section section = run.section();
        double left = Math.abs(pose.left().dotProduct(axis));
        double up = Math.abs(pose.frame().applyTo(Vector3D.PLUS_K).dotProduct(axis));
        double inPlane = section.inPlaneMm() / 2;
        double across = (section.widthMm() + section.thicknessMm() - section.inPlaneMm()) / 2;
        double half = section.widthMm() == section.thicknessMm() && section instanceof org.etui.core.section.Round
                ? inPlane * Math.hypot(left, up)
                : inPlane * left + across * up;
        return pose.position().dotProduct(axis) + half;
    }
}
