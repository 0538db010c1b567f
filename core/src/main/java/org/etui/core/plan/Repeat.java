package org.etui.core.plan;

import java.util.ArrayList;
import java.util.List;
import org.etui.core.element.Element;
import org.etui.core.element.Spacing;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Strand;

/**
 * A measure that comes more than once in a piece, and so wants a gap strip: from wire to wire, or from turn to turn.
 *
 * @param label what it is
 * @param mm how long
 * @param times how often
 */
public record Repeat(String label, double mm, int times) {
    private static final double LEAST_MM = 0.5;
    private static final double SAME_MM = 0.05;

    /** Every measure that repeats, the widest first, each once. */
    public static List<Repeat> of(Piece piece, Plan plan) {
        List<Repeat> all = new ArrayList<>();
        for (int i = 0; i < plan.strands().size(); i++) {
            ofStrand(piece.strands().get(i), plan.strands().get(i), all);
        }
        for (Plan.ChainPlan chain : plan.chains()) {
            String title = piece.strand(chain.strand()).orElseThrow().title().toLowerCase(java.util.Locale.ROOT);
            add(all, title + ": from link to link", chain.pitchMm(), chain.links() - 1);
        }
        return all.stream().sorted((a, b) -> Double.compare(b.mm(), a.mm())).toList();
    }

    private static void ofStrand(Strand strand, Plan.StrandPlan planned, List<Repeat> all) {
        int wires = strand.count();
        String of = planned.title().toLowerCase(java.util.Locale.ROOT) + ": ";
        if (wires > 1) {
            add(all, of + "finished, across", planned.drawn().finished().widthMm(), wires);
            add(all, of + "finished, high", planned.drawn().finished().heightMm(), wires);
        }
        for (Plan.ElementPlan e : planned.elements()) {
            if (wires > 1 && e.formed().finished().isPresent()) {
                add(
                        all,
                        of + e.label() + ", outside",
                        e.formed().finished().get().outsideMm(),
                        wires);
                e.formed()
                        .finished()
                        .get()
                        .insideMm()
                        .ifPresent(mm -> add(all, of + e.label() + ", inside", mm, wires));
            }
        }
        for (Element e : strand.elements()) {
            for (Spacing spacing : e.spacings()) {
                if (wires > 1 || !spacing.onlyBetweenWires()) {
                    add(all, of + e.label() + ", " + spacing.label(), spacing.mm(), wires);
                }
            }
        }
    }

    /** Adds a measure that can be seen on paper; one that is there already under the same strand counts as one. */
    private static void add(List<Repeat> all, String label, double mm, int times) {
        boolean known = all.stream()
                .anyMatch(r -> Math.abs(r.mm() - mm) < SAME_MM
                        && r.label().split(":")[0].equals(label.split(":")[0]));
        if (mm >= LEAST_MM && !known) {
            all.add(new Repeat(label, mm, times));
        }
    }
}
