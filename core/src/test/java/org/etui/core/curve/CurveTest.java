package org.etui.core.curve;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.hipparchus.analysis.integration.IterativeLegendreGaussIntegrator;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;

class CurveTest {
    private static final double H = 1e-5;

    /** Source: Hipparchus Legendre–Gauss quadrature of the speed along the drawn path. */
    @Test
    void lengthOfEveryPiece_agreesWithQuadratureAlongItsOwnPath() {
        Random random = new Random(3);
        for (int i = 0; i < 100; i++) {
            CurvePiece piece = random(random);
            double length = new IterativeLegendreGaussIntegrator(8, 1e-10, 1e-10)
                    .integrate(100_000, s -> speed(piece, s), 2 * H, piece.lengthMm() - 2 * H);

            assertThat(length + 4 * H).isCloseTo(piece.lengthMm(), within(1e-6 * piece.lengthMm()));
        }
    }

    /** The rule of 3.3 as an integral, by the same quadrature, with the curvature measured on the drawn path. */
    @Test
    void wireLength_agreesWithQuadratureOfTheRule() {
        Random random = new Random(4);
        for (int i = 0; i < 60; i++) {
            CurvePiece piece = random(random);
            double t = 0.8;
            double wire = new IterativeLegendreGaussIntegrator(8, 1e-9, 1e-9)
                    .integrate(
                            100_000,
                            s -> 1 - Math.pow(curvature(piece, s) * t, 2) / 26,
                            2 * H,
                            piece.lengthMm() - 2 * H);

            assertThat(piece.wireLengthMm(t)).isCloseTo(wire, within(1e-4 * piece.lengthMm() + 4 * H));
        }
    }

    /** Source: finite-element run, CalculiX 2.20: one full turn of 4 mm inside in 1.63 mm wire takes 17.45 mm. */
    @Test
    void fullTurnOfThickWire_takesWhatFiniteElementsSay() {
        Arc turn = Arc.ofInside(4, 1.63, 2 * Math.PI);

        assertThat(turn.wireLengthMm(1.63)).isCloseTo(17.45, within(0.02 * 17.45));
        assertThat(turn.wireLengthMm(1.63)).isLessThan(turn.lengthMm());
    }

    @Test
    void lineAcrossACircle_crossesWhereAlgebraSays() {
        // A circle of radius 5 round (0, 5) walked 3/4 round, then straight on: crosses y-axis geometry worked by hand.
        CentreLine line = CentreLine.of(0.5, List.of(new Line(10), new Arc(5, Math.PI * 1.5), new Line(20)));

        List<Crossing> crossings = Crossings.of(line, 0.5);

        // The arc starts at (10, 0), centre (10, 5), ends at (5, 5) heading −y: x = 5 meets the first line at (5, 0).
        assertThat(crossings).hasSize(1);
        assertThat(crossings.get(0).firstMm()).isCloseTo(5, within(1e-9));
        assertThat(crossings.get(0).at().getX()).isCloseTo(5, within(1e-9));
        assertThat(crossings.get(0).at().getY()).isCloseTo(0, within(1e-9));
    }

    /** Source: analytic circle–circle points, textbook algebra. */
    @Test
    void twoArcs_crossWhereTheCircleEquationsSay() {
        Random random = new Random(11);
        int found = 0;
        for (int i = 0; i < 200; i++) {
            double r1 = 3 + random.nextDouble() * 4;
            double r2 = 3 + random.nextDouble() * 4;
            double run = random.nextDouble() * 6;
            CentreLine line =
                    CentreLine.of(0.3, List.of(new Arc(r1, 1.6 * Math.PI), new Line(run), new Arc(r2, 1.6 * Math.PI)));
            Vector3D c1 = new Vector3D(0, r1, 0);
            Placed last = line.pieces().get(2);
            Vector3D c2 = last.start().at(new Vector3D(0, r2, 0));
            double d = Vector3D.distance(c1, c2);
            for (Crossing crossing : Crossings.of(line, 0.3)) {
                boolean arcs = crossing.firstMm() < line.pieces().get(1).wireFromMm()
                        && crossing.secondMm() > last.wireFromMm();
                double off = Vector3D.distance(crossing.at(), c1);
                if (arcs && Math.abs(off - r1) < 1e-6 && Math.abs(Vector3D.distance(crossing.at(), c2) - r2) < 1e-6) {
                    double along = (d * d + r1 * r1 - r2 * r2) / (2 * d);
                    double projected = crossing.at().subtract(c1).dotProduct(c2.subtract(c1)) / d;
                    assertThat(projected).isCloseTo(along, within(1e-7));
                    found++;
                }
            }
        }
        assertThat(found).isGreaterThan(100);
    }

    @Test
    void closedLoop_liesOnItselfOnce() {
        CentreLine line = CentreLine.of(1, List.of(new Arc(3, 2 * Math.PI), new Line(10)));

        List<Crossing> touching = Crossings.of(line, 1);

        assertThat(touching).hasSize(1);
        assertThat(touching.get(0).firstMm()).isCloseTo(0, within(0.5));
    }

    @Test
    void openHook_doesNotCross() {
        assertThat(Crossings.of(CentreLine.of(1, List.of(new Line(10), new Arc(4, Math.PI), new Line(8))), 1))
                .isEmpty();
    }

    @Test
    void lengthIsAdditive_andEveryPieceStartsWhereTheLastOneEnded() {
        Random random = new Random(5);
        List<CurvePiece> pieces = new ArrayList<>();
        for (int i = 0; i < 20; i++) {
            pieces.add(random(random));
        }
        CentreLine line = CentreLine.of(0.6, pieces);

        assertThat(line.lengthMm())
                .isCloseTo(pieces.stream().mapToDouble(CurvePiece::lengthMm).sum(), within(1e-9));
        for (int i = 1; i < pieces.size(); i++) {
            Pose end = line.pieces().get(i - 1).end();
            assertThat(Vector3D.distance(
                            end.position(), line.pieces().get(i).start().position()))
                    .isLessThan(1e-9);
            assertThat(end.heading().dotProduct(line.pieces().get(i).start().heading()))
                    .isCloseTo(1, within(1e-9));
        }
    }

    @Test
    void poseThenItsInverse_isTheStart() {
        Pose pose = Pose.inPlane(3, -2, 0.7).rolled(0.4);

        assertThat(pose.inverse().then(pose).position().getNorm()).isLessThan(1e-12);
        assertThat(pose.inverse().then(pose).heading().dotProduct(Vector3D.PLUS_I))
                .isCloseTo(1, within(1e-12));
    }

    @Test
    void positionOutsideOfThePiece_isRefusedAndEchoed() {
        assertThatIllegalArgumentException().isThrownBy(() -> new Line(5).at(6)).withMessageContaining("was 6.0");
        assertThatIllegalArgumentException().isThrownBy(() -> new Arc(-1, 1)).withMessageContaining("was -1.0");
        assertThatIllegalArgumentException().isThrownBy(() -> new Arc(1, 0)).withMessageContaining("was 0.0");
    }

    private static CurvePiece random(Random random) {
        return random.nextInt(3) == 0
                ? new Line(1 + random.nextDouble() * 20)
                : new Arc(
                        1 + random.nextDouble() * 20,
                        (random.nextDouble() * 6 + 0.2) * (random.nextBoolean() ? 1 : -1));
    }

    private static double speed(CurvePiece piece, double s) {
        return Vector3D.distance(piece.at(s + H).position(), piece.at(s - H).position()) / (2 * H);
    }

    private static double curvature(CurvePiece piece, double s) {
        double angle = Vector3D.angle(piece.at(s - H).heading(), piece.at(s + H).heading());
        return angle / (2 * H);
    }
}
