package org.etui.core.element;

import java.util.Arrays;
import java.util.List;
import org.etui.core.check.Check;
import org.etui.core.check.Family;
import org.etui.core.check.Term;
import org.etui.core.check.Titled;
import org.etui.core.curve.Circuit;
import org.etui.core.curve.Circuit.Disc;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.CoordinateList;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.shape.CubicBezierCurve;
import org.locationtech.jts.simplify.DouglasPeuckerSimplifier;

/**
 * What a girth goes round. The way begins at the top, at the point where there is one. A taut wire bridges hollows: round
 * a polygon it follows the hull.
 */
@Family("shape")
public sealed interface Outline {
    /** No outline is turned further, degrees. */
    double MOST_TURN = 360;

    /** The way round at a distance outside it as it stands upright, mm, above 0. */
    Circuit upright(double offsetMm);

    /** How far it is turned to the left, degrees; half a turn lets what points up point down. */
    double turnDeg();

    /** The way round at a distance outside the outline as it is turned, mm, above 0. */
    default Circuit round(double offsetMm) {
        return upright(offsetMm).turned(Math.toRadians(turnDeg()));
    }

    /** The area within it, mm²; of a polygon its own, hollows and all. */
    double areaMm2();

    /** The same shape, this many times as large. */
    Outline scaled(double factor);

    /**
     * @param diameterMm diameter, mm
     * @param turnDeg how far it is turned to the left, degrees
     */
    @Titled("round")
    record Round(
            @Term(value = "diameter, mm", from = 0.01, title = "diameter", usual = "20")
            double diameterMm,

            @Term(
                    value = "how far it is turned, degrees to the left; half a turn points down",
                    from = -360,
                    to = 360,
                    or = "0")
            double turnDeg)
            implements Outline {
        /** @throws IllegalArgumentException if the diameter is out of range */
        public Round {
            Check.size("diameterMm", diameterMm);
            Check.within("turnDeg", turnDeg, -MOST_TURN, MOST_TURN);
        }

        /** Upright. */
        public Round(double diameterMm) {
            this(diameterMm, 0);
        }

        @Override
        public double areaMm2() {
            return Math.PI * diameterMm * diameterMm / 4;
        }

        @Override
        public Round scaled(double factor) {
            return new Round(factor * diameterMm, turnDeg);
        }

        @Override
        public Circuit upright(double offsetMm) {
            return Circuit.around(List.of(new Disc(0, 0, diameterMm / 2)), offsetMm);
        }
    }

    /**
     * @param lengthMm length, mm
     * @param widthMm width, mm
     * @param turnDeg how far it is turned to the left, degrees
     */
    @Titled("oval")
    record Oval(
            @Term(value = "length, mm", from = 0.01, title = "length", usual = "24")
            double lengthMm,

            @Term(value = "width, mm", from = 0.01, title = "width", usual = "16")
            double widthMm,

            @Term(
                    value = "how far it is turned, degrees to the left; half a turn points down",
                    from = -360,
                    to = 360,
                    or = "0",
                    title = "turned")
            double turnDeg)
            implements Outline {
        /** @throws IllegalArgumentException if a measure is out of range */
        public Oval {
            Check.size("lengthMm", lengthMm);
            Check.size("widthMm", widthMm);
            Check.within("turnDeg", turnDeg, -MOST_TURN, MOST_TURN);
        }

        /** Upright. */
        public Oval(double lengthMm, double widthMm) {
            this(lengthMm, widthMm, 0);
        }

        @Override
        public double areaMm2() {
            return Math.PI * lengthMm * widthMm / 4;
        }

        @Override
        public Oval scaled(double factor) {
            return new Oval(factor * lengthMm, factor * widthMm, turnDeg);
        }

        @Override
        public Circuit upright(double offsetMm) {
            return Circuit.ofEllipse(widthMm / 2, lengthMm / 2, offsetMm);
        }
    }

    /**
     * @param lengthMm length, mm
     * @param widthMm width, mm
     * @param cornerMm radius of the corners, mm, at most half the shorter side
     * @param turnDeg how far it is turned to the left, degrees
     */
    @Titled("rectangle")
    record Rectangle(
            @Term(value = "length, mm", from = 0.01, title = "length", usual = "24")
            double lengthMm,

            @Term(value = "width, mm", from = 0.01, title = "width", usual = "16")
            double widthMm,

            @Term(value = "radius of the corners, mm", from = 0, title = "corners, radius", usual = "1.5")
            double cornerMm,

            @Term(
                    value = "how far it is turned, degrees to the left; half a turn points down",
                    from = -360,
                    to = 360,
                    or = "0",
                    title = "turned")
            double turnDeg)
            implements Outline {
        /** @throws IllegalArgumentException if a measure is out of range */
        public Rectangle {
            Check.size("lengthMm", lengthMm);
            Check.size("widthMm", widthMm);
            Check.within("cornerMm", cornerMm, 0, Check.GREATEST);
            Check.within("turnDeg", turnDeg, -MOST_TURN, MOST_TURN);
        }

        /** Upright. */
        public Rectangle(double lengthMm, double widthMm, double cornerMm) {
            this(lengthMm, widthMm, cornerMm, 0);
        }

        @Override
        public double areaMm2() {
            return lengthMm * widthMm - (4 - Math.PI) * cornerMm * cornerMm;
        }

        @Override
        public Rectangle scaled(double factor) {
            return new Rectangle(factor * lengthMm, factor * widthMm, factor * cornerMm, turnDeg);
        }

        @Override
        public Circuit upright(double offsetMm) {
            double x = Math.max(0, widthMm / 2 - cornerMm);
            double y = Math.max(0, lengthMm / 2 - cornerMm);
            List<Disc> corners = List.of(
                    new Disc(x, y, cornerMm),
                    new Disc(-x, y, cornerMm),
                    new Disc(-x, -y, cornerMm),
                    new Disc(x, -y, cornerMm));
            return Circuit.around(corners, offsetMm).fromMiddleOfTop();
        }
    }

    /**
     * A round as wide as the drop, and the two lines from it to the point.
     *
     * @param lengthMm length, mm, at least the width
     * @param widthMm width, mm
     * @param turnDeg how far it is turned to the left, degrees
     */
    @Titled("drop")
    record Drop(
            @Term(value = "length, mm", from = 0.01, title = "length", usual = "28")
            double lengthMm,

            @Term(value = "width, mm", from = 0.01, title = "width", usual = "18")
            double widthMm,

            @Term(
                    value = "how far it is turned, degrees to the left; half a turn points down",
                    from = -360,
                    to = 360,
                    or = "0",
                    title = "turned")
            double turnDeg)
            implements Outline {
        /** @throws IllegalArgumentException if a measure is out of range */
        public Drop {
            Check.size("lengthMm", lengthMm);
            Check.size("widthMm", widthMm);
            Check.within("turnDeg", turnDeg, -MOST_TURN, MOST_TURN);
        }

        /** Two right-angled triangles to the point and the rest of the round. */
        /** Upright. */
        public Drop(double lengthMm, double widthMm) {
            this(lengthMm, widthMm, 0);
        }

        @Override
        public double areaMm2() {
            double radius = widthMm / 2;
            double toPoint = lengthMm - radius;
            double tangent = Math.sqrt(Math.max(0, toPoint * toPoint - radius * radius));
            return radius * tangent + radius * radius * (Math.PI - Math.acos(Math.min(1, radius / toPoint)));
        }

        @Override
        public Drop scaled(double factor) {
            return new Drop(factor * lengthMm, factor * widthMm, turnDeg);
        }

        @Override
        public Circuit upright(double offsetMm) {
            Disc point = new Disc(0, lengthMm - widthMm / 2, 0);
            return Circuit.around(List.of(new Disc(0, 0, widthMm / 2), point), offsetMm);
        }
    }

    /**
     * A point above straight sides on a flat foot.
     *
     * @param lengthMm length, mm, at least that of the point
     * @param widthMm width, mm
     * @param pointDeg angle of the point, degrees
     * @param turnDeg how far it is turned to the left, degrees
     */
    @Titled("shard")
    record Shard(
            @Term(value = "length, mm", from = 0.01, title = "length", usual = "28")
            double lengthMm,

            @Term(value = "width, mm", from = 0.01, title = "width", usual = "16")
            double widthMm,

            @Term(
                    value = "angle of the point, degrees",
                    from = 0.01,
                    to = 179,
                    title = "angle of the point",
                    usual = "60")
            double pointDeg,

            @Term(
                    value = "how far it is turned, degrees to the left; half a turn points down",
                    from = -360,
                    to = 360,
                    or = "0",
                    title = "turned")
            double turnDeg)
            implements Outline {
        /** @throws IllegalArgumentException if a measure is out of range */
        public Shard {
            Check.size("lengthMm", lengthMm);
            Check.size("widthMm", widthMm);
            Check.within("turnDeg", turnDeg, -MOST_TURN, MOST_TURN);
            Check.that(
                    pointDeg > 0 && pointDeg <= 179, () -> "pointDeg must be above 0 and at most 179, was " + pointDeg);
        }

        /** How long the point alone is, mm. */
        public double pointMm() {
            return widthMm / 2 / Math.tan(Math.toRadians(pointDeg / 2));
        }

        /** Upright. */
        public Shard(double lengthMm, double widthMm, double pointDeg) {
            this(lengthMm, widthMm, pointDeg, 0);
        }

        @Override
        public double areaMm2() {
            return widthMm * (lengthMm - pointMm() / 2);
        }

        @Override
        public Shard scaled(double factor) {
            return new Shard(factor * lengthMm, factor * widthMm, pointDeg, turnDeg);
        }

        @Override
        public Circuit upright(double offsetMm) {
            double shoulder = lengthMm - pointMm();
            double x = widthMm / 2;
            List<Disc> corners = List.of(
                    new Disc(0, lengthMm, 0),
                    new Disc(-x, shoulder, 0),
                    new Disc(-x, 0, 0),
                    new Disc(x, 0, 0),
                    new Disc(x, shoulder, 0));
            return Circuit.around(corners, offsetMm);
        }
    }

    /**
     * @param points corners in order, mm
     * @param turnDeg how far it is turned to the left, degrees
     */
    @Titled("corners")
    record Polygon(
            @Term(
                    value = "corners in order, mm",
                    from = 3,
                    to = 500,
                    usual = "[{\"xMm\": 0, \"yMm\": 0}, {\"xMm\": 18, \"yMm\": 2}, {\"xMm\": 14, \"yMm\": 22}]")
            List<Point> points,

            @Term(
                    value = "how far it is turned, degrees to the left; half a turn points down",
                    from = -360,
                    to = 360,
                    or = "0",
                    title = "turned")
            double turnDeg)
            implements Outline {
        /** @param points in order */
        public Polygon {
            points = List.copyOf(points);
            Check.within("turnDeg", turnDeg, -MOST_TURN, MOST_TURN);
        }

        /** The shoelace formula. */
        /** Upright. */
        public Polygon(List<Point> points) {
            this(points, 0);
        }

        @Override
        public double areaMm2() {
            return areaOf(points);
        }

        private static double areaOf(List<Point> points) {
            double twice = 0;
            for (int i = 0; i < points.size(); i++) {
                Point here = points.get(i);
                Point next = points.get((i + 1) % points.size());
                twice += here.xMm() * next.yMm() - next.xMm() * here.yMm();
            }
            return Math.abs(twice) / 2;
        }

        @Override
        public Polygon scaled(double factor) {
            return new Polygon(
                    points.stream()
                            .map(p -> new Point(factor * p.xMm(), factor * p.yMm()))
                            .toList(),
                    turnDeg);
        }

        @Override
        public Circuit upright(double offsetMm) {
            return Circuit.around(
                            points.stream()
                                    .map(p -> new Disc(p.xMm(), p.yMm(), 0))
                                    .toList(),
                            offsetMm)
                    .fromMiddleOfTop();
        }
    }

    /**
     * A line traced round a stone: closed cubic Bézier curves through points (JTS {@code CubicBezierCurve}). A taut wire bridges its hollows.
     *
     * @param points in order, each across and up, mm
     * @param turnDeg how far it is turned to the left, degrees
     */
    @Titled("traced")
    record Traced(
            @Term(
                    value = "points in order, each across and up, mm",
                    from = 3,
                    to = 500,
                    usual = "[[9, 0], [6, 9], [0, 13], [-6, 10], [-9, 1], [-5, -9], [1, -12], [7, -8]]")
            List<List<Double>> points,

            @Term(
                    value = "how far it is turned, degrees to the left; half a turn points down",
                    from = -360,
                    to = 360,
                    or = "0",
                    title = "turned")
            double turnDeg)
            implements Outline {
        /** How close corners stay to the curve, as a share of its extent. */
        private static final double CLOSE = 6e-4;

        /** @throws IllegalArgumentException if a point has not two figures within 100 m */
        public Traced {
            points = points.stream().map(List::copyOf).toList();
            Check.that(points.size() >= 3, "points must be at least three");
            Check.within("turnDeg", turnDeg, -MOST_TURN, MOST_TURN);
            for (List<Double> p : points) {
                Check.that(
                        p.size() == 2 && p.stream().allMatch(v -> Math.abs(v) <= Check.GREATEST),
                        () -> "points must be pairs of figures up to 100000, was " + p);
            }
        }

        /** The points that were traced. */
        public List<Point> straight() {
            return points.stream().map(p -> new Point(p.get(0), p.get(1))).toList();
        }

        /** The curve as corners, as many as it needs. */
        public List<Point> corners() {
            CoordinateList ring = new CoordinateList();
            points.forEach(p -> ring.add(new Coordinate(p.get(0), p.get(1)), false));
            ring.closeRing();
            Geometry straight = new GeometryFactory().createPolygon(ring.toCoordinateArray());
            Geometry curve = CubicBezierCurve.bezierCurve(straight, 1);
            double extent = curve.getEnvelopeInternal().getDiameter();
            Coordinate[] corners =
                    DouglasPeuckerSimplifier.simplify(curve, CLOSE * extent).getCoordinates();
            return Arrays.stream(corners, 0, Math.max(0, corners.length - 1))
                    .map(c -> new Point(c.x, c.y))
                    .toList();
        }

        @Override
        public double areaMm2() {
            return Polygon.areaOf(corners());
        }

        @Override
        public Traced scaled(double factor) {
            return new Traced(
                    points.stream()
                            .map(p -> p.stream().map(v -> factor * v).toList())
                            .toList(),
                    turnDeg);
        }

        @Override
        public Circuit upright(double offsetMm) {
            return new Polygon(corners()).upright(offsetMm);
        }
    }

    /**
     * @param girthMm girth measured with a strip or thread, mm; drawn as a round
     * @param turnDeg how far it is turned to the left, degrees
     */
    @Titled("girth measured")
    record Measured(
            @Term(value = "measured girth, mm; drawn as a round", from = 0.01, title = "girth measured", usual = "70")
            double girthMm,

            @Term(
                    value = "how far it is turned, degrees to the left; half a turn points down",
                    from = -360,
                    to = 360,
                    or = "0")
            double turnDeg)
            implements Outline {
        /** @throws IllegalArgumentException if the girth is out of range */
        public Measured {
            Check.size("girthMm", girthMm);
            Check.within("turnDeg", turnDeg, -MOST_TURN, MOST_TURN);
        }

        /** Upright. */
        public Measured(double girthMm) {
            this(girthMm, 0);
        }

        @Override
        public double areaMm2() {
            return girthMm * girthMm / (4 * Math.PI);
        }

        @Override
        public Measured scaled(double factor) {
            return new Measured(factor * girthMm, turnDeg);
        }

        @Override
        public Circuit upright(double offsetMm) {
            return new Round(girthMm / Math.PI).upright(offsetMm);
        }
    }

    /**
     * A corner.
     *
     * @param xMm across, mm
     * @param yMm up, mm
     */
    record Point(
            @Term(value = "across, mm", from = -1e5) double xMm,
            @Term(value = "up, mm", from = -1e5) double yMm) {}
}
