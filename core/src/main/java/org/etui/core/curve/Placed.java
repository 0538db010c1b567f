package org.etui.core.curve;

/**
 * A curve piece where it lies.
 *
 * @param start pose of its beginning
 * @param piece the piece
 * @param wireFromMm position of its beginning along the wire, mm
 * @param wireLengthMm wire that it takes, mm
 */
public record Placed(Pose start, CurvePiece piece, double wireFromMm, double wireLengthMm) {

    /** Pose at a position along the wire, mm; within a piece wire and centre line run in proportion. */
    public Pose atWire(double wireMm) {
        if (wireLengthMm == 0) {
            return start;
        }
        double share = (wireMm - wireFromMm) / wireLengthMm;
        return start.then(piece.at(Math.min(Math.max(share, 0), 1) * piece.lengthMm()));
    }

    /** Position along the wire where it ends, mm. */
    public double wireToMm() {
        return wireFromMm + wireLengthMm;
    }

    /** Pose of its end. */
    public Pose end() {
        return start.then(piece.at(piece.lengthMm()));
    }
}
