package org.etui.core.element;

import java.util.List;
import java.util.Optional;
import org.etui.core.check.Check;
import org.etui.core.check.Term;
import org.etui.core.check.Titled;
import org.etui.core.curve.Arc;
import org.etui.core.curve.CurvePiece;
import org.etui.core.section.Section;

/**
 * A corner, made over the edge of the jaw.
 *
 * @param id name, unique in its strand
 * @param angleDeg angle turned, degrees
 * @param insideMm inside diameter of the corner, mm
 * @param turn the side it curves to
 * @param rollDeg roll of the working plane before it, degrees
 * @param over whether it lies on top at crossings
 * @param target when its sizes hold
 */
@Titled("corner")
public record Bend(
        @Term(value = "name of the element, unique in its strand", to = 60, position = true)
        String id,

        @Term(value = "angle turned, degrees", from = 0.01, to = 360, title = "angle", usual = "90")
        double angleDeg,

        @Term(value = "inside diameter of the corner, mm; 0.5 is a jaw edge", from = 0.01, or = "0.5", title = "inside")
        double insideMm,

        @Term(value = "the side it curves to", or = "\"left\"")
        Turn turn,

        @Term(value = "turns the working plane about the wire before it, degrees", from = -360, to = 360, or = "0")
        double rollDeg,

        @Term("whether this lies on top at crossings; default: what is formed later")
        Optional<Boolean> over,

        @Term(value = "whether sizes are meant after release or after the work", or = "\"released\"")
        Target target)
        implements Element {

    /** @throws IllegalArgumentException if a measure is out of range */
    public Bend {
        Check.size("angleDeg", angleDeg);
        Check.size("insideMm", insideMm);
    }

    /** A corner over the jaw edge. */
    public static Bend of(String id, double angleDeg, Turn turn) {
        return new Bend(id, angleDeg, 0.5, turn, 0, Optional.empty(), Target.RELEASED);
    }

    /** The same with another inside, mm. */
    public Bend inside(double mm) {
        return new Bend(id, angleDeg, mm, turn, rollDeg, over, target);
    }

    /** The same with the working plane rolled before it, degrees. */
    public Bend rolled(double degrees) {
        return new Bend(id, angleDeg, insideMm, turn, degrees, over, target);
    }

    @Override
    public List<CurvePiece> shape(Forming forming) {
        return List.of(Arc.ofInside(insideMm, forming.thicknessMm(), turn.sign() * Math.toRadians(angleDeg)));
    }

    @Override
    public Winding winding() {
        return Winding.corner("insideMm", insideMm, turn, Math.toRadians(angleDeg));
    }

    @Override
    public Hanging hanging() {
        return Hanging.NOTHING;
    }

    @Override
    public Handling handling() {
        return Handling.BENT;
    }

    @Override
    public Optional<String> noHammer() {
        return Optional.empty();
    }

    @Override
    public double acrossMm(Section section) {
        return section.thicknessMm();
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
    public Bend renamed(Names names) {
        return this;
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
        return visitor.bend(this);
    }
}
