package org.etui.core.work;

import java.util.List;
import java.util.Optional;
import org.etui.core.act.Run;
import org.etui.core.act.Workpiece;
import org.etui.core.element.Element;
import org.etui.core.element.Hanging;
import org.etui.core.mechanics.Bearing;
import org.etui.core.mechanics.Bow;
import org.etui.core.mechanics.Eye;
import org.etui.core.mechanics.Fibres;
import org.etui.core.mechanics.Hold;
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
        Optional<Element> lock = lock();
        if (lock.isPresent() && turn >= LEAST_EYE_RAD) {
            return Optional.of(Eye.of(fibres, section, radiusMm, slipsN(lock.get()), breaksN()));
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

    /** The turns next to an eye that hold its end, on either side of it. */
    private Optional<Element> lock() {
        if (!element.hanging().eye() || element.hanging().opens()) {
            return Optional.empty();
        }
        List<Element> along = strand.elements();
        int at = along.indexOf(element);
        return along.subList(Math.max(0, at - 1), Math.min(along.size(), at + 2)).stream()
                .filter(e -> e.hanging().locksOnMm().isPresent())
                .findFirst();
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
