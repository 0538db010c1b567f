package org.etui.core.element;

import java.util.List;
import java.util.Optional;
import org.etui.core.check.Term;
import org.etui.core.curve.CurvePiece;

/**
 * A coil, a ring shank, petals.
 *
 * @param id name, unique in its strand
 * @param mandrelMm inside diameter, mm
 * @param turns turns
 * @param pitchMm distance from turn to turn, mm
 * @param axis direction of its axis
 * @param turn the side it curves to
 * @param rollDeg roll of the working plane before it, degrees
 * @param over whether it lies on top at crossings
 * @param target when its sizes hold
 */
public record Coil(
        @Term(value = "name of the element, unique in its strand", to = 60, position = true)
        String id,

        @Term(value = "inside diameter, mm", above = 0) double mandrelMm,
        @Term(value = "turns", above = 0, to = 500) double turns,

        @Term(value = "distance from turn to turn, mm; 0 is touching", from = 0, or = "0")
        double pitchMm,

        @Term(value = "whether its axis runs along the heading or across", or = "\"across\"")
        Axis axis,

        @Term(value = "the side it curves to", or = "\"left\"")
        Turn turn,

        @Term(value = "turns the working plane about the wire before it, degrees", from = -360, to = 360, or = "0")
        double rollDeg,

        @Term("whether this lies on top at crossings; default: what is formed later")
        Optional<Boolean> over,

        @Term(value = "whether sizes are meant after release or after the work", or = "\"released\"")
        Target target)
        implements Element {

    /** Direction of a coil's axis. */
    public enum Axis {
        /** Along the heading. */
        ALONG,
        /** Across the heading. */
        ACROSS
    }

    @Override
    public List<CurvePiece> shape(Forming forming) {
        throw new UnsupportedOperationException("not built yet");
    }
}
