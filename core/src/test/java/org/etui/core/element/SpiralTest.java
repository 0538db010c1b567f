package org.etui.core.element;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import org.etui.core.Examples;
import org.etui.core.check.Violation;
import org.etui.core.curve.CurvePiece;
import org.etui.core.plan.Plan;
import org.etui.core.verify.PieceChecks;
import org.hipparchus.analysis.integration.IterativeLegendreGaussIntegrator;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;

class SpiralTest {
    private static final OptionalDouble NONE = OptionalDouble.empty();
    private static final double H = 1e-5;

    private static Spiral open(double insideMm, double gapMm, double turns, Turn turn, Spiral.From from) {
        return new Spiral(
                "s",
                Spiral.Centre.OPEN,
                OptionalDouble.of(insideMm),
                gapMm,
                OptionalDouble.of(turns),
                NONE,
                NONE,
                from,
                0,
                turn,
                0,
                Optional.empty(),
                Target.RELEASED,
                Optional.empty(),
                Optional.empty());
    }

    private static Spiral random(Random random) {
        double turns = 0.5 + random.nextDouble() * 11;
        Turn turn = random.nextBoolean() ? Turn.LEFT : Turn.RIGHT;
        return open(
                random.nextDouble() * 6 + 0.3,
                random.nextDouble() * 2,
                turns,
                turn,
                Spiral.From.values()[random.nextInt(2)]);
    }

    /** Common practice: eight closed turns of 1.0 mm wire are 17.5 mm across. */
    @Test
    void eightClosedTurnsOf1mmWire_are175Across() {
        assertThat(Spiral.closed("s", 8, 0, Turn.LEFT).outsideIn(1)).isCloseTo(17.5, within(1e-9));
    }

    /** Source: Hipparchus quadrature of the speed along the drawn path. */
    @Test
    void lengthInClosedForm_agreesWithQuadratureAlongThePath() {
        Random random = new Random(8);
        for (int i = 0; i < 12; i++) {
            double wire = 0.4 + random.nextDouble();
            CurvePiece piece = random(random).shape(new Forming(wire, true)).get(0);
            double length = new IterativeLegendreGaussIntegrator(6, 1e-8, 1e-8)
                    .integrate(100_000, s -> speed(piece, s), 2 * H, piece.lengthMm() - 2 * H);

            assertThat(length + 4 * H).isCloseTo(piece.lengthMm(), within(1e-6 * piece.lengthMm()));
        }
    }

    private static double speed(CurvePiece piece, double s) {
        return Vector3D.distance(piece.at(s + H).position(), piece.at(s - H).position()) / (2 * H);
    }

    /** The rule of the mean diameter, π(Do² − Di²)/(4·pitch): workshop practice, close for several turns. */
    @Test
    void length_agreesWithTheRuleOfTheMeanDiameter() {
        for (double turns : new double[] {3, 5, 8, 12}) {
            Spiral spiral = open(4, 0.5, turns, Turn.LEFT, Spiral.From.INSIDE);
            double pitch = 1.5;
            double inner = 4 + 1;
            double outer = inner + 2 * pitch * turns;
            double rule = Math.PI * (outer * outer - inner * inner) / (4 * pitch);

            assertThat(spiral.lengthIn(1)).isCloseTo(rule, within(0.01 * rule));
        }
    }

    /** Length → turns → length and outside → turns → outside come back exactly. */
    @Test
    void inverseQuestions_answerExactly() {
        Random random = new Random(12);
        for (int i = 0; i < 300; i++) {
            double wire = 0.3 + random.nextDouble() * 1.5;
            Spiral spiral = random(random);
            double turns = spiral.turns().orElseThrow();
            Spiral byLength = spiral.sizedBy(NONE, NONE, OptionalDouble.of(spiral.lengthIn(wire)));
            Spiral byOutside = spiral.sizedBy(NONE, OptionalDouble.of(spiral.outsideIn(wire)), NONE);

            assertThat(byLength.turnsIn(wire)).isCloseTo(turns, within(1e-8));
            assertThat(byLength.lengthIn(wire)).isCloseTo(spiral.lengthIn(wire), within(1e-7));
            assertThat(byOutside.turnsIn(wire)).isCloseTo(turns, within(1e-10));
        }
    }

    @Test
    void path_startsAtTheOriginHeadingAlongX_andKeepsItsDistanceFromTheCentre() {
        Random random = new Random(14);
        for (int i = 0; i < 60; i++) {
            Spiral spiral = random(random);
            var piece = (org.etui.core.curve.Spiral)
                    spiral.shape(new Forming(0.8, true)).get(0);
            boolean outward = spiral.from() == Spiral.From.INSIDE;

            assertThat(piece.at(0).position().getNorm()).isLessThan(1e-9);
            assertThat(piece.at(0).heading().dotProduct(Vector3D.PLUS_I)).isCloseTo(1, within(1e-9));
            double first = Vector3D.distance(piece.at(0).position(), piece.centre());
            double last = Vector3D.distance(piece.at(piece.lengthMm()).position(), piece.centre());
            assertThat(first).isCloseTo(outward ? piece.insideRadiusMm() : piece.outsideRadiusMm(), within(1e-9));
            assertThat(last).isCloseTo(outward ? piece.outsideRadiusMm() : piece.insideRadiusMm(), within(1e-9));
            double side = piece.at(piece.lengthMm() / 100).position().getY();
            assertThat(Math.signum(side)).isEqualTo(spiral.turn().sign());
            for (double share : new double[] {0.2, 0.5, 0.9}) {
                double s = share * piece.lengthMm();
                Vector3D ahead = piece.at(s + H)
                        .position()
                        .subtract(piece.at(s - H).position())
                        .normalize();
                assertThat(ahead.dotProduct(piece.at(s).heading())).isCloseTo(1, within(1e-6));
            }
        }
    }

    @Test
    void wireLength_isALittleLessThanTheCentreLine_mostOfAllInAClosedMiddle() {
        CurvePiece closed =
                Spiral.closed("s", 2, 0, Turn.LEFT).shape(new Forming(1, true)).get(0);
        CurvePiece open = open(10, 0, 2, Turn.LEFT, Spiral.From.INSIDE)
                .shape(new Forming(1, true))
                .get(0);

        assertThat(closed.wireLengthMm(1) / closed.lengthMm()).isBetween(0.95, 0.995);
        assertThat(open.wireLengthMm(1) / open.lengthMm()).isBetween(0.998, 1.0);
        assertThat(closed.scaled(2).lengthMm()).isCloseTo(2 * closed.lengthMm(), within(1e-9));
    }

    @Test
    void spiralInAPlan_hasItsSizesByCalliper() {
        Plan.StrandPlan plan =
                Examples.planned(Examples.piece(Examples.copper(1), Spiral.closed("s", 8, 0, Turn.LEFT)));
        Plan.Sizes sizes = plan.elements().get(0).formed().finished().orElseThrow();

        assertThat(sizes.outsideMm()).isCloseTo(17.5, within(1e-9));
        assertThat(sizes.turns()).isEqualTo(8);
        assertThat(plan.elements().get(0).formed().mandrelRuleMm()).isEmpty();
        assertThat(plan.drawn().finished().widthMm()).isBetween(16.4, 17.5);
        assertThat(plan.drawn().crossings()).isEmpty();
    }

    @Test
    void twoSizesOrNone_areRefused_statingWhatTheFirstMakes() {
        Spiral both = Spiral.closed("s", 8, 0, Turn.LEFT).sizedBy(OptionalDouble.of(8), OptionalDouble.of(10), NONE);
        Spiral none = Spiral.closed("s", 8, 0, Turn.LEFT).sizedBy(NONE, NONE, NONE);
        Spiral tiny = Spiral.closed("s", 8, 0, Turn.LEFT).sizedBy(NONE, OptionalDouble.of(0.5), NONE);

        assertThat(violations(both).get(0).limit())
                .contains("8 closed turns in 1.0 mm wire make 17.5 mm across, not 10");
        assertThat(violations(none).get(0).limit()).contains("one of turns, outsideMm, lengthMm");
        assertThat(violations(tiny).get(0).path()).isEqualTo("strands.0.elements.0.outsideMm");
    }

    private static List<Violation> violations(Spiral spiral) {
        return PieceChecks.of(Examples.piece(Examples.copper(1), spiral));
    }
}
