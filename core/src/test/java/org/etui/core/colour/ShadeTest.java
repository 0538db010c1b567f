package org.etui.core.colour;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.github.ajalt.colormath.calculate.DifferenceKt;
import com.github.ajalt.colormath.model.RGB;
import com.github.ajalt.colormath.model.XYZ;
import java.util.Arrays;
import org.etui.core.metal.Metal;
import org.hipparchus.complex.Complex;
import org.hipparchus.util.FastMath;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class ShadeTest {
    private static RGB srgb(String hex) {
        return RGB.Companion.invoke(hex);
    }

    private static double difference(String one, String other) {
        return DifferenceKt.differenceCIE2000(srgb(one), srgb(other));
    }

    /** A quarter-wave layer of index 1.38 on glass of 1.52 throws back 1.26 % (Born and Wolf; the coat of every lens). */
    @Test
    void quarterWaveLayer_throwsBackWhatTextbooksSay() {
        ThinFilm coat = new ThinFilm(new Complex(1.38), new Complex(1.52), 550);

        assertThat(coat.reflectance(550 / (4 * 1.38))).isCloseTo(0.0126, within(0.00005));
        assertThat(coat.reflectance(0)).isCloseTo(0.0426, within(0.00005));
    }

    /** The same by complex numbers from a library, for an absorbing film on metal. */
    @Test
    void absorbingFilm_isAirysFormula() {
        Complex film = new Complex(2.9, 0.6);
        Complex metal = new Complex(0.4, 3.1);
        for (double nm : new double[] {0, 7, 33, 150}) {
            Complex outer = Complex.ONE.subtract(film).divide(Complex.ONE.add(film));
            Complex inner = film.subtract(metal).divide(film.add(metal));
            Complex through =
                    film.multiply(Complex.I).multiply(4 * Math.PI * nm / 590).exp();
            double thrown = FastMath.pow(
                    outer.add(inner.multiply(through))
                            .divide(Complex.ONE.add(outer.multiply(inner).multiply(through)))
                            .norm(),
                    2);

            assertThat(new ThinFilm(film, metal, 590).reflectance(nm)).isCloseTo(thrown, within(1e-12));
        }
    }

    /** Handbook reflectance of polished metals at right angles (CRC Handbook, from memory, to 0.04). */
    @ParameterizedTest
    @CsvSource({"COPPER, 500, 0.60", "COPPER, 600, 0.92", "COPPER, 700, 0.97", "SILVER, 500, 0.98", "SILVER, 700, 0.985"
    })
    void bareMetals_throwBackWhatHandbooksSay(Refraction metal, double nm, double expected) {
        assertThat(new ThinFilm(Complex.ONE, metal.at(nm), nm).reflectance(0)).isCloseTo(expected, within(0.04));
    }

    /** D65 white has the tristimulus values 0.9505, 1, 1.0888 and is white in sRGB (CIE 15, IEC 61966-2-1). */
    @Test
    void whiteInDaylight_isWhite() {
        double[] white = new double[Spectrum.COUNT];
        Arrays.fill(white, 1);

        assertThat(Spectrum.xyz(white)).containsExactly(new double[] {0.9505, 1, 1.0888}, within(0.0001));
        assertThat(Spectrum.srgb(Spectrum.xyz(white))).containsExactly(new double[] {1, 1, 1}, within(0.001));
    }

    /** Points of the CIE 1931 tables (CIE 15), which the fit meets to 0.03. */
    @ParameterizedTest
    @CsvSource({
        "450, 0.3362, 0.0380, 1.7721",
        "500, 0.0049, 0.3230, 0.2720",
        "550, 0.4334, 0.9950, 0.0087",
        "600, 1.0622, 0.6310, 0.0008",
        "650, 0.2835, 0.1070, 0.0000"
    })
    void eye_isThatOfTheTables(double nm, double red, double green, double blue) {
        assertThat(new double[] {Spectrum.red(nm), Spectrum.green(nm), Spectrum.blue(nm)})
                .containsExactly(new double[] {red, green, blue}, within(0.03));
    }

    /** Another library's sRGB. */
    @ParameterizedTest
    @CsvSource({"0.2, 0.15, 0.1", "0.5, 0.5, 0.4", "0.02, 0.02, 0.03"})
    void encoding_isThatOfALibrary(float x, float y, float z) {
        RGB expected = XYZ.Companion.invoke(x, y, z, 1f).toSRGB();

        assertThat(Spectrum.srgb(new double[] {x, y, z}))
                .containsExactly(new double[] {expected.getR(), expected.getG(), expected.getB()}, within(0.002));
    }

    /** The row of colours that the film has to show, worked out apart from this code; within ΔE2000 3 (differences by a library). */
    @ParameterizedTest
    @CsvSource({
        "COPPER, 0, #fabda9",
        "COPPER, 8, #e0835f",
        "COPPER, 10, #d4714d",
        "COPPER, 15, #ac4132",
        "COPPER, 20, #7a1e33",
        "COPPER, 25, #4c1d3f",
        "COPPER, 30, #2e2c4b",
        "COPPER, 35, #293c53",
        "COPPER, 50, #4b5253",
        "COPPER, 80, #433730",
        "COPPER, 120, #2f2b27",
        "FINE_SILVER, 0, #fdfcfb",
        "FINE_SILVER, 8, #f2d291",
        "FINE_SILVER, 10, #ebbf70",
        "STERLING_SILVER, 15, #cf8528",
        "STERLING_SILVER, 20, #9f4a19",
        "STERLING_SILVER, 25, #6a2430",
        "STERLING_SILVER, 30, #3f2143",
        "SILVER_PLATED_COPPER, 35, #293150",
        "SILVER_PLATED_COPPER, 50, #414f55",
        "FINE_SILVER, 80, #3f3730",
        "FINE_SILVER, 120, #282726"
    })
    void film_passesThroughTheRowOfColours(Metal metal, double nm, String expected) {
        assertThat(difference(Shade.of(metal).hex(nm), expected)).isLessThan(3);
    }

    /** No colour lies outside of what a screen shows, at any thickness; more than a full crust is a full crust. */
    @ParameterizedTest
    @EnumSource(Metal.class)
    void everyThickness_isAColour(Metal metal) {
        Shade shade = Shade.of(metal);
        for (double nm = 0; nm <= 400; nm += 2.5) {
            assertThat(Arrays.stream(shade.at(nm)).boxed()).allMatch(c -> c >= 0 && c <= 1);
            assertThat(shade.hex(nm)).matches("#[0-9a-f]{6}");
        }
        assertThat(shade.hex(5000)).isEqualTo(shade.hex(400));
    }

    /** Half bare, half film: by the library's mean in linear light, which is what an eye mixes from afar. */
    @Test
    void halfBare_isTheMeanInLinearLight() {
        Shade shade = Shade.of(Metal.COPPER);
        XYZ film = srgb(shade.hex(120)).toXYZ();
        XYZ bare = srgb(shade.hex(0)).toXYZ();
        RGB mean = XYZ.Companion.invoke(
                        (film.getX() + bare.getX()) / 2,
                        (film.getY() + bare.getY()) / 2,
                        (film.getZ() + bare.getZ()) / 2,
                        1f)
                .toSRGB();

        assertThat((double) DifferenceKt.differenceCIE2000(srgb(shade.hex(120, 0.5)), mean))
                .isLessThan(1);
        assertThat(shade.hex(120, 0)).isEqualTo(shade.hex(120));
        assertThat(shade.hex(120, 1)).isEqualTo(shade.hex(0));
    }
}
