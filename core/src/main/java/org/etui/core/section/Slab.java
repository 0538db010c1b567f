package org.etui.core.section;

import org.etui.core.check.Check;

/**
 * What square wire becomes under the hammer: a rectangle, hammered flat in the plane of the form, so that its width lies in
 * that plane.
 *
 * @param widthMm in the plane of the form, mm
 * @param thicknessMm across it, mm
 */
public record Slab(double widthMm, double thicknessMm) implements Section {

    /** @throws IllegalArgumentException if not positive or wider than thick the wrong way */
    public Slab {
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
        return Math.abs(yMm) <= widthMm / 2 ? thicknessMm : 0;
    }

    @Override
    public double areaMm2() {
        return widthMm * thicknessMm;
    }

    @Override
    public double perimeterMm() {
        return 2 * (widthMm + thicknessMm);
    }

    @Override
    public double secondMomentMm4() {
        return thicknessMm * Math.pow(widthMm, 3) / 12;
    }

    @Override
    public double extremeFibreMm() {
        return widthMm / 2;
    }

    @Override
    public double plasticModulusMm3() {
        return thicknessMm * widthMm * widthMm / 4;
    }
}
