package org.etui.core.rule;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.etui.core.mechanics.Bow;
import org.etui.core.mechanics.Hold;
import org.etui.core.mechanics.Load;
import org.etui.core.piece.Purpose;

/** A hook, loop or bow that opens under the load that its purpose wants (loads are estimates). */
final class HoldsTooLittle implements Rule {
    private static final String NAME = "holds-too-little";

    /** Below this share of the load it fails for certain (engineering estimate). */
    private static final double FAILS = 0.6;

    @Override
    public List<String> names() {
        return List.of(NAME);
    }

    @Override
    public List<Advice> look(Bench bench) {
        return bench.piece().purpose().carriesLoad() ? bench.eachElement(HoldsTooLittle::look) : List.of();
    }

    private static Optional<Advice> look(Spot spot) {
        Purpose purpose = spot.bench().piece().purpose();
        double wants = purpose.wantsN() / spot.work().strand().sharing();
        double holds = spot.reading().hold().map(Hold::holdsN).orElse(wants);
        if (holds >= wants) {
            return Optional.empty();
        }
        Optional<Strengthen.Way> way = new Strengthen(spot, NAME, Bow.Limit.HOLDS, wants).first();
        boolean squeezed = spot.reading().isSqueezed();
        return spot.says(
                holds < FAILS * wants ? Advice.Severity.STOP : Advice.Severity.MIND,
                NAME,
                String.format(
                        Locale.ROOT,
                        squeezed
                                ? "The %s stands a squeeze of %s; an ear wire wants %s."
                                : "The %s holds %s; a " + purpose.inWords() + " wants %s.",
                        spot.element().label(),
                        Load.inWords(holds),
                        Load.inWords(wants)),
                "That load leaves " + spot.say(0.2, 1)
                        + " of opening: the fibres of the bend as a curved beam (estimate, good to about" + " ±10 %).",
                way.map(Strengthen.Way::instead)
                        .orElse("Make it smaller, of thicker or harder wire; hammering alone does not do."),
                way.map(w -> w.fix().patches()));
    }
}
