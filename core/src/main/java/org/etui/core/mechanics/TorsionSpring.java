package org.etui.core.mechanics;

import org.etui.core.check.Check;

/**
 * A coil of round wire that a straight arm winds up from its side, within the elastic range: the turns in pure bending and the arm as a cantilever
 * (R. G. Budynas, J. K. Nisbett, Shigley's Mechanical Engineering Design, helical torsion springs, from memory). Good while the arm turns by less
 * than about 30°; friction between the turns and on the pivot is left out.
 *
 * @param modulusMpa Young's modulus, MPa
 * @param wireMm thickness of the wire, mm
 * @param meanMm diameter of the coil from middle to middle of the wire, mm
 * @param turns how many turns
 * @param armMm from the axis to where the arm is pushed, mm
 */
public record TorsionSpring(double modulusMpa, double wireMm, double meanMm, double turns, double armMm) {
    /** @throws IllegalArgumentException if a value is out of range */
    public TorsionSpring {
        Check.that(modulusMpa > 0, "modulusMpa must be above 0");
        Check.size("wireMm", wireMm);
        Check.that(meanMm > wireMm, "meanMm must be above the thickness of the wire");
        Check.that(turns > 0, "turns must be above 0");
        Check.size("armMm", armMm);
    }

    private double inertiaMm4() {
        return Math.PI * Math.pow(wireMm, 4) / 64;
    }

    /** The turns that count: those of the coil and what the arm bends by, L/(3πD). */
    public double activeTurns() {
        return turns + armMm / (3 * Math.PI * meanMm);
    }

    /** How hard the end of the arm pushes back, N, when it is pushed aside by so much, mm. */
    public double loadN(double asideMm) {
        double perNewton = armMm * armMm * Math.PI * meanMm * activeTurns() / (modulusMpa * inertiaMm4());
        return asideMm / perNewton;
    }

    /** The greatest stress, MPa: at the inner side of the turns, by Wahl's factor for bending of curved round wire. */
    public double stressMpa(double loadN) {
        double c = meanMm / wireMm;
        double inner = (4 * c * c - c - 1) / (4 * c * (c - 1));
        return inner * 32 * loadN * armMm / (Math.PI * wireMm * wireMm * wireMm);
    }
}
