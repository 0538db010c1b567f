package org.etui.core.pattern;

import java.util.ArrayList;
import java.util.List;
import org.etui.core.element.Arc;
import org.etui.core.element.Bend;
import org.etui.core.element.Curl;
import org.etui.core.element.Element;
import org.etui.core.element.Loop;
import org.etui.core.element.Spiral;
import org.etui.core.element.Straight;
import org.etui.core.element.Turn;
import org.etui.core.metal.Metal;
import org.etui.core.metal.Temper;
import org.etui.core.piece.Allowance;
import org.etui.core.piece.HandleAt;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Place;
import org.etui.core.piece.Purpose;
import org.etui.core.piece.Strand;
import org.etui.core.wire.Wire;

/**
 * A leaf: its outline is bent first and folded at the point, then it is filled inward with a spiral of the same wire. Beyond the point the beginning of the
 * wire is what it hangs by: a bail that stands square to it, an eye in its plane, or a hook.
 */
final class ReverseSpiralLink extends Pattern {
    /** Over the edge of a jaw, as every corner that says nothing else. */
    private static final double FOLD_INSIDE_MM = 0.5;

    /** A small curl at the tip of the hook, as a curl that says nothing else. */
    private static final double TIP_INSIDE_MM = 0.9;

    /** The hook closes a little beyond half a turn, so that what hangs in it stays (common practice). */
    private static final double HOOK_DEG = 200;

    private static final int SQUARE_DEG = 90;

    /** A jaw holds no less, mm (engineering estimate). */
    private static final double LEAST_MM = 0.1;

    ReverseSpiralLink() {
        super(
                "reverse-spiral-link",
                "Reverse spiral leaf",
                "A leaf whose outline comes first and is filled inward; it hangs by a bail, an eye or a hook of its own wire.",
                List.of(Purpose.DECORATIVE, Purpose.LINK, Purpose.PENDANT),
                Wire.ofAwg(Metal.COPPER, Temper.DEAD_SOFT, "18"),
                List.of(
                        Parameter.choice("end", "it hangs by", "eye", "bail", "hook"),
                        Parameter.mm("wideMm", "leaf, across", 18, 14, 60).leftFree(),
                        Parameter.number("pointDeg", "point, its angle", "degrees", 60, 40, 90),
                        Parameter.mm("gapMm", "gap between turns", 0.4, 0, 1),
                        Parameter.mm("endInsideMm", "bail, eye or hook, inside", 4, 1.5, 15)));
    }

    @Override
    Piece build(Values values, Wire wire, Purpose purpose) {
        double t = wire.section().inPlaneMm();
        Leaf leaf = new Leaf(
                (values.number("wideMm") - t) / 2,
                t + values.number("gapMm"),
                Math.toRadians(values.number("pointDeg") / 2),
                (FOLD_INSIDE_MM + t) / 2);
        double half = values.number("pointDeg") / 2;
        List<Element> elements = new ArrayList<>(end(values.word("end"), values.number("endInsideMm"), t));
        int hanging = elements.size();
        elements.addAll(List.of(
                Bend.of("neck", half, Turn.RIGHT),
                Straight.of("first-side", leaf.firstMm()),
                Arc.of("outline", 2 * leaf.radiusMm() - t, 180 + 2 * half, Turn.LEFT),
                Straight.of("second-side", leaf.secondMm()),
                Bend.of("point", 180 - 2 * half, Turn.LEFT),
                Straight.of("inner-side", leaf.innerMm()),
                Spiral.closed("filling", 1, values.number("gapMm"), Turn.LEFT)
                        .across(leaf.fillingMm(t))
                        .filled()));
        List<String> order = new ArrayList<>(List.of("outline", "neck", "point", "filling"));
        elements.subList(0, hanging).stream()
                .filter(Element::isBent)
                .map(Element::id)
                .forEach(order::add);
        Strand strand = Strand.of("leaf", "Leaf", wire, elements)
                .withOrder(order)
                .withAllowance(Allowance.usual().withHandleAt(HandleAt.NONE))
                .withPlace(Place.turned(-SQUARE_DEG - half));
        return Piece.of(title(), purpose, List.of(strand));
    }

    /** What it hangs by, and the stem below that. */
    private static List<Element> end(String word, double insideMm, double t) {
        Straight stem = Straight.of("stem", 2 * t);
        return switch (word) {
            case "eye" -> List.of(Loop.of("eye", insideMm, Turn.LEFT).onTheLine(), stem);
            case "hook" ->
                List.of(Curl.of("tip", TIP_INSIDE_MM, Turn.LEFT), Arc.of("hook", insideMm, HOOK_DEG, Turn.RIGHT), stem);
            default -> List.of(Loop.of("bail", insideMm, Turn.LEFT).onTheLine(), stem.rolled(SQUARE_DEG));
        };
    }

    /**
     * The leaf by plane geometry: a round, and straights that touch it and meet in the point; inside them, a pitch further in, those of the filling.
     *
     * @param radiusMm radius of the round, to the middle of the wire, mm
     * @param pitchMm from the outline to the turn inside it, mm
     * @param halfRad half the angle of the point, rad
     * @param foldMm radius of the fold at the point, to the middle of the wire, mm
     */
    private record Leaf(double radiusMm, double pitchMm, double halfRad, double foldMm) {
        private double innerRadiusMm() {
            return radiusMm - pitchMm;
        }

        /** How much shorter a side is than to where the two would meet, mm: at the fold it turns by 180° less the point. */
        private double cutOffMm() {
            return foldMm / Math.tan(halfRad);
        }

        /** From the point to where the round begins. */
        double firstMm() {
            return Math.max(LEAST_MM, radiusMm / Math.tan(halfRad) - foldMm * Math.tan(halfRad / 2));
        }

        /** From the round back to the fold, which lies where this side meets the inner one. */
        double secondMm() {
            return Math.max(
                    LEAST_MM,
                    ((radiusMm + innerRadiusMm()) / Math.tan(halfRad) - pitchMm * Math.tan(halfRad)) / 2 - cutOffMm());
        }

        /** From the fold to where the filling begins. */
        double innerMm() {
            return Math.max(
                    LEAST_MM,
                    ((radiusMm + innerRadiusMm()) / Math.tan(halfRad) + pitchMm * Math.tan(halfRad)) / 2 - cutOffMm());
        }

        /** Across the filling as a calliper reads it: it begins at its radius, and half a turn on it is half a pitch smaller. */
        double fillingMm(double t) {
            return 2 * innerRadiusMm() - pitchMm / 2 + t;
        }
    }
}
