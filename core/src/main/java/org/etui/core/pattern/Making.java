package org.etui.core.pattern;

import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.etui.core.check.BadInput;
import org.etui.core.check.Term;
import org.etui.core.wire.Wire;

/**
 * What a wire at hand makes of a pattern with all other measures usual.
 *
 * @param pattern its name
 * @param measure the measure that takes what wire there is
 * @param unit its unit
 * @param whole whether only whole numbers count
 * @param most how large that becomes; empty where the wire is not enough, or is refused
 * @param lacksMm how much more wire even the least takes, mm; empty where it is enough
 * @param refused why the pattern cannot be made of such wire at all
 */
public record Making(
        @Term("name of the pattern") String pattern,

        @Term("the measure that takes what wire there is") String measure,

        @Term("its unit") String unit,
        @Term("whether only whole numbers count") boolean whole,

        @Term("how large that becomes; absent where the wire is not enough")
        OptionalDouble most,

        @Term("how much more wire even the least takes, mm; absent where it is enough")
        OptionalDouble lacksMm,

        @Term("why it cannot be made of such wire at all") Optional<String> refused) {
    /**
     * Of one pattern.
     *
     * @param atHandMm the wire at hand, handle and spare included, mm
     * @throws BadInput if there is no such length
     */
    public static Making of(Pattern pattern, Wire wire, double atHandMm) {
        AtHand hand = AtHand.of(pattern, Map.of(), wire, Optional.empty(), atHandMm);
        Parameter free = hand.free();
        OptionalDouble most = OptionalDouble.empty();
        OptionalDouble lacks = OptionalDouble.empty();
        Optional<String> refused = Optional.empty();
        try {
            double needs = hand.leastMm();
            if (needs > atHandMm + AtHand.SAME_MM) {
                lacks = OptionalDouble.of(needs - atHandMm);
            } else {
                most = OptionalDouble.of(hand.most());
            }
        } catch (BadInput impossible) {
            refused = Optional.of(impossible.violations().get(0).limit());
        }
        return new Making(pattern.name(), free.title(), free.unit(), free.whole(), most, lacks, refused);
    }
}
