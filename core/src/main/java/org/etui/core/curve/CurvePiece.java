package org.etui.core.curve;

import java.util.ArrayList;
import java.util.List;
import org.etui.core.check.Check;

/**
 * A piece of centre line in its own frame: starts at the origin heading along x; left is +y. Lengths mm, angles rad.
 */
public sealed interface CurvePiece permits Line, Arc, Spiral, Helix, EllipseArc, Wave, Knitting, Grip, Head {
    /** Length along the centre line, mm, exact. */
    double lengthMm();

    /**
     * Position and heading at a length from the start.
     *
     * @param sMm from 0 to the length
     * @throws IllegalArgumentException outside that range
     */
    Pose at(double sMm);

    /** Length from the start at which a share of the turning is done, mm: where a drawing puts its points. */
    default double lengthAtTurnMm(double share) {
        return share * lengthMm();
    }

    /** The frame in which its places are told most simply, such as one about the middle of a spiral, as seen from its start. */
    default Pose origin() {
        return Pose.START;
    }

    /**
     * Pose where a share of the turning is done, as seen from the {@link #origin}: for many places the way there is gone once.
     *
     * @param share from 0 to 1
     */
    default Pose aboutOrigin(double share) {
        return at(lengthAtTurnMm(share));
    }

    /** How much the heading turns over the piece in all, rad, never negative: decides how finely it is drawn. */
    double turnRad();

    /**
     * The wire that this piece takes, mm: ∫ (1 − (κt)²/26) ds along the centre line, κ the curvature. Bending by a moment
     * draws the measuring line a little inside the centre line. Engineering estimate, fitted to finite-element bending
     * (CalculiX 2.20: one turn of 1.63 mm round wire at 2.815 mm centre-line radius takes 17.45 mm); it lies between the
     * centre line itself (volume constancy, Pappus) and the elastic neutral line of Winkler and Bach.
     *
     * @param thicknessMm thickness in the plane of bending, mm
     */
    double wireLengthMm(double thicknessMm);

    /** The parts that may be taken as of one curvature, in order; one where the curvature does not change. */
    default List<Curvature> curvatures() {
        return List.of(new Curvature(1, lengthMm() == 0 ? 0 : turnRad() / lengthMm()));
    }

    /** The same bend over another length: more or less of it. */
    CurvePiece lasting(double lengthMm);

    /** The same shape, this many times as large: turns are kept. */
    CurvePiece scaled(double factor);

    /**
     * Lines, arcs, helices and grips walked from the last end to the first beginning. Left stays on the left, so that up is down: then all but grips
     * are as they were, and what a grip does is undone in the other order.
     *
     * @throws IllegalArgumentException for any other piece
     */
    static List<CurvePiece> walkedBack(List<CurvePiece> pieces) {
        List<CurvePiece> back = new ArrayList<>();
        for (CurvePiece piece : pieces) {
            if (piece instanceof Grip grip) {
                back.addAll(0, List.of(new Grip(0, -grip.liftRad()), Grip.roll(grip.rollRad())));
            } else {
                Check.that(
                        piece instanceof Line || piece instanceof Arc || piece instanceof Helix,
                        "only lines, arcs and helices are the same from both ends");
                back.add(0, piece);
            }
        }
        return back;
    }

    /** Share of the centre line that the wire takes where the curvature is constant; no wire bends tighter than on itself, at κt = 2. */
    static double wireShare(double curvaturePerMm, double thicknessMm) {
        double strain = Math.min(2, curvaturePerMm * thicknessMm);
        return 1 - strain * strain / 26;
    }
}
