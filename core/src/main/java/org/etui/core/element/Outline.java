package org.etui.core.element;

import java.util.List;
import org.etui.core.check.Family;
import org.etui.core.check.Term;

/** What a girth goes round. */
@Family("shape")
public sealed interface Outline {
    /** @param diameterMm diameter, mm */
    record Round(@Term(value = "diameter, mm", above = 0) double diameterMm) implements Outline {}

    /**
     * @param lengthMm length, mm
     * @param widthMm width, mm
     */
    record Oval(
            @Term(value = "length, mm", above = 0) double lengthMm,
            @Term(value = "width, mm", above = 0) double widthMm)
            implements Outline {}

    /**
     * @param lengthMm length, mm
     * @param widthMm width, mm
     * @param cornerMm radius of the corners, mm
     */
    record Rectangle(
            @Term(value = "length, mm", above = 0) double lengthMm,
            @Term(value = "width, mm", above = 0) double widthMm,

            @Term(value = "radius of the corners, mm", from = 0)
            double cornerMm)
            implements Outline {}

    /**
     * @param lengthMm length, mm
     * @param widthMm width, mm
     */
    record Drop(
            @Term(value = "length, mm", above = 0) double lengthMm,
            @Term(value = "width, mm", above = 0) double widthMm)
            implements Outline {}

    /**
     * @param lengthMm length, mm
     * @param widthMm width, mm
     * @param pointDeg angle of the point, degrees
     */
    record Shard(
            @Term(value = "length, mm", above = 0) double lengthMm,
            @Term(value = "width, mm", above = 0) double widthMm,

            @Term(value = "angle of the point, degrees", above = 0, to = 179)
            double pointDeg)
            implements Outline {}

    /** @param points corners in order, mm */
    record Polygon(
            @Term(value = "corners in order, mm", from = 3, to = 500)
            List<Point> points) implements Outline {}

    /** @param girthMm measured girth, mm */
    record Measured(
            @Term(value = "measured girth, mm", above = 0) double girthMm) implements Outline {}

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
