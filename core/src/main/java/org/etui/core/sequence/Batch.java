package org.etui.core.sequence;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.etui.core.rule.Advice;

/** Puts drafts of strands that are worked alike together into one step: what is the same is said once, what differs for each. */
final class Batch {
    /** A break after about this much work by hand, minutes, and how long (common practice; the figures are estimates). */
    static final double WORK_MIN = 25;

    static final double REST_MIN = 5;

    private static final Pattern FIGURES = Pattern.compile("(,? (down )?to)? ?\\d.*$");

    /** What goes by its number, such as {@code Wind lashing 2 round the bundle}. */
    private static final Pattern NUMBERED = Pattern.compile("(\\w+) (?!the )([a-z ]+) \\d+( .*)?");

    private Batch() {}

    /** The step of one draft or of several with the same key. */
    static Step step(List<Draft> alike, List<Advice> advice) {
        return alike.size() == 1 ? alone(alike.get(0), advice) : together(alike, advice);
    }

    private static Step alone(Draft one, List<Advice> advice) {
        return new Step(
                one.kind,
                one.about,
                one.strand,
                one.title,
                one.tool,
                one.start + one.text + one.alone + breaks(one, one.minutes),
                List.of(),
                one.wires,
                one.check,
                one.caution,
                rules(List.of(one), advice),
                one.handsOn,
                one.minutes,
                one.element,
                one.markMm,
                one.state,
                one.shows,
                one.isFinish());
    }

    private static Step together(List<Draft> alike, List<Advice> advice) {
        Draft first = alike.get(0);
        Said text = Said.of(alike.stream().map(d -> d.start + d.text).toList());
        Said check = Said.of(alike.stream().map(d -> d.check).toList());
        boolean oneTitle = alike.stream().allMatch(d -> d.title.equals(first.title));
        List<Step.Each> each = new ArrayList<>();
        for (int i = 0; i < alike.size(); i++) {
            Draft one = alike.get(i);
            String title = oneTitle ? "" : one.title + ".";
            String differs = Stream.of(title, text.own().get(i), check.own().get(i))
                    .filter(words -> !words.isEmpty())
                    .collect(Collectors.joining(" "));
            each.add(new Step.Each(one.strand, one.name, one.wires, differs, one.state));
        }
        double minutes =
                first.handsOn ? alike.stream().mapToDouble(d -> d.minutes).sum() : first.minutes;
        int wires = alike.stream().mapToInt(d -> d.wires).sum();
        return new Step(
                first.kind,
                about(alike),
                first.strand,
                oneTitle ? first.title : wordsOf(first.title) + ", " + wires + " wires",
                alike.stream().map(d -> d.tool).distinct().collect(Collectors.joining("; ")),
                (text.common().isEmpty() ? "Each has its own measures." : text.common()) + breaks(first, minutes),
                each,
                wires,
                check.common().isEmpty() ? "Each comes to its own measures." : check.common(),
                first.caution,
                rules(alike, advice),
                first.handsOn,
                minutes,
                first.element,
                OptionalDouble.empty(),
                first.state,
                first.shows,
                first.isFinish());
    }

    private static String breaks(Draft first, double minutes) {
        return first.handsOn && minutes > 2 * WORK_MIN
                ? " Rest your hands for " + Math.round(REST_MIN) + " min every " + Math.round(WORK_MIN) + "."
                : "";
    }

    /** A title up to its first figure, such as {@code Cut}; of what is numbered all of them, such as {@code Wind the lashings}. */
    private static String wordsOf(String title) {
        Matcher numbered = NUMBERED.matcher(title);
        if (numbered.matches()) {
            return numbered.group(1) + " the " + numbered.group(2) + "s";
        }
        return FIGURES.matcher(title).replaceFirst("").strip();
    }

    private static List<String> rules(List<Draft> alike, List<Advice> advice) {
        if (advice.isEmpty()) {
            return List.of();
        }
        Set<String> places = new LinkedHashSet<>();
        alike.forEach(d -> d.place.ifPresent(places::add));
        return advice.stream()
                .filter(a -> places.contains(a.where()))
                .map(Advice::rule)
                .distinct()
                .toList();
    }

    /** Time for a break. */
    static Step rest(double workedMin) {
        return new Step(
                Step.Kind.REST,
                List.of(),
                "",
                "Rest your hands",
                "nothing",
                "You have worked by hand for about " + Math.round(workedMin)
                        + " min. Stand up, open and close the hands, look far away.",
                List.of(),
                1,
                "The grip is sure again: tired hands slip.",
                "",
                List.of(),
                false,
                REST_MIN,
                Optional.empty(),
                OptionalDouble.empty(),
                OptionalInt.empty(),
                Step.Shows.REST,
                false);
    }

    /**
     * What several say, sentence by sentence.
     *
     * @param common sentences that all say
     * @param own what each says besides
     */
    private record Said(String common, List<String> own) {
        static Said of(List<String> texts) {
            if (texts.stream().allMatch(texts.get(0)::equals)) {
                return new Said(texts.get(0), Collections.nCopies(texts.size(), ""));
            }
            List<List<String>> sentences = texts.stream().map(Said::sentences).toList();
            List<String> common = sentences.get(0).stream()
                    .filter(s -> sentences.stream().allMatch(all -> all.contains(s)))
                    .toList();
            List<String> own = sentences.stream()
                    .map(all -> all.stream().filter(s -> !common.contains(s)).collect(Collectors.joining(" ")))
                    .toList();
            return new Said(String.join(" ", common), own);
        }

        /** Each ends with its full stop or semicolon. */
        private static List<String> sentences(String text) {
            List<String> sentences = new ArrayList<>();
            int from = 0;
            for (int space = text.indexOf(' ', 1); space > 0; space = text.indexOf(' ', space + 1)) {
                if (text.charAt(space - 1) == '.' || text.charAt(space - 1) == ';') {
                    sentences.add(text.substring(from, space));
                    from = space + 1;
                }
            }
            sentences.add(text.substring(from));
            return sentences;
        }
    }

    /** What each makes first, then all else. */
    private static List<String> about(List<Draft> alike) {
        return Stream.concat(
                        alike.stream().flatMap(d -> d.about.stream().limit(1)),
                        alike.stream().flatMap(d -> d.about.stream().skip(1)))
                .distinct()
                .toList();
    }
}
