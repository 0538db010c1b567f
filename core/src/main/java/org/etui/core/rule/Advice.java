package org.etui.core.rule;

import java.util.List;
import java.util.Optional;
import org.etui.core.check.Term;

/**
 * One thing worth saying about a piece.
 *
 * @param severity how bad it is
 * @param rule which rule says so
 * @param where path in the document, such as {@code strands.0.elements.2}
 * @param also paths of what it holds for as well
 * @param message what is the matter, one sentence
 * @param because why
 * @param instead a way out
 * @param fix the way out as a JSON Patch on the document, where one exists
 */
public record Advice(
        @Term("stop: this will fail; mind: this may disappoint; note: worth knowing")
        Severity severity,

        @Term("which rule says so") String rule,
        @Term("path in the document") String where,
        @Term("paths of what it holds for as well") List<String> also,
        @Term("what is the matter") String message,
        @Term("why") String because,
        @Term("a way out") String instead,
        @Term("the way out as a JSON Patch on the document") Optional<List<Patch>> fix) {

    /** Advice on one place. */
    Advice(
            Severity severity,
            String rule,
            String where,
            String message,
            String because,
            String instead,
            Optional<List<Patch>> fix) {
        this(severity, rule, where, List.of(), message, because, instead, fix);
    }

    /**
     * Two wires that want to be in one place.
     *
     * @param overlap how far they are in one another, in words
     * @param more what else does
     */
    public static Advice clash(String one, String other, String overlap, String more) {
        return new Advice(
                Severity.MIND,
                "clash",
                "strands",
                "The " + one + " and the " + other + " want to be in one place: they lie " + overlap
                        + " in one another." + more,
                "Two wires cannot lie where one is; what is drawn there cannot be bent so.",
                "Put one of them in another slot of the bundle, higher, or further along.",
                Optional.empty());
    }

    /**
     * A stone that can leave its wires.
     *
     * @param stone what it is called
     * @param where path of it
     * @param ways that it can go, in words
     * @param turns whether it turns out
     * @param falls whether it can fall out to the front or back
     */
    public static Advice loose(String stone, String where, List<String> ways, boolean turns, boolean falls) {
        String last = ways.get(ways.size() - 1);
        String all = ways.size() == 1 ? last : String.join(", ", ways.subList(0, ways.size() - 1)) + " and " + last;
        return new Advice(
                falls ? Severity.STOP : Severity.MIND,
                "stone-loose",
                where,
                "The " + stone + " can leave its wires: " + all + ".",
                "Wires round its edge hold it to no face; each way out has to be closed by wire that lies over the stone, and what"
                        + " only friction holds works loose (form closure, Reuleaux 1876).",
                turns && !falls
                        ? "Bend one more wire over it, away from the others, so that it cannot turn round them."
                        : "Bend wires over it, at two sides at least, or cross one over its middle.",
                Optional.empty());
    }

    /** A stone that only the friction of turns round it holds. */
    public static Advice gripped(String stone, String where) {
        return new Advice(
                Severity.MIND,
                "stone-gripped",
                where,
                "Only the grip of the turns holds the " + stone + ".",
                "Turns wound tight round it hold by friction; they work loose with wear (common practice).",
                "Bring two wires down over its tip, or glue it in as well.",
                Optional.empty());
    }

    /**
     * Wire that reaches too little over a stone.
     *
     * @param face front or back
     * @param bite how far inside the edge it lies, in words
     */
    public static Advice shallow(String stone, String where, String face, String bite) {
        return new Advice(
                Severity.MIND,
                "bite-small",
                where,
                "Over the " + face + " of the " + stone + " one wire lies only " + bite
                        + " inside its edge (estimate).",
                "Soft wire that reaches less than half a millimetre over the edge is pushed off it (engineering estimate).",
                "Bend it further over the " + face + ", or take one more.",
                Optional.empty());
    }

    /**
     * Ends of wires that stand free about a stone.
     *
     * @param wires whose ends they are, in words
     * @param gap by how much the freest stands off all else, in words
     */
    public static Advice snags(String wires, String gap) {
        return new Advice(
                Severity.MIND,
                "snags",
                "strands",
                "An end of the " + wires + " stands off stone and wires by " + gap + ": it catches on cloth and hair.",
                "An end that lies against wire or stone, or inside a curl, has nothing to catch with (common practice).",
                "Tuck it in, or roll it into a curl.",
                Optional.empty());
    }

    /** A bail that lies flat in the piece. */
    public static Advice lengthwise(String bail) {
        return new Advice(
                Severity.MIND,
                "bail-lengthwise",
                "strands",
                "The " + bail
                        + " lies flat in the piece: on a chain or cord it hangs turned by a quarter, edge to the front.",
                "What runs through a bail turns it square to itself (common practice).",
                "Turn its plane by 90°, or hang a jump ring in it.",
                Optional.empty());
    }

    /** What cannot be put together in any order. */
    public static Advice locked(String because, String instead) {
        return new Advice(
                Severity.STOP,
                "locked",
                "joins",
                because,
                "One has to be done before the other, whichever is begun with (common practice).",
                instead,
                Optional.empty());
    }

    /** How bad it is. */
    public enum Severity {
        /** This will fail. */
        STOP,
        /** This may disappoint. */
        MIND,
        /** Worth knowing. */
        NOTE
    }

    /**
     * One step of a JSON Patch (RFC 6902).
     *
     * @param op replace, add or remove
     * @param path JSON Pointer into the document
     * @param value the new value; absent for remove
     */
    public record Patch(
            @Term("replace, add or remove") String op,
            @Term("JSON Pointer into the document") String path,
            @Term("the new value") Optional<Object> value) {

        /** Replaces a value. */
        public static Patch replace(String path, Object value) {
            return new Patch("replace", path, Optional.of(value));
        }

        /** Puts a value in; at the end of a list where the path ends in {@code -}. */
        public static Patch add(String path, Object value) {
            return new Patch("add", path, Optional.of(value));
        }

        /** Takes a value out. */
        public static Patch remove(String path) {
            return new Patch("remove", path, Optional.empty());
        }
    }
}
