package org.etui.core.tool;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.etui.core.check.BadInput;
import org.etui.core.check.Term;
import org.etui.core.check.Violation;

/**
 * The tools that a maker owns.
 *
 * @param tools at most 400
 */
public record Toolbox(@Term(value = "the tools", to = 400) List<OwnedTool> tools) {
    private static final double[] MANDRELS_MM = {3, 4, 5, 6, 7, 8, 10, 12, 13, 16, 17, 18, 19, 20, 22, 50, 55, 60, 65};
    private static final double[] STEPS_MM = {2, 3, 4, 5, 6, 7, 8, 9};
    private static final double[] MARKS_MM = {0.8, 1, 1.5, 2, 2.5, 3, 4};

    /** A tool whose size is off by more than this share makes another thing (engineering estimate). */
    static final double NEAR = 0.2;

    /** Tools whose sizes are off by no more than this are as good as each other (engineering estimate). */
    private static final double SAME = 0.02;

    /** A short set to begin with and to edit: sizes that are common on a bench (common practice). */
    public static final Toolbox STARTER = starter();

    /** @param tools as owned */
    public Toolbox {
        tools = List.copyOf(tools);
    }

    /** @throws BadInput if two tools have one name */
    public void require() {
        List<Violation> violations = new ArrayList<>();
        Set<String> seen = new HashSet<>();
        for (int i = 0; i < tools.size(); i++) {
            if (!seen.add(tools.get(i).id())) {
                violations.add(new Violation("tools." + i + ".id", tools.get(i).id(), "must not stand twice"));
            }
        }
        if (!violations.isEmpty()) {
            throw new BadInput(violations);
        }
    }

    private static Toolbox starter() {
        List<OwnedTool> tools = new ArrayList<>();
        addRound(tools, ToolKind.MANDREL, MANDRELS_MM);
        addRound(tools, ToolKind.PLIER_STEP, STEPS_MM);
        addRound(tools, ToolKind.JAW_MARK, MARKS_MM);
        tools.add(new OwnedTool("flat-hammer", ToolKind.FLAT_HAMMER, "planishing hammer", 25));
        tools.add(new OwnedTool("domed-hammer", ToolKind.DOMED_HAMMER, "chasing hammer, domed face", 28));
        tools.add(new OwnedTool("ball-hammer", ToolKind.BALL_HAMMER, "chasing hammer, ball", 12));
        tools.add(new OwnedTool("nylon-mallet", ToolKind.NYLON_MALLET, "nylon mallet", 32));
        tools.add(new OwnedTool("nylon-jaws", ToolKind.NYLON_JAWS, "nylon-jaw pliers", 8));
        return new Toolbox(tools);
    }

    private static void addRound(List<OwnedTool> tools, ToolKind kind, double[] sizes) {
        for (double size : sizes) {
            String id = kind.inWords().replace(' ', '-') + "-"
                    + Double.toString(size).replace('.', '_');
            tools.add(new OwnedTool(id, kind, "", size));
        }
    }

    /** The tool to lay wire round whose size is nearest to this one, mm, whatever its kind; empty where none is near. */
    public Optional<OwnedTool> nearest(double insideMm) {
        return nearest(insideMm, List.of(ToolKind.MANDREL, ToolKind.PLIER_STEP, ToolKind.JAW_MARK));
    }

    /**
     * The tool of one of some kinds whose size is nearest to this one; of tools that come equally near, the kind that is named first.
     *
     * @param insideMm the size, mm
     * @param kinds the kinds that do, the best first
     * @return empty where none is within {@link #NEAR} of the size: what is farther off makes another thing
     */
    public Optional<OwnedTool> nearest(double insideMm, List<ToolKind> kinds) {
        return tools.stream()
                .filter(t -> kinds.contains(t.kind()) && offMm(t, insideMm) <= NEAR * insideMm)
                .min(Comparator.<OwnedTool>comparingDouble(t ->
                                Math.max(0, Math.round(offMm(t, insideMm) / (SAME * insideMm)) - 1))
                        .thenComparingInt(t -> kinds.indexOf(t.kind()))
                        .thenComparingDouble(t -> offMm(t, insideMm)));
    }

    private static double offMm(OwnedTool tool, double insideMm) {
        return Math.abs(tool.sizeMm() - insideMm);
    }

    /** Whether there is one of that kind. */
    public boolean has(ToolKind kind) {
        return tools.stream().anyMatch(t -> t.kind() == kind);
    }
}
