package org.etui.core.mechanics;

import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;

/**
 * A load in words, grams first as on a kitchen scale, newtons beside; standard gravity 9.80665 m/s² (ISO 80000-3). To two digits: from spool to spool
 * loads differ by more than a third would tell.
 */
public final class Load {
    private static final double GRAMS = 1000 / 9.80665;
    private static final MathContext TWO_DIGITS = new MathContext(2, RoundingMode.HALF_UP);

    /** What rounds to a kilogram is one, g. */
    private static final double KILO = 995;

    private Load() {}

    /** In words, such as {@code 720 g (7.1 N)} or {@code 1.0 kg (10 N)}. */
    public static String inWords(double newtons) {
        double grams = newtons * GRAMS;
        String mass = grams < KILO ? rounded(grams) + " g" : rounded(grams / 1000) + " kg";
        return mass + " (" + rounded(newtons) + " N)";
    }

    private static String rounded(double number) {
        return new BigDecimal(number).round(TWO_DIGITS).toPlainString();
    }
}
