package org.etui.core.sequence;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.etui.core.act.Run;
import org.etui.core.check.Term;
import org.etui.core.element.Across;
import org.etui.core.element.Arc;
import org.etui.core.element.Ball;
import org.etui.core.element.Bend;
import org.etui.core.element.Coil;
import org.etui.core.element.Curl;
import org.etui.core.element.Element;
import org.etui.core.element.Girth;
import org.etui.core.element.Kind;
import org.etui.core.element.Knit;
import org.etui.core.element.Lead;
import org.etui.core.element.Loop;
import org.etui.core.element.Paddle;
import org.etui.core.element.Reach;
import org.etui.core.element.Spiral;
import org.etui.core.element.Straight;
import org.etui.core.element.Twist;
import org.etui.core.element.Wrap;
import org.etui.core.mechanics.Bending;
import org.etui.core.tool.OwnedTool;
import org.etui.core.tool.ToolKind;
import org.etui.core.tool.Toolbox;
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
    private static final String ROUND_NOSE = "round-nose pliers";
    private static final String STEPPED = "stepped pliers";

    private static final String TIPS = "chain-nose pliers";

    /** No jaw is thinner at its tip (common practice). */
    private static final double TIP_MM = 0.6;

    /** Round-nose pliers reach about this far up the cone (common practice). */
    static final double ROUND_NOSE_MM = 6;

    /** Steps of bail-forming pliers end about here (common practice). */
    private static final double STEPPED_MM = 10;

    /** Ring mandrels end about here; above it is a bangle mandrel (common practice). */
    private static final double RING_MM = 25;

    /** The tool for an element of a strand. */
    public static Tool of(StrandWork work, Element element, Toolbox box) {
        OptionalDouble exact = work.reading(element.id()).toolInsideMm();
        double inside = exact.orElse(0);
        if (exact.isEmpty() || element.winding().jawEdge()) {
            return new Tool(
                    kind(element, inside),
                    inside,
                    Optional.empty(),
                    exact.isPresent() ? element.woundInsideMm() : OptionalDouble.empty());
        }
        Optional<OwnedTool> owned = box.nearest(inside, element.accept(new Fits(inside)));
        return new Tool(
                kind(element, inside),
                inside,
                owned,
                owned.isPresent() && !element.winding().reshaped()
                        ? OptionalDouble.of(comesTo(work, element, owned.get().sizeMm()))
                        : element.woundInsideMm());
    }

    /** What the wire springs back to from a tool of this size, mm; at least the tool's own. */
    private static double comesTo(StrandWork work, Element element, double toolMm) {
        for (int i = 0; i < work.operations().size(); i++) {
            if (work.operations().get(i).forms().filter(element.id()::equals).isPresent()) {
                Run run = work.states().get(i).workpiece().of(element.id()).get(0);
                double wire = run.section().inPlaneMm();
                Bending bending = Bending.onTool(run.cells().get(0).fibres(), 2 / (toolMm + wire));
                return Math.max(toolMm, 2 / bending.after().curvaturePerMm() - wire);
            }
        }
        return toolMm;
    }

    /** How wire and tool are held. */
    enum Held {
        /** Bent round the tips of the jaws, and squeezed to its size. */
        TIPS,
        /** Wound round it. */
        WOUND,
        /** Gripped in a step of that size. */
        STEP,
        /** Gripped along a cone, where it has that thickness. */
        CONE
    }

    /** How wire is held on it. */
    Held held() {
        if (owned.isEmpty() && kind.startsWith(TIPS)) {
            return Held.TIPS;
        }
        ToolKind of = owned.map(OwnedTool::kind).orElse(kind(kind));
        return of == ToolKind.JAW_MARK ? Held.CONE : of == ToolKind.PLIER_STEP ? Held.STEP : Held.WOUND;
    }

    private static ToolKind kind(String words) {
        return words.startsWith(ROUND_NOSE)
                ? ToolKind.JAW_MARK
                : words.startsWith(STEPPED) ? ToolKind.PLIER_STEP : ToolKind.MANDREL;
    }

    /** The kinds of tools that do for an element of an inside on the tool, the best first (common practice). */
    private record Fits(double insideMm) implements Kind.Visitor<List<ToolKind>> {
        private List<ToolKind> gripped() {
            return insideMm <= ROUND_NOSE_MM / 2
                    ? List.of(ToolKind.JAW_MARK, ToolKind.PLIER_STEP, ToolKind.MANDREL)
                    : insideMm <= STEPPED_MM
                            ? List.of(ToolKind.PLIER_STEP, ToolKind.MANDREL, ToolKind.JAW_MARK)
                            : List.of(ToolKind.MANDREL);
        }

        @Override
        public List<ToolKind> loop(Loop loop) {
            return gripped();
        }

        @Override
        public List<ToolKind> arc(Arc arc) {
            return insideMm <= ROUND_NOSE_MM / 2
                    ? gripped()
                    : List.of(ToolKind.MANDREL, ToolKind.PLIER_STEP, ToolKind.JAW_MARK);
        }

        @Override
        public List<ToolKind> curl(Curl curl) {
            return List.of(ToolKind.JAW_MARK);
        }

        /** Turn after turn wants a tool that does not taper. */
        @Override
        public List<ToolKind> coil(Coil coil) {
            return List.of(ToolKind.MANDREL, ToolKind.PLIER_STEP);
        }

        @Override
        public List<ToolKind> straight(Straight straight) {
            return List.of();
        }

        @Override
        public List<ToolKind> bend(Bend bend) {
            return List.of();
        }

        @Override
        public List<ToolKind> spiral(Spiral spiral) {
            return spiral.with().isPresent() ? List.of() : List.of(ToolKind.JAW_MARK);
        }

        @Override
        public List<ToolKind> wrap(Wrap wrap) {
            return List.of();
        }

        @Override
        public List<ToolKind> girth(Girth girth) {
            return List.of();
        }

        @Override
        public List<ToolKind> across(Across across) {
            return List.of();
        }

        @Override
        public List<ToolKind> reach(Reach reach) {
            return List.of();
        }

        @Override
        public List<ToolKind> paddle(Paddle paddle) {
            return List.of();
        }

        @Override
        public List<ToolKind> twist(Twist twist) {
            return List.of();
        }

        @Override
        public List<ToolKind> knit(Knit knit) {
            return List.of();
        }

        @Override
        public List<ToolKind> ball(Ball ball) {
            return List.of();
        }

        @Override
        public List<ToolKind> lead(Lead lead) {
            return List.of();
        }
    }

    /** The size to lay the wire round, mm: of the tool owned, else the exact one; 0 for what is not wound. */
    public double sizeMm() {
        return owned.map(OwnedTool::sizeMm).orElse(insideMm);
    }

    private static String kind(Element element, double inside) {
        return element.accept(new By(inside));
    }

    /** What each kind is made with; what is wound by its inside, mm. */
    private record By(double insideMm) implements Kind.Visitor<String> {
        private static final String FLAT_NOSE = "flat-nose pliers";
        private static final String FINGERS = "fingers";

        private String wound() {
            if (insideMm < TIP_MM) {
                return TIPS;
            }
            if (insideMm <= ROUND_NOSE_MM / 2) {
                return ROUND_NOSE;
            }
            if (insideMm <= STEPPED_MM) {
                return STEPPED;
            }
            return insideMm <= RING_MM ? "mandrel" : "bangle mandrel";
        }

        @Override
        public String spiral(Spiral spiral) {
            if (spiral.with().isPresent()) {
                return "fingers, nylon jaws";
            }
            if (spiral.centre() == Spiral.Centre.CLOSED) {
                return "chain-nose pliers, nylon jaws";
            }
            return spiral.insideMm().orElseThrow() > ROUND_NOSE_MM
                    ? "mandrel, nylon jaws"
                    : "round-nose pliers, nylon jaws";
        }

        @Override
        public String wrap(Wrap wrap) {
            return "fingers, chain-nose pliers";
        }

        @Override
        public String girth(Girth girth) {
            return "the " + FormingWords.round(girth) + ", flat-nose pliers";
        }

        @Override
        public String across(Across across) {
            return "fingers, wooden stick, flat-nose pliers";
        }

        @Override
        public String reach(Reach reach) {
            return "fingers, flat-nose pliers";
        }

        @Override
        public String knit(Knit knit) {
            return knit.drawnTo().isPresent() ? "rod, bodkin, holes in a wooden board" : "rod, bodkin";
        }

        @Override
        public String twist(Twist twist) {
            return "flat-nose pliers, pin vice";
        }

        @Override
        public String bend(Bend bend) {
            return FLAT_NOSE;
        }

        @Override
        public String curl(Curl curl) {
            return insideMm < TIP_MM ? TIPS : ROUND_NOSE;
        }

        @Override
        public String arc(Arc arc) {
            return wound();
        }

        @Override
        public String loop(Loop loop) {
            return wound();
        }

        @Override
        public String coil(Coil coil) {
            return insideMm <= RING_MM ? "mandrel" : "bangle mandrel";
        }

        @Override
        public String straight(Straight straight) {
            return FINGERS;
        }

        @Override
        public String paddle(Paddle paddle) {
            return "hammer, bench block";
        }

        @Override
        public String ball(Ball ball) {
            return FINGERS;
        }

        @Override
        public String lead(Lead lead) {
            return FINGERS;
        }
    }
}
