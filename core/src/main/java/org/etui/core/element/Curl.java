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
 * A tight decorative end, a stop.
 *
 * @param id name, unique in its strand
 * @param insideMm inside diameter, mm
 * @param turns turns
 * @param turn the side it curves to
 * @param rollDeg roll of the working plane before it, degrees
 * @param over whether it lies on top at crossings
 * @param target when its sizes hold
 */
@Titled("curl")
public record Curl(
        @Term(value = "name of the element, unique in its strand", to = 60, position = true)
        String id,

        @Term(value = "inside diameter, mm", from = 0.01, or = "0.9", title = "inside")
        double insideMm,

        @Term(value = "turns", from = 0.01, to = 50, or = "0.9", title = "turns", unit = "turns")
        double turns,

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
    public Curl {
        Check.size("insideMm", insideMm);
        Check.size("turns", turns);
    }

    /** A curl of nine tenths of a turn. */
    public static Curl of(String id, double insideMm, Turn turn) {
        return new Curl(id, insideMm, 0.9, turn, 0, Optional.empty(), Target.RELEASED);
    }

    @Override
    public List<CurvePiece> shape(Forming forming) {
        return List.of(Arc.ofInside(insideMm, forming.thicknessMm(), turn.sign() * 2 * Math.PI * turns));
    }

    @Override
    public Winding winding() {
        return Winding.round("insideMm", insideMm, turn, 2 * Math.PI * turns);
    }

    @Override
    public Hanging hanging() {
        return Hanging.NOTHING;
    }

    @Override
    public Handling handling() {
        return Handling.soft(Handling.End.SLOPED);
    }

    @Override
    public Optional<String> noHammer() {
        return Optional.empty();
    }

    @Override
    public double acrossMm(Section section) {
        return insideMm + 2 * section.thicknessMm();
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
    public Curl renamed(Names names) {
        return this;
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
        return visitor.curl(this);
    }
}
