package org.etui.core.section;

import java.util.Optional;
import org.etui.core.check.Check;
import org.etui.core.check.Term;

/**
 * Half-round wire, flat side in or, on edge, one side of it: half an ellipse of the given width whose half height is the thickness. With thickness
 * half of the width it is the exact semicircle.
 *
 * @param widthMm width of the flat side in mm, above 0, at most 40
 * @param thicknessMm height of the dome in mm, above 0, at most 20
 * @param label the gauge name it was bought by
 * @param bent which way it is bent
 */
public record HalfRound(
        @Term(value = "width of the flat side, mm", from = 0.01, to = 40)
        double widthMm,

        @Term(value = "height of the dome, mm", from = 0.01, to = 20)
        double thicknessMm,

        @Term("the gauge name it was bought by") Optional<GaugeLabel> label,

        @Term(value = "which way it is bent", or = "\"easy\"")
        Bent bent)
        implements WireSection {

    /** @throws IllegalArgumentException if a measure is out of range */
    public HalfRound {
        Check.that(widthMm > 0 && widthMm <= 40, () -> "widthMm must be above 0 and at most 40, was " + widthMm);
        Check.that(
                thicknessMm > 0 && thicknessMm <= 20,
                () -> "thicknessMm must be above 0 and at most 20, was " + thicknessMm);
    }

    /** Bent the easy way, flat side in. */
    public HalfRound(double widthMm, double thicknessMm, Optional<GaugeLabel> label) {
        this(widthMm, thicknessMm, label, Bent.EASY);
    }

    private boolean onEdge() {
        return bent == Bent.ON_EDGE;
    }

    @Override
    public double inPlaneMm() {
        return onEdge() ? widthMm : thicknessMm;
    }

    /** Of the half ellipse: flat side in w·√(1 − (z/t)²) at a height z above the flat, on edge t·√(1 − (2y/w)²) from its middle. */
    @Override
    public double chordMm(double yMm) {
        if (onEdge()) {
            double share = 2 * Math.abs(yMm) / widthMm;
            return share > 1 ? 0 : thicknessMm * Math.sqrt(1 - share * share);
        }
        double height = (yMm + insideFibreMm()) / thicknessMm;
        return height < 0 || height > 1 ? 0 : widthMm * Math.sqrt(1 - height * height);
    }

    /** π w t/4: half of an ellipse with half axes w/2 and t. */
    @Override
    public double areaMm2() {
        return Math.PI * widthMm * thicknessMm / 4;
    }

    /** The flat side and half the ellipse's perimeter by Ramanujan's second formula (Ramanujan 1914). */
    @Override
    public double perimeterMm() {
        double a = widthMm / 2;
        double b = thicknessMm;
        double h = Math.pow((a - b) / (a + b), 2);
        return widthMm + Math.PI * (a + b) * (1 + 3 * h / (10 + Math.sqrt(4 - 3 * h))) / 2;
    }

    /** (π/8 − 8/(9π)) · (w/2) · t³ about the centroid, on edge π/8 · t · (w/2)³: textbook geometry of the half ellipse. */
    @Override
    public double secondMomentMm4() {
        if (onEdge()) {
            return Math.PI / 8 * thicknessMm * Math.pow(widthMm / 2, 3);
        }
        return (Math.PI / 8 - 8 / (9 * Math.PI)) * (widthMm / 2) * Math.pow(thicknessMm, 3);
    }

    /** The centroid lies 4t/(3π) above the flat; the crown is the farther fibre. On edge it lies in the middle. */
    @Override
    public double extremeFibreMm() {
        return onEdge() ? widthMm / 2 : thicknessMm * (1 - 4 / (3 * Math.PI));
    }

    /**
     * About the axis that halves the area, at height u·t where asin u + u√(1−u²) = π/4 (u ≈ 0.40397): the first moments
     * of the two halves, in closed form. On edge the middle halves it: 2/3 · t · (w/2)².
     */
    @Override
    public double plasticModulusMm3() {
        if (onEdge()) {
            return 2.0 / 3.0 * thicknessMm * Math.pow(widthMm / 2, 2);
        }
        double u = 0.403972753299517;
        double strip = 2.0 / 3.0 * Math.pow(1 - u * u, 1.5);
        double aboveFlat = 2.0 / 3.0;
        return (widthMm / 2) * thicknessMm * thicknessMm * (2 * strip - aboveFlat);
    }

    @Override
    public String shapeInWords() {
        return "half-round";
    }
}
