package org.etui.core.element;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.etui.core.curve.Knitting;
import org.etui.core.curve.Pose;
import org.hipparchus.analysis.integration.IterativeLegendreGaussIntegrator;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The knitted tube: wire of its loops against quadrature, and what drawing down does to it. */
class KnitTest {
    private static final double T = 0.4;

    /** The trochoid's own speed, written out, by Hipparchus quadrature over all of it. */
    @ParameterizedTest
    @CsvSource({"3, 6, 4, 4, 3.2", "5, 8, 2, 3, 2.2", "1.5, 3, 10, 6, 5"})
    void wireOfTheLoops_isThatOfTheTrochoid(double radius, int around, int rows, double loop, double rise) {
        double pitch = 2 * Math.PI * radius / around;
        double length = new IterativeLegendreGaussIntegrator(16, 1e-11, 1e-11)
                .integrate(
                        10_000_000,
                        phi -> Math.hypot(
                                pitch / (2 * Math.PI) - pitch / 4 * Math.cos(phi),
                                loop / 2 * Math.sin(phi) + rise / (2 * Math.PI * around)),
                        0,
                        2 * Math.PI * around * rows);

        assertThat(new Knitting(radius, around, rows, loop, rise).lengthMm()).isCloseTo(length, within(1e-4 * length));
    }

    /** Places along it are as far apart as the wire between them, and all lie on the tube. */
    @Test
    void placesAlongIt_areAWireApart_onTheTube() {
        Knitting knitting = new Knitting(3, 6, 3, 4, 3.2);
        Pose before = knitting.at(0);
        Vector3D axis = knitting.at(0).inverse().at(Vector3D.ZERO);
        assertThat(axis.getNorm()).isCloseTo(0, within(1e-12));
        double step = 0.01;
        double walked = 0;
        for (double s = step; s <= 30; s += step) {
            Pose at = knitting.at(s);
            walked += at.position().distance(before.position());
            assertThat(at.heading().getNorm()).isCloseTo(1, within(1e-9));
            before = at;
        }
        assertThat(walked).isCloseTo(30, within(0.02));
        assertThat(knitting.lengthAtTurnMm(0.5)).isCloseTo(knitting.lengthMm() / 2, within(1e-6));
    }

    /** Drawing takes no wire: the loops keep their length, the tube gets narrower and longer (common practice). */
    @Test
    void drawingDown_makesItLonger_ofTheSameWire() {
        Knit knitted = Knit.of("tube", 6, 4, 20);
        double before = 2 * knitted.tube(T).radiusMm() + T;
        double lengthBefore = knitted.lengthMm(T);
        double last = lengthBefore;
        for (double share : new double[] {0.8, 0.6, 0.5}) {
            Knit drawn = knitted.drawn(share * before);

            assertThat(drawn.tube(T).ofLoopMm()).isCloseTo(knitted.tube(T).ofLoopMm(), within(1e-6));
            assertThat(2 * drawn.tube(T).radiusMm() + T).isCloseTo(share * before, within(1e-9));
            assertThat(drawn.lengthMm(T)).isGreaterThan(last);
            last = drawn.lengthMm(T);
        }
        // Never longer than the loops are when both legs lie straight along the tube.
        assertThat(last).isLessThan(20 * knitted.tube(T).ofLoopMm() / 2);
    }

    /** Loops that touch all round go no closer: it is drawn only so far, and never made wider. */
    @Test
    void drawingDown_endsWhereTheLoopsTouch() {
        Knit knitted = Knit.of("tube", 8, 3, 5);

        assertThat(knitted.drawn(0.5).tube(T).radiusMm()).isCloseTo(8 * T / Math.PI, within(1e-9));
        assertThat(knitted.drawn(100).tube(T)).isEqualTo(knitted.tube(T));
    }
}
