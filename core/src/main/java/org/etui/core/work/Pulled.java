package org.etui.core.work;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import org.etui.core.act.Run;
import org.etui.core.act.Workpiece;
import org.etui.core.element.Element;
import org.etui.core.element.Hanging;
import org.etui.core.mechanics.Bearing;
import org.etui.core.mechanics.Bow;
import org.etui.core.mechanics.Eye;
import org.etui.core.mechanics.Fibres;
import org.etui.core.mechanics.Hold;
import org.etui.core.mechanics.Material;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Purpose;
import org.etui.core.piece.Strand;
import org.etui.core.section.Section;
import org.etui.core.wire.Wire;

/**
 * An element that something pulls at: a hook, the bow of an ear wire, a loop that can bend open, or an eye whose end is held by the turns beside
 * it.
 *
 * @param piece the piece that it is of
 * @param strand its strand
 * @param workpiece the wire as it is
 * @param element the element
 * @param run the run of it that turns most
 */
public record Pulled(Piece piece, Strand strand, Workpiece workpiece, Element element, Run run) {
    /** An arc that turns less holds nothing; a wider one is the body of a bangle or a ring (engineering estimates). */
    private static final double LEAST_HOOK_RAD = Math.toRadians(120);

    private static final double WIDEST_HOOK_MM = 25;

    /** A loop that goes round further than this does not open under a pull (engineering estimate). */
    private static final double MOST_OPENING_TURNS = 1.3;

    /** So many elements lead from an eye to the turns that hold its end, at most. */
    private static final int LEADS = 2;

    /** What goes round less is no eye, even if its end is held (engineering estimate). */
    private static final double LEAST_EYE_RAD = Math.toRadians(270);

    /** What it holds; empty where nothing pulls at it. */
    public Optional<Hold> hold() {
        return bearing(run.cells().get(0).fibres(), run.section(), radiusMm()).map(Bearing::hold);
    }

    /** Centre-line radius as it lies, mm. */
    public double radiusMm() {
        return run.now().lengthMm() / run.now().turnRad();
    }

    /**
     * The same element as it would be pulled at in other wire.
     *
     * @param fibres of the bend
     * @param section its section
     * @param radiusMm centre-line radius, mm
     */
    public Optional<Bearing> bearing(Fibres fibres, Section section, double radiusMm) {
        double turn = run.now().turnRad();
        Hanging hanging = element.hanging();
        if (radiusMm <= section.insideFibreMm() || turn < LEAST_HOOK_RAD) {
            return Optional.empty();
        }
        double sweep = Math.min(turn, 2 * Math.PI);
        OptionalDouble slips = slipsN();
        if (slips.isPresent() && turn >= LEAST_EYE_RAD) {
            return Optional.of(Eye.of(fibres, section, radiusMm, slips.getAsDouble(), breaksN()));
        }
        if (hanging.hook() && 2 * radiusMm - section.inPlaneMm() <= WIDEST_HOOK_MM) {
            return Optional.of(
                    piece.purpose() == Purpose.EAR_WIRE
                            ? Bow.ofEarWire(fibres, section, radiusMm, sweep)
                            : Bow.ofHook(fibres, section, radiusMm, sweep));
        }
        return hanging.eye() && hanging.turns() <= MOST_OPENING_TURNS
                ? Optional.of(Bow.ofHook(fibres, section, radiusMm, sweep))
                : Optional.empty();
    }

    /** Whether it is so wide that it holds nothing as a hook, but is the body of a bangle or cuff. */
    static boolean isCuff(Element element, Run run) {
        return element.hanging().hook()
                && run.now().turnRad() > 0
                && 2 * run.now().lengthMm() / run.now().turnRad()
                                - run.section().inPlaneMm()
                        > WIDEST_HOOK_MM;
    }

    /**
     * Where the turns slip that hold the end of an eye, N: those beside it on either side, or those of another strand that lie round it or round
     * both wires that lead to it; where its two neighbours are joined to each other it is shut and slips nowhere. Empty where nothing holds it.
     */
    private OptionalDouble slipsN() {
        if (!element.hanging().eye() || element.hanging().opens()) {
            return OptionalDouble.empty();
        }
        List<Element> along = strand.elements();
        int at = along.indexOf(element);
        List<Element> beside = along.subList(Math.max(0, at - 1), Math.min(along.size(), at + 2));
        Optional<Element> own =
                beside.stream().filter(e -> e.hanging().locksOnMm().isPresent()).findFirst();
        if (own.isPresent()) {
            return OptionalDouble.of(slipsN(own.get()));
        }
        List<String> necks =
                beside.stream().filter(e -> e != element).map(this::address).toList();
        return necks.size() == 2 && piece.joins().stream().anyMatch(j -> necks.contains(j.a()) && necks.contains(j.b()))
                ? OptionalDouble.of(Double.POSITIVE_INFINITY)
                : lashedN();
    }

    private String address(Element of) {
        return strand.id() + "." + of.id();
    }

    /** Where the turns of another strand slip, N: as its wire was bought, since it is wound by itself. */
    private OptionalDouble lashedN() {
        for (Strand other : piece.strands()) {
            for (Element turns : other.elements()) {
                OptionalDouble on = turns.hanging().locksOnMm();
                if (other != strand && on.isPresent()) {
                    Set<String> round = hosts(other, turns);
                    if (round.contains(address(element)) || isShut(round)) {
                        Wire wire = other.wire();
                        return OptionalDouble.of(Eye.slipsN(
                                Fibres.of(Material.of(wire), wire.section()),
                                wire.section(),
                                turns.hanging().turns(),
                                on.getAsDouble()));
                    }
                }
            }
        }
        return OptionalDouble.empty();
    }

    /** Whether turns hold the wire on both sides of the eye, right beside it or after one more bend. */
    private boolean isShut(Set<String> round) {
        List<Element> along = strand.elements();
        int at = along.indexOf(element);
        return along.subList(Math.max(0, at - LEADS), at).stream()
                        .map(this::address)
                        .anyMatch(round::contains)
                && along.subList(at + 1, Math.min(along.size(), at + 1 + LEADS)).stream()
                        .map(this::address)
                        .anyMatch(round::contains);
    }

    /** What turns lie round: said by their seat, or by what they are joined to. */
    private Set<String> hosts(Strand other, Element turns) {
        Set<String> round = new HashSet<>(turns.sitsOn());
        String here = other.id() + "." + turns.id();
        piece.joins().stream()
                .filter(j -> j.a().equals(here) || j.b().equals(here))
                .forEach(j -> round.add(j.other(here)));
        return round;
    }

    private double slipsN(Element lock) {
        List<Run> turns = workpiece.of(lock.id());
        if (turns.isEmpty()) {
            return Double.POSITIVE_INFINITY;
        }
        Run turn = turns.get(turns.size() / 2);
        return Eye.slipsN(
                turn.cells().get(0).fibres(),
                turn.section(),
                lock.hanging().turns(),
                lock.hanging().locksOnMm().orElseThrow());
    }

    /** The wire that leads to it is no stronger than as it was bought. */
    private double breaksN() {
        Wire wire = workpiece.wire();
        return wire.section().areaMm2()
                * run.cells()
                        .get(0)
                        .fibres()
                        .material()
                        .flow()
                        .strengthMpa(wire.temper().strain());
    }
}
