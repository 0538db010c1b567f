package org.etui.core.mechanics;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.hipparchus.analysis.integration.IterativeLegendreGaussIntegrator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A coil that an arm winds up, against the energy of bending and against the theory of curved beams. */
class TorsionSpringTest {
    /**
     * Castigliano's theorem, by Hipparchus quadrature: the load moves by the integral of its moment times its lever over the stiffness, along the turns,
     * where the lever changes all the way round, and along the arm.
     */
    @ParameterizedTest
    @CsvSource({"0.8, 3.5, 3.5, 32", "0.9, 4, 2.25, 45", "1.2, 6, 6, 30"})
    void load_isThatOfTheEnergyOfBending(double wire, double mean, double turns, double arm) {
        double modulus = 205000;
        double inertia = Math.PI * Math.pow(wire, 4) / 64;
        IterativeLegendreGaussIntegrator integrator = new IterativeLegendreGaussIntegrator(5, 1e-10, 1e-12);
        double ofTurns = integrator.integrate(
                1_000_000, turn -> Math.pow(arm - mean / 2 * Math.sin(turn), 2) * mean / 2, 0, 2 * Math.PI * turns);
        double ofArm = integrator.integrate(1_000_000, x -> x * x, 0, arm);
        double perNewton = (ofTurns + ofArm) / (modulus * inertia);

        double load = new TorsionSpring(modulus, wire, mean, turns, arm).loadN(10);

        // The lever of the turns is taken as that of the axis: less than 3 % off while the arm is five times the coil
        // or longer.
        assertThat(load).isCloseTo(10 / perNewton, within(0.03 * load));
    }

    /** E. Winkler's theory of curved beams for a round section (R. J. Roark, Formulas for Stress and Strain): the neutral line in closed form. */
    @Test
    void stress_isThatOfACurvedBeam() {
        for (double index : new double[] {3, 4, 5, 8, 12}) {
            double wire = 1;
            double radius = index / 2;
            double neutral = (radius + Math.sqrt(radius * radius - 0.25)) / 2;
            double inner = radius - 0.5;
            double moment = 20;
            double expected = moment * (neutral - inner) / (Math.PI / 4 * (radius - neutral) * inner);

            double stress = new TorsionSpring(205000, wire, index, 3, 20).stressMpa(moment / 20);

            assertThat(stress).isCloseTo(expected, within(0.01 * expected));
        }
    }
}
