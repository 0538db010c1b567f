package org.etui.core.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.etui.core.element.Element;
import org.etui.core.measure.LengthFormat;
import org.etui.core.piece.Body;
import org.etui.core.piece.Part;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Purpose;
import org.etui.core.piece.Solid;
import org.etui.core.piece.Surface;
import org.etui.core.rule.Advice;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.locationtech.jts.algorithm.CGAlgorithms3D;
import org.locationtech.jts.geom.Coordinate;

/** What is to be said of stones as they lie in their wires: whether they stay, how far wires reach over them, and how the piece hangs. */
final class StoneAdvice {
    /** A wire that reaches less far inside the edge of a stone may slip off it, mm (engineering estimate). */
    private static final double LEAST_BITE_MM = 0.5;

    /** A bail whose axis leaves the plane of the piece by more than this lies flat in it (45°). */
    private static final double CROSSWISE = Math.sqrt(0.5);

    /** An end that stands off everything by more than this catches (engineering estimate). */
    private static final double SNAG_MM = 1;

    /** What goes through an ear or hooks into something has an end that stands off. */
    private static final Set<Purpose> OPEN_ENDED =
            EnumSet.of(Purpose.EAR_WIRE, Purpose.NECKLACE_CLOSURE, Purpose.BRACELET_CLOSURE, Purpose.BANGLE_CLOSURE);

    /** Along its own wire an end is not near itself before so many thicknesses. */
    private static final double OWN_THICKNESSES = 4;

    private StoneAdvice() {}

    static List<Advice> of(Piece piece, List<BodyPlan> bodies, List<Plan.StrandPlan> strands, LengthFormat format) {
        List<Advice> advice = new ArrayList<>();
        for (int i = 0; i < piece.parts().size(); i++) {
            Part part = piece.parts().get(i);
            String where = "parts." + i;
            bodies.stream().filter(b -> b.part().equals(part.id())).forEach(body -> {
                body.held().flatMap(h -> stays(part, where, h)).ifPresent(advice::add);
                body.biteMm().ifPresent(b -> {
                    b.front().ifPresent(mm -> bites(part, where, "front", mm, format, advice));
                    b.back().ifPresent(mm -> bites(part, where, "back", mm, format, advice));
                });
            });
        }
        hangs(piece, bodies, strands).ifPresent(advice::add);
        if (!OPEN_ENDED.contains(piece.purpose())
                && bodies.stream().anyMatch(b -> b.held().isPresent())) {
            snags(piece, strands, format).ifPresent(advice::add);
        }
        return advice;
    }

    private static void bites(
            Part part, String where, String face, double mm, LengthFormat format, List<Advice> advice) {
        if (mm < LEAST_BITE_MM) {
            advice.add(Advice.shallow(part.label(), where, face, format.say(mm, 1)));
        }
    }

    private static Optional<Advice> stays(Part part, String where, Retention.Held held) {
        if (held.all()) {
            return Optional.empty();
        }
        List<String> ways = ways(held, Retention.Hold.FREE);
        if (ways.isEmpty()) {
            return Optional.of(Advice.gripped(part.label(), where));
        }
        boolean turns = held.turn() == Retention.Hold.FREE;
        boolean falls = held.front() == Retention.Hold.FREE || held.back() == Retention.Hold.FREE;
        return Optional.of(Advice.loose(part.label(), where, ways, turns, falls));
    }

    private static List<String> ways(Retention.Held held, Retention.Hold as) {
        return Stream.of(
                        held.front() == as ? "to the front" : "",
                        held.back() == as ? "to the back" : "",
                        held.left() == as ? "to the left" : "",
                        held.right() == as ? "to the right" : "",
                        held.up() == as ? "upwards" : "",
                        held.down() == as ? "downwards" : "",
                        held.turn() == as ? "by turning out" : "")
                .filter(w -> !w.isEmpty())
                .toList();
    }

    /** Ends of wires that stand off stones and all other wire. */
    private static Optional<Advice> snags(Piece piece, List<Plan.StrandPlan> strands, LengthFormat format) {
        List<Snag> snags = new ArrayList<>();
        for (Plan.StrandPlan strand : strands) {
            List<double[]> line = strand.drawn().outline();
            double free = Math.max(
                    freeMm(piece, strands, strand, line.get(0)),
                    freeMm(piece, strands, strand, line.get(line.size() - 1)));
            if (free > SNAG_MM) {
                snags.add(new Snag(strand.title().toLowerCase(Locale.ROOT), free));
            }
        }
        return snags.stream()
                .max(Comparator.comparingDouble(Snag::freeMm))
                .map(most -> Advice.snags(
                        String.join(", of the ", snags.stream().map(Snag::wire).toList()),
                        format.say(most.freeMm(), 0)));
    }

    private record Snag(String wire, double freeMm) {}

    /** How far an end stands off all stones, all other wire, and its own beyond the next few thicknesses, mm. */
    private static double freeMm(Piece piece, List<Plan.StrandPlan> strands, Plan.StrandPlan of, double[] end) {
        Vector3D at = new Vector3D(end[0], end[1], end[2]);
        double half = halfMm(of);
        double free = Double.POSITIVE_INFINITY;
        for (Plan.StrandPlan other : strands) {
            List<double[]> line = other.drawn().outline();
            for (int i = 1; i < line.size(); i++) {
                double along = Math.min(Math.abs(line.get(i - 1)[3] - end[3]), Math.abs(line.get(i)[3] - end[3]));
                if (other != of || along > OWN_THICKNESSES * 2 * half) {
                    double apart =
                            CGAlgorithms3D.distancePointSegment(point(end), point(line.get(i - 1)), point(line.get(i)));
                    free = Math.min(free, apart - half - halfMm(other));
                    if (free <= SNAG_MM) {
                        return free;
                    }
                }
            }
        }
        for (Part part : piece.parts()) {
            if (part.body().flatMap(Body::front).isPresent()) {
                Surface surface = new Surface(new Solid(part.body().orElseThrow()));
                free = Math.min(
                        free, surface.near(part.place().pose().inverse().at(at)).apartMm() - half);
            }
        }
        return free;
    }

    private static Coordinate point(double[] p) {
        return new Coordinate(p[0], p[1], p[2]);
    }

    private static double halfMm(Plan.StrandPlan strand) {
        return strand.bought().wire().section().thicknessMm() / 2;
    }

    /** A pendant with a stone hangs by its highest eye: what goes through that runs along the eye's axis. */
    private static Optional<Advice> hangs(Piece piece, List<BodyPlan> bodies, List<Plan.StrandPlan> strands) {
        if (piece.purpose() != Purpose.PENDANT
                || bodies.stream().noneMatch(b -> b.held().isPresent())) {
            return Optional.empty();
        }
        String highest = "";
        double most = Double.NEGATIVE_INFINITY;
        Vector3D axis = Vector3D.PLUS_I;
        for (Plan.StrandPlan strand : strands) {
            for (Element element : piece.strand(strand.id()).orElseThrow().elements()) {
                List<Vector3D> points = element.hanging().eye() ? drawn(strand, element.id()) : List.of();
                double top = points.stream().mapToDouble(Vector3D::getY).max().orElse(Double.NEGATIVE_INFINITY);
                if (points.size() > 2 && top > most) {
                    most = top;
                    highest = element.label();
                    axis = axis(points);
                }
            }
        }
        return !highest.isEmpty() && Math.abs(axis.getZ()) > CROSSWISE
                ? Optional.of(Advice.lengthwise(highest))
                : Optional.empty();
    }

    private static List<Vector3D> drawn(Plan.StrandPlan strand, String element) {
        return strand.elements().stream()
                .filter(e -> e.id().equals(element))
                .flatMap(e -> strand.drawn().outline().stream()
                        .filter(p ->
                                p[3] >= e.along().fromMm() && p[3] <= e.along().toMm()))
                .map(p -> new Vector3D(p[0], p[1], p[2]))
                .toList();
    }

    /** Square to what is drawn: by the area that it goes round (Newell's method). */
    private static Vector3D axis(List<Vector3D> points) {
        Vector3D sum = Vector3D.ZERO;
        for (int i = 0; i < points.size(); i++) {
            sum = sum.add(points.get(i).crossProduct(points.get((i + 1) % points.size())));
        }
        return sum.getNorm() == 0 ? Vector3D.PLUS_I : sum.normalize();
    }
}
