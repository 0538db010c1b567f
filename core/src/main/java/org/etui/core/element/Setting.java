package org.etui.core.element;

import java.util.List;
import java.util.Optional;
import java.util.function.DoubleUnaryOperator;
import org.etui.core.curve.Circuit;
import org.etui.core.curve.Circuit.Disc;
import org.etui.core.curve.CurvePiece;

/** What an element meets in the piece that it is of. */
@FunctionalInterface
public interface Setting {
    /** An element by itself: nothing is beside it. */
    Setting ALONE = strand -> {
        throw new IllegalArgumentException("no strand " + strand);
    };

    /** Thickness of another strand of the piece, mm. */
    double strandMm(String strand);

    /**
     * Once round the body that a girth lies on, at its height, as the middle of the wire goes; empty where it lies on none.
     *
     * @param thicknessMm the wire in the plane of the girth, mm
     * @param acrossMm the same across it, mm
     */
    default Optional<Circuit> round(Girth girth, double thicknessMm, double acrossMm) {
        return Optional.empty();
    }

    /**
     * Wire over a face, with what leads to it from where the wire is; empty where there is no body.
     *
     * @param thicknessMm thickness of the wire, mm
     */
    default Optional<List<CurvePiece>> over(Across across, double thicknessMm) {
        return Optional.empty();
    }

    /**
     * A spiral drawn up over the face that it lies on; empty where there is none.
     *
     * @param thicknessMm thickness of the wire, mm
     */
    default Optional<List<CurvePiece>> drawnUp(Spiral spiral, double thicknessMm) {
        return Optional.empty();
    }

    /** From where the wire is to where the next seat begins; empty where none comes. */
    default Optional<List<CurvePiece>> reach(Reach reach) {
        return Optional.empty();
    }

    /**
     * What a wrap is wound round; empty where that is not known.
     *
     * @param thicknessMm thickness of the wire, mm
     * @param pitchMm from turn to turn, mm
     */
    default Optional<Hosts> hosts(Wrap wrap, double thicknessMm, double pitchMm) {
        return Optional.empty();
    }

    /**
     * What turns are wound round.
     *
     * @param discs cut across where the turns begin; mirrored for turns to the right
     * @param headingRad how far the hosts have turned to the left at a distance from there, mm, rad
     * @param begins where the turns begin, as a share of the way round
     * @param lead the wire to there from where it is; none where it is there
     */
    record Hosts(List<Disc> discs, DoubleUnaryOperator headingRad, double begins, List<CurvePiece> lead) {
        /** Copies the lists. */
        public Hosts {
            discs = List.copyOf(discs);
            lead = List.copyOf(lead);
        }
    }
}
