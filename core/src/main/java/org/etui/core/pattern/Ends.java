package org.etui.core.pattern;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.Function;
import java.util.stream.Stream;
import org.etui.core.element.Element;
import org.etui.core.piece.Piece;
import org.etui.core.wire.Wire;
import org.etui.core.work.StrandWork;
import org.hipparchus.analysis.solvers.BrentSolver;

/**
 * The scrolled ends of frame wires: by their turns, or by the length that each frame wire is cut to. Then the scrolls take what is left of the wire that
 * needs most, and the notes say how much that is, and what is left over of the others.
 */
final class Ends {
    private static final String BY = "endsBy";
    private static final String TURNS = "scrollTurns";
    private static final String CUT = "cut length";
    private static final double LEAST_TURNS = 0.5;
    private static final double MOST_TURNS = 8;

    /** Turns are rolled to so much at best (common practice). */
    private static final double STEP_TURNS = 0.05;

    private static final double EXACT = 1e-6;
    private static final int MOST_TRIES = 8;

    /** Less than this is not worth a word. */
    private static final double SPARE_MM = 4;

    private final Values values;
    private final Wire wire;
    private final double cutMm;

    private Ends(Values values, Wire wire) {
        this.values = values;
        this.wire = wire;
        this.cutMm = values.number("cutMm");
    }

    /** What is asked of them, after what holds the stone. */
    static List<Parameter> asked(double usualTurns) {
        List<Parameter> all = new ArrayList<>();
        all.add(Parameter.choice(BY, "scrolls by", "turns", CUT));
        all.add(Parameter.number(TURNS, "scrolls, turns", "turns", usualTurns, LEAST_TURNS, MOST_TURNS)
                .onlyWith(BY, "turns"));
        all.add(Parameter.mm("cutMm", "each frame wire, cut", 160, 40, 2000).onlyWith(BY, CUT));
        return List.copyOf(all);
    }

    /**
     * The piece with its scrolls as asked for.
     *
     * @param wire the wire of the frame
     * @param build makes it with scrolls of so many turns
     */
    static Piece made(Values values, Wire wire, Function<Values, Piece> build) {
        return values.word(BY).equals(CUT) ? new Ends(values, wire).cut(build) : build.apply(values);
    }

    private Piece cut(Function<Values, Piece> build) {
        Piece made = build.apply(values.with(TURNS, LEAST_TURNS));
        if (!HeldStone.isMakeable(made)) {
            return made;
        }
        List<StrandWork> bare = frames(made).filter(w -> w.cutMm() <= cutMm).toList();
        List<String> fit = bare.stream().map(w -> w.strand().id()).toList();
        double eachMm = scrollMm(LEAST_TURNS)
                + bare.stream()
                        .filter(w -> scrolls(w) > 0)
                        .mapToDouble(w -> (cutMm - w.cutMm()) / scrolls(w))
                        .min()
                        .orElse(0);
        double turns = LEAST_TURNS;
        double tried = turns(eachMm);
        double tooMany = tried + STEP_TURNS;
        // What stands above the scrolls grows with them: where that takes too much, turns are halved towards those that
        // fit.
        for (int i = 0; i < MOST_TRIES && tried > turns + EXACT; i++) {
            Piece piece = build.apply(values.with(TURNS, tried));
            if (HeldStone.isMakeable(piece) && fit(piece, fit)) {
                made = piece;
                turns = tried;
            } else {
                tooMany = tried;
            }
            tried = STEP_TURNS * Math.floor((turns + tooMany) / 2 / STEP_TURNS + EXACT);
        }
        List<String> told = new ArrayList<>(made.notes().isEmpty() ? List.of() : List.of(made.notes()));
        told.add(String.format(Locale.ROOT, "Of frame wires cut to %.0f mm", cutMm)
                + (turns > LEAST_TURNS
                        ? String.format(
                                Locale.ROOT,
                                ", %.0f mm are left for each scroll: %s turns.",
                                Math.floor(scrollMm(turns)),
                                plain(turns))
                        : " nothing is left for scrolls: they are planned as small as they can be."));
        frames(made).forEach(w -> over(w, told));
        return made.withNotes(String.join(" ", told));
    }

    private boolean fit(Piece piece, List<String> wires) {
        return frames(piece).filter(w -> wires.contains(w.strand().id())).allMatch(w -> w.cutMm() <= cutMm + EXACT);
    }

    /** What is told of a wire that takes clearly more or less than it is cut to. */
    private void over(StrandWork work, List<String> told) {
        double needs = Math.ceil(work.cutMm() - EXACT);
        String wireName = work.strand().title();
        if (needs > cutMm) {
            told.add(String.format(
                    Locale.ROOT, "%s takes %.0f mm: cut it longer by %.0f mm.", wireName, needs, needs - cutMm));
        } else if (cutMm - needs >= SPARE_MM) {
            told.add(String.format(
                    Locale.ROOT, "%s takes %.0f mm: %.0f mm are left over.", wireName, needs, cutMm - needs));
        }
    }

    private Stream<StrandWork> frames(Piece piece) {
        return StrandWork.all(piece).stream().filter(w -> w.strand().wire().equals(wire));
    }

    private static long scrolls(StrandWork work) {
        return work.strand().elements().stream()
                .map(Element::id)
                .filter(id -> id.endsWith("-scroll"))
                .count();
    }

    /** Turns that take so much wire, rounded down to what a hand can roll. */
    private double turns(double mm) {
        if (mm >= scrollMm(MOST_TURNS)) {
            return MOST_TURNS;
        }
        double exact = new BrentSolver(EXACT).solve(100, t -> scrollMm(t) - mm, LEAST_TURNS, MOST_TURNS);
        return Math.max(LEAST_TURNS, STEP_TURNS * Math.floor(exact / STEP_TURNS + EXACT));
    }

    private double scrollMm(double turns) {
        return Pattern.wireMm(List.of(HeldStone.scroll("scroll", values.with(TURNS, turns))), wire);
    }

    private static String plain(double turns) {
        String two = String.format(Locale.ROOT, "%.2f", turns);
        return two.replaceFirst("\\.?0+$", "");
    }
}
