package org.etui.core.colour;

import java.util.function.DoubleUnaryOperator;

/**
 * Visible light, 400 to 700 nm: daylight D65 (CIE 15, relative power at every 10 nm, from memory) as the eye of the CIE 1931 2° observer sees it, by the
 * multi-lobe fit of Wyman, Sloan and Shirley 2013 (within 1 % of the tables in total). What it lights is told in sRGB (IEC 61966-2-1), clipped to its gamut.
 */
final class Spectrum {
    static final int FROM_NM = 400;
    static final int TO_NM = 700;
    private static final int STEP_NM = 10;

    /** Places at which light is looked at. */
    static final int COUNT = (TO_NM - FROM_NM) / STEP_NM + 1;

    private static final double[] D65 = {
        82.75, 91.49, 93.43, 86.68, 104.86, 117.01, 117.81, 114.86, 115.92, 108.81, 109.35, 107.80, 104.79, 107.69,
        104.41, 104.05, 100.00, 96.33, 95.79, 88.69, 90.01, 89.60, 87.70, 83.29, 83.70, 80.03, 80.21, 82.28, 78.28,
        69.72, 71.61
    };

    /** White of D65 for the 2° observer, Y = 1 (CIE 15). */
    private static final double[] WHITE = {0.95047, 1, 1.08883};

    private static final double[][] SEEN = seen();

    private Spectrum() {}

    /** The wavelength of a place, nm. */
    static double nm(int place) {
        return FROM_NM + (double) STEP_NM * place;
    }

    /** Tristimulus values of a surface in daylight, a perfect white having Y = 1. */
    static double[] xyz(double[] reflectance) {
        double[] xyz = new double[3];
        for (int i = 0; i < COUNT; i++) {
            for (int axis = 0; axis < 3; axis++) {
                xyz[axis] += SEEN[axis][i] * reflectance[i];
            }
        }
        return xyz;
    }

    /** Tristimulus values in sRGB, each from 0 to 1, clipped to its gamut. */
    static double[] srgb(double[] xyz) {
        double x = xyz[0];
        double y = xyz[1];
        double z = xyz[2];
        return new double[] {
            encoded(3.2406 * x - 1.5372 * y - 0.4986 * z),
            encoded(-0.9689 * x + 1.8758 * y + 0.0415 * z),
            encoded(0.0557 * x - 0.2040 * y + 1.0570 * z)
        };
    }

    private static double encoded(double linear) {
        double inside = Math.max(0, Math.min(1, linear));
        return inside <= 0.0031308 ? 12.92 * inside : 1.055 * Math.pow(inside, 1 / 2.4) - 0.055;
    }

    /** Daylight weighted by the eye; so scaled that a perfect white is the white of D65, whatever is cut off at the ends. */
    private static double[][] seen() {
        double[][] seen = {
            weighted(Spectrum::red), weighted(Spectrum::green), weighted(Spectrum::blue),
        };
        for (int axis = 0; axis < 3; axis++) {
            double sum = 0;
            for (double value : seen[axis]) {
                sum += value;
            }
            for (int i = 0; i < COUNT; i++) {
                seen[axis][i] *= WHITE[axis] / sum;
            }
        }
        return seen;
    }

    private static double[] weighted(DoubleUnaryOperator eye) {
        double[] all = new double[COUNT];
        for (int i = 0; i < COUNT; i++) {
            all[i] = D65[i] * eye.applyAsDouble(nm(i));
        }
        return all;
    }

    static double red(double nm) {
        return 1.056 * lobe(nm, 599.8, 37.9, 31.0)
                + 0.362 * lobe(nm, 442.0, 16.0, 26.7)
                - 0.065 * lobe(nm, 501.1, 20.4, 26.2);
    }

    static double green(double nm) {
        return 0.821 * lobe(nm, 568.8, 46.9, 40.5) + 0.286 * lobe(nm, 530.9, 16.3, 31.1);
    }

    static double blue(double nm) {
        return 1.217 * lobe(nm, 437.0, 11.8, 36.0) + 0.681 * lobe(nm, 459.0, 26.0, 13.8);
    }

    private static double lobe(double nm, double middle, double below, double above) {
        double away = (nm - middle) / (nm < middle ? below : above);
        return Math.exp(-away * away / 2);
    }
}
