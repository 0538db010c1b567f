package org.etui.core.piece;

import java.util.List;
import org.etui.core.act.Act;
import org.etui.core.check.Check;
import org.etui.core.check.Envelope;
import org.etui.core.check.Term;

/**
 * What the maker does besides forming: an act, to what, and when; may stand anywhere in the order. In JSON the fields of the act
 * stand beside the others.
 *
 * @param id name, unique in the piece
 * @param strand the strand worked on; empty: every strand
 * @param elements the elements worked on; none: the whole strand
 * @param after when: {@code start}, {@code forming}, an element id or another work id
 * @param act what is done
 */
@Envelope("act")
public record Work(
        @Term(value = "name of the work, unique in the piece", to = 60, position = true)
        String id,

        @Term(value = "the strand worked on; empty: every strand", to = 60, or = "\"\"")
        String strand,

        @Term(value = "the elements worked on; none: the whole strand", to = 400, or = "[]")
        List<String> elements,

        @Term(value = "when: start, forming, an element id or another work id", to = 60, or = "\"forming\"")
        String after,

        @Term("what is done") Act act) {
    /** Copies the list. */
    public Work {
        Check.that(act != null, "act must be given");
        elements = List.copyOf(elements);
    }

    /** An act on elements of a strand, when all is formed. */
    public static Work of(String id, String strand, List<String> elements, Act act) {
        return new Work(id, strand, elements, "forming", act);
    }

    /** The same at another moment. */
    public Work at(String moment) {
        return new Work(id, strand, elements, moment, act);
    }

    /** The same on other elements. */
    public Work on(List<String> others) {
        return new Work(id, strand, others, after, act);
    }

    /** Another act in its place. */
    public Work doing(Act other) {
        return new Work(id, strand, elements, after, other);
    }

    /** The same under another name, on another strand, at another moment. */
    public Work moved(String otherId, String otherStrand, String otherAfter) {
        return new Work(otherId, otherStrand, elements, otherAfter, act);
    }
}
