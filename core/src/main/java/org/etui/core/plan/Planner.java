package org.etui.core.plan;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.concurrent.ForkJoinPool;
import java.util.concurrent.ForkJoinTask;
import java.util.function.ToDoubleFunction;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.etui.core.act.Operation;
import org.etui.core.act.Run;
import org.etui.core.act.Workpiece;
import org.etui.core.check.BadInput;
import org.etui.core.curve.Arc;
import org.etui.core.curve.CentreLine;
import org.etui.core.curve.CurvePiece;
import org.etui.core.curve.Helix;
import org.etui.core.curve.Pose;
import org.etui.core.curve.Spiral;
import org.etui.core.element.Element;
import org.etui.core.element.Seating;
import org.etui.core.element.Wrap;
import org.etui.core.log.Habit;
import org.etui.core.log.Hand;
import org.etui.core.measure.LengthFormat;
import org.etui.core.mechanics.FormedBy;
import org.etui.core.mechanics.Hold;
import org.etui.core.piece.HandleAt;
import org.etui.core.piece.Part;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Strand;
import org.etui.core.rule.Advice;
import org.etui.core.rule.Bench;
import org.etui.core.rule.Cautions;
import org.etui.core.rule.NoHammer;
import org.etui.core.rule.Rules;
import org.etui.core.section.Section;
import org.etui.core.sequence.BenchCard;
import org.etui.core.sequence.Lock;
import org.etui.core.sequence.Step;
import org.etui.core.sequence.Tool;
import org.etui.core.verify.PieceChecks;
import org.etui.core.wire.Wire;
import org.etui.core.work.Chain;
import org.etui.core.work.CutAllowance;
import org.etui.core.work.Effort;
import org.etui.core.work.Marks;
import org.etui.core.work.Reading;
import org.etui.core.work.Seats;
import org.etui.core.work.State;
import org.etui.core.work.StrandWork;
import org.etui.core.work.Wanted;
import org.hipparchus.geometry.euclidean.threed.Vector3D;

/** Makes the plan of a piece: the whole road from the document to everything that is read off it. */
public final class Planner {
    /** Room between the two of a pair in the drawing, mm. */
    private static final double PAIR_APART_MM = 4;

    /** What is shorter than that is no part of the tape, mm. */
    private static final double LEAST_MM = 1e-6;

    private Planner() {}

    /**
     * The plan of a piece.
     *
     * @throws BadInput with every violation, if the document does not hold together
     */
    public static Plan plan(Piece piece, PlanOptions options) {
        PieceChecks.require(piece);
        Seats seats = new Seats(piece);
        List<StrandWork> works = StrandWork.all(piece, seats, options.hand());
        if (options.states() == PlanOptions.States.ALL) {
            Effort.requireStates(works);
        }
        View view = View.of(works, seats.of(works));
        // What is seen and what is told ask nothing of one another: side by side.
        ForkJoinTask<Seen> looking = ForkJoinPool.commonPool().submit(() -> Seen.of(piece, works, view, options));
        List<Advice> advice = Rules.look(Bench.of(piece, works, options.box(), options.format()));
        BenchCard.Card card = BenchCard.of(
                piece, works, advice, options.format(), options.box(), options.school(), options.log(), options.hand());
        List<Advice> all = new ArrayList<>(withLocks(Rules.once(piece, advice), card.locks()));
        Seen seen = looking.join();
        clash(seen.strands(), seen.clashes(), options.format()).ifPresent(all::add);
        all.addAll(StoneAdvice.of(piece, seen.bodies(), seen.strands(), options.format()));
        return new Plan(
                seen.strands(),
                card.steps(),
                all.stream().sorted(Comparator.comparing(Advice::severity)).toList(),
                Cautions.of(piece, works),
                totals(piece, works, card.steps()),
                weakest(seen.strands()),
                card.locks(),
                PartDrawn.of(piece, seen.strands()),
                seen.bodies(),
                seen.clashes(),
                chains(piece, works, view));
    }

    /** What is seen of a piece: its wires and bodies as they lie, and what wants to be in one place. */
    private record Seen(List<Plan.StrandPlan> strands, List<Clash> clashes, List<BodyPlan> bodies) {
        static Seen of(Piece piece, List<StrandWork> works, View view, PlanOptions options) {
            Wanted wanted = Wanted.of(piece, works);
            List<Plan.StrandPlan> strands = works.stream()
                    .map(w -> strand(piece, w, wanted, view.of(w.strand()), options))
                    .toList();
            List<Clash> clashes = Seats.isSeated(piece) ? Clash.of(strands) : List.of();
            return new Seen(strands, clashes, BodyPlan.of(piece, strands));
        }
    }

    private static List<Plan.ChainPlan> chains(Piece piece, List<StrandWork> works, View view) {
        return works.stream()
                .flatMap(w -> Chain.of(piece, w).map(c -> chain(c, w.strand(), view.of(w.strand()))).stream())
                .toList();
    }

    private static Plan.ChainPlan chain(Chain chain, Strand strand, Pose view) {
        return new Plan.ChainPlan(
                strand.id(),
                chain.links(),
                chain.pitchMm(),
                chain.lengthMm(),
                view.at(chain.from()).toArray(),
                view.frame().applyTo(chain.along()).toArray(),
                view.frame().applyTo(chain.about()).toArray(),
                Math.toDegrees(chain.turnRad()));
    }

    /** The deepest of what wants to be in one place is said, and how many more there are. */
    private static Optional<Advice> clash(List<Plan.StrandPlan> strands, List<Clash> clashes, LengthFormat format) {
        return clashes.stream().findFirst().map(deepest -> {
            String more = clashes.size() == 1 ? "" : " So do " + (clashes.size() - 1) + " more pairs.";
            return Advice.clash(
                    named(strands, deepest.a()), named(strands, deepest.b()), format.say(deepest.overlapMm(), 1), more);
        });
    }

    private static String named(List<Plan.StrandPlan> strands, String address) {
        String id = address.substring(0, address.indexOf('.'));
        return strands.stream()
                .filter(s -> s.id().equals(id))
                .flatMap(s -> s.elements().stream()
                        .filter(e -> address.equals(id + "." + e.id()))
                        .map(e -> e.label() + " of the " + s.title().toLowerCase(Locale.ROOT)))
                .findFirst()
                .orElseThrow();
    }

    /** What cannot be put together is said before all else. */
    private static List<Advice> withLocks(List<Advice> advice, List<Lock> locks) {
        return Stream.concat(locks.stream().map(l -> Advice.locked(l.because(), l.instead())), advice.stream())
                .toList();
    }

    /**
     * A strand as it is after one of its operations: outline, stations, crossings and what every element then holds. The drawing
     * lies as that of the finished piece does; wire that is still straight lies level.
     *
     * @param strand id of the strand
     * @param state 0 for the straight wire, then the index of the operation; the finished wire where empty
     * @throws BadInput if the document does not hold together, or there is no such strand or state
     */
    public static Plan.StrandPlan moment(Piece piece, String strand, OptionalInt state, PlanOptions options) {
        PieceChecks.require(piece);
        List<StrandWork> works = StrandWork.all(piece, new Seats(piece), options.hand());
        StrandWork work = works.stream()
                .filter(w -> w.strand().id().equals(strand))
                .findFirst()
                .orElseThrow(() -> new BadInput("strand", strand, "must be the id of a strand of the piece"));
        int last = work.states().size() - 1;
        int asked = state.orElse(last);
        if (asked < 0 || asked > last) {
            throw new BadInput("state", asked, "must be from 0 to " + last);
        }
        StrandWork then = asked == last ? work : work.upTo(piece, asked, options.hand());
        Pose view = then.isStraight() ? View.alone(then) : View.of(piece, works).of(then.strand());
        return strand(piece, then, Wanted.of(piece, works), view, options);
    }

    private static List<Plan.OperationPlan> operations(StrandWork work) {
        List<Plan.OperationPlan> rows = new ArrayList<>();
        for (Operation operation : work.operations()) {
            String id = operation.id();
            boolean forms = operation.forms().isPresent()
                    || work.strand()
                            .element(id)
                            .filter(e -> e.handling().flattenedToMm().isPresent())
                            .isPresent();
            rows.add(new Plan.OperationPlan(
                    rows.size() + 1,
                    operation.inWords(),
                    forms
                            ? Plan.OperationKind.FORM
                            : operation.trims() ? Plan.OperationKind.TRIM : Plan.OperationKind.WORK,
                    id,
                    operation.elements().stream().sorted().toList(),
                    operation.leaves()));
        }
        return List.copyOf(rows);
    }

    private static Plan.StrandPlan strand(Piece piece, StrandWork work, Wanted wanted, Pose view, PlanOptions options) {
        List<double[]> outline = outline(work.stations(), view);
        Wire wire = work.strand().wire();
        List<Plan.ElementPlan> elements = work.strand().elements().stream()
                .map(e -> element(piece, work, e, wanted.newtons(work.strand(), e), view, options))
                .toList();
        return new Plan.StrandPlan(
                work.strand().id(),
                work.strand().title(),
                work.strand().count(),
                pair(work.strand()),
                new Plan.Bought(
                        wire,
                        wire.inWords(options.format()),
                        wire.gaugesInWords(),
                        wire.temper().strain(),
                        wire.amberStrain(),
                        wire.redStrain()),
                new Plan.Amount(
                        work.netMm(),
                        work.cutMm(),
                        work.stretch(),
                        work.handleAt(),
                        massG(work),
                        surfaceMm2(work),
                        tape(work)),
                new Plan.Drawn(
                        Extents.of(work, view, outline),
                        outline,
                        second(work.strand(), outline),
                        Overlaps.of(work),
                        NoHammer.of(piece, work),
                        carried(work.strand())),
                elements,
                weakestOf(elements).map(Plan.ElementPlan::id),
                elements.stream()
                        .min(Comparator.comparingDouble(e -> e.worked().strainLeft()))
                        .orElseThrow()
                        .id(),
                Marks.of(work),
                operations(work),
                states(work, view, options));
    }

    /** What the first of its elements that has a seat is wound round, where that is another wire. */
    private static Optional<Plan.Carried> carried(Strand strand) {
        return strand.elements().stream()
                .filter(e -> !e.sitsOn().isEmpty())
                .findFirst()
                .flatMap(e -> e.seated(Seating.wraps()).flatMap(w -> w))
                .flatMap(Wrap::seat)
                .filter(seat -> !seat.round().get(0).startsWith(strand.id() + "."))
                .map(seat -> new Plan.Carried(seat.round(), seat.at()));
    }

    /** The cut wire from its beginning: handle and spare lie where the handle is, else the spare at the end. */
    private static List<Plan.OnTape> tape(StrandWork work) {
        CutAllowance stretch = work.stretch();
        HandleAt at = work.handleAt();
        double handle = at == HandleAt.BOTH ? stretch.handleMm() / 2 : stretch.handleMm();
        double spare = stretch.tailMm() + stretch.fileMm() + stretch.roundingMm();
        List<Plan.OnTape> parts = new ArrayList<>();
        if (at == HandleAt.START) {
            lay(parts, Optional.empty(), "spare", spare);
        }
        if (at == HandleAt.START || at == HandleAt.BOTH) {
            lay(parts, Optional.empty(), "handle", handle);
        }
        work.strand()
                .elements()
                .forEach(e ->
                        lay(parts, Optional.of(e.id()), e.label(), work.cut().wireMm(e.id())));
        if (at == HandleAt.END || at == HandleAt.BOTH) {
            lay(parts, Optional.empty(), "handle", handle);
        }
        if (at != HandleAt.START) {
            lay(parts, Optional.empty(), "spare", work.cutMm() - end(parts));
        }
        return List.copyOf(parts);
    }

    private static void lay(List<Plan.OnTape> parts, Optional<String> element, String label, double mm) {
        if (mm > LEAST_MM) {
            parts.add(new Plan.OnTape(element, label, end(parts), end(parts) + mm));
        }
    }

    private static double end(List<Plan.OnTape> parts) {
        return parts.isEmpty() ? 0 : parts.get(parts.size() - 1).toMm();
    }

    private static Optional<Plan.Weakest> weakest(List<Plan.StrandPlan> strands) {
        return strands.stream()
                .flatMap(s -> weakestOf(s.elements()).stream().map(e -> weakest(s, e)))
                .min(Comparator.comparingDouble(w -> w.holdsN() / w.shouldN()));
    }

    private static Plan.Weakest weakest(Plan.StrandPlan strand, Plan.ElementPlan element) {
        Plan.Strength strength = element.strength();
        return new Plan.Weakest(
                strand.id(),
                element.id(),
                strength.standsN().getAsDouble(),
                strength.wantsN().getAsDouble());
    }

    private static Optional<Plan.ElementPlan> weakestOf(List<Plan.ElementPlan> elements) {
        return elements.stream()
                .filter(e -> e.strength().standsN().isPresent()
                        && e.strength().wantsN().isPresent())
                .min(Comparator.comparingDouble(e -> e.strength().standsN().getAsDouble()
                        / e.strength().wantsN().getAsDouble()));
    }

    /** The second of a pair to the right of the first: the same, or its mirror image. */
    private static Optional<List<double[]>> second(Strand strand, List<double[]> outline) {
        if (!strand.matched()) {
            return Optional.empty();
        }
        double least = outline.stream().mapToDouble(p -> p[0]).min().orElse(0);
        double most = outline.stream().mapToDouble(p -> p[0]).max().orElse(0);
        double apart = PAIR_APART_MM + strand.wire().section().widthMm();
        double shift = strand.mirror() ? 2 * most + apart : most - least + apart;
        int way = strand.mirror() ? -1 : 1;
        return Optional.of(outline.stream()
                .map(p -> new double[] {shift + way * p[0], p[1], p[2], p[3]})
                .toList());
    }

    private static Plan.Pair pair(Strand strand) {
        if (!strand.matched()) {
            return Plan.Pair.NONE;
        }
        return strand.mirror() ? Plan.Pair.MIRRORED : Plan.Pair.ALIKE;
    }

    /** The wire that stays, and the balls that were bought on it. */
    private static double massG(StrandWork work) {
        double balls = work.strand().elements().stream()
                .mapToDouble(e -> e.handling().boughtMm3())
                .sum();
        Wire wire = work.strand().wire();
        return wire.massG(work.netMm()) + balls * wire.metal().densityGPerCm3() / 1000;
    }

    private static List<double[]> outline(List<CentreLine.Station> stations, Pose view) {
        double[][] turn = view.frame().getMatrix();
        Vector3D moved = view.position();
        List<double[]> outline = new ArrayList<>(stations.size());
        for (CentreLine.Station station : stations) {
            Vector3D p = station.pose().position();
            outline.add(new double[] {
                seen(turn[0], p) + moved.getX(),
                seen(turn[1], p) + moved.getY(),
                seen(turn[2], p) + moved.getZ(),
                station.wireMm()
            });
        }
        return Collections.unmodifiableList(outline);
    }

    private static double seen(double[] axis, Vector3D point) {
        return axis[0] * point.getX() + axis[1] * point.getY() + axis[2] * point.getZ();
    }

    private static Plan.ElementPlan element(
            Piece piece, StrandWork work, Element element, double wantsN, Pose view, PlanOptions options) {
        double from = work.cut().fromMm(element.id());
        double length = work.cut().wireMm(element.id());
        Optional<Round> round = Round.of(work, element)
                .map(r -> r.times(options.hand().factor(Habit.SPRINGBACK, StrandWork.group(work.strand(), element))));
        Reading reading = work.reading(element.id());
        return new Plan.ElementPlan(
                element.id(),
                element.label(),
                element.kind(),
                new Plan.Along(length, from, from + length),
                new Plan.Formed(
                        element.isBent() ? Optional.of(Tool.of(work, element, options.box())) : Optional.empty(),
                        round.map(Round::sizes),
                        mandrelRule(element, round),
                        element.handling().boughtMm3() > 0
                                ? OptionalDouble.of(element.handling().boughtMm3()
                                        / work.strand().wire().section().areaMm2())
                                : OptionalDouble.empty(),
                        round.map(r -> {
                            Vector3D centre = view.at(r.centre());
                            return new double[] {centre.getX(), centre.getY(), centre.getZ()};
                        }),
                        reading.toolMomentNmm(),
                        FormedBy.of(reading.toolMomentNmm())),
                new Plan.Worked(reading.strain(), reading.strainLeft(), reading.hardnessHv(), reading.temperNow()),
                strength(piece, wantsN, reading),
                reading.springing());
    }

    private static Plan.Strength strength(Piece piece, double wants, Reading reading) {
        boolean loaded = reading.hold().isPresent() && piece.purpose().carriesLoad();
        return new Plan.Strength(
                hold(reading, Hold::startsToGiveN),
                hold(reading, Hold::startsFromN),
                hold(reading, Hold::startsToN),
                hold(reading, Hold::holdsN),
                hold(reading, Hold::holdsFromN),
                hold(reading, Hold::holdsToN),
                reading.hold().map(Hold::fails),
                reading.hold().map(Hold::sidewaysN).orElse(OptionalDouble.empty()),
                reading.hold().map(Hold::squeezeN).orElse(OptionalDouble.empty()),
                hold(reading, Hold::givesMmPerN),
                loaded ? OptionalDouble.of(wants) : OptionalDouble.empty(),
                reading.hold().isPresent() && reading.isSqueezed(),
                reading.opensLeft(),
                loaded ? reading.hold().map(h -> h.under(wants)) : Optional.empty());
    }

    private static OptionalDouble hold(Reading reading, ToDoubleFunction<Hold> figure) {
        return reading.hold().isPresent()
                ? OptionalDouble.of(figure.applyAsDouble(reading.hold().get()))
                : OptionalDouble.empty();
    }

    /** “π × mandrel” for what is wound on one. */
    private static OptionalDouble mandrelRule(Element element, Optional<Round> round) {
        return round.isPresent() && element.woundInsideMm().isPresent()
                ? OptionalDouble.of(Math.PI
                        * element.woundInsideMm().getAsDouble()
                        * round.get().sizes().turns())
                : OptionalDouble.empty();
    }

    /** The largest arc or the spiral of an element as it lies at last. */
    private record Round(Plan.Sizes sizes, Vector3D centre) {
        /** Less than a calliper shows is no inside. */
        private static final double LEAST_INSIDE_MM = 0.005;

        static Optional<Round> of(StrandWork work, Element element) {
            Workpiece finished = work.finished();
            for (int i = 0; i < finished.runs().size(); i++) {
                Run run = finished.runs().get(i);
                if (run.element().equals(element.id()) && run.now() instanceof Spiral spiral) {
                    return Optional.of(of(
                            spiral,
                            run.section().inPlaneMm(),
                            work.line().pieces().get(i).start()));
                }
            }
            return ofArc(work, element);
        }

        /** As it comes out of the maker's own hand. */
        Round times(double factor) {
            OptionalDouble inside = sizes.insideMm();
            return factor == 1
                    ? this
                    : new Round(
                            new Plan.Sizes(
                                    inside.isPresent() ? OptionalDouble.of(factor * inside.getAsDouble()) : inside,
                                    factor * sizes.outsideMm(),
                                    sizes.turns()),
                            centre);
        }

        private static Round of(Spiral spiral, double wireMm, Pose start) {
            double outside = 2 * spiral.outsideRadiusMm() - spiral.pitchMm() / 2 + wireMm;
            Plan.Sizes sizes = new Plan.Sizes(inside(2 * spiral.insideRadiusMm() - wireMm), outside, spiral.turns());
            return new Round(sizes, start.at(spiral.centre()));
        }

        /** Nothing where the wire closes it. */
        private static OptionalDouble inside(double mm) {
            return mm < LEAST_INSIDE_MM ? OptionalDouble.empty() : OptionalDouble.of(mm);
        }

        private static Optional<Round> ofArc(StrandWork work, Element element) {
            Workpiece finished = work.finished();
            CentreLine line = work.line();
            Optional<Round> found = Optional.empty();
            double widest = 0;
            for (int i = 0; i < finished.runs().size(); i++) {
                Run run = finished.runs().get(i);
                boolean wound =
                        element.woundInsideMm().isPresent() && run.element().equals(element.id());
                if (wound && flat(run.now()) instanceof Arc arc && arc.turnRad() > widest) {
                    widest = arc.turnRad();
                    double half = run.section().inPlaneMm() / 2;
                    double side = Math.signum(arc.sweepRad());
                    found = Optional.of(new Round(
                            new Plan.Sizes(
                                    inside(2 * (arc.radiusMm() - half)),
                                    2 * (arc.radiusMm() + half),
                                    widest / (2 * Math.PI)),
                            line.pieces().get(i).start().at(middle(run.now(), side * arc.radiusMm()))));
                }
            }
            return found;
        }
    }

    /** What a curve is along its axis. */
    private static CurvePiece flat(CurvePiece piece) {
        return piece instanceof Helix helix ? helix.base() : piece;
    }

    private static Vector3D middle(CurvePiece piece, double leftMm) {
        Vector3D left = new Vector3D(0, leftMm, 0);
        return piece instanceof Helix helix ? helix.fromBase(left) : left;
    }

    private static List<Plan.StatePlan> states(StrandWork work, Pose view, PlanOptions options) {
        ToDoubleFunction<Run> wider = wider(work, options.hand());
        return switch (options.states()) {
            case ALL -> work.states().stream().map(s -> state(s, view, wider)).toList();
            case LAST -> List.of(state(work.states().get(work.states().size() - 1), view, wider));
            case NONE -> List.of();
        };
    }

    /** How many times as wide as worked out flattened wire comes out in the maker's hands. */
    private static ToDoubleFunction<Run> wider(StrandWork work, Hand hand) {
        double bought = work.strand().wire().section().thicknessMm();
        Map<String, Double> factors = work.strand().elements().stream()
                .collect(Collectors.toMap(
                        Element::id, e -> hand.factor(Habit.FLATTENING, StrandWork.group(work.strand(), e))));
        return run -> Plan.StationPlan.isFlattened(run.section().thicknessMm(), bought)
                ? factors.getOrDefault(run.element(), 1.0)
                : 1;
    }

    private static Plan.StatePlan state(State state, Pose view, ToDoubleFunction<Run> wider) {
        Workpiece workpiece = state.workpiece();
        List<CentreLine.Station> stations = StrandWork.drawn(workpiece, workpiece.centreLine());
        List<Plan.StationPlan> rows = stations.stream()
                .map(s -> {
                    Run run = workpiece.runs().get(s.piece());
                    Section section = run.section();
                    double times = wider.applyAsDouble(run);
                    double inPlane = run.inPlaneMm(s.alongMm());
                    return new Plan.StationPlan(
                            s.wireMm(),
                            run.strainAt(s.alongMm()),
                            run.hardnessHv(s.alongMm()),
                            times * section.widthMm(),
                            section.thicknessMm(),
                            inPlane > section.thicknessMm() ? times * inPlane : inPlane);
                })
                .toList();
        return new Plan.StatePlan(
                state.index(), state.operation(), workpiece.lengthMm(), outline(stations, view), rows);
    }

    private static double surfaceMm2(StrandWork work) {
        return work.finished().runs().stream().mapToDouble(Run::surfaceMm2).sum();
    }

    private static Plan.Totals totals(Piece piece, List<StrandWork> works, List<Step> card) {
        Map<Wire, Double> lengths = new LinkedHashMap<>();
        double surface = 0;
        for (StrandWork work : works) {
            int count = work.strand().count();
            lengths.merge(work.strand().wire(), count * work.cutMm(), Double::sum);
            surface += count * surfaceMm2(work);
        }
        List<Plan.WireTotal> rows = new ArrayList<>();
        lengths.forEach((wire, length) ->
                rows.add(new Plan.WireTotal(wire.metal(), wire.section(), wire.temper(), length, wire.massG(length))));
        double mass =
                works.stream().mapToDouble(w -> w.strand().count() * massG(w)).sum()
                        + piece.parts().stream().mapToDouble(Part::massG).sum();
        double handsOn = card.stream().mapToDouble(Step::handsOnMinutes).sum();
        double rest = card.stream()
                .filter(s -> s.kind() == Step.Kind.REST)
                .mapToDouble(Step::minutes)
                .sum();
        return new Plan.Totals(rows, mass, handsOn, rest, surface);
    }
}
