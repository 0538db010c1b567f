package org.etui.core.cutting;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.etui.core.check.BadInput;
import org.etui.core.check.Term;
import org.etui.core.pattern.Remake;
import org.etui.core.piece.Piece;
import org.etui.core.plan.Plan;
import org.etui.core.plan.PlanOptions;
import org.etui.core.plan.Planner;
import org.etui.core.rule.Advice;
import org.etui.core.rule.HoldsTooLittle;
import org.etui.core.stock.Rack;
import org.etui.core.wire.Wire;

/**
 * Wire that is on the rack in place of one that is not: of the same metal and shape, a gauge or two beside or another temper. The piece is
 * made again in it and planned, so that what would fail is known before.
 *
 * @param piece name of the piece
 * @param wanted the wire that is missing, in words
 * @param wire what there is instead
 * @param wireInWords the same in words
 * @param stocks where it is, by the names on the labels
 * @param hasMm how much there is
 * @param needMm how much the piece would take, without nips
 * @param fails what would fail that does not fail now; empty where it does as well
 */
public record Instead(
        @Term("name of the piece") String piece,
        @Term("the wire that is missing, in words") String wanted,
        @Term("what there is instead") Wire wire,
        @Term("the same in words") String wireInWords,

        @Term("where it is, by the names on the labels") List<String> stocks,

        @Term("how much there is, mm") double hasMm,

        @Term("how much the piece would take, without nips, mm")
        double needMm,

        @Term("what would fail that does not fail now; empty where it does as well")
        List<String> fails) {

    /** About two steps of gauge: each is 12 % of thickness (ASTM B258, 92^(1/39)). */
    private static final double NEAR = 0.25;

    private static final int MOST = 4;

    /** What there is in place of each wire of a piece that the rack has not enough of, the nearest first. */
    public static List<Instead> of(Piece piece, Set<Wire> missing, Rack rack) {
        List<Instead> all = new ArrayList<>();
        Set<Wire> done = new HashSet<>();
        PlanOptions options = new PlanOptions(PlanOptions.States.NONE, PlanOptions.USUAL.format());
        Plan now = Planner.plan(piece, options);
        for (int s = 0; s < piece.strands().size(); s++) {
            Wire wanted = piece.strands().get(s).wire();
            if (missing.stream().noneMatch(m -> CutPlan.isSame(m, wanted)) || !done.add(wanted)) {
                continue;
            }
            for (Wire wire : near(wanted, rack)) {
                try {
                    all.add(made(piece, s, wire, now, rack, options));
                } catch (BadInput refused) {
                    // the pattern cannot be made of that wire: it is no substitute
                }
            }
        }
        return all;
    }

    private static List<Wire> near(Wire wanted, Rack rack) {
        double thick = wanted.section().thicknessMm();
        return rack.there().stream()
                .filter(h -> h.free() > 0)
                .flatMap(h -> h.stock().wire().stream())
                .filter(w -> w.metal() == wanted.metal()
                        && w.finish() == wanted.finish()
                        && w.section().getClass() == wanted.section().getClass()
                        && Math.abs(w.section().thicknessMm() - thick) <= NEAR * thick
                        && !CutPlan.isSame(w, wanted))
                .distinct()
                .sorted(Comparator.comparingDouble(
                                (Wire w) -> Math.abs(w.section().thicknessMm() - thick))
                        .thenComparingInt(w ->
                                Math.abs(w.temper().ordinal() - wanted.temper().ordinal())))
                .limit(MOST)
                .toList();
    }

    private static Instead made(Piece piece, int strand, Wire wire, Plan now, Rack rack, PlanOptions options) {
        Piece other = Remake.inWire(piece, strand, wire);
        Plan plan = Planner.plan(other, options);
        Set<String> known = new HashSet<>();
        failures(now).forEach(a -> known.add(a.rule()));
        List<Rack.Held> held = rack.there().stream()
                .filter(h ->
                        h.stock().wire().filter(w -> CutPlan.isSame(w, wire)).isPresent())
                .toList();
        return new Instead(
                piece.name(),
                piece.strands().get(strand).wire().inWords(),
                wire,
                wire.inWords(),
                held.stream().map(h -> h.stock().name()).toList(),
                held.stream().mapToDouble(Rack.Held::free).sum(),
                plan.strands().stream()
                        .filter(p -> CutPlan.isSame(p.bought().wire(), wire))
                        .mapToDouble(p -> p.count() * p.amount().cutLengthMm())
                        .sum(),
                failures(plan).stream()
                        .filter(a -> !known.contains(a.rule()))
                        .map(Advice::message)
                        .distinct()
                        .toList());
    }

    /** What fails: every stop, and whatever holds less than it has to. */
    private static List<Advice> failures(Plan plan) {
        return plan.advice().stream()
                .filter(a -> a.severity() == Advice.Severity.STOP || a.rule().equals(HoldsTooLittle.NAME))
                .toList();
    }
}
