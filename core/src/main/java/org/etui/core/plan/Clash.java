package org.etui.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.etui.core.check.Term;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.locationtech.jts.algorithm.CGAlgorithms3D;
import org.locationtech.jts.geom.Coordinate;

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

    /** So many chords that follow one another are looked at as one first. */
    private static final int TOGETHER = 16;

    /** Between two drawn points. */
    private record Chord(int strand, String element, Coordinate from, Coordinate to, double halfMm, Room room) {}

    /** Chords that follow one another. */
    private record Stretch(List<Chord> chords, Room room) {
        static List<Stretch> all(List<Chord> chords) {
            return IntStream.iterate(0, k -> k < chords.size(), k -> k + TOGETHER)
                    .mapToObj(k -> chords.subList(k, Math.min(k + TOGETHER, chords.size())))
                    .map(some -> new Stretch(
                            some,
                            some.stream().map(Chord::room).reduce(Room::with).orElseThrow()))
                    .toList();
        }
    }

    /** The room that wire takes, upright; where two rooms do not meet, their wires touch at most. */
    private record Room(Vector3D from, Vector3D to) {
        static Room of(Vector3D a, Vector3D b, double halfMm) {
            double wider = halfMm - TOUCHES_MM / 2;
            Vector3D out = new Vector3D(wider, wider, wider);
            Room bare = new Room(a, a).with(new Room(b, b));
            return new Room(bare.from.subtract(out), bare.to.add(out));
        }

        Room with(Room o) {
            return new Room(
                    new Vector3D(
                            Math.min(from.getX(), o.from.getX()),
                            Math.min(from.getY(), o.from.getY()),
                            Math.min(from.getZ(), o.from.getZ())),
                    new Vector3D(
                            Math.max(to.getX(), o.to.getX()),
                            Math.max(to.getY(), o.to.getY()),
                            Math.max(to.getZ(), o.to.getZ())));
        }

        boolean meets(Room o) {
            return from.getX() < o.to.getX()
                    && o.from.getX() < to.getX()
                    && from.getY() < o.to.getY()
                    && o.from.getY() < to.getY()
                    && from.getZ() < o.to.getZ()
                    && o.from.getZ() < to.getZ();
        }
    }

    /** The deepest of every pair of elements of different strands, the deepest first. */
    static List<Clash> of(List<Plan.StrandPlan> strands) {
        List<List<Chord>> all = chords(strands);
        if (strands.size() < 2 || all.stream().mapToInt(List::size).sum() > MOST_CHORDS) {
            return List.of();
        }
        List<List<Stretch>> stretches = all.stream().map(Stretch::all).toList();
        return IntStream.range(0, all.size())
                .boxed()
                .flatMap(i -> stretches.get(i).stream().map(one -> new Look(one, stretches.subList(i + 1, all.size()))))
                .toList()
                .parallelStream()
                .flatMap(look -> look.clashes(strands))
                .collect(Collectors.toMap(c -> c.a() + " " + c.b(), c -> c, Clash::deeper))
                .values()
                .stream()
                .sorted((x, y) -> Double.compare(y.overlapMm(), x.overlapMm()))
                .toList();
    }

    private Clash deeper(Clash other) {
        return overlapMm >= other.overlapMm ? this : other;
    }

    /**
     * A stretch to look at.
     *
     * @param others stretches of the wires after its own
     */
    private record Look(Stretch one, List<List<Stretch>> others) {
        Stream<Clash> clashes(List<Plan.StrandPlan> strands) {
            return others.stream()
                    .flatMap(List::stream)
                    .filter(other -> one.room().meets(other.room()))
                    .flatMap(other -> one.chords().stream()
                            .filter(a -> a.room().meets(other.room()))
                            .flatMap(a -> other.chords().stream()
                                    .filter(b -> a.room().meets(b.room()))
                                    .flatMap(b -> clash(strands, a, b).stream())));
        }
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
                Vector3D a = new Vector3D(from[0], from[1], from[2]);
                Vector3D b = new Vector3D(to[0], to[1], to[2]);
                if (Vector3D.distance(a, b) > SAME_MM) {
                    String id = strand.elements().get(element).id();
                    chords.add(new Chord(i, id, point(a), point(b), half, Room.of(a, b, half)));
                }
            }
        }
        return all;
    }

    private static Coordinate point(Vector3D p) {
        return new Coordinate(p.getX(), p.getY(), p.getZ());
    }
}
