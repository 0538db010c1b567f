package org.etui.core.measure;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Locale;
import org.etui.core.check.Check;

/**
 * Writes lengths for people: millimetres to 0.1, those that are rounded up to whole ones without the nought behind them; inches as reduced
 * fractions of 1/16 or 1/32.
 *
 * @param units what to write in
 */
public record LengthFormat(Units units) {
    private static final BigDecimal INCH_MM = new BigDecimal("25.4");

    /** Below this, in, fractions say nothing. */
    private static final double SMALL_IN = 1.0 / 16;

    /** A fraction that is further off than this, mm, is not said. */
    private static final double TRUE_MM = 0.1;

    /** A mark is no further off than this, mm. */
    private static final double MARK_MM = 0.2;

    private static final int MARK_PARTS = 32;

    /**
     * Lengths are taken to so many decimals of a mm first, since noise of floating-point arithmetic must not round a whole number up;
     * a length too great for that is written as it is.
     */
    private static final int DECIMALS = 9;

    private static final double GRAINS = 1e9;
    private static final double GREATEST_MM = 1e9;

    /**
     * The number with its unit, such as {@code 83 mm} or {@code 3 5/16 in}.
     *
     * @param mm a finite length in mm
     * @param rounding which way
     */
    public String write(double mm, Rounding rounding) {
        return number(mm, rounding) + (units == Units.MM ? " mm" : " in");
    }

    /**
     * A place on the wire: in inches the 1/32 where that is true to {@value #MARK_MM} mm, else the decimal, since marks a millimetre apart must not read
     * alike.
     *
     * @param mm a finite length in mm
     */
    public String place(double mm) {
        if (units == Units.MM) {
            return write(mm, Rounding.NEAREST);
        }
        double inch = mm / INCH_MM.doubleValue();
        boolean isTrue = Math.abs(Math.rint(inch * MARK_PARTS) / MARK_PARTS - inch) * INCH_MM.doubleValue() <= MARK_MM;
        return isTrue
                ? new LengthFormat(Units.IN32).write(mm, Rounding.NEAREST)
                : String.format(Locale.ROOT, "%.2f in", inch);
    }

    /**
     * A length within a sentence: millimetres to so many decimals, such as {@code 0.95 mm}; in inches a fraction where it is true to a
     * tenth of a millimetre, else the decimal, and thousandths below 1/16, such as {@code 0.031 in}.
     *
     * @param mm a finite length in mm
     * @param decimals of a millimetre, 0 to 2
     */
    public String say(double mm, int decimals) {
        if (units == Units.MM) {
            return BigDecimal.valueOf(mm)
                            .setScale(decimals, RoundingMode.HALF_UP)
                            .toPlainString() + " mm";
        }
        double inch = mm / INCH_MM.doubleValue();
        if (Math.abs(inch) < SMALL_IN) {
            return String.format(Locale.ROOT, "%.3f in", inch);
        }
        int parts = units == Units.IN ? 16 : 32;
        double fraction = Math.rint(inch * parts) / parts;
        return Math.abs(fraction - inch) * INCH_MM.doubleValue() <= TRUE_MM
                ? write(mm, Rounding.NEAREST)
                : String.format(Locale.ROOT, "%.2f in", inch);
    }

    /** A number to two places, such as {@code 1.29}: how thicknesses of wire are written, whatever the units. */
    public static String hundredths(double number) {
        return BigDecimal.valueOf(number).setScale(2, RoundingMode.HALF_UP).toPlainString();
    }

    /** The number alone, such as {@code 83} or {@code 3 5/16}. */
    public String number(double mm, Rounding rounding) {
        Check.that(Double.isFinite(mm), () -> "length must be finite, was " + mm + " mm");
        BigDecimal exact = Math.abs(mm) < GREATEST_MM
                ? BigDecimal.valueOf(Math.round(mm * GRAINS), DECIMALS)
                : BigDecimal.valueOf(mm);
        if (units == Units.MM) {
            BigDecimal tenths = unsigned(exact.setScale(1, rounding.mode()));
            return (rounding == Rounding.UP ? whole(tenths) : tenths).toPlainString();
        }
        return fraction(exact, units == Units.IN ? 16 : 32, rounding);
    }

    /**
     * The size of a tool as it is stamped on it, such as {@code 25 mm} or {@code 8.5 mm}.
     *
     * @param mm a finite length in mm
     */
    public String size(double mm) {
        return units == Units.MM
                ? whole(new BigDecimal(number(mm, Rounding.NEAREST))).toPlainString() + " mm"
                : write(mm, Rounding.NEAREST);
    }

    private static BigDecimal whole(BigDecimal tenths) {
        return tenths.remainder(BigDecimal.ONE).signum() == 0 ? tenths.setScale(0) : tenths;
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
