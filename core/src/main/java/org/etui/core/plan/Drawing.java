package org.etui.core.plan;

import java.util.List;
import org.etui.core.check.Term;
import org.etui.core.metal.Metal;

/**
 * A strand to draw: the finished form and nothing else.
 *
 * @param metal what it is made of
 * @param count how many wires
 * @param outline centre line: x, y, z, s, mm
 * @param drawnMm width in the plane of the drawing at each point, mm
 * @param crossings where it lies over itself
 */
public record Drawing(
        @Term("what it is made of") Metal metal,
        @Term("how many wires") int count,
        @Term("centre line: x, y, z, s, mm") List<double[]> outline,

        @Term("width in the plane of the drawing at each point, mm")
        List<Double> drawnMm,

        @Term("where it lies over itself") List<Plan.Over> crossings) {

    /** The drawings of a plan that carries the last state. */
    public static List<Drawing> of(Plan plan) {
        return plan.strands().stream()
                .map(s -> new Drawing(
                        s.wire().metal(),
                        s.count(),
                        s.outline(),
                        s.states().get(s.states().size() - 1).stations().stream()
                                .map(Plan.StationPlan::drawnMm)
                                .toList(),
                        s.crossings()))
                .toList();
    }
}
