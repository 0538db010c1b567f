package org.etui.core.section;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import java.util.function.DoubleUnaryOperator;
import java.util.stream.Stream;
import org.etui.core.measure.LengthFormat;
import org.etui.core.measure.Units;
import org.hipparchus.analysis.UnivariateFunction;
import org.hipparchus.analysis.integration.IterativeLegendreGaussIntegrator;
import org.hipparchus.analysis.solvers.BrentSolver;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** Closed forms of the sections against Hipparchus quadrature of their outline. */
class SectionTest {
    private static final double CLOSE = 1e-6;

    static Stream<Arguments> sections() {
        Slab stadium = Slab.stadium(2.0, 0.8);
        return Stream.of(
                Arguments.of(Round.of(1.3), -0.65, 0.65, (DoubleUnaryOperator)
                        y -> 2 * Math.sqrt(Math.max(0, 0.4225 - y * y))),
                Arguments.of(new Square(1.1, Optional.empty()), -0.55, 0.55, (DoubleUnaryOperator) y -> 1.1),
                Arguments.of(new Flat(3, 1, Optional.empty()), -0.5, 0.5, (DoubleUnaryOperator) y -> 3),
                Arguments.of(new HalfRound(3, 1.2, Optional.empty()), 0.0, 1.2, (DoubleUnaryOperator)
                        y -> 3 * Math.sqrt(Math.max(0, 1 - y * y / 1.44))),
                Arguments.of(new Flat(3, 1, Optional.empty(), Bent.ON_EDGE), -1.5, 1.5, (DoubleUnaryOperator) y -> 1),
                Arguments.of(new HalfRound(3, 1.2, Optional.empty(), Bent.ON_EDGE), -1.5, 1.5, (DoubleUnaryOperator)
                        y -> 1.2 * Math.sqrt(Math.max(0, 1 - y * y / 2.25))),
                Arguments.of(stadium, -1.0, 1.0, (DoubleUnaryOperator) y -> {
                    double over = Math.max(0, Math.abs(y) - 0.6);
                    return 2 * Math.sqrt(Math.max(0, 0.16 - over * over));
                }));
    }

    /** The width of metal at a distance from the centroid is that of the outline. */
    @ParameterizedTest
    @MethodSource("sections")
    void chord_isTheWidthOfTheOutline(Section section, double from, double to, DoubleUnaryOperator width) {
        double inside = from + (to - from) * (section.insideFibreMm() / section.inPlaneMm());
        for (double share = 0.02; share < 1; share += 0.07) {
            double y = from + share * (to - from);
            assertThat(section.chordMm(y - inside)).isCloseTo(width.applyAsDouble(y), within(1e-9));
        }
        assertThat(section.chordMm(to - inside + 0.01)).isZero();
        assertThat(section.insideFibreMm() + section.extremeFibreMm()).isCloseTo(to - from, within(1e-9));
    }

    @ParameterizedTest
    @MethodSource("sections")
    void areaAndModuli_agreeWithQuadrature(Section section, double from, double to, DoubleUnaryOperator width) {
        double area = integral(width::applyAsDouble, from, to);
        double centroid = integral(y -> y * width.applyAsDouble(y), from, to) / area;
        double second = integral(y -> (y - centroid) * (y - centroid) * width.applyAsDouble(y), from, to);
        double half = new BrentSolver(1e-12)
                .solve(200, y -> integral(width::applyAsDouble, from, y) - area / 2, from + 1e-9, to - 1e-9);
        double plastic = integral(y -> (y - half) * width.applyAsDouble(y), half, to)
                + integral(y -> (half - y) * width.applyAsDouble(y), from, half);

        assertThat(section.areaMm2()).isCloseTo(area, within(1e-4));
        assertThat(section.secondMomentMm4()).isCloseTo(second, within(1e-4));
        assertThat(section.plasticModulusMm3()).isCloseTo(plastic, within(1e-4));
        assertThat(section.extremeFibreMm()).isCloseTo(Math.max(to - centroid, centroid - from), within(1e-5));
    }

    /** Roark's formulas: the fully plastic moment of a round section is 16/(3π) = 1.698 times the yield moment. */
    @Test
    void roundSection_hasThePlasticFactorOfRoark() {
        Round round = Round.of(1.25);

        assertThat(round.plasticModulusMm3() / round.sectionModulusMm3()).isCloseTo(16 / (3 * Math.PI), within(CLOSE));
    }

    /** A semicircle of radius r: perimeter (π + 2) r, elementary geometry. */
    @Test
    void halfRoundOfHalfTheWidth_isASemicircle() {
        HalfRound half = new HalfRound(2, 1, Optional.empty());

        assertThat(half.perimeterMm()).isCloseTo(Math.PI + 2, within(CLOSE));
        assertThat(half.areaMm2()).isCloseTo(Math.PI / 2, within(CLOSE));
    }

    private static final LengthFormat MM = new LengthFormat(Units.MM);

    @Test
    void words_carryEveryMeasure() {
        assertThat(new Flat(3, 1.2, Optional.empty()).inWords(MM)).isEqualTo("3.00 × 1.20 mm flat");
        assertThat(Round.of(1.29).inWords(MM)).isEqualTo("1.29 mm");
    }

    private static double integral(UnivariateFunction f, double from, double to) {
        return new IterativeLegendreGaussIntegrator(32, 1e-6, 1e-7, 1, 40).integrate(20_000_000, f, from, to);
    }
}
