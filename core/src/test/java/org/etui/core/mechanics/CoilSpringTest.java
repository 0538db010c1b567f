package org.etui.core.mechanics;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.assertj.core.data.Percentage;
import org.etui.core.metal.Flow;
import org.etui.core.metal.Metal;
import org.etui.core.metal.Temper;
import org.etui.core.section.Round;
import org.etui.core.section.Slab;
import org.etui.core.wire.Wire;
import org.junit.jupiter.api.Test;

class CoilSpringTest {
    private static final double INCH = 25.4;
    private static final double POUND_N = 4.448;

    /**
     * Source: Shigley, Mechanical Engineering Design, example of a compression spring (from memory): music wire 0.037 in, mean diameter 0.400 in, 10.5
     * active turns: 4.13 lbf/in, sets at 6.46 lbf with Bergsträsser's factor, which is 1 % less than Wahl's.
     */
    @Test
    void musicWireCoil_isShigleysExample() {
        Wire wire = Wire.ofRound(Metal.MUSIC_WIRE, Temper.SPRING, 0.037 * INCH);
        Fibres fibres = Fibres.of(Material.of(wire), wire.section());

        CoilSpring spring = CoilSpring.of(wire.metal(), fibres, wire.section(), 0.4 * INCH, 10.5)
                .orElseThrow();

        assertThat(spring.nPerMm()).isCloseTo(4.13 * POUND_N / INCH, Percentage.withPercentage(4));
        assertThat(spring.mostN()).isCloseTo(6.46 * POUND_N, Percentage.withPercentage(8));
    }

    @Test
    void flattenedWireAndTightCoils_areOutOfRange() {
        Wire wire = Wire.ofRound(Metal.COPPER, Temper.DEAD_SOFT, 1);
        Fibres fibres = Fibres.of(Material.of(wire), wire.section());

        assertThat(CoilSpring.of(wire.metal(), fibres, Slab.stadium(1.2, 0.8), 8, 5))
                .isEmpty();
        assertThat(CoilSpring.of(wire.metal(), fibres, Round.of(1), 2, 5)).isEmpty();
        assertThat(CoilSpring.of(wire.metal(), fibres, Round.of(1), 30, 5)).isEmpty();
    }

    /** Textbook torsion: T·L/(G·J) of a full plastic torque; T/(G·J) is (4/3)·τ/(G·r). */
    @Test
    void twist_springsBackByItsTorque() {
        Wire wire = Wire.ofRound(Metal.COPPER, Temper.HALF_HARD, 1);
        Fibres fibres = Fibres.of(Material.of(wire), wire.section());
        Flow flow = Metal.COPPER.flow().orElseThrow();
        double shear = flow.stressMpa(Temper.HALF_HARD.strain()) / Math.sqrt(3);
        double perMm = 4.0 / 3 * shear / (117_000 / 2.68 * 0.5);

        assertThat(CoilSpring.twistsBackTurns(Metal.COPPER, fibres, 1, 20))
                .isCloseTo(perMm * 20 / (2 * Math.PI), within(1e-9));
    }

    /**
     * A cuff pulled at its ends while elastic: ∫ M²/(F·E·I) ds with the arm R(cos φ − cos φe), by the closed form
     * 2R³/(EI)·[φe(1/2 + cos²φe) − (3/2)·sin φe·cos φe] (calculus).
     */
    @Test
    void cuff_opensAsTheClosedFormSays() {
        Round round = Round.of(2);
        Fibres annealed = Fibres.of(new Material(117_000, Metal.COPPER.flow().orElseThrow(), 0, 0, 0), round);
        double radius = 31;
        double end = Math.toRadians(150);
        double closed = 2
                * Math.pow(radius, 3)
                / (117_000 * round.secondMomentMm4())
                * (end * (0.5 + Math.cos(end) * Math.cos(end)) - 1.5 * Math.sin(end) * Math.cos(end));

        assertThat(Bow.ofCuff(annealed, round, radius, 2 * end).hold().givesMmPerN())
                .isCloseTo(closed, Percentage.withPercentage(0.1));
        assertThat(Bow.ofCuff(annealed, round, radius, 2 * end).under(0.2).opensMm())
                .isCloseTo(0.2 * closed, Percentage.withPercentage(1));
    }
}
