package org.etui.core.act;

import org.etui.core.check.Check;

/**
 * A loop opened sideways and closed again. Its end is turned out by 30°, twisted over a quarter of a turn of the loop
 * (engineering estimate): the surface shears by c·θ/L, a strain of that over √3 (von Mises, textbook), there and back.
 *
 * @param surfaceStrain strain at the surface that one opening and closing adds
 */
public record Opening(double surfaceStrain) {
    private static final double TURNED_OUT_RAD = Math.toRadians(30);

    /**
     * Of a loop.
     *
     * @param radiusMm centre-line radius, mm
     * @param depthMm from the middle of the wire to its surface, mm
     */
    public static Opening of(double radiusMm, double depthMm) {
        Check.positive("radiusMm", radiusMm);
        double along = radiusMm * Math.PI / 2;
        return new Opening(2 * depthMm * TURNED_OUT_RAD / along / Math.sqrt(3));
    }

    /** Of a run that goes round; nothing where it does not. */
    public static Opening of(Run run) {
        double length = run.now().lengthMm();
        double turn = run.now().turnRad();
        return turn == 0 ? new Opening(0) : of(length / turn, run.section().thicknessMm() / 2);
    }

    /** Mean over a round section, two thirds of it (textbook torsion). */
    public double meanStrain() {
        return surfaceStrain * 2 / 3;
    }

    /**
     * How many times it can be opened and closed again, (what is left of the strain it stands / strain a time)²: an engineering
     * estimate after L. F. Coffin (1954) and S. S. Manson (1953).
     *
     * @param strainLeft what the metal still stands, 0 or more
     */
    public double times(double strainLeft) {
        return surfaceStrain == 0 ? 0 : Math.pow(Math.max(0, strainLeft) / surfaceStrain, 2);
    }
}
