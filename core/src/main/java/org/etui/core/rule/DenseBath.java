package org.etui.core.rule;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.etui.core.piece.Colour;
import org.etui.core.piece.Dip;

/** A strong or hot bath darkens before there is time to look (common practice). */
final class DenseBath implements Rule {
    private static final String NAME = "dense-bath";

    /** Two drops of gel in half a cup are usual; three times that is over in seconds (common practice). */
    private static final double MOST_DROPS_PER_100ML = 5;

    private static final double MOST_C = 75;

    @Override
    public List<String> names() {
        return List.of(NAME);
    }

    @Override
    public List<Advice> look(Bench bench) {
        return Dip.of(bench.piece()).stream()
                .flatMap(d -> look(d.colour(), d.where(bench.piece())).stream())
                .toList();
    }

    private static Optional<Advice> look(Colour colour, String where) {
        double strength = 100 * colour.drops() / colour.volumeMl();
        boolean dense = strength > MOST_DROPS_PER_100ML;
        if (!dense && colour.temperatureC() <= MOST_C) {
            return Optional.empty();
        }
        String path = "/" + where.replace('.', '/');
        double drops = Math.max(1, Math.floor(colour.volumeMl() * 2 / 100));
        return Optional.of(new Advice(
                Advice.Severity.MIND,
                NAME,
                where + (dense ? ".drops" : ".temperatureC"),
                dense
                        ? String.format(Locale.ROOT, "%.1f drops in 100 ml leave no time to look.", strength)
                        : String.format(
                                Locale.ROOT, "A bath of %.0f °C leaves no time to look.", colour.temperatureC()),
                "Film grows with strength and heat: a colour is passed in a second or two (common practice).",
                dense ? String.format(Locale.ROOT, "Take %.0f drops.", drops) : "Let it cool to 60 °C.",
                Optional.of(List.of(
                        dense
                                ? Advice.Patch.replace(path + "/drops", drops)
                                : Advice.Patch.replace(path + "/temperatureC", 60)))));
    }
}
