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
