package org.etui.core.rule;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.etui.core.mechanics.Bow;
import org.etui.core.mechanics.Hold;
import org.etui.core.mechanics.Load;

/** Soft wire left unhardened in a part that works: it holds, but gives a little every time (common practice). */
final class LeftSoft implements Rule {
    private static final String NAME = "left-soft";

    /** A trace below this share of the load is worn into an opening by and by (engineering estimate). */
    private static final double TRACE = 0.75;

    @Override
    public List<String> names() {
        return List.of(NAME);
    }

    @Override
    public List<Advice> look(Bench bench) {
        return bench.piece().purpose().carriesLoad() ? bench.eachElement(LeftSoft::look) : List.of();
    }

    private static Optional<Advice> look(Spot spot) {
        double wants =
                spot.bench().piece().purpose().wantsN() / spot.work().strand().sharing();
        Optional<Hold> read =
                spot.reading().hold().filter(h -> h.holdsN() >= wants && h.startsToGiveN() < TRACE * wants);
        if (read.isEmpty()) {
            return Optional.empty();
        }
        Hold hold = read.get();
        Optional<Strengthen.Way> way = new Strengthen(spot, NAME, Bow.Limit.STARTS_TO_GIVE, TRACE * wants).first();
        return spot.says(
                Advice.Severity.MIND,
                NAME,
                String.format(
                        Locale.ROOT,
                        "The %s holds %s but starts to give at %s: worn often, it opens.",
                        spot.element().label(),
                        Load.inWords(hold.holdsN()),
                        Load.inWords(hold.startsToGiveN())),
                "Soft metal takes a trace of set long before it opens for good (estimate, good to about ±10 %).",
                way.map(Strengthen.Way::instead).orElse("Harden it, or take harder wire."),
                way.map(w -> w.fix().patches()));
    }
}
