package org.etui.core.element;

import java.util.List;
import java.util.Optional;
import org.etui.core.check.Check;
import org.etui.core.check.Term;
import org.etui.core.check.Titled;
import org.etui.core.curve.CurvePiece;
import org.etui.core.curve.Grip;
import org.etui.core.curve.Helix;
import org.etui.core.curve.Line;
import org.etui.core.section.Section;

/**
 * A twisted run, on its own axis or with another strand.
 *
 * @param id name, unique in its strand
 * @param lengthMm length, mm
 * @param turns turns
 * @param with another strand, or {@code itself}
 * @param rollDeg roll of the working plane before it, degrees
 * @param over whether it lies on top at crossings
 * @param target when its sizes hold
 */
@Titled("twist")
public record Twist(
        @Term(value = "name of the element, unique in its strand", to = 60, position = true)
        String id,

        @Term(value = "length, mm", from = 0.01, title = "length", usual = "20")
        double lengthMm,

        @Term(value = "turns", from = 0.01, to = 500, title = "turns", unit = "turns", usual = "4")
        double turns,

        @Term(value = "another strand, or itself", to = 60, or = "\"itself\"")
        String with,

        @Term(value = "turns the working plane about the wire before it, degrees", from = -360, to = 360, or = "0")
        double rollDeg,

        @Term("whether this lies on top at crossings; default: what is formed later")
        Optional<Boolean> over,

        @Term(value = "whether sizes are meant after release or after the work", or = "\"released\"")
        Target target)
        implements Element {

    /** @throws IllegalArgumentException if a measure is out of range */
    public Twist {
        Check.size("lengthMm", lengthMm);
        Check.size("turns", turns);
    }

    @Override
    public Twist renamed(Names names) {
        return isAlone() ? this : new Twist(id, lengthMm, turns, names.strand(with), rollDeg, over, target);
    }

    /** Whether it is twisted along its own axis. */
    public boolean isAlone() {
        return with.equals("itself");
    }

    /**
     * Alone it stays where it is. With another wire each becomes a helix about the line where they touch, its radius half
     * the distance between their middles; it kinks into the helix and out of it.
     */
    @Override
    public List<CurvePiece> shape(Forming forming) {
        if (isAlone()) {
            return List.of(new Line(lengthMm));
        }
        double radius = (forming.thicknessMm() + forming.setting().strandMm(with)) / 4;
        Helix helix = Helix.coil(radius, lengthMm / turns, 2 * Math.PI * turns);
        double kink = Math.PI / 2 - helix.slopeRad();
        return List.of(new Grip(0, -kink), helix, new Grip(0, kink));
    }

    @Override
    public Winding winding() {
        return Winding.laid(Optional.empty(), 0);
    }

    @Override
    public Hanging hanging() {
        return Hanging.NOTHING;
    }

    @Override
    public Handling handling() {
        return Handling.twisted(2 * Math.PI * turns / lengthMm);
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
    public <R> R accept(Visitor<R> visitor) {
        return visitor.twist(this);
    }
}
