package org.etui.core.element;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import org.etui.core.piece.Solid;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.locationtech.jts.algorithm.distance.DiscreteHausdorffDistance;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.AffineTransformation;

/** Outlines as they are turned, against JTS turning them; traced outlines against the closed form of what was traced. */
class TurnedOutlineTest {
    private static final GeometryFactory JTS = new GeometryFactory();

    static List<Outline> upright() {
        return List.of(
                new Outline.Oval(24, 16),
                new Outline.Rectangle(24, 16, 2),
                new Outline.Drop(28, 18),
                new Outline.Shard(30, 19, 70),
                new Outline.Polygon(
                        List.of(new Outline.Point(0, 0), new Outline.Point(18, 2), new Outline.Point(14, 22))));
    }

    private static Outline turned(Outline o, double deg) {
        if (o instanceof Outline.Oval oval) {
            return new Outline.Oval(oval.lengthMm(), oval.widthMm(), deg);
        }
        if (o instanceof Outline.Rectangle r) {
            return new Outline.Rectangle(r.lengthMm(), r.widthMm(), r.cornerMm(), deg);
        }
        if (o instanceof Outline.Drop drop) {
            return new Outline.Drop(drop.lengthMm(), drop.widthMm(), deg);
        }
        if (o instanceof Outline.Shard shard) {
            return new Outline.Shard(shard.lengthMm(), shard.widthMm(), shard.pointDeg(), deg);
        }
        return new Outline.Polygon(((Outline.Polygon) o).points(), deg);
    }

    private static Polygon shape(Outline outline) {
        List<Coordinate> ring = new ArrayList<>();
        Solid.way(outline).forEach(p -> ring.add(new Coordinate(p[0], p[1])));
        ring.set(ring.size() - 1, ring.get(0));
        return JTS.createPolygon(ring.toArray(Coordinate[]::new));
    }

    private static Polygon centred(Polygon shape) {
        Envelope box = shape.getEnvelopeInternal();
        return (Polygon) AffineTransformation.translationInstance(-box.centre().x, -box.centre().y)
                .transform(shape);
    }

    @ParameterizedTest
    @MethodSource("upright")
    void turning_isWhatJtsTurns_andBeginsAtItsTop(Outline upright) {
        for (double deg : new double[] {180, 90, -90, 37, -143, 270}) {
            Outline turned = turned(upright, deg);
            Polygon wanted = centred((Polygon)
                    AffineTransformation.rotationInstance(Math.toRadians(deg)).transform(shape(upright)));
            Polygon got = shape(turned);

            assertThat(DiscreteHausdorffDistance.distance(got, wanted, 0.05)).isLessThan(0.15);
            assertThat(got.getArea()).isCloseTo(wanted.getArea(), within(0.02 * wanted.getArea()));
            assertThat(turned.round(0.5).lengthMm())
                    .isCloseTo(upright.round(0.5).lengthMm(), within(1e-6));
            assertThat(got.getCoordinates()[0].y)
                    .isCloseTo(got.getEnvelopeInternal().getMaxY(), within(1e-6));
        }
    }

    /** Points on an ellipse: area π·a·b, girth by the complete elliptic integral (half axes 15 and 9.5 mm: 78.0 mm, π(3(a+b) − √((3a+b)(a+3b))), Ramanujan 1914). */
    @ParameterizedTest
    @ValueSource(ints = {16, 24, 60, 400})
    void tracedEllipse_hasItsAreaAndGirth(int points) {
        List<List<Double>> traced = new ArrayList<>();
        for (int i = 0; i < points; i++) {
            double at = 2 * Math.PI * i / points;
            traced.add(List.of(9.5 * Math.cos(at), 15 * Math.sin(at)));
        }
        Outline.Traced outline = new Outline.Traced(traced, 0);
        double girth = Math.PI * (3 * (15 + 9.5) - Math.sqrt((3 * 15 + 9.5) * (15 + 3 * 9.5)));

        assertThat(outline.areaMm2()).isCloseTo(Math.PI * 15 * 9.5, within(0.005 * Math.PI * 15 * 9.5));
        assertThat(outline.round(1e-3).lengthMm()).isCloseTo(girth, within(0.003 * girth));
    }

    /** A hollow is bridged by a taut wire: the girth of a traced kidney is that of its hull (JTS). */
    @ParameterizedTest
    @CsvSource({"0.25", "0.64"})
    void tracedHollow_isBridged(double offset) {
        List<List<Double>> traced = new ArrayList<>();
        for (int i = 0; i < 48; i++) {
            double at = 2 * Math.PI * i / 48;
            double r = 10 - 3 * Math.exp(-Math.pow((at - Math.PI) / 0.6, 2));
            traced.add(List.of(r * Math.cos(at), r * Math.sin(at)));
        }
        Outline.Traced outline = new Outline.Traced(traced, 0);
        Coordinate[] corners = outline.corners().stream()
                .map(p -> new Coordinate(p.xMm(), p.yMm()))
                .toArray(Coordinate[]::new);
        double hull = JTS.createMultiPointFromCoords(corners).convexHull().getLength();

        assertThat(outline.round(offset).lengthMm()).isCloseTo(hull + 2 * Math.PI * offset, within(1e-6));
    }
}
