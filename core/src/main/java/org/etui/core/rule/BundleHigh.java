package org.etui.core.rule;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.etui.core.element.Girth;
import org.etui.core.element.Seating;
import org.etui.core.piece.Part;
import org.etui.core.piece.Solid;
import org.etui.core.section.Section;

/** Wires of a bundle lie on the side of their stone; what stands higher than the stone holds nothing (common practice). */
final class BundleHigh implements Rule {
    private static final String NAME = "bundle-high";

    @Override
    public List<String> names() {
        return List.of(NAME);
    }

    @Override
    public List<Advice> look(Bench bench) {
        return bench.eachElement(spot ->
                spot.element().seated(Seating.girths()).flatMap(g -> g).flatMap(girth -> look(bench, spot, girth)));
    }

    private static Optional<Advice> look(Bench bench, Spot spot, Girth girth) {
        Girth.Seat seat = girth.seat().orElseThrow();
        Optional<Part> part = bench.piece().parts().stream()
                .filter(p -> p.id().equals(seat.on()))
                .filter(p -> p.body().flatMap(b -> b.front()).isPresent())
                .findFirst();
        if (part.isEmpty()) {
            return Optional.empty();
        }
        Section wire = spot.wire().section();
        Solid solid = new Solid(part.get().body().orElseThrow());
        double off = (girth.offsetWires() + 0.5) * wire.inPlaneMm();
        double middle =
                solid.lie(seat.heightMm(), seat.slot(), off, wire.acrossMm()).zMm();
        if (middle <= solid.toMm() && middle >= solid.fromMm()) {
            return Optional.empty();
        }
        String stone = part.get().label();
        return spot.says(
                Advice.Severity.MIND,
                NAME,
                text(
                        "The middle of this wire lies %s %s the %s, which is %s high.",
                        spot.say(middle > solid.toMm() ? middle - solid.toMm() : solid.fromMm() - middle, 1),
                        middle > solid.toMm() ? "above" : "below",
                        stone,
                        spot.say(solid.toMm() - solid.fromMm(), 1)),
                "Wire beside the stone's edge holds it; wire above or below it holds nothing.",
                "Take fewer or thinner wires, or a thicker stone.");
    }

    private static String text(String words, Object... values) {
        return String.format(Locale.ROOT, words, values);
    }
}
