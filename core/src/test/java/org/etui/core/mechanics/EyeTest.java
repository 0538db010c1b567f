package org.etui.core.mechanics;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.assertj.core.data.Percentage;
import org.etui.core.metal.Flow;
import org.etui.core.metal.Metal;
import org.etui.core.metal.Temper;
import org.etui.core.section.Round;
import org.etui.core.wire.Wire;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class EyeTest {
    private static final double NEVER = 1e9;

    private static Fibres formed(Wire wire, double radius) {
        return Bending.toFree(Fibres.of(Material.of(wire), wire.section()), 1 / radius)
                .after();
    }

    private static Hold eye(Wire wire, double insideMm) {
        double radius = (insideMm + wire.section().thicknessMm()) / 2;
        return Eye.of(formed(wire, radius), wire.section(), radius, NEVER, NEVER)
                .hold();
    }

    private static Hold open(Wire wire, double insideMm) {
        double radius = (insideMm + wire.section().thicknessMm()) / 2;
        return Bow.ofHook(formed(wire, radius), wire.section(), radius, 2 * Math.PI)
                .hold();
    }

    /** Source: a rigid-plastic computation that the model was not fitted to: 8.0 N, within 15 %. */
    @Test
    void closedEyeOfFineCopper_holdsAboutEightNewtons() {
        Hold hold = eye(Wire.ofRound(Metal.COPPER, Temper.DEAD_SOFT, 0.5), 3);

        assertThat(hold.holdsN()).isCloseTo(8.0, Percentage.withPercentage(15));
        assertThat(hold.fails()).isEqualTo(Bearing.Fails.YIELDS);
    }

    /** The same computation: in dead-soft wire 4.5 to 6.5 times what the same loop holds open. */
    @ParameterizedTest
    @CsvSource({
        "COPPER, 0.5",
        "COPPER, 0.8",
        "COPPER, 1.0",
        "STERLING_SILVER, 0.5",
        "STERLING_SILVER, 1.0",
        "BRASS, 0.8"
    })
    void closedEye_holdsSeveralTimesTheOpenLoop(Metal metal, double mm) {
        Wire wire = Wire.ofRound(metal, Temper.DEAD_SOFT, mm);

        assertThat(eye(wire, 3).holdsN() / open(wire, 3).holdsN()).isBetween(4.5, 6.5);
    }

    /** Roark, circular ring under two opposite loads: it lengthens by 0.149·F·R³/(E·I) while elastic. */
    @Test
    void smallLoad_lengthensTheRingAsTheTextbookSays() {
        Fibres annealed = Fibres.of(new Material(117_000, Metal.COPPER.flow().orElseThrow(), 0, 0, 0), Round.of(1));
        Pull pull = Eye.of(annealed, Round.of(1), 5, NEVER, NEVER).under(1);

        assertThat(pull.opensMm()).isCloseTo(0.149 * 125 / (117_000 * Math.PI / 64), Percentage.withPercentage(0.5));
        assertThat(pull.staysMm()).isCloseTo(0, within(1e-12));
    }

    /** Plastic hinges at the loads and the sides (textbook limit analysis): 4·Mp/R for metal that does not harden. */
    @Test
    void metalThatDoesNotHarden_givesAtFourHinges() {
        double yield = 200;
        Material ideal = new Material(117_000, new Flow(yield * (1 - 1e-9), yield, 1), 0, 0, 0);
        double radius = 3;
        Hold hold = Eye.of(Fibres.of(ideal, Round.of(1)), Round.of(1), radius, NEVER, NEVER)
                .hold();

        assertThat(hold.holdsN()).isCloseTo(4 * yield / 6 / radius, Percentage.withPercentage(3));
    }

    /** Euler and Eytelwein: each turn more holds e^(2πμ) times as much; two turns hold more than the ring in soft wire. */
    @Test
    void whatGivesFirst_rulesAndIsNamed() {
        Wire wire = Wire.ofRound(Metal.COPPER, Temper.DEAD_SOFT, 0.5);
        Fibres turn = formed(wire, 0.5);
        double one = Eye.slipsN(turn, wire.section(), 1, 0.25);
        double two = Eye.slipsN(turn, wire.section(), 2, 0.25);
        Fibres ring = formed(wire, 1.75);

        assertThat(two / one).isCloseTo(Math.exp(2 * Math.PI * 0.15), within(1e-9));
        assertThat(two).isGreaterThan(eye(wire, 3).holdsN());
        Hold slips = Eye.of(ring, wire.section(), 1.75, 2, NEVER).hold();
        assertThat(slips.fails()).isEqualTo(Bearing.Fails.SLIPS);
        assertThat(slips.holdsN()).isEqualTo(2);
        assertThat(slips.startsToGiveN()).isLessThanOrEqualTo(2);
        Hold breaks = Eye.of(ring, wire.section(), 1.75, 3, 2.5).hold();
        assertThat(breaks.fails()).isEqualTo(Bearing.Fails.BREAKS);
        assertThat(breaks.sidewaysN()).isEmpty();
        assertThat(breaks.squeezeN()).isEmpty();
    }

    /** A load is carried exactly as long as it is not above what holds; the drawing stays a closed ring of its length. */
    @Test
    void load_isCarriedUpToWhatHolds_andDrawnAsARing() {
        Hold hold = eye(Wire.ofRound(Metal.STERLING_SILVER, Temper.DEAD_SOFT, 0.8), 3);
        for (double share : new double[] {0.1, 0.99, 1.01, 3}) {
            assertThat(hold.bearing().carries(Bearing.Limit.HOLDS, share * hold.holdsN()))
                    .isEqualTo(share < 1);
        }
        Pull pull = hold.under(hold.holdsN());

        assertThat(pull.staysMm()).isCloseTo(0.2, within(1e-3));
        for (List<double[]> ring : List.of(pull.rest(), pull.under(), pull.after())) {
            assertThat(ring.get(0)).containsExactly(ring.get(ring.size() - 1), within(1e-9));
        }
        assertThat(tall(pull.under()) - tall(pull.rest())).isCloseTo(pull.opensMm(), Percentage.withPercentage(10));
        assertThat(tall(pull.after()) - tall(pull.rest())).isCloseTo(0.2, Percentage.withPercentage(10));
    }

    private static double tall(List<double[]> ring) {
        return ring.stream().mapToDouble(p -> p[1]).max().orElseThrow()
                - ring.stream().mapToDouble(p -> p[1]).min().orElseThrow();
    }
}
