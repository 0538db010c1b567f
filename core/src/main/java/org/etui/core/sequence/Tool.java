package org.etui.core.sequence;

import java.util.Optional;
import java.util.OptionalDouble;
import org.etui.core.check.Term;
import org.etui.core.element.Bend;
import org.etui.core.element.Curl;
import org.etui.core.element.Element;
import org.etui.core.element.Girth;
import org.etui.core.element.Spiral;
import org.etui.core.element.Twist;
import org.etui.core.element.Wrap;
import org.etui.core.mechanics.Bending;
import org.etui.core.tool.OwnedTool;
import org.etui.core.tool.Toolbox;
import org.etui.core.work.Operation;
import org.etui.core.work.Run;
import org.etui.core.work.StrandWork;

/**
 * What an element is formed on.
 *
 * @param kind the tool in words
 * @param insideMm size to lay the wire round so that it comes to the size asked for; 0 for what is not wound
 * @param owned the nearest tool owned; absent where none is near
 * @param comesToMm inside size after release, on the tool owned where there is one; absent for what is not wound
 */
public record Tool(
        @Term("the tool in words") String kind,

        @Term("size to lay the wire round so that it comes to the size asked for, mm; 0 for what is not wound")
        double insideMm,

        @Term("the nearest tool owned") Optional<OwnedTool> owned,

        @Term("inside size after release, on the tool owned where there is one, mm")
        OptionalDouble comesToMm) {
    /** Round-nose pliers reach about this far up the cone (common practice). */
    private static final double ROUND_NOSE_MM = 6;

    /** Steps of bail-forming pliers end about here (common practice). */
    private static final double STEPPED_MM = 10;

    /** Ring mandrels end about here; above it is a bangle mandrel (common practice). */
    private static final double RING_MM = 25;

    /** The tool for an element of a strand. */
    public static Tool of(StrandWork work, Element element, Toolbox box) {
        OptionalDouble exact = work.reading(element.id()).toolInsideMm();
        double inside = exact.orElse(0);
        if (exact.isEmpty() || element instanceof Bend) {
            return new Tool(
                    kind(element, inside),
                    inside,
                    Optional.empty(),
                    exact.isPresent() ? element.woundInsideMm() : OptionalDouble.empty());
        }
        Optional<OwnedTool> owned = box.nearest(inside);
        return new Tool(
                kind(element, inside),
                inside,
                owned,
                owned.isPresent()
                        ? OptionalDouble.of(comesTo(work, element, owned.get().sizeMm()))
                        : element.woundInsideMm());
    }

    /** What the wire springs back to from a tool of this size, mm; at least the tool's own. */
    private static double comesTo(StrandWork work, Element element, double toolMm) {
        for (int i = 0; i < work.operations().size(); i++) {
            if (work.operations().get(i) instanceof Operation.Form form
                    && form.element().equals(element.id())) {
                Run run = work.states().get(i).workpiece().of(element.id()).get(0);
                double wire = run.section().inPlaneMm();
                Bending bending = Bending.onTool(run.cells().get(0).fibres(), 2 / (toolMm + wire));
                return Math.max(toolMm, 2 / bending.after().curvaturePerMm() - wire);
            }
        }
        return toolMm;
    }

    /** The size to lay the wire round, mm: of the tool owned, else the exact one; 0 for what is not wound. */
    public double sizeMm() {
        return owned.map(OwnedTool::sizeMm).orElse(insideMm);
    }

    private static String kind(Element element, double inside) {
        if (element instanceof Spiral) {
            return "pliers, nylon jaws";
        }
        if (element instanceof Wrap) {
            return "fingers, chain-nose pliers";
        }
        if (element instanceof Girth) {
            return "the stone, flat-nose pliers";
        }
        if (element instanceof Twist) {
            return "flat-nose pliers, pin vice";
        }
        if (element instanceof Bend) {
            return "flat-nose pliers";
        }
        if (element instanceof Curl || inside <= ROUND_NOSE_MM / 2) {
            return "round-nose pliers";
        }
        if (inside <= STEPPED_MM) {
            return "stepped pliers";
        }
        return inside <= RING_MM ? "mandrel" : "bangle mandrel";
    }
}
