package org.etui.core.sequence;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.function.UnaryOperator;
import org.etui.core.check.Term;

/**
 * A step of the bench card.
 *
 * @param kind what kind of step it is
 * @param about what it speaks of: strand.element or parts; empty for the whole piece
 * @param strand id of the strand, the first where several are worked alike; empty for the whole piece
 * @param title what to do, short
 * @param tool with what
 * @param text how
 * @param each what differs from strand to strand, where several are worked alike; else empty
 * @param wires how many wires it is done to, one after the other; 1 for the whole piece
 * @param check what to look at afterwards
 * @param caution what to beware of; empty where nothing special
 * @param advice rules that speak of this step
 * @param handsOn whether hands are needed all the time
 * @param minutes how long it takes, an estimate
 * @param element id of the element formed
 * @param markMm mark that it starts at, mm from the squared end
 * @param state index of the strand's state afterwards; absent where the wire does not change
 * @param shows what its pictures show
 * @param finish whether it makes the surface what it is: texture, polish, bath, seal
 */
public record Step(
        @Term("what kind of step it is") Kind kind,

        @Term("what it speaks of: strand.element or parts; empty for the whole piece")
        List<String> about,

        @Term("id of the strand, the first where several are worked alike; empty for the whole piece")
        String strand,

        @Term("what to do, short") String title,
        @Term("with what") String tool,
        @Term("how") String text,

        @Term("what differs from strand to strand, where several are worked alike; else empty")
        List<Each> each,

        @Term("how many wires it is done to, one after the other; 1 for the whole piece")
        int wires,

        @Term("what to look at afterwards") String check,

        @Term("what to beware of; empty where nothing special")
        String caution,

        @Term("rules that speak of this step") List<String> advice,
        @Term("whether hands are needed all the time") boolean handsOn,
        @Term("how long it takes, minutes, an estimate") double minutes,
        @Term("id of the element formed") Optional<String> element,

        @Term("mark that it starts at, mm from the squared end")
        OptionalDouble markMm,

        @Term("index of the strand's state afterwards") OptionalInt state,
        @Term("what its pictures show") Shows shows,

        @Term("whether it makes the surface what it is: texture, polish, bath, seal")
        boolean finish) {

    /** Kinds of steps. */
    public enum Kind {
        /** Cut to length. */
        CUT,
        /** Marked. */
        MARK,
        /** Straightened, squared, filed before anything is formed. */
        DRESS,
        /** Bent or wound into its form, even where that closes it. */
        FORM,
        /** Hammered, drawn through jaws, tapped, tumbled. */
        WORK,
        /** Wound round other wires that lie together. */
        LASH,
        /** Put on a wire. */
        THREAD,
        /** Hung into something. */
        HANG,
        /** A stone put into its frame, a cord into its coil. */
        PUT_IN,
        /** Squeezed, pressed or twisted shut. */
        CLOSE,
        /** Cut off, and that cut dressed. */
        TRIM,
        /** Cleaned for, put into, stopped and dried after the bath. */
        BATH,
        /** Polished back, sealed. */
        FINISH,
        /** Looked at. */
        CHECK,
        /** A break for the hands. */
        REST
    }

    /** The same, taking so long, minutes. */
    Step withMinutes(double estimate) {
        return with(estimate, UnaryOperator.identity());
    }

    /** The same for a maker whose tool is in the left hand. */
    Step mirrored() {
        return with(minutes, Mirrored::words);
    }

    private Step with(double estimate, UnaryOperator<String> said) {
        List<Each> differs = each.stream()
                .map(e -> new Each(e.strand(), said.apply(e.title()), e.wires(), said.apply(e.text()), e.state()))
                .toList();
        return new Step(
                kind,
                about,
                strand,
                said.apply(title),
                tool,
                said.apply(text),
                differs,
                wires,
                said.apply(check),
                said.apply(caution),
                advice,
                handsOn,
                estimate,
                element,
                markMm,
                state,
                shows,
                finish);
    }

    /** How long hands are needed, minutes. */
    public double handsOnMinutes() {
        return handsOn ? minutes : 0;
    }

    /**
     * One of several strands that are worked alike.
     *
     * @param strand its id
     * @param title its name
     * @param wires how many wires
     * @param text what is different for it; empty where nothing is
     * @param state index of its state afterwards; absent where the wire does not change
     */
    public record Each(
            @Term("its id") String strand,
            @Term("its name") String title,
            @Term("how many wires") int wires,

            @Term("what is different for it; empty where nothing is")
            String text,

            @Term("index of its state afterwards") OptionalInt state) {}

    /** What the pictures of a step show, before and after. */
    public enum Shows {
        /** Wire as it comes off the spool; straight wire. */
        STRAIGHTENING,
        /** A pinched end; a flush end. */
        TRUING,
        /** Straight wire; the same with its marks. */
        MARKS,
        /** Wire on the spool; the cut length. */
        CUT,
        /** An end with a burr; a dressed end. */
        DRESSING,
        /** The wire before and after, as the states of the plan have it. */
        STATES,
        /** The piece without and with what is put on. */
        STRINGING,
        /** Two apart; joined. */
        JOINING,
        /** Wire going into the tumbler; bright wire. */
        TUMBLING,
        /** Dull metal; clean metal. */
        CLEANING,
        /** Bright metal; dark metal. */
        DARKENING,
        /** Wet; dry. */
        DRYING,
        /** Dark metal; high places bright again. */
        POLISHING,
        /** Polished; sealed. */
        SEALING,
        /** Work done so far; rested hands. */
        REST,
        /** The piece beside what is still to be looked at. */
        PIECE
    }
}
