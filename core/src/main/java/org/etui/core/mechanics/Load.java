package org.etui.core.mechanics;

import java.util.Locale;

/** A load in words, grams first as on a kitchen scale, newtons beside; standard gravity 9.80665 m/s² (ISO 80000-3). */
public final class Load {
    private static final double GRAMS = 1000 / 9.80665;
    /** From here a tenth of a newton says nothing more. */
    private static final double WHOLE_N = 9.95;

    private Load() {}

    /** In words, such as {@code 720 g (7.1 N)} or {@code 1.02 kg (10 N)}. */
    public static String inWords(double newtons) {
        double grams = newtons * GRAMS;
        String mass = grams < 1000
                ? String.format(Locale.ROOT, "%.0f g", grams)
                : String.format(Locale.ROOT, grams < 9950 ? "%.2f kg" : "%.1f kg", grams / 1000);
        return mass + String.format(Locale.ROOT, newtons < WHOLE_N ? " (%.1f N)" : " (%.0f N)", newtons);
    }
}
