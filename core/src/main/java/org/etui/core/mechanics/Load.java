package org.etui.core.mechanics;

import java.math.BigDecimal;
import java.math.RoundingMode;

/** A load in words, grams first as on a kitchen scale, newtons beside; standard gravity 9.80665 m/s² (ISO 80000-3). */
public final class Load {
    private static final double GRAMS = 1000 / 9.80665;
    /** From here a tenth of a newton says nothing more. */
    private static final double WHOLE_N = 9.95;

    private Load() {}

    /** In words, such as {@code 720 g (7.1 N)} or {@code 1.02 kg (10 N)}. */
    public static String inWords(double newtons) {
        double grams = newtons * GRAMS;
        String mass = grams < 1000 ? places(grams, 0) + " g" : places(grams / 1000, grams < 9950 ? 2 : 1) + " kg";
        return mass + " (" + places(newtons, newtons < WHOLE_N ? 1 : 0) + " N)";
    }

    private static String places(double number, int places) {
        return BigDecimal.valueOf(number).setScale(places, RoundingMode.HALF_UP).toPlainString();
    }
}
