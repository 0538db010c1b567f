package org.etui.core.measure;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.etui.core.check.BadInput;
import org.etui.core.check.Check;
import org.etui.core.check.Term;

/**
 * The one reader of lengths as makers write them: {@code 64}, {@code 6.4cm}, {@code 1,25}, {@code 2 1/2in},
 * {@code 2-1/2"}, {@code 64 thou}, {@code 14awg}, {@code swg 16}, {@code 1 finger}, {@code us 7}, {@code 203mm round},
 * {@code 170mm + 1/2in}, {@code two fingers}. A word that is neither unit nor measure is refused by the path {@code measures.WORD}: so a screen knows what to
 * ask for.
 *
 * @param mm the length in mm, above 0 and at most 100,000
 * @param understood what was understood, in words, such as {@code 2 1/2 in}
 */
public record LengthText(
        @Term("the length, mm") double mm,
        @Term("what was understood, in words") String understood) {

    private static final double INCH_MM = 25.4;
    private static final double FOOT_MM = 12 * INCH_MM;
    private static final double THOU_MM = INCH_MM / 1000;
    private static final String GLYPHS = "½¼¾⅛⅜⅝⅞";
    private static final String[] GLYPH_TEXT = {"1/2", "1/4", "3/4", "1/8", "3/8", "5/8", "7/8"};
    private static final Pattern MIXED = Pattern.compile("(\\d+)(?:\\s+|\\s*-\\s*|\\s*\\+\\s*)(\\d+)/(\\d+)(.*)");
    private static final Pattern FRACTION = Pattern.compile("(\\d+)/(\\d+)(.*)");
    private static final Pattern DECIMAL = Pattern.compile("(\\d+(?:[.,]\\d+)?|[.,]\\d+)(.*)");
    private static final Pattern GAUGE = Pattern.compile("(\\d+(?:/0)?)\\s*(?:ga\\.?\\s*)?(awg|swg)");
    private static final Pattern GAUGE_FIRST = Pattern.compile("(awg|swg)\\s*#?(\\d+(?:/0)?)");
    private static final Pattern BARE_GAUGE =
            Pattern.compile("(?:#\\s*\\d+(?:/0)?|\\d+(?:/0)?\\s*(?:ga|gauge|g)\\.?|(?:ga|gauge)\\.?\\s*\\d+(?:/0)?)");
    private static final Pattern RING = Pattern.compile("(?:ring\\s+)?(us|uk|iso)(?:\\s+(?:ring|size))*\\s*(\\S.*)");
    private static final Pattern ROUND = Pattern.compile("(.*\\S)\\s+(?:round|around|girth)");
    private static final String TYPE = "type a length, such as 64, 2 1/2in or 14awg";
    private static final String ABOVE = "must be above 0";

    /** A count in words, at most a dozen; {@code a finger} is one. */
    private static final List<String> COUNTS =
            List.of("one", "two", "three", "four", "five", "six", "seven", "eight", "nine", "ten", "eleven", "twelve");

    private static final Pattern COUNTED = Pattern.compile("(half an?|an?|" + String.join("|", COUNTS) + ") (\\D+)");

    /**
     * Reads a length. A ring size stands for its inside diameter, and so does a girth with {@code round} after it.
     *
     * @param text what was typed
     * @param bare the unit of a number without one
     * @param personal named personal measures in mm, in small letters, such as finger → 18
     * @throws BadInput naming what was understood and what is allowed; its path is {@code measures.NAME} where a word is
     *     neither a unit nor a measure that was named
     */
    public static LengthText parse(String text, Units bare, Map<String, Double> personal) {
        String tidy = tidy(text);
        Matcher round = ROUND.matcher(tidy);
        if (round.matches()) {
            LengthText girth = new Reading(text, bare, personal).sum(round.group(1));
            return new LengthText(
                    girth.mm() / Math.PI,
                    girth.understood() + " round, " + hundredths(girth.mm() / Math.PI) + " mm across");
        }
        return new Reading(text, bare, personal).sum(tidy);
    }

    /** Reads a length without personal measures, bare numbers in mm. */
    public static LengthText parse(String text) {
        return parse(text, Units.MM, Map.of());
    }

    private static String tidy(String text) {
        String tidy = text.strip().toLowerCase(Locale.ROOT).replace('−', '-').replace('\u00a0', ' ');
        for (int i = 0; i < GLYPHS.length(); i++) {
            tidy = tidy.replaceAll("(?<=\\d)\\s*" + GLYPHS.charAt(i), " " + GLYPH_TEXT[i])
                    .replace(String.valueOf(GLYPHS.charAt(i)), GLYPH_TEXT[i]);
        }
        return tidy.replaceAll("\\s+", " ").replaceAll("\\s*[/⁄]\\s*", "/");
    }

    private static String hundredths(double mm) {
        return LengthFormat.hundredths(mm);
    }

    private static String plain(double number) {
        return new BigDecimal(String.format(Locale.ROOT, "%.4f", number))
                .stripTrailingZeros()
                .toPlainString();
    }

    /**
     * One reading.
     *
     * @param text what was typed, for what is said of it
     * @param bare the unit of a number without one
     * @param personal named personal measures, mm
     */
    private record Reading(String text, Units bare, Map<String, Double> personal) {

        /** Terms with a plus between them; {@code 2 + 1/2 in} is one. */
        LengthText sum(String tidy) {
            if (!tidy.contains("+") || MIXED.matcher(tidy).matches()) {
                return term(tidy);
            }
            double mm = 0;
            List<String> words = new ArrayList<>();
            for (String each : tidy.split("\\+", -1)) {
                LengthText term = term(each.strip());
                mm += term.mm();
                words.add(term.understood());
            }
            return checked(mm, String.join(" + ", words));
        }

        private LengthText term(String tidy) {
            Matcher gauge = GAUGE.matcher(tidy);
            if (gauge.matches()) {
                return gauge(gauge.group(2), gauge.group(1));
            }
            Matcher gaugeFirst = GAUGE_FIRST.matcher(tidy);
            if (gaugeFirst.matches()) {
                return gauge(gaugeFirst.group(1), gaugeFirst.group(2));
            }
            Double named = personal.get(tidy);
            if (named != null) {
                return checked(named, "1 " + tidy);
            }
            if (BARE_GAUGE.matcher(tidy).matches()) {
                throw refused("read as a gauge, but not in which system: write " + tidy.replaceAll("[^0-9/]", "")
                        + "awg or " + tidy.replaceAll("[^0-9/]", "") + "swg");
            }
            Matcher ring = RING.matcher(tidy);
            if (ring.matches()) {
                return ring(RingSize.valueOf(ring.group(1).toUpperCase(Locale.ROOT)), ring.group(2));
            }
            if (tidy.startsWith("-")) {
                throw refused(ABOVE);
            }
            Matcher counted = COUNTED.matcher(tidy);
            return counted.matches() ? of(count(counted.group(1)), counted.group(2)) : number(tidy);
        }

        private static double count(String word) {
            return word.startsWith("half") ? 0.5 : 1 + Math.max(0, COUNTS.indexOf(word));
        }

        private LengthText number(String tidy) {
            Matcher mixed = MIXED.matcher(tidy);
            if (mixed.matches()) {
                double part = over(mixed.group(2), mixed.group(3));
                return of(Integer.parseInt(limited(mixed.group(1))) + part, mixed.group(4));
            }
            Matcher fraction = FRACTION.matcher(tidy);
            if (fraction.matches()) {
                return of(over(fraction.group(1), fraction.group(2)), fraction.group(3));
            }
            Matcher decimal = DECIMAL.matcher(tidy);
            if (decimal.matches()) {
                return of(Double.parseDouble(decimal.group(1).replace(',', '.')), decimal.group(2));
            }
            if (PersonalMeasure.isName(tidy)) {
                throw unknown(tidy, tidy);
            }
            throw refused(tidy.isEmpty() ? TYPE : "there is no number in it: " + TYPE);
        }

        private LengthText gauge(String word, String number) {
            GaugeSystem system = GaugeSystem.valueOf(word.toUpperCase(Locale.ROOT));
            return system.find(number)
                    .map(g -> new LengthText(g.diameterMm(), system + " " + g.number()))
                    .orElseThrow(() -> refused("read as a gauge; " + system + " goes from "
                            + system.all().get(0).number() + " to 40"));
        }

        private LengthText ring(RingSize system, String size) {
            double read = system.read(size)
                    .orElseThrow(() -> refused("read as a ring size; " + system + " goes from "
                            + system.write(system.least()) + " to " + system.write(system.most())));
            double mm = system.insideMm(read);
            return new LengthText(
                    mm, "ring " + system + " " + system.write(read) + ", " + hundredths(mm) + " mm inside");
        }

        private LengthText of(double number, String unit) {
            String word = unit.strip().replaceAll("\\.$", "");
            double scale = switch (word) {
                case "" -> bare == Units.MM ? 1 : INCH_MM;
                case "mm", "millimetre", "millimetres", "millimeter", "millimeters" -> 1;
                case "cm", "centimetre", "centimetres", "centimeter", "centimeters" -> 10;
                case "m", "metre", "metres", "meter", "meters" -> 1000;
                case "in", "inch", "inches", "\"", "″", "”", "''" -> INCH_MM;
                case "ft", "foot", "feet", "'", "′", "’" -> FOOT_MM;
                case "thou" -> THOU_MM;
                default -> personalMm(word);
            };
            return checked(number * scale, words(number, word));
        }

        private LengthText checked(double mm, String words) {
            if (!(mm > 0 && mm <= Check.GREATEST)) {
                throw refused(mm > 0 ? "must be at most 100,000 mm" : ABOVE);
            }
            return new LengthText(mm, words);
        }

        private double personalMm(String word) {
            Double mm = personal.get(word);
            if (mm == null && word.endsWith("s")) {
                mm = personal.get(word.substring(0, word.length() - 1));
            }
            if (mm == null) {
                // Of several it is one that is asked for.
                throw unknown(word, word.matches(".*[^s]s") ? word.substring(0, word.length() - 1) : word);
            }
            return mm;
        }

        private double over(String top, String bottom) {
            int below = Integer.parseInt(limited(bottom));
            if (below == 0) {
                throw refused("a fraction over 0 has no size");
            }
            return Integer.parseInt(limited(top)) / (double) below;
        }

        private String limited(String digits) {
            if (digits.length() > 7) {
                throw refused("a number of " + digits.length() + " digits: must be at most 100,000 mm");
            }
            return digits;
        }

        private String words(double number, String word) {
            String unit = switch (word) {
                case "" -> bare == Units.MM ? "mm" : "in";
                case "inch", "inches", "\"", "″", "”", "''" -> "in";
                case "millimetre", "millimetres", "millimeter", "millimeters" -> "mm";
                case "centimetre", "centimetres", "centimeter", "centimeters" -> "cm";
                case "metre", "metres", "meter", "meters" -> "m";
                case "foot", "feet", "'", "′", "’" -> "ft";
                default -> word;
            };
            if (unit.equals("in")) {
                boolean whole32 = Math.abs(number * 32 - Math.rint(number * 32)) < 1e-9;
                return whole32
                        ? new LengthFormat(Units.IN32).write(number * INCH_MM, Rounding.NEAREST)
                        : plain(number) + " in";
            }
            return plain(number) + " " + unit;
        }

        private BadInput unknown(String word, String one) {
            String limit = "“" + word + "” is no unit and no measure of yours";
            return PersonalMeasure.isName(one) ? new BadInput("measures." + one, text, limit) : refused(limit);
        }

        private BadInput refused(String limit) {
            return new BadInput("text", text, limit);
        }
    }
}
