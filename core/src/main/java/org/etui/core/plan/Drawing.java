package org.etui.core.plan;

import java.util.ArrayList;
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

    /** The drawings of a plan that carries the last state; of a matched strand both of a pair. */
    public static List<Drawing> of(Plan plan) {
        List<Drawing> drawings = new ArrayList<>();
        for (Plan.StrandPlan strand : plan.strands()) {
            drawings.add(of(strand, strand.outline()));
            strand.second().ifPresent(outline -> drawings.add(of(strand, outline)));
        }
        return List.copyOf(drawings);
    }

    private static Drawing of(Plan.StrandPlan strand, List<double[]> outline) {
        return new Drawing(
                strand.wire().metal(),
                strand.count(),
                outline,
                strand.states().get(strand.states().size() - 1).stations().stream()
                        .map(Plan.StationPlan::drawnMm)
                        .toList(),
                strand.crossings());
    }
}
