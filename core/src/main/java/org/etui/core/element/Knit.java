package org.etui.core.element;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.etui.core.check.Check;
import org.etui.core.check.Term;
import org.etui.core.check.Titled;
import org.etui.core.curve.CurvePiece;
import org.etui.core.curve.Knitting;
import org.etui.core.section.Section;
import org.hipparchus.analysis.solvers.BracketingNthOrderBrentSolver;

/**
 * A knitted tube: loops once round, each hung in the one below it, row by row, as wide as they are high; drawn down through holes afterwards. Its wire
 * is that of the loops (plane geometry of {@link Knitting}), an engineering estimate whose error
 * nobody has measured yet: no hand pulls all loops alike. Drawing moves wire from the width of the loops to their height and takes none.
 *
 * @param id name, unique in its strand
 * @param around loops once round
 * @param loopMm height of a loop as it is knitted, mm
 * @param rows rows
 * @param drawnTo outside diameter that the tube is drawn down to, mm; empty where it stays as it is knitted
 * @param rollDeg roll of the working plane before it, degrees
 * @param over whether it lies on top at crossings
 * @param target when its sizes hold
 */
@Titled("knitted tube")
public record Knit(
        @Term(value = "name of the element, unique in its strand", to = 60, position = true)
        String id,

        @Term(
                value = "loops once round",
                from = 3,
                to = 24,
                title = "loops round",
                unit = "count",
                usual = "6",
                first = true)
        int around,

        @Term(value = "height of a loop as it is knitted, mm", from = 0.5, to = 30, title = "loops, high", usual = "4")
        double loopMm,

        @Term(value = "rows", from = 1, to = 200, title = "rows", unit = "count", usual = "8")
        int rows,

        @Term(
                value = "outside diameter that the tube is drawn down to, mm; default: as it is knitted",
                from = 0.5,
                to = 200,
                title = "drawn down to")
        OptionalDouble drawnTo,

        @Term(value = "turns the working plane about the wire before it, degrees", from = -360, to = 360, or = "0")
        double rollDeg,

        @Term("whether this lies on top at crossings; default: what is formed later")
        Optional<Boolean> over,

        @Term(value = "whether sizes are meant after release or after the work", or = "\"released\"")
        Target target)
        implements Element {

    /** A row takes two thicknesses of the one that it hangs in. */
    private static final double HELD = 2;

    private static final double SOLVED_MM = 1e-9;
    private static final int EVALUATIONS = 100;

    /** @throws IllegalArgumentException if a measure is out of range */
    public Knit {
        Check.within("around", around, 3, 24);
        Check.within("loopMm", loopMm, 0.5, 30);
        Check.within("rows", rows, 1, 200);
        drawnTo.ifPresent(mm -> Check.within("drawnTo", mm, 0.5, 200));
    }

    /** As knitted. */
    public static Knit of(String id, int around, double loopMm, int rows) {
        return new Knit(id, around, loopMm, rows, OptionalDouble.empty(), 0, Optional.empty(), Target.RELEASED);
    }

    /** The same, drawn down to an outside diameter, mm. */
    public Knit drawn(double toMm) {
        return new Knit(id, around, loopMm, rows, OptionalDouble.of(toMm), rollDeg, over, target);
    }

    /** The same with so many rows. */
    public Knit rows(int number) {
        return new Knit(id, around, loopMm, number, drawnTo, rollDeg, over, target);
    }

    /** Inside of the tube as it is knitted in wire of a thickness, mm: what it is knitted round. */
    public double knittedInsideMm(double thicknessMm) {
        return Math.max(thicknessMm, around * loopMm / Math.PI - thicknessMm);
    }

    private Knitting knitted(double thicknessMm) {
        double radius = (knittedInsideMm(thicknessMm) + thicknessMm) / 2;
        return new Knitting(radius, around, rows, loopMm, riseMm(loopMm, thicknessMm));
    }

    private static double riseMm(double loopMm, double thicknessMm) {
        return Math.max(thicknessMm, loopMm - HELD * thicknessMm);
    }

    /** The tube as it lies in the end: of loops as long as they were knitted, narrower and higher where it is drawn down. */
    public Knitting tube(double thicknessMm) {
        Knitting knitted = knitted(thicknessMm);
        // Legs that touch all round go no closer.
        double least = Math.max(thicknessMm, around * thicknessMm / Math.PI);
        double radius = Math.max(least, (drawnTo.orElse(Double.MAX_VALUE) - thicknessMm) / 2);
        if (radius >= knitted.radiusMm()) {
            return knitted;
        }
        double wire = knitted.ofLoopMm();
        double high = new BracketingNthOrderBrentSolver(SOLVED_MM, 5)
                .solve(
                        EVALUATIONS,
                        mm -> new Knitting(radius, around, rows, mm, riseMm(mm, thicknessMm)).ofLoopMm() - wire,
                        0,
                        wire);
        return new Knitting(radius, around, rows, high, riseMm(high, thicknessMm));
    }

    /** How long the tube comes out, mm. */
    public double lengthMm(double thicknessMm) {
        Knitting tube = tube(thicknessMm);
        return rows * tube.riseMm() + tube.loopMm() - tube.riseMm() + thicknessMm;
    }

    @Override
    public List<CurvePiece> shape(Forming forming) {
        return List.of(tube(forming.thicknessMm()));
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
        return Handling.knitted();
    }

    @Override
    public Optional<String> noHammer() {
        return Optional.of("a hammer would shut its loops");
    }

    @Override
    public double acrossMm(Section section) {
        return 2 * tube(section.thicknessMm()).radiusMm() + section.thicknessMm();
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
        return List.of(new Spacing("loops", loopMm, true));
    }

    @Override
    public Knit renamed(Names names) {
        return this;
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
        return visitor.knit(this);
    }
}
