package org.etui.core.section;

import java.util.Optional;
import org.etui.core.check.Family;
import org.etui.core.measure.LengthFormat;

/** A section that wire is sold in. */
@Family("shape")
public sealed interface WireSection extends Section permits Round, HalfRound, Square, Flat {
    /** The gauge name it was bought by, if any. */
    Optional<GaugeLabel> label();

    /** What its shape is called behind its measures; empty for round wire. */
    String shapeInWords();

    /** The measures in words, such as {@code 1.29 mm} or {@code 3.00 × 1.20 mm flat}. */
    default String inWords(LengthFormat format) {
        String across = format.say(widthMm(), 2);
        if (widthMm() == thicknessMm()) {
            return shapeInWords().isEmpty() ? across : across + " " + shapeInWords();
        }
        String both = across.replaceFirst(" (mm|in)$", "") + " × " + format.say(thicknessMm(), 2);
        return both + " " + shapeInWords();
    }
}
