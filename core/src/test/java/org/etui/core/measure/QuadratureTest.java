package org.etui.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.hipparchus.analysis.integration.gauss.GaussIntegrator;
import org.hipparchus.analysis.integration.gauss.GaussIntegratorFactory;
import org.junit.jupiter.api.Test;

/** Against the textbook (n points are exact to degree 2n − 1 and no further) and against the library's own factory of integrators. */
class QuadratureTest {
    @Test
    void eightPoints_areExactToDegreeFifteen() {
        GaussIntegrator rule = Quadrature.legendre(8, 0, 2);

        assertThat(rule.integrate(x -> Math.pow(x, 15))).isCloseTo(Math.pow(2, 16) / 16, within(1e-9));
        assertThat(Math.abs(rule.integrate(x -> Math.pow(x, 16)) - Math.pow(2, 17) / 17))
                .isGreaterThan(1e-7);
    }

    @Test
    void rules_areThoseOfTheFactory() {
        GaussIntegrator own = Quadrature.legendre(40, -1.5, 3);
        GaussIntegrator library = new GaussIntegratorFactory().legendre(40, -1.5, 3);

        for (int i = 0; i < 40; i++) {
            assertThat(own.getPoint(i)).isCloseTo(library.getPoint(i), within(1e-14));
            assertThat(own.getWeight(i)).isCloseTo(library.getWeight(i), within(1e-14));
        }
    }
}
