package org.etui.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.etui.core.act.Act;
import org.etui.core.pattern.Patterns;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;

class BlankDrawnTest {
    private static final GeometryFactory GEOMETRY = new GeometryFactory();

    private static Plan plan(Map<String, Object> measures) {
        return Planner.plan(
                Patterns.find("dimpled-blank").orElseThrow().make(measures, Optional.empty(), Optional.empty()),
                PlanOptions.USUAL);
    }

    private static List<Geometry> figures(Plan plan, PartDrawn.Face face) {
        return plan.parts().get(0).lines().stream()
                .filter(l -> l.face() == face)
                .map(l -> {
                    List<Coordinate> ring = new ArrayList<>(l.points().stream()
                            .map(p -> new Coordinate(p[0], p[1]))
                            .toList());
                    ring.add(ring.get(0));
                    return (Geometry) GEOMETRY.createPolygon(ring.toArray(Coordinate[]::new));
                })
                .toList();
    }

    /** Seen by JTS: every hole and dimple lies in the sheet, no dimple in a hole, as many as were asked for. */
    @ParameterizedTest
    @CsvSource({"drop, 40, 2, two", "round, 7, 3, one", "oval, 120, 1, two", "rectangle, 1, 8, one", "drop, 300, 2, one"
    })
    void dimplesAndHoles_lieInTheSheet(String shape, int dimples, double across, String holes) {
        Plan plan = plan(Map.of("shape", shape, "dimples", dimples, "dimpleMm", across, "holes", holes));
        Geometry sheet = figures(plan, PartDrawn.Face.SOLID).get(0);
        List<Geometry> punched = figures(plan, PartDrawn.Face.HOLE);
        List<Geometry> struck = figures(plan, PartDrawn.Face.DIMPLE);

        assertThat(punched).hasSize(holes.equals("two") ? 2 : 1);
        // A rim and a ground each.
        assertThat(struck).hasSize(2 * dimples);
        assertThat(struck).allMatch(d -> sheet.buffer(0.05).contains(d));
        assertThat(punched).allSatisfy(h -> {
            assertThat(sheet.contains(h)).isTrue();
            // The edge that was asked for is kept all round: 1 mm is common practice.
            assertThat(sheet.getBoundary().distance(h)).isGreaterThan(0.99);
            assertThat(struck).allMatch(d -> d.intersection(h).getArea() < 0.05);
        });
    }

    /** The ring reaches round the sheet above the hole, or it could not be closed: however small it was asked for. */
    @ParameterizedTest
    @CsvSource({"drop, 24", "round, 12", "drop, 60"})
    void ring_reachesRoundTheEdge(String shape, double length) {
        Plan plan = plan(Map.of("shape", shape, "lengthMm", length, "ringInsideMm", 1));
        Geometry hole = figures(plan, PartDrawn.Face.HOLE).get(0);
        double above =
                figures(plan, PartDrawn.Face.SOLID).get(0).getEnvelopeInternal().getMaxY()
                        - hole.getEnvelopeInternal().getMaxY();
        double inside = plan.strands()
                .get(0)
                .elements()
                .get(0)
                .formed()
                .finished()
                .orElseThrow()
                .insideMm()
                .getAsDouble();

        assertThat(inside).isGreaterThan(above);
    }

    /** It hangs by its upper hole, with the ring's wire in it and all of it below. */
    @Test
    void blank_hangsByItsHole() {
        Plan plan = plan(Map.of());
        Geometry hole = figures(plan, PartDrawn.Face.HOLE).get(0);
        Geometry sheet = figures(plan, PartDrawn.Face.SOLID).get(0);
        double ring = plan.strands().get(0).drawn().outline().stream()
                .mapToDouble(p -> p[1])
                .min()
                .orElseThrow();

        assertThat(hole.getEnvelopeInternal().getMinY()).isLessThan(ring);
        assertThat(hole.getEnvelopeInternal().getMaxY()).isGreaterThan(ring);
        assertThat(sheet.getCentroid().getY()).isLessThan(ring);
    }

    /** The sagitta of a circle, h = R − √(R² − a²), any geometry: a dimple of 2 mm by a ball of 12 mm is 0.084 mm deep, one as wide as its ball 6 mm. */
    @Test
    void dimple_isTheCapOfItsBall() {
        assertThat(new Act.Dimple("blank", 1, 2, Act.Dimple.Dome.KEPT).deepMm()).isCloseTo(0.0839, within(5e-5));
        assertThat(new Act.Dimple("blank", 1, 12, Act.Dimple.Dome.KEPT).deepMm())
                .isCloseTo(6, within(1e-9));
    }

    /** What polishing leaves dark: the ground of a dimple more than its rim, both more than the face; wider dimples are deeper. */
    @Test
    void ground_isMoreHiddenThanTheRim_andThatMoreThanTheFace() {
        double[] narrow = recesses(plan(Map.of("dimpleMm", 1)));
        double[] wide = recesses(plan(Map.of("dimpleMm", 2)));

        assertThat(narrow[0]).isZero();
        assertThat(wide).isSorted().doesNotHaveDuplicates();
        assertThat(wide[1]).isGreaterThan(narrow[1]);
        assertThat(wide[2]).isGreaterThan(narrow[2]).isLessThanOrEqualTo(1);
    }

    private static double[] recesses(Plan plan) {
        return plan.parts().get(0).lines().stream()
                .mapToDouble(PartDrawn.Line::recess)
                .distinct()
                .sorted()
                .toArray();
    }
}
