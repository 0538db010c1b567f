package org.etui.core.element;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import org.etui.core.check.Term;
import org.etui.core.curve.CurvePiece;

/**
 * Turns of wire round a cord, a stem or a bundle.
 *
 * @param id name, unique in its strand
 * @param core what it is wound on
 * @param turns turns
 * @param pitchMm distance from turn to turn, mm
 * @param legAlong whether its own leg lies under the turns
 * @param turn the side it curves to
 * @param rollDeg roll of the working plane before it, degrees
 * @param over whether it lies on top at crossings
 * @param target when its sizes hold
 */
public record Wrap(
        @Term(value = "name of the element, unique in its strand", to = 60, position = true)
        String id,

        @Term("what it is wound on: one of cordMm, stemMm, or wires with diameterMm")
        Core core,

        @Term(value = "turns", above = 0, to = 500) double turns,

        @Term(value = "distance from turn to turn, mm; 0 is touching", from = 0, or = "0")
        double pitchMm,

        @Term(value = "whether its own leg lies under the turns", or = "false")
        boolean legAlong,

        @Term(value = "the side it curves to", or = "\"left\"")
        Turn turn,

        @Term(value = "turns the working plane about the wire before it, degrees", from = -360, to = 360, or = "0")
        double rollDeg,

        @Term("whether this lies on top at crossings; default: what is formed later")
        Optional<Boolean> over,

        @Term(value = "whether sizes are meant after release or after the work", or = "\"released\"")
        Target target)
        implements Element {

    /**
     * What a wrap is wound on.
     *
     * @param cordMm diameter of a cord, mm
     * @param stemMm diameter of a stem of wire, mm
     * @param wires how many wires side by side
     * @param diameterMm thickness of each of them, mm
     */
    public record Core(
            @Term(value = "diameter of a cord, mm", above = 0)
            OptionalDouble cordMm,

            @Term(value = "diameter of a stem of wire, mm", above = 0)
            OptionalDouble stemMm,

            @Term(value = "how many wires side by side", from = 1, to = 100)
            OptionalInt wires,

            @Term(value = "thickness of each of them, mm", above = 0, to = 20)
            OptionalDouble diameterMm) {}

    @Override
    public List<CurvePiece> shape(Forming forming) {
        throw new UnsupportedOperationException("not built yet");
    }
}
