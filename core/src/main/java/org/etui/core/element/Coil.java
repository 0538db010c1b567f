package org.etui.core.element;

import java.util.List;
import java.util.Optional;
import org.etui.core.check.Check;
import org.etui.core.check.Term;
import org.etui.core.check.Titled;
import org.etui.core.curve.Arc;
import org.etui.core.curve.CurvePiece;
import org.etui.core.curve.Grip;
import org.etui.core.curve.Helix;
import org.etui.core.section.Section;

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
 * @param shaped what is done to its turns when it is off the mandrel
 */
@Titled("coil")
public record Coil(
        @Term(value = "name of the element, unique in its strand", to = 60, position = true)
        String id,

        @Term(value = "inside diameter, mm", from = 0.01, title = "mandrel", usual = "4")
        double mandrelMm,

        @Term(value = "turns", from = 0.01, to = 500, title = "turns", unit = "turns", usual = "5", first = true)
        double turns,

        @Term(
                value = "distance from turn to turn, mm; 0 is touching",
                from = 0,
                or = "0",
                title = "from turn to turn, 0 touching")
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
        Target target,

        @Term(value = "what is done to its turns off the mandrel", or = "\"none\"")
        Shaped shaped)
        implements Element {

    /** What is done to the turns of a coil off the mandrel. */
    public enum Shaped {
        /** They stay as they are wound. */
        NONE,
        /** They are pinched together on one side. */
        PINCHED,
        /** They are fanned out like petals. */
        FANNED
    }

    /** Direction of a coil's axis. */
    public enum Axis {
        /** Along the heading. */
        ALONG,
        /** Across the heading. */
        ACROSS
    }

    /** Inside diameter of the corner that turns the wire from the heading round the mandrel, mm. */
    private static final double CORNER_INSIDE_MM = 0.5;

    /** @throws IllegalArgumentException if a measure is out of range */
    public Coil {
        Check.size("mandrelMm", mandrelMm);
        Check.size("turns", turns);
        Check.within("pitchMm", pitchMm, 0, Check.GREATEST);
    }

    /** Touching turns across the heading. */
    public static Coil of(String id, double mandrelMm, double turns, Turn turn) {
        return new Coil(id, mandrelMm, turns, 0, Axis.ACROSS, turn, 0, Optional.empty(), Target.RELEASED, Shaped.NONE);
    }

    /** The same with a distance from turn to turn, mm. */
    public Coil withPitch(double mm) {
        return new Coil(id, mandrelMm, turns, mm, axis, turn, rollDeg, over, target, shaped);
    }

    /** The helix; with the axis along the heading a corner comes first, unless the coil begins the strand. */
    @Override
    public List<CurvePiece> shape(Forming forming) {
        double t = forming.thicknessMm();
        Helix helix = Helix.coil(
                (mandrelMm + t) / 2, pitchMm == 0 ? forming.acrossMm() : pitchMm, turn.sign() * 2 * Math.PI * turns);
        if (axis == Axis.ACROSS || forming.first()) {
            return List.of(helix);
        }
        Arc corner = Arc.ofInside(CORNER_INSIDE_MM, t, Math.PI / 2 - helix.slopeRad());
        return List.of(Grip.roll(-Math.PI / 2), corner, Grip.roll(Math.PI / 2), helix);
    }

    @Override
    public Winding winding() {
        return Winding.round("mandrelMm", mandrelMm, turn, 2 * Math.PI * turns);
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
        return pitchMm > 0 ? List.of(new Spacing("from turn to turn", pitchMm, false)) : List.of();
    }

    @Override
    public Coil renamed(Names names) {
        return this;
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
        return visitor.coil(this);
    }
}
