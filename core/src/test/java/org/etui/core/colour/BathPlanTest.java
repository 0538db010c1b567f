package org.etui.core.colour;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.etui.core.check.BadInput;
import org.etui.core.metal.Metal;
import org.etui.core.piece.Colour;
import org.hipparchus.ode.ODEState;
import org.hipparchus.ode.OrdinaryDifferentialEquation;
import org.hipparchus.ode.nonstiff.DormandPrince853Integrator;
import org.junit.jupiter.api.Test;

/** A bath that tires, against the same law integrated as a differential equation by Hipparchus, and its limits. */
class BathPlanTest {
    private static final Colour.Recipe USUAL = new Colour.Recipe(Colour.Bath.GEL, 2, 118, 60);

    private static BathPlan.In in(String id, Colour.Stop stop, double mm2) {
        return new BathPlan.In(id, Metal.COPPER, stop, mm2);
    }

    private static BathPlan plan(Colour.Recipe bath, boolean topUp, BathPlan.In... in) {
        return BathPlan.of(List.of(in), bath, topUp, BathLog.EMPTY);
    }

    /** Next to nothing in a bath that is over at once: the times of a fresh bath. */
    @Test
    void littleWire_forAShortTime_isPulledAsFromAFreshBath() {
        BathPlan.Pull pull =
                plan(USUAL, false, in("hook", Colour.Stop.ORANGE, 1)).pulls().get(0);

        assertThat(pull.tS().orElseThrow()).isEqualTo(pull.freshS(), within(0.01 * pull.freshS()));
    }

    /**
     * The clock by which fresh time passes at the strength that is left: dF/dt = exp(−t/τ)·(1 − gone(F)/supply). Hipparchus integrates it up to the time that
     * the plan gives; the fresh time must then have come to that of the stop. Sulfur in a film by the formula weights of Cu₂S (IUPAC): 32.06 of 159.16.
     */
    @Test
    void tiring_followsItsLaw() {
        double mm2 = 9000;
        BathPlan.Pull pull =
                plan(USUAL, false, in("bangle", Colour.Stop.BLACK, mm2)).pulls().get(0);
        Growth growth = Growth.of(Metal.COPPER, USUAL);
        double mgANm = mm2 * 5.6e-6 * 32.06 / 159.16;
        OrdinaryDifferentialEquation law = new OrdinaryDifferentialEquation() {
            @Override
            public int getDimension() {
                return 1;
            }

            @Override
            public double[] computeDerivatives(double t, double[] fresh) {
                double gone = mgANm * growth.filmNm(0, fresh[0]) / (2 * USUAL.drops());
                return new double[] {Math.exp(-t / BathPlan.STANDS_S) * (1 - gone)};
            }
        };
        double fresh = new DormandPrince853Integrator(1e-6, 60, 1e-9, 1e-9)
                .integrate(law, new ODEState(0, new double[] {0}), pull.tS().orElseThrow())
                .getPrimaryState()[0];

        assertThat(fresh).isEqualTo(pull.freshS(), within(1e-3 * pull.freshS()));
        assertThat(pull.tS().orElseThrow()).isGreaterThan(1.2 * pull.freshS());
    }

    /** More wire in the same water waits longer, and is told to be crowded; more water of the same strength lets it be (common practice). */
    @Test
    void muchWireInLittleWater_tiresTheBath() {
        BathPlan one = plan(USUAL, false, in("a", Colour.Stop.BLACK, 3000));
        BathPlan four = plan(
                USUAL,
                false,
                in("a", Colour.Stop.BLACK, 3000),
                in("b", Colour.Stop.BLACK, 3000),
                in("c", Colour.Stop.BLACK, 3000),
                in("d", Colour.Stop.BLACK, 3000));
        BathPlan more = plan(new Colour.Recipe(Colour.Bath.GEL, 8, 472, 60), false, in("a", Colour.Stop.BLACK, 12_000));

        assertThat(four.left()).isLessThan(one.left());
        assertThat(four.crowded()).isTrue();
        assertThat(one.crowded()).isFalse();
        assertThat(more.cm2Per100Ml()).isEqualTo(one.cm2Per100Ml(), within(1e-9));
        assertThat(more.left()).isEqualTo(one.left(), within(1e-6));
    }

    /** Topping up half-way brings the last one out earlier, with half of the drops each time; pulls come in their order. */
    @Test
    void toppingUp_hastensWhatWaitsLongest() {
        Colour.Recipe weak = new Colour.Recipe(Colour.Bath.GEL, 0.7, 118, 55);
        BathPlan.In[] in = {in("black", Colour.Stop.BLACK, 1500), in("brown", Colour.Stop.RED_BROWN, 1500)};
        BathPlan tired = plan(weak, false, in);
        BathPlan topped = plan(weak, true, in);

        assertThat(tired.pulls()).extracting(BathPlan.Pull::id).containsExactly("brown", "black");
        assertThat(tired.halfAtS()).isPresent();
        assertThat(topped.topUps())
                .isNotEmpty()
                .allSatisfy(t -> assertThat(t.drops()).isEqualTo(0.35));
        assertThat(topped.topUps().get(0).tS()).isEqualTo(tired.halfAtS().orElseThrow(), within(1e-6));
        assertThat(topped.pulls().get(1).tS().orElseThrow())
                .isGreaterThan(topped.pulls().get(1).freshS())
                .isLessThan(tired.pulls().get(1).tS().orElse(Double.POSITIVE_INFINITY));
    }

    /** A bath that is too weak gives out before black, and says so instead of a time. */
    @Test
    void aBathThatGivesOut_saysNoTime() {
        BathPlan plan =
                plan(new Colour.Recipe(Colour.Bath.GEL, 0.2, 500, 40), false, in("bangle", Colour.Stop.BLACK, 5000));

        assertThat(plan.pulls().get(0).tS()).isEmpty();
    }

    @Test
    void aluminium_isRefused() {
        assertThatThrownBy(() -> BathPlan.of(
                        List.of(new BathPlan.In("x", Metal.ALUMINIUM, Colour.Stop.BLACK, 1)),
                        USUAL,
                        false,
                        BathLog.EMPTY))
                .isInstanceOf(BadInput.class)
                .hasMessageContaining("aluminium");
    }
}
