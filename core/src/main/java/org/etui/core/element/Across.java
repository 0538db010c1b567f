package org.etui.core.element;

import java.util.List;
import java.util.Optional;
import org.etui.core.check.Check;
import org.etui.core.check.Term;
import org.etui.core.check.Titled;
import org.etui.core.curve.CurvePiece;
import org.etui.core.section.Section;

/**
 * Wire bent over a face of a body from one place of its edge to another: a prong, a pass of a weave, a back wire. It lies in the plane through both
 * places along the body's height, taut over the face, over the wires that lie round the body there, and over what crosses that face before it.
 *
 * @param id name, unique in its strand
 * @param on the part that it lies on
 * @param face the side of it
 * @param from where on its edge it comes up, as a share of the way round
 * @param to where on its edge it would go down
 * @param begins how much of that way lies before it begins, as a share
 * @param ends where on that way it ends, as a share
 * @param over whether it lies on top at crossings
 * @param target when its sizes hold
 */
@Titled("over a face")
public record Across(
        @Term(value = "name of the element, unique in its strand", to = 60, position = true)
        String id,

        @Term(value = "the part that it lies on", from = 1, to = 60, usual = "\"stone\"")
        String on,

        @Term(value = "the side of it: front or back", or = "\"front\"")
        Face face,

        @Term(
                value = "where on the edge it comes up, as a share of the way round to the left from the top",
                from = 0,
                to = 1,
                title = "from, of the way round",
                unit = "share",
                usual = "0.15")
        double from,

        @Term(
                value = "where on the edge it goes down, as a share of the way round to the left from the top",
                from = 0,
                to = 1,
                title = "to, of the way round",
                unit = "share",
                usual = "0.65")
        double to,

        @Term(
                value = "how much of the way over the face lies before it begins, as a share",
                from = 0,
                to = 1,
                or = "0",
                title = "begins at, of the way over",
                unit = "share")
        double begins,

        @Term(
                value = "where on the way over the face it ends, as a share",
                from = 0,
                to = 1,
                or = "1",
                title = "ends at, of the way over",
                unit = "share")
        double ends,

        @Term("whether this lies on top at crossings; default: what is formed later")
        Optional<Boolean> over,

        @Term(value = "whether sizes are meant after release or after the work", or = "\"released\"")
        Target target)
        implements Element {

    /** A side of a body. */
    public enum Face {
        /** Towards who looks at it. */
        FRONT,
        /** Away. */
        BACK;

        /** +1 for the front, −1 for the back: which way its height counts. */
        public int sign() {
            return this == FRONT ? 1 : -1;
        }
    }

    /** @throws IllegalArgumentException if a share is out of range */
    public Across {
        Check.within("from", from, 0, 1);
        Check.within("to", to, 0, 1);
        Check.within("begins", begins, 0, 1);
        Check.within("ends", ends, 0, 1);
    }

    /** All the way over a face. */
    public static Across of(String id, String on, Face face, double from, double to) {
        return new Across(id, on, face, from, to, 0, 1, Optional.empty(), Target.RELEASED);
    }

    /** The same, only from one share of the way over to another. */
    public Across part(double first, double last) {
        return new Across(id, on, face, from, to, first, last, over, target);
    }

    /** @throws IllegalArgumentException where the body is not known */
    @Override
    public List<CurvePiece> shape(Forming forming) {
        return forming.setting()
                .over(this, forming.thicknessMm())
                .orElseThrow(
                        () -> new IllegalArgumentException("there is no body with an outline that it could lie on"));
    }

    @Override
    public double rollDeg() {
        return 0;
    }

    @Override
    public Winding winding() {
        return Winding.laid(Optional.empty(), Math.PI);
    }

    @Override
    public Optional<String> noHammer() {
        return Optional.of("it lies on the " + on.replace('-', ' '));
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
    public double acrossMm(Section section) {
        return section.thicknessMm();
    }

    @Override
    public List<Spacing> spacings() {
        return List.of();
    }

    @Override
    public List<String> sitsOn() {
        return List.of(on);
    }

    @Override
    public <R> Optional<R> seated(Seating<R> seating) {
        return Optional.of(seating.over(this));
    }

    @Override
    public Across renamed(Names names) {
        return new Across(id, names.place(on).orElse(on), face, from, to, begins, ends, over, target);
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
        return visitor.across(this);
    }
}
