package org.etui.core.section;

import java.util.Optional;
import org.etui.core.check.Check;
import org.etui.core.check.Term;

/**
 * Square wire, bent over a flat side.
 *
 * @param sideMm side in mm, above 0, at most 20
 * @param label the gauge name it was bought by
 */
public record Square(
        @Term(value = "side, mm", from = 0.01, to = 20) double sideMm,
        @Term("the gauge name it was bought by") Optional<GaugeLabel> label)
        implements WireSection {

    /** @throws IllegalArgumentException if the side is out of range */
    public Square {
        Check.that(sideMm > 0 && sideMm <= 20, () -> "sideMm must be above 0 and at most 20, was " + sideMm);
    }

    @Override
    public double widthMm() {
        return sideMm;
    }

    @Override
    public double thicknessMm() {
        return sideMm;
    }

    @Override
    public double inPlaneMm() {
        return sideMm;
    }

    @Override
    public double chordMm(double yMm) {
        return Math.abs(yMm) <= sideMm / 2 ? sideMm : 0;
    }

    @Override
    public double areaMm2() {
        return sideMm * sideMm;
    }

    @Override
    public double perimeterMm() {
        return 4 * sideMm;
    }

    @Override
    public double secondMomentMm4() {
        return Math.pow(sideMm, 4) / 12;
    }

    @Override
    public double extremeFibreMm() {
        return sideMm / 2;
    }

    @Override
    public double plasticModulusMm3() {
        return Math.pow(sideMm, 3) / 4;
    }

    @Override
    public String shapeInWords() {
        return "square";
    }
}
