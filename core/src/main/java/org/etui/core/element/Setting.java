package org.etui.core.element;

import java.util.List;
import java.util.Optional;
import java.util.function.DoubleUnaryOperator;
import org.etui.core.curve.Circuit;
import org.etui.core.curve.Circuit.Disc;

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
     * What a wrap is wound round; empty where that is not known.
     *
     * @param pitchMm from turn to turn, mm
     */
    default Optional<Hosts> hosts(Wrap wrap, double pitchMm) {
        return Optional.empty();
    }

    /**
     * What turns are wound round.
     *
     * @param discs cut across where the turns begin; mirrored for turns to the right
     * @param headingRad how far the hosts have turned to the left at a distance from there, mm, rad
     */
    record Hosts(List<Disc> discs, DoubleUnaryOperator headingRad) {
        /** Copies the list. */
        public Hosts {
            discs = List.copyOf(discs);
        }
    }
}
