package org.etui.core.colour;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.OptionalDouble;
import org.etui.core.check.BadInput;
import org.etui.core.check.Term;
import org.etui.core.check.Word;
import org.etui.core.metal.Metal;
import org.etui.core.piece.Colour;
import org.hipparchus.analysis.integration.IterativeLegendreGaussIntegrator;
import org.hipparchus.analysis.solvers.BracketingNthOrderBrentSolver;

/**
 * Pieces that go into one bath at once: when each is pulled from it as it tires. A bath loses strength as it stands, exp(−t/τ), and as sulfur goes from it into
 * the films; a film grows in a tired bath as in a fresh one, only so much slower. Loss by standing and what a drop holds are engineering estimates; what a film
 * holds follows from its density.
 *
 * @param pulls in the order of pulling
 * @param cm2Per100Ml surface for so much water
 * @param left strength that is left at the last pull, as a share of the fresh bath's
 * @param crowded whether the films take more of the bath than does them good, an estimate
 * @param halfAtS when it is down to half of its strength, if that is before the last pull
 * @param topUps what to add on the way
 */
public record BathPlan(
        @Term("in the order of pulling") List<Pull> pulls,
        @Term("surface in 100 ml, cm²") double cm2Per100Ml,

        @Term("strength that is left at the last pull, as a share of the fresh bath's")
        double left,

        @Term("whether the films take more of the bath than does them good, an estimate")
        boolean crowded,

        @Term("when it is down to half of its strength, s, if that is before the last pull")
        OptionalDouble halfAtS,

        @Term("what to add on the way") List<TopUp> topUps) {
    /** A bath of 60 °C that stands is down to 1/e after so long, s (engineering estimate). */
    public static final double STANDS_S = 3600;

    /** Sulfur that a drop of gel gives to films, mg (engineering estimate). */
    private static final double MG_A_DROP = 2;

    /** Sulfur in a film: density times the share of sulfur in Cu₂S, 5.6 g/cm³ and 159.16 g/mol, or Ag₂S, 7.23 g/cm³ and 247.80 g/mol (CRC Handbook). */
    private static final double COPPER_MG_PER_MM2_NM = 5.6e-6 * 32.06 / 159.16;

    private static final double SILVER_MG_PER_MM2_NM = 7.23e-6 * 32.06 / 247.80;

    /** Films that take more than this share of a bath colour unevenly (engineering estimate). */
    private static final double CROWDED = 0.3;

    /** Half of its strength. */
    private static final double HALF = 0.5;

    /** Weaker than this share it darkens nothing more. */
    private static final double SPENT = 0.02;

    private static final int MOST_TOP_UPS = 8;
    private static final int MOST_EVALUATIONS = 20_000;
    private static final double ACCURACY = 1e-6;

    /**
     * What goes in.
     *
     * @param id names it
     * @param metal its metal
     * @param stopAt where it is pulled
     * @param surfaceMm2 its surface
     */
    public record In(
            @Term(value = "names it", to = 200) String id,
            @Term("its metal") Metal metal,
            @Term("where it is pulled") Colour.Stop stopAt,

            @Term(value = "its surface, mm²", from = 0, to = 1e9)
            double surfaceMm2) {}

    /**
     * When one is pulled.
     *
     * @param id what was put in under that name
     * @param look its colour then
     * @param tS since it went in; absent where the bath gives out before
     * @param freshS the same in a bath that does not tire
     * @param generalS in such a bath by the general estimate
     * @param records how many records of the maker's own the times are fitted to
     * @param unsure times may be so many times longer or shorter
     */
    public record Pull(
            @Term("what was put in under that name") String id,
            @Term("its colour then") String look,

            @Term("since it went in, s; absent where the bath gives out before")
            OptionalDouble tS,

            @Term("the same in a bath that does not tire, s")
            double freshS,

            @Term("in such a bath by the general estimate, s")
            double generalS,

            @Term("how many records of the maker's own the times are fitted to")
            int records,

            @Term("times may be so many times longer or shorter")
            double unsure) {}

    /**
     * Sulfide added on the way.
     *
     * @param tS when
     * @param drops how many drops, or crumbs
     */
    public record TopUp(
            @Term("when, s") double tS,
            @Term("how many drops, or crumbs") double drops) {}

    /** What goes in, with what its film does. */
    private record Film(In in, Look look, Growth growth, Growth general, Experience own, double freshS) {
        static Film of(In in, Colour.Recipe bath, BathLog log) {
            if (in.metal().sulfide() == Metal.Sulfide.NONE) {
                throw new BadInput("in.metal", Word.of(in.metal()), "takes no colour in a sulfide bath");
            }
            Look look = Look.of(in.metal(), in.stopAt());
            Experience own = Experience.of(log, in.metal());
            Growth general = Growth.of(in.metal(), bath);
            Growth growth = general.times(own.faster());
            return new Film(in, look, growth, general, own, growth.seconds(look.filmNm()));
        }

        /** Sulfur in its film after so long in a fresh bath, mg. */
        double sulfurMg(double freshSeconds) {
            boolean silver = switch (in.metal()) {
                case STERLING_SILVER, FINE_SILVER, SILVER_PLATED_COPPER -> true;
                default -> false;
            };
            return in.surfaceMm2()
                    * growth.filmNm(0, Math.min(freshSeconds, freshS))
                    * (silver ? SILVER_MG_PER_MM2_NM : COPPER_MG_PER_MM2_NM);
        }
    }

    /**
     * The plan of a bath.
     *
     * @param in what goes in, all at once
     * @param bath what is in it
     * @param topUp whether it is brought back to its strength whenever it is down to half
     * @param log what came out of the maker's own baths
     * @throws BadInput if a metal takes no colour
     */
    public static BathPlan of(List<In> in, Colour.Recipe bath, boolean topUp, BathLog log) {
        List<Film> films = in.stream()
                .map(i -> Film.of(i, bath, log))
                .sorted(Comparator.comparingDouble(Film::freshS))
                .toList();
        return new Tiring(films, bath).plan(topUp);
    }

    /** A bath as it tires. Time is counted as it would be in a fresh bath; the clock runs ahead of it. */
    private static final class Tiring {
        private final List<Film> films;
        private final Colour.Recipe bath;
        private final double standsS;
        private final double supplyMg;

        /** Since the bath was fresh last: the time of a fresh bath then, the clock, and the sulfur that had gone. */
        private double fromFreshS;

        private double fromClockS;
        private double fromMg;

        Tiring(List<Film> films, Colour.Recipe bath) {
            this.films = films;
            this.bath = bath;
            this.standsS = STANDS_S / Growth.warmth(bath.temperatureC());
            this.supplyMg = MG_A_DROP * bath.drops() * Growth.gelDrops(bath.form());
        }

        private double goneMg(double freshS) {
            return films.stream().mapToDouble(f -> f.sulfurMg(freshS)).sum();
        }

        /** What the films leave of its strength. */
        private double full(double freshS) {
            return 1 - (goneMg(freshS) - fromMg) / supplyMg;
        }

        /** What standing leaves of its strength: 1 − I/τ, with I the time of a fresh bath over what the films leave; none where they leave nothing. */
        private double standing(double freshS) {
            if (full(freshS) <= SPENT) {
                return 0;
            }
            double over = 0;
            double from = fromFreshS;
            for (Film film : films) {
                double to = Math.min(film.freshS(), freshS);
                over += over(from, to);
                from = Math.max(from, to);
            }
            return 1 - (over + over(from, freshS)) / standsS;
        }

        /** Between two pulls, where nothing jumps. */
        private double over(double from, double to) {
            return to <= from
                    ? 0
                    : new IterativeLegendreGaussIntegrator(8, ACCURACY, ACCURACY)
                            .integrate(MOST_EVALUATIONS, s -> 1 / full(s), from, to);
        }

        private double strength(double freshS) {
            return Math.max(0, standing(freshS)) * Math.max(0, full(freshS));
        }

        /** The clock; infinite where the bath gives out before. */
        private double clockS(double freshS) {
            double standing = standing(freshS);
            return standing <= SPENT ? Double.POSITIVE_INFINITY : fromClockS - standsS * Math.log(standing);
        }

        BathPlan plan(boolean topUp) {
            List<Pull> pulls = new ArrayList<>();
            List<TopUp> topUps = new ArrayList<>();
            OptionalDouble half = OptionalDouble.empty();
            double left = 1;
            for (Film film : films) {
                double at = film.freshS();
                while (strength(at) < HALF && (half.isEmpty() || topUp) && topUps.size() < MOST_TOP_UPS) {
                    double then = new BracketingNthOrderBrentSolver(ACCURACY, 5)
                            .solve(MOST_EVALUATIONS, s -> strength(s) - HALF, fromFreshS, at);
                    double clock = clockS(then);
                    half = half.isEmpty() ? OptionalDouble.of(clock) : half;
                    if (!topUp) {
                        break;
                    }
                    topUps.add(new TopUp(clock, HALF * bath.drops()));
                    fromMg = goneMg(then);
                    fromFreshS = then;
                    fromClockS = clock;
                }
                double clock = clockS(at);
                left = strength(at);
                pulls.add(new Pull(
                        film.in().id(),
                        film.look().name(),
                        Double.isFinite(clock) ? OptionalDouble.of(clock) : OptionalDouble.empty(),
                        at,
                        film.general().seconds(film.look().filmNm()),
                        film.own().records(),
                        film.own().unsure()));
            }
            double surface =
                    films.stream().mapToDouble(f -> f.in().surfaceMm2()).sum();
            boolean crowded = goneMg(Double.MAX_VALUE) > CROWDED * supplyMg;
            return new BathPlan(pulls, surface / bath.volumeMl(), left, crowded, half, topUps);
        }
    }
}
