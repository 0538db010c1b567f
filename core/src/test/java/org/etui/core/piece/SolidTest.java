package org.etui.core.piece;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import org.assertj.core.data.Percentage;
import org.etui.core.element.Outline;
import org.hipparchus.analysis.UnivariateFunction;
import org.hipparchus.analysis.integration.gauss.GaussIntegrator;
import org.hipparchus.analysis.integration.gauss.GaussIntegratorFactory;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;

/** Bodies as geometry. Sources: closed forms of textbook solids, Hipparchus quadrature, JTS for outlines. */
class SolidTest {
    private static final Percentage CLOSE = Percentage.withPercentage(0.1);
    private static final GeometryFactory GEOMETRY = new GeometryFactory();

    private static double integral(UnivariateFunction of, double from, double to) {
        double sum = 0;
        int parts = 200;
        for (int i = 0; i < parts; i++) {
            GaussIntegrator rule = new GaussIntegratorFactory()
                    .legendre(12, from + (to - from) * i / parts, from + (to - from) * (i + 1) / parts);
            sum += rule.integrate(of);
        }
        return sum;
    }

    static Stream<Arguments> outlines() {
        return Stream.of(
                Arguments.of(new Outline.Round(20), disc(0, 0, 10)),
                Arguments.of(new Outline.Rectangle(30, 20, 2), rectangle(30, 20, 2)),
                Arguments.of(
                        new Outline.Drop(30, 20),
                        disc(0, 0, 10)
                                .union(GEOMETRY.createPoint(new Coordinate(0, 20)))
                                .convexHull()),
                Arguments.of(new Outline.Shard(30, 18, 60), shard(30, 18, 60)),
                Arguments.of(
                        new Outline.Polygon(List.of(
                                new Outline.Point(0, 0),
                                new Outline.Point(10, 0),
                                new Outline.Point(2, 2),
                                new Outline.Point(0, 10))),
                        polygon(0, 0, 10, 0, 2, 2, 0, 10)));
    }

    private static Geometry disc(double x, double y, double r) {
        return GEOMETRY.createPoint(new Coordinate(x, y)).buffer(r, 256);
    }

    private static Geometry rectangle(double length, double width, double corner) {
        double x = width / 2 - corner;
        double y = length / 2 - corner;
        return polygon(-x, -y, x, -y, x, y, -x, y).buffer(corner, 256);
    }

    private static Geometry shard(double length, double width, double pointDeg) {
        double shoulder = length - width / 2 / Math.tan(Math.toRadians(pointDeg / 2));
        return polygon(-width / 2, 0, width / 2, 0, width / 2, shoulder, 0, length, -width / 2, shoulder);
    }

    private static Geometry polygon(double... xy) {
        List<Coordinate> ring = new ArrayList<>();
        for (int i = 0; i < xy.length; i += 2) {
            ring.add(new Coordinate(xy[i], xy[i + 1]));
        }
        ring.add(ring.get(0));
        return GEOMETRY.createPolygon(ring.toArray(Coordinate[]::new));
    }

    @ParameterizedTest
    @MethodSource("outlines")
    void areaOfAnOutline_isThatOfJts(Outline outline, Geometry same) {
        assertThat(outline.areaMm2()).isCloseTo(same.getArea(), CLOSE);
        assertThat(outline.scaled(2).areaMm2()).isCloseTo(4 * same.getArea(), CLOSE);
    }

    static Stream<Arguments> solids() {
        Optional<Body.Hole> none = Optional.empty();
        return Stream.of(
                Arguments.of(new Body.Cabochon(new Outline.Oval(25, 18), 6, 1.5, 2, none)),
                Arguments.of(new Body.Cabochon(new Outline.Drop(30, 19), 7, 1, 3.5, none)),
                Arguments.of(new Body.Lens(new Outline.Oval(20, 14), 8, none)),
                Arguments.of(new Body.Slab(new Outline.Rectangle(30, 18, 2), 5, 1, none)),
                Arguments.of(new Body.Sheet(new Outline.Round(18), 0.8, List.of())));
    }

    /** Volume is the area of the sections along the height, by quadrature. */
    @ParameterizedTest
    @MethodSource("solids")
    void volume_isTheSumOfItsSections(Body body) {
        Solid solid = new Solid(body);
        double area = body.front().orElseThrow().areaMm2();

        assertThat(solid.volumeMm3())
                .isCloseTo(area * integral(z -> Math.pow(solid.scale(z), 2), solid.fromMm(), solid.toMm()), CLOSE);
    }

    /** A cabochon with exponent 2 is half an ellipsoid on its edge: 2/3·π·a·b·c; an ellipsoid lens 4/3·π·a·b·c. */
    @Test
    void textbookSolids_haveTheirVolumes() {
        Body cap = new Body.Cabochon(new Outline.Oval(24, 16), 5, 0, 2, Optional.empty());
        Body lens = new Body.Lens(new Outline.Round(12), 12, Optional.empty());
        Body hexagon = new Body.Point(10, 6, 30, 6, Optional.empty());
        Body ring = new Body.Ring(10, 2);

        assertThat(new Solid(cap).volumeMm3()).isCloseTo(2.0 / 3 * Math.PI * 12 * 8 * 5, CLOSE);
        assertThat(new Solid(lens).volumeMm3()).isCloseTo(4.0 / 3 * Math.PI * 216, CLOSE);
        double area = Math.sqrt(3) / 2 * 100;
        assertThat(new Solid(hexagon).volumeMm3()).isCloseTo(area * 24 + area * 6 / 3, CLOSE);
        assertThat(new Solid(ring).volumeMm3()).isCloseTo(2 * Math.PI * Math.PI * 6, CLOSE);
    }

    /** What is left of a ball beside a hole is a ball as thick as the hole is long (Archimedes); tubes and barrels by quadrature. */
    @Test
    void beads_areHollow() {
        double length = Math.sqrt(64 - 4);
        Body ball = bead(Body.BeadForm.ROUND, OptionalDouble.empty());
        Body barrel = bead(Body.BeadForm.BARREL, OptionalDouble.of(10));
        Body tube = bead(Body.BeadForm.TUBE, OptionalDouble.of(10));

        assertThat(new Solid(ball).volumeMm3()).isCloseTo(Math.PI / 6 * Math.pow(length, 3), CLOSE);
        assertThat(new Solid(tube).volumeMm3()).isCloseTo(Math.PI * (16 - 1) * 10, CLOSE);
        assertThat(new Solid(barrel).volumeMm3())
                .isCloseTo(integral(x -> Math.PI * (Math.pow(4 * (1 - 0.35 * x * x / 25), 2) - 1), -5, 5), CLOSE);
    }

    private static Body bead(Body.BeadForm form, OptionalDouble length) {
        return new Body.Bead(form, 8, length, Body.Hole.through(2));
    }

    /** The girth of a cabochon shrinks towards its top as its section does; at the edge it is that of its outline. */
    @Test
    void girthAtAHeight_isThatOfItsSection() {
        Solid round = new Solid(new Body.Cabochon(new Outline.Round(20), 6, 1, 2, Optional.empty()));

        assertThat(round.girth(0.5, 0.4).lengthMm()).isCloseTo(Math.PI * 20.8, CLOSE);
        assertThat(round.girth(4, 0.4).lengthMm()).isCloseTo(2 * Math.PI * (10 * Math.sqrt(1 - 9.0 / 25) + 0.4), CLOSE);
        assertThatIllegalArgumentException().isThrownBy(() -> round.girth(6.1, 0.4));
        assertThatIllegalArgumentException().isThrownBy(() -> new Solid(new Body.Ring(10, 2)).girth(0, 0.4));
    }

    /** Densities from memory: quartz 2.65, resin 1.2 g/cm³. */
    @Test
    void mass_followsTheMaterial() {
        Solid ball = new Solid(new Body.Lens(new Outline.Round(10), 10, Optional.empty()));
        double cm3 = 4.0 / 3 * Math.PI * 125 / 1000;

        assertThat(ball.massG("rose quartz")).isCloseTo(2.65 * cm3, CLOSE);
        assertThat(ball.massG("resin")).isCloseTo(1.2 * cm3, CLOSE);
    }
}
