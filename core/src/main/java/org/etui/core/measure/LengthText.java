package org.etui.core.measure;

import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.etui.core.check.BadInput;
import org.etui.core.check.Check;
import org.etui.core.check.Term;

/**
 * The one reader of lengths as makers write them: {@code 64}, {@code 6.4cm}, {@code 1,25}, {@code 2 1/2in},
 * {@code 2-1/2"}, {@code 14awg}, {@code 16swg}, {@code 1 finger}.
 *
 * @param mm the length in mm, above 0 and at most 100,000
 * @param understood what was understood, in words, such as {@code 2 1/2 inches}
 */
public record LengthText(
        @Term("the length, mm") double mm,
        @Term("what was understood, in words") String understood) {

    private static final double INCH_MM = 25.4;
    private static final String GLYPHS = "½¼¾⅛⅜⅝⅞";
    private static final String[] GLYPH_TEXT = {"1/2", "1/4", "3/4", "1/8", "3/8", "5/8", "7/8"};
    private static final Pattern MIXED = Pattern.compile("(\\d+)(?:\\s+|\\s*-\\s*|\\s*\\+\\s*)(\\d+)/(\\d+)(.*)");
    private static final Pattern FRACTION = Pattern.compile("(\\d+)/(\\d+)(.*)");
    private static final Pattern DECIMAL = Pattern.compile("(\\d+(?:[.,]\\d+)?|[.,]\\d+)(.*)");
    private static final Pattern GAUGE = Pattern.compile("(\\d+(?:/0)?)\\s*(?:ga\\.?\\s*)?(awg|swg)");
    private static final String ALLOWED =
            "a length above 0, at most 100,000 mm, such as 64, 6.4cm, 2 1/2in, 14awg, 16swg or a named measure";

    /**
     * Reads a length.
     *
     * @param text what was typed
     * @param bare the unit of a number without one
     * @param personal named personal measures in mm, such as finger → 18
     * @throws BadInput naming what was understood and what is allowed
     */
    public static LengthText parse(String text, Units bare, Map<String, Double> personal) {
        String tidy = tidy(text);
        Matcher gauge = GAUGE.matcher(tidy);
        if (gauge.matches()) {
            return ofGauge(text, gauge);
        }
        Matcher mixed = MIXED.matcher(tidy);
        if (mixed.matches()) {
            double part = over(text, mixed.group(2), mixed.group(3));
            return of(text, Integer.parseInt(limited(text, mixed.group(1))) + part, mixed.group(4), bare, personal);
        }
        Matcher fraction = FRACTION.matcher(tidy);
        if (fraction.matches()) {
            return of(text, over(text, fraction.group(1), fraction.group(2)), fraction.group(3), bare, personal);
        }
        Matcher decimal = DECIMAL.matcher(tidy);
        if (decimal.matches()) {
            double number = Double.parseDouble(decimal.group(1).replace(',', '.'));
            return of(text, number, decimal.group(2), bare, personal);
        }
        if (personal.containsKey(tidy)) {
            return of(text, 1, tidy, bare, personal);
        }
        throw new BadInput("text", text, "no number was found in it; allowed is " + ALLOWED);
    }

    /** Reads a length without personal measures, bare numbers in mm. */
    public static LengthText parse(String text) {
        return parse(text, Units.MM, Map.of());
    }

    private static String tidy(String text) {
        String tidy = text.strip().toLowerCase(Locale.ROOT).replace('−', '-').replace(' ', ' ');
        for (int i = 0; i < GLYPHS.length(); i++) {
            tidy = tidy.replaceAll("(?<=\\d)\\s*" + GLYPHS.charAt(i), " " + GLYPH_TEXT[i])
                    .replace(String.valueOf(GLYPHS.charAt(i)), GLYPH_TEXT[i]);
        }
        return tidy.replaceAll("\\s+", " ").replaceAll("\\s*[/⁄]\\s*", "/");
    }

    private static LengthText ofGauge(String text, Matcher gauge) {
        GaugeSystem system = GaugeSystem.valueOf(gauge.group(2).toUpperCase(Locale.ROOT));
        return system.find(gauge.group(1))
                .map(g -> new LengthText(g.diameterMm(), system + " " + g.number()))
                .orElseThrow(() -> new BadInput(
                        "text",
                        text,
                        "read as a gauge; " + system + " goes from "
                                + system.all().get(0).number() + " to 40"));
    }

    private static LengthText of(String text, double number, String unit, Units bare, Map<String, Double> personal) {
        String word = unit.strip().replaceAll("\\.$", "");
        double scale = switch (word) {
            case "" -> bare == Units.MM ? 1 : INCH_MM;
            case "mm", "millimetre", "millimetres", "millimeter", "millimeters" -> 1;
            case "cm", "centimetre", "centimetres", "centimeter", "centimeters" -> 10;
            case "m", "metre", "metres", "meter", "meters" -> 1000;
            case "in", "inch", "inches", "\"", "″", "”", "''" -> INCH_MM;
            default -> personalMm(text, word, personal);
        };
        double mm = number * scale;
        if (!(mm > 0 && mm <= Check.GREATEST)) {
            throw new BadInput("text", text, "read as " + mm + " mm; allowed is " + ALLOWED);
        }
        return new LengthText(mm, words(number, word, bare));
    }

    private static double personalMm(String text, String word, Map<String, Double> personal) {
        Double mm = personal.get(word);
        if (mm == null && word.endsWith("s")) {
            mm = personal.get(word.substring(0, word.length() - 1));
        }
        if (mm == null) {
            throw new BadInput(
                    "text", text, "“" + word + "” is no unit and no measure of yours; allowed is " + ALLOWED);
        }
        return mm;
    }

    private static double over(String text, String top, String bottom) {
        int below = Integer.parseInt(limited(text, bottom));
        if (below == 0) {
            throw new BadInput("text", text, "a fraction over 0 has no size; allowed is " + ALLOWED);
        }
        return Integer.parseInt(limited(text, top)) / (double) below;
    }

    private static String limited(String text, String digits) {
        if (digits.length() > 7) {
            throw new BadInput("text", text, "a number of " + digits.length() + " digits; allowed is " + ALLOWED);
        }
        return digits;
    }

    private static String words(double number, String word, Units bare) {
        String unit = switch (word) {
            case "" -> bare == Units.MM ? "mm" : "in";
            case "inch", "inches", "\"", "″", "”", "''" -> "in";
            default -> word;
        };
        if (unit.equals("in")) {
            LengthFormat exact = new LengthFormat(Units.IN32);
            double mm = number * INCH_MM;
            boolean whole32 = Math.abs(number * 32 - Math.rint(number * 32)) < 1e-9;
            return whole32 ? exact.write(mm, Rounding.NEAREST) : plain(number) + " in";
        }
        return plain(number) + " " + unit;
    }

    private static String plain(double number) {
        return new java.math.BigDecimal(String.format(Locale.ROOT, "%.4f", number))
                .stripTrailingZeros()
                .toPlainString();
    }
}
