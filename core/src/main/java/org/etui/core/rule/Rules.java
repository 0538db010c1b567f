package org.etui.core.rule;

import java.util.Comparator;
import java.util.List;
import org.etui.core.piece.Piece;
import org.etui.core.work.StrandWork;

/** Every rule there is. */
public final class Rules {
    /** The list: a new rule is added here and nowhere else. */
    public static final List<Rule> ALL = List.of(
            new FineWireUnderLoad(),
            new CoatUnderHammer(),
            new HammeredLoop(),
            new HammeredCrossing(),
            new ThinBangle(),
            new CurlTooTight(),
            new JoinFits(),
            new CoilOnCord(),
            new PetalsOpen());

    private Rules() {}

    /** All advice on a piece, the worst first. */
    public static List<Advice> look(Piece piece, List<StrandWork> strands) {
        return ALL.stream()
                .flatMap(rule -> rule.look(piece, strands).stream())
                .sorted(Comparator.comparing(Advice::severity))
                .toList();
    }
}
