package org.etui.core.work;

import java.util.List;
import java.util.Map;
import org.etui.core.check.Term;
import org.etui.core.log.Group;
import org.etui.core.log.Hand;
import org.etui.core.piece.Allowance;
import org.etui.core.piece.HandleAt;
import org.etui.core.piece.Policy;

/**
 * What is cut beyond the net length, mm.
 *
 * @param handleMm handles, trimmed later
 * @param tailMm spare at the end, with what the maker's own records add
 * @param learntMm how much of that the maker's own records add; below 0 where they take some away
 * @param fileMm filing
 * @param roundingMm up to what the maker can measure
 */
public record CutAllowance(
        @Term("handles, trimmed later, mm") double handleMm,

        @Term("spare at the end, with what the maker's own records add, mm")
        double tailMm,

        @Term("how much of that the maker's own records add, mm; below 0 where they take some away")
        double learntMm,

        @Term("filing, mm") double fileMm,
        @Term("up to what the maker can measure, mm") double roundingMm) {
    /** Two nips for every wire, in the middle of the 1 to 2 mm that each takes (common practice), mm. They are not in the cut length. */
    public static final double NIPS_MM = 3;

    /** A steel rule is read to the millimetre when cutting (common practice). */
    private static final double RULE_MM = 1;

    /** Generous makers cut a tenth more, to the next 5 mm (engineering estimate). */
    private static final double GENEROUS_SHARE = 0.1;

    private static final double GENEROUS_RULE_MM = 5;
    private static final double GRAIN_MM = 1e-9;

    /**
     * The stretch of a strand.
     *
     * @param netMm wire in its elements, mm
     * @param explicitLeadsMm leads that stand among its elements, mm
     * @param hand the maker's own hand
     * @param lengthsMm wire in its elements by what is learnt together, mm
     */
    static CutAllowance of(
            double netMm,
            double explicitLeadsMm,
            Allowance allowance,
            HandleAt handleAt,
            Hand hand,
            Map<Group, List<Double>> lengthsMm) {
        // never cut shorter than the form that is drawn: only spare is taken away
        double tail = allowance.policy() == Policy.LEARNT
                ? Math.max(0, allowance.tailMm() + hand.allowanceMm(lengthsMm))
                : allowance.tailMm();
        int handles = switch (handleAt) {
            case NONE, SPOOL -> 0;
            case START, END -> 1;
            case BOTH -> 2;
        };
        double handle = explicitLeadsMm + handles * allowance.handleMm();
        double exact = netMm + handle + tail + allowance.fileMm();
        double cut = switch (allowance.policy()) {
            case MEASURED, LEARNT -> up(exact, RULE_MM);
            case GENEROUS -> up(exact + GENEROUS_SHARE * netMm, GENEROUS_RULE_MM);
        };
        return new CutAllowance(handle, tail, tail - allowance.tailMm(), allowance.fileMm(), cut - exact);
    }

    private static double up(double mm, double step) {
        return Math.ceil((mm - GRAIN_MM) / step) * step;
    }

    /** All of it, mm. */
    double totalMm() {
        return handleMm + tailMm + fileMm + roundingMm;
    }
}
