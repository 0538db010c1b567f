package org.etui.core.colour;

import org.hipparchus.complex.Complex;

/**
 * One absorbing film on a ground, seen from air at right angles (Airy's formula; Born and Wolf, Principles of Optics, 7th edition, 1.6 and 14.4), at one
 * wavelength.
 */
final class ThinFilm {
    private final double perNm;
    private final double n;
    private final double k;
    private final double outerRe;
    private final double outerIm;
    private final double innerRe;
    private final double innerIm;

    /** Of a film and a ground by their complex indices n + ik at a wavelength, nm. */
    ThinFilm(Complex film, Complex ground, double wavelengthNm) {
        Complex outer = Complex.ONE.subtract(film).divide(Complex.ONE.add(film));
        Complex inner = film.subtract(ground).divide(film.add(ground));
        perNm = 4 * Math.PI / wavelengthNm;
        n = film.getReal();
        k = film.getImaginary();
        outerRe = outer.getReal();
        outerIm = outer.getImaginary();
        innerRe = inner.getReal();
        innerIm = inner.getImaginary();
    }

    /** Share of the light that comes back from a film of that thickness, nm; 0 to 1. Written out in reals: a strip asks for it some ten thousand times. */
    double reflectance(double thicknessNm) {
        double phase = n * perNm * thicknessNm;
        double through = Math.exp(-k * perNm * thicknessNm);
        double cos = through * Math.cos(phase);
        double sin = through * Math.sin(phase);
        double backRe = innerRe * cos - innerIm * sin;
        double backIm = innerRe * sin + innerIm * cos;
        double overRe = outerRe + backRe;
        double overIm = outerIm + backIm;
        double underRe = 1 + outerRe * backRe - outerIm * backIm;
        double underIm = outerRe * backIm + outerIm * backRe;
        return (overRe * overRe + overIm * overIm) / (underRe * underRe + underIm * underIm);
    }
}
