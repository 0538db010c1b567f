package org.etui.core.measure;

import java.util.Arrays;
import java.util.List;
import org.etui.core.check.Check;
import org.etui.core.check.Term;

/**
 * What a girth on the body asks of a piece.
 *
 * @param roundMm length round the inside of the piece, mm
 * @param insideMm inside diameter, mm
 * @param lengthMm length along the middle of the wire, mm: what links or a chain must come to
 * @param rings the nearest size in each ring system, for what a finger wears
 * @param because how it is worked out
 */
public record Sizing(
        @Term("length round the inside of the piece, mm") double roundMm,
        @Term("inside diameter, mm") double insideMm,

        @Term("length along the middle of the wire, mm: what links or a chain must come to")
        double lengthMm,

        @Term("the nearest size in each ring system") List<Ring> rings,
        @Term("how it is worked out") String because) {

    /** What is worn. */
    public enum Worn {
        /** A finger ring. */
        RING(0),
        /** A closed bangle, slipped over the closed hand at its widest. */
        BANGLE(0),
        /** A bangle that opens, or a cuff, round the wrist. */
        OPENING_BANGLE(10),
        /** A bracelet of links or chain round the wrist. */
        BRACELET(15),
        /** A chain round the neck. */
        CHAIN(50);

        private final double easeMm;

        Worn(double easeMm) {
            this.easeMm = easeMm;
        }

        /** Ease that is usual, mm (common practice: 10 for what opens, 15 for a bracelet, 50 for a chain, none for the rest). */
        public double easeMm() {
            return easeMm;
        }
    }

    /**
     * A ring size.
     *
     * @param system the ring system
     * @param size as the trade writes it
     */
    public record Ring(
            @Term("the ring system") RingSize system,
            @Term("as the trade writes it") String size) {}

    /** A band wider than this feels tighter (common practice). */
    private static final double WIDE_MM = 6;

    /** What a wide band is made larger by, round the inside: half a US size (common practice). */
    private static final double WIDE_EASE_MM = 0.5 * 0.1018 * 25.4;

    /**
     * Works out a size.
     *
     * @param worn what it is
     * @param girthMm of the finger, of the closed hand at its widest, of wrist or neck, mm
     * @param easeMm how much longer than the girth it lies, mm, 0 or more
     * @param thicknessMm how far it stands off the skin, mm: a length along its middle is longer by π times that
     * @param widthMm width along the finger, mm: half a US size is added above 6 mm
     */
    public static Sizing of(Worn worn, double girthMm, double easeMm, double thicknessMm, double widthMm) {
        Check.positive("girthMm", girthMm);
        Check.within("easeMm", easeMm, 0, 500);
        double wide = worn == Worn.RING && widthMm > WIDE_MM ? WIDE_EASE_MM : 0;
        double round = girthMm + easeMm + wide;
        double inside = round / Math.PI;
        List<Ring> rings = worn == Worn.RING
                ? Arrays.stream(RingSize.values())
                        .filter(s -> s.reaches(s.sizeOf(inside)))
                        .map(s -> new Ring(s, s.write(s.sizeOf(inside))))
                        .toList()
                : List.of();
        return new Sizing(round, inside, round + Math.PI * thicknessMm, rings, because(worn, wide > 0));
    }

    private static String because(Worn worn, boolean wide) {
        String first = switch (worn) {
            case RING ->
                "girth of the finger where the ring must pass" + (wide ? ", half a US size more for a wide band" : "");
            case BANGLE -> "girth of the closed hand over its widest part, not of the wrist";
            case OPENING_BANGLE -> "girth of the wrist and the ease: it opens, so it need not pass the hand";
            case BRACELET -> "girth of the wrist and the ease";
            case CHAIN -> "girth of the neck and the ease";
        };
        return first + "; inside = round / π; along the middle of the wire round + π × thickness (common practice)";
    }
}
