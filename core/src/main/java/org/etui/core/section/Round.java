package org.etui.core.section;

import java.util.Optional;
import org.etui.core.check.Check;
import org.etui.core.check.Term;

/**
 * Round wire.
 *
 * @param diameterMm thickness in mm, above 0, at most 20
 * @param label the gauge name it was bought by
 */
public record Round(
        @Term(value = "diameter, mm", from = 0.01, to = 20) double diameterMm,
        @Term("the gauge name it was bought by") Optional<GaugeLabel> label)
        implements WireSection {

    /** @throws IllegalArgumentException if the diameter is out of range */
    public Round {
        Check.that(
                diameterMm > 0 && diameterMm <= 20,
                () -> "diameterMm must be above 0 and at most 20, was " + diameterMm);
    }

    /** Round wire without a gauge label. */
    public static Round of(double diameterMm) {
        return new Round(diameterMm, Optional.empty());
    }

    @Override
    public double widthMm() {
        return diameterMm;
    }

    @Override
    public double thicknessMm() {
        return diameterMm;
    }

    @Override
    public double inPlaneMm() {
        return diameterMm;
    }

    @Override
    public double chordMm(double yMm) {
        return Math.sqrt(Math.max(0, diameterMm * diameterMm - 4 * yMm * yMm));
    }

    @Override
    public double areaMm2() {
        return Math.PI * diameterMm * diameterMm / 4;
    }

    @Override
    public double perimeterMm() {
        return Math.PI * diameterMm;
    }

    /** π d⁴/64, textbook mechanics of materials. */
    @Override
    public double secondMomentMm4() {
        return Math.PI * Math.pow(diameterMm, 4) / 64;
    }

    @Override
    public double extremeFibreMm() {
        return diameterMm / 2;
    }

    /** d³/6, textbook mechanics of materials; 16/(3π) of the elastic modulus. */
    @Override
    public double plasticModulusMm3() {
        return Math.pow(diameterMm, 3) / 6;
    }

    @Override
    public String shapeInWords() {
        return "";
    }
}
