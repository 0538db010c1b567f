package org.etui.core.element;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.etui.core.check.Term;
import org.etui.core.curve.CurvePiece;

/**
 * A flat, open, reverse or cone spiral. Exactly one of turns, outsideMm and lengthMm is given.
 *
 * @param id name, unique in its strand
 * @param centre how its middle is made
 * @param insideMm inside diameter of the middle, mm
 * @param gapMm gap between turns, mm
 * @param turns turns
 * @param outsideMm outside diameter, mm
 * @param lengthMm length of its centre line, mm
 * @param from where the wire begins
 * @param riseMm rise a turn, mm
 * @param turn the side it curves to
 * @param rollDeg roll of the working plane before it, degrees
 * @param over whether it lies on top at crossings
 * @param target when its sizes hold
 */
public record Spiral(
        @Term(value = "name of the element, unique in its strand", to = 60, position = true)
        String id,

        @Term("how its middle is made") Centre centre,

        @Term(value = "inside diameter of the middle, mm; needed for an open centre", above = 0)
        OptionalDouble insideMm,

        @Term(value = "gap between turns, mm", from = 0, or = "0")
        double gapMm,

        @Term(value = "turns; one of turns, outsideMm, lengthMm", above = 0, to = 500)
        OptionalDouble turns,

        @Term(value = "outside diameter as a calliper reads it, mm; one of turns, outsideMm, lengthMm", above = 0)
        OptionalDouble outsideMm,

        @Term(value = "length of its centre line, mm; one of turns, outsideMm, lengthMm", above = 0)
        OptionalDouble lengthMm,

        @Term(value = "where the wire begins: inside or outside", or = "\"inside\"")
        From from,

        @Term(value = "rise a turn, mm; above 0 a cone", from = 0, or = "0")
        double riseMm,

        @Term(value = "the side it curves to", or = "\"left\"")
        Turn turn,

        @Term(value = "turns the working plane about the wire before it, degrees", from = -360, to = 360, or = "0")
        double rollDeg,

        @Term("whether this lies on top at crossings; default: what is formed later")
        Optional<Boolean> over,

        @Term(value = "whether sizes are meant after release or after the work", or = "\"released\"")
        Target target)
        implements Element {

    /** How the middle of a spiral is made. */
    public enum Centre {
        /** The wire turns about its own edge. */
        CLOSED,
        /** There is room inside. */
        OPEN
    }

    /** Where the wire begins. */
    public enum From {
        /** In the middle. */
        INSIDE,
        /** At the rim. */
        OUTSIDE
    }

    @Override
    public List<CurvePiece> shape(Forming forming) {
        throw new UnsupportedOperationException("not built yet");
    }
}
