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
        List<List<Chord>> all = chords(strands);
        if (strands.size() < 2 || all.stream().mapToInt(List::size).sum() > MOST_CHORDS) {
            return List.of();
        }
        Map<String, Clash> worst = new HashMap<>();
        for (int i = 0; i < all.size(); i++) {
            STRtree near = new STRtree();
            Envelope room = new Envelope();
            for (Chord chord : all.get(i)) {
                near.insert(chord.box(chord.halfMm()), chord);
                room.expandToInclude(chord.box(chord.halfMm()));
            }
            for (int j = i + 1; j < all.size(); j++) {
                for (Chord one : all.get(j)) {
                    Envelope box = one.box(one.halfMm());
                    if (room.intersects(box)) {
                        near.query(
                                box,
                                found -> clash(strands, (Chord) found, one)
                                        .ifPresent(c -> worst.merge(
                                                c.a() + " " + c.b(),
                                                c,
                                                (x, y) -> x.overlapMm() >= y.overlapMm() ? x : y)));
                    }
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

    private static List<List<Chord>> chords(List<Plan.StrandPlan> strands) {
        List<List<Chord>> all = new ArrayList<>();
        for (int i = 0; i < strands.size(); i++) {
            Plan.StrandPlan strand = strands.get(i);
            double half = strand.bought().wire().section().thicknessMm() / 2;
            List<double[]> line = strand.drawn().outline();
            int element = 0;
            List<Chord> chords = new ArrayList<>();
            all.add(chords);
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
        return all;
    }

    private static Coordinate point(double[] p) {
        return new Coordinate(p[0], p[1], p[2]);
    }
}
