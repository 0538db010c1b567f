package org.etui.core.pattern;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.etui.core.Examples;
import org.etui.core.act.Run;
import org.etui.core.metal.Metal;
import org.etui.core.metal.Temper;
import org.etui.core.piece.Piece;
import org.etui.core.plan.Plan;
import org.etui.core.plan.PlanOptions;
import org.etui.core.plan.Planner;
import org.etui.core.rule.Advice;
import org.etui.core.sequence.Step;
import org.etui.core.wire.Wire;
import org.etui.core.work.StrandWork;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.hipparchus.geometry.euclidean.twod.Vector2D;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Rings wound of one wire: what their ends do, and what is left for the finger. */
class FingerRingsTest {
    private static Piece ring(String pattern, double thicknessMm, Map<String, Object> measures) {
        return Patterns.find(pattern)
                .orElseThrow()
                .make(
                        measures,
                        Optional.of(Wire.ofRound(Metal.COPPER, Temper.DEAD_SOFT, thicknessMm)),
                        Optional.empty());
    }

    private static StrandWork work(Piece piece) {
        return StrandWork.of(piece, piece.strands().get(0));
    }

    private static double wireMm(Piece piece, String element) {
        return work(piece).finished().runs().stream()
                .filter(r -> r.element().equals(element))
                .mapToDouble(Run::wireMm)
                .sum();
    }

    private static double apart(List<Vector3D> one, List<Vector3D> other) {
        return one.stream()
                .mapToDouble(p -> other.stream()
                        .mapToDouble(q -> Vector3D.distance(p, q))
                        .min()
                        .orElseThrow())
                .min()
                .orElseThrow();
    }

    /** Common practice: a tail of a finger's width, about 16 mm, reaches once round a double band of 1.63 mm wire. */
    @Test
    void tailOfAFingersWidth_reachesOnceRoundADoubleBand() {
        Piece pendant = ring("pendant-ring", 1.63, Map.of());

        assertThat(wireMm(pendant, "first-tail")).isCloseTo(16, within(1.5));
        assertThat(wireMm(pendant, "second-tail")).isCloseTo(16, within(1.5));
    }

    /** Once round two wires side by side, by hand: two straights of a thickness and a circle of two, 2t + 2πt; the way there comes on top. */
    @ParameterizedTest
    @ValueSource(doubles = {1, 1.63, 2.6})
    void tails_takeOnceRoundTheBandAndTheWayThere(double t) {
        for (String pattern : List.of("wound-ring", "pendant-ring")) {
            Piece ring = ring(pattern, t, Map.of());
            double round = 2 * t + 2 * Math.PI * t;

            assertThat(wireMm(ring, "first-tail")).isBetween(0.97 * round, round + 5 * t);
            assertThat(wireMm(ring, "second-tail")).isBetween(0.97 * round, round + 5 * t);
        }
    }

    /** The two arms of the rosette lie against each other, a thickness from middle to middle, and nowhere closer. */
    @ParameterizedTest
    @CsvSource({"1.3, 1.25, 2", "1.6, 2.25, 2", "2, 1.25, 3"})
    void armsOfTheRosette_lieAgainstEachOther(double t, double turns, int band) {
        StrandWork work = work(ring("wound-ring", t, Map.of("rosetteTurns", turns, "turns", band)));
        List<Vector3D> first = Examples.points(work, "first-arm");
        List<Vector3D> second = Examples.points(work, "second-arm");

        assertThat(apart(first, second)).isCloseTo(t, within(0.05 * t));
        // Flat: the arms lie a thickness above the middle of the band where it is highest.
        assertThat(apart(first, Examples.points(work, "band"))).isGreaterThan(0.97 * t);
    }

    /**
     * What is left for the finger, looked for point by point: no wire of the ring comes nearer to the middle of a finger of the size asked for than half a
     * thickness. Source of the size: GNU Units, ringsize(7) is 54.209 mm round.
     */
    @ParameterizedTest
    @ValueSource(strings = {"wound-ring", "pendant-ring"})
    void tails_leaveTheSizeAskedFor(String pattern) {
        double t = 1.6;
        StrandWork work = work(ring(pattern, t, Map.of("usSize", 7)));
        List<Vector3D> band = Examples.points(work, "band");
        // The plane of the ring: across the axis of the coil, through three of its points.
        Vector3D middle = middle(band);
        int third = band.size() / 5;
        Vector3D axis = band.get(0)
                .subtract(band.get(third))
                .crossProduct(band.get(2 * third).subtract(band.get(third)))
                .normalize();
        Vector3D across = band.get(0).subtract(middle);
        Vector3D x = across.subtract(across.dotProduct(axis), axis).normalize();
        Vector3D y = axis.crossProduct(x);
        List<Vector2D> seen = Stream.of("band", "first-tail", "second-tail")
                .flatMap(e -> Examples.points(work, e).stream())
                .map(p -> p.subtract(middle))
                .map(p -> new Vector2D(p.dotProduct(x), p.dotProduct(y)))
                .toList();
        double widest = 0;
        for (double dx = -3; dx <= 3; dx += 0.05) {
            for (double dy = -3; dy <= 3; dy += 0.05) {
                Vector2D at = new Vector2D(dx, dy);
                widest = Math.max(
                        widest,
                        2 * seen.stream().mapToDouble(p -> p.distance(at)).min().orElseThrow() - t);
            }
        }

        assertThat(widest).isCloseTo(54.209 / Math.PI, within(0.25));
    }

    private static Vector3D middle(List<Vector3D> points) {
        return points.stream().reduce(Vector3D.ZERO, Vector3D::add).scalarMultiply(1.0 / points.size());
    }

    /** US 7 is 17.3 mm inside (common practice); what is wound is that and what the tails take, and the card says why. */
    @ParameterizedTest
    @ValueSource(strings = {"wound-ring", "pendant-ring"})
    void ringWoundWider_saysWhy(String pattern) {
        Piece ring = ring(pattern, 1.6, Map.of());
        Matcher told = Pattern.compile("Wound to ([0-9.]+) mm inside, ([0-9.]+) mm wider")
                .matcher(ring.notes());

        assertThat(told.find()).isTrue();
        assertThat(Double.parseDouble(told.group(1)) - Double.parseDouble(told.group(2)))
                .isCloseTo(17.3, within(0.11));
        assertThat(Planner.plan(ring, PlanOptions.USUAL).steps())
                .filteredOn(step -> step.title().equals("Form the band"))
                .singleElement()
                .satisfies(step -> assertThat(step.text()).contains("wider than what is to be left free"));
    }

    /** Common practice: what a tail is held by is cut off when it is wound, the cut is dressed, and only then the end is tucked in. */
    @ParameterizedTest
    @ValueSource(strings = {"wound-ring", "pendant-ring"})
    void tails_areTrimmedBeforeTheyAreTucked(String pattern) {
        assertThat(Planner.plan(ring(pattern, 1.6, Map.of()), PlanOptions.USUAL).steps())
                .extracting(Step::title)
                .containsSubsequence(
                        "Form the first tail",
                        "Form the second tail",
                        "Trim both handles",
                        "Dress both cuts",
                        "Tuck both ends in");
    }

    /** The card winds the band, brings the ends over, winds both arms in turn, and only then the tails. */
    @Test
    void cardOfTheWoundRing_canBeFollowed() {
        Plan plan = Planner.plan(ring("wound-ring", 1.6, Map.of()), PlanOptions.USUAL);
        List<String> formed = plan.steps().stream()
                .filter(s -> s.kind() == Step.Kind.FORM)
                .map(Step::title)
                .toList();

        assertThat(formed)
                .containsExactly(
                        "Form the band",
                        "Form the first bend",
                        "Form the second bend",
                        "Form the first arm and the second arm",
                        "Form the first tail",
                        "Form the second tail");
        assertThat(plan.steps())
                .filteredOn(s -> s.title().equals("Form the first arm and the second arm"))
                .hasSize(1)
                .allSatisfy(s -> assertThat(s.text())
                        .contains("the two ends in turn", "half a turn of one", "at what is formed already"));
        assertThat(plan.steps())
                .filteredOn(s -> s.title().equals("Form the first tail"))
                .allSatisfy(s -> assertThat(s.text()).contains("Go on from the first arm", "round the band"));
        assertThat(plan.advice()).noneMatch(a -> a.severity() == Advice.Severity.STOP);
    }
}
