package org.etui.core.mechanics;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.assertj.core.data.Percentage;
import org.etui.core.section.Flat;
import org.etui.core.section.HalfRound;
import org.etui.core.section.Round;
import org.etui.core.section.Section;
import org.etui.core.section.Slab;
import org.etui.core.section.Square;
import org.etui.core.section.WireSection;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;
import org.junit.jupiter.params.provider.EnumSource;

class FlatteningTest {
    private static final double D = 1.25;

    /** Source: rigid-plastic finite elements of our own; the script that runs them again and its results lie in the resources. */
    @ParameterizedTest
    @CsvFileSource(resources = "/flattening/results.csv", numLinesToSkip = 2)
    void everyFace_spreadsAsFiniteElementsSay(
            Face face, double ratio, double width, double growth, double strain, double volume, double contact) {
        Flattening flat = Flattening.of(Round.of(D), D / ratio, face);

        assertThat(volume).isCloseTo(1, within(0.002));
        assertThat(flat.section().widthMm()).isCloseTo(width * D, Percentage.withPercentage(1));
        assertThat(flat.growth()).isCloseTo(growth, Percentage.withPercentage(4));
        assertThat(flat.growth() - 1).isCloseTo(growth - 1, within(0.25 * (growth - 1) + 0.002));
        assertThat(contact).isLessThan(flat.section().widthMm() / D);
    }

    /** Source: finite-element run, CalculiX 2.20, plates without friction: 1.43 wide, 8.7 % longer, strain 0.229; friction keeps it shorter. */
    @Test
    void round125To0887_agreesWithPlatesWithoutFriction() {
        Flattening flat = Flattening.of(1.25, 0.887);

        assertThat(flat.section().widthMm()).isCloseTo(1.430, Percentage.withPercentage(1.5));
        assertThat(flat.growth() - 1).isBetween(0.06, 0.087);
        assertThat(flat.strain()).isCloseTo(0.229, Percentage.withPercentage(10));
    }

    /** From the lightest blow on, and without a corner: neighbours differ by no more than their thickness does. */
    @ParameterizedTest
    @EnumSource(Face.class)
    void thinner_isWiderLongerAndMoreStrained_smoothly(Face face) {
        double step = 0.001;
        Flattening last = Flattening.of(Round.of(D), D - step, face);
        double slope = 0;
        for (double to = D - 2 * step; to > D / face.mostRatio(); to -= step) {
            Flattening next = Flattening.of(Round.of(D), to, face);
            assertThat(next.section().widthMm()).isGreaterThan(last.section().widthMm());
            assertThat(next.growth()).isGreaterThanOrEqualTo(last.growth()).isGreaterThanOrEqualTo(1);
            assertThat(next.strain()).isGreaterThan(last.strain());
            double here = (next.section().widthMm() - last.section().widthMm()) / step;
            assertThat(here - slope).as("at %s", to).isBetween(-0.01, 0.03);
            slope = here;
            last = next;
        }
    }

    /** The volume is kept, whatever wire, face and order; nothing gets shorter. */
    @Test
    void flattening_keepsVolumeAndNeverShortens() {
        Random random = new Random(2);
        for (int i = 0; i < 2000; i++) {
            double t = 0.3 + random.nextDouble() * 3;
            WireSection wire = List.of(
                            Round.of(t),
                            new Square(t, Optional.empty()),
                            new Flat(t * (1 + 3 * random.nextDouble()), t, Optional.empty()),
                            new HalfRound(2 * t, t, Optional.empty()))
                    .get(i % 4);
            Section now = wire;
            double growth = 1;
            for (int blow = 0; blow < 3; blow++) {
                Face face = Face.values()[random.nextInt(Face.values().length)];
                boolean inPlane = random.nextInt(4) == 0;
                double to = Flattening.struckMm(now, inPlane) * (0.7 + 0.299 * random.nextDouble());
                Flattening flat = Flattening.further(now, wire, to, face, inPlane);

                assertThat(flat.growth()).isGreaterThanOrEqualTo(1 - 1e-12);
                assertThat(flat.strain()).isGreaterThanOrEqualTo(0);
                assertThat(Flattening.struckMm(flat.section(), inPlane)).isCloseTo(to, within(1e-12));
                now = flat.section();
                growth *= flat.growth();
            }
            assertThat(now.areaMm2() * growth).isCloseTo(wire.areaMm2(), Percentage.withPercentage(1e-6));
        }
    }

    /** In steps or at once: the same face comes to the same. */
    @Test
    void twoBlows_areOneBlow() {
        Flattening first = Flattening.of(D, 1.1);
        Flattening second = Flattening.further(first.section(), Round.of(D), 0.9, Face.DOMED, false);
        Flattening once = Flattening.of(D, 0.9);

        assertThat(second.section().widthMm()).isCloseTo(once.section().widthMm(), within(1e-9));
        assertThat(first.growth() * second.growth()).isCloseTo(once.growth(), within(1e-12));
        assertThat(first.strain() + second.strain()).isCloseTo(once.strain(), within(1e-12));
    }

    /** Dies leave the length (plane strain): square wire keeps its area, width takes all. */
    @Test
    void dies_leaveTheLength() {
        assertThat(Flattening.of(Round.of(2), 1.6, Face.DIE).growth()).isEqualTo(1);
        Flattening square = Flattening.of(new Square(2, Optional.empty()), 1.6, Face.DIE);

        assertThat(square.growth()).isCloseTo(1, within(1e-12));
        assertThat(square.section().widthMm()).isCloseTo(2.5, within(1e-9));
    }

    /** Round a mandrel it gets thinner in the plane of the form, and wider across it. */
    @Test
    void roundAMandrel_itIsThinnerInThePlane() {
        Section struck = Flattening.further(Round.of(1.6), Round.of(1.6), 1.3, Face.DOMED, true)
                .section();
        Section lying = Flattening.of(1.6, 1.3).section();

        assertThat(struck.inPlaneMm()).isEqualTo(1.3);
        assertThat(struck.acrossMm()).isCloseTo(lying.inPlaneMm(), within(1e-12));
    }

    /** Half-round wire goes on from where round wire of its area would be: the lightest blow hardly widens it. */
    @Test
    void halfRound_beginsAtItsOwnThickness() {
        HalfRound wire = new HalfRound(3, 1.5, Optional.empty());
        Flattening light = Flattening.of(wire, 1.499, Face.DOMED);

        assertThat(light.section().widthMm()).isCloseTo(3, within(0.005));
        assertThat(light.section()).isInstanceOf(Slab.class);
        assertThat(Flattening.of(wire, 1.2, Face.DOMED).section().widthMm()).isBetween(3.2, 3.6);
    }

    @Test
    void thicknessNotBelowItsOwn_isRefused() {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> Flattening.of(1, 1))
                .withMessageContaining("below 1.0 mm, was 1.0");
    }
}
