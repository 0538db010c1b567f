package org.etui.core.rule;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import org.etui.core.piece.Piece;
import org.etui.core.tool.Toolbox;
import org.etui.core.work.StrandWork;

/**
 * What rules look at.
 *
 * @param piece the document
 * @param strands its strands as worked, in the document's order
 * @param box the tools owned
 * @param seeksFixes whether rules look for a way out that has to be tried
 */
public record Bench(Piece piece, List<StrandWork> strands, Toolbox box, boolean seeksFixes) {
    /** @param strands in the document's order */
    public Bench {
        strands = List.copyOf(strands);
    }

    /** With fixes. */
    public static Bench of(Piece piece, List<StrandWork> strands, Toolbox box) {
        return new Bench(piece, strands, box, true);
    }

    /** Only verdicts: for many pieces at once. */
    public static Bench withoutFixes(Piece piece, List<StrandWork> strands, Toolbox box) {
        return new Bench(piece, strands, box, false);
    }

    /** What a rule says of each element. */
    List<Advice> eachElement(Function<Spot, Optional<Advice>> rule) {
        List<Advice> advice = new ArrayList<>();
        for (int s = 0; s < strands.size(); s++) {
            for (int e = 0; e < strands.get(s).strand().elements().size(); e++) {
                rule.apply(new Spot(this, s, e)).ifPresent(advice::add);
            }
        }
        return advice;
    }

    /** What a rule says of each strand: it is given the place of the first element. */
    List<Advice> eachStrand(Function<Spot, Optional<Advice>> rule) {
        List<Advice> advice = new ArrayList<>();
        for (int s = 0; s < strands.size(); s++) {
            rule.apply(new Spot(this, s, 0)).ifPresent(advice::add);
        }
        return advice;
    }
}
