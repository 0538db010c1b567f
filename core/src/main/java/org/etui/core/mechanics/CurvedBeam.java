package org.etui.core.mechanics;

import org.etui.core.check.Check;
import org.etui.core.measure.Quadrature;
import org.etui.core.section.Round;
import org.etui.core.section.Section;

/**
 * The stress at the inside of a sharp bend while it is elastic, as a share of what straight-beam bending says: the curved-beam
 * factor of Winkler (1858) and Bach (1889), R of the centroid, rn of the neutral line, e = R − rn:
 * K = (I/c)·(rn − ri)/(A·e·ri). Agrees with the table of J. S. Wilson and J. V. Quereau (1927) within 2 % from R/c 1.2 to 10.
 */
public final class CurvedBeam {
    private static final int POINTS = 40;

    private CurvedBeam() {}

    /**
     * The factor at the inside of the bend; 1 for straight wire.
     *
     * @param section its section
     * @param radiusMm radius of the middle, mm, above the distance to the inside
     * @throws IllegalArgumentException if the radius leaves no inside
     */
    public static double factor(Section section, double radiusMm) {
        double inside = section.insideFibreMm();
        Check.that(radiusMm > inside, () -> "radiusMm must be above " + inside + ", half the wire, was " + radiusMm);
        double shift = radiusMm - neutralMm(section, radiusMm);
        double nearest = radiusMm - inside;
        double sharp = (inside - shift) / (section.areaMm2() * shift * nearest);
        return sharp * section.secondMomentMm4() / inside;
    }

    /** Radius of the neutral line, A/∫dA/r: in closed form for round sections, else by quadrature. */
    private static double neutralMm(Section section, double radiusMm) {
        if (section instanceof Round round) {
            double c = round.diameterMm() / 2;
            return c * c / (2 * (radiusMm - Math.sqrt(radiusMm * radiusMm - c * c)));
        }
        double sum = Quadrature.legendre(POINTS, -section.insideFibreMm(), section.extremeFibreMm())
                .integrate(y -> section.chordMm(y) / (radiusMm + y));
        double area = Quadrature.legendre(POINTS, -section.insideFibreMm(), section.extremeFibreMm())
                .integrate(section::chordMm);
        return area / sum;
    }
}
