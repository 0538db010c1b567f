package org.etui.core.rule;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import org.etui.core.element.Element;
import org.etui.core.mechanics.Load;
import org.etui.core.mechanics.Material;
import org.etui.core.mechanics.TorsionSpring;
import org.etui.core.piece.FoldedSheet;
import org.etui.core.piece.Part;
import org.etui.core.section.Round;

/**
 * A pin that stands open by itself is held by its own spring when it is closed: how hard it presses into the catch, and whether the spring stands it.
 * What it is closed by is read off the folded sheet that it lies in: how far the pin stands open, and how far away the catch is.
 */
final class PinCatch implements Rule {
    private static final String NAME = "pin-catch";

    /** What presses less works out of its catch in wear, N; what presses more is hard to close with a fingertip (engineering estimates). */
    private static final double LEAST_N = 0.5;

    private static final double MOST_N = 8;

    @Override
    public List<String> names() {
        return List.of(NAME);
    }

    @Override
    public List<Advice> look(Bench bench) {
        return bench.eachElement(spot -> spot.wire().section() instanceof Round wire
                ? caught(bench, spot).flatMap(caught -> look(spot, wire, caught))
                : Optional.empty());
    }

    /** The sheet that catches the pin: what lies on the spring furthest away, turned by how far the pin stands open. */
    private static Optional<Part> caught(Bench bench, Spot spot) {
        String address = spot.work().strand().id() + "." + spot.element().id();
        return bench.piece().parts().stream()
                .filter(p -> p.on().filter(address::equals).isPresent())
                .filter(p -> FoldedSheet.of(p).isPresent()
                        && p.place().xMm() > 0
                        && p.place().rotDeg() != 0)
                .max((a, b) -> Double.compare(a.place().xMm(), b.place().xMm()));
    }

    private static Optional<Advice> look(Spot spot, Round wire, Part caught) {
        OptionalDouble inside = spot.work().finished().insideMm(spot.element().id());
        double turns = spot.element().winding().turnRad() / (2 * Math.PI);
        if (inside.isEmpty() || turns <= 0) {
            return Optional.empty();
        }
        double arm = caught.place().xMm();
        double open = arm
                * Math.tan(Math.toRadians(Math.min(60, Math.abs(caught.place().rotDeg()))));
        Material material = Material.of(spot.wire());
        TorsionSpring spring = new TorsionSpring(
                material.modulusMpa(), wire.diameterMm(), inside.getAsDouble() + wire.diameterMm(), turns, arm);
        double load = spring.loadN(open);
        double most = material.flow().stressMpa(material.boughtStrain());
        double share = most / spring.stressMpa(load);
        Element pin = spot.element();
        if (share < 1) {
            return says(
                    spot,
                    Advice.Severity.MIND,
                    String.format(
                            Locale.ROOT,
                            "Closing the pin bends the %s further than it springs back from: it then stands open by only about %s.",
                            pin.label(),
                            spot.say(share * open, 0)),
                    "Wind more turns, take harder or thinner wire, or let it stand less open.");
        }
        String holds =
                String.format(Locale.ROOT, "Closed, the pin presses into the catch with about %s.", Load.inWords(load));
        if (load < LEAST_N) {
            return says(
                    spot,
                    Advice.Severity.MIND,
                    holds + " So little works loose in wear.",
                    "Let it stand more open, wind fewer turns, or take thicker or harder wire.");
        }
        if (load > MOST_N) {
            return says(
                    spot,
                    Advice.Severity.MIND,
                    holds + " That is hard to close.",
                    "Let it stand less open, wind more turns, or take thinner wire.");
        }
        return says(spot, Advice.Severity.NOTE, holds, "More turns make it softer, a wider opening firmer.");
    }

    private static Optional<Advice> says(Spot spot, Advice.Severity severity, String message, String instead) {
        return spot.says(
                severity,
                NAME,
                message,
                "The spring and the pin bend together within the elastic range (mechanics of torsion springs; an estimate, friction on the pivot is left out).",
                instead);
    }
}
