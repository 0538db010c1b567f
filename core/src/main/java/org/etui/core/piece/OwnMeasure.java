package org.etui.core.piece;

import java.util.List;
import org.etui.core.check.Check;
import org.etui.core.check.Term;

/**
 * A measure that the maker has named: fields of elements that change together. A field that is not there, since its element was taken out, is
 * passed over.
 *
 * @param title words on screen
 * @param of the fields, each as strand.element.field, such as {@code link.first-loop.insideMm}
 */
public record OwnMeasure(
        @Term(value = "words on screen", from = 1, to = 60) String title,

        @Term(value = "the fields that change together, each as strand.element.field", from = 1, to = 100)
        List<String> of) {
    private static final int LEAST_NAMES = 3;

    /** @throws IllegalArgumentException if it has no title, or no field, or one that is not strand.element.field */
    public OwnMeasure {
        Check.that(!title.isBlank(), "title must have words");
        Check.that(!of.isEmpty(), "of must hold at least one");
        of.forEach(field -> Check.that(
                field.split("\\.").length >= LEAST_NAMES, () -> "of must be strand.element.field, was " + field));
        of = List.copyOf(of);
    }
}
