package org.etui.core.rule;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.etui.core.mechanics.Hold;

/** Soft wire left unhardened in a part that works: it holds, but gives a little every time (common practice). */
final class LeftSoft implements Rule {
    /** A trace below this share of the load is worn into an opening by and by (engineering estimate). */
    private static final double TRACE = 0.75;

    @Override
    public List<Advice> look(Bench bench) {
        return bench.piece().purpose().carriesLoad() ? bench.eachElement(LeftSoft::look) : List.of();
    }

    private static Optional<Advice> look(Spot spot) {
        double wants =
                spot.bench().piece().purpose().wantsN() / spot.work().strand().sharing();
        Hold hold = spot.reading().hold().orElse(new Hold(wants, wants, 0, 0));
        if (hold.holdsN() < wants || hold.startsToGiveN() >= TRACE * wants) {
            return Optional.empty();
        }
        Optional<Strengthen.Way> way = new Strengthen(spot, "left-soft", Hold::startsToGiveN, TRACE * wants).first();
        return spot.says(
                Advice.Severity.MIND,
                "left-soft",
                String.format(
                        Locale.ROOT,
                        "The %s holds %.1f N but starts to give at %.1f N: worn often, it opens.",
                        spot.element().label(),
                        hold.holdsN(),
                        hold.startsToGiveN()),
                "Soft metal takes a trace of set long before it opens for good (estimate, good to about ±10 %).",
                way.map(Strengthen.Way::instead).orElse("Harden it, or take harder wire."),
                way.map(w -> w.fix().patches()));
    }
}
