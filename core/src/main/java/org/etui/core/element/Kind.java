package org.etui.core.element;

import java.util.List;
import java.util.Optional;
import org.etui.core.curve.CurvePiece;
import org.etui.core.section.Section;

/**
 * What every kind of element says of itself. No method has a default, so that a kind that lacks one does not compile; what only
 * words or checks of another package need goes through {@link Visitor}, which a new kind makes incomplete everywhere it is used.
 */
public interface Kind {
    /** Name of the element, unique in its strand. */
    String id();

    /** Roll of the working plane about the wire before the element, degrees. */
    double rollDeg();

    /** Whether it lies on top at crossings; empty: what is formed later does. */
    Optional<Boolean> over();

    /** Whether sizes are meant after release or after the work. */
    Target target();

    /** The centre line of the element as formed, in its own frame. */
    List<CurvePiece> shape(Forming forming);

    /** How it is wound: its inside, the field that says so, the side it curves to, how far it turns. */
    Winding winding();

    /** What it is to a load and to what hangs in it. */
    Hanging hanging();

    /** What is done with it at the bench besides bending it round something. */
    Handling handling();

    /** Why no hammer may come near, whatever else lies there; empty where nothing of its own forbids it. */
    Optional<String> noHammer();

    /** How wide it is across where it stands at an end, mm, in wire of this section. */
    double acrossMm(Section section);

    /** Measures that repeat along it, or from wire to wire. */
    List<Spacing> spacings();

    /** The parts, or the strand.element of others, that it sits on; empty where it follows the element before it. */
    List<String> sitsOn();

    /** The answer of one that has a seat; empty of one that has none. */
    <R> Optional<R> seated(Seating<R> seating);

    /** The same in another piece, where things have other names. */
    Element renamed(Names names);

    /** What things are called in another piece. */
    interface Names {
        /** What a strand is called there. */
        String strand(String id);

        /** What a work is called there. */
        String work(String id);

        /** What strand.element or a part is called there; empty where it is not there. */
        Optional<String> place(String address);
    }

    /** Calls the visitor's method for this kind. */
    <R> R accept(Visitor<R> visitor);

    /**
     * One answer a kind; who has it has thought of all of them.
     *
     * @param <R> the answer
     */
    interface Visitor<R> {
        /** A straight run. */
        R straight(Straight straight);

        /** A corner. */
        R bend(Bend bend);

        /** An arc. */
        R arc(Arc arc);

        /** A loop. */
        R loop(Loop loop);

        /** A curl. */
        R curl(Curl curl);

        /** A spiral. */
        R spiral(Spiral spiral);

        /** A coil. */
        R coil(Coil coil);

        /** A wrap. */
        R wrap(Wrap wrap);

        /** A girth. */
        R girth(Girth girth);

        /** Wire over a face. */
        R across(Across across);

        /** Wire to the next seat. */
        R reach(Reach reach);

        /** A paddle. */
        R paddle(Paddle paddle);

        /** A twist. */
        R twist(Twist twist);

        /** A knitted tube. */
        R knit(Knit knit);

        /** A ball. */
        R ball(Ball ball);

        /** A lead. */
        R lead(Lead lead);
    }
}
