package org.etui.core.piece;

import java.util.Map;
import org.etui.core.check.Check;
import org.etui.core.check.Term;

/**
 * The pattern that a piece came from.
 *
 * @param pattern name of the pattern
 * @param parameters the measures it was made with: numbers, words, true or false
 * @param detached whether elements were changed since
 */
public record Source(
        @Term(value = "name of the pattern", from = 1, to = 60)
        String pattern,

        @Term(value = "the measures it was made with", or = "{}")
        Map<String, Object> parameters,

        @Term(value = "whether elements were changed since", or = "false")
        boolean detached) {

    /** @throws IllegalArgumentException if a parameter is neither number, text nor true or false */
    public Source {
        parameters.forEach((name, value) -> Check.that(
                value instanceof Number || value instanceof String || value instanceof Boolean,
                "source.parameters." + name + " must be a number, a word, true or false, was " + value));
        parameters = Map.copyOf(parameters);
    }

    /** The same, no longer followed. */
    public Source asDetached() {
        return new Source(pattern, parameters, true);
    }
}
