package org.etui.core.plan;

import java.util.ArrayList;
import java.util.List;

/**
 * Pegs that a flat strand can be bent round: one at the middle of every arc, of the size to lay the wire round so that it
 * comes to the size asked for. The pegs stand where the middles of the released form lie, so the wire opens by its springback
 * when it is lifted off.
 *
 * @param strand id of the strand
 * @param title its name
 * @param flat whether it lies flat; a strand that does not has no pegs
 * @param pegs in order along the wire
 * @param byHand what is bent by hand afterwards: corners, spirals, wraps
 */
public record Jig(String strand, String title, boolean flat, List<Peg> pegs, List<String> byHand) {
    private static final double FLAT_MM = 0.01;

    /**
     * A peg.
     *
     * @param element id of the element
     * @param label its name
     * @param xMm middle, mm from the left end of the form
     * @param yMm middle, mm upwards
     * @param diameterMm size of the peg
     * @param comesToMm inside of the wire when it is lifted off
     * @param turns how far round it the wire goes
     */
    public record Peg(
            String element, String label, double xMm, double yMm, double diameterMm, double comesToMm, double turns) {}

    /** The jig of a strand. */
    public static Jig of(Plan.StrandPlan strand) {
        double level = strand.drawn().outline().get(0)[2];
        boolean flat = strand.drawn().outline().stream().allMatch(p -> Math.abs(p[2] - level) < FLAT_MM);
        List<Peg> pegs = new ArrayList<>();
        List<String> byHand = new ArrayList<>();
        for (Plan.ElementPlan e : strand.elements()) {
            boolean round = List.of("arc", "loop", "curl").contains(e.kind());
            if (round
                    && flat
                    && e.formed().centre().isPresent()
                    && e.formed().finished().isPresent()
                    && e.formed().tool().isPresent()) {
                double[] at = e.formed().centre().get();
                pegs.add(new Peg(
                        e.id(),
                        e.label(),
                        at[0],
                        at[1],
                        e.formed().tool().get().insideMm(),
                        e.formed().finished().get().insideMm().orElse(0),
                        e.formed().finished().get().turns()));
            } else if (e.formed().tool().isPresent()) {
                byHand.add(e.label());
            }
        }
        return new Jig(strand.id(), strand.title(), flat, List.copyOf(pegs), List.copyOf(byHand));
    }
}
