package org.etui.core.metal;

import java.util.Optional;
import org.etui.core.check.Check;
import org.etui.core.check.Term;

/**
 * Flow stress by Voce's law (E. Voce, 1948): σ(p) = σs − (σs − σ0)·exp(−p/εc), p the accumulated plastic strain from
 * annealed. The constants are fits from memory, good to about ±10 %; dead soft itself varies from spool to spool.
 *
 * @param startMpa σ0, stress at which annealed metal begins to flow, MPa
 * @param fullMpa σs, stress that hardening tends to, MPa
 * @param strainScale εc, plastic strain over which it hardens
 */
public record Flow(
        @Term("stress at which annealed metal begins to flow, MPa")
        double startMpa,

        @Term("stress that hardening tends to, MPa") double fullMpa,
        @Term("plastic strain over which it hardens") double strainScale) {

    /** Strain that a hardness indenter adds by itself (Tabor 1951). */
    private static final double INDENTER_STRAIN = 0.08;

    /** Vickers hardness is about three times the flow stress (Tabor 1951); newtons per kilogram-force. */
    private static final double TABOR = 3 / 9.807;

    /** @throws IllegalArgumentException unless 0 &lt; σ0 &lt; σs and εc &gt; 0 */
    public Flow {
        Check.positive("startMpa", startMpa);
        Check.that(fullMpa > startMpa, () -> "fullMpa must be above " + startMpa + ", was " + fullMpa);
        Check.positive("strainScale", strainScale);
    }

    static Optional<Flow> of(double startMpa, double fullMpa, double strainScale) {
        return Optional.of(new Flow(startMpa, fullMpa, strainScale));
    }

    /**
     * Flow stress, MPa.
     *
     * @param plasticStrain accumulated since annealed, 0 or more
     */
    public double stressMpa(double plasticStrain) {
        Check.that(plasticStrain >= 0, () -> "plastic strain must be 0 or more, was " + plasticStrain);
        return fullMpa - (fullMpa - startMpa) * Math.exp(-plasticStrain / strainScale);
    }

    /**
     * Plastic strain at which it flows under a stress, MPa: 0 where it flows under less, without end where it never needs so much.
     */
    public double strainAt(double stressMpa) {
        if (stressMpa >= fullMpa) {
            return Double.POSITIVE_INFINITY;
        }
        return Math.max(0, strainScale * Math.log((fullMpa - startMpa) / (fullMpa - stressMpa)));
    }

    /** Vickers hardness, about 3·σ(p + 0.08) (D. Tabor, 1951); reads up to 25 % low on dead-soft sterling and up to 17 % high on half-hard aluminium. */
    public double vickers(double plasticStrain) {
        return TABOR * stressMpa(plasticStrain + INDENTER_STRAIN);
    }

    /** Tensile strength of the annealed metal, MPa: that of {@link #strengthMpa} without any strain. */
    public double annealedStrengthMpa() {
        return strengthMpa(0);
    }

    /**
     * Tensile strength by Considère's construction (A. Considère, 1885), MPa of the section that it has: necking begins where
     * dσ/dp = σ; the strength is the true stress there over e^Δp. In closed form for Voce's law; what is strained further already necks at once.
     *
     * @param plasticStrain accumulated since annealed, 0 or more
     */
    public double strengthMpa(double plasticStrain) {
        double spread = fullMpa - startMpa;
        double necking = strainScale * Math.log(spread * (1 + strainScale) / (fullMpa * strainScale));
        return necking > plasticStrain
                ? stressMpa(necking) * Math.exp(plasticStrain - necking)
                : stressMpa(plasticStrain);
    }
}
