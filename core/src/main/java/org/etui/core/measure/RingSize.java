package org.etui.core.measure;

import java.util.Locale;
import java.util.OptionalDouble;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.etui.core.check.Check;

/** Finger rings by the length of their inside, in the systems that makers meet. */
public enum RingSize {
    /** United States: (1.4216 + 0.1018·n) inches round the inside (GNU Units, ringsize), n from 0 to 16, in quarters. */
    US(1.4216 * 25.4, 0.1018 * 25.4, 0, 16, 4),
    /** United Kingdom: A is 37.5 mm round, each letter 1.25 mm more (BS 6820); A is 0 here, Z is 25; in halves. */
    UK(37.5, 1.25, 0, 25, 2),
    /** ISO 8653: the size is the length round the inside in mm, 38 to 76. */
    ISO(0, 1, 38, 76, 1);

    private static final Pattern NUMBER = Pattern.compile("(\\d{1,3}(?:[.,]\\d{1,3})?)?(?:\\s*(\\d)/(\\d))?");
    private static final Pattern LETTER = Pattern.compile("([A-Z])\\s*(1/2|[.,]5)?");

    private final double zeroMm;
    private final double stepMm;
    private final double least;
    private final double most;
    private final int parts;

    RingSize(double zeroMm, double stepMm, double least, double most, int parts) {
        this.zeroMm = zeroMm;
        this.stepMm = stepMm;
        this.least = least;
        this.most = most;
        this.parts = parts;
    }

    /**
     * Inside diameter of a size, mm.
     *
     * @throws IllegalArgumentException outside the range of the system
     */
    public double insideMm(double size) {
        return (zeroMm + stepMm * Check.within("size", size, least, most)) / Math.PI;
    }

    /** The size of an inside diameter, mm: not rounded, and not held to the range of the system. */
    public double sizeOf(double insideMm) {
        return (Math.PI * Check.positive("insideMm", insideMm) - zeroMm) / stepMm;
    }

    /** Whether the system has a size near a number. */
    public boolean reaches(double size) {
        return size >= least - 0.5 / parts && size <= most + 0.5 / parts;
    }

    /** The size as the trade writes it, to the nearest quarter, half letter or whole: {@code 7 1/4}, {@code N 1/2}, {@code 54}. */
    public String write(double size) {
        long count = Math.round(size * parts);
        long whole = Math.floorDiv(count, parts);
        long part = Math.floorMod(count, parts);
        String fraction = part == 0 ? "" : parts == 4 && part == 2 ? " 1/2" : " " + part + "/" + parts;
        return (this == UK ? String.valueOf((char) ('A' + whole)) : Long.toString(whole)) + fraction;
    }

    /**
     * Reads a size as the trade writes it: {@code 7}, {@code 7 1/4}, {@code 7.25}, {@code N}, {@code N 1/2}.
     *
     * @return empty where it cannot be read or the system does not go so far
     */
    public OptionalDouble read(String text) {
        String tidy = text.strip().toUpperCase(Locale.ROOT).replace("½", " 1/2").replace("¼", " 1/4");
        OptionalDouble size = this == UK ? letter(tidy) : number(tidy.replace("¾", " 3/4"));
        return size.isPresent() && size.getAsDouble() >= least && size.getAsDouble() <= most
                ? size
                : OptionalDouble.empty();
    }

    private static OptionalDouble letter(String tidy) {
        Matcher letter = LETTER.matcher(tidy);
        return letter.matches()
                ? OptionalDouble.of(letter.group(1).charAt(0) - 'A' + (letter.group(2) == null ? 0 : 0.5))
                : OptionalDouble.empty();
    }

    private static OptionalDouble number(String tidy) {
        Matcher number = NUMBER.matcher(tidy);
        if (tidy.isEmpty() || !number.matches()) {
            return OptionalDouble.empty();
        }
        double whole =
                number.group(1) == null ? 0 : Double.parseDouble(number.group(1).replace(',', '.'));
        if (number.group(2) == null) {
            return OptionalDouble.of(whole);
        }
        double below = Double.parseDouble(number.group(3));
        return below == 0
                ? OptionalDouble.empty()
                : OptionalDouble.of(whole + Double.parseDouble(number.group(2)) / below);
    }

    /** The least size. */
    public double least() {
        return least;
    }

    /** The greatest size. */
    public double most() {
        return most;
    }
}
