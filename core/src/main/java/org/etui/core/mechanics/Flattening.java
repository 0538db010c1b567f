package org.etui.core.mechanics;

import java.util.Optional;
import org.etui.core.check.Check;
import org.etui.core.section.Flat;
import org.etui.core.section.HalfRound;
import org.etui.core.section.Round;
import org.etui.core.section.Section;
import org.etui.core.section.Slab;
import org.etui.core.section.Square;
import org.etui.core.section.Stadium;
import org.etui.core.section.WireSection;

/**
 * Wire pressed flat; the volume is kept. Round wire: the width follows w = 1.02·d·(d/h)^0.45 (Kazeminezhad and Karimi Taheri,
 * Materials &amp; Design 26, 2005, from memory), but never more than keeps the length from shrinking: w ≤ h + (π/4)(d² − h²)/h;
 * the section is a stadium. Range: d/h up to about 2.5; finite elements (CalculiX 2.20) agree within 15 % of growth. Square wire
 * by the same power of h. Flat and half-round wire: w = w0·(h0/h)^S with the coefficient of spread S of A. Tomlinson and
 * J. D. Stringer (Journal of the Iron and Steel Institute, 1959, from memory), S = 0.14 + 0.36·b/w0 − 0.054·(b/w0)², where the
 * hammer's print b = 2 mm is an engineering estimate; half-round is taken as a flat strip of its width and area.
 *
 * @param section the section afterwards
 * @param growth length afterwards over length before, at least 1
 * @param strain equivalent plastic strain added, √(2/3·Σe²)
 */
public record Flattening(Section section, double growth, double strain) {
    private static final double POWER = 0.45;
    private static final double PRINT_MM = 2;

    /**
     * Flattens round wire with a plain face.
     *
     * @param diameterMm before, mm
     * @param toMm thickness afterwards, mm, below the diameter
     * @throws IllegalArgumentException if the thickness is not below the diameter
     */
    public static Flattening of(double diameterMm, double toMm) {
        return of(Round.of(diameterMm), toMm, 1);
    }

    /**
     * Flattens wire as bought.
     *
     * @param wire its section before
     * @param toMm thickness afterwards, mm, at most {@link #mostMm}
     * @param face how much the face spreads width for a plain one's 1: less for a cross face, more for a ball
     * @throws IllegalArgumentException if the thickness is not below that
     */
    public static Flattening of(WireSection wire, double toMm, double face) {
        Check.positive("toMm", toMm);
        double most = mostMm(wire);
        Check.that(toMm < most, () -> "toMm must be below " + most + " mm, was " + toMm);
        double w0 = wire.widthMm();
        if (wire instanceof Round round) {
            double d = round.diameterMm();
            double widest = toMm + Math.PI / 4 * (d * d - toMm * toMm) / toMm;
            double width = Math.max(toMm, Math.min(1.02 * d * Math.pow(d / toMm, POWER * face), widest));
            return of(wire, new Stadium(width, toMm));
        }
        double power = wire instanceof Square ? POWER : spread(PRINT_MM / w0);
        double width = Math.min(w0 * Math.pow(most / toMm, power * face), wire.areaMm2() / toMm);
        return of(
                wire,
                wire instanceof Square
                        ? new Slab(Math.max(width, toMm), toMm)
                        : new Flat(width, toMm, Optional.empty()));
    }

    /** The thickness that it is flattened from, mm: of half-round wire that of a flat strip of its width and area. */
    public static double mostMm(WireSection wire) {
        return wire instanceof HalfRound ? wire.areaMm2() / wire.widthMm() : wire.thicknessMm();
    }

    private static double spread(double printOverWidth) {
        double b = Math.min(1, printOverWidth);
        return 0.14 + 0.36 * b - 0.054 * b * b;
    }

    private static Flattening of(WireSection wire, Section section) {
        double growth = wire.areaMm2() / section.areaMm2();
        double along = Math.log(growth);
        double across = Math.log(section.widthMm() / wire.widthMm());
        double down = -(across + along);
        double strain = Math.sqrt(2.0 / 3.0 * (along * along + across * across + down * down));
        return new Flattening(section, growth, strain);
    }
}
