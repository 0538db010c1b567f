package org.etui.core.element;

import java.util.List;
import java.util.Optional;
import org.etui.core.check.Check;
import org.etui.core.check.Term;
import org.etui.core.check.Titled;
import org.etui.core.curve.CurvePiece;
import org.etui.core.curve.Line;
import org.etui.core.section.Section;

/**
 * A straight run.
 *
 * @param id name, unique in its strand
 * @param lengthMm length, mm
 * @param rollDeg roll of the working plane before it, degrees
 * @param over whether it lies on top at crossings
 * @param target when its sizes hold
 * @param pointed whether an end of the wire that it stands at is filed to a point, as of a pin
 */
@Titled("straight")
public record Straight(
        @Term(value = "name of the element, unique in its strand", to = 60, position = true)
        String id,

        @Term(value = "length, mm", from = 0.01, title = "length", usual = "8")
        double lengthMm,

        @Term(value = "turns the working plane about the wire before it, degrees", from = -360, to = 360, or = "0")
        double rollDeg,

        @Term("whether this lies on top at crossings; default: what is formed later")
        Optional<Boolean> over,

        @Term(value = "whether sizes are meant after release or after the work", or = "\"released\"")
        Target target,

        @Term(value = "whether the end of the wire is filed to a point there, as of a pin", or = "false")
        boolean pointed)
        implements Element {

    /** @throws IllegalArgumentException if the length is out of range */
    public Straight {
        Check.size("lengthMm", lengthMm);
    }

    /** A straight run without roll. */
    public static Straight of(String id, double lengthMm) {
        return new Straight(id, lengthMm, 0, Optional.empty(), Target.RELEASED, false);
    }

    /** The same with the working plane rolled before it, degrees. */
    public Straight rolled(double degrees) {
        return new Straight(id, lengthMm, degrees, over, target, pointed);
    }

    /** The same with the end of the wire filed to a point. */
    public Straight sharpened() {
        return new Straight(id, lengthMm, rollDeg, over, target, true);
    }

    @Override
    public List<CurvePiece> shape(Forming forming) {
        return List.of(new Line(lengthMm));
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
        return pointed ? Handling.POINTED : Handling.STRAIGHT;
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
        return List.of(new Spacing("length", lengthMm, true));
    }

    @Override
    public Straight renamed(Names names) {
        return this;
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
        return visitor.straight(this);
    }
}
