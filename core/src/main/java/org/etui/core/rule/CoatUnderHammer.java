package org.etui.core.rule;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.etui.core.piece.Work;

/** Plated and enamelled wire must not be hammered: skin and coat crack (common practice). */
final class CoatUnderHammer implements Rule {
    private static final String NAME = "coat-under-hammer";

    @Override
    public List<String> names() {
        return List.of(NAME);
    }

    @Override
    public List<Advice> look(Bench bench) {
        return bench.eachStrand(
                spot -> spot.isCoated() && spot.work().operations().stream().anyMatch(o -> o.isStruck())
                        ? spot.saysOfWire(
                                Advice.Severity.STOP,
                                NAME,
                                "This wire must not be hammered.",
                                "The skin or coat of " + spot.wire().metal().title()
                                        + " cracks under steel, or the wire snaps, however light the taps (common practice).",
                                "Leave the hammering out, or take bare wire.",
                                withoutSteel(spot))
                        : Optional.empty());
    }

    /** All work of steel on the strand goes. */
    private static Optional<List<Advice.Patch>> withoutSteel(Spot spot) {
        List<Work> works = spot.bench().piece().work();
        List<Work> left = new ArrayList<>(works);
        List<Advice.Patch> patches = new ArrayList<>();
        for (int i = works.size() - 1; i >= 0; i--) {
            boolean here = works.get(i).strand().equals(spot.work().strand().id())
                    || works.get(i).strand().isEmpty() && spot.bench().strands().size() == 1;
            if (here && works.get(i).act().doing().isStruck()) {
                patches.add(Advice.Patch.remove(Spot.work(i)));
                left.remove(i);
            }
        }
        return patches.isEmpty()
                ? Optional.empty()
                : new Fix(spot.bench().piece().withWork(left), patches).tried(spot.bench(), NAME, spot.wirePath());
    }
}
