package org.etui.core.mechanics;

import org.etui.core.check.Check;
import org.etui.core.section.Bent;
import org.etui.core.section.Flat;
import org.etui.core.section.HalfRound;
import org.etui.core.section.Round;
import org.etui.core.section.Section;
import org.etui.core.section.Slab;
import org.etui.core.section.WireSection;

/**
 * Wire struck thinner by a {@link Face}; the volume is kept. Round wire follows the fit of the face. Half-round wire goes the same way as round
 * wire of its area, beginning at its own thickness. Where the face bears on the whole of it (square and flat wire, and wire that was widened by
 * blows from the other side) the fit's curves are straight, c = k = 0, and width and length share the thinning.
 *
 * @param section the section afterwards
 * @param growth length afterwards over length before, at least 1
 * @param strain equivalent plastic strain added, √(2/3·Σe²)
 */
public record Flattening(Section section, double growth, double strain) {
    private static final double SAME_MM = 1e-9;

    /** Flattens round wire with a domed hammer, from a diameter to a thickness, mm. */
    public static Flattening of(double diameterMm, double toMm) {
        return of(Round.of(diameterMm), toMm, Face.DOMED);
    }

    /**
     * Flattens wire as bought, lying on its broad side: round and square wire in the plane of the form.
     *
     * @param bought its section
     * @param toMm thickness afterwards, mm, below its own
     * @throws IllegalArgumentException if the thickness is not below its own
     */
    public static Flattening of(WireSection bought, double toMm, Face face) {
        return further(bought, bought, toMm, face, liesOnEdge(bought));
    }

    /** Whether wire as bought is struck in the plane of bending: flat and half-round wire that is bent the easy way. */
    public static boolean liesOnEdge(WireSection bought) {
        return bought instanceof Flat flat && flat.bent() == Bent.EASY
                || bought instanceof HalfRound half && half.bent() == Bent.EASY;
    }

    /** The thickness that the fit counts from, mm: of half-round wire the diameter of round wire of its area. */
    public static double startMm(WireSection bought) {
        return bought instanceof HalfRound ? Math.sqrt(4 * bought.areaMm2() / Math.PI) : bought.thicknessMm();
    }

    /** What is struck: the measure in the plane of the form, or that across it, mm. */
    public static double struckMm(Section section, boolean inPlane) {
        return inPlane ? section.inPlaneMm() : section.acrossMm();
    }

    /**
     * Strikes wire on from where it is.
     *
     * @param now its section
     * @param bought that as bought
     * @param toMm what it is struck to, mm, below what it has there
     * @param inPlane whether it is struck in the plane of the form, as round a mandrel; else lying flat
     * @throws IllegalArgumentException if it is as thin already
     */
    public static Flattening further(Section now, WireSection bought, double toMm, Face face, boolean inPlane) {
        Check.positive("toMm", toMm);
        double from = struckMm(now, inPlane);
        Check.that(toMm < from, () -> "toMm must be below " + from + " mm, was " + toMm);
        double wide = now.inPlaneMm() + now.acrossMm() - from;
        double d = startMm(bought);
        boolean rounded = (bought instanceof Round || bought instanceof HalfRound) && from < d + SAME_MM;
        double x1 = rounded ? Math.max(0, Math.log(d / from)) : 0;
        double x2 = rounded ? Math.max(x1, Math.log(d / toMm)) : Math.log(from / toMm);
        double wider = rounded ? face.widening(x2) - face.widening(x1) : face.bearing() * x2;
        double longer = rounded ? face.lengthening(x2) - face.lengthening(x1) : (1 - face.bearing()) * x2;
        double area = now.areaMm2() * Math.exp(-longer);
        double width = Math.max(wide * Math.exp(wider), area / toMm);
        double strain = rounded
                ? strain(face.widening(x2), face.lengthening(x2)) - strain(face.widening(x1), face.lengthening(x1))
                : strain(wider, longer);
        return new Flattening(
                inPlane ? Slab.ofArea(toMm, width, area) : Slab.ofArea(width, toMm, area),
                Math.exp(longer),
                Math.max(0, strain));
    }

    /** Of strains across and along, the third such that the volume is kept. */
    private static double strain(double across, double along) {
        double down = -(across + along);
        return Math.sqrt(2.0 / 3.0 * (along * along + across * across + down * down));
    }
}
