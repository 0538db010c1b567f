package org.etui.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.etui.core.element.Arc;
import org.etui.core.element.Bend;
import org.etui.core.element.Loop;
import org.etui.core.element.Straight;
import org.etui.core.element.Turn;
import org.etui.core.metal.Metal;
import org.etui.core.metal.Temper;
import org.etui.core.pattern.Pattern;
import org.etui.core.pattern.Patterns;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Place;
import org.etui.core.piece.Purpose;
import org.etui.core.piece.Strand;
import org.etui.core.wire.Wire;
import org.etui.core.work.Jig;
import org.etui.core.work.StrandWork;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Figures for drawing programs, pegs and repeating measures, against plane geometry. */
class FigureTest {
    private static final Wire WIRE = Wire.ofRound(Metal.COPPER, Temper.DEAD_SOFT, 1.0);

    static List<Pattern> patterns() {
        return Patterns.ALL;
    }

    /** Two half circles of 9 mm inside, one each way, with 20 mm between them. */
    private static Piece sHook() {
        return Piece.of(
                "S",
                Purpose.DECORATIVE,
                List.of(Strand.of(
                                "s",
                                "S",
                                WIRE,
                                List.of(
                                        Arc.of("first", 9, 180, Turn.LEFT),
                                        Straight.of("middle", 20),
                                        Arc.of("second", 9, 180, Turn.RIGHT)))
                        .withPlace(Place.turned(360))));
    }

    /** Plane geometry: radius 5 to the middle of the wire; middles 20 mm apart along the straight and 10 mm across. */
    @Test
    void linesAndArcs_areExact() {
        List<Figure.Segment> segments = Figure.of(sHook()).get(0).segments();

        assertThat(segments).hasSize(3);
        Figure.Round first = (Figure.Round) segments.get(0);
        Figure.Straight middle = (Figure.Straight) segments.get(1);
        Figure.Round second = (Figure.Round) segments.get(2);
        assertThat(first.radius()).isCloseTo(5, within(1e-9));
        assertThat(first.toDeg() - first.fromDeg()).isCloseTo(180, within(1e-9));
        assertThat(Math.hypot(middle.x2() - middle.x1(), middle.y2() - middle.y1()))
                .isCloseTo(20, within(1e-9));
        assertThat(Math.hypot(second.x() - first.x(), second.y() - first.y()))
                .isCloseTo(Math.hypot(20, 10), within(1e-9));
    }

    /** Each segment begins where the last one ended, for every pattern. */
    @ParameterizedTest
    @MethodSource("patterns")
    void segments_meet(Pattern pattern) {
        for (Figure figure : Figure.of(pattern.usual())) {
            for (int i = 1; i < figure.segments().size(); i++) {
                List<double[]> before = ends(figure.segments().get(i - 1));
                List<double[]> after = ends(figure.segments().get(i));
                assertThat(before.stream()
                                .flatMapToDouble(a ->
                                        after.stream().mapToDouble(b -> Math.hypot(a[0] - b[0], a[1] - b[1])))
                                .min())
                        .as(pattern.name() + " " + figure.strand() + " " + i)
                        .hasValueCloseTo(0.0, within(1e-6));
            }
        }
    }

    private static List<double[]> ends(Figure.Segment segment) {
        if (segment instanceof Figure.Straight s) {
            return List.of(new double[] {s.x1(), s.y1()}, new double[] {s.x2(), s.y2()});
        }
        if (segment instanceof Figure.Round r) {
            return List.of(on(r, r.fromDeg()), on(r, r.toDeg()));
        }
        List<double[]> points = ((Figure.Chain) segment).points();
        return List.of(points.get(0), points.get(points.size() - 1));
    }

    private static double[] on(Figure.Round r, double degrees) {
        double angle = Math.toRadians(degrees);
        return new double[] {r.x() + r.radius() * Math.cos(angle), r.y() + r.radius() * Math.sin(angle)};
    }

    private static Jig jig(Piece piece) {
        return Jig.of(StrandWork.of(piece, piece.strands().get(0)));
    }

    /** Plane geometry as above; a peg is smaller than what it gives, by springback (common practice). */
    @Test
    void pegs_standInTheMiddlesOfTheArcs() {
        Jig jig = jig(sHook());

        assertThat(jig.flat()).isTrue();
        assertThat(jig.pegs()).extracting(Jig.Peg::label).containsExactly("first", "second");
        Jig.Peg a = jig.pegs().get(0);
        Jig.Peg b = jig.pegs().get(1);
        assertThat(Math.hypot(b.xMm() - a.xMm(), b.yMm() - a.yMm()))
                .isCloseTo(Math.hypot(20, (a.diameterMm() + b.diameterMm()) / 2 + 1), within(1e-6));
        assertThat(a.comesToMm()).isCloseTo(9, within(1e-6));
        assertThat(a.diameterMm()).isBetween(8.0, 9.0);
        // Half a turn when it is let go: round the peg the same wire goes further, by hand as R/r.
        assertThat(a.turns()).isCloseTo(0.5 * 5 / ((a.diameterMm() + 1) / 2), within(1e-3));
    }

    @Test
    void cornersAreBentByHand_andWhatIsNotFlatHasNoPegs() {
        Piece bent = Piece.of(
                "Bent",
                Purpose.DECORATIVE,
                List.of(Strand.of(
                        "a",
                        "A",
                        WIRE,
                        List.of(
                                Loop.of("eye", 4, Turn.LEFT),
                                Straight.of("run", 9),
                                Bend.of("corner", 90, Turn.LEFT)))));
        Jig flat = jig(bent);
        Jig coil = jig(Patterns.find("coil").orElseThrow().usual());

        assertThat(flat.pegs()).extracting(Jig.Peg::element).containsExactly("eye");
        assertThat(flat.byHand()).containsExactly("corner");
        assertThat(coil.flat()).isFalse();
        assertThat(coil.pegs()).isEmpty();
    }

    /** Common practice: every link of a bracelet has the same gap, and so has every turn of an open spiral. */
    @Test
    void repeatingMeasures_areNamedWithHowOften() {
        Piece earrings = Patterns.find("spiral-earrings").orElseThrow().usual();
        Piece one = Patterns.find("hook-clasp").orElseThrow().usual();

        List<Repeat> repeats = Repeat.of(earrings, Planner.plan(earrings, PlanOptions.USUAL));
        assertThat(repeats).anyMatch(r -> r.label().endsWith("gap between turns") && r.times() == 2);
        assertThat(repeats).anyMatch(r -> r.label().endsWith("spiral, outside"));
        assertThat(repeats).isSortedAccordingTo((a, b) -> Double.compare(b.mm(), a.mm()));
        assertThat(Repeat.of(one, Planner.plan(one, PlanOptions.USUAL))).isEmpty();
    }
}
