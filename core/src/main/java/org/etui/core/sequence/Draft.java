package org.etui.core.sequence;

import java.util.Collections;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;
import org.etui.core.piece.Strand;

/** Collects the fields of a step of one strand, before strands that are worked alike are put together. */
final class Draft {
    final String strand;
    final String name;
    final int wires;
    final String key;
    String title;
    final String tool;
    String start = "";
    String text = "";
    String alone = "";
    String check = "";
    String checkOff = "";
    String caution = "";
    double minutes = 1;
    boolean handsOn = true;
    boolean strikes;
    boolean surface;
    Step.Shows shows = Step.Shows.PIECE;
    Optional<String> element = Optional.empty();
    OptionalDouble markMm = OptionalDouble.empty();
    OptionalInt state = OptionalInt.empty();
    Optional<String> place = Optional.empty();
    Step.Kind kind = Step.Kind.WORK;
    List<String> about = List.of();

    /** What has to be done before. */
    final Set<Draft> after = Collections.newSetFromMap(new IdentityHashMap<>());

    /**
     * A step of a strand.
     *
     * @param wire its wire in words
     * @param key what is done, alike in every strand of the same wire that is worked alike
     */
    Draft(Strand strand, String wire, String key, String title, String tool) {
        this(strand.id(), strand.title(), strand.count(), key + " | " + wire, title, tool);
    }

    /** The same, done once whatever the wire is. */
    Draft forAll(String words) {
        Draft all = new Draft(strand, name, wires, words, title, tool);
        all.text = text;
        all.check = check;
        all.checkOff = checkOff;
        all.minutes = minutes;
        all.handsOn = handsOn;
        all.shows = shows;
        all.kind = kind;
        all.about = about;
        all.strikes = strikes;
        all.surface = surface;
        return all;
    }

    private Draft(String strand, String name, int wires, String key, String title, String tool) {
        this.strand = strand;
        this.name = name;
        this.wires = wires;
        this.key = key;
        this.title = title;
        this.tool = tool;
    }

    /** A step between those of a strand, whatever its wire is. */
    static Draft of(Strand strand, String key, String title, String tool) {
        return new Draft(strand.id(), strand.title(), strand.count(), key, title, tool);
    }

    /** A step of the whole piece. */
    static Draft whole(String key, String title, String tool) {
        return new Draft("", "", 1, key, title, tool);
    }

    Draft title(String words) {
        title = words;
        return this;
    }

    Draft kind(Step.Kind what) {
        kind = what;
        return this;
    }

    /** What it speaks of: strand.element or parts. */
    Draft about(List<String> addresses) {
        about = addresses;
        return this;
    }

    /** Waits for another. */
    Draft after(Draft other) {
        after.add(other);
        return this;
    }

    /** Where on the wire, said before the text. */
    Draft start(String words) {
        start = words;
        return this;
    }

    Draft text(String words) {
        text = words;
        return this;
    }

    /** Words that are only said where the strand is worked by itself. */
    Draft alone(String words) {
        alone = words;
        return this;
    }

    Draft check(String words) {
        check = words;
        checkOff = words;
        return this;
    }

    /** What is checked where it cannot lie flat any more. */
    Draft checkOff(String words) {
        checkOff = words;
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

    /** Steel meets the wire, or a mandrel goes through it. */
    Draft strikes(boolean whether) {
        strikes = whether;
        return this;
    }

    /** It makes the surface what it is. */
    Draft surface(boolean whether) {
        surface = whether;
        return this;
    }

    boolean isFinish() {
        return surface || kind == Step.Kind.BATH || kind == Step.Kind.FINISH;
    }

    /** What its picture shows. */
    Draft shows(Step.Shows what) {
        shows = what;
        return this;
    }

    /** What is to be found afterwards, beside what is to be checked. */
    Draft finds(String words) {
        if (!words.isEmpty()) {
            check += " " + words;
            checkOff += " " + words;
        }
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
}
