package org.etui.core.measure;

import java.math.BigDecimal;
import java.math.RoundingMode;
import org.etui.core.check.Check;

/**
 * Writes lengths for people: millimetres to 0.1, inches as reduced fractions of 1/16 or 1/32.
 *
 * @param units what to write in
 */
public record LengthFormat(Units units) {
    private static final BigDecimal INCH_MM = new BigDecimal("25.4");

    /**
     * Lengths are taken to so many decimals of a mm first, since noise of floating-point arithmetic must not round a whole number up;
     * a length too great for that is written as it is.
     */
    private static final int DECIMALS = 9;

    private static final double GRAINS = 1e9;
    private static final double GREATEST_MM = 1e9;

    /**
     * The number with its unit, such as {@code 83.0 mm} or {@code 3 5/16 in}.
     *
     * @param mm a finite length in mm
     * @param rounding which way
     */
    public String write(double mm, Rounding rounding) {
        return number(mm, rounding) + (units == Units.MM ? " mm" : " in");
    }

    /** A number to two places, such as {@code 1.29}: how thicknesses of wire are written, whatever the units. */
    public static String hundredths(double number) {
        return BigDecimal.valueOf(number).setScale(2, RoundingMode.HALF_UP).toPlainString();
    }

    /** The number alone, such as {@code 83.0} or {@code 3 5/16}. */
    public String number(double mm, Rounding rounding) {
        Check.that(Double.isFinite(mm), () -> "length must be finite, was " + mm + " mm");
        BigDecimal exact = Math.abs(mm) < GREATEST_MM
                ? BigDecimal.valueOf(Math.round(mm * GRAINS), DECIMALS)
                : BigDecimal.valueOf(mm);
        return units == Units.MM
                ? unsigned(exact.setScale(1, rounding.mode())).toPlainString()
                : fraction(exact, units == Units.IN ? 16 : 32, rounding);
    }

    private static BigDecimal unsigned(BigDecimal value) {
        return value.signum() == 0 ? value.abs() : value;
    }

    private static String fraction(BigDecimal mm, int parts, Rounding rounding) {
        long count = mm.multiply(BigDecimal.valueOf(parts))
                .divide(INCH_MM, 0, rounding.mode())
                .longValueExact();
        long whole = Math.abs(count) / parts;
        long top = Math.abs(count) % parts;
        int bottom = parts;
        while (top != 0 && top % 2 == 0) {
            top /= 2;
            bottom /= 2;
        }
        String sign = count < 0 ? "-" : "";
        if (top == 0) {
            return sign + whole;
        }
        return sign + (whole == 0 ? "" : whole + " ") + top + "/" + bottom;
    }
}
