package org.etui.core.colour;

import org.hipparchus.analysis.interpolation.LinearInterpolator;
import org.hipparchus.analysis.polynomials.PolynomialSplineFunction;
import org.hipparchus.complex.Complex;

/**
 * Complex refractive index n + ik against the wavelength, linear between the values given. Metals: of the order of Johnson and Christy 1972, from memory,
 * rounded. Films: estimates from memory, good enough for the order of colours.
 */
enum Refraction {
    /** Nothing but air. */
    AIR(new double[][] {{400, 1, 0}, {700, 1, 0}}),
    /** Copper. */
    COPPER(new double[][] {
        {400, 1.18, 2.21},
        {450, 1.15, 2.40},
        {500, 1.13, 2.56},
        {550, 1.04, 2.59},
        {580, 0.60, 2.75},
        {600, 0.30, 3.20},
        {650, 0.21, 3.67},
        {700, 0.21, 4.20}
    }),
    /** Silver; of sterling too. */
    SILVER(new double[][] {
        {400, 0.05, 2.10},
        {450, 0.04, 2.66},
        {500, 0.05, 3.13},
        {550, 0.06, 3.60},
        {600, 0.06, 4.00},
        {650, 0.05, 4.40},
        {700, 0.04, 4.84}
    }),
    /** Brass 70/30. */
    BRASS(new double[][] {
        {400, 1.45, 1.80},
        {450, 1.45, 1.85},
        {500, 1.00, 2.10},
        {550, 0.65, 2.70},
        {600, 0.50, 3.20},
        {650, 0.45, 3.60},
        {700, 0.45, 4.00}
    }),
    /** The film on copper and its alloys. */
    COPPER_SULFIDE(new double[][] {{400, 2.90, 1.10}, {500, 3.00, 0.75}, {600, 2.90, 0.45}, {700, 2.80, 0.30}}),
    /** The film on silver. */
    SILVER_SULFIDE(new double[][] {{400, 2.80, 1.30}, {500, 3.00, 0.90}, {600, 2.95, 0.50}, {700, 2.85, 0.35}});

    private final PolynomialSplineFunction n;
    private final PolynomialSplineFunction k;

    Refraction(double[][] rows) {
        double[][] columns = new double[3][rows.length];
        for (int row = 0; row < rows.length; row++) {
            for (int column = 0; column < 3; column++) {
                columns[column][row] = rows[row][column];
            }
        }
        LinearInterpolator between = new LinearInterpolator();
        n = between.interpolate(columns[0], columns[1]);
        k = between.interpolate(columns[0], columns[2]);
    }

    /** At a wavelength from 400 to 700 nm. */
    Complex at(double nm) {
        return new Complex(n.value(nm), k.value(nm));
    }
}
