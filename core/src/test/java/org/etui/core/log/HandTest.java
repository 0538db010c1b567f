package org.etui.core.log;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import org.etui.core.metal.Metal;
import org.hipparchus.stat.descriptive.moment.Mean;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What is learnt, against simulated makers whose hands are known. */
class HandTest {
    private static final Group LOOPS = new Group("loop", Metal.COPPER, Band.MEDIUM);
    private static final int MAKERS = 500;
    private static final long SEED = 20_261_130;

    /** Makers differ from one another by this, and each from time to time by the usual. */
    private static final double BETWEEN = 0.02;

    private static Fact used(double planned, double actual) {
        return fact(What.USED, planned, actual, Fact.Outcome.NONE);
    }

    private static Fact fact(What what, double planned, double actual, Fact.Outcome outcome) {
        return new Fact(
                what,
                "a.b",
                "Loop",
                Optional.of(LOOPS),
                OptionalDouble.of(planned),
                OptionalDouble.of(100),
                OptionalDouble.of(actual),
                outcome,
                "",
                "",
                "",
                false,
                "");
    }

    private static List<Fact> records(Random random, double truth, double noise, int count) {
        return IntStream.range(0, count)
                .mapToObj(i -> used(20, 20 * (1 + truth + noise * random.nextGaussian())))
                .toList();
    }

    private static Learnt only(List<Fact> facts) {
        List<Learnt> all = Hand.of(facts).learnt();
        assertThat(all).hasSize(1);
        return all.get(0);
    }

    /** How often the interval holds the truth, over makers of whom each scatters by something between two figures. */
    private static double held(int count, double least, double most) {
        Random random = new Random(SEED + count);
        int held = 0;
        for (int maker = 0; maker < MAKERS; maker++) {
            double truth = BETWEEN * random.nextGaussian();
            double noise = least * Math.pow(most / least, random.nextDouble());
            Learnt learnt = only(records(random, truth, noise, count));
            held += learnt.from() <= 1 + truth && 1 + truth <= learnt.to() ? 1 : 0;
        }
        return held / (double) MAKERS;
    }

    @ParameterizedTest
    @ValueSource(ints = {2, 3, 5, 10, 20, 40})
    void theInterval_holdsTheTruth_nineTimesInTen(int count) {
        assertThat(held(count, 0.012, 0.033)).isBetween(0.85, 0.95);
    }

    @ParameterizedTest
    @CsvSource({"1, 0.02", "5, 0.01", "20, 0.01", "5, 0.03", "20, 0.03"})
    void ofHandsThatAreAllSteadierOrLess_itStillHoldsEnough(int count, double noise) {
        assertThat(held(count, noise, noise)).isGreaterThan(0.85);
    }

    @Test
    void theInterval_halvesFromFiveToTwentyRecords() {
        double[] widths = new double[2];
        for (int n = 0; n < 2; n++) {
            Random random = new Random(SEED);
            for (int maker = 0; maker < MAKERS; maker++) {
                Learnt learnt = only(records(random, BETWEEN * random.nextGaussian(), 0.02, n == 0 ? 5 : 20));
                widths[n] += (learnt.to() - learnt.from()) / MAKERS;
            }
        }
        assertThat(widths[1] / widths[0]).isCloseTo(0.5, within(0.05));
    }

    /** Student's distribution by its published table: 1.895 at 7 degrees of freedom and 0.95, 1.717 at 22. */
    @Test
    void quantiles_areThoseOfStudentsTable() {
        assertThat(Belief.of(new double[5], 0.02).quantile(0.95)).isCloseTo(1.895, within(5e-4));
        assertThat(Belief.of(new double[20], 0.02).quantile(0.95)).isCloseTo(1.717, within(5e-4));
    }

    /** Worked by hand after the formulas of Gelman et al.: values 0.03 and 0.05, prior mean 0 of weight 1, scatter 0.02 of weight 2. */
    @Test
    void twoRecords_giveWhatTheFormulasGive() {
        Belief belief = Belief.of(new double[] {0.03, 0.05}, 0.02);
        assertThat(belief.mean()).isCloseTo(2 * 0.04 / 3, within(1e-12));
        double variance = (2 * 0.0004 + 0.0002 + 2 * 0.0016 / 3) / 4;
        assertThat(belief.scale()).isCloseTo(Math.sqrt(variance / 3), within(1e-12));
    }

    @Test
    void noRecords_theGeneralValueStands() {
        assertThat(Hand.of(List.of()).learnt()).isEmpty();
        assertThat(Hand.GENERAL.factor(Habit.MINUTES, LOOPS)).isEqualTo(1);
        assertThat(Hand.GENERAL.allowanceMm(Map.of(LOOPS, List.of(30.0)))).isZero();
    }

    @Test
    void fewRecords_areDrawnTowardsTheGeneralValue_manyAreNot() {
        Random random = new Random(SEED);
        assertThat(only(records(random, 0.03, 0, 1)).factor()).isCloseTo(1.015, within(1e-9));
        assertThat(only(records(random, 0.03, 0, 30)).factor()).isCloseTo(1.03, within(0.001));
    }

    @Test
    void oneWildRecord_isLeftOut_atOnceAndAmongMany() {
        Random random = new Random(SEED);
        List<Fact> facts = new ArrayList<>(records(random, 0.02, 0.015, 12));
        Learnt without = only(facts);
        facts.add(used(20, 200));
        Learnt with = only(facts);
        assertThat(with.leftOut()).isEqualTo(1);
        assertThat(with.factor()).isEqualTo(without.factor());
        assertThat(only(List.of(used(20, 200))).factor()).isEqualTo(1);
    }

    /** The policy's own claim: of all wires of makers of every hand at most one in twenty comes up short. */
    @Test
    void cutByWhatWasLearnt_atMostOneInTwenty_comesUpShort() {
        Random random = new Random(SEED);
        int shorts = 0;
        int wires = 0;
        Mean spare = new Mean();
        for (int maker = 0; maker < MAKERS; maker++) {
            double truth = BETWEEN * random.nextGaussian();
            Hand hand = Hand.of(records(random, truth, 0.02, 10));
            double extra = hand.allowanceMm(Map.of(LOOPS, List.of(30.0, 30.0, 20.0)));
            for (int wire = 0; wire < 20; wire++) {
                double takes = 0;
                for (double length : new double[] {30, 30, 20}) {
                    takes += length * (truth + 0.02 * random.nextGaussian());
                }
                shorts += takes > extra ? 1 : 0;
                wires++;
                spare.increment(extra - takes);
            }
        }
        assertThat(shorts / (double) wires).isBetween(0.02, 0.055);
        assertThat(spare.getResult()).as("mm of spare in 80 mm").isLessThan(4);
    }

    @Test
    void whatIsLeftOver_saysHowMuchWasTaken() {
        Fact fact = fact(What.LEFT_OVER, 8, 5, Fact.Outcome.NONE);
        assertThat(fact.sample().orElseThrow().value()).isCloseTo(0.03, within(1e-12));
    }

    @Test
    void whatHeld_teachesOnlyWhereItHeldMoreThanPlanned() {
        assertThat(fact(What.HOLD, 4, 2, Fact.Outcome.HELD).sample()).isEmpty();
        assertThat(fact(What.HOLD, 4, 6, Fact.Outcome.HELD).sample()).isPresent();
        assertThat(fact(What.HOLD, 4, 2, Fact.Outcome.OPENED)
                        .sample()
                        .orElseThrow()
                        .value())
                .isCloseTo(Math.log(0.5), within(1e-12));
    }

    @Test
    void habitsThatAreNotUsed_leaveTheGeneralValue() {
        Hand hand = Hand.of(List.of(used(20, 20.4), fact(What.MINUTES, 2, 4, Fact.Outcome.NONE)));
        Hand timesOnly = hand.using(Set.of(Habit.MINUTES));
        assertThat(timesOnly.factor(Habit.MINUTES, LOOPS)).isGreaterThan(1);
        assertThat(timesOnly.factor(Habit.ALLOWANCE, LOOPS)).isEqualTo(1);
    }

    @Test
    void bands_partWireByThickness() {
        assertThat(Band.of(0.3)).isEqualTo(Band.FINE);
        assertThat(Band.of(0.8)).isEqualTo(Band.MEDIUM);
        assertThat(Band.of(2.05)).isEqualTo(Band.HEAVY);
    }
}
