package org.etui.core.colour;

import java.util.List;
import org.etui.core.check.Term;

/**
 * What came out of the maker's own baths.
 *
 * @param records in the order in which they were kept
 */
public record BathLog(
        @Term(value = "in the order in which they were kept", to = 2000, or = "[]")
        List<BathRecord> records) {
    /** None yet. */
    public static final BathLog EMPTY = new BathLog(List.of());

    /** Takes a copy. */
    public BathLog {
        records = List.copyOf(records);
    }
}
