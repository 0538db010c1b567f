package org.etui.core.element;

import java.util.List;
import org.etui.core.check.Check;
import org.etui.core.check.Family;
import org.etui.core.check.Term;
import org.etui.core.curve.Circuit;
import org.etui.core.curve.Circuit.Disc;

/**
 * What a girth goes round. The way begins at the top, at the point where there is one. A taut wire bridges hollows: round
 * a polygon it follows the hull.
 */
@Family("shape")
public sealed interface Outline {
    /** The way round at a distance outside the outline, mm, above 0. */
    Circuit round(double offsetMm);

    /** The area within it, mm²; of a polygon its own, hollows and all. */
    double areaMm2();

    /** The same shape, this many times as large. */
    Outline scaled(double factor);

    /** @param diameterMm diameter, mm */
    record Round(
            @Term(value = "diameter, mm", from = 0.01, title = "diameter")
            double diameterMm) implements Outline {
        /** @throws IllegalArgumentException if the diameter is out of range */
        public Round {
            Check.size("diameterMm", diameterMm);
        }

        @Override
        public double areaMm2() {
            return Math.PI * diameterMm * diameterMm / 4;
        }

        @Override
        public Round scaled(double factor) {
            return new Round(factor * diameterMm);
        }

        @Override
        public Circuit round(double offsetMm) {
            return Circuit.around(List.of(new Disc(0, 0, diameterMm / 2)), offsetMm);
        }
    }

    /**
     * @param lengthMm length, mm
     * @param widthMm width, mm
     */
    record Oval(
            @Term(value = "length, mm", from = 0.01, title = "length")
            double lengthMm,

            @Term(value = "width, mm", from = 0.01, title = "width")
            double widthMm)
            implements Outline {
        /** @throws IllegalArgumentException if a measure is out of range */
        public Oval {
            Check.size("lengthMm", lengthMm);
            Check.size("widthMm", widthMm);
        }

        @Override
        public double areaMm2() {
            return Math.PI * lengthMm * widthMm / 4;
        }

        @Override
        public Oval scaled(double factor) {
            return new Oval(factor * lengthMm, factor * widthMm);
        }

        @Override
        public Circuit round(double offsetMm) {
            return Circuit.ofEllipse(widthMm / 2, lengthMm / 2, offsetMm);
        }
    }

    /**
     * @param lengthMm length, mm
     * @param widthMm width, mm
     * @param cornerMm radius of the corners, mm, at most half the shorter side
     */
    record Rectangle(
            @Term(value = "length, mm", from = 0.01, title = "length")
            double lengthMm,

            @Term(value = "width, mm", from = 0.01, title = "width")
            double widthMm,

            @Term(value = "radius of the corners, mm", from = 0, title = "corners, radius")
            double cornerMm)
            implements Outline {
        /** @throws IllegalArgumentException if a measure is out of range */
        public Rectangle {
            Check.size("lengthMm", lengthMm);
            Check.size("widthMm", widthMm);
            Check.within("cornerMm", cornerMm, 0, Check.GREATEST);
        }

        @Override
        public double areaMm2() {
            return lengthMm * widthMm - (4 - Math.PI) * cornerMm * cornerMm;
        }

        @Override
        public Rectangle scaled(double factor) {
            return new Rectangle(factor * lengthMm, factor * widthMm, factor * cornerMm);
        }

        @Override
        public Circuit round(double offsetMm) {
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
     */
    record Drop(
            @Term(value = "length, mm", from = 0.01, title = "length")
            double lengthMm,

            @Term(value = "width, mm", from = 0.01, title = "width")
            double widthMm)
            implements Outline {
        /** @throws IllegalArgumentException if a measure is out of range */
        public Drop {
            Check.size("lengthMm", lengthMm);
            Check.size("widthMm", widthMm);
        }

        /** Two right-angled triangles to the point and the rest of the round. */
        @Override
        public double areaMm2() {
            double radius = widthMm / 2;
            double toPoint = lengthMm - radius;
            double tangent = Math.sqrt(Math.max(0, toPoint * toPoint - radius * radius));
            return radius * tangent + radius * radius * (Math.PI - Math.acos(Math.min(1, radius / toPoint)));
        }

        @Override
        public Drop scaled(double factor) {
            return new Drop(factor * lengthMm, factor * widthMm);
        }

        @Override
        public Circuit round(double offsetMm) {
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
     */
    record Shard(
            @Term(value = "length, mm", from = 0.01, title = "length")
            double lengthMm,

            @Term(value = "width, mm", from = 0.01, title = "width")
            double widthMm,

            @Term(value = "angle of the point, degrees", from = 0.01, to = 179, title = "angle of the point")
            double pointDeg)
            implements Outline {
        /** @throws IllegalArgumentException if a measure is out of range */
        public Shard {
            Check.size("lengthMm", lengthMm);
            Check.size("widthMm", widthMm);
            Check.that(
                    pointDeg > 0 && pointDeg <= 179, () -> "pointDeg must be above 0 and at most 179, was " + pointDeg);
        }

        /** How long the point alone is, mm. */
        public double pointMm() {
            return widthMm / 2 / Math.tan(Math.toRadians(pointDeg / 2));
        }

        @Override
        public double areaMm2() {
            return widthMm * (lengthMm - pointMm() / 2);
        }

        @Override
        public Shard scaled(double factor) {
            return new Shard(factor * lengthMm, factor * widthMm, pointDeg);
        }

        @Override
        public Circuit round(double offsetMm) {
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

    /** @param points corners in order, mm */
    record Polygon(
            @Term(value = "corners in order, mm", from = 3, to = 500)
            List<Point> points) implements Outline {
        /** @param points in order */
        public Polygon {
            points = List.copyOf(points);
        }

        /** The shoelace formula. */
        @Override
        public double areaMm2() {
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
            return new Polygon(points.stream()
                    .map(p -> new Point(factor * p.xMm(), factor * p.yMm()))
                    .toList());
        }

        @Override
        public Circuit round(double offsetMm) {
            return Circuit.around(
                            points.stream()
                                    .map(p -> new Disc(p.xMm(), p.yMm(), 0))
                                    .toList(),
                            offsetMm)
                    .fromMiddleOfTop();
        }
    }

    /** @param girthMm girth measured with a strip or thread, mm; drawn as a round */
    record Measured(
            @Term(value = "measured girth, mm; drawn as a round", from = 0.01, title = "girth measured")
            double girthMm) implements Outline {
        /** @throws IllegalArgumentException if the girth is out of range */
        public Measured {
            Check.size("girthMm", girthMm);
        }

        @Override
        public double areaMm2() {
            return girthMm * girthMm / (4 * Math.PI);
        }

        @Override
        public Measured scaled(double factor) {
            return new Measured(factor * girthMm);
        }

        @Override
        public Circuit round(double offsetMm) {
            return new Round(girthMm / Math.PI).round(offsetMm);
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
