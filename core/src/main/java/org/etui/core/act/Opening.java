package org.etui.core.act;

import org.etui.core.check.Check;

/**
 * A loop opened sideways and closed again. Its end is turned out by as much as lets the other wire through, θ = 1.3·t/(2R), twisted over a
 * quarter of a turn of the loop: the surface shears by c·θ/L, a strain of that over √3 (von Mises, textbook), there and back. Coffin and
 * Manson's law says how many times the metal takes that. The 1.3 and the quarter of a turn are engineering estimates.
 *
 * @param strainRange strain at the surface, there and back once
 */
public record Opening(double strainRange) {
    /** Room for the other wire, as a multiple of its thickness. */
    private static final double ROOM = 1.3;

    /** Exponent of L. F. Coffin (1954) and S. S. Manson (1953), −0.5 to −0.7 for metals (from memory). */
    private static final double EXPONENT = -0.6;

    /**
     * Of a loop.
     *
     * @param radiusMm centre-line radius, mm
     * @param depthMm from the middle of the wire to its surface, mm; of flattened wire half its width (torsion of a rectangle, Roark)
     * @param otherMm thickness of the wire that has to pass, mm
     */
    public static Opening of(double radiusMm, double depthMm, double otherMm) {
        Check.positive("radiusMm", radiusMm);
        double along = radiusMm * Math.PI / 2;
        double turnedOutRad = ROOM * otherMm / (2 * radiusMm);
        return new Opening(depthMm * turnedOutRad / along / Math.sqrt(3));
    }

    /** Of a run that goes round, for a wire of a thickness, mm; nothing where it does not. */
    public static Opening of(Run run, double otherMm) {
        double length = run.now().lengthMm();
        double turn = run.now().turnRad();
        return turn == 0 ? new Opening(0) : of(length / turn, run.section().widthMm() / 2, otherMm);
    }

    /**
     * How many times sound metal can be opened and closed again, N of Δε/2 = εf·(2N)^−0.6.
     *
     * @param redStrain εf, the strain at which it cracks, 0 or more
     */
    public double times(double redStrain) {
        return strainRange == 0 ? 0 : Math.pow(strainRange / (2 * redStrain), 1 / EXPONENT) / 2;
    }

    /**
     * The share of what the metal stands that this uses up (M. A. Miner, 1945).
     *
     * @param times how often
     * @param redStrain the strain at which it cracks; where that is none, once is too often
     */
    public double wear(int times, double redStrain) {
        return strainRange == 0 ? 0 : redStrain == 0 ? times : times / times(redStrain);
    }
}
