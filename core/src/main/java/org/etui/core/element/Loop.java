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
 * An eye, a P-loop, a jump ring. Centred, it carries a neck bend that sets its middle on the line of the wire: after
 * the loop where the loop begins the strand, before it elsewhere.
 *
 * @param id name, unique in its strand
 * @param insideMm inside diameter, mm
 * @param turns turns
 * @param turn the side it curves to
 * @param centred whether a neck bend sets it on the line of the wire
 * @param opens whether it has to be opened later
 * @param rollDeg roll of the working plane before it, degrees
 * @param over whether it lies on top at crossings
 * @param target when its sizes hold
 */
@Titled("loop")
public record Loop(
        @Term(value = "name of the element, unique in its strand", to = 60, position = true)
        String id,

        @Term(value = "inside diameter after release, mm", from = 0.01, title = "inside", usual = "3")
        double insideMm,

        @Term(value = "turns", from = 0.01, to = 500, or = "1", title = "turns", unit = "turns")
        double turns,

        @Term(value = "the side it curves to", or = "\"left\"")
        Turn turn,

        @Term(value = "whether a neck bend sets it on the line of the wire", or = "false")
        boolean centred,

        @Term(value = "whether it has to be opened later", or = "false")
        boolean opens,

        @Term(value = "turns the working plane about the wire before it, degrees", from = -360, to = 360, or = "0")
        double rollDeg,

        @Term("whether this lies on top at crossings; default: what is formed later")
        Optional<Boolean> over,

        @Term(value = "whether sizes are meant after release or after the work", or = "\"released\"")
        Target target)
        implements Element {

    private static final double NECK_INSIDE_MM = 0.5;

    /** @throws IllegalArgumentException if a measure is out of range */
    public Loop {
        Check.size("insideMm", insideMm);
        Check.size("turns", turns);
    }

    /** A closed eye to the side of the wire that need not open. */
    public static Loop of(String id, double insideMm, Turn turn) {
        return new Loop(id, insideMm, 1, turn, false, false, 0, Optional.empty(), Target.RELEASED);
    }

    /** A closed eye to the side of the wire that has to open later. */
    public static Loop thatOpens(String id, double insideMm, Turn turn) {
        return new Loop(id, insideMm, 1, turn, false, true, 0, Optional.empty(), Target.RELEASED);
    }

    /** The same with a neck bend that sets it on the line of the wire. */
    public Loop onTheLine() {
        return new Loop(id, insideMm, turns, turn, true, opens, rollDeg, over, target);
    }

    /** The same of so many turns. */
    public Loop of(double otherTurns) {
        return new Loop(id, insideMm, otherTurns, turn, centred, opens, rollDeg, over, target);
    }

    /** The same with the working plane rolled before it, degrees. */
    public Loop rolled(double degrees) {
        return new Loop(id, insideMm, turns, turn, centred, opens, degrees, over, target);
    }

    @Override
    public List<CurvePiece> shape(Forming forming) {
        Arc round = Arc.ofInside(insideMm, forming.thicknessMm(), turn.sign() * 2 * Math.PI * turns);
        if (!centred) {
            return List.of(round);
        }
        Arc neck = neck(forming.thicknessMm(), round.radiusMm());
        return forming.first() ? List.of(round, neck) : List.of(neck, round);
    }

    /** The neck turns the other way by the angle whose cosine is ρ/(R + ρ): then the middle lies on the wire's line. */
    private Arc neck(double thicknessMm, double radiusMm) {
        double rho = (NECK_INSIDE_MM + thicknessMm) / 2;
        return new Arc(rho, -turn.sign() * Math.acos(rho / (radiusMm + rho)));
    }

    @Override
    public Winding winding() {
        return Winding.round("insideMm", insideMm, turn, 2 * Math.PI * turns);
    }

    @Override
    public Hanging hanging() {
        return Hanging.eye(turns, opens);
    }

    @Override
    public Handling handling() {
        return Handling.BENT;
    }

    @Override
    public Optional<String> noHammer() {
        return opens ? Optional.of("it has to open later") : Optional.empty();
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
    public Loop renamed(Names names) {
        return this;
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
        return visitor.loop(this);
    }
}
