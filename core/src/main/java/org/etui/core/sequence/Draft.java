package org.etui.core.sequence;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import org.etui.core.rule.Advice;

/** Collects the fields of a step. */
final class Draft {
    private final String strand;
    private final String title;
    private final String tool;
    private String text = "";
    private String check = "";
    private String caution = "";
    private double minutes = 1;
    private boolean handsOn = true;
    private Optional<String> element = Optional.empty();
    private OptionalDouble markMm = OptionalDouble.empty();
    private OptionalInt state = OptionalInt.empty();
    private Optional<String> place = Optional.empty();

    Draft(String strand, String title, String tool) {
        this.strand = strand;
        this.title = title;
        this.tool = tool;
    }

    Draft text(String words) {
        text = words;
        return this;
    }

    Draft check(String words) {
        check = words;
        return this;
    }

    Draft caution(String words) {
        caution = words;
        return this;
    }

    /** Goes on by itself: hands are free meanwhile. */
    Draft handsOff() {
        handsOn = false;
        return this;
    }

    /** What is to be found afterwards, beside what is to be checked. */
    Draft finds(String words) {
        check = words.isEmpty() ? check : check + " " + words;
        return this;
    }

    Draft minutes(double estimate) {
        minutes = estimate;
        return this;
    }

    Draft element(String id) {
        element = Optional.of(id);
        return this;
    }

    Draft mark(OptionalDouble mm) {
        markMm = mm;
        return this;
    }

    Draft state(int index) {
        state = OptionalInt.of(index);
        return this;
    }

    Draft advice(String path) {
        place = Optional.of(path);
        return this;
    }

    Step step(List<Advice> all) {
        List<String> rules = all.stream()
                .filter(a -> place.isPresent() && a.where().equals(place.get()))
                .map(Advice::rule)
                .distinct()
                .toList();
        return new Step(strand, title, tool, text, check, caution, rules, handsOn, minutes, element, markMm, state);
    }
}
