package org.etui.core.work;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.etui.core.act.Cell;
import org.etui.core.act.Opening;
import org.etui.core.act.Run;
import org.etui.core.act.Workpiece;
import org.etui.core.element.Element;
import org.etui.core.log.Habit;
import org.etui.core.log.Hand;
import org.etui.core.mechanics.Fibres;
import org.etui.core.mechanics.Hold;
import org.etui.core.metal.TemperNow;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Purpose;
import org.etui.core.piece.Strand;

/**
 * What the finished wire says of an element.
 *
 * @param element the element
 * @param strain plastic strain added since purchase, mean over the section, where it is greatest
 * @param strainUsed how much of what the metal stands is used up there: that strain, but not what a curl or spiral is by its nature, and what
 *     opening and closing wore
 * @param hardnessHv Vickers hardness there
 * @param temperNow the nearest temper there
 * @param strainLeft what the metal still stands there before it may crack, never negative
 * @param toolMomentNmm greatest moment that forming took, N·mm; 0 for what is not bent
 * @param toolInsideMm inside diameter on the tool, mm; empty where it is not wound on one
 * @param overbend how much further it is bent than it comes to, 1 or more
 * @param hold what it holds as a hook, bow or eye; empty where nothing pulls at it
 * @param isSqueezed whether it has to stand the squeeze of an ear wire instead
 * @param opensLeft how many times it can be opened and closed again; empty where it does not open
 * @param springing how it springs
 */
public record Reading(
        Element element,
        double strain,
        double strainUsed,
        double hardnessHv,
        TemperNow temperNow,
        double strainLeft,
        double toolMomentNmm,
        OptionalDouble toolInsideMm,
        double overbend,
        Optional<Hold> hold,
        boolean isSqueezed,
        OptionalDouble opensLeft,
        Springing springing) {

    static Reading of(Piece piece, Strand strand, Workpiece asFormed, Workpiece finished, Element element, Hand hand) {
        List<Run> runs = finished.of(element.id());
        List<Run> formed = asFormed.of(element.id());
        Fibres hardest = hardest(runs);
        double added = hardest.addedStrain();
        double red = finished.wire().redStrain();
        double worn = runs.stream()
                .flatMap(r -> r.cells().stream())
                .mapToDouble(Cell::worn)
                .max()
                .orElse(0);
        double inherent = element.handling().softWire() ? hardest(formed).addedStrain() : 0;
        double used = Math.max(0, added - inherent) + worn * red;
        double left = Math.max(0, red - used);
        Optional<Run> round = widest(runs);
        Springing springing = Springing.of(finished.wire().metal(), element, round.orElse(runs.get(0)));
        return new Reading(
                element,
                added,
                used,
                hardest.material().flow().vickers(hardest.meanStrain()),
                TemperNow.of(finished.wire().metal(), hardest.meanStrain()),
                left,
                formed.stream()
                        .flatMap(r -> r.cells().stream())
                        .mapToDouble(Cell::toolMomentNmm)
                        .max()
                        .orElse(0),
                toolInside(element, widest(formed)),
                springing.twistBackTurns().isPresent()
                        ? 1 + springing.twistBackTurns().getAsDouble() / turned(element, runs)
                        : overbend(widest(formed)),
                piece.carries(strand)
                        ? round.flatMap(r -> new Pulled(piece, strand, finished, element, r).hold())
                                .map(h -> h.times(hand.factor(Habit.HOLD, StrandWork.group(strand, element))))
                        : Optional.empty(),
                piece.purpose() == Purpose.EAR_WIRE && element.hanging().hook(),
                element.hanging().opens() && round.isPresent()
                        ? OptionalDouble.of(
                                red == 0
                                        ? 0
                                        : Math.max(
                                                0,
                                                Opening.of(round.get(), piece.hungMm(strand.id(), element.id()))
                                                                        .times(red)
                                                                * left
                                                                / red
                                                        - piece.opened(strand.id(), element.id())))
                        : OptionalDouble.empty(),
                springing);
    }

    /** What it has to stand the load that its purpose wants: as an ear wire the squeeze that begins to close it, else a pull. */
    public OptionalDouble standsN() {
        if (hold.isEmpty()) {
            return OptionalDouble.empty();
        }
        return isSqueezed ? hold.get().squeezeN() : OptionalDouble.of(hold.get().holdsN());
    }

    private static double turned(Element element, List<Run> runs) {
        return element.handling().twistRadPerMm()
                * runs.stream().mapToDouble(r -> r.now().lengthMm()).sum()
                / (2 * Math.PI);
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
        if (element.winding().reshaped()) {
            return element.woundInsideMm();
        }
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
}
