package org.etui.core.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.ToDoubleFunction;
import org.etui.core.check.BadInput;
import org.etui.core.check.Check;
import org.etui.core.check.Term;
import org.etui.core.mechanics.FormedBy;
import org.etui.core.metal.Metal;
import org.etui.core.metal.Temper;
import org.etui.core.piece.Piece;
import org.etui.core.piece.PieceChecks;
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
import org.etui.core.tool.Toolbox;
import org.etui.core.wire.Wire;
import org.etui.core.work.Reading;
import org.etui.core.work.StrandWork;

/**
 * The whole piece worked again in every gauge and temper. The strands of the thickest wire change, finer ones that lash or weave
 * stay as they are.
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
            @Term(value = "thickness, mm; other measures of a section change with it", above = 0, to = 20)
            double thicknessMm,

            @Term("the name it is sold by") Optional<GaugeLabel> label) {}

    /**
     * What a piece comes to in one wire.
     *
     * @param thicknessMm thickness
     * @param label the name it is sold by
     * @param temper its temper
     * @param refused why it cannot be made so; absent where it can
     * @param forms what forming takes at most
     * @param formsAt path of the element that takes most
     * @param holds whether every bend holds what the purpose wants
     * @param holdN what the weakest bend holds; absent where nothing has to hold
     * @param wantsN what it should hold
     * @param holdsAt path of the weakest bend
     * @param stands whether no place is strained beyond what the metal stands
     * @param strain greatest strain added since purchase
     * @param strainLeft least that is left before it may crack
     * @param standsAt path of the element that is strained most
     * @param cutLengthMm wire of all strands
     * @param massG mass of that wire
     * @param worst the worst advice; absent where there is none
     */
    public record Cell(
            @Term("thickness, mm") double thicknessMm,
            @Term("the name it is sold by") Optional<GaugeLabel> label,
            @Term("its temper") Temper temper,

            @Term("why it cannot be made so; absent where it can")
            Optional<String> refused,

            @Term("what forming takes at most") Optional<FormedBy> forms,

            @Term("path of the element that takes most") Optional<String> formsAt,

            @Term("whether every bend holds what the purpose wants")
            boolean holds,

            @Term("what the weakest bend holds, N; absent where nothing has to hold")
            OptionalDouble holdN,

            @Term("what it should hold, N") OptionalDouble wantsN,
            @Term("path of the weakest bend") Optional<String> holdsAt,

            @Term("whether no place is strained beyond what the metal stands")
            boolean stands,

            @Term("greatest strain added since purchase") double strain,

            @Term("least that is left before it may crack") double strainLeft,

            @Term("path of the element that is strained most")
            Optional<String> standsAt,

            @Term("wire of all strands, mm") double cutLengthMm,
            @Term("mass of that wire, g") double massG,

            @Term("the worst advice; absent where there is none")
            Optional<Advice> worst) {}

    /**
     * The field of a piece.
     *
     * @throws BadInput if the document does not hold together
     */
    public static Field of(Piece piece, List<Gauge> gauges, List<Temper> tempers, Metal metal, Toolbox box) {
        PieceChecks.require(piece);
        Check.that(!gauges.isEmpty() && !tempers.isEmpty(), "gauges and tempers must hold at least one each");
        double thickest = piece.strands().stream()
                .mapToDouble(s -> s.wire().section().thicknessMm())
                .max()
                .orElseThrow();
        List<Cell> cells = gauges.parallelStream()
                .flatMap(gauge -> row(piece, gauge, tempers, metal, thickest, box).stream())
                .toList();
        return new Field(metal, cells);
    }

    /** Tempers of one gauge: the form is the same in all. */
    private static List<Cell> row(
            Piece piece, Gauge gauge, List<Temper> tempers, Metal metal, double thickest, Toolbox box) {
        List<Cell> cells = new ArrayList<>();
        List<StrandWork> known = List.of();
        for (Temper temper : tempers) {
            Optional<String> refused = Optional.empty();
            try {
                Piece tried = tried(piece, gauge, temper, metal, thickest);
                PieceChecks.require(tried);
                List<StrandWork> works = new ArrayList<>();
                for (int i = 0; i < tried.strands().size(); i++) {
                    Strand strand = tried.strands().get(i);
                    works.add(
                            known.isEmpty()
                                    ? StrandWork.of(tried, strand)
                                    : StrandWork.of(tried, strand, known.get(i)));
                }
                known = works;
                cells.add(cell(gauge, temper, tried, works, box));
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

    private static Cell refused(Gauge gauge, Temper temper, String why) {
        OptionalDouble none = OptionalDouble.empty();
        Optional<String> nowhere = Optional.empty();
        return new Cell(
                gauge.thicknessMm(),
                gauge.label(),
                temper,
                Optional.of(why),
                Optional.empty(),
                nowhere,
                false,
                none,
                none,
                nowhere,
                false,
                0,
                0,
                nowhere,
                0,
                0,
                Optional.empty());
    }

    private static Piece tried(Piece piece, Gauge gauge, Temper temper, Metal metal, double thickest) {
        return piece.withStrands(piece.strands().stream()
                .map(s -> s.wire().section().thicknessMm() < thickest
                        ? s
                        : s.withWire(new Wire(
                                metal,
                                temper,
                                s.wire().finish(),
                                section(s.wire().section(), gauge))))
                .toList());
    }

    /** A section of the same shape in another thickness. */
    private static WireSection section(WireSection section, Gauge gauge) {
        double share = gauge.thicknessMm() / section.thicknessMm();
        if (section instanceof Flat flat) {
            return new Flat(flat.widthMm() * share, gauge.thicknessMm(), gauge.label());
        }
        if (section instanceof HalfRound half) {
            return new HalfRound(half.widthMm() * share, gauge.thicknessMm(), gauge.label());
        }
        return section instanceof Square
                ? new Square(gauge.thicknessMm(), gauge.label())
                : new Round(gauge.thicknessMm(), gauge.label());
    }

    /** An element of the piece and what is read off it. */
    private record Place(String path, Reading reading, double wantsN) {
        double share() {
            return reading.hold().map(h -> h.holdsN() / wantsN).orElse(Double.MAX_VALUE);
        }
    }

    private static Cell cell(Gauge gauge, Temper temper, Piece piece, List<StrandWork> works, Toolbox box) {
        List<Place> places = places(piece, works);
        Place stiffest = most(places, p -> p.reading().toolMomentNmm());
        Place weakest = most(places, p -> -p.share());
        Place worn = most(places, p -> -p.reading().strainLeft());
        boolean loaded = piece.purpose().carriesLoad() && weakest.share() < Double.MAX_VALUE;
        boolean spring = piece.strands().stream().anyMatch(s -> s.wire().metal() == Metal.MUSIC_WIRE);
        double cut =
                works.stream().mapToDouble(w -> w.strand().count() * w.cutMm()).sum();
        double mass = works.stream()
                .mapToDouble(w -> w.strand().count() * w.strand().wire().massG(w.cutMm()))
                .sum();
        return new Cell(
                gauge.thicknessMm(),
                gauge.label(),
                temper,
                Optional.empty(),
                Optional.of(FormedBy.of(stiffest.reading().toolMomentNmm())),
                Optional.of(stiffest.path()),
                !loaded || weakest.share() >= 1,
                loaded
                        ? OptionalDouble.of(
                                weakest.reading().hold().orElseThrow().holdsN())
                        : OptionalDouble.empty(),
                loaded ? OptionalDouble.of(weakest.wantsN()) : OptionalDouble.empty(),
                loaded ? Optional.of(weakest.path()) : Optional.empty(),
                spring || worn.reading().strainLeft() > 0,
                worn.reading().strain(),
                worn.reading().strainLeft(),
                Optional.of(worn.path()),
                cut,
                mass,
                Rules.look(Bench.withoutFixes(piece, works, box)).stream().findFirst());
    }

    private static List<Place> places(Piece piece, List<StrandWork> works) {
        List<Place> places = new ArrayList<>();
        for (int s = 0; s < works.size(); s++) {
            double wants = piece.purpose().wantsN() / works.get(s).strand().sharing();
            for (int e = 0; e < works.get(s).readings().size(); e++) {
                places.add(new Place(
                        "strands." + s + ".elements." + e,
                        works.get(s).readings().get(e),
                        wants));
            }
        }
        return places;
    }

    private static Place most(List<Place> places, ToDoubleFunction<Place> figure) {
        return places.stream().max(Comparator.comparingDouble(figure)).orElseThrow();
    }
}
