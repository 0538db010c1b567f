package org.etui.core.work;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.etui.core.act.Operation;
import org.etui.core.act.Run;
import org.etui.core.act.Workpiece;
import org.etui.core.check.BadInput;
import org.etui.core.check.Check;
import org.etui.core.check.Stopped;
import org.etui.core.curve.CentreLine;
import org.etui.core.curve.Crossing;
import org.etui.core.curve.Crossings;
import org.etui.core.element.Element;
import org.etui.core.log.Band;
import org.etui.core.log.Group;
import org.etui.core.log.Hand;
import org.etui.core.mechanics.Fibres;
import org.etui.core.mechanics.Material;
import org.etui.core.piece.HandleAt;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Strand;
import org.etui.core.wire.Wire;

/**
 * A strand worked from the spool to the finished form, every state kept.
 *
 * @param strand what was asked for
 * @param stretch what is cut beyond the net length
 * @param handleAt where the handle is
 * @param operations in working order
 * @param states one more than operations: the straight wire first
 * @param line centre line of the finished form
 * @param stations points along it, close enough to draw
 * @param crossings where the finished form crosses itself, positions along the wire
 * @param readings what the finished wire says of each element, in order along it
 */
public record StrandWork(
        Strand strand,
        CutAllowance stretch,
        HandleAt handleAt,
        List<Operation> operations,
        List<State> states,
        CentreLine line,
        List<CentreLine.Station> stations,
        List<Crossing> crossings,
        List<Reading> readings) {

    static final double DRAWN_STEP_RAD = Math.toRadians(5);
    private static final int DRAWN_LEAST = 9;

    /**
     * Works every strand of a piece, side by side on the processors at hand; what is bent alike of the same wire is worked out once.
     * They are laid out one after the other, so that the first that cannot be made is the one refused; what they share, the fibres of equal
     * wire, is immutable.
     *
     * @throws BadInput for the first strand that cannot be made as it is meant
     */
    public static List<StrandWork> all(Piece piece) {
        return all(piece, new Seats(piece), Hand.GENERAL);
    }

    /**
     * The same where it is still asked later how strands lie in one another.
     *
     * @param seats of the piece, nothing laid yet
     * @param hand the maker's own hand
     */
    public static List<StrandWork> all(Piece piece, Seats seats, Hand hand) {
        Thread asker = Thread.currentThread();
        Effort effort = new Effort(piece);
        Map<Wire, Fibres> bought = new HashMap<>();
        Map<String, Expansion> laid = new HashMap<>();
        for (Strand strand : Seats.inOrder(piece)) {
            Fibres fibres = bought.computeIfAbsent(strand.wire(), StrandWork::bought);
            Expansion expansion = Expansion.of(piece, strand, fibres, effort, seats, hand);
            laid.put(strand.id(), expansion);
            seats.lay(strand, expansion.cut().runs());
        }
        List<Expansion> expansions =
                piece.strands().stream().map(s -> laid.get(s.id())).toList();
        return expansions.parallelStream()
                .map(e -> {
                    Stopped.where(asker);
                    return of(piece, e, Optional.empty());
                })
                .toList();
    }

    /** Works a strand of a piece. */
    public static StrandWork of(Piece piece, Strand strand) {
        return of(piece, expansion(piece, strand), Optional.empty());
    }

    private static Expansion expansion(Piece piece, Strand strand) {
        Stopped.where(Thread.currentThread());
        Seats seats = new Seats(piece);
        for (Strand host : Seats.before(piece, strand)) {
            Expansion laid = Expansion.of(piece, host, bought(host.wire()), new Effort(piece), seats, Hand.GENERAL);
            seats.lay(host, laid.cut().runs());
        }
        return Expansion.of(piece, strand, bought(strand.wire()), new Effort(piece), seats, Hand.GENERAL);
    }

    private static Fibres bought(Wire wire) {
        return Fibres.of(Material.of(wire), wire.section());
    }

    /**
     * Works a strand that may come out in the form of one that is known, where only metal, temper or hardness differ: then its
     * line, stations and crossings are known too.
     *
     * @param known the same strand in another piece
     */
    public static StrandWork of(Piece piece, Strand strand, StrandWork known) {
        return of(piece, expansion(piece, strand), Optional.of(known));
    }

    private static StrandWork of(Piece piece, Expansion expansion, Optional<StrandWork> known) {
        Strand strand = expansion.strand();
        List<State> states = states(expansion, known);
        Workpiece workpiece = states.get(states.size() - 1).workpiece();
        List<Reading> readings = readings(piece, strand, expansion.operations(), states, expansion.hand());
        Optional<StrandWork> alike =
                known.filter(k -> strand.elements().equals(k.strand.elements()) && workpiece.liesLike(k.finished()));
        CentreLine line = alike.map(StrandWork::line).orElseGet(workpiece::centreLine);
        List<CentreLine.Station> stations = alike.map(StrandWork::stations).orElseGet(() -> drawn(workpiece, line));
        return new StrandWork(
                strand,
                expansion.stretch(),
                expansion.handleAt(),
                expansion.operations(),
                states,
                line,
                stations,
                alike.map(StrandWork::crossings).orElseGet(() -> crossings(piece, strand, workpiece, line, stations)),
                readings);
    }

    private static List<Crossing> crossings(
            Piece piece, Strand strand, Workpiece workpiece, CentreLine line, List<CentreLine.Station> stations) {
        double thickness = strand.wire().section().thicknessMm();
        try {
            return Crossings.of(line, stations, thickness, wraps(strand, workpiece));
        } catch (Crossings.TooMany tooMany) {
            throw Effort.crosses(piece, strand, Crossings.MOST);
        }
    }

    /**
     * The same, only as far as a state: what is not done by then is left undone.
     *
     * @param piece the piece that the strand is of
     * @param state index of the state, 0 for the straight wire
     * @param hand the maker's own hand
     * @throws IllegalArgumentException if there is no such state
     */
    public StrandWork upTo(Piece piece, int state, Hand hand) {
        Check.within("state", state, 0, states.size() - 1);
        List<State> until = states.subList(0, state + 1);
        List<Operation> done = operations.subList(0, state);
        Workpiece workpiece = states.get(state).workpiece();
        CentreLine then = workpiece.centreLine();
        List<CentreLine.Station> points = drawn(workpiece, then);
        return new StrandWork(
                strand,
                stretch,
                handleAt,
                done,
                until,
                then,
                points,
                crossings(piece, strand, workpiece, then, points),
                readings(piece, strand, done, until, hand));
    }

    /** Whether nothing of it is bent yet. */
    public boolean isStraight() {
        return finished().runs().stream().noneMatch(r -> r.formed() && r.shape().turnRad() > 0);
    }

    /** Every state; those before the first operation that a known work does not have are taken from it. */
    private static List<State> states(Expansion expansion, Optional<StrandWork> known) {
        List<Operation> operations = expansion.operations();
        List<State> states = new ArrayList<>(known.filter(k -> k.cut().equals(expansion.cut()))
                .map(k -> k.states.subList(0, 1 + alike(operations, k.operations)))
                .orElseGet(() -> List.of(new State(0, "cut", expansion.cut()))));
        Workpiece workpiece = states.get(states.size() - 1).workpiece();
        for (Operation operation : operations.subList(states.size() - 1, operations.size())) {
            workpiece = operation.apply(workpiece);
            states.add(new State(states.size(), operation.inWords(), workpiece));
        }
        return List.copyOf(states);
    }

    /** How many operations two orders of work begin with alike. */
    private static int alike(List<Operation> one, List<Operation> other) {
        int most = Math.min(one.size(), other.size());
        int alike = 0;
        while (alike < most && one.get(alike).equals(other.get(alike))) {
            alike++;
        }
        return alike;
    }

    /** What was trimmed off is read as it was cut. */
    private static List<Reading> readings(
            Piece piece, Strand strand, List<Operation> operations, List<State> states, Hand hand) {
        Workpiece finished = states.get(states.size() - 1).workpiece();
        Map<String, Workpiece> formed = new HashMap<>();
        for (int i = 0; i < operations.size(); i++) {
            Workpiece after = states.get(i + 1).workpiece();
            operations.get(i).forms().ifPresent(element -> formed.put(element, after));
        }
        Workpiece cut = states.get(0).workpiece();
        return strand.elements().stream()
                .map(e -> Reading.of(
                        piece,
                        strand,
                        formed.getOrDefault(e.id(), cut),
                        finished.of(e.id()).isEmpty() ? cut : finished,
                        e,
                        hand))
                .toList();
    }

    /**
     * What the finished wire says of an element.
     *
     * @throws IllegalArgumentException if there is no such element
     */
    public Reading reading(String element) {
        for (Reading reading : readings) {
            if (reading.element().id().equals(element)) {
                return reading;
            }
        }
        throw new IllegalArgumentException("no element " + element);
    }

    /** What is learnt together with an element. */
    public static Group group(Strand strand, Element element) {
        Wire wire = strand.wire();
        return new Group(element.kind(), wire.metal(), Band.of(wire.section().thicknessMm()));
    }

    /** The operation that makes a state of the wire, with the state before it. */
    public Workpiece before(Operation operation) {
        return states.get(operations.indexOf(operation)).workpiece();
    }

    /** The turns of a wrap lie side by side on their core: runs of one wrap by the number of its element, from 1. */
    private static int[] wraps(Strand strand, Workpiece workpiece) {
        Map<String, Integer> wraps = new HashMap<>();
        for (Element element : strand.elements()) {
            if (element.handling().woven()) {
                wraps.put(element.id(), wraps.size() + 1);
            }
        }
        return workpiece.runs().stream()
                .mapToInt(r -> wraps.getOrDefault(r.element(), 0))
                .toArray();
    }

    /** Points along the centre line of a workpiece, close enough to draw: some to every element, shared out over its pieces. */
    public static List<CentreLine.Station> drawn(Workpiece workpiece, CentreLine line) {
        List<Run> runs = workpiece.runs();
        Map<String, Integer> pieces = new HashMap<>();
        for (int i = 0; i < runs.size(); i++) {
            if (line.pieces().get(i).piece().lengthMm() > 0) {
                pieces.merge(runs.get(i).element(), 1, Integer::sum);
            }
        }
        return line.stations(
                DRAWN_STEP_RAD,
                i -> 1
                        + (int) Math.ceil((DRAWN_LEAST - 1.0)
                                / pieces.getOrDefault(runs.get(i).element(), 1)));
    }

    /** The finished form. */
    public Workpiece finished() {
        return states.get(states.size() - 1).workpiece();
    }

    /** The straight wire. */
    public Workpiece cut() {
        return states.get(0).workpiece();
    }

    /** Wire in the elements before any work, mm. */
    public double netMm() {
        return cut().netMm();
    }

    /** The squared strand, mm: net, handle, tail and filing, rounded up. */
    public double cutMm() {
        return netMm() + stretch.totalMm();
    }
}
