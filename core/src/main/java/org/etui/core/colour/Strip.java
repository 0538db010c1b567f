package org.etui.core.colour;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import org.etui.core.check.BadInput;
import org.etui.core.check.Term;
import org.etui.core.check.Word;
import org.etui.core.metal.Metal;
import org.etui.core.piece.Colour;

/**
 * A bath over time: what the metal looks like, and when each stop is reached. Times are estimates.
 *
 * @param looks colours at equal times, from 0
 * @param stops when the named stops are reached
 * @param lookEvery how often to look, so that no colour is missed
 * @param records how many records of the maker's own the times are fitted to; 0 for the general estimate
 * @param unsure the times may be so many times longer or shorter
 * @param estimate true: the times are estimates until a maker's own records fit them
 */
public record Strip(
        @Term("colours at equal times, from 0") List<AtTime> looks,
        @Term("when the named stops are reached") List<StopAt> stops,

        @Term("how often to look, so that no colour is missed")
        List<LookEvery> lookEvery,

        @Term("how many records of the maker's own the times are fitted to; 0 for the general estimate")
        int records,

        @Term("the times may be so many times longer or shorter")
        double unsure,

        @Term("whether the times are estimates") boolean estimate) {
    /** More colours than that no strip shows apart. */
    public static final int MOST_LOOKS = 2000;

    /** Nobody looks more often than that, or more seldom, s (common practice). */
    private static final double LEAST_LOOK_S = 1;

    private static final double MOST_LOOK_S = 60;

    /** So many looks from one colour to the next: then the one wanted is seen coming (common practice). */
    private static final double LOOKS_A_COLOUR = 3;

    /**
     * A moment of the bath.
     *
     * @param tS since it went in, s
     * @param filmNm the film, nm
     * @param rgb its colour as #rrggbb
     * @param name the colour's name
     */
    public record AtTime(
            @Term("since it went in, s") double tS,
            @Term("the film, nm") double filmNm,
            @Term("its colour as #rrggbb") String rgb,
            @Term("the colour's name") String name) {}

    /**
     * A stop.
     *
     * @param name the word of the document
     * @param look the colour's name on that metal
     * @param tS when it is reached, s
     * @param generalS when by the general estimate, s
     * @param filmNm the film, nm
     * @param rgb its colour as #rrggbb
     */
    public record StopAt(
            @Term("the word of the document") Colour.Stop name,
            @Term("the colour's name on that metal") String look,
            @Term("when it is reached, s") double tS,
            @Term("when by the general estimate, s") double generalS,
            @Term("the film, nm") double filmNm,
            @Term("its colour as #rrggbb") String rgb) {}

    /**
     * How often to look.
     *
     * @param everyS so often, s
     * @param until until it is that colour
     */
    public record LookEvery(
            @Term("so often, s") double everyS,
            @Term("until it is that colour") String until) {}

    /** Shown whole, a strip ends a little after black, in so many colours. */
    private static final double BEYOND_BLACK = 1.12;

    private static final int USUAL_LOOKS = 500;
    private static final double LONGEST_S = 86_400;

    /**
     * The strip of a metal in a bath.
     *
     * @param until to here, s; empty: a little after black
     * @param step a colour every so many seconds; empty: 500 in all
     * @param own what the maker's own records say
     * @throws BadInput if there would be more than 2,000 colours, or the metal takes none
     */
    public static Strip of(Metal metal, Colour.Recipe bath, OptionalDouble until, OptionalDouble step, Experience own) {
        check(metal);
        double untilS = until.orElseGet(() -> {
            double black = Growth.of(metal, bath)
                    .times(own.faster())
                    .seconds(Look.of(metal, Colour.Stop.BLACK).filmNm());
            return Math.max(1, Math.min(LONGEST_S, BEYOND_BLACK * black));
        });
        return of(metal, bath, untilS, step.orElse(untilS / USUAL_LOOKS), own);
    }

    private static void check(Metal metal) {
        if (metal.sulfide() == Metal.Sulfide.NONE) {
            throw new BadInput("metal", Word.of(metal), "takes no colour in a sulfide bath");
        }
    }

    /**
     * The strip of a metal in a bath.
     *
     * @param untilS to here, s
     * @param stepS a colour every so many seconds
     * @param own what the maker's own records say
     * @throws BadInput if there would be more than 2,000 colours, or the metal takes none
     */
    public static Strip of(Metal metal, Colour.Recipe bath, double untilS, double stepS, Experience own) {
        check(metal);
        if (!(untilS / stepS <= MOST_LOOKS)) {
            throw new BadInput("stepS", stepS, "must be at least untilS / " + MOST_LOOKS + ", " + untilS / MOST_LOOKS);
        }
        Growth general = Growth.of(metal, bath);
        Growth growth = general.times(own.faster());
        Shade shade = Shade.of(metal);
        List<AtTime> looks = new ArrayList<>();
        int last = (int) Math.floor(untilS / stepS + 1e-9);
        for (int i = 0; i <= last; i++) {
            double film = growth.filmNm(0, i * stepS);
            looks.add(new AtTime(
                    i * stepS, film, shade.hex(film), Look.at(metal, film).name()));
        }
        List<StopAt> stops = Look.stops().stream()
                .map(s -> {
                    Look look = Look.of(metal, s);
                    return new StopAt(
                            s,
                            look.name(),
                            growth.seconds(look.filmNm()),
                            general.seconds(look.filmNm()),
                            look.filmNm(),
                            shade.hex(look.filmNm()));
                })
                .toList();
        return new Strip(looks, stops, lookEvery(stops), own.records(), own.unsure(), true);
    }

    /** Before each stop: so often that it is seen coming. */
    private static List<LookEvery> lookEvery(List<StopAt> stops) {
        List<LookEvery> all = new ArrayList<>();
        double from = 0;
        for (StopAt stop : stops) {
            double every = tidy((stop.tS() - from) / LOOKS_A_COLOUR);
            from = stop.tS();
            LookEvery before = all.isEmpty() ? null : all.get(all.size() - 1);
            if (before != null && before.everyS() == every) {
                all.set(all.size() - 1, new LookEvery(every, stop.look()));
            } else {
                all.add(new LookEvery(every, stop.look()));
            }
        }
        return List.copyOf(all);
    }

    /** A time that a hand can keep: 1, 2, 3, 5, 10, 15, 20, 30 or 60 s. */
    private static double tidy(double seconds) {
        double tidy = LEAST_LOOK_S;
        for (double kept : new double[] {1, 2, 3, 5, 10, 15, 20, 30, MOST_LOOK_S}) {
            tidy = kept <= seconds ? kept : tidy;
        }
        return tidy;
    }
}
