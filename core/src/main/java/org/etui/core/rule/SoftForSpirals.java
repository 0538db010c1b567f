package org.etui.core.rule;

import java.util.List;
import java.util.Optional;
import org.etui.core.check.Word;
import org.etui.core.metal.Metal;
import org.etui.core.metal.Temper;

/** Spirals, curls and tight coils want dead soft wire (common practice). */
final class SoftForSpirals implements Rule {
    private static final String NAME = "soft-for-spirals";

    @Override
    public List<String> names() {
        return List.of(NAME);
    }

    @Override
    public List<Advice> look(Bench bench) {
        return bench.eachElement(spot -> spot.element().handling().softWire()
                        && spot.wire().temper().compareTo(Temper.HALF_HARD) >= 0
                        && spot.wire().metal() != Metal.MUSIC_WIRE
                ? spot.says(
                        Advice.Severity.MIND,
                        NAME,
                        "The " + spot.element().label() + " is wound of "
                                + Word.plain(spot.wire().temper()) + " wire.",
                        "Harder wire costs more force, springs back unevenly and leaves less to harden"
                                + " (common practice).",
                        "Take dead soft wire and harden the piece afterwards.",
                        spot.bench().piece().purpose().carriesLoad()
                                ? Optional.empty()
                                : Optional.of(List.of(Advice.Patch.replace(spot.wireField("temper"), "dead-soft"))))
                : Optional.empty());
    }
}
