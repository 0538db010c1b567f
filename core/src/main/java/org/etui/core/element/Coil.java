package org.etui.core.element;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.etui.core.check.Check;
import org.etui.core.check.Term;
import org.etui.core.check.Titled;
import org.etui.core.curve.Arc;
import org.etui.core.curve.Circuit;
import org.etui.core.curve.CurvePiece;
import org.etui.core.curve.Grip;
import org.etui.core.curve.Helix;
import org.etui.core.section.Section;
import org.hipparchus.analysis.solvers.BrentSolver;

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

    /** The same, pinched together on one side and fanned out. */
    public Coil fanned() {
        return new Coil(id, mandrelMm, turns, pitchMm, axis, turn, rollDeg, over, target, Shaped.FANNED);
    }

    /** The same with a distance from turn to turn, mm. */
    public Coil withPitch(double mm) {
        return new Coil(id, mandrelMm, turns, mm, axis, turn, rollDeg, over, target, shaped);
    }

    /** Fewer turns are not fanned. */
    private static final int FEWEST_PETALS = 2;

    /** Petals are at least so wide inside, mm. */
    private static final double LEAST_PETAL_MM = 0.1;

    private static final double SOLVED_MM = 1e-9;
    private static final int MOST_TRIES = 200;

    /**
     * The helix; with the axis along the heading a corner comes first, unless the coil begins the strand. Fanned, its turns are drops about the place
     * where they were pinched together.
     */
    @Override
    public List<CurvePiece> shape(Forming forming) {
        double t = forming.thicknessMm();
        Helix helix = Helix.coil(
                (mandrelMm + t) / 2, pitchMm == 0 ? forming.acrossMm() : pitchMm, turn.sign() * 2 * Math.PI * turns);
        Optional<List<CurvePiece>> petals = petals(t, helix.wireLengthMm(t));
        if (petals.isPresent()) {
            return petals.get();
        }
        if (axis == Axis.ACROSS || forming.first()) {
            return List.of(helix);
        }
        Arc corner = Arc.ofInside(CORNER_INSIDE_MM, t, Math.PI / 2 - helix.slopeRad());
        return List.of(Grip.roll(-Math.PI / 2), corner, Grip.roll(Math.PI / 2), helix);
    }

    /** How many petals its turns are fanned out to; 0 where they stay a coil. */
    public int petals() {
        int count = (int) Math.round(turns);
        return shaped == Shaped.FANNED && count >= FEWEST_PETALS ? count : 0;
    }

    /** Of the same wire as the turns: each petal as large as that gives, side by side with the next; empty where it would be none. */
    private Optional<List<CurvePiece>> petals(double t, double wireMm) {
        int count = petals();
        double share = count == 0 ? 0 : Math.sin(Math.PI / count);
        double least = count == 0 ? 0 : (t + LEAST_PETAL_MM / 2) / share;
        if (count == 0 || wireMm(petals(count, least, t), t) >= wireMm || least >= wireMm) {
            return Optional.empty();
        }
        double out = new BrentSolver(SOLVED_MM)
                .solve(MOST_TRIES, d -> wireMm(petals(count, d, t), t) - wireMm, least, wireMm);
        return Optional.of(petals(count, out, t));
    }

    private static double wireMm(List<CurvePiece> pieces, double t) {
        return pieces.stream().mapToDouble(p -> p.wireLengthMm(t)).sum();
    }

    /** Drops that touch their neighbours: round ends so far from the foot that each fills its share of the way round, w/2 + t = d · sin(π/n). */
    private List<CurvePiece> petals(int count, double outMm, double t) {
        double radius = outMm * Math.sin(Math.PI / count) - t;
        Circuit petal = Circuit.around(List.of(new Circuit.Disc(0, 0, radius), new Circuit.Disc(0, outMm, 0)), t / 2);
        List<CurvePiece> pieces = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            if (i > 0) {
                pieces.add(Arc.ofInside(CORNER_INSIDE_MM, t, -turn.sign() * 2 * Math.PI / count));
            }
            pieces.addAll(petal.along(0, 1, turn.sign()));
        }
        return pieces;
    }

    @Override
    public Winding winding() {
        Winding round = Winding.round("mandrelMm", mandrelMm, turn, 2 * Math.PI * turns);
        return shaped == Shaped.NONE ? round : round.bentAgain(petals());
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
