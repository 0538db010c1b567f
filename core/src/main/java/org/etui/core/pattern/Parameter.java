package org.etui.core.pattern;

import java.math.BigDecimal;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.etui.core.check.BadInput;
import org.etui.core.check.Term;
import org.etui.core.element.Outline;

/**
 * A measure that a pattern asks for.
 *
 * @param name name in the document
 * @param title words on screen
 * @param unit mm, degrees, turns; points for a traced way round; empty for words
 * @param usual the default: a number or one of the choices
 * @param from the least number
 * @param to the greatest number
 * @param choices the words allowed, where it is a word
 * @param whole whether only whole numbers count
 * @param when the parameter and words, as name=word|word, that it counts with; empty: always
 * @param free whether it may be left free, to use up the wire at hand
 */
public record Parameter(
        @Term("name in the document") String name,
        @Term("words on screen") String title,

        @Term("mm, degrees, turns; points for a traced way round; empty for words")
        String unit,

        @Term("the default: a number or a word") Object usual,
        @Term("the least number") OptionalDouble from,
        @Term("the greatest number") OptionalDouble to,
        @Term("the words allowed, where it is a word") Optional<List<String>> choices,
        @Term("whether only whole numbers count") boolean whole,

        @Term("the parameter and words, as name=word|word, that it counts with")
        Optional<String> when,

        @Term("whether it may be left free, to use up the wire at hand")
        boolean free) {

    private static final String WAY = "points";
    private static final int MOST_POINTS = 120;
    private static final double LEAST_ROUND_MM = 15;
    private static final double MOST_ROUND_MM = 500;

    /**
     * What a parameter counts with.
     *
     * @param other the other parameter
     * @param words what that has to be
     */
    record Condition(String other, List<String> words) {}

    /** What it counts with; empty: always. */
    Optional<Condition> condition() {
        return when.map(w -> new Condition(
                w.substring(0, w.indexOf('=')),
                List.of(w.substring(w.indexOf('=') + 1).split("\\|"))));
    }

    /** The same, left free where the wire at hand is given. */
    Parameter leftFree() {
        return new Parameter(name, title, unit, usual, from, to, choices, whole, when, true);
    }

    /** A length in mm. */
    static Parameter mm(String name, String title, double usual, double from, double to) {
        return number(name, title, "mm", usual, from, to);
    }

    /** The same, counting only where another parameter has one of these words. */
    Parameter onlyWith(String other, String... words) {
        return new Parameter(
                name,
                title,
                unit,
                usual,
                from,
                to,
                choices,
                whole,
                Optional.of(other + "=" + String.join("|", words)),
                free);
    }

    /** A number in some unit. */
    static Parameter number(String name, String title, String unit, double usual, double from, double to) {
        return new Parameter(
                name,
                title,
                unit,
                usual,
                OptionalDouble.of(from),
                OptionalDouble.of(to),
                Optional.empty(),
                false,
                Optional.empty(),
                false);
    }

    /** A number of things. */
    static Parameter count(String name, String title, int usual, int from, int to) {
        return new Parameter(
                name,
                title,
                "",
                (double) usual,
                OptionalDouble.of(from),
                OptionalDouble.of(to),
                Optional.empty(),
                true,
                Optional.empty(),
                false);
    }

    /** A word, the first one usual. */
    static Parameter choice(String name, String title, String... words) {
        return new Parameter(
                name,
                title,
                "",
                words[0],
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                Optional.of(List.of(words)),
                false,
                Optional.empty(),
                false);
    }

    /** A way round as it was traced: pairs of figures, across and up, mm, divided by commas. */
    static Parameter way(String name, String title, String usual) {
        return new Parameter(
                name,
                title,
                WAY,
                usual,
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                Optional.empty(),
                false,
                Optional.empty(),
                false);
    }

    /** A traced way round as an outline about its own middle. */
    static Outline.Traced traced(String points) {
        return new Outline.Traced(
                Arrays.stream(points.split(","))
                        .map(pair -> Arrays.stream(pair.strip().split("\\s+"))
                                .map(Double::valueOf)
                                .toList())
                        .toList(),
                0);
    }

    private String checkedWay(Object value) {
        try {
            Outline.Traced outline = traced((String) value);
            double length = outline.round(1).lengthMm();
            if (outline.points().size() <= MOST_POINTS && length >= LEAST_ROUND_MM && length <= MOST_ROUND_MM) {
                return (String) value;
            }
        } catch (IllegalArgumentException | ClassCastException notAWay) {
            // Said below.
        }
        throw new BadInput(
                name,
                value,
                "must be from 3 to " + MOST_POINTS + " pairs of figures, across and up in mm, divided by commas, from "
                        + plain(LEAST_ROUND_MM) + " to " + plain(MOST_ROUND_MM) + " mm round");
    }

    private static String plain(double limit) {
        return BigDecimal.valueOf(limit).stripTrailingZeros().toPlainString();
    }

    /**
     * A value as this parameter allows it.
     *
     * @throws BadInput naming the parameter, the value and what is allowed
     */
    Object checked(Object value) {
        if (unit.equals(WAY)) {
            return checkedWay(value);
        }
        if (choices.isPresent()) {
            if (value instanceof String word && choices.get().contains(word)) {
                return word;
            }
            throw new BadInput(name, value, "must be one of " + String.join(", ", choices.get()));
        }
        double least = from.orElseThrow();
        double most = to.orElseThrow();
        boolean fits = value instanceof Number number && number.doubleValue() >= least && number.doubleValue() <= most;
        if (fits && (!whole || ((Number) value).doubleValue() % 1 == 0)) {
            return ((Number) value).doubleValue();
        }
        String what = whole ? "must be a whole number from " : "must be a number from ";
        throw new BadInput(name, value, (what + plain(least) + " to " + plain(most) + " " + unit).trim());
    }
}
