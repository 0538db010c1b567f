package org.etui.core.rule;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.etui.core.mechanics.Bearing;
import org.etui.core.mechanics.Hold;
import org.etui.core.mechanics.Load;

/** Soft wire left unhardened in a part that works: it holds, but the first good pull leaves a trace (common practice). */
final class LeftSoft implements Rule {
    private static final String NAME = "left-soft";

    /** A trace that comes only above this share of the load is not worth a word (engineering estimate). */
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
        double wants = spot.wantsN();
        Optional<Hold> read = spot.reading()
                .hold()
                .filter(h -> !spot.reading().isSqueezed())
                .filter(h -> h.holdsN() >= wants && h.startsToGiveN() < TRACE * wants);
        if (read.isEmpty()) {
            return Optional.empty();
        }
        Hold hold = read.get();
        Optional<Strengthen.Way> way = new Strengthen(spot, NAME, Bearing.Limit.STARTS_TO_GIVE, TRACE * wants).first();
        return spot.says(
                Advice.Severity.MIND,
                NAME,
                String.format(
                        Locale.ROOT,
                        "The %s holds %s, but a pull of more than %s leaves it a hair wider.",
                        spot.element().label(),
                        Load.inWords(hold.holdsN()),
                        Load.inWords(hold.startsToGiveN())),
                String.format(
                        Locale.ROOT,
                        "Soft metal gives by a hundredth of a millimetre long before it opens; the same pull again does not open it"
                                + " further (estimate, good to about ±%.0f %%).",
                        100 * Hold.STARTS_BAND),
                way.map(Strengthen.Way::instead).orElse("Harden it, or take harder wire."),
                way.map(w -> w.fix().patches()));
    }
}
