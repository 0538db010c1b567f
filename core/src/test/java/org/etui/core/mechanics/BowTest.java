package org.etui.core.mechanics;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.assertj.core.data.Percentage;
import org.etui.core.metal.Metal;
import org.etui.core.metal.Temper;
import org.etui.core.section.Round;
import org.etui.core.section.Section;
import org.etui.core.wire.Wire;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class BowTest {
    private static Bending formed(Wire wire, double radius) {
        return Bending.toFree(Fibres.of(Material.of(wire), wire.section()), 1 / radius);
    }

    private static Hold hook(Material material, Section section, double radius) {
        Fibres bent = Bending.toFree(Fibres.of(material, section), 1 / radius).after();
        return Bow.ofHook(bent, section, radius, Math.PI).hold();
    }

    /** Source: finite-element run, CalculiX 2.20, isotropic hardening: a hook of 1.25 mm soft copper, 7 mm inside, holds 12.8 to 13.0 N. */
    @Test
    void softCopperHook_holdsWhatFiniteElementsSay_withoutBackStress() {
        Material isotropic = new Material(117_000, Metal.COPPER.flow().orElseThrow(), 0, 0, 0);

        assertThat(hook(isotropic, Round.of(1.25), 4.125).holdsN()).isBetween(12.8 * 0.95, 13.0 * 1.05);
    }

    /** Source: a second computation, not fitted to: half-hard sterling of 1.29 mm, 5 mm inside, holds between 24 and 36 N. */
    @Test
    void halfHardSterlingHook_holdsWithinItsBand() {
        Wire wire = Wire.ofRound(Metal.STERLING_SILVER, Temper.HALF_HARD, 1.29);
        Hold hold = hook(Material.of(wire), wire.section(), (5 + 1.29) / 2);

        assertThat(hold.holdsN()).isBetween(24.0, 36.0);
        assertThat(hold.holdsFromN()).isCloseTo(0.75 * hold.holdsN(), within(1e-9));
        assertThat(hold.holdsToN()).isCloseTo(1.25 * hold.holdsN(), within(1e-9));
        assertThat(hold.startsFromN()).isCloseTo(0.6 * hold.startsToGiveN(), within(1e-9));
        assertThat(hold.startsToN()).isCloseTo(1.4 * hold.startsToGiveN(), within(1e-9));
    }

    /** Bauschinger: wire that was bought hard gives earlier the other way, by a quarter to two fifths of what a hook holds in brass. */
    @Test
    void hardBrass_holdsLessByItsFastBackStress() {
        Wire wire = Wire.ofRound(Metal.BRASS, Temper.HARD, 1.2);
        Material both = Material.of(wire);
        Material slow = new Material(both.modulusMpa(), both.flow(), both.boughtStrain(), both.slowShare(), 0);
        double share = hook(both, wire.section(), 4).holdsN()
                / hook(slow, wire.section(), 4).holdsN();

        assertThat(1 - share).isBetween(0.15, 0.4);
    }

    /** Spring-back on the way on is that of Voce's curve, whatever the back stress: superposed, they add up to it. */
    @Test
    void wayOn_keepsTheCurveOfVoce() {
        Wire wire = Wire.ofRound(Metal.BRASS, Temper.HALF_HARD, 1);
        Material both = Material.of(wire);
        Material none = new Material(both.modulusMpa(), both.flow(), both.boughtStrain(), 0, 0);

        assertThat(Fibres.of(both, wire.section()).momentAtNmm(0.2))
                .isCloseTo(Fibres.of(none, wire.section()).momentAtNmm(0.2), Percentage.withPercentage(1e-6));
    }

    /** Squeezed shut, set begins when the moment is back at that of forming (rigid-plastic reasoning): M/(R + 5 mm), in any metal. */
    @ParameterizedTest
    @EnumSource(Metal.class)
    void squeeze_beginsToShutItAtTheMomentOfForming(Metal metal) {
        Temper temper = metal == Metal.MUSIC_WIRE ? Temper.SPRING : Temper.DEAD_SOFT;
        Wire wire = Wire.ofRound(metal, temper, 0.8);
        Bending bending = formed(wire, 4.9);
        Hold hold = Bow.ofEarWire(bending.after(), wire.section(), 4.9, Math.PI).hold();

        assertThat(hold.squeezeN().orElseThrow())
                .isCloseTo(bending.toolMomentNmm() / 9.9, Percentage.withPercentage(3));
        assertThat(hold.squeezeN().orElseThrow()).isGreaterThan(1.25 * hold.holdsN());
    }

    /** Source: finite elements of the same bow, 0.80 mm soft copper, 9 mm inside, arm 5 mm: 1.06 N, within 8 %. */
    @Test
    void softCopperBow_standsASqueezeOfAboutANewton() {
        Wire wire = Wire.ofRound(Metal.COPPER, Temper.DEAD_SOFT, 0.8);
        Bow bow = (Bow) Bow.ofEarWire(formed(wire, 4.9).after(), wire.section(), 4.9, Math.PI)
                .hold()
                .bearing();

        assertThat(bow.hold().squeezeN().orElseThrow()).isCloseTo(1.06, Percentage.withPercentage(8));
        assertThat(bow.carries(Bearing.Limit.HOLDS, 1.0)).isTrue();
        assertThat(bow.carries(Bearing.Limit.HOLDS, 1.2)).isFalse();
    }

    /** The drawing of a squeeze shuts the bow, stays so beyond what it stands, and springs back below. */
    @Test
    void squeeze_isDrawnShut() {
        Wire wire = Wire.ofRound(Metal.COPPER, Temper.DEAD_SOFT, 0.8);
        Hold hold = Bow.ofEarWire(formed(wire, 4.9).after(), wire.section(), 4.9, Math.PI)
                .hold();
        Pull little = hold.under(0.5);
        Pull much = hold.under(1.3);

        assertThat(little.shut()).isTrue();
        assertThat(little.staysMm()).isLessThan(0.01);
        assertThat(much.staysMm()).isGreaterThan(0.05);
        assertThat(much.under().get(0)[1]).isGreaterThan(much.rest().get(0)[1]);
    }

    /** Engineering estimate: pulled across its plane a hook of round wire holds 0.58 of what it holds in it, flattened by a quarter a third. */
    @Test
    void sideways_holdsLess_andLeastWhenFlattened() {
        Wire wire = Wire.ofRound(Metal.COPPER, Temper.DEAD_SOFT, 1.25);
        Hold round = hook(Material.of(wire), wire.section(), 4.1);
        Section flat = Flattening.of(1.25, 0.9).section();
        Hold flattened = hook(Material.of(wire), flat, 4.1);

        assertThat(round.sidewaysN().orElseThrow() / round.holdsN()).isCloseTo(0.58, within(1e-9));
        assertThat(flattened.sidewaysN().orElseThrow() / flattened.holdsN()).isCloseTo(0.33, within(0.01));
    }

    /** What opens comes nearer to the line of the load: that is worth 2 to 8 % of what a soft hook holds (the same computation). */
    @Test
    void openingHook_holdsMoreThanOnItsArmsAtRest() {
        Wire wire = Wire.ofRound(Metal.COPPER, Temper.DEAD_SOFT, 1.25);
        double radius = 4.125;
        Fibres bent = formed(wire, radius).after();
        double holds = Bow.ofHook(bent, wire.section(), radius, Math.PI).hold().holdsN();
        MomentCurve curve = MomentCurve.opening(bent, 0.2 / (radius * radius));
        double atRest = 0;
        int places = 400;
        for (int i = 0; i < places; i++) {
            double arm = radius * Math.sin(Math.PI / 2 * (i + 0.5) / places);
            atRest += 2 * Math.PI / 2 / places * radius * arm * curve.stays(holds * arm);
        }

        assertThat(atRest).isGreaterThan(0.2);
        assertThat(holds / firstOrder(curve, radius)).isBetween(1.01, 1.08);
    }

    private static double firstOrder(MomentCurve curve, double radius) {
        double low = 0;
        double high = curve.mostNmm() / radius;
        for (int round = 0; round < 60; round++) {
            double middle = (low + high) / 2;
            double stays = 0;
            for (int i = 0; i < 200; i++) {
                double arm = radius * Math.sin(Math.PI / 2 * (i + 0.5) / 200);
                stays += Math.PI / 200 * radius * arm * curve.stays(middle * arm);
            }
            if (stays < 0.2) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return low;
    }
}
