package org.etui.core.section;

import org.etui.core.check.Check;

/**
 * What round wire becomes under the hammer: two flats joined by half circles, hammered flat in the plane of the form, so
 * that its width lies in that plane.
 *
 * @param widthMm over the round edges, mm, at least the thickness
 * @param thicknessMm between the flats, mm
 */
public record Stadium(double widthMm, double thicknessMm) implements Section {

    /** @throws IllegalArgumentException if not positive or wider than thick the wrong way */
    public Stadium {
        Check.positive("thicknessMm", thicknessMm);
        Check.that(
                widthMm >= thicknessMm,
                () -> "widthMm must be at least the thickness " + thicknessMm + ", was " + widthMm);
    }

    @Override
    public double inPlaneMm() {
        return widthMm;
    }

    @Override
    public double chordMm(double yMm) {
        double beyond = Math.max(0, Math.abs(yMm) - (widthMm - thicknessMm) / 2);
        return Math.sqrt(Math.max(0, thicknessMm * thicknessMm - 4 * beyond * beyond));
    }

    @Override
    public double areaMm2() {
        return (widthMm - thicknessMm) * thicknessMm + Math.PI * thicknessMm * thicknessMm / 4;
    }

    @Override
    public double perimeterMm() {
        return 2 * (widthMm - thicknessMm) + Math.PI * thicknessMm;
    }

    /** Rectangle, two half circles and their shift (parallel axes), about the axis across the plane of the form. */
    @Override
    public double secondMomentMm4() {
        double flat = widthMm - thicknessMm;
        double r = thicknessMm / 2;
        double cap = (Math.PI / 8 - 8 / (9 * Math.PI)) * Math.pow(r, 4);
        double shift = flat / 2 + 4 * r / (3 * Math.PI);
        return thicknessMm * Math.pow(flat, 3) / 12 + 2 * (cap + Math.PI * r * r / 2 * shift * shift);
    }

    @Override
    public double extremeFibreMm() {
        return widthMm / 2;
    }

    @Override
    public double plasticModulusMm3() {
        double flat = widthMm - thicknessMm;
        double r = thicknessMm / 2;
        return thicknessMm * flat * flat / 4 + Math.PI * r * r * (flat / 2 + 4 * r / (3 * Math.PI));
    }
}
