package org.etui.core.section;

import java.util.Optional;
import org.etui.core.check.Family;
import org.etui.core.check.Word;
import org.etui.core.measure.LengthFormat;

/** A section that wire is sold in. */
@Family("shape")
public sealed interface WireSection extends Section permits Round, HalfRound, Square, Flat {
    /** The gauge name it was bought by, if any. */
    Optional<GaugeLabel> label();

    /** The measures in words, such as {@code 1.29 mm} or {@code 3.00 × 1.20 mm flat}. */
    default String inWords() {
        String size = LengthFormat.hundredths(widthMm());
        if (this instanceof Round) {
            return size + " mm";
        }
        if (this instanceof Square) {
            return size + " mm square";
        }
        return size + " × " + LengthFormat.hundredths(thicknessMm()) + " mm " + Word.of(getClass());
    }
}
