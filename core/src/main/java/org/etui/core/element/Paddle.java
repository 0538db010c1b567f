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
 * A flattened end: a straight that is flattened.
 *
 * @param id name, unique in its strand
 * @param lengthMm length before flattening, mm
 * @param toMm thickness to flatten to, mm
 * @param rollDeg roll of the working plane before it, degrees
 * @param over whether it lies on top at crossings
 * @param target when its sizes hold
 */
@Titled("paddle")
public record Paddle(
        @Term(value = "name of the element, unique in its strand", to = 60, position = true)
        String id,

        @Term(value = "length before flattening, mm", from = 0.01, title = "length", usual = "5")
        double lengthMm,

        @Term(
                value = "thickness to flatten to, mm",
                from = 0.01,
                to = 20,
                title = "flattened to",
                unit = "thickness",
                usualShare = 0.6)
        double toMm,

        @Term(value = "turns the working plane about the wire before it, degrees", from = -360, to = 360, or = "0")
        double rollDeg,

        @Term("whether this lies on top at crossings; default: what is formed later")
        Optional<Boolean> over,

        @Term(value = "whether sizes are meant after release or after the work", or = "\"released\"")
        Target target)
        implements Element {

    /** A flattened end is wider than its wire by about so much (engineering estimate, for what passes an eye). */
    private static final double SPREAD = 1.5;

    /** @throws IllegalArgumentException if a measure is out of range */
    public Paddle {
        Check.size("lengthMm", lengthMm);
        Check.size("toMm", toMm);
    }

    /** A paddle without roll. */
    public static Paddle of(String id, double lengthMm, double toMm) {
        return new Paddle(id, lengthMm, toMm, 0, Optional.empty(), Target.RELEASED);
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
        return Handling.flattened(toMm);
    }

    @Override
    public Optional<String> noHammer() {
        return Optional.empty();
    }

    @Override
    public double acrossMm(Section section) {
        return SPREAD * section.thicknessMm();
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
    public Paddle renamed(Names names) {
        return this;
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
        return visitor.paddle(this);
    }
}
