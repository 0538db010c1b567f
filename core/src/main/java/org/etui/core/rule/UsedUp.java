package org.etui.core.rule;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.etui.core.check.Word;
import org.etui.core.metal.Metal;
import org.etui.core.metal.Temper;

/** Metal that is strained beyond what it stands cracks: amber warns, red stops (limits are estimates). */
final class UsedUp implements Rule {
    private static final String NAME = "used-up";

    @Override
    public List<String> names() {
        return List.of(NAME);
    }

    @Override
    public List<Advice> look(Bench bench) {
        return bench.eachElement(UsedUp::look);
    }

    private static Optional<Advice> look(Spot spot) {
        double strain = spot.reading().strainUsed();
        double amber = spot.wire().amberStrain();
        double red = spot.wire().redStrain();
        if (strain <= amber || spot.wire().metal() == Metal.MUSIC_WIRE) {
            return Optional.empty();
        }
        boolean over = strain > red;
        return spot.says(
                over ? Advice.Severity.STOP : Advice.Severity.MIND,
                NAME,
                String.format(
                        Locale.ROOT,
                        over ? "The %s is strained by %.2f and cracks." : "The %s is strained by %.2f: little is left.",
                        spot.element().label(),
                        strain),
                String.format(
                        Locale.ROOT,
                        "%s bought %s stands about %.2f, little is left from %.2f (estimates); it counts from purchase.",
                        spot.wire().metal().title(),
                        Word.plain(spot.wire().temper()),
                        red,
                        amber),
                instead(spot));
    }

    private static String instead(Spot spot) {
        String softer = spot.wire().temper() == Temper.DEAD_SOFT ? "" : "take a softer temper, ";
        String less = spot.isStruck() ? softer + "bend it wider, or hammer it less." : softer + "bend it wider.";
        return Character.toUpperCase(less.charAt(0)) + less.substring(1);
    }
}
