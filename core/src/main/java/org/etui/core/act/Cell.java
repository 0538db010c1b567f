package org.etui.core.act;

import org.etui.core.mechanics.Bending;
import org.etui.core.mechanics.Fibres;

/**
 * A part of a run that may be taken as alike: what its section remembers, and how it was last bent. A run has one where the curvature
 * does not change, a dozen along a spiral or ellipse.
 *
 * @param toShare where it ends, as a share of the run, up to 1
 * @param fibres the section
 * @param toolCurvaturePerMm curvature on the tool that bent it last, 1/mm; 0 where it was not bent
 * @param toolMomentNmm moment that took, N·mm
 * @param worn share of what the metal stands that opening and closing used up, 0 or more
 */
public record Cell(double toShare, Fibres fibres, double toolCurvaturePerMm, double toolMomentNmm, double worn) {
    /** Of straight wire. */
    public static Cell straight(Fibres fibres) {
        return new Cell(1, fibres, 0, 0, 0);
    }

    Cell with(Fibres other) {
        return new Cell(toShare, other, toolCurvaturePerMm, toolMomentNmm, worn);
    }

    /** Worn by a further share. */
    Cell worn(double more) {
        return new Cell(toShare, fibres, toolCurvaturePerMm, toolMomentNmm, worn + more);
    }

    /** A part of this one, up to a share of the run, bent. */
    Cell bent(double upToShare, Bending bending) {
        return new Cell(upToShare, bending.after(), bending.toolCurvaturePerMm(), bending.toolMomentNmm(), worn);
    }
}
