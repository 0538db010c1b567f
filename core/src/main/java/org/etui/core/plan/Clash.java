package org.etui.core.plan;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.etui.core.check.Term;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.locationtech.jts.algorithm.CGAlgorithms3D;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.index.strtree.STRtree;

/**
 * Two wires that want to be in one place: the distance of their middles is less than half of each thickness. Looked for between strands that lie in
 * one another by their seats, at the points that are drawn; the middle of a curve lies up to 0.02 mm beside its chord there.
 *
 * @param a one of them: strand.element
 * @param b the other
 * @param at where: x, y, z, mm
 * @param overlapMm how far they are in one another, mm
 */
public record Clash(
        @Term("one of them: strand.element") String a,
        @Term("the other: strand.element") String b,
        @Term("where: x, y, z, mm") double[] at,

        @Term("how far they are in one another, mm") double overlapMm) {
    /** What lies closer than this is said to touch. */
    public static final double TOUCHES_MM = 0.05;

    /** Points that are closer are one: JTS tells no distance from a chord of no length. */
    private static final double SAME_MM = 1e-9;

    /** A piece of more chords than this is not looked at: it would hold the plan up. */
    private static final int MOST_CHORDS = 12_000;

    /** Between two drawn points. */
    private record Chord(int strand, String element, Coordinate from, Coordinate to, double halfMm) {
        Envelope box(double wider) {
            Envelope box = new Envelope(from, to);
            box.expandBy(wider);
            return box;
        }
    }

    /** The deepest of every pair of elements of different strands, the deepest first. */
    static List<Clash> of(List<Plan.StrandPlan> strands) {
        List<Chord> chords = chords(strands);
        if (strands.size() < 2 || chords.size() > MOST_CHORDS) {
            return List.of();
        }
        STRtree near = new STRtree();
        chords.forEach(c -> near.insert(c.box(c.halfMm()), c));
        Map<String, Clash> worst = new HashMap<>();
        for (Chord one : chords) {
            for (Object found : near.query(one.box(one.halfMm()))) {
                Chord other = (Chord) found;
                if (other.strand() > one.strand()) {
                    clash(strands, one, other)
                            .ifPresent(c -> worst.merge(
                                    c.a() + " " + c.b(), c, (x, y) -> x.overlapMm() >= y.overlapMm() ? x : y));
                }
            }
        }
        return worst.values().stream()
                .sorted((x, y) -> Double.compare(y.overlapMm(), x.overlapMm()))
                .toList();
    }

    private static Optional<Clash> clash(List<Plan.StrandPlan> strands, Chord one, Chord other) {
        double apart = CGAlgorithms3D.distanceSegmentSegment(one.from(), one.to(), other.from(), other.to());
        double overlap = one.halfMm() + other.halfMm() - apart;
        if (!(overlap > TOUCHES_MM)) {
            return Optional.empty();
        }
        return Optional.of(new Clash(
                strands.get(one.strand()).id() + "." + one.element(),
                strands.get(other.strand()).id() + "." + other.element(),
                new double[] {one.from().x, one.from().y, one.from().getZ()},
                overlap));
    }

    private static List<Chord> chords(List<Plan.StrandPlan> strands) {
        List<Chord> chords = new ArrayList<>();
        for (int i = 0; i < strands.size(); i++) {
            Plan.StrandPlan strand = strands.get(i);
            double half = strand.bought().wire().section().thicknessMm() / 2;
            List<double[]> line = strand.drawn().outline();
            int element = 0;
            for (int k = 1; k < line.size(); k++) {
                double[] from = line.get(k - 1);
                double[] to = line.get(k);
                double middle = (from[3] + to[3]) / 2;
                while (element + 1 < strand.elements().size()
                        && strand.elements().get(element).along().toMm() < middle) {
                    element++;
                }
                if (Vector3D.distance(new Vector3D(from[0], from[1], from[2]), new Vector3D(to[0], to[1], to[2]))
                        > SAME_MM) {
                    chords.add(new Chord(i, strand.elements().get(element).id(), point(from), point(to), half));
                }
            }
        }
        return chords;
    }

    private static Coordinate point(double[] p) {
        return new Coordinate(p[0], p[1], p[2]);
    }
}
