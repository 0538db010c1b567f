package org.etui.core.piece;

import java.util.List;
import org.etui.core.check.Family;
import org.etui.core.check.Term;
import org.etui.core.check.Word;

/** What the maker does to the wire besides forming it; may stand anywhere in the order. */
@Family("op")
public sealed interface Work {
    /** Name of the work, unique in the piece. */
    String id();

    /** The strand worked on; empty: every strand. */
    String strand();

    /** The elements worked on; none: the whole strand. */
    List<String> elements();

    /** When: {@code start}, {@code forming}, an element id or another work id. */
    String after();

    /** The contract's word for it, such as {@code open-close}. */
    default String op() {
        return Word.of(getClass());
    }

    /** The same on other elements. */
    Work on(List<String> others);

    /** The same under another name, on another strand, at another moment. */
    Work moved(String otherId, String otherStrand, String otherAfter);

    /**
     * Flatten to a thickness.
     *
     * @param id name, unique in the piece
     * @param strand the strand worked on; empty: every strand
     * @param elements the elements worked on; none: the whole strand
     * @param toMm thickness to flatten to, mm
     * @param with the tool
     * @param after when: start, forming, an element id or another work id
     */
    record Flatten(
            @Term(value = "name of the work, unique in the piece", to = 60, position = true)
            String id,

            @Term(value = "the strand worked on; empty: every strand", to = 60, or = "\"\"")
            String strand,

            @Term(value = "the elements worked on; none: the whole strand", to = 400, or = "[]")
            List<String> elements,

            @Term(value = "thickness to flatten to, mm", from = 0.01, to = 20)
            double toMm,

            @Term(value = "the tool", or = "\"domed-hammer\"")
            With with,

            @Term(value = "when: start, forming, an element id or another work id", to = 60, or = "\"forming\"")
            String after)
            implements Work {
        @Override
        public Flatten on(List<String> others) {
            return new Flatten(id, strand, others, toMm, with, after);
        }

        @Override
        public Flatten moved(String otherId, String otherStrand, String otherAfter) {
            return new Flatten(otherId, otherStrand, elements, toMm, with, otherAfter);
        }
    }

    /**
     * Smooth out hammer marks.
     *
     * @param id name, unique in the piece
     * @param strand the strand worked on; empty: every strand
     * @param elements the elements worked on; none: the whole strand
     * @param with the tool
     * @param after when: start, forming, an element id or another work id
     */
    record Planish(
            @Term(value = "name of the work, unique in the piece", to = 60, position = true)
            String id,

            @Term(value = "the strand worked on; empty: every strand", to = 60, or = "\"\"")
            String strand,

            @Term(value = "the elements worked on; none: the whole strand", to = 400, or = "[]")
            List<String> elements,

            @Term(value = "the tool", or = "\"flat-hammer\"")
            With with,

            @Term(value = "when: start, forming, an element id or another work id", to = 60, or = "\"forming\"")
            String after)
            implements Work {
        @Override
        public Planish on(List<String> others) {
            return new Planish(id, strand, others, with, after);
        }

        @Override
        public Planish moved(String otherId, String otherStrand, String otherAfter) {
            return new Planish(otherId, otherStrand, elements, with, otherAfter);
        }
    }

    /**
     * Leave marks on purpose.
     *
     * @param id name, unique in the piece
     * @param strand the strand worked on; empty: every strand
     * @param elements the elements worked on; none: the whole strand
     * @param with the tool
     * @param after when: start, forming, an element id or another work id
     */
    record Texture(
            @Term(value = "name of the work, unique in the piece", to = 60, position = true)
            String id,

            @Term(value = "the strand worked on; empty: every strand", to = 60, or = "\"\"")
            String strand,

            @Term(value = "the elements worked on; none: the whole strand", to = 400, or = "[]")
            List<String> elements,

            @Term(value = "the tool", or = "\"ball-hammer\"")
            With with,

            @Term(value = "when: start, forming, an element id or another work id", to = 60, or = "\"forming\"")
            String after)
            implements Work {
        @Override
        public Texture on(List<String> others) {
            return new Texture(id, strand, others, with, after);
        }

        @Override
        public Texture moved(String otherId, String otherStrand, String otherAfter) {
            return new Texture(otherId, otherStrand, elements, with, otherAfter);
        }
    }

    /**
     * Draw through nylon jaws.
     *
     * @param id name, unique in the piece
     * @param strand the strand worked on; empty: every strand
     * @param elements the elements worked on; none: the whole strand
     * @param passes passes
     * @param after when: start, forming, an element id or another work id
     */
    record Jaws(
            @Term(value = "name of the work, unique in the piece", to = 60, position = true)
            String id,

            @Term(value = "the strand worked on; empty: every strand", to = 60, or = "\"\"")
            String strand,

            @Term(value = "the elements worked on; none: the whole strand", to = 400, or = "[]")
            List<String> elements,

            @Term(value = "passes", from = 1, to = 100, or = "3")
            int passes,

            @Term(value = "when: start, forming, an element id or another work id", to = 60, or = "\"forming\"")
            String after)
            implements Work {
        @Override
        public Jaws on(List<String> others) {
            return new Jaws(id, strand, others, passes, after);
        }

        @Override
        public Jaws moved(String otherId, String otherStrand, String otherAfter) {
            return new Jaws(otherId, otherStrand, elements, passes, otherAfter);
        }
    }

    /**
     * Tap with a mallet: the shape stays.
     *
     * @param id name, unique in the piece
     * @param strand the strand worked on; empty: every strand
     * @param elements the elements worked on; none: the whole strand
     * @param passes passes
     * @param with the tool
     * @param after when: start, forming, an element id or another work id
     */
    record Mallet(
            @Term(value = "name of the work, unique in the piece", to = 60, position = true)
            String id,

            @Term(value = "the strand worked on; empty: every strand", to = 60, or = "\"\"")
            String strand,

            @Term(value = "the elements worked on; none: the whole strand", to = 400, or = "[]")
            List<String> elements,

            @Term(value = "passes", from = 1, to = 100, or = "3")
            int passes,

            @Term(value = "the tool", or = "\"nylon-mallet\"")
            With with,

            @Term(value = "when: start, forming, an element id or another work id", to = 60, or = "\"forming\"")
            String after)
            implements Work {
        @Override
        public Mallet on(List<String> others) {
            return new Mallet(id, strand, others, passes, with, after);
        }

        @Override
        public Mallet moved(String otherId, String otherStrand, String otherAfter) {
            return new Mallet(otherId, otherStrand, elements, passes, with, otherAfter);
        }
    }

    /**
     * Flex to and fro.
     *
     * @param id name, unique in the piece
     * @param strand the strand worked on; empty: every strand
     * @param elements the elements worked on; none: the whole strand
     * @param times times
     * @param after when: start, forming, an element id or another work id
     */
    record Flex(
            @Term(value = "name of the work, unique in the piece", to = 60, position = true)
            String id,

            @Term(value = "the strand worked on; empty: every strand", to = 60, or = "\"\"")
            String strand,

            @Term(value = "the elements worked on; none: the whole strand", to = 400, or = "[]")
            List<String> elements,

            @Term(value = "times", from = 1, to = 100, or = "3")
            int times,

            @Term(value = "when: start, forming, an element id or another work id", to = 60, or = "\"forming\"")
            String after)
            implements Work {
        @Override
        public Flex on(List<String> others) {
            return new Flex(id, strand, others, times, after);
        }

        @Override
        public Flex moved(String otherId, String otherStrand, String otherAfter) {
            return new Flex(otherId, otherStrand, elements, times, otherAfter);
        }
    }

    /**
     * Tumble in steel shot.
     *
     * @param id name, unique in the piece
     * @param strand the strand worked on; empty: every strand
     * @param elements the elements worked on; none: the whole strand
     * @param minutes minutes
     * @param after when: start, forming, an element id or another work id
     */
    record Tumble(
            @Term(value = "name of the work, unique in the piece", to = 60, position = true)
            String id,

            @Term(value = "the strand worked on; empty: every strand", to = 60, or = "\"\"")
            String strand,

            @Term(value = "the elements worked on; none: the whole strand", to = 400, or = "[]")
            List<String> elements,

            @Term(value = "minutes", from = 0.01, to = 1440, or = "120")
            double minutes,

            @Term(value = "when: start, forming, an element id or another work id", to = 60, or = "\"forming\"")
            String after)
            implements Work {
        @Override
        public Tumble on(List<String> others) {
            return new Tumble(id, strand, others, minutes, after);
        }

        @Override
        public Tumble moved(String otherId, String otherStrand, String otherAfter) {
            return new Tumble(otherId, otherStrand, elements, minutes, otherAfter);
        }
    }

    /**
     * Close what hammering opened.
     *
     * @param id name, unique in the piece
     * @param strand the strand worked on; empty: every strand
     * @param elements the elements worked on; none: the whole strand
     * @param after when: start, forming, an element id or another work id
     */
    record Reclose(
            @Term(value = "name of the work, unique in the piece", to = 60, position = true)
            String id,

            @Term(value = "the strand worked on; empty: every strand", to = 60, or = "\"\"")
            String strand,

            @Term(value = "the elements worked on; none: the whole strand", to = 400, or = "[]")
            List<String> elements,

            @Term(value = "when: start, forming, an element id or another work id", to = 60, or = "\"forming\"")
            String after)
            implements Work {
        @Override
        public Reclose on(List<String> others) {
            return new Reclose(id, strand, others, after);
        }

        @Override
        public Reclose moved(String otherId, String otherStrand, String otherAfter) {
            return new Reclose(otherId, otherStrand, elements, otherAfter);
        }
    }

    /**
     * Straighten through jaws or fingers.
     *
     * @param id name, unique in the piece
     * @param strand the strand worked on; empty: every strand
     * @param elements the elements worked on; none: the whole strand
     * @param passes passes
     * @param after when: start, forming, an element id or another work id
     */
    record Straighten(
            @Term(value = "name of the work, unique in the piece", to = 60, position = true)
            String id,

            @Term(value = "the strand worked on; empty: every strand", to = 60, or = "\"\"")
            String strand,

            @Term(value = "the elements worked on; none: the whole strand", to = 400, or = "[]")
            List<String> elements,

            @Term(value = "passes", from = 1, to = 100, or = "1")
            int passes,

            @Term(value = "when: start, forming, an element id or another work id", to = 60, or = "\"forming\"")
            String after)
            implements Work {
        @Override
        public Straighten on(List<String> others) {
            return new Straighten(id, strand, others, passes, after);
        }

        @Override
        public Straighten moved(String otherId, String otherStrand, String otherAfter) {
            return new Straighten(otherId, otherStrand, elements, passes, otherAfter);
        }
    }

    /**
     * Open a loop sideways and close it again.
     *
     * @param id name, unique in the piece
     * @param strand the strand worked on; empty: every strand
     * @param elements the elements worked on; none: the whole strand
     * @param times times
     * @param after when: start, forming, an element id or another work id
     */
    record OpenClose(
            @Term(value = "name of the work, unique in the piece", to = 60, position = true)
            String id,

            @Term(value = "the strand worked on; empty: every strand", to = 60, or = "\"\"")
            String strand,

            @Term(value = "the elements worked on; none: the whole strand", to = 400, or = "[]")
            List<String> elements,

            @Term(value = "times", from = 1, to = 100, or = "1")
            int times,

            @Term(value = "when: start, forming, an element id or another work id", to = 60, or = "\"forming\"")
            String after)
            implements Work {
        @Override
        public OpenClose on(List<String> others) {
            return new OpenClose(id, strand, others, times, after);
        }

        @Override
        public OpenClose moved(String otherId, String otherStrand, String otherAfter) {
            return new OpenClose(otherId, otherStrand, elements, times, otherAfter);
        }
    }

    /**
     * Cut off what is not wanted any more.
     *
     * @param id name, unique in the piece
     * @param strand the strand worked on; empty: every strand
     * @param elements the elements worked on; none: the whole strand
     * @param after when: start, forming, an element id or another work id
     */
    record Trim(
            @Term(value = "name of the work, unique in the piece", to = 60, position = true)
            String id,

            @Term(value = "the strand worked on; empty: every strand", to = 60, or = "\"\"")
            String strand,

            @Term(value = "the elements worked on; none: the whole strand", to = 400, or = "[]")
            List<String> elements,

            @Term(value = "when: start, forming, an element id or another work id", to = 60, or = "\"forming\"")
            String after)
            implements Work {
        @Override
        public Trim on(List<String> others) {
            return new Trim(id, strand, others, after);
        }

        @Override
        public Trim moved(String otherId, String otherStrand, String otherAfter) {
            return new Trim(otherId, otherStrand, elements, otherAfter);
        }
    }

    /**
     * Punch a hole in a blank.
     *
     * @param id name, unique in the piece
     * @param strand the strand worked on; empty: every strand
     * @param elements the elements worked on; none: the whole strand
     * @param part the blank
     * @param diameterMm diameter of the hole, mm
     * @param after when: start, forming, an element id or another work id
     */
    record Pierce(
            @Term(value = "name of the work, unique in the piece", to = 60, position = true)
            String id,

            @Term(value = "the strand worked on; empty: every strand", to = 60, or = "\"\"")
            String strand,

            @Term(value = "the elements worked on; none: the whole strand", to = 400, or = "[]")
            List<String> elements,

            @Term(value = "the blank", from = 1, to = 60) String part,

            @Term(value = "diameter of the hole, mm", from = 0.01, to = 50)
            double diameterMm,

            @Term(value = "when: start, forming, an element id or another work id", to = 60, or = "\"forming\"")
            String after)
            implements Work {
        @Override
        public Pierce on(List<String> others) {
            return new Pierce(id, strand, others, part, diameterMm, after);
        }

        @Override
        public Pierce moved(String otherId, String otherStrand, String otherAfter) {
            return new Pierce(otherId, otherStrand, elements, part, diameterMm, otherAfter);
        }
    }

    /**
     * Dimple a blank.
     *
     * @param id name, unique in the piece
     * @param strand the strand worked on; empty: every strand
     * @param elements the elements worked on; none: the whole strand
     * @param part the blank
     * @param dimples how many dimples
     * @param after when: start, forming, an element id or another work id
     */
    record Dimple(
            @Term(value = "name of the work, unique in the piece", to = 60, position = true)
            String id,

            @Term(value = "the strand worked on; empty: every strand", to = 60, or = "\"\"")
            String strand,

            @Term(value = "the elements worked on; none: the whole strand", to = 400, or = "[]")
            List<String> elements,

            @Term(value = "the blank", from = 1, to = 60) String part,

            @Term(value = "how many dimples", from = 1, to = 10000, or = "1")
            int dimples,

            @Term(value = "when: start, forming, an element id or another work id", to = 60, or = "\"forming\"")
            String after)
            implements Work {
        @Override
        public Dimple on(List<String> others) {
            return new Dimple(id, strand, others, part, dimples, after);
        }

        @Override
        public Dimple moved(String otherId, String otherStrand, String otherAfter) {
            return new Dimple(otherId, otherStrand, elements, part, dimples, otherAfter);
        }
    }

    /**
     * Press between ring dies.
     *
     * @param id name, unique in the piece
     * @param strand the strand worked on; empty: every strand
     * @param elements the elements worked on; none: the whole strand
     * @param toMm thickness to press to, mm
     * @param with the tool
     * @param after when: start, forming, an element id or another work id
     */
    record Press(
            @Term(value = "name of the work, unique in the piece", to = 60, position = true)
            String id,

            @Term(value = "the strand worked on; empty: every strand", to = 60, or = "\"\"")
            String strand,

            @Term(value = "the elements worked on; none: the whole strand", to = 400, or = "[]")
            List<String> elements,

            @Term(value = "thickness to press to, mm", from = 0.01, to = 20)
            double toMm,

            @Term(value = "the tool", or = "\"die\"") With with,

            @Term(value = "when: start, forming, an element id or another work id", to = 60, or = "\"forming\"")
            String after)
            implements Work {
        @Override
        public Press on(List<String> others) {
            return new Press(id, strand, others, toMm, with, after);
        }

        @Override
        public Press moved(String otherId, String otherStrand, String otherAfter) {
            return new Press(otherId, otherStrand, elements, toMm, with, otherAfter);
        }
    }
}
