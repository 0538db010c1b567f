package org.etui.core.colour;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.stream.DoubleStream;
import org.etui.core.check.BadInput;
import org.etui.core.metal.Metal;
import org.etui.core.piece.Colour;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

class GrowthTest {
    private static final Colour.Recipe USUAL = new Colour.Recipe(Colour.Bath.GEL, 2, 118, 60);

    private static Growth in(double drops, double celsius) {
        return Growth.of(Metal.COPPER, new Colour.Recipe(Colour.Bath.GEL, drops, 118, celsius));
    }

    /** Common practice: two drops of gel in half a cup (118 ml) of hot water take clean copper to dark red-brown in well under two minutes. */
    @Test
    void twoDropsInHalfACup_makeCopperRedBrownInWellUnderTwoMinutes() {
        double seconds = Growth.of(Metal.COPPER, USUAL)
                .seconds(Look.of(Metal.COPPER, Colour.Stop.RED_BROWN).filmNm());

        assertThat(seconds * Growth.UNSURE).isLessThan(120);
        assertThat(seconds).isGreaterThan(10);
    }

    /** Linear for thin films, parabolic for thick ones (Deal and Grove 1965): doubling a thin film takes twice, a thick one four times as long. */
    @Test
    void growth_isLinearThenParabolic() {
        Growth growth = new Growth(0.4, 20);

        assertThat(growth.seconds(0.02) / growth.seconds(0.01)).isCloseTo(2, within(0.001));
        assertThat(growth.seconds(200_000) / growth.seconds(100_000)).isCloseTo(4, within(0.01));
        assertThat(growth.seconds(15)).isCloseTo(15 / 0.4 + 225 / 20.0, within(1e-9));
    }

    /** Several dips are one long one: film adds to what is there. */
    @ParameterizedTest
    @ValueSource(doubles = {0, 0.5, 12, 90})
    void dips_addUp(double there) {
        Growth growth = in(2, 60);
        double twice = growth.filmNm(growth.filmNm(there, 20), 40);

        assertThat(twice).isCloseTo(growth.filmNm(there, 60), within(1e-9));
        assertThat(growth.seconds(growth.filmNm(there, 60)) - growth.seconds(there))
                .isCloseTo(60, within(1e-6));
        assertThat(growth.filmNm(there, 0)).isCloseTo(there, within(1e-9));
    }

    /** Arrhenius with 40 kJ/mol: from 60 °C to 25 °C a little over five times slower (by hand); hotter and stronger are faster. */
    @Test
    void hotterAndStronger_areFaster() {
        assertThat(in(2, 25).seconds(15) / in(2, 60).seconds(15)).isCloseTo(5.45, within(0.05));
        assertThat(in(4, 60).seconds(15)).isCloseTo(in(2, 60).seconds(15) / 2, within(1e-9));
        assertThat(Growth.of(Metal.COPPER, new Colour.Recipe(Colour.Bath.LUMP, 2, 118, 60))
                        .seconds(15))
                .isLessThan(in(2, 60).seconds(15));
        assertThat(in(2, 60).times(2).seconds(15)).isCloseTo(in(4, 60).seconds(15), within(1e-9));
    }

    /** Common practice: brass and bronze darken more slowly than copper, silver as fast. */
    @Test
    void metals_darkenInTheOrderOfTheTrade() {
        assertThat(List.of(Metal.COPPER, Metal.JEWELERS_BRONZE, Metal.BRASS))
                .extracting(m -> Growth.of(m, USUAL).seconds(20))
                .isSorted();
        assertThat(Growth.of(Metal.STERLING_SILVER, USUAL)).isEqualTo(Growth.of(Metal.COPPER, USUAL));
    }

    /** Brown on copper before purple, blue and black in every bath (common practice); times grow along the strip. */
    @ParameterizedTest
    @EnumSource(
            value = Metal.class,
            names = {"COPPER", "BRASS", "JEWELERS_BRONZE", "STERLING_SILVER", "FINE_SILVER"})
    void stops_comeInTheOrderOfTheTrade(Metal metal) {
        for (double celsius : new double[] {25, 60, 90}) {
            for (double drops : new double[] {0.5, 2, 10}) {
                Strip strip = Strip.of(
                        metal, new Colour.Recipe(Colour.Bath.GEL, drops, 118, celsius), 100, 1, Experience.NONE);

                assertThat(strip.stops())
                        .extracting(Strip.StopAt::tS)
                        .isSorted()
                        .doesNotHaveDuplicates();
                assertThat(strip.stops())
                        .extracting(Strip.StopAt::name)
                        .containsSubsequence(
                                Colour.Stop.STRAW,
                                Colour.Stop.ORANGE,
                                Colour.Stop.RED_BROWN,
                                Colour.Stop.PURPLE,
                                Colour.Stop.BLUE,
                                Colour.Stop.BLACK);
                assertThat(strip.looks()).extracting(Strip.AtTime::filmNm).isSorted();
            }
        }
    }

    @Test
    void strip_namesWhatIsSeenAndHowOftenToLook() {
        Strip strip = Strip.of(Metal.COPPER, USUAL, 180, 0.5, Experience.NONE);

        assertThat(strip.looks()).hasSize(361);
        assertThat(strip.looks().get(0).name()).isEqualTo("bright");
        assertThat(strip.looks())
                .extracting(Strip.AtTime::name)
                .containsSubsequence("straw", "orange", "red-brown", "purple");
        assertThat(strip.lookEvery()).allMatch(l -> l.everyS() >= 1 && l.everyS() <= 60);
        assertThat(strip.estimate()).isTrue();
        // From a look to the next no colour of the strip is passed over.
        double redBrown = strip.stops().get(2).tS() - strip.stops().get(1).tS();
        assertThat(strip.lookEvery().stream()
                        .filter(l -> l.until().equals("red-brown"))
                        .findFirst()
                        .orElse(strip.lookEvery().get(0))
                        .everyS())
                .isLessThan(redBrown / 2);
    }

    @Test
    void whatTakesNoColour_isRefused() {
        assertThatThrownBy(() -> Strip.of(Metal.ALUMINIUM, USUAL, 60, 1, Experience.NONE))
                .isInstanceOf(BadInput.class)
                .hasMessageContaining("takes no colour");
        assertThatThrownBy(() -> Strip.of(Metal.COPPER, USUAL, 86_400, 0.01, Experience.NONE))
                .isInstanceOf(BadInput.class)
                .hasMessageContaining("stepS");
    }

    /** Common practice: bristle reaches into hollows, a block does not; nothing comes off where no tool comes. */
    @Test
    void polishingBack_baresHighPlacesFirst() {
        for (Colour.PolishWith tool : Colour.PolishWith.values()) {
            assertThat(PolishBack.bare(0, 0.7, tool)).isCloseTo(0.7, within(1e-12));
            assertThat(PolishBack.bare(1, 0.7, tool)).isZero();
            assertThat(PolishBack.bare(0.2, 0.7, tool)).isGreaterThan(PolishBack.bare(0.6, 0.7, tool));
        }
        assertThat(List.of(
                        Colour.PolishWith.GLASS_BRISTLE,
                        Colour.PolishWith.STEEL_WOOL,
                        Colour.PolishWith.CLOTH,
                        Colour.PolishWith.BLOCK))
                .extracting(t -> -PolishBack.bare(0.5, 0.7, t))
                .isSorted();
    }

    private static BathLog log(double... faster) {
        return new BathLog(Arrays.stream(faster)
                .mapToObj(f -> new BathRecord(
                        "",
                        "Hop",
                        Metal.COPPER,
                        USUAL,
                        Growth.of(Metal.COPPER, USUAL).seconds(20) / f,
                        20,
                        "",
                        "2026-05-04"))
                .toList());
    }

    /** Two hundred makers whose baths are half to twice as fast, single baths scattered by a tenth: what is said of how sure the fit is holds for nine in ten. */
    @ParameterizedTest
    @ValueSource(ints = {3, 8, 20})
    void records_fitTheMakersOwnBath(int records) {
        Random random = new Random(7);
        int covered = 0;
        for (int maker = 0; maker < 200; maker++) {
            double truth = Math.exp(Math.log(2) * (2 * random.nextDouble() - 1));
            double[] faster = DoubleStream.generate(() -> truth * Math.exp(0.1 * random.nextGaussian()))
                    .limit(records)
                    .toArray();
            Experience own = Experience.of(log(faster), Metal.COPPER);
            covered += Math.abs(Math.log(own.faster() / truth)) <= Math.log(own.unsure()) ? 1 : 0;

            assertThat(own.records()).isEqualTo(records);
            assertThat(own.unsure()).isLessThan(Growth.UNSURE);
        }

        assertThat(covered).isGreaterThanOrEqualTo(180);
    }

    @Test
    void oneWildRecord_doesNotCarryTheFit() {
        Experience sober = Experience.of(log(1.5, 1.5, 1.5, 1.5), Metal.COPPER);
        Experience wild = Experience.of(log(1.5, 1.5, 1.5, 1.5, 40), Metal.COPPER);

        assertThat(wild.faster() / sober.faster()).isBetween(0.9, 1.1);
        assertThat(Experience.of(log(40), Metal.COPPER).faster()).isLessThan(4);
        assertThat(Experience.of(log(1.5), Metal.BRASS)).isEqualTo(Experience.NONE);
        assertThat(sober.unsure()).isLessThan(Growth.UNSURE).isGreaterThan(1.15);
        assertThat(Strip.of(Metal.COPPER, USUAL, 60, 1, sober).stops())
                .allMatch(s -> Math.abs(s.generalS() / s.tS() - sober.faster()) < 1e-9);
    }
}
