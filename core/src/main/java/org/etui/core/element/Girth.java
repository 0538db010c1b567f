package org.etui.core.element;

import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
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
        Target target)
        implements Element {

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
        return new Girth(id, outline, from, to, 0, turn, 0, Optional.empty(), Target.RELEASED);
    }

    /** Once round the stone as the middle of the wire goes. */
    public Circuit round(double thicknessMm) {
        return outline.round((offsetWires + 0.5) * thicknessMm);
    }

    @Override
    public List<CurvePiece> shape(Forming forming) {
        return round(forming.thicknessMm()).along(from, to, turn.sign());
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
    public List<Spacing> spacings() {
        return List.of();
    }

    @Override
    public Girth renamed(UnaryOperator<String> strand, UnaryOperator<String> work) {
        return this;
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
        return visitor.girth(this);
    }
}
