package org.etui.core.rule;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import org.etui.core.check.Word;
import org.etui.core.measure.GaugeSystem;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Strand;
import org.etui.core.section.GaugeLabel;
import org.etui.core.section.Round;
import org.etui.core.wire.Wire;

/** A gauge number means another thickness in another system (ASTM B258, BS 3737). */
final class GaugeMisread implements Rule {
    private static final String NAME = "gauge-misread";

    /** Drawn wire keeps its gauge within a few hundredths (engineering estimate). */
    private static final double OFF = 0.05;

    @Override
    public List<String> names() {
        return List.of(NAME);
    }

    @Override
    public List<Advice> look(Bench bench) {
        return bench.eachStrand(GaugeMisread::look);
    }

    private static Optional<Advice> look(Spot spot) {
        if (!(spot.wire().section() instanceof Round round) || round.label().isEmpty()) {
            return Optional.empty();
        }
        GaugeLabel label = round.label().get();
        OptionalDouble nominal = label.system().thicknessMm(label.number());
        if (nominal.isPresent()
                && Math.abs(nominal.getAsDouble() - round.diameterMm()) <= OFF * nominal.getAsDouble()) {
            return Optional.empty();
        }
        String name = label.number() + " " + Word.of(label.system()).toUpperCase(Locale.ROOT);
        String other = otherSystem(label, round.diameterMm());
        return spot.saysOfWire(
                Advice.Severity.MIND,
                NAME,
                nominal.isPresent()
                        ? String.format(
                                Locale.ROOT,
                                "The label says %s, that is %s; the wire is given as %s%s.",
                                name,
                                spot.say(nominal.getAsDouble(), 2),
                                spot.say(round.diameterMm(), 2),
                                other)
                        : "The label says " + name + ": there is no such gauge.",
                "The three gauge systems disagree, and labels do not always say which is meant (ASTM B258, BS 3737).",
                nominal.isPresent() ? "Measure it; take it as the label says." : "Measure it.",
                nominal.isPresent()
                        ? asLabelled(spot, new Round(Math.round(nominal.getAsDouble() * 100) / 100.0, round.label()))
                        : Optional.empty());
    }

    private static Optional<List<Advice.Patch>> asLabelled(Spot spot, Round section) {
        Piece piece = spot.bench().piece();
        List<Strand> strands = new ArrayList<>(piece.strands());
        Wire wire =
                new Wire(spot.wire().metal(), spot.wire().temper(), spot.wire().finish(), section);
        strands.set(spot.strand(), strands.get(spot.strand()).withWire(wire));
        Advice.Patch patch = Advice.Patch.replace(spot.wireField("section/diameterMm"), section.diameterMm());
        return new Fix(piece.withStrands(strands), List.of(patch)).tried(spot.bench(), NAME, spot.wirePath());
    }

    private static String otherSystem(GaugeLabel label, double mm) {
        for (GaugeSystem system : GaugeSystem.values()) {
            OptionalDouble there = system.thicknessMm(label.number());
            if (system != label.system() && there.isPresent() && Math.abs(there.getAsDouble() - mm) <= OFF * mm) {
                return ", which is " + label.number() + " " + Word.of(system).toUpperCase(Locale.ROOT);
            }
        }
        return "";
    }
}
