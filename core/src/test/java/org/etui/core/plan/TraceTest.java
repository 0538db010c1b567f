package org.etui.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Random;
import org.etui.core.curve.Arc;
import org.etui.core.curve.CentreLine;
import org.etui.core.curve.Line;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;

class TraceTest {
    private static final CentreLine LINE =
            CentreLine.of(1, List.of(new Line(10), new Arc(5, 4), new Line(6), new Arc(3, -2)));

    private final Trace trace = new Trace(LINE.stations(Math.toRadians(5), 9));

    /** Against the exact place on the pieces: off by no more than the height of a 5° chord, a thousandth of the radius. */
    @Test
    void place_isThatOfTheCentreLine() {
        for (double s = 0; s <= LINE.wireToMm(); s += 0.37) {
            Vector3D exact = LINE.atWire(s).position();
            assertThat(trace.at(s).distance(new Coordinate(exact.getX(), exact.getY())))
                    .isLessThan(0.005 * 1.01);
        }
        assertThat(trace.at(-1)).isEqualTo(trace.at(0));
        assertThat(trace.at(1e6)).isEqualTo(trace.at(LINE.wireToMm()));
    }

    /** Source: distance of a point from a line string by JTS. */
    @Test
    void distance_isThatOfTheLineByJts() {
        GeometryFactory geometry = new GeometryFactory();
        Coordinate[] drawn = LINE.stations(Math.toRadians(5), 9).stream()
                .map(s -> new Coordinate(
                        s.pose().position().getX(), s.pose().position().getY()))
                .toArray(Coordinate[]::new);
        Random random = new Random(3);
        for (int i = 0; i < 100; i++) {
            Coordinate point = new Coordinate(20 * random.nextDouble() - 5, 20 * random.nextDouble() - 5);

            double distance = geometry.createLineString(drawn).distance(geometry.createPoint(point));
            assertThat(trace.isWithin(distance + 1e-9, point, -5, LINE.wireToMm() + 5))
                    .isTrue();
            assertThat(trace.isWithin(distance - 1e-9, point, -5, LINE.wireToMm() + 5))
                    .isFalse();
        }
    }
}
