package org.etui.core.measure;

import org.etui.core.check.Check;
import org.etui.core.check.Term;

/**
 * A gauge: a number in its system, and the thickness it stands for.
 *
 * @param system which of the three systems
 * @param number as the trade writes it, such as 16, 000 or 3/0
 * @param diameterMm thickness in mm, above zero
 */
public record Gauge(
        @Term("the gauge system") GaugeSystem system,
        @Term("the number in that system") String number,
        @Term("thickness, mm") double diameterMm) {

    /** @throws IllegalArgumentException if the thickness is not positive and finite */
    public Gauge {
        Check.positive("diameterMm", diameterMm);
    }

    /** A thickness in mm less this gauge's: positive where it is thicker. */
    public double deviationOf(double thicknessMm) {
        return thicknessMm - diameterMm;
    }
}
