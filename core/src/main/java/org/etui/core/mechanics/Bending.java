package org.etui.core.mechanics;

import java.util.Optional;
import org.hipparchus.analysis.solvers.BracketingNthOrderBrentSolver;
import org.hipparchus.exception.MathIllegalArgumentException;

/**
 * Wire laid round a tool and let go: springback, both ways, from the fibres.
 *
 * @param toolCurvaturePerMm curvature on the tool, 1/mm
 * @param toolMomentNmm moment that held it there, N·mm, never negative
 * @param after the fibres after release
 */
public record Bending(double toolCurvaturePerMm, double toolMomentNmm, Fibres after) {
    private static final int EVALUATIONS = 200;
    private static final int SECANTS = 8;

    /** What a tool of a curvature gives. */
    public static Bending onTool(Fibres before, double toolCurvaturePerMm) {
        return before.bent(new Fibres.Bend(true, toolCurvaturePerMm), bend -> workedOutOnTool(before, bend.perMm()));
    }

    private static Bending workedOutOnTool(Fibres before, double toolCurvaturePerMm) {
        Fibres held = before.bent(toolCurvaturePerMm);
        return new Bending(toolCurvaturePerMm, Math.abs(held.momentNmm()), held.released());
    }

    /**
     * The tool that gives a curvature after release: there the moment must be nothing. Springback is about the greatest moment over the stiffness, which
     * brackets the tool; where it is more, it is looked for further on.
     */
    public static Bending toFree(Fibres before, double freeCurvaturePerMm) {
        return before.bent(new Fibres.Bend(false, freeCurvaturePerMm), bend -> workedOutToFree(before, bend.perMm()));
    }

    /** So many times the way to the tool is doubled. */
    private static final int MOST_WIDER = 4;

    private static Bending workedOutToFree(Fibres before, double freeCurvaturePerMm) {
        double way = Math.signum(freeCurvaturePerMm - before.curvaturePerMm());
        if (way == 0) {
            return workedOutOnTool(before, freeCurvaturePerMm);
        }
        Optional<Bending> soon = bySecants(before, freeCurvaturePerMm, way);
        if (soon.isPresent()) {
            return soon.get();
        }
        double most = 1.2 * before.fullMomentNmm() / before.stiffnessNmm2();
        // Wire that is bent very tight hardens on the way, and springs back further than what it was before tells.
        for (int wider = 0; wider < MOST_WIDER; wider++) {
            try {
                return workedOutToFree(before, freeCurvaturePerMm, way * most);
            } catch (MathIllegalArgumentException notThere) {
                most *= 2;
            }
        }
        // Strained so far no tool gives it, and no wire stands it, which the strain says: the tightest tool that was
        // looked at.
        double tool = freeCurvaturePerMm + way * most;
        Fibres held = before.bent(tool);
        return new Bending(tool, Math.abs(held.momentNmm()), held.bent(freeCurvaturePerMm));
    }

    /** The tool lies between the curvature wanted and that much more. */
    /**
     * By the secant method from elastic springback, which is never far off: two or three looks where brackets take six; empty where it
     * does not come there, as in wire that is bent very tight.
     */
    private static Optional<Bending> bySecants(Fibres before, double freeCurvaturePerMm, double way) {
        double at = freeCurvaturePerMm;
        double left = before.momentAtNmm(at);
        double next = at + way * Math.abs(left) / before.stiffnessNmm2();
        for (int step = 0; step < SECANTS && way * (next - freeCurvaturePerMm) > 0; step++) {
            Fibres held = before.bent(next);
            double after = held.momentAtNmm(freeCurvaturePerMm);
            if (Math.abs(after) <= before.fullMomentNmm() * Fibres.FREE) {
                return Optional.of(new Bending(next, Math.abs(held.momentNmm()), held.bent(freeCurvaturePerMm)));
            }
            double further = next - after * (next - at) / (after - left);
            at = next;
            left = after;
            next = further;
        }
        return Optional.empty();
    }

    private static Bending workedOutToFree(Fibres before, double freeCurvaturePerMm, double more) {
        double most = Math.abs(more);
        double way = Math.signum(more);
        double from = Math.min(freeCurvaturePerMm, freeCurvaturePerMm + more);
        double to = Math.max(freeCurvaturePerMm, freeCurvaturePerMm + more);
        double guess =
                freeCurvaturePerMm + way * Math.abs(before.momentAtNmm(freeCurvaturePerMm)) / before.stiffnessNmm2();
        double precise = 1e-8 * Math.max(Math.abs(freeCurvaturePerMm), most);
        Fibres[] tried = {before};
        double tool = new BracketingNthOrderBrentSolver(1e-12, precise, before.fullMomentNmm() * Fibres.FREE, 5)
                .solve(
                        EVALUATIONS,
                        k -> {
                            tried[0] = before.bent(k);
                            return tried[0].momentAtNmm(freeCurvaturePerMm);
                        },
                        from,
                        to,
                        guess > from && guess < to ? guess : (from + to) / 2);
        Fibres held = tried[0].curvaturePerMm() == tool ? tried[0] : before.bent(tool);
        return new Bending(tool, Math.abs(held.momentNmm()), held.bent(freeCurvaturePerMm));
    }
}
