package org.etui.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.assertj.core.data.Offset;
import org.etui.core.element.Girth;
import org.etui.core.element.Outline;
import org.etui.core.element.Spiral;
import org.etui.core.pattern.Patterns;
import org.etui.core.piece.Body;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Solid;
import org.etui.core.plan.Retention.Hold;
import org.etui.core.section.HalfRound;
import org.etui.core.sequence.Step;
import org.etui.core.work.StrandWork;
import org.hipparchus.analysis.integration.IterativeLegendreGaussIntegrator;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Point;

/** Ways of holding a stone or bead without a frame: cage, wrapped loops, a drill hole. */
class HoldingTest {
    private static final double TOUCHES_MM = 0.05;
    private static final GeometryFactory GEOMETRY = new GeometryFactory();

    private static Piece made(String pattern, Map<String, Object> measures) {
        return Patterns.find(pattern).orElseThrow().make(measures, Optional.empty(), Optional.empty());
    }

    private static Plan planned(Piece piece) {
        return Planner.plan(piece, PlanOptions.USUAL);
    }

    private static List<Vector3D> along(Plan.StrandPlan strand, String element) {
        Plan.ElementPlan of = strand.elements().stream()
                .filter(e -> e.id().equals(element))
                .findFirst()
                .orElseThrow();
        return strand.drawn().outline().stream()
                .filter(p ->
                        p[3] >= of.along().fromMm() - 1e-9 && p[3] <= of.along().toMm() + 1e-9)
                .map(p -> new Vector3D(p[0], p[1], p[2]))
                .toList();
    }

    private static int step(Plan plan, String about, Step.Kind kind) {
        return IntStream.range(0, plan.steps().size())
                .filter(i -> plan.steps().get(i).kind() == kind
                        && plan.steps().get(i).about().contains(about))
                .findFirst()
                .orElseThrow();
    }

    /** How far a place lies off an ellipsoid of revolution, by Newton's method on its normal (textbook). */
    private static double offEllipsoid(Vector3D p, double a, double h) {
        double r = Math.hypot(p.getX(), p.getY());
        double z = Math.abs(p.getZ());
        double best = Double.POSITIVE_INFINITY;
        double at = Math.PI / 4;
        for (int start = 0; start < 5; start++) {
            at = start * Math.PI / 8;
            for (int i = 0; i < 60; i++) {
                double dr = a * Math.cos(at) - r;
                double dz = h * Math.sin(at) - z;
                double slope = -dr * a * Math.sin(at) + dz * h * Math.cos(at);
                double bend = a * a * Math.sin(at) * Math.sin(at)
                        + h * h * Math.cos(at) * Math.cos(at)
                        - dr * a * Math.cos(at)
                        - dz * h * Math.sin(at);
                at -= slope / Math.max(Math.abs(bend), 1e-9) * Math.signum(bend);
            }
            best = Math.min(best, Math.hypot(a * Math.cos(at) - r, h * Math.sin(at) - z));
        }
        return r * r / (a * a) + z * z / (h * h) < 1 ? -best : best;
    }

    private static Stream<Map<String, Object>> cages() {
        Random random = new Random(11);
        return Stream.concat(Stream.of(Map.of()), IntStream.range(0, 40).mapToObj(i -> {
            double across = 8 + 24 * random.nextDouble();
            return Map.<String, Object>of(
                    "diameterMm",
                    across,
                    "thicknessMm",
                    across * (0.45 + 0.5 * random.nextDouble()),
                    "gapMm",
                    0.3 + 1.2 * random.nextDouble(),
                    "bailInsideMm",
                    3 + 4 * random.nextDouble());
        }));
    }

    /** Both cones touch the pebble and none goes into it; nothing is in one place; it is held to all sides. */
    @ParameterizedTest
    @MethodSource("cages")
    void spiralCage_touchesAndHolds(Map<String, Object> measures) {
        Piece piece = made("spiral-cage", measures);
        Plan plan = planned(piece);
        Body.Lens pebble = (Body.Lens) piece.parts().get(0).body().orElseThrow();
        double a = ((Outline.Round) pebble.outline()).diameterMm() / 2;
        double h = pebble.thicknessMm() / 2;
        Plan.StrandPlan cage = plan.strands().get(0);
        double half = piece.strands().get(0).wire().section().thicknessMm() / 2;

        for (String lid : List.of("back-lid", "front-lid")) {
            List<Double> off = along(cage, lid).stream()
                    .map(p -> offEllipsoid(p, a, h) - half)
                    .toList();
            assertThat(off).as(lid).allSatisfy(gap -> assertThat(gap).isGreaterThan(-TOUCHES_MM));
            assertThat(off.stream().mapToDouble(Double::doubleValue).min().orElseThrow())
                    .as(lid)
                    .isLessThan(TOUCHES_MM);
        }
        assertThat(along(cage, "back-lid")).allSatisfy(p -> assertThat(p.getZ()).isNegative());
        assertThat(along(cage, "front-lid"))
                .allSatisfy(p -> assertThat(p.getZ()).isPositive());
        assertThat(plan.clashes()).isEmpty();
        var held = plan.bodies().get(0).held().orElseThrow();
        assertThat(List.of(held.front(), held.back(), held.left(), held.right(), held.up(), held.down()))
                .containsOnly(Hold.HELD);
    }

    /** Its length by Hipparchus quadrature along the spiral lifted half a wire off the ellipsoid, within 0.1 %. */
    @ParameterizedTest
    @ValueSource(doubles = {10, 14, 22})
    void spiralOverAFace_isAsLongAsItsQuadrature(double across) {
        Piece piece = made("spiral-cage", Map.of("diameterMm", across, "thicknessMm", 0.6 * across));
        Spiral lid = (Spiral) piece.strands().get(0).elements().get(0);
        double t = piece.strands().get(0).wire().section().thicknessMm();
        double a = across / 2;
        double h = 0.3 * across;
        double inside = (lid.insideMm().orElseThrow() + t) / 2;
        double growth = (t + lid.gapMm()) / (2 * Math.PI);
        double length = new IterativeLegendreGaussIntegrator(5, 1e-7, 1e-7)
                .integrate(
                        1_000_000,
                        phi -> {
                            double r = inside + growth * phi;
                            double at = offAt(a, h, t, r);
                            // The normal of the ellipse leans as it does half a wire off it.
                            double fall = h * Math.cos(at) / (a * Math.sin(at));
                            return Math.sqrt(r * r + growth * growth * (1 + fall * fall));
                        },
                        0,
                        2 * Math.PI * lid.turns().orElseThrow());
        double drawn = planned(piece).strands().get(0).drawn().outline().stream()
                .mapToDouble(p -> p[3])
                .max()
                .orElseThrow();
        double lidMm = StrandWork.of(piece, piece.strands().get(0)).finished().of("back-lid").stream()
                .mapToDouble(run -> run.shape().lengthMm())
                .sum();

        assertThat(lidMm).isCloseTo(length, Offset.offset(0.001 * length));
        assertThat(drawn).isGreaterThan(2 * lidMm);
    }

    /** The place of the ellipse whose normal, half a wire long, ends so far out. */
    private static double offAt(double a, double h, double t, double r) {
        double low = 1e-6;
        double high = Math.PI / 2 - 1e-9;
        for (int i = 0; i < 80; i++) {
            double at = (low + high) / 2;
            double out = a * Math.cos(at) + t / 2 * (Math.cos(at) / a) / Math.hypot(Math.cos(at) / a, Math.sin(at) / h);
            low = out > r ? at : low;
            high = out > r ? high : at;
        }
        return (low + high) / 2;
    }

    /** Both spirals are wound while the wire between them is straight; the pebble is slipped in last (common practice). */
    @Test
    void spiralCage_pebbleComesLast() {
        Plan plan = planned(made("spiral-cage", Map.of()));
        int stone = step(plan, "stone", Step.Kind.PUT_IN);

        assertThat(step(plan, "cage.front-lid", Step.Kind.FORM))
                .isLessThan(step(plan, "cage.first-corner", Step.Kind.FORM));
        // Bent before its neighbours, the bail would bring one spiral through the other.
        assertThat(step(plan, "cage.bail", Step.Kind.FORM))
                .isGreaterThan(step(plan, "cage.second-corner", Step.Kind.FORM))
                .isGreaterThan(step(plan, "cage.second-flare", Step.Kind.FORM));
        assertThat(plan.steps().stream().skip(stone + 1).filter(s -> s.kind() == Step.Kind.FORM))
                .isEmpty();
        assertThat(plan.steps().get(stone).text()).contains("between two");
        assertThat(plan.locks()).isEmpty();
    }

    /** Turns lie one wire off the middle of the neck (textbook): they enclose it. */
    @ParameterizedTest
    @ValueSource(doubles = {1, 2, 3.5})
    void wrappedBead_turnsLieOnTheirNeck(double wraps) {
        Piece piece = made("wrapped-bead", Map.of("wraps", wraps));
        Plan.StrandPlan link = planned(piece).strands().get(0);
        double t = piece.strands().get(0).wire().section().thicknessMm();
        List<Vector3D> neck = along(link, "second-neck");
        Vector3D from = neck.get(0);
        Vector3D on = neck.get(neck.size() - 1).subtract(from).normalize();
        List<Double> aside = along(link, "second-wrap").stream()
                .map(p -> p.subtract(from))
                .map(off -> off.subtract(off.dotProduct(on), on).getNorm())
                .toList();

        // The last turn; before it the wire is led onto the neck.
        assertThat(aside.subList(aside.size() - 12, aside.size()))
                .allSatisfy(off -> assertThat(off).isBetween(t - TOUCHES_MM, t + TOUCHES_MM));
    }

    /** The first loop is whole, then the bead goes on, then the second is bent (common practice). */
    @Test
    void wrappedBead_goesOnBetween() {
        Plan plan = planned(made("wrapped-bead", Map.of()));
        int bead = step(plan, "bead", Step.Kind.THREAD);

        assertThat(step(plan, "link.first-wrap", Step.Kind.FORM)).isLessThan(bead);
        assertThat(step(plan, "link.second-corner", Step.Kind.FORM)).isGreaterThan(bead);
        assertThat(plan.clashes()).isEmpty();
    }

    private static Stream<Map<String, Object>> drops() {
        Random random = new Random(7);
        return Stream.concat(Stream.of(Map.of()), IntStream.range(0, 40).mapToObj(i -> {
            double length = 10 + 30 * random.nextDouble();
            return Map.<String, Object>of(
                    "lengthMm",
                    length,
                    "widthPercent",
                    45 + 40 * random.nextDouble(),
                    "drilledMm",
                    1.5 + 0.12 * length * random.nextDouble(),
                    "wraps",
                    (double) (1 + random.nextInt(5)));
        }));
    }

    /** The wire goes level through the middle of the hole, and no leg runs into the stone. */
    @ParameterizedTest
    @MethodSource("drops")
    void topDrilledDrop_legsGoRoundTheTip(Map<String, Object> measures) {
        Piece piece = made("top-drilled-drop", measures);
        Plan plan = planned(piece);
        Plan.StrandPlan drop = plan.strands().get(0);
        double t = piece.strands().get(0).wire().section().thicknessMm();
        Body.Lens stone = (Body.Lens) piece.parts().get(0).body().orElseThrow();
        double down = piece.parts().get(0).place().yMm();
        List<Coordinate> ring = new ArrayList<>(Solid.way(stone.outline()).stream()
                .map(p -> new Coordinate(p[0], p[1] + down))
                .toList());
        ring.add(ring.get(0));
        Geometry outline =
                GEOMETRY.createPolygon(ring.toArray(Coordinate[]::new)).buffer(0);

        assertThat(along(drop, "drill-run"))
                .allSatisfy(p -> assertThat(Math.hypot(p.getY(), p.getZ())).isLessThan(1e-6));
        for (String leg : List.of("first-side", "first-leg", "second-side", "second-leg")) {
            assertThat(along(drop, leg)).as(leg).allSatisfy(p -> {
                Point at = GEOMETRY.createPoint(new Coordinate(p.getX(), p.getY()));
                // At a corner the wire comes out of the hole.
                assertThat(outline.distance(at)).isGreaterThan(leg.endsWith("leg") ? t / 2 - TOUCHES_MM : 0);
            });
        }
        assertThat(plan.clashes()).isEmpty();
        assertThat(piece.parts().get(0).stackMm())
                .as("the way through the stone, by JTS")
                .isCloseTo(
                        outline.intersection(GEOMETRY.createLineString(
                                        new Coordinate[] {new Coordinate(-100, 0), new Coordinate(100, 0)}))
                                .getLength(),
                        Offset.offset(0.01));
    }

    /** It goes on after the first corner and before the second: neither passes the hole (common practice). */
    @Test
    void topDrilledDrop_goesOnBetweenTheCorners() {
        Plan plan = planned(made("top-drilled-drop", Map.of()));
        int stone = step(plan, "stone", Step.Kind.THREAD);

        assertThat(step(plan, "drop.first-side", Step.Kind.FORM)).isLessThan(stone);
        assertThat(step(plan, "drop.second-side", Step.Kind.FORM)).isGreaterThan(stone);
    }

    /** Lashings where the maker wants them: the first a fifth of the way round from the top, the last as far on the other side, one between (by hand). */
    @ParameterizedTest
    @ValueSource(strings = {"stone-frame", "woven-front"})
    void lashings_lieWhereTheyAreChosen(String pattern) {
        Piece piece = made(
                pattern,
                Map.of("lashed", "as chosen", "firstLashingPercent", 20.0, "lashings", 3, "lashingWire", "half-round"));
        Plan plan = planned(piece);

        for (int i = 0; i < 3; i++) {
            Girth side = (Girth) piece.strand("frame-2")
                    .orElseThrow()
                    .element("side-" + (i + 1))
                    .orElseThrow();
            assertThat(side.to()).isCloseTo(0.2 + 0.3 * i, Offset.offset(1e-9));
        }
        assertThat(piece.strand("lashing-1").orElseThrow().wire().section()).isInstanceOf(HalfRound.class);
        assertThat(plan.clashes()).isEmpty();
        assertThat(plan.bodies().get(0).held().orElseThrow().all()).isTrue();
    }
}
