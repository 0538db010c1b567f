package org.etui.core.photo;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.etui.core.check.BadInput;
import org.etui.core.element.Outline;
import org.etui.core.piece.Body;
import org.etui.core.piece.Solid;
import org.hipparchus.geometry.euclidean.twod.Vector2D;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.locationtech.jts.algorithm.distance.DiscreteHausdorffDistance;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.util.AffineTransformation;

/** Photographs of which the truth is known: the stone that was laid on the simulated sheet. */
class TracingTest {
    private static Body.Cabochon cabochon(Outline outline, double girdleMm) {
        return new Body.Cabochon(outline, girdleMm + 3, girdleMm, 2, Optional.empty());
    }

    private record Taken(String says, Body.Cabochon stone, SimulatedPhotograph photograph) {
        @Override
        public String toString() {
            return says;
        }
    }

    private static final List<Outline> OUTLINES = List.of(
            new Outline.Oval(24, 16, 0),
            new Outline.Drop(28, 17, 0),
            new Outline.Round(18, 0),
            new Outline.Shard(30, 19, 70, 0));

    /** Seeded: outline, girdle, camera, place. */
    static Stream<Taken> photographs() {
        return IntStream.range(0, 12).mapToObj(i -> {
            SplittableRandom random = new SplittableRandom(i);
            double tilt = i % 3 == 2 ? 15 + 20 * random.nextDouble() : 15 * random.nextDouble();
            double girdle = 4 * random.nextDouble();
            Outline outline = OUTLINES.get(i % OUTLINES.size());
            Body.Cabochon stone = cabochon(outline, girdle);
            SimulatedPhotograph photograph = SimulatedPhotograph.of(stone)
                    .leaning(Math.toRadians(tilt), 2 * Math.PI * random.nextDouble())
                    .lying(
                            new Vector2D(10 * random.nextDouble() - 5, 10 * random.nextDouble() - 5),
                            6 * random.nextDouble())
                    .by(View.USUAL_FOCAL * (0.9 + 0.3 * random.nextDouble()), 260 + 60 * random.nextDouble(), i);
            return new Taken(String.format("%s, girdle %.1f mm, %.0f°", outline, girdle, tilt), stone, photograph);
        });
    }

    private static Geometry polygon(List<double[]> points) {
        Coordinate[] ring = Stream.concat(points.stream(), Stream.of(points.get(0)))
                .map(p -> new Coordinate(p[0], p[1]))
                .toArray(Coordinate[]::new);
        return new GeometryFactory().createPolygon(ring);
    }

    /** The greatest distance between two ways round, mm, laid on each other by their middles (JTS). */
    private static double apartMm(Geometry traced, Geometry truth) {
        Coordinate a = traced.getCentroid().getCoordinate();
        Coordinate b = truth.getCentroid().getCoordinate();
        Geometry moved =
                AffineTransformation.translationInstance(b.x - a.x, b.y - a.y).transform(traced);
        return Math.max(
                DiscreteHausdorffDistance.distance(moved.getBoundary(), truth.getBoundary(), 0.02),
                DiscreteHausdorffDistance.distance(truth.getBoundary(), moved.getBoundary(), 0.02));
    }

    private static Geometry truth(Taken taken) {
        Geometry upright = polygon(Solid.way(taken.stone().outline()));
        return AffineTransformation.rotationInstance(taken.photograph().turnRad())
                .transform(upright);
    }

    @ParameterizedTest
    @MethodSource("photographs")
    void outline_isWithinWhatItSaysOfTheTruth(Taken taken) {
        Tracing traced = Tracing.of(taken.photograph().taken(), taken.stone().girdleMm());
        Geometry truth = truth(taken);
        Geometry found = polygon(traced.outline().corners().stream()
                .map(p -> new double[] {p.xMm(), p.yMm()})
                .toList());

        double tilt = Math.toDegrees(taken.photograph().tiltRad());
        assertThat(apartMm(found, truth)).isLessThan(tilt <= 15 ? 0.3 : 0.6).isLessThan(traced.uncertaintyMm());
        assertThat(traced.girthMm()).isCloseTo(truth.getLength(), within(0.01 * truth.getLength()));
        assertThat(traced.tiltDeg()).isCloseTo(tilt, within(1.5));
    }

    @Test
    void photograph_isRefusedWithTheReason() {
        SimulatedPhotograph photograph = SimulatedPhotograph.of(cabochon(OUTLINES.get(0), 2));

        assertThatThrownBy(() -> Tracing.of(photograph.taken(false, true), 2))
                .isInstanceOf(BadInput.class)
                .hasMessageContaining("dots");
        assertThatThrownBy(() -> Tracing.of(photograph.taken(true, false), 2))
                .isInstanceOf(BadInput.class)
                .hasMessageContaining("stone");
        assertThatThrownBy(() -> Tracing.of(
                        photograph
                                .leaning(Math.toRadians(48), 1)
                                .by(View.USUAL_FOCAL, 330, 1)
                                .taken(),
                        2))
                .isInstanceOf(BadInput.class)
                .hasMessageContaining("aslant");
        assertThatThrownBy(() ->
                        Tracing.of(photograph.lying(new Vector2D(40, 0), 0).taken(), 2))
                .isInstanceOf(BadInput.class)
                .hasMessageContaining("within the dots");
    }

    /** What is laid flat shows the stone where the outline says: dark within, paper without. */
    @Test
    void flatPicture_liesUnderTheOutline() {
        SimulatedPhotograph photograph =
                SimulatedPhotograph.of(cabochon(new Outline.Round(20, 0), 2)).leaning(Math.toRadians(12), 2);
        var flat = Tracing.of(photograph.taken(), 2).flat(15, 301);

        int[] within = {150 + 90, 150 - 90};
        int[] without = {150 + 112, 150 - 112};
        assertThat(Arrays.stream(within).map(x -> flat.getRGB(x, 150) & 0xff)).allMatch(b -> b < 160);
        assertThat(Arrays.stream(without).map(x -> flat.getRGB(x, 150) & 0xff)).allMatch(b -> b > 180);
    }
}
