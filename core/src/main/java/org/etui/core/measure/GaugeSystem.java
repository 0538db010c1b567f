package org.etui.core.measure;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** The three systems by which wire is sold. Never a gauge without its system. */
public enum GaugeSystem {
    /** American wire gauge, d = 0.127 · 92^((36−n)/39) mm, 0000 to 40 (ASTM B258). */
    AWG,
    /** British standard wire gauge, the table of 1883 (BS 3737), 7/0 to 40. */
    SWG,
    /** Millimetre sizes in common trade (common practice); the number is the thickness. */
    METRIC;

    private static final double INCH_MM = 25.4;

    /** Diameters in thousandths of an inch, from 7/0 through 0 to 40 (BS 3737, the table of 1883). */
    private static final double[] SWG_MIL = {
        500, 464, 432, 400, 372, 348, 324, 300, 276, 252, 232, 212, 192, 176, 160, 144, 128, 116, 104, 92, 80, 72, 64,
        56, 48, 40, 36, 32, 28, 24, 22, 20, 18, 16.4, 14.8, 13.6, 12.4, 11.6, 10.8, 10, 9.2, 8.4, 7.6, 6.8, 6, 5.2, 4.8
    };

    /** Common practice: sizes that suppliers of jewellery wire list in millimetres. */
    private static final double[] METRIC_MM = {
        0.2, 0.25, 0.3, 0.35, 0.4, 0.5, 0.6, 0.7, 0.8, 0.9, 1.0, 1.1, 1.2, 1.25, 1.3, 1.4, 1.5, 1.6, 1.8, 2.0, 2.2, 2.5,
        2.8, 3.0, 3.25, 3.5, 4.0, 4.5, 5.0, 6.0
    };

    private static final Pattern MANY_AUGHTS = Pattern.compile("[1-9]/0");
    private static final Pattern PADDED = Pattern.compile("^0+([1-9][0-9]*)$");

    private static final Map<GaugeSystem, List<Gauge>> TABLES =
            Stream.of(values()).collect(Collectors.toUnmodifiableMap(Function.identity(), GaugeSystem::table));

    private static final Map<GaugeSystem, Map<String, Gauge>> BY_NUMBER = Stream.of(values())
            .collect(Collectors.toUnmodifiableMap(
                    Function.identity(),
                    system -> system.all().stream()
                            .collect(Collectors.toUnmodifiableMap(g -> plainNumber(g.number()), Function.identity()))));

    /** Every gauge of this system, thickest first; for metric sizes thinnest first. */
    public List<Gauge> all() {
        return TABLES.get(this);
    }

    private List<Gauge> table() {
        return switch (this) {
            case AWG ->
                IntStream.rangeClosed(-3, 40)
                        .mapToObj(n -> new Gauge(this, aughts(n, "0".repeat(Math.max(0, 1 - n))), awgMm(n)))
                        .toList();
            case SWG ->
                IntStream.rangeClosed(-6, 40)
                        .mapToObj(n -> new Gauge(this, aughts(n, (1 - n) + "/0"), SWG_MIL[n + 6] * INCH_MM / 1000))
                        .toList();
            case METRIC ->
                Arrays.stream(METRIC_MM)
                        .mapToObj(mm -> new Gauge(this, trimmed(mm), mm))
                        .toList();
        };
    }

    /** The gauge of this number, if the system has it. For AWG and SWG {@code 2/0} and {@code 00} are both read. */
    public Optional<Gauge> find(String number) {
        return Optional.ofNullable(BY_NUMBER.get(this).get(plainNumber(number)));
    }

    /**
     * The thickness in mm of a number in this system. A metric number is its own thickness.
     *
     * @return empty where the system does not have that number
     */
    public OptionalDouble thicknessMm(String number) {
        return find(number).map(g -> OptionalDouble.of(g.diameterMm())).orElse(OptionalDouble.empty());
    }

    /** The nearest gauge of this system by thickness. */
    public Gauge nearest(double thicknessMm) {
        Gauge nearest = all().get(0);
        for (Gauge gauge : all()) {
            if (Math.abs(gauge.diameterMm() - thicknessMm) < Math.abs(nearest.diameterMm() - thicknessMm)) {
                nearest = gauge;
            }
        }
        return nearest;
    }

    /** The nearest gauge of every system. */
    public static List<Gauge> nearestOfEach(double thicknessMm) {
        return Stream.of(values()).map(system -> system.nearest(thicknessMm)).toList();
    }

    private static double awgMm(int n) {
        return 0.127 * Math.pow(92, (36 - n) / 39.0);
    }

    private static String aughts(int n, String forZeroAndBelow) {
        return n > 0 ? Integer.toString(n) : n == 0 ? "0" : forZeroAndBelow;
    }

    private static String trimmed(double mm) {
        return LengthFormat.hundredths(mm).replaceAll("0$", "");
    }

    private static String plainNumber(String number) {
        String text = number.strip();
        if (MANY_AUGHTS.matcher(text).matches()) {
            return "0".repeat(text.charAt(0) - '0');
        }
        return PADDED.matcher(text).replaceFirst("$1");
    }
}
