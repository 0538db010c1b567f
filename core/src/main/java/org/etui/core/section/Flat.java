package org.etui.core.section;

import java.util.Optional;
import org.etui.core.check.Check;
import org.etui.core.check.Term;

/**
 * Flat (rectangular) wire, bent the easy way.
 *
 * @param widthMm width in mm, above 0, at most 40
 * @param thicknessMm thickness in mm, above 0, at most 20
 * @param label the gauge name it was bought by
 */
public record Flat(
        @Term(value = "width, mm", from = 0.01, to = 40) double widthMm,
        @Term(value = "thickness, mm", from = 0.01, to = 20) double thicknessMm,
        @Term("the gauge name it was bought by") Optional<GaugeLabel> label)
        implements WireSection {

    /** @throws IllegalArgumentException if a measure is out of range */
    public Flat {
        Check.that(widthMm > 0 && widthMm <= 40, () -> "widthMm must be above 0 and at most 40, was " + widthMm);
        Check.that(
                thicknessMm > 0 && thicknessMm <= 20,
                () -> "thicknessMm must be above 0 and at most 20, was " + thicknessMm);
    }

    @Override
    public double inPlaneMm() {
        return thicknessMm;
    }

    @Override
    public double chordMm(double yMm) {
        return Math.abs(yMm) <= thicknessMm / 2 ? widthMm : 0;
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
        return widthMm * Math.pow(thicknessMm, 3) / 12;
    }

    @Override
    public double extremeFibreMm() {
        return thicknessMm / 2;
    }

    @Override
    public double plasticModulusMm3() {
        return widthMm * thicknessMm * thicknessMm / 4;
    }

    @Override
    public String shapeInWords() {
        return "flat";
    }
}
