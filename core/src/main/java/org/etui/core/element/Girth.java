package org.etui.core.element;

import java.util.List;
import java.util.Optional;
import org.etui.core.check.Check;
import org.etui.core.check.Term;
import org.etui.core.check.Titled;
import org.etui.core.curve.Circuit;
import org.etui.core.curve.CurvePiece;
import org.etui.core.section.Section;

/**
 * Wire laid round a stone or a form.
 *
 * @param id name, unique in its strand
 * @param outline what it goes round
 * @param from where it begins, as a share of the way round
 * @param to where it ends
 * @param offsetWires how many wires lie beneath it
 * @param turn the side it curves to
 * @param rollDeg roll of the working plane before it, degrees
 * @param over whether it lies on top at crossings
 * @param target when its sizes hold
 * @param seat the part that it lies round
 */
@Titled("round a stone")
public record Girth(
        @Term(value = "name of the element, unique in its strand", to = 60, position = true)
        String id,

        @Term(value = "what it goes round", usual = "{\"shape\": \"oval\", \"lengthMm\": 24, \"widthMm\": 16}")
        Outline outline,

        @Term(
                value = "where it begins, as a share of the way round",
                from = 0,
                to = 1,
                or = "0",
                title = "begins at, of the way round",
                unit = "share")
        double from,

        @Term(
                value = "where it ends, as a share of the way round",
                from = 0,
                to = 1,
                or = "1",
                title = "ends at, of the way round",
                unit = "share")
        double to,

        @Term(
                value = "how many wires lie beneath it",
                from = 0,
                to = 50,
                or = "0",
                title = "wires beneath it",
                unit = "count")
        double offsetWires,

        @Term(value = "the side it curves to", or = "\"left\"")
        Turn turn,

        @Term(value = "turns the working plane about the wire before it, degrees", from = -360, to = 360, or = "0")
        double rollDeg,

        @Term("whether this lies on top at crossings; default: what is formed later")
        Optional<Boolean> over,

        @Term(value = "whether sizes are meant after release or after the work", or = "\"released\"")
        Target target,

        @Term("the part that it lies round") Optional<Seat> seat)
        implements Element {

    /**
     * Where wire lies round a part.
     *
     * @param on the part
     * @param heightMm how high over its back or middle the first wire lies, mm
     * @param slot how many wires of the bundle lie between it and that place
     */
    public record Seat(
            @Term(value = "the part", from = 1, to = 60) String on,

            @Term(
                    value = "how high over its flat back, or its middle, the first wire lies, mm",
                    from = -1000,
                    to = 1000,
                    or = "0")
            double heightMm,

            @Term(
                    value = "how many wires of the bundle lie between it and there, towards the front",
                    from = 0,
                    to = 60,
                    or = "0")
            int slot) {}

    /** @throws IllegalArgumentException if a measure is out of range */
    public Girth {
        Check.within("from", from, 0, 1);
        Check.within("to", to, 0, 1);
        Check.within("offsetWires", offsetWires, 0, 50);
    }

    /** All the way round, on the stone itself. */
    public static Girth of(String id, Outline outline, Turn turn) {
        return of(id, outline, 0, 1, turn);
    }

    /** Part of the way round, on the stone itself. */
    public static Girth of(String id, Outline outline, double from, double to, Turn turn) {
        return new Girth(id, outline, from, to, 0, turn, 0, Optional.empty(), Target.RELEASED, Optional.empty());
    }

    /** The same, lying on a part: its bundle begins at a height, mm, and so many wires of it lie before this one. */
    public Girth on(String part, double heightMm, int slot) {
        Optional<Seat> there = Optional.of(new Seat(part, heightMm, slot));
        return new Girth(id, outline, from, to, offsetWires, turn, rollDeg, over, target, there);
    }

    /** Once round its own outline as the middle of the wire goes. */
    public Circuit round(double thicknessMm) {
        return outline.round((offsetWires + 0.5) * thicknessMm);
    }

    @Override
    public List<CurvePiece> shape(Forming forming) {
        return forming.setting()
                .round(this, forming.thicknessMm(), forming.acrossMm())
                .orElseGet(() -> round(forming.thicknessMm()))
                .along(from, to, turn.sign());
    }

    @Override
    public Winding winding() {
        return Winding.laid(Optional.empty(), 2 * Math.PI * (to - from));
    }

    @Override
    public Hanging hanging() {
        return Hanging.FRAME;
    }

    @Override
    public Handling handling() {
        return Handling.BENT;
    }

    @Override
    public Optional<String> noHammer() {
        return Optional.of("it lies on the stone");
    }

    @Override
    public double acrossMm(Section section) {
        return section.thicknessMm();
    }

    @Override
    public List<String> sitsOn() {
        return seat.map(s -> List.of(s.on())).orElse(List.of());
    }

    @Override
    public <R> Optional<R> seated(Seating<R> seating) {
        return seat.map(s -> seating.onBody(this));
    }

    @Override
    public List<Spacing> spacings() {
        return List.of();
    }

    @Override
    public Girth renamed(Names names) {
        Optional<Seat> there = seat.flatMap(s -> names.place(s.on()).map(on -> new Seat(on, s.heightMm(), s.slot())));
        return new Girth(id, outline, from, to, offsetWires, turn, rollDeg, over, target, there);
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
        return visitor.girth(this);
    }
}
