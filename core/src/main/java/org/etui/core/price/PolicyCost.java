package org.etui.core.price;

import java.util.ArrayList;
import java.util.List;
import org.etui.core.check.Term;
import org.etui.core.log.Hand;
import org.etui.core.piece.Allowance;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Policy;
import org.etui.core.piece.Strand;
import org.etui.core.plan.Plan;
import org.etui.core.plan.PlanOptions;
import org.etui.core.plan.Planner;
import org.etui.core.stock.Prices;

/**
 * What it makes in wire and money how generously a piece is cut.
 *
 * @param policy how generously
 * @param wireMm cut length of all its wires
 * @param wire what that costs with its nips; wire without a price costs nothing that is known
 */
public record PolicyCost(
        @Term("how generously") Policy policy,
        @Term("cut length of all its wires, mm") double wireMm,

        @Term("what that costs with its nips; wire without a price costs nothing that is known")
        double wire) {

    /** The piece cut in each way, by the maker's own hand. */
    public static List<PolicyCost> of(Piece piece, Prices prices, Hand hand) {
        List<PolicyCost> all = new ArrayList<>();
        PlanOptions options = PlanOptions.figures(hand);
        for (Policy policy : List.of(Policy.MEASURED, Policy.GENEROUS, Policy.LEARNT)) {
            Piece cut = piece.withStrands(
                    piece.strands().stream().map(s -> cut(s, policy)).toList());
            Plan plan = Planner.plan(cut, options);
            PriceSheet.Row row = PriceSheet.of(List.of(new PriceSheet.Size("", 1, cut, plan)), prices)
                    .rows()
                    .get(0);
            all.add(new PolicyCost(
                    policy,
                    plan.strands().stream()
                            .mapToDouble(s -> s.count() * s.amount().cutLengthMm())
                            .sum(),
                    row.wire() + row.cutOff()));
        }
        return all;
    }

    private static Strand cut(Strand strand, Policy policy) {
        Allowance a = strand.allowance();
        return strand.withAllowance(new Allowance(policy, a.handleMm(), a.handleAt(), a.tailMm(), a.fileMm()));
    }
}
