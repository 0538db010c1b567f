package org.etui.core.plan;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.etui.core.check.Term;
import org.etui.core.piece.Body;
import org.etui.core.piece.FoldedSheet;
import org.etui.core.piece.Part;
import org.etui.core.piece.PartKind;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Solid;
import org.hipparchus.geometry.euclidean.threed.Vector3D;

/**
 * A part that is told as a solid.
 *
 * @param part its id
 * @param volumeMm3 volume of one
 * @param massG mass of one, an estimate where its material is not known
 * @param sections its outline at heights from the back to the front; none for what is round about its hole or its length, for folded
 *     sheet, or where there are more than 40 parts
 * @param front once round it as it lies, seen from the front; none where there are no sections
 * @param side the same seen from its right side, the front to the right
 * @param held which ways it can leave the wires; empty where none touches it
 * @param biteMm how far wires reach over it; empty where none touches it
 */
public record BodyPlan(
        @Term("its id") String part,
        @Term("volume of one, mm³") double volumeMm3,

        @Term("mass of one, g, an estimate where its material is not known")
        double massG,

        @Term("its outline at heights from the back to the front; none for what is round about its hole or its length")
        List<Section> sections,

        @Term(
                "once round it as it lies, seen from the front, about its place: x, y, mm; none where there are no sections")
        List<double[]> front,

        @Term("the same seen from its right side, the front to the right: z, y, mm")
        List<double[]> side,

        @Term("which ways it can leave the wires; absent where none touches it")
        Optional<Retention.Held> held,

        @Term("how far wires reach over it; absent where none touches it")
        Optional<Retention.Bite> biteMm) {

    /**
     * A section.
     *
     * @param zMm how high, mm
     * @param outline the way round about its middle: x, y, mm
     */
    public record Section(
            @Term("how high, mm") double zMm,

            @Term("the way round about its middle: x, y, mm")
            List<double[]> outline) {}

    private static final int HEIGHTS = 9;

    /** Of more parts than this no sections are given: they would fill the answer. */
    private static final int MOST_CUT = 40;

    /** The solids of a piece, in order. */
    static List<BodyPlan> of(Piece piece, List<Plan.StrandPlan> strands) {
        boolean few = piece.parts().size() <= MOST_CUT;
        return piece.parts().stream()
                .flatMap(p -> p.body().map(b -> of(piece, p, b, few, strands)).stream())
                .toList();
    }

    private static BodyPlan of(Piece piece, Part part, Body body, boolean cut, List<Plan.StrandPlan> strands) {
        Solid solid = new Solid(body);
        List<Section> sections = body.front()
                .filter(f -> cut && FoldedSheet.of(part).isEmpty())
                .map(Solid::way)
                .map(way -> solid.heights(HEIGHTS).stream()
                        .filter(z -> solid.scale(z) > 0)
                        .map(z -> new Section(z, scaled(way, solid.scale(z))))
                        .toList())
                .orElse(List.of());
        Set<String> seated = seated(piece, part);
        Optional<Retention.Stay> stay = cut && body.front().isPresent() && (!seated.isEmpty() || isThreaded(part, body))
                ? Retention.of(part, solid, strands, seated, wound(piece, part))
                : Optional.empty();
        return new BodyPlan(
                part.id(),
                solid.volumeMm3(),
                solid.massG(part.material()),
                sections,
                sections.isEmpty() ? List.of() : SolidSeen.outline(part, Vector3D.PLUS_I, Vector3D.PLUS_J),
                sections.isEmpty() ? List.of() : SolidSeen.outline(part, Vector3D.PLUS_K, Vector3D.PLUS_J),
                stay.map(Retention.Stay::held),
                stay.map(Retention.Stay::bite));
    }

    /** Whether it is a stone that sits on a wire by a hole. */
    private static boolean isThreaded(Part part, Body body) {
        return (part.kind() == PartKind.STONE || part.kind() == PartKind.BEAD)
                && part.on().isPresent()
                && !body.holes().isEmpty();
    }

    /** What lies on it by its seat: strand.element. */
    private static Set<String> seated(Piece piece, Part part) {
        return piece.strands().stream()
                .flatMap(s -> s.elements().stream()
                        .filter(e -> e.sitsOn().contains(part.id()))
                        .map(e -> s.id() + "." + e.id()))
                .collect(Collectors.toSet());
    }

    private static double wound(Piece piece, Part part) {
        return piece.strands().stream()
                .flatMap(s -> s.elements().stream())
                .filter(e -> e.handling().laidOver() && e.sitsOn().contains(part.id()))
                .mapToDouble(e -> e.winding().turnRad() / (2 * Math.PI))
                .max()
                .orElse(0);
    }

    private static List<double[]> scaled(List<double[]> way, double by) {
        return way.stream().map(p -> new double[] {by * p[0], by * p[1]}).toList();
    }
}
