package org.etui.core.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.DoubleBinaryOperator;
import java.util.function.ToDoubleFunction;
import org.etui.core.check.BadInput;
import org.etui.core.check.Beside;
import org.etui.core.check.Check;
import org.etui.core.check.Stopped;
import org.etui.core.check.Term;
import org.etui.core.mechanics.FormedBy;
import org.etui.core.mechanics.Hold;
import org.etui.core.mechanics.Pull;
import org.etui.core.metal.Metal;
import org.etui.core.metal.Temper;
import org.etui.core.pattern.Remake;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Strand;
import org.etui.core.rule.Advice;
import org.etui.core.rule.Bench;
import org.etui.core.rule.Rules;
import org.etui.core.section.Flat;
import org.etui.core.section.GaugeLabel;
import org.etui.core.section.HalfRound;
import org.etui.core.section.Round;
import org.etui.core.section.Square;
import org.etui.core.section.WireSection;
import org.etui.core.sequence.Tool;
import org.etui.core.stock.Prices;
import org.etui.core.tool.Toolbox;
import org.etui.core.verify.PieceChecks;
import org.etui.core.wire.Wire;
import org.etui.core.work.CutAllowance;
import org.etui.core.work.Reading;
import org.etui.core.work.StrandWork;
import org.etui.core.work.Wanted;

/**
 * The whole piece worked again in every gauge and temper: by its pattern while it follows one. The strands of one wire change,
 * others that lash or weave stay as they are.
 *
 * @param metal the metal
 * @param cells one for every gauge and temper, gauges first
 */
public record Field(
        @Term("the metal") Metal metal,

        @Term("one for every gauge and temper, gauges first")
        List<Cell> cells) {

    /**
     * A gauge to try.
     *
     * @param thicknessMm thickness, mm; other measures of a section change with it
     * @param label the name it is sold by
     */
    public record Gauge(
            @Term(value = "thickness, mm; other measures of a section change with it", from = 0.01, to = 20)
            double thicknessMm,

            @Term("the name it is sold by") Optional<GaugeLabel> label) {}

    /**
     * What a piece comes to in one wire.
     *
     * @param bought the wire
     * @param refused why it cannot be made so; absent where it can
     * @param wire the wire to take; absent where it cannot be made so
     * @param forming what forming takes
     * @param hold what the weakest bend holds
     * @param standing what the metal stands
     * @param takes how much wire it takes
     * @param worst the worst advice; absent where there is none
     */
    public record Cell(
            @Beside Bought bought,

            @Term("why it cannot be made so; absent where it can")
            Optional<String> refused,

            @Term("the wire to take; absent where it cannot be made so")
            Optional<Wire> wire,

            @Beside Forms forming,
            @Beside Holding hold,
            @Beside Standing standing,
            @Beside Takes takes,

            @Term("the worst advice; absent where there is none")
            Optional<Advice> worst) {}

    /**
     * The wire.
     *
     * @param thicknessMm thickness
     * @param label the name it is sold by
     * @param temper its temper
     */
    public record Bought(
            @Term("thickness, mm") double thicknessMm,
            @Term("the name it is sold by") Optional<GaugeLabel> label,
            @Term("its temper") Temper temper) {}

    /**
     * What forming takes.
     *
     * @param forms what forming takes at most
     * @param formsAt path of the element that takes most
     * @param tool what the weakest bend is formed on, or else what takes most; absent where nothing is bent
     */
    public record Forms(
            @Term("what forming takes at most") Optional<FormedBy> forms,
            @Term("path of the element that takes most") Optional<String> formsAt,

            @Term("what the weakest bend is formed on, or else what takes most; absent where nothing is bent")
            Optional<Tool> tool) {}

    /**
     * What the weakest bend holds.
     *
     * @param holds whether every bend holds what the purpose wants
     * @param holdN what the weakest bend holds; absent where nothing has to hold
     * @param wantsN what it should hold
     * @param holdsAt path of the weakest bend
     * @param shortN by how much the weakest bend holds too little; 0 where it holds
     * @param pull the weakest bend under the load that it should hold; absent where nothing has to hold
     */
    public record Holding(
            @Term("whether every bend holds what the purpose wants")
            boolean holds,

            @Term("what the weakest bend holds, N; absent where nothing has to hold")
            OptionalDouble holdN,

            @Term("what it should hold, N") OptionalDouble wantsN,
            @Term("path of the weakest bend") Optional<String> holdsAt,

            @Term("by how much the weakest bend holds too little, N; 0 where it holds")
            double shortN,

            @Term("the weakest bend under the load that it should hold; absent where nothing has to hold")
            Optional<Pull> pull) {}

    /**
     * What the metal stands.
     *
     * @param stands whether no place is strained beyond what the metal stands
     * @param strain greatest strain added since purchase
     * @param strainLeft least that is left before it may crack
     * @param standsAt path of the element that is strained most
     * @param overStrain by how much a place is strained beyond what the metal stands; 0 where it stands
     */
    public record Standing(
            @Term("whether no place is strained beyond what the metal stands")
            boolean stands,

            @Term("greatest strain added since purchase") double strain,
            @Term("least that is left before it may crack") double strainLeft,

            @Term("path of the element that is strained most")
            Optional<String> standsAt,

            @Term("by how much a place is strained beyond what the metal stands; 0 where it stands")
            double overStrain) {}

    /**
     * How much wire it takes.
     *
     * @param cutLengthMm wire of all strands
     * @param massG mass of that wire
     * @param price what all wire of the piece costs; absent where a metal has no price
     * @param sells what the piece is sold for; absent where a metal has no price
     */
    public record Takes(
            @Term("wire of all strands, mm") double cutLengthMm,
            @Term("mass of that wire, g") double massG,

            @Term("what all wire of the piece costs; absent where a metal has no price")
            OptionalDouble price,

            @Term("what the piece is sold for; absent where a metal has no price")
            OptionalDouble sells) {}

    /**
     * What to try.
     *
     * @param gauges thicknesses
     * @param tempers tempers
     * @param metal the metal
     * @param strand index of the strand whose wire changes, with all others of that wire
     */
    public record Trial(List<Gauge> gauges, List<Temper> tempers, Metal metal, int strand) {
        /** @throws IllegalArgumentException if there is nothing to try */
        public Trial {
            Check.that(!gauges.isEmpty() && !tempers.isEmpty(), "gauges and tempers must hold at least one each");
        }
    }

    /** Index of the first strand of the thickest wire. */
    public static int thickest(Piece piece) {
        int found = 0;
        for (int i = 1; i < piece.strands().size(); i++) {
            if (piece.strands().get(i).wire().section().thicknessMm()
                    > piece.strands().get(found).wire().section().thicknessMm()) {
                found = i;
            }
        }
        return found;
    }

    /**
     * The field of a piece.
     *
     * @param sold what the piece is sold for where the wire in it costs the first, and what is cut off it the second
     * @throws BadInput if the document does not hold together, or there is no such strand
     */
    public static Field of(Piece piece, Trial trial, Toolbox box, Prices prices, DoubleBinaryOperator sold) {
        PieceChecks.require(piece);
        if (trial.strand() < 0 || trial.strand() >= piece.strands().size()) {
            throw new BadInput(
                    "strand",
                    trial.strand(),
                    "must be from 0 to " + (piece.strands().size() - 1));
        }
        Thread asker = Thread.currentThread();
        List<Cell> cells = trial.gauges().parallelStream()
                .flatMap(gauge -> new Rows(piece, trial, box, prices, sold, asker).of(gauge).stream())
                .toList();
        return new Field(trial.metal(), cells);
    }

    /** A section of the same shape in another thickness. */
    private static WireSection section(WireSection section, Gauge gauge) {
        double share = gauge.thicknessMm() / section.thicknessMm();
        if (section instanceof Flat flat) {
            return new Flat(flat.widthMm() * share, gauge.thicknessMm(), gauge.label(), flat.bent());
        }
        if (section instanceof HalfRound half) {
            return new HalfRound(half.widthMm() * share, gauge.thicknessMm(), gauge.label(), half.bent());
        }
        return section instanceof Square
                ? new Square(gauge.thicknessMm(), gauge.label())
                : new Round(gauge.thicknessMm(), gauge.label());
    }

    /** An element of the piece and what is read off it. */
    private record Place(String path, StrandWork work, Reading reading, double wantsN) {
        double share() {
            return reading.standsN().isPresent() ? reading.standsN().getAsDouble() / wantsN : Double.MAX_VALUE;
        }
    }

    /** Works the piece in the tempers of a gauge. */
    private record Rows(Piece piece, Trial trial, Toolbox box, Prices prices, DoubleBinaryOperator sold, Thread asker) {
        List<Cell> of(Gauge gauge) {
            List<Cell> cells = new ArrayList<>();
            List<StrandWork> known = List.of();
            for (Temper temper : trial.tempers()) {
                Stopped.where(asker);
                Optional<String> refused = Optional.empty();
                try {
                    Wire old = piece.strands().get(trial.strand()).wire();
                    WireSection section = section(old.section(), gauge);
                    Piece tried = Remake.inWire(
                            piece, trial.strand(), new Wire(trial.metal(), temper, old.finish(), section));
                    PieceChecks.require(tried);
                    known = works(tried, known);
                    cells.add(cell(gauge, temper, tried, known));
                } catch (BadInput bad) {
                    refused = Optional.of(bad.violations().get(0).path() + " "
                            + bad.violations().get(0).limit());
                } catch (IllegalArgumentException bad) {
                    refused = Optional.of(bad.getMessage());
                }
                refused.ifPresent(why -> cells.add(refused(gauge, temper, why)));
            }
            return cells;
        }

        /** The form is the same in all tempers where the elements are. */
        private static List<StrandWork> works(Piece tried, List<StrandWork> known) {
            List<StrandWork> works = new ArrayList<>();
            for (int i = 0; i < tried.strands().size(); i++) {
                Strand strand = tried.strands().get(i);
                works.add(i < known.size() ? StrandWork.of(tried, strand, known.get(i)) : StrandWork.of(tried, strand));
            }
            return works;
        }

        private static Cell refused(Gauge gauge, Temper temper, String why) {
            OptionalDouble none = OptionalDouble.empty();
            Optional<String> nowhere = Optional.empty();
            return new Cell(
                    new Bought(gauge.thicknessMm(), gauge.label(), temper),
                    Optional.of(why),
                    Optional.empty(),
                    new Forms(Optional.empty(), nowhere, Optional.empty()),
                    new Holding(false, none, none, nowhere, 0, Optional.empty()),
                    new Standing(false, 0, 0, nowhere, 0),
                    new Takes(0, 0, none, none),
                    Optional.empty());
        }

        private Cell cell(Gauge gauge, Temper temper, Piece tried, List<StrandWork> works) {
            List<Place> places = places(tried, works);
            Place stiffest = most(places, p -> p.reading().toolMomentNmm());
            Place weakest = most(places, p -> -p.share());
            Place worn = most(places, p -> -p.reading().strainLeft());
            Optional<Hold> hold =
                    tried.purpose().carriesLoad() ? weakest.reading().hold() : Optional.empty();
            boolean spring = tried.strands().stream().anyMatch(s -> s.wire().metal() == Metal.MUSIC_WIRE);
            double over =
                    worn.reading().strainUsed() - worn.work().strand().wire().redStrain();
            Place decides = hold.isPresent() ? weakest : stiffest;
            return new Cell(
                    new Bought(gauge.thicknessMm(), gauge.label(), temper),
                    Optional.empty(),
                    Optional.of(tried.strands().get(trial.strand()).wire()),
                    new Forms(
                            Optional.of(FormedBy.of(stiffest.reading().toolMomentNmm())),
                            Optional.of(stiffest.path()),
                            decides.reading().element().isBent()
                                    ? Optional.of(Tool.of(
                                            decides.work(), decides.reading().element(), box))
                                    : Optional.empty()),
                    new Holding(
                            hold.isEmpty() || weakest.share() >= 1,
                            hold.isPresent() ? weakest.reading().standsN() : OptionalDouble.empty(),
                            optional(hold.map(h -> weakest.wantsN())),
                            hold.map(h -> weakest.path()),
                            hold.isEmpty() ? 0 : Math.max(0, weakest.wantsN() * (1 - weakest.share())),
                            hold.map(h -> h.under(weakest.wantsN()))),
                    new Standing(
                            spring || worn.reading().strainLeft() > 0,
                            worn.reading().strain(),
                            worn.reading().strainLeft(),
                            Optional.of(worn.path()),
                            spring ? 0 : Math.max(0, over)),
                    new Takes(
                            sum(works, w -> w.strand().count() * w.cutMm()),
                            sum(
                                    works,
                                    w -> w.strand().count() * w.strand().wire().massG(w.cutMm())),
                            price(works, StrandWork::cutMm),
                            sells(works)),
                    Rules.look(Bench.withoutFixes(tried, works, box)).stream().findFirst());
        }

        private OptionalDouble sells(List<StrandWork> works) {
            OptionalDouble net = price(works, StrandWork::netMm);
            OptionalDouble off = price(works, w -> w.cutMm() + CutAllowance.NIPS_MM - w.netMm());
            return net.isPresent() && off.isPresent()
                    ? OptionalDouble.of(sold.applyAsDouble(net.getAsDouble(), off.getAsDouble()))
                    : OptionalDouble.empty();
        }

        private OptionalDouble price(List<StrandWork> works, ToDoubleFunction<StrandWork> mm) {
            double sum = 0;
            for (StrandWork work : works) {
                OptionalDouble one =
                        prices.of(work.strand().wire(), work.strand().count() * mm.applyAsDouble(work));
                if (one.isEmpty()) {
                    return one;
                }
                sum += one.getAsDouble();
            }
            return OptionalDouble.of(sum);
        }
    }

    private static OptionalDouble optional(Optional<Double> value) {
        return value.map(OptionalDouble::of).orElse(OptionalDouble.empty());
    }

    private static double sum(List<StrandWork> works, ToDoubleFunction<StrandWork> figure) {
        return works.stream().mapToDouble(figure).sum();
    }

    private static List<Place> places(Piece piece, List<StrandWork> works) {
        List<Place> places = new ArrayList<>();
        Wanted wanted = Wanted.of(piece, works);
        for (int s = 0; s < works.size(); s++) {
            StrandWork work = works.get(s);
            for (int e = 0; e < work.readings().size(); e++) {
                double wants =
                        wanted.newtons(work.strand(), work.strand().elements().get(e));
                places.add(new Place(
                        "strands." + s + ".elements." + e, work, work.readings().get(e), wants));
            }
        }
        return places;
    }

    private static Place most(List<Place> places, ToDoubleFunction<Place> figure) {
        return places.stream().max(Comparator.comparingDouble(figure)).orElseThrow();
    }
}
