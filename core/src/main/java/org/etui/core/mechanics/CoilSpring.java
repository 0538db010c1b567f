package org.etui.core.mechanics;

import java.util.Optional;
import org.etui.core.metal.Metal;
import org.etui.core.section.Round;
import org.etui.core.section.Section;

/**
 * A coil of round wire pulled or pressed along its axis: k = G·d⁴/(8·D³·n); it sets above about 0.45 of its tensile strength at the inside, with
 * the factor of A. M. Wahl (all after J. E. Shigley, Mechanical Engineering Design, from memory). Range: D/d from 3 to 25.
 *
 * @param nPerMm how many newtons a millimetre takes
 * @param mostN load from which it sets, N
 */
public record CoilSpring(double nPerMm, double mostN) {
    private static final double SETS = 0.45;
    private static final double TIGHTEST = 3;
    private static final double WIDEST = 25;

    /**
     * A coil.
     *
     * @param fibres of its wire as it lies
     * @param middleMm diameter of its centre line, mm
     * @param turns how many
     * @return empty for wire that is not round, and out of range
     */
    public static Optional<CoilSpring> of(Metal metal, Fibres fibres, Section section, double middleMm, double turns) {
        double d = section.thicknessMm();
        double index = middleMm / d;
        if (!(section instanceof Round) || index < TIGHTEST || index > WIDEST) {
            return Optional.empty();
        }
        double shear = 1000 * metal.shearModulusGpa();
        double rate = shear * Math.pow(d, 4) / (8 * Math.pow(middleMm, 3) * turns);
        double strength = fibres.material().flow().strengthMpa(fibres.meanStrain());
        double wahl = (4 * index - 1) / (4 * index - 4) + 0.615 / index;
        return Optional.of(new CoilSpring(rate, SETS * strength * Math.PI * d * d * d / (8 * wahl * middleMm)));
    }

    /**
     * How far twisted round wire springs back, in turns: T·L/(G·J) with T = (2π/3)·τ·r³, every fibre at its flow stress (A. Nádai, 1931), τ by von
     * Mises.
     *
     * @param fibres of the wire as it is twisted
     * @param thicknessMm its thickness, mm
     * @param lengthMm how long the twist is, mm
     */
    public static double twistsBackTurns(Metal metal, Fibres fibres, double thicknessMm, double lengthMm) {
        double r = thicknessMm / 2;
        double shear = fibres.material().flow().stressMpa(fibres.meanStrain()) / Math.sqrt(3);
        double torque = 2 * Math.PI / 3 * shear * r * r * r;
        double stiffness = 1000 * metal.shearModulusGpa() * Math.PI * Math.pow(r, 4) / 2;
        return torque * lengthMm / stiffness / (2 * Math.PI);
    }
}
