package org.etui.core.element;

import java.util.Optional;
import java.util.OptionalDouble;

/**
 * How an element is wound.
 *
 * @param insideMm the inside diameter that it is wound to, mm; empty where it is not wound on anything
 * @param leastInsideMm the inside diameter where it is tightest, mm; 0 where the wire turns about its own edge, empty where it is not
 *     wound
 * @param field the field of the document that says the inside, such as {@code insideMm}; empty where it has none
 * @param side the side it curves to, where the maker chooses it
 * @param turnRad how far it turns in all, radians, as far as the document says
 * @param jawEdge whether it is bent over the edge of a jaw, not round something
 * @param reshaped whether it is bent again off its mandrel, so that the mandrel is as large as it says, whatever the wire springs back
 * @param petals how many petals its turns are fanned out to; 0 for none
 */
public record Winding(
        OptionalDouble insideMm,
        OptionalDouble leastInsideMm,
        Optional<String> field,
        Optional<Turn> side,
        double turnRad,
        boolean jawEdge,
        boolean reshaped,
        int petals) {
    /** What is not wound. */
    public static final Winding NONE = new Winding(
            OptionalDouble.empty(), OptionalDouble.empty(), Optional.empty(), Optional.empty(), 0, false, false, 0);

    /** Wound round an inside. */
    public static Winding round(String field, double insideMm, Turn side, double turnRad) {
        return new Winding(
                OptionalDouble.of(insideMm),
                OptionalDouble.of(insideMm),
                Optional.of(field),
                Optional.of(side),
                turnRad,
                false,
                false,
                0);
    }

    /** Bent over the edge of a jaw. */
    public static Winding corner(String field, double insideMm, Turn side, double turnRad) {
        return new Winding(
                OptionalDouble.of(insideMm),
                OptionalDouble.of(insideMm),
                Optional.of(field),
                Optional.of(side),
                turnRad,
                true,
                false,
                0);
    }

    /** Laid round what is there: a core, a stone, itself. */
    public static Winding laid(Optional<Turn> side, double turnRad) {
        return new Winding(
                OptionalDouble.empty(), OptionalDouble.empty(), Optional.empty(), side, turnRad, false, false, 0);
    }

    /** The same, bent again off its mandrel; fanned out to so many petals. */
    public Winding bentAgain(int toPetals) {
        return new Winding(insideMm, leastInsideMm, field, side, turnRad, jawEdge, true, toPetals);
    }
}
