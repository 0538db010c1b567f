package org.etui.core.mechanics;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import org.assertj.core.data.Percentage;
import org.etui.core.metal.Metal;
import org.etui.core.section.Flat;
import org.etui.core.section.HalfRound;
import org.etui.core.section.Round;
import org.etui.core.section.Section;
import org.etui.core.section.Slab;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CurvedBeamTest {
    /**
     * Source: J. S. Wilson and J. V. Quereau, 1927, table of factors at the inside of round bars (from memory); 2, 3 and 4 also
     * in Roark's Formulas for Stress and Strain. Within 2 %.
     */
    @ParameterizedTest
    @CsvSource({"1.2, 3.41", "1.6, 1.96", "1.8, 1.75", "2, 1.62", "3, 1.33", "4, 1.23", "6, 1.14", "8, 1.10", "10, 1.08"
    })
    void roundBar_agreesWithTheTable(double radiusOverHalf, double factor) {
        assertThat(CurvedBeam.factor(Round.of(2), radiusOverHalf)).isCloseTo(factor, Percentage.withPercentage(2));
    }

    /** Source: the same table, rectangular bars: R/c 2 → 1.52, 3 → 1.30, 6 → 1.12 (from memory). Within 2 %. */
    @ParameterizedTest
    @CsvSource({"2, 1.52", "3, 1.30", "6, 1.12"})
    void rectangularBar_agreesWithTheTable(double radiusOverHalf, double factor) {
        Section bar = new Flat(1, 2, Optional.empty());

        assertThat(CurvedBeam.factor(bar, radiusOverHalf)).isCloseTo(factor, Percentage.withPercentage(2));
    }

    /** Quadrature over the chords of a stadium as good as round agrees with the closed form of the round section. */
    @Test
    void quadrature_agreesWithTheClosedForm() {
        assertThat(CurvedBeam.factor(Slab.stadium(2 + 1e-9, 2), 3))
                .isCloseTo(CurvedBeam.factor(Round.of(2), 3), within(2e-4));
    }

    /** Textbook: a straight beam has no factor; a sharper bend has a greater one, whatever the section. */
    @Test
    void factor_tendsToOne_andGrowsWithSharpness() {
        for (Section section :
                new Section[] {Round.of(1), Slab.stadium(1.4, 0.8), new HalfRound(2, 1, Optional.empty())}) {
            double mild = CurvedBeam.factor(section, 300 * section.insideFibreMm());
            double sharp = CurvedBeam.factor(section, 1.5 * section.insideFibreMm());

            assertThat(mild).isCloseTo(1, within(0.01));
            assertThat(sharp).isGreaterThan(1.3);
        }
        assertThatIllegalArgumentException().isThrownBy(() -> CurvedBeam.factor(Round.of(1), 0.5));
    }

    /**
     * Source: finite-element run, CalculiX 2.20: half-ring hook in 1.25 mm round wire, centre-line radius 4.125 mm: 25.75 MPa at
     * the inside of the back for a newton. Within 5 %.
     */
    @Test
    void insideStressOfAHook_agreesWithFiniteElements() {
        Fibres wire = Fibres.of(new Material(117_000, Metal.COPPER.flow().orElseThrow(), 0, 0, 0), Round.of(1.25));

        assertThat(Bow.ofHook(wire, Round.of(1.25), 4.125, Math.PI).hold().insideMpaPerN())
                .isCloseTo(25.75, Percentage.withPercentage(5));
    }
}
