package org.etui.core.pattern;

import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.etui.core.check.BadInput;
import org.etui.core.check.Check;
import org.etui.core.check.Violation;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Purpose;
import org.etui.core.wire.Wire;
import org.etui.core.work.StrandWork;

/**
 * A pattern asked the other way: how far a length of wire goes. One measure is left free, and becomes as large as the wire lets it; what is cut
 * for all wires of the pattern's own wire, with handle and spare, is at most what is at hand.
 */
final class AtHand {
    /** So many steps further it is looked whether the wire is enough again. */
    private static final int LOOK_ON = 8;

    static final double SAME_MM = 1e-9;

    /** A measure is made a whole number of these: no hand is finer (common practice). */
    private static final Map<String, Double> STEPS = Map.of("degrees", 1.0, "turns", 0.05, "mm", 0.1);

    private final Pattern pattern;
    private final Parameter free;
    private final Map<String, Object> given;
    private final Wire wire;
    private final Optional<Purpose> purpose;
    private final double atHandMm;

    private AtHand(
            Pattern pattern,
            Parameter free,
            Map<String, Object> given,
            Wire wire,
            Optional<Purpose> purpose,
            double atHandMm) {
        this.pattern = pattern;
        this.free = free;
        this.given = given;
        this.wire = wire;
        this.purpose = purpose;
        this.atHandMm = atHandMm;
    }

    /**
     * The measures that use up a length of wire.
     *
     * @param given the others; what is given of the free one is not looked at
     * @param atHandMm the wire at hand, mm
     * @throws BadInput if even the least takes more, naming what lacks; if a measure given is unknown or out of range
     */
    static Map<String, Object> measures(
            Pattern pattern, Map<String, Object> given, Wire wire, Optional<Purpose> purpose, double atHandMm) {
        AtHand solver = of(pattern, given, wire, purpose, atHandMm);
        Map<String, Object> asked = new HashMap<>(solver.given);
        asked.put(solver.free.name(), solver.most());
        return asked;
    }

    /** The same question, not answered yet. */
    static AtHand of(
            Pattern pattern, Map<String, Object> given, Wire wire, Optional<Purpose> purpose, double atHandMm) {
        if (!(atHandMm > 0 && atHandMm <= Check.GREATEST)) {
            throw new BadInput("wireMm", atHandMm, "must be above 0 and at most 100000 mm");
        }
        Parameter free = free(pattern, Values.of(pattern.parameters(), without(given, pattern)));
        Map<String, Object> asked = new HashMap<>(given);
        free.condition().ifPresent(when -> {
            if (!when.words()
                    .contains(String.valueOf(asked.getOrDefault(when.other(), usual(pattern, when.other()))))) {
                asked.put(when.other(), when.words().get(0));
            }
        });
        return new AtHand(pattern, free, asked, wire, purpose, atHandMm);
    }

    /** The measure that is left free. */
    Parameter free() {
        return free;
    }

    /** What the least of the free measure takes, mm. */
    double leastMm() {
        return cutMm(free.from().orElseThrow());
    }

    /** What is given without the measures that may be left free: they are not checked. */
    private static Map<String, Object> without(Map<String, Object> given, Pattern pattern) {
        Map<String, Object> other = new HashMap<>(given);
        pattern.parameters().stream().filter(Parameter::free).forEach(p -> other.remove(p.name()));
        return other;
    }

    /** The measure that is left free: the first that counts, else the first. */
    private static Parameter free(Pattern pattern, Values values) {
        List<Parameter> may =
                pattern.parameters().stream().filter(Parameter::free).toList();
        return may.stream()
                .filter(p -> p.condition()
                        .filter(c -> !c.words().contains(values.word(c.other())))
                        .isEmpty())
                .findFirst()
                .orElse(may.get(0));
    }

    private static Object usual(Pattern pattern, String name) {
        return pattern.parameters().stream()
                .filter(p -> p.name().equals(name))
                .findFirst()
                .orElseThrow()
                .usual();
    }

    /** The greatest value, in whole steps from the least, for which the wire is enough. */
    double most() {
        double least = free.from().orElseThrow();
        double step = free.whole() ? 1 : STEPS.getOrDefault(free.unit(), 1.0);
        double needs = leastMm();
        if (needs > atHandMm + SAME_MM) {
            throw new BadInput(List.of(new Violation(
                    "wireMm",
                    String.valueOf(atHandMm),
                    String.format(
                            Locale.ROOT,
                            "must be at least %.1f mm, %.1f mm more: even the least, %s %s, takes that much",
                            needs,
                            needs - atHandMm,
                            free.title(),
                            (least + " " + free.unit()).trim()))));
        }
        int can = 0;
        int cannot = (int) Math.floor((free.to().orElseThrow() - least) / step + SAME_MM) + 1;
        while (cannot - can > 1) {
            int middle = (can + cannot) / 2;
            if (isEnough(tidy(least + middle * step))) {
                can = middle;
            } else {
                cannot = middle;
            }
        }
        // Cut lengths are rounded wire by wire, so that a step more may take less: the last of the next few that does.
        int most = (int) Math.floor((free.to().orElseThrow() - least) / step + SAME_MM);
        for (int next = Math.min(most, can + LOOK_ON); next > can; next--) {
            if (isEnough(tidy(least + next * step))) {
                can = next;
            }
        }
        return tidy(least + can * step);
    }

    private static double tidy(double value) {
        return Math.round(value * 1e6) / 1e6;
    }

    /** What the pattern refuses for its own reasons is too much as well. */
    private boolean isEnough(double value) {
        try {
            return cutMm(value) <= atHandMm + SAME_MM;
        } catch (BadInput refused) {
            return false;
        }
    }

    /** What is cut of the wire with a value of the free measure, mm. */
    private double cutMm(double value) {
        Map<String, Object> values = new HashMap<>(given);
        values.put(free.name(), value);
        Piece piece = pattern.make(values, Optional.of(wire), purpose);
        return piece.strands().stream()
                .filter(s -> s.wire().equals(wire))
                .mapToDouble(s -> s.count() * StrandWork.of(piece, s).cutMm())
                .sum();
    }
}
