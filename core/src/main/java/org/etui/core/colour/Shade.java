package org.etui.core.colour;

import java.util.Locale;
import org.etui.core.metal.Metal;

/**
 * The colour of a worked metal under a film of sulfide: Airy's formula, then three corrections for what no bench has, a smooth and even film on a mirror
 * (engineering estimates, fitted together with the optical constants to the order of colours of the trade): the film is uneven, light is thrown back
 * twice between what is wound side by side, and a thick film is dull.
 */
public final class Shade {
    /** Above this a film is a crust that flakes; no colour is told beyond it, nm (engineering estimate). */
    public static final double THICKEST_NM = 400;

    /** The film differs from place to place by this share of it and by so many nm more (engineering estimate). */
    private static final double UNEVEN = 0.15;

    private static final double UNEVEN_NM = 1;

    /** Light meets worked metal one and a half times on the mean (engineering estimate). */
    private static final double BOUNCES = 1.5;

    /** A film of that thickness is dull by 1 − 1/e (engineering estimate). */
    private static final double DULL_NM = 50;

    /** What a dull film throws back at 400 and 700 nm (engineering estimate). */
    private static final double DULL_BLUE = 0.018;

    private static final double DULL_RED_ON_COPPER = 0.030;
    private static final double DULL_RED_ON_SILVER = 0.022;

    /** Nine-point Gauss–Hermite rule for a normal distribution: places in standard deviations, and weights (Abramowitz and Stegun 1964, table 25.10). */
    private static final double[][] NORMAL = {
        {0, 0.4063492063492},
        {1.0232556637891, 0.2440975028949},
        {2.0768479786778, 0.0499164067652},
        {3.2054290028565, 0.0027891413212},
        {4.5127458633998, 0.0000223458440}
    };

    private final double dullRed;
    private final ThinFilm[] films = new ThinFilm[Spectrum.COUNT];

    private Shade(Metal metal) {
        boolean silver = Tarnish.isSilver(metal);
        Refraction film = silver ? Refraction.SILVER_SULFIDE : Refraction.COPPER_SULFIDE;
        dullRed = silver ? DULL_RED_ON_SILVER : DULL_RED_ON_COPPER;
        for (int i = 0; i < Spectrum.COUNT; i++) {
            double nm = Spectrum.nm(i);
            films[i] = new ThinFilm(film.at(nm), Tarnish.ground(metal, nm), nm);
        }
    }

    /** The colours of a metal. */
    public static Shade of(Metal metal) {
        return new Shade(metal);
    }

    /** Red, green and blue from 0 to 1 (sRGB, daylight D65), under a film of that thickness, nm; beyond 400 nm as at 400. */
    public double[] at(double filmNm) {
        return Spectrum.srgb(xyz(filmNm));
    }

    private double[] xyz(double filmNm) {
        double nm = Math.max(0, Math.min(THICKEST_NM, filmNm));
        double deviation = UNEVEN * nm + UNEVEN_NM;
        double dull = -Math.expm1(-(nm / DULL_NM) * (nm / DULL_NM));
        double[] thrown = new double[Spectrum.COUNT];
        for (int i = 0; i < Spectrum.COUNT; i++) {
            double mean = NORMAL[0][1] * films[i].reflectance(nm);
            for (int k = 1; k < NORMAL.length; k++) {
                double away = NORMAL[k][0] * deviation;
                mean += NORMAL[k][1] * (films[i].reflectance(nm + away) + films[i].reflectance(Math.max(0, nm - away)));
            }
            double share = i / (Spectrum.COUNT - 1.0);
            thrown[i] = (1 - dull) * Math.pow(mean, BOUNCES) + dull * (DULL_BLUE + share * (dullRed - DULL_BLUE));
        }
        return Spectrum.xyz(thrown);
    }

    /** The same as {@code #rrggbb}. */
    public String hex(double filmNm) {
        return hex(at(filmNm));
    }

    /** Of a film that a share of the surface is bare of, 0 to 1: the light of both together, from afar. */
    public String hex(double filmNm, double bare) {
        double[] film = xyz(filmNm);
        double[] metal = xyz(0);
        double[] both = new double[film.length];
        for (int axis = 0; axis < both.length; axis++) {
            both[axis] = bare * metal[axis] + (1 - bare) * film[axis];
        }
        return hex(Spectrum.srgb(both));
    }

    private static String hex(double[] rgb) {
        return String.format(
                Locale.ROOT,
                "#%02x%02x%02x",
                Math.round(255 * rgb[0]),
                Math.round(255 * rgb[1]),
                Math.round(255 * rgb[2]));
    }
}
