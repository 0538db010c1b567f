package org.etui.core.curve;

import java.util.ArrayList;
import java.util.List;
import java.util.function.IntUnaryOperator;
import org.etui.core.check.Check;
import org.hipparchus.geometry.euclidean.threed.Vector3D;

/**
 * A centre line: placed pieces, each starting where the last one ended.
 *
 * @param pieces in order along the wire, at least one
 */
public record CentreLine(List<Placed> pieces) {
    private static final int MOST_STEPS = 1500;
    private static final double COARSEST_RAD = Math.toRadians(15);

    /** Where a step of this sagitta is longer than the one asked for it is taken: seen at arm's length no corner shows (engineering estimate). */
    private static final double SAGITTA_MM = 0.003;

    /** @throws IllegalArgumentException if there are no pieces */
    public CentreLine {
        Check.that(!pieces.isEmpty(), "a centre line needs at least one piece");
        pieces = List.copyOf(pieces);
    }

    /** A centre line of pieces laid end to end from the origin, for a wire of this thickness in the plane of bending. */
    public static CentreLine of(double thicknessMm, List<? extends CurvePiece> pieces) {
        List<Placed> placed = new ArrayList<>();
        Pose pose = Pose.START;
        double wire = 0;
        for (CurvePiece piece : pieces) {
            Placed next = new Placed(pose, piece, wire, piece.wireLengthMm(thicknessMm));
            placed.add(next);
            pose = next.end();
            wire = next.wireToMm();
        }
        return new CentreLine(placed);
    }

    /** Length along the centre line, mm. */
    public double lengthMm() {
        return pieces.stream().mapToDouble(p -> p.piece().lengthMm()).sum();
    }

    /** Position of the beginning along the wire, mm: below zero where a handle comes before the first element. */
    public double wireFromMm() {
        return pieces.get(0).wireFromMm();
    }

    /** Position of the end along the wire, mm. */
    public double wireToMm() {
        return pieces.get(pieces.size() - 1).wireToMm();
    }

    /**
     * Pose at a position along the wire.
     *
     * @param wireMm between the beginning and the end of the wire, mm
     * @throws IllegalArgumentException outside that range
     */
    public Pose atWire(double wireMm) {
        Along.checked(wireMm - wireFromMm(), wireToMm() - wireFromMm());
        int low = 0;
        int high = pieces.size() - 1;
        while (low < high) {
            int middle = (low + high) >>> 1;
            if (pieces.get(middle).wireToMm() < wireMm) {
                low = middle + 1;
            } else {
                high = middle;
            }
        }
        return pieces.get(low).atWire(wireMm);
    }

    /**
     * Points along the line, close enough to draw: one to every {@code stepRad} of turn, at least {@code least} a piece.
     * Small bends, where chords lie within 0.003 mm anyway, and pieces of very many turns have fewer, one to every 15° at least;
     * joints have no points of their own.
     */
    public List<Station> stations(double stepRad, int least) {
        return stations(stepRad, index -> least);
    }

    /**
     * The same, the least number of points a piece by its index.
     *
     * @param leastOf at least 2
     */
    public List<Station> stations(double stepRad, IntUnaryOperator leastOf) {
        List<Station> stations = new ArrayList<>();
        for (int index = 0; index < pieces.size(); index++) {
            Placed placed = pieces.get(index);
            CurvePiece piece = placed.piece();
            double length = piece.lengthMm();
            if (length == 0 && pieces.size() > 1) {
                continue;
            }
            int steps = steps(piece, stepRad, leastOf.applyAsInt(index) - 1);
            Pose origin = placed.start().then(piece.origin());
            for (int i = 0; i <= steps; i++) {
                double share = (double) i / steps;
                double along = piece.lengthAtTurnMm(share);
                double part = length == 0 ? share : along / length;
                Pose pose = origin.then(piece.aboutOrigin(share));
                stations.add(new Station(index, placed.wireFromMm() + placed.wireLengthMm() * part, along, pose));
            }
        }
        return stations;
    }

    /** How many steps a piece is drawn in where one to every {@code stepRad} of turn is asked for, at least {@code least}. */
    public static int steps(CurvePiece piece, double stepRad, int least) {
        return Math.max(least, (int) Math.ceil(piece.turnRad() / stepRad(piece, stepRad)));
    }

    /** The sagitta of a chord over an angle is r·(1 − cos(angle/2)): textbook. The radius is the mean one of the piece. */
    private static double stepRad(CurvePiece piece, double askedRad) {
        if (piece.turnRad() == 0) {
            return askedRad;
        }
        double radius = piece.lengthMm() / piece.turnRad();
        double enough = 2 * Math.acos(1 - Math.min(1, SAGITTA_MM / radius));
        double few = piece.turnRad() / MOST_STEPS;
        return Math.min(Math.max(askedRad, Math.max(enough, few)), Math.max(askedRad, COARSEST_RAD));
    }

    /** The smallest distance between the ends, mm. */
    public double gapMm() {
        return Vector3D.distance(
                pieces.get(0).start().position(),
                pieces.get(pieces.size() - 1).end().position());
    }

    /**
     * A sampled place on the line.
     *
     * @param piece index of the piece
     * @param wireMm position along the wire, mm
     * @param alongMm distance from the beginning of the piece along it, mm
     * @param pose where it lies
     */
    public record Station(int piece, double wireMm, double alongMm, Pose pose) {}
}
