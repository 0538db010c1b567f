package org.etui.core.element;

import java.util.List;
import java.util.Optional;
import org.etui.core.check.Term;
import org.etui.core.curve.CurvePiece;

/**
 * The ball of a bought headed pin.
 *
 * @param id name, unique in its strand
 * @param diameterMm diameter, mm
 * @param rollDeg roll of the working plane before it, degrees
 * @param over whether it lies on top at crossings
 * @param target when its sizes hold
 */
public record Ball(
        @Term(value = "name of the element, unique in its strand", to = 60, position = true)
        String id,

        @Term(value = "diameter, mm", above = 0, to = 20) double diameterMm,

        @Term(value = "turns the working plane about the wire before it, degrees", from = -360, to = 360, or = "0")
        double rollDeg,

        @Term("whether this lies on top at crossings; default: what is formed later")
        Optional<Boolean> over,

        @Term(value = "whether sizes are meant after release or after the work", or = "\"released\"")
        Target target)
        implements Element {

    @Override
    public List<CurvePiece> shape(Forming forming) {
        throw new UnsupportedOperationException("not built yet");
    }
}
