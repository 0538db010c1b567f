package org.etui.core.section;

import java.util.Optional;
import org.etui.core.check.Check;
import org.etui.core.check.Term;

/**
 * Flat (rectangular) wire.
 *
 * @param widthMm width in mm, above 0, at most 40
 * @param thicknessMm thickness in mm, above 0, at most 20
 * @param label the gauge name it was bought by
 * @param bent which way it is bent
 */
public record Flat(
        @Term(value = "width, mm", from = 0.01, to = 40) double widthMm,
        @Term(value = "thickness, mm", from = 0.01, to = 20) double thicknessMm,
        @Term("the gauge name it was bought by") Optional<GaugeLabel> label,

        @Term(value = "which way it is bent", or = "\"easy\"")
        Bent bent)
        implements WireSection {

    /** @throws IllegalArgumentException if a measure is out of range */
    public Flat {
        Check.that(widthMm > 0 && widthMm <= 40, () -> "widthMm must be above 0 and at most 40, was " + widthMm);
        Check.that(
                thicknessMm > 0 && thicknessMm <= 20,
                () -> "thicknessMm must be above 0 and at most 20, was " + thicknessMm);
    }

    /** Bent the easy way. */
    public Flat(double widthMm, double thicknessMm, Optional<GaugeLabel> label) {
        this(widthMm, thicknessMm, label, Bent.EASY);
    }

    @Override
    public double inPlaneMm() {
        return bent == Bent.EASY ? thicknessMm : widthMm;
    }

    @Override
    public double chordMm(double yMm) {
        return Math.abs(yMm) <= inPlaneMm() / 2 ? acrossMm() : 0;
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
        return acrossMm() * Math.pow(inPlaneMm(), 3) / 12;
    }

    @Override
    public double extremeFibreMm() {
        return inPlaneMm() / 2;
    }

    @Override
    public double plasticModulusMm3() {
        return acrossMm() * inPlaneMm() * inPlaneMm() / 4;
    }

    @Override
    public String shapeInWords() {
        return "flat";
    }
}
