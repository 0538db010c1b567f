package org.etui.core.pattern;

import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import org.etui.core.measure.RingSize;

/** What is worn on a finger: its size, and how much wider it is wound where something lies on its inside. */
final class Finger {
    private static final String[] LETTERS = {
        "N", "A", "B", "C", "D", "E", "F", "G", "H", "I", "J", "K", "L", "M", "O", "P", "Q", "R", "S", "T", "U", "V",
        "W", "X", "Y", "Z"
    };

    static final String SYSTEM = "system";
    static final String BY_DIAMETER = "inside diameter";

    private Finger() {}

    /** The size in one of the systems, before what a form asks besides. */
    static List<Parameter> measures(Parameter... more) {
        return Stream.concat(
                        Stream.of(
                                Parameter.choice(SYSTEM, "ring size in", "US", "UK", "ISO", BY_DIAMETER),
                                Parameter.number("usSize", "US size", "", 7, 0, 16)
                                        .onlyWith(SYSTEM, "US"),
                                Parameter.choice("ukSize", "UK size", LETTERS).onlyWith(SYSTEM, "UK"),
                                Parameter.number("isoSize", "ISO size", "", 54, 38, 76)
                                        .onlyWith(SYSTEM, "ISO"),
                                Parameter.mm("insideMm", "inside diameter", 17.3, 10, 30)
                                        .onlyWith(SYSTEM, BY_DIAMETER)),
                        Stream.of(more))
                .toList();
    }

    /** The inside diameter that a piece's size asks for, mm. */
    static double sizeMm(Values values) {
        return switch (values.word(SYSTEM)) {
            case "UK" -> RingSize.UK.insideMm(values.word("ukSize").charAt(0) - 'A');
            case "ISO" -> RingSize.ISO.insideMm(values.number("isoSize"));
            case BY_DIAMETER -> values.number("insideMm");
            default -> RingSize.US.insideMm(values.number("usSize"));
        };
    }

    /** Why a ring is wound wider than its size. */
    static String told(double woundMm, double freeMm) {
        return String.format(
                Locale.ROOT,
                "Wound to %.1f mm inside, %.1f mm wider than the size: the tails lie on its inside.",
                woundMm,
                woundMm - freeMm);
    }

    /**
     * The widest circle in a ring that has a wire's thickness on its inside at two places, and touches it across from the middle between them, mm: of
     * radius (p² + R² + 2pR·cos φ)/2(R + p·cos φ), R the ring inside, p that less the thickness (from the triangle of both middles and one place).
     *
     * @param insideMm of the ring
     * @param thicknessMm of what lies there
     * @param downRad φ, how far either place is from the middle between them
     */
    static double freeMm(double insideMm, double thicknessMm, double downRad) {
        double inside = insideMm / 2;
        double place = inside - thicknessMm;
        double cosine = Math.cos(downRad);
        return (place * place + inside * inside + 2 * place * inside * cosine) / (inside + place * cosine);
    }
}
