package org.etui.core.job;

import java.util.Map;
import org.etui.core.check.Check;
import org.etui.core.check.Term;

/**
 * One size of a job.
 *
 * @param label what it is called, such as US 7; may be empty where there is one size only
 * @param quantity how many pieces
 * @param measures measures of the piece's pattern that are different in this size
 */
public record JobLine(
        @Term(value = "what it is called; may be empty where there is one size only", to = 60, or = "\"\"")
        String label,

        @Term(value = "how many pieces", from = 1, to = 1000)
        int quantity,

        @Term(value = "measures of the piece's pattern that are different in this size", or = "{}")
        Map<String, Object> measures) {

    /** @throws IllegalArgumentException if the quantity is out of range, or a measure neither number nor word */
    public JobLine {
        Check.within("quantity", quantity, 1, 1000);
        measures.forEach((name, value) -> Check.that(
                value instanceof Number || value instanceof String,
                "measures." + name + " must be a number or a word, was " + value));
        measures = Map.copyOf(measures);
    }
}
