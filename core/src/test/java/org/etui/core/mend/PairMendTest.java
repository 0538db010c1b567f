package org.etui.core.mend;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.etui.core.Examples;
import org.etui.core.check.BadInput;
import org.etui.core.element.Loop;
import org.etui.core.element.Straight;
import org.etui.core.element.Turn;
import org.etui.core.measure.LengthFormat;
import org.etui.core.measure.Units;
import org.etui.core.metal.Metal;
import org.etui.core.metal.Temper;
import org.etui.core.pattern.Patterns;
import org.etui.core.piece.Piece;
import org.etui.core.wire.Wire;
import org.junit.jupiter.api.Test;

class PairMendTest {
    private static final LengthFormat MM = new LengthFormat(Units.MM);
    private static final Piece EARRINGS =
            Patterns.find("spiral-earrings").orElseThrow().usual();

    private static PairMend.Measures measures(double outside, double length, double thickness) {
        return new PairMend.Measures(outside, length, thickness);
    }

    private static PairMend mend(Piece piece, PairMend.Measures first, PairMend.Measures second) {
        return PairMend.of(piece, 0, Optional.empty(), first, second, MM);
    }

    private static double planned() {
        return mend(EARRINGS, measures(20, 40, 0.8), measures(20, 40, 0.8)).plannedMm();
    }

    @Test
    void equalPieces_areMatched() {
        PairMend same = mend(EARRINGS, measures(17, 40, 0.81), measures(17.05, 40.2, 0.8));

        assertThat(same.matched()).isTrue();
        assertThat(same.steps()).isEmpty();
        assertThat(same.label()).isEqualTo("spiral");
    }

    /**
     * The one further off the plan is tightened by the wire of the mean-diameter rule (spring shops), π·n·(Do + Di)/2 with Do at the
     * wire's end: a calliper reads half a pitch less, so that ΔD across makes n²·π·ΔD/(2n − ½). Within 3 %.
     */
    @Test
    void largerThanPlanned_isTightened_byTheWireOfTheMeanDiameterRule() {
        double planned = planned();
        PairMend mend = mend(EARRINGS, measures(planned + 1.2, 40, 0.81), measures(planned, 40, 0.81));
        PairMend.Step step = mend.steps().get(0);

        assertThat(step.which()).isEqualTo(PairMend.Which.FIRST);
        assertThat(step.action()).isEqualTo(PairMend.Action.TIGHTEN);
        double rule = Math.PI * 9 * 1.2 / 5.5;
        assertThat(step.byMm()).isCloseTo(rule, within(0.03 * rule));
        assertThat(step.toMm()).isEqualTo(planned);
        assertThat(step.then().outsideMm()).isEqualTo(planned);
        assertThat(step.says()).contains("first").contains("go back to the tail");
    }

    /** The smaller one that lies further off is opened out; what its tail then is longer or shorter by is cut from one of them. */
    @Test
    void smallerThanPlanned_isOpenedOut_andLengthsAreMadeEven() {
        double planned = planned();
        PairMend mend = mend(EARRINGS, measures(planned, 40, 0.81), measures(planned - 2, 40, 0.81));

        assertThat(mend.apart().outsideMm()).isCloseTo(2, within(1e-9));
        assertThat(mend.steps())
                .extracting(PairMend.Step::action)
                .containsExactly(PairMend.Action.OPEN_OUT, PairMend.Action.SHORTEN);
        PairMend.Step open = mend.steps().get(0);
        assertThat(open.which()).isEqualTo(PairMend.Which.SECOND);
        assertThat(open.then().lengthMm()).isCloseTo(40 + 2 - open.byMm(), within(1e-9));
        assertThat(mend.steps().get(1).which()).isEqualTo(PairMend.Which.FIRST);
        assertThat(mend.steps().get(1).then().lengthMm()).isEqualTo(open.then().lengthMm());
    }

    /** A ring takes π for every millimetre of its outside (geometry). */
    @Test
    void ring_takesPiForEveryMillimetre() {
        Piece ring = Examples.piece(Examples.copper(1), Loop.of("ring", 10, Turn.LEFT), Straight.of("tail", 20));
        PairMend mend = mend(ring, measures(12, 30, 1), measures(11, 30, 1));

        assertThat(mend.steps().get(0).byMm()).isCloseTo(Math.PI, within(0.01));
    }

    /** The thicker one is tapped first and grows as its volume demands: πd²/4 over the stadium that it becomes (geometry). */
    @Test
    void thickerOne_isTappedFirst_andGrowsAsTheVolumeDemands() {
        Piece ring = Examples.piece(Examples.copper(1), Loop.of("ring", 10, Turn.LEFT), Straight.of("tail", 20));
        PairMend.Step tap =
                mend(ring, measures(12, 30, 1), measures(12.6, 30, 0.8)).steps().get(0);
        double x = Math.log(1 / 0.8);
        double width = Math.exp(0.495 * x * x / (x + 0.050));
        double growth = Math.exp(0.46 * x * x / (x + 0.44));

        assertThat(tap.action()).isEqualTo(PairMend.Action.TAP);
        assertThat(tap.which()).isEqualTo(PairMend.Which.FIRST);
        assertThat(tap.byMm()).isCloseTo(0.2, within(1e-12));
        assertThat(tap.then().outsideMm()).isCloseTo(11 * growth + width, within(1e-9));
        Piece plated = Examples.piece(
                Wire.ofRound(Metal.SILVER_PLATED_COPPER, Temper.DEAD_SOFT, 1),
                Loop.of("ring", 10, Turn.LEFT),
                Straight.of("tail", 20));
        assertThat(mend(plated, measures(12, 30, 1), measures(12.6, 30, 0.8)).steps())
                .extracting(PairMend.Step::action)
                .doesNotContain(PairMend.Action.TAP);
    }

    @Test
    void measuresThatCannotBe_areRefusedByPath() {
        PairMend.Measures fine = measures(12, 30, 1);
        for (PairMend.Measures bad : List.of(measures(0, 30, 1), measures(12, -1, 1), measures(1.5, 30, 0.8))) {
            assertThatExceptionOfType(BadInput.class)
                    .isThrownBy(() -> mend(EARRINGS, fine, bad))
                    .withMessageContaining("second");
        }
        assertThatExceptionOfType(BadInput.class)
                .isThrownBy(() -> PairMend.of(EARRINGS, 7, Optional.empty(), fine, fine, MM))
                .withMessageContaining("strand");
        assertThatExceptionOfType(BadInput.class)
                .isThrownBy(() -> PairMend.of(EARRINGS, 0, Optional.of("tail"), fine, fine, MM))
                .withMessageContaining("element");
    }
}
