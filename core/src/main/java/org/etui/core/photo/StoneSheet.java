package org.etui.core.photo;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.geometry.euclidean.twod.Vector2D;

/**
 * The sheet that a stone is laid on to be photographed: black dots in a square, four to a side, and one more inside a corner that tells which way is up.
 * Lengths mm, about the middle of the square, y up.
 */
public final class StoneSheet {
    /** From the middle of the square to the dots at its sides, mm. */
    public static final double HALF_MM = 54;

    /** Radius of a dot, mm. */
    public static final double DOT_MM = 3;

    /** So many dots stand at a side. */
    private static final int ON_A_SIDE = 4;

    /** The dot inside the corner. */
    public static final Vector2D UP = new Vector2D(-43, 43);

    /** From the middle to the sides of the square that a stone may lie in, mm. */
    public static final double ROOM_MM = 46;

    private StoneSheet() {}

    /** The corners, anticlockwise from the lower left. */
    static List<Vector2D> corners() {
        return List.of(
                new Vector2D(-HALF_MM, -HALF_MM),
                new Vector2D(HALF_MM, -HALF_MM),
                new Vector2D(HALF_MM, HALF_MM),
                new Vector2D(-HALF_MM, HALF_MM));
    }

    /** Middles of the dots of the square, anticlockwise from the lower left. They look the same after a quarter turn. */
    static List<Vector2D> square() {
        List<Vector2D> dots = new ArrayList<>();
        List<Vector2D> corners = corners();
        for (int side = 0; side < corners.size(); side++) {
            Vector2D from = corners.get(side);
            Vector2D to = corners.get((side + 1) % corners.size());
            for (int i = 0; i < ON_A_SIDE - 1; i++) {
                dots.add(from.add((double) i / (ON_A_SIDE - 1), to.subtract(from)));
            }
        }
        return dots;
    }

    /** Middles of all dots. */
    public static List<Vector2D> dots() {
        List<Vector2D> dots = new ArrayList<>(square());
        dots.add(UP);
        return dots;
    }
}
