package org.etui.core.work;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.etui.core.act.Cell;
import org.etui.core.act.Opening;
import org.etui.core.act.Run;
import org.etui.core.act.Workpiece;
import org.etui.core.element.Element;
import org.etui.core.mechanics.Bow;
import org.etui.core.mechanics.Fibres;
import org.etui.core.mechanics.Hold;
import org.etui.core.metal.TemperNow;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Purpose;

/**
 * What the finished wire says of an element.
 *
 * @param element the element
 * @param strain plastic strain added since purchase, mean over the section, where it is greatest
 * @param hardnessHv Vickers hardness there
 * @param temperNow the nearest temper there
 * @param strainLeft what the metal still stands there before it may crack, never negative
 * @param toolMomentNmm greatest moment that forming took, N·mm; 0 for what is not bent
 * @param toolInsideMm inside diameter on the tool, mm; empty where it is not wound on one
 * @param overbend how much further it is bent than it comes to, 1 or more
 * @param hold what it holds as a hook, or stands as the bow of an ear wire; empty where nothing pulls it open
 * @param isSqueezed whether that is the squeeze test of an ear wire
 * @param opensLeft how many times it can be opened and closed again; empty where it does not open
 */
public record Reading(
        Element element,
        double strain,
        double hardnessHv,
        TemperNow temperNow,
        double strainLeft,
        double toolMomentNmm,
        OptionalDouble toolInsideMm,
        double overbend,
        Optional<Hold> hold,
        boolean isSqueezed,
        OptionalDouble opensLeft) {

    /** An arc that turns less holds nothing; a wider one is the body of a bangle or a ring (engineering estimates). */
    private static final double LEAST_HOOK_RAD = Math.toRadians(120);

    private static final double WIDEST_HOOK_MM = 25;

    /** A loop that goes round further than this does not open under a pull (engineering estimate). */
    private static final double MOST_OPENING_TURNS = 1.3;

    static Reading of(Piece piece, Workpiece asFormed, Workpiece finished, Element element) {
        List<Run> runs = finished.of(element.id());
        List<Run> formed = asFormed.of(element.id());
        Fibres hardest = hardest(runs);
        double added = hardest.addedStrain();
        double left = Math.max(0, finished.wire().redStrain() - added);
        Optional<Run> round = widest(runs);
        return new Reading(
                element,
                added,
                hardest.material().flow().vickers(hardest.meanStrain()),
                TemperNow.of(hardest.meanStrain()),
                left,
                formed.stream()
                        .flatMap(r -> r.cells().stream())
                        .mapToDouble(Cell::toolMomentNmm)
                        .max()
                        .orElse(0),
                toolInside(element, widest(formed)),
                overbend(widest(formed)),
                isThickest(piece, finished) ? round.flatMap(r -> hold(piece.purpose(), element, r)) : Optional.empty(),
                piece.purpose() == Purpose.EAR_WIRE && element.hanging().hook(),
                element.hanging().opens() && round.isPresent()
                        ? OptionalDouble.of(Opening.of(round.get()).times(left))
                        : OptionalDouble.empty());
    }

    /** Finer wire that lashes or weaves the thickest one carries nothing. */
    private static boolean isThickest(Piece piece, Workpiece workpiece) {
        double here = workpiece.wire().section().thicknessMm();
        return piece.strands().stream().allMatch(s -> s.wire().section().thicknessMm() <= here);
    }

    private static Fibres hardest(List<Run> runs) {
        Fibres hardest = runs.get(0).cells().get(0).fibres();
        for (Run run : runs) {
            for (Cell cell : run.cells()) {
                if (cell.fibres().meanStrain() > hardest.meanStrain()) {
                    hardest = cell.fibres();
                }
            }
        }
        return hardest;
    }

    /** The run of an element that turns most, if one turns. */
    private static Optional<Run> widest(List<Run> runs) {
        Run widest = null;
        for (Run run : runs) {
            double turn = run.formed() ? run.shape().turnRad() : 0;
            if (turn > 0
                    && run.cells().size() == 1
                    && (widest == null || turn > widest.shape().turnRad())) {
                widest = run;
            }
        }
        return Optional.ofNullable(widest);
    }

    private static OptionalDouble toolInside(Element element, Optional<Run> round) {
        if (element.woundInsideMm().isEmpty() || round.isEmpty()) {
            return OptionalDouble.empty();
        }
        double curvature = round.get().cells().get(0).toolCurvaturePerMm();
        return curvature > 0
                ? OptionalDouble.of(
                        Math.max(0, 2 / curvature - round.get().section().inPlaneMm()))
                : OptionalDouble.empty();
    }

    private static double overbend(Optional<Run> round) {
        return round.map(r -> r.cells().get(0))
                .filter(c -> c.toolCurvaturePerMm() > 0)
                .map(c -> Math.max(1, c.toolCurvaturePerMm() / c.fibres().curvaturePerMm()))
                .orElse(1.0);
    }

    private static Optional<Hold> hold(Purpose purpose, Element element, Run run) {
        double turn = run.now().turnRad();
        double radius = run.now().lengthMm() / turn;
        boolean hook = element.hanging().hook()
                && turn >= LEAST_HOOK_RAD
                && 2 * radius - run.section().inPlaneMm() <= WIDEST_HOOK_MM;
        boolean loop =
                element.hanging().eye() && element.hanging().turns() <= MOST_OPENING_TURNS && turn >= LEAST_HOOK_RAD;
        if (!hook && !loop || radius <= run.section().insideFibreMm()) {
            return Optional.empty();
        }
        Fibres fibres = run.cells().get(0).fibres();
        double sweep = Math.min(turn, 2 * Math.PI);
        Bow bow = hook && purpose == Purpose.EAR_WIRE
                ? Bow.ofEarWire(fibres, run.section(), radius, sweep)
                : Bow.ofHook(fibres, run.section(), radius, sweep);
        return Optional.of(bow.hold());
    }
}
