package org.etui.core.plan;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.List;
import java.util.stream.Stream;
import org.etui.core.check.Term;
import org.etui.core.metal.Metal;
import org.hipparchus.geometry.euclidean.threed.Rotation;
import org.hipparchus.geometry.euclidean.threed.RotationConvention;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.simplify.DouglasPeuckerSimplifier;

/**
 * A wire to draw: the finished form and nothing else; of links that hang in each other a drawing each.
 *
 * @param metal what it is made of
 * @param count how many wires
 * @param outline centre line: x, y, z, s, mm
 * @param drawnMm width in the plane of the drawing at each point, mm
 * @param crossings where it lies over itself
 */
public record Drawing(
        @Term("what it is made of") Metal metal,
        @Term("how many wires") int count,
        @Term("centre line: x, y, z, s, mm") List<double[]> outline,

        @Term("width in the plane of the drawing at each point, mm")
        List<Double> drawnMm,

        @Term("where it lies over itself") List<Plan.Over> crossings) {

    /** A sketch is drawn at some pixels a millimetre: less than this is no part of a pixel (engineering estimate). */
    private static final double FINEST_MM = 0.04;

    /** What is large is drawn small (engineering estimate). */
    private static final double SHARE_OF_EXTENT = 0.001;

    /** A sketch is written to the hundredth of a millimetre, a quarter of what is told apart. */
    private static final double STEPS_PER_MM = 100;

    /** So many links of a chain are drawn: at the size of a tray more are not told apart (engineering estimate). */
    private static final int MOST_LINKS = 30;

    /** So many of links that lean against each other: they are told by what one embraces of the next (engineering estimate). */
    private static final int LEANING_LINKS = 5;

    /** Cosine of the angle between a chain and what its links are turned about, above which they go straight on. */
    private static final double STRAIGHT_ON = 0.5;

    private static final GeometryFactory GEOMETRY = new GeometryFactory();
    private static final int[][] PLANES = {{0, 1}, {0, 2}, {1, 2}};

    /** The drawings of a plan that carries the last state; of a matched strand both of a pair. */
    public static List<Drawing> of(Plan plan) {
        List<Drawing> drawings = new ArrayList<>();
        for (Plan.StrandPlan strand : plan.strands()) {
            drawings.add(of(strand, strand.drawn().outline()));
            strand.drawn().second().ifPresent(outline -> drawings.add(of(strand, outline)));
            plan.chains().stream()
                    .filter(c -> c.strand().equals(strand.id()))
                    .flatMap(c -> linked(strand.drawn().outline(), c))
                    .forEach(outline -> drawings.add(of(strand, outline)));
        }
        return List.copyOf(drawings);
    }

    /** The links that hang behind the first, so far as they are drawn. */
    private static Stream<List<double[]>> linked(List<double[]> outline, Plan.ChainPlan chain) {
        Vector3D from = new Vector3D(chain.from());
        Vector3D along = new Vector3D(chain.along());
        // Links that lean against each other would roll up: at the size of a tray the first are drawn, stretched out.
        boolean leans = Vector3D.dotProduct(new Vector3D(chain.about()), along) < STRAIGHT_ON;
        double turnDeg = leans ? 0 : chain.turnDeg();
        int most = leans ? LEANING_LINKS : MOST_LINKS;
        Rotation turn = new Rotation(along, Math.toRadians(turnDeg), RotationConvention.VECTOR_OPERATOR);
        Vector3D to = from.add(along.scalarMultiply(chain.pitchMm()));
        return Stream.iterate(outline, one -> next(one, from, to, turn))
                .limit(Math.min(chain.links(), most))
                .skip(1);
    }

    private static List<double[]> next(List<double[]> link, Vector3D from, Vector3D to, Rotation turn) {
        return link.stream()
                .map(p -> {
                    Vector3D at = to.add(turn.applyTo(new Vector3D(p[0], p[1], p[2]).subtract(from)));
                    return new double[] {at.getX(), at.getY(), at.getZ(), p[3]};
                })
                .toList();
    }

    /** The same in as few points as the eye needs where pieces lie small beside each other: on tray, in lists and choosers. */
    public static List<Drawing> sketched(Plan plan) {
        return of(plan).stream().map(Drawing::thinned).toList();
    }

    /** Leaves out points that lie within a tolerance of the chords between the others, seen along each axis (Douglas and Peucker 1973). */
    private Drawing thinned() {
        BitSet kept = new BitSet(outline.size());
        double tolerance = Math.max(FINEST_MM, SHARE_OF_EXTENT * extentMm());
        for (int[] plane : PLANES) {
            Coordinate[] seen = new Coordinate[outline.size()];
            for (int i = 0; i < seen.length; i++) {
                seen[i] = new Coordinate(outline.get(i)[plane[0]], outline.get(i)[plane[1]], i);
            }
            LineString line = GEOMETRY.createLineString(seen);
            for (Coordinate stays :
                    DouglasPeuckerSimplifier.simplify(line, tolerance).getCoordinates()) {
                kept.set((int) Math.round(stays.getZ()));
            }
        }
        for (int i = 1; i < drawnMm.size(); i++) {
            if (Math.abs(drawnMm.get(i) - drawnMm.get(i - 1)) > tolerance) {
                kept.set(i - 1, i + 1);
            }
        }
        return new Drawing(
                metal,
                count,
                kept.stream().mapToObj(i -> rounded(outline.get(i))).toList(),
                kept.stream().mapToObj(i -> rounded(drawnMm.get(i))).toList(),
                crossings);
    }

    private static double[] rounded(double[] point) {
        return Arrays.stream(point).map(Drawing::rounded).toArray();
    }

    private static double rounded(double mm) {
        return Math.rint(mm * STEPS_PER_MM) / STEPS_PER_MM;
    }

    private double extentMm() {
        double extent = 0;
        for (int axis = 0; axis < 3; axis++) {
            int along = axis;
            double most = outline.stream().mapToDouble(p -> p[along]).max().orElse(0);
            extent = Math.max(
                    extent,
                    most - outline.stream().mapToDouble(p -> p[along]).min().orElse(0));
        }
        return extent;
    }

    private static Drawing of(Plan.StrandPlan strand, List<double[]> outline) {
        return new Drawing(
                strand.bought().wire().metal(),
                strand.count(),
                outline,
                strand.states().get(strand.states().size() - 1).stations().stream()
                        .map(Plan.StationPlan::drawnMm)
                        .toList(),
                strand.drawn().crossings());
    }
}
