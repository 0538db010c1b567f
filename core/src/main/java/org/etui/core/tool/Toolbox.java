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

    /** The tool to lay wire round whose size is nearest to this one, mm; empty where nothing is within a third of it. */
    public Optional<OwnedTool> nearest(double insideMm) {
        return tools.stream()
                .filter(t -> t.kind().isRound() && Math.abs(t.sizeMm() - insideMm) <= insideMm / 3)
                .min(Comparator.comparingDouble(t -> Math.abs(t.sizeMm() - insideMm)));
    }

    /** Whether there is one of that kind. */
    public boolean has(ToolKind kind) {
        return tools.stream().anyMatch(t -> t.kind() == kind);
    }
}
