package org.etui.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.etui.core.check.BadInput;
import org.etui.core.measure.LengthFormat;
import org.etui.core.measure.Units;
import org.etui.core.pattern.Patterns;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Purpose;
import org.etui.core.rule.Cautions;
import org.etui.core.sequence.Step;
import org.etui.core.tool.Care;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Every text of card, advice and guide, once, with its figures left out: laid in {@code target/texts.txt} to be read as a whole, and held to plain
 * words here.
 */
class TextsTest {
    private static final Map<String, Set<String>> TEXTS = new LinkedHashMap<>();

    @BeforeAll
    static void collect() throws IOException {
        for (org.etui.core.pattern.Pattern pattern : Patterns.ALL) {
            for (Purpose purpose : pattern.purposes()) {
                try {
                    Piece piece = pattern.make(Map.of(), Optional.empty(), Optional.of(purpose));
                    ofPlan(Planner.plan(piece, new PlanOptions(PlanOptions.States.NONE, new LengthFormat(Units.MM))));
                } catch (BadInput none) {
                    continue;
                }
            }
            pattern.parameters().forEach(p -> add("measures", p.title()));
            add("forms", pattern.title());
        }
        Formula.ALL.forEach(
                f -> List.of(f.chapter(), f.name(), f.source(), f.sure()).forEach(t -> add("guide", t)));
        Care.ALL.forEach(c -> List.of(c.tool(), c.use(), c.care()).forEach(t -> add("guide", t)));
        Cautions.ALL.forEach(c -> add("guide", c.message()));
        List<String> lines = new ArrayList<>();
        TEXTS.forEach((where, all) -> {
            lines.add("## " + where);
            lines.addAll(all);
        });
        Files.write(Path.of("target/texts.txt"), lines);
    }

    private static void ofPattern(
            org.etui.core.pattern.Pattern pattern, Map<String, Object> measures, Purpose purpose) {
        try {
            Piece piece = pattern.make(measures, Optional.empty(), Optional.of(purpose));
            ofPlan(Planner.plan(piece, new PlanOptions(PlanOptions.States.NONE, new LengthFormat(Units.MM))));
        } catch (BadInput none) {
            add("refusals", none.getMessage());
        }
    }

    private static void ofPlan(Plan plan) {
        plan.advice()
                .forEach(a -> Stream.of(a.message(), a.because(), a.instead()).forEach(t -> add("advice", t)));
        for (Step step : plan.steps()) {
            add("titles", step.title());
            add("tools", step.tool());
            add("steps", step.text());
            step.each().forEach(e -> add("steps", e.text()));
            add("checks", step.check());
            add("cautions", step.caution());
        }
        plan.cautions().forEach(c -> add("cautions", c.message()));
    }

    private static void add(String where, String text) {
        if (!text.isBlank()) {
            TEXTS.computeIfAbsent(where, w -> new LinkedHashSet<>())
                    .add(text.replaceAll("\\d+([.,/]\\d+)*", "#").replaceAll("#( #)+", "#"));
        }
    }

    @Test
    void everyKindOfText_isThere() {
        assertThat(TEXTS.keySet())
                .contains("titles", "tools", "steps", "checks", "cautions", "advice", "measures", "forms", "guide");
        assertThat(TEXTS.get("steps")).hasSizeGreaterThan(200);
    }

    /** Words and slips that no reader of today's English expects at the bench. */
    static Stream<Arguments> slips() {
        return Stream.of(
                Arguments.of("out of use", "\\b([Rr]eckon\\w*|whilst|thereof|hence|amongst|upon|of which|anew)\\b"),
                Arguments.of("an id", "\\b[a-z-]{2,}\\.[a-z-]{2,}\\b"),
                Arguments.of("a word twice", "\\b(?!that|had)([A-Za-z]+) \\1\\b"),
                Arguments.of("space and stop", "\\s[,.;:](\\s|$)"),
                Arguments.of("two stops", "[.,;:][.,;:]"),
                Arguments.of("two spaces", "\\S\\s{2,}\\S"),
                Arguments.of("not a number", "\\b(NaN|Infinity|null|Optional)\\b"));
    }

    /** Words and slips that no reader of today's English expects at the bench. */
    @ParameterizedTest
    @MethodSource("slips")
    void noText_holds(String what, String pattern) {
        Pattern wrong = Pattern.compile(pattern);
        List<String> found = TEXTS.values().stream()
                .flatMap(Set::stream)
                .filter(t -> wrong.matcher(t).find())
                .toList();
        assertThat(found).as(what).isEmpty();
    }

    @Test
    void whatIsRead_beginsWithACapitalAndEndsWithAStop() {
        for (String where : List.of("steps", "checks")) {
            assertThat(TEXTS.get(where)).allSatisfy(t -> assertThat(t).matches("(?s)[A-Z#‘“].*[.!?:;”]"));
        }
    }
}
