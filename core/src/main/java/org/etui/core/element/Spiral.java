package org.etui.core.element;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.etui.core.check.Check;
import org.etui.core.check.Term;
import org.etui.core.check.Titled;
import org.etui.core.curve.CurvePiece;
import org.etui.core.section.Section;
import org.hipparchus.analysis.solvers.BracketingNthOrderBrentSolver;

/**
 * A flat, open, reverse or cone spiral. Exactly one of turns, outsideMm and lengthMm is given.
 *
 * @param id name, unique in its strand
 * @param centre how its middle is made
 * @param insideMm inside diameter of the middle, mm
 * @param gapMm gap between turns, mm
 * @param turns turns
 * @param outsideMm outside diameter, mm
 * @param lengthMm length of its centre line, mm
 * @param from where the wire begins
 * @param riseMm rise a turn, mm
 * @param turn the side it curves to
 * @param rollDeg roll of the working plane before it, degrees
 * @param over whether it lies on top at crossings
 * @param target when its sizes hold
 * @param seat the face that it lies on in the piece
 * @param with the other arm, where both are wound in turn round what lies in their middle
 */
@Titled("spiral")
public record Spiral(
        @Term(value = "name of the element, unique in its strand", to = 60, position = true)
        String id,

        @Term(value = "how its middle is made", usual = "\"closed\"")
        Centre centre,

        @Term(value = "inside diameter of the middle, mm; needed for an open centre", from = 0.01, title = "inside")
        OptionalDouble insideMm,

        @Term(value = "gap between turns, mm", from = 0, or = "0", title = "gap between turns")
        double gapMm,

        @Term(
                value = "turns; one of turns, outsideMm, lengthMm",
                from = 0.01,
                to = 500,
                title = "turns",
                unit = "turns",
                usual = "3",
                first = true)
        OptionalDouble turns,

        @Term(
                value = "outside diameter as a calliper reads it, mm; one of turns, outsideMm, lengthMm",
                from = 0.01,
                title = "outside",
                first = true)
        OptionalDouble outsideMm,

        @Term(
                value = "length of its centre line, mm; one of turns, outsideMm, lengthMm",
                from = 0.01,
                title = "centre line",
                first = true)
        OptionalDouble lengthMm,

        @Term(
                value =
                        "where the wire begins: inside, outside, or filled: outside, laid into an outline that is there",
                or = "\"inside\"",
                usual = "\"outside\"")
        From from,

        @Term(value = "rise a turn, mm; above 0 a cone", from = 0, or = "0", title = "rise a turn")
        double riseMm,

        @Term(value = "the side it curves to", or = "\"left\"")
        Turn turn,

        @Term(value = "turns the working plane about the wire before it, degrees", from = -360, to = 360, or = "0")
        double rollDeg,

        @Term("whether this lies on top at crossings; default: what is formed later")
        Optional<Boolean> over,

        @Term(value = "whether sizes are meant after release or after the work", or = "\"released\"")
        Target target,

        @Term("the face that it lies on in the piece") Optional<Seat> seat,

        @Term("the other arm of it in this strand: both are wound in turn round what lies in their middle")
        Optional<String> with)
        implements Element {

    /**
     * Over which face of a part it is drawn up: its middle over that of the part, every turn on it.
     *
     * @param on the part
     * @param face the side of it
     * @param at where its rim ends, as a share of the way round to the left from the top
     */
    public record Seat(
            @Term(value = "the part", from = 1, to = 60) String on,

            @Term(value = "the side of it: front or back", or = "\"front\"")
            Across.Face face,

            @Term(
                    value = "where its rim ends, as a share of the way round to the left from the top",
                    from = 0,
                    to = 1,
                    or = "0")
            double at) {}

    /** How the middle of a spiral is made. */
    public enum Centre {
        /** The wire turns about its own edge. */
        CLOSED,
        /** There is room inside. */
        OPEN
    }

    /** Where the wire begins. */
    public enum From {
        /** In the middle. */
        INSIDE,
        /** At the rim. */
        OUTSIDE,
        /** At the rim, which is there already as an outline: the wire is laid inside it and pushed round towards the middle. */
        FILLED
    }

    /** @throws IllegalArgumentException if a measure is out of range */
    public Spiral {
        Check.within("gapMm", gapMm, 0, Check.GREATEST);
        Check.within("riseMm", riseMm, 0, Check.GREATEST);
    }

    /** A closed spiral of so many turns, from the inside. */
    public static Spiral closed(String id, double turns, double gapMm, Turn turn) {
        OptionalDouble none = OptionalDouble.empty();
        return new Spiral(
                id,
                Centre.CLOSED,
                none,
                gapMm,
                OptionalDouble.of(turns),
                none,
                none,
                From.INSIDE,
                0,
                turn,
                0,
                Optional.empty(),
                Target.RELEASED,
                Optional.empty(),
                Optional.empty());
    }

    /** A spiral with room inside, of so many turns, from the inside. */
    public static Spiral open(String id, double insideMm, double turns, double gapMm, Turn turn) {
        OptionalDouble none = OptionalDouble.empty();
        return new Spiral(
                id,
                Centre.OPEN,
                OptionalDouble.of(insideMm),
                gapMm,
                OptionalDouble.of(turns),
                none,
                none,
                From.INSIDE,
                0,
                turn,
                0,
                Optional.empty(),
                Target.RELEASED,
                Optional.empty(),
                Optional.empty());
    }

    /** The same, sized by its outside diameter, mm. */
    public Spiral across(double mm) {
        return sizedBy(OptionalDouble.empty(), OptionalDouble.of(mm), OptionalDouble.empty());
    }

    /** The same, the wire beginning at the rim. */
    public Spiral inward() {
        return from(From.OUTSIDE);
    }

    /** The same, filling an outline inward. */
    public Spiral filled() {
        return from(From.FILLED);
    }

    private Spiral from(From where) {
        return new Spiral(
                id, centre, insideMm, gapMm, turns, outsideMm, lengthMm, where, riseMm, turn, rollDeg, over, target,
                seat, with);
    }

    /** The same as a cone, and its plane rolled before it. */
    public Spiral lifted(double rise, double roll) {
        return new Spiral(
                id, centre, insideMm, gapMm, turns, outsideMm, lengthMm, from, rise, turn, roll, over, target, seat,
                with);
    }

    /** The same as one arm of two that are wound in turn. */
    public Spiral inTurnWith(String other) {
        return new Spiral(
                id,
                centre,
                insideMm,
                gapMm,
                turns,
                outsideMm,
                lengthMm,
                from,
                riseMm,
                turn,
                rollDeg,
                over,
                target,
                seat,
                Optional.of(other));
    }

    /** Across both arms where they are two, mm. */
    public double acrossArmsMm(double thicknessMm) {
        return 2 * (insideRadiusMm(thicknessMm) + (thicknessMm + gapMm) * turnsIn(thicknessMm)) + thicknessMm;
    }

    /** The same, lying over a face of a part. */
    public Spiral over(Seat face) {
        return seated(Optional.of(face));
    }

    private Spiral seated(Optional<Seat> there) {
        return new Spiral(
                id, centre, insideMm, gapMm, turns, outsideMm, lengthMm, from, riseMm, turn, rollDeg, over, target,
                there, with);
    }

    /** The same, sized by another of the three measures. */
    public Spiral sizedBy(OptionalDouble otherTurns, OptionalDouble otherOutsideMm, OptionalDouble otherLengthMm) {
        return new Spiral(
                id,
                centre,
                insideMm,
                gapMm,
                otherTurns,
                otherOutsideMm,
                otherLengthMm,
                from,
                riseMm,
                turn,
                rollDeg,
                over,
                target,
                seat,
                with);
    }

    /** Centre-line radius at the inner end, mm: half the thickness for a closed centre, else half inside and wire. */
    private double insideRadiusMm(double thicknessMm) {
        return centre == Centre.CLOSED ? thicknessMm / 2 : (insideMm.orElseThrow() + thicknessMm) / 2;
    }

    /**
     * How many turns it has in wire of this thickness: as given, or what the outside diameter or the length come to.
     *
     * @param thicknessMm thickness in the plane of bending, mm
     * @return zero or less where the outside diameter is too small for a turn to begin
     */
    public double turnsIn(double thicknessMm) {
        double inside = insideRadiusMm(thicknessMm);
        double pitch = thicknessMm + gapMm;
        if (turns.isPresent()) {
            return turns.getAsDouble();
        }
        if (outsideMm.isPresent()) {
            return ((outsideMm.getAsDouble() - thicknessMm + pitch / 2) / 2 - inside) / pitch;
        }
        double length = lengthMm.orElseThrow();
        double most = Math.sqrt(length / (Math.PI * pitch)) + 1;
        return new BracketingNthOrderBrentSolver(1e-13, 5)
                .solve(200, n -> of(n, thicknessMm).lengthMm() - length, Math.min(1e-9, most / 2), most);
    }

    /** Outside diameter as a calliper reads it, mm: r at the end, r half a turn before, and the wire. */
    public double outsideIn(double thicknessMm) {
        double pitch = thicknessMm + gapMm;
        double end = insideRadiusMm(thicknessMm) + pitch * turnsIn(thicknessMm);
        return 2 * end - pitch / 2 + thicknessMm;
    }

    /** Length of its centre line, mm. */
    public double lengthIn(double thicknessMm) {
        return of(turnsIn(thicknessMm), thicknessMm).lengthMm();
    }

    private org.etui.core.curve.Spiral of(double count, double thicknessMm) {
        return new org.etui.core.curve.Spiral(
                insideRadiusMm(thicknessMm), thicknessMm + gapMm, riseMm, count, turn.sign(), from == From.INSIDE);
    }

    /** Drawn up over the face that it lies on; else flat or a cone. */
    @Override
    public List<CurvePiece> shape(Forming forming) {
        return forming.setting()
                .drawnUp(this, forming.thicknessMm())
                .orElseGet(() -> List.of(flat(forming.thicknessMm())));
    }

    /** As it is wound, before it is drawn up over a face. */
    public CurvePiece flat(double thicknessMm) {
        return of(turnsIn(thicknessMm), thicknessMm);
    }

    @Override
    public Winding winding() {
        return new Winding(
                OptionalDouble.empty(),
                OptionalDouble.of(insideMm.orElse(0)),
                Optional.of("insideMm"),
                Optional.of(turn),
                2 * Math.PI * turns.orElse(0),
                false,
                false,
                0);
    }

    @Override
    public boolean isRolledFromItsEnd() {
        return from != From.FILLED;
    }

    @Override
    public Hanging hanging() {
        return Hanging.NOTHING;
    }

    @Override
    public Handling handling() {
        return Handling.soft(centre == Centre.CLOSED ? Handling.End.SLOPED : Handling.End.FLUSH)
                .inTurn(with);
    }

    @Override
    public Optional<String> noHammer() {
        return Optional.empty();
    }

    @Override
    public double acrossMm(Section section) {
        return outsideIn(section.inPlaneMm());
    }

    @Override
    public List<String> sitsOn() {
        return seat.map(Seat::on).stream().toList();
    }

    @Override
    public <R> Optional<R> seated(Seating<R> seating) {
        return seat.map(s -> seating.onFace(this));
    }

    @Override
    public List<Spacing> spacings() {
        return gapMm > 0 ? List.of(new Spacing("gap between turns", gapMm, false)) : List.of();
    }

    @Override
    public Spiral renamed(Names names) {
        return seated(seat.flatMap(s -> names.place(s.on()).map(on -> new Seat(on, s.face(), s.at()))));
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
        return visitor.spiral(this);
    }
}
