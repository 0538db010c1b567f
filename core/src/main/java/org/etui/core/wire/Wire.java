package org.etui.core.wire;

import java.util.Optional;
import org.etui.core.check.Check;
import org.etui.core.check.Term;
import org.etui.core.check.Word;
import org.etui.core.measure.GaugeSystem;
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

    /** @throws IllegalArgumentException if the metal is not sold in that temper */
    public Wire {
        Check.that(
                metal.comesIn(temper), () -> "temper must be spring for " + metal.title() + ", was " + Word.of(temper));
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
        return section.inWords() + " " + metal.title() + ", " + Word.plain(temper);
    }
}
