package org.etui.core.element;

import java.util.List;
import java.util.Optional;
import org.etui.core.check.Check;
import org.etui.core.check.Term;
import org.etui.core.check.Titled;
import org.etui.core.curve.CurvePiece;
import org.etui.core.section.Section;

/**
 * A hook bend, a bow, the body of a bangle.
 *
 * @param id name, unique in its strand
 * @param insideMm inside diameter, mm
 * @param sweepDeg angle turned, degrees
 * @param turn the side it curves to
 * @param rollDeg roll of the working plane before it, degrees
 * @param over whether it lies on top at crossings
 * @param target when its sizes hold
 * @param wave the wave that it is pressed into
 */
@Titled("bend")
public record Arc(
        @Term(value = "name of the element, unique in its strand", to = 60, position = true)
        String id,

        @Term(value = "inside diameter after release, mm", from = 0.01, title = "inside", usual = "7")
        double insideMm,

        @Term(value = "angle turned, degrees", from = 0.01, to = 36000, title = "sweep", usual = "180")
        double sweepDeg,

        @Term(value = "the side it curves to", or = "\"left\"")
        Turn turn,

        @Term(value = "turns the working plane about the wire before it, degrees", from = -360, to = 360, or = "0")
        double rollDeg,

        @Term("whether this lies on top at crossings; default: what is formed later")
        Optional<Boolean> over,

        @Term(value = "whether sizes are meant after release or after the work", or = "\"released\"")
        Target target,

        @Term("the wave across its plane that it is pressed into between dies")
        Optional<Wave> wave)
        implements Element {

    /**
     * A wave that a bend is pressed into, between two dies that fit each other.
     *
     * @param count whole waves over the sweep
     * @param heightMm from trough to crest, mm, wire not counted
     */
    public record Wave(
            @Term(value = "whole waves over the sweep", from = 1, to = 100, title = "waves", unit = "count")
            int count,

            @Term(value = "from trough to crest, mm, wire not counted", from = 0.01, to = 100, title = "height")
            double heightMm) {}

    /** @throws IllegalArgumentException if a measure is out of range */
    public Arc {
        Check.size("insideMm", insideMm);
        Check.size("sweepDeg", sweepDeg);
    }

    /** An arc without roll. */
    public static Arc of(String id, double insideMm, double sweepDeg, Turn turn) {
        return new Arc(id, insideMm, sweepDeg, turn, 0, Optional.empty(), Target.RELEASED, Optional.empty());
    }

    /** The same with the working plane rolled before it, degrees. */
    public Arc rolled(double degrees) {
        return new Arc(id, insideMm, sweepDeg, turn, degrees, over, target, wave);
    }

    /** The same, its size meant after the maker's own work. */
    public Arc asFinished() {
        return new Arc(id, insideMm, sweepDeg, turn, rollDeg, over, Target.FINISHED, wave);
    }

    /** The same, pressed into a wave. */
    public Arc waved(Wave pressed) {
        return new Arc(id, insideMm, sweepDeg, turn, rollDeg, over, target, Optional.of(pressed));
    }

    /** Its inside before it is pressed into its wave, mm: the round of as much wire. */
    public double roundInsideMm(double thicknessMm) {
        double pressed = shape(thicknessMm).wireLengthMm(thicknessMm);
        double flat = org.etui.core.curve.Arc.ofInside(insideMm, thicknessMm, sweepRad())
                .wireLengthMm(thicknessMm);
        return (insideMm + thicknessMm) * pressed / flat - thicknessMm;
    }

    private double sweepRad() {
        return turn.sign() * Math.toRadians(sweepDeg);
    }

    private CurvePiece shape(double thicknessMm) {
        org.etui.core.curve.Arc flat = org.etui.core.curve.Arc.ofInside(insideMm, thicknessMm, sweepRad());
        return wave.<CurvePiece>map(
                        w -> new org.etui.core.curve.Wave(flat.radiusMm(), flat.sweepRad(), w.count(), w.heightMm()))
                .orElse(flat);
    }

    @Override
    public List<CurvePiece> shape(Forming forming) {
        return List.of(shape(forming.thicknessMm()));
    }

    @Override
    public Winding winding() {
        Winding round = Winding.round("insideMm", insideMm, turn, Math.toRadians(sweepDeg));
        return wave.isPresent() ? round.bentAgain(0) : round;
    }

    @Override
    public Hanging hanging() {
        return Hanging.HOOK;
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
    public Arc renamed(Names names) {
        return this;
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
        return visitor.arc(this);
    }
}
