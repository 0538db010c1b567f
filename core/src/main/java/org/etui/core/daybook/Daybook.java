package org.etui.core.daybook;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.etui.core.check.Term;
import org.etui.core.log.Fact;
import org.etui.core.log.What;
import org.hipparchus.stat.descriptive.DescriptiveStatistics;
import org.hipparchus.stat.regression.SimpleRegression;

/** What the facts of many days come to: runs of the same thing, and what went wrong most. */
public final class Daybook {
    private static final int LEAST_FOR_A_RUN = 3;
    private static final int LEAST_FOR_A_TREND = 5;
    private static final double SURE = 0.05;

    private Daybook() {}

    /**
     * A fact with its place in the daybook.
     *
     * @param number counts every fact
     * @param subject what was made: a piece or a job
     * @param name what that is called
     * @param day the day, ISO 8601
     * @param fact what was measured or seen
     */
    public record Page(
            @Term("counts every fact") long number,
            @Term("what was made: a piece or a job") String subject,
            @Term("what that is called") String name,
            @Term("the day, ISO 8601") String day,
            @Term("what was measured or seen") Fact fact) {}

    /**
     * The same thing measured time after time.
     *
     * @param what what was measured
     * @param name what was made
     * @param title of what of it
     * @param planned what was planned the last time; absent where nothing was
     * @param values what it came to, in order
     * @param mean their mean
     * @param spread their standard deviation
     * @param perTime how much more it comes to from one time to the next, by a straight line through them
     * @param isTrend whether that line is more than chance: in one of twenty runs without any it would be as steep
     * @param practice whether these were for practice
     */
    public record Series(
            @Term("what was measured") What what,
            @Term("what was made") String name,
            @Term("of what of it") String title,

            @Term("what was planned the last time; absent where nothing was")
            java.util.OptionalDouble planned,

            @Term("what it came to, in order") List<Double> values,
            @Term("their mean") double mean,
            @Term("their standard deviation") double spread,

            @Term("how much more it comes to from one time to the next, by a straight line through them")
            double perTime,

            @Term("whether that line is more than chance: in one of twenty runs without any it would be as steep")
            boolean isTrend,

            @Term("whether these were for practice") boolean practice) {}

    /** Runs of at least three, the longest first. */
    public static List<Series> runs(List<Page> pages) {
        Map<List<Object>, List<Page>> alike = new LinkedHashMap<>();
        for (Page page : pages) {
            Fact f = page.fact();
            if (f.actual().isPresent()) {
                alike.computeIfAbsent(
                                List.of(page.subject(), f.what(), f.about(), f.practice()), k -> new ArrayList<>())
                        .add(page);
            }
        }
        return alike.values().stream()
                .filter(p -> p.size() >= LEAST_FOR_A_RUN)
                .map(Daybook::series)
                .sorted(Comparator.comparing((Series s) -> s.values().size()).reversed())
                .toList();
    }

    /** Mean, spread and the line of least squares, with Student's test of its slope. */
    private static Series series(List<Page> pages) {
        Page last = pages.get(pages.size() - 1);
        DescriptiveStatistics values = new DescriptiveStatistics();
        SimpleRegression line = new SimpleRegression();
        for (Page page : pages) {
            double value = page.fact().actual().getAsDouble();
            line.addData(values.getN(), value);
            values.addValue(value);
        }
        boolean spreads = values.getStandardDeviation() > 0;
        return new Series(
                last.fact().what(),
                last.name(),
                last.fact().title(),
                last.fact().planned(),
                java.util.Arrays.stream(values.getValues()).boxed().toList(),
                values.getMean(),
                values.getStandardDeviation(),
                line.getSlope(),
                spreads && pages.size() >= LEAST_FOR_A_TREND && line.getSignificance() < SURE,
                last.fact().practice());
    }

    /**
     * What went wrong.
     *
     * @param title what it happened to
     * @param times how often
     * @param notes how, the newest first
     * @param helped what helped, the newest first
     */
    public record Wrong(
            @Term("what it happened to") String title,
            @Term("how often") int times,
            @Term("how, the newest first") List<String> notes,
            @Term("what helped, the newest first") List<String> helped) {}

    /** What broke, opened or snapped, the most frequent first: by what it happened to and its metal. */
    public static List<Wrong> wrongs(List<Page> pages) {
        Map<String, List<Fact>> alike = new LinkedHashMap<>();
        for (Page page : pages) {
            Fact fact = page.fact();
            if (fact.what() == What.BREAKAGE
                    || fact.outcome() == Fact.Outcome.OPENED
                    || fact.outcome() == Fact.Outcome.SNAPPED) {
                String happened = switch (fact.outcome()) {
                    case OPENED -> " opened in a hold test";
                    case SNAPPED -> " snapped in a hold test";
                    case HELD, NONE -> " broke";
                };
                String of = fact.title().isEmpty() ? page.name() : fact.title();
                String metal = fact.group()
                        .map(g -> " of " + g.metal().title().toLowerCase(Locale.ROOT))
                        .orElse("");
                alike.computeIfAbsent(of + metal + happened, k -> new ArrayList<>())
                        .add(0, fact);
            }
        }
        return alike.entrySet().stream()
                .map(e -> new Wrong(
                        e.getKey(),
                        e.getValue().size(),
                        words(e.getValue().stream().map(Fact::note).toList()),
                        words(e.getValue().stream().map(Fact::helped).toList())))
                .sorted(Comparator.comparing(Wrong::times).reversed())
                .toList();
    }

    private static List<String> words(List<String> all) {
        return all.stream().filter(w -> !w.isEmpty()).distinct().limit(5).toList();
    }
}
