package org.etui.core.pattern;

import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.etui.core.measure.RingSize;
import org.etui.core.piece.Piece;

/**
 * The finger that a piece was made for.
 *
 * @param system how the maker names sizes
 * @param insideMm inside diameter of the finished ring, mm
 */
public record WornSize(RingSize system, double insideMm) {
    /** Of a piece that follows a pattern for the finger; named in US sizes where it was asked for by diameter. */
    public static Optional<WornSize> of(Piece piece) {
        return piece.source()
                .filter(s -> Remake.follows(piece))
                .flatMap(s -> Patterns.find(s.pattern()).flatMap(p -> of(p, s.parameters())));
    }

    private static Optional<WornSize> of(Pattern pattern, Map<String, Object> measures) {
        if (pattern.parameters().stream().noneMatch(p -> p.name().equals(Finger.SYSTEM))) {
            return Optional.empty();
        }
        Map<String, Object> known = new HashMap<>(measures);
        known.keySet()
                .retainAll(pattern.parameters().stream().map(Parameter::name).toList());
        Values values = Values.of(pattern.parameters(), known);
        String system = values.word(Finger.SYSTEM);
        return Optional.of(new WornSize(
                Finger.BY_DIAMETER.equals(system) ? RingSize.US : RingSize.valueOf(system.toUpperCase(Locale.ROOT)),
                Finger.sizeMm(values)));
    }

    /** The nearest size as the trade writes it, such as {@code US 7 1/4}; empty where the system does not go so far. */
    public String write(double inside) {
        double size = system.sizeOf(inside);
        return system.reaches(size) ? system + " " + system.write(size) : "";
    }
}
