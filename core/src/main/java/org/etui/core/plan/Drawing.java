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

    private static final double APART_MM = 4;

    /** The drawings of a plan that carries the last state; of a matched strand both of a pair. */
    public static List<Drawing> of(Plan plan) {
        List<Drawing> drawings = new ArrayList<>();
        for (Plan.StrandPlan strand : plan.strands()) {
            Drawing one = of(strand);
            drawings.add(one);
            if (strand.pair() != Plan.Pair.NONE) {
                drawings.add(one.second(strand.pair() == Plan.Pair.MIRRORED));
            }
        }
        return List.copyOf(drawings);
    }

    private static Drawing of(Plan.StrandPlan strand) {
        return new Drawing(
                strand.wire().metal(),
                strand.count(),
                strand.outline(),
                strand.states().get(strand.states().size() - 1).stations().stream()
                        .map(Plan.StationPlan::drawnMm)
                        .toList(),
                strand.crossings());
    }

    /** The second of a pair: the same to the right of the first, or its mirror image. */
    private Drawing second(boolean mirrored) {
        double least = outline.stream().mapToDouble(p -> p[0]).min().orElse(0);
        double most = outline.stream().mapToDouble(p -> p[0]).max().orElse(0);
        double apart = APART_MM + drawnMm.stream().mapToDouble(d -> d).max().orElse(0);
        double shift = mirrored ? 2 * most + apart : most - least + apart;
        int way = mirrored ? -1 : 1;
        return new Drawing(
                metal,
                count,
                outline.stream()
                        .map(p -> new double[] {shift + way * p[0], p[1], p[2], p[3]})
                        .toList(),
                drawnMm,
                crossings);
    }
}
