package org.etui.core.element;

import java.util.List;
import java.util.Optional;
import org.etui.core.check.Check;
import org.etui.core.check.Term;
import org.etui.core.check.Titled;
import org.etui.core.curve.CurvePiece;
import org.etui.core.curve.Head;
import org.etui.core.section.Section;

/**
 * The ball of a bought headed pin.
 *
 * @param id name, unique in its strand
 * @param diameterMm diameter, mm
 * @param rollDeg roll of the working plane before it, degrees
 * @param over whether it lies on top at crossings
 * @param target when its sizes hold
 */
@Titled("ball")
public record Ball(
        @Term(value = "name of the element, unique in its strand", to = 60, position = true)
        String id,

        @Term(value = "diameter, mm", from = 0.01, to = 20, title = "diameter", usual = "2.2")
        double diameterMm,

        @Term(value = "turns the working plane about the wire before it, degrees", from = -360, to = 360, or = "0")
        double rollDeg,

        @Term("whether this lies on top at crossings; default: what is formed later")
        Optional<Boolean> over,

        @Term(value = "whether sizes are meant after release or after the work", or = "\"released\"")
        Target target)
        implements Element {

    /** @throws IllegalArgumentException if the diameter is out of range */
    public Ball {
        Check.size("diameterMm", diameterMm);
    }

    /** A ball of a diameter, mm. */
    public static Ball of(String id, double diameterMm) {
        return new Ball(id, diameterMm, 0, Optional.empty(), Target.RELEASED);
    }

    /** Volume of the ball, mm³. */
    public double volumeMm3() {
        return Math.PI * diameterMm * diameterMm * diameterMm / 6;
    }

    /** A ball that was bought takes no wire, only room. */
    @Override
    public List<CurvePiece> shape(Forming forming) {
        return List.of(new Head(diameterMm));
    }

    @Override
    public Winding winding() {
        return Winding.NONE;
    }

    @Override
    public Hanging hanging() {
        return Hanging.NOTHING;
    }

    @Override
    public Handling handling() {
        return Handling.bought(volumeMm3());
    }

    @Override
    public Optional<String> noHammer() {
        return Optional.empty();
    }

    @Override
    public double acrossMm(Section section) {
        return diameterMm;
    }

    @Override
    public List<String> sitsOn() {
        return List.of();
    }

    @Override
    public <R> Optional<R> seated(Seating<R> seating) {
        return Optional.empty();
    }

    @Override
    public List<Spacing> spacings() {
        return List.of();
    }

    @Override
    public Ball renamed(Names names) {
        return this;
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
        return visitor.ball(this);
    }
}
