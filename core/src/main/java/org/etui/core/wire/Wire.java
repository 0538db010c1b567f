package org.etui.core.wire;

import java.util.Optional;
import java.util.stream.Collectors;
import org.etui.core.check.Check;
import org.etui.core.check.Term;
import org.etui.core.check.Word;
import org.etui.core.measure.GaugeSystem;
import org.etui.core.measure.LengthFormat;
import org.etui.core.measure.Units;
import org.etui.core.metal.Metal;
import org.etui.core.metal.Temper;
import org.etui.core.section.GaugeLabel;
import org.etui.core.section.Round;
import org.etui.core.section.WireSection;

/**
 * Wire as it is bought.
 *
 * @param metal what it is made of
 * @param temper how hard it was drawn
 * @param finish what covers it
 * @param section its cross-section
 */
public record Wire(
        @Term("the metal") Metal metal,

        @Term(value = "the temper it is bought in", or = "\"dead-soft\"")
        Temper temper,

        @Term(value = "what covers it", or = "\"bare\"") Finish finish,
        @Term("the cross-section") WireSection section) {
    /** A gauge that is off by more than this share is only about that gauge. */
    private static final double OFF_SHARE = 0.02;

    /** @throws IllegalArgumentException if the metal is not sold in that temper */
    public Wire {
        Check.that(
                metal.comesIn(temper),
                () -> "temper must be " + metal.onlyTemper().map(Word::of).orElse("") + " for " + metal.title()
                        + ", was " + Word.of(temper));
    }

    /** Bare round wire of an AWG number, labelled so. */
    public static Wire ofAwg(Metal metal, Temper temper, String number) {
        double mm = GaugeSystem.AWG.thicknessMm(number).orElseThrow();
        GaugeLabel label = new GaugeLabel(GaugeSystem.AWG, number);
        return new Wire(metal, temper, Finish.BARE, new Round(Math.round(mm * 100) / 100.0, Optional.of(label)));
    }

    /** Bare round wire. */
    public static Wire ofRound(Metal metal, Temper temper, double diameterMm) {
        return new Wire(metal, temper, Finish.BARE, Round.of(diameterMm));
    }

    /** Mass in g of a length in mm: A·L·ρ. */
    public double massG(double lengthMm) {
        return section.areaMm2() * lengthMm * metal.densityGPerCm3() / 1000;
    }

    /** Plastic strain added since purchase from which to mind; an estimate. */
    public double amberStrain() {
        return metal.amberStrain() * temper.strainLeftShare();
    }

    /** Plastic strain added since purchase at which it may crack; an estimate. Zero where none is stood. */
    public double redStrain() {
        return metal.redStrain() * temper.strainLeftShare();
    }

    /** In words, such as {@code 1.29 mm copper, dead soft}. */
    public String inWords() {
        return inWords(new LengthFormat(Units.MM));
    }

    /** The same with its measures in the reader's units. */
    public String inWords(LengthFormat format) {
        return section.inWords(format) + " " + metal.title() + ", " + Word.plain(temper);
    }

    /**
     * The nearest gauge in each of the three systems, such as {@code AWG 16, SWG 18, metric 1.3}; {@code ~} before one that is off by
     * more than 2 %. Empty for wire that is not round.
     */
    public String gaugesInWords() {
        if (!(section instanceof Round round)) {
            return "";
        }
        return GaugeSystem.nearestOfEach(round.diameterMm()).stream()
                .map(g -> (Math.abs(g.deviationOf(round.diameterMm())) > OFF_SHARE * round.diameterMm() ? "~" : "")
                        + (g.system() == GaugeSystem.METRIC
                                ? "metric"
                                : g.system().name()) + " " + g.number())
                .collect(Collectors.joining(", "));
    }
}
