package org.etui.core.sequence;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import org.etui.core.piece.FoldedSheet;
import org.etui.core.piece.Joined;
import org.etui.core.piece.Part;

/**
 * What is joined to folded sheet is set in it when all of them are made: wire that is wound lies between its walls, wire that is straight is the
 * pivot, riveted in its holes. Folded sheet is fastened first, and cold: springs and colours stand no heat (common practice).
 */
final class SpringOnPivot implements Precedence {
    /** The folded sheet of a join; empty where neither is. */
    static Optional<Part> folded(Joined join) {
        return Stream.of(join.a(), join.b())
                .flatMap(t -> t.part().stream())
                .filter(p -> FoldedSheet.of(p).isPresent())
                .findFirst();
    }

    @Override
    public void apply(Course course) {
        Optional<Draft> fasten = fasten(course);
        List<Joined> joins = course.joins();
        for (Part part : course.piece().parts()) {
            List<Joined.Thing> wires = joins.stream()
                    .filter(j -> folded(j).filter(part::equals).isPresent())
                    .flatMap(j -> Stream.of(j.a(), j.b()))
                    .filter(t -> t.element().isPresent())
                    .toList();
            wires.stream()
                    .filter(t -> t.element().orElseThrow().isBent())
                    .findFirst()
                    .ifPresent(spring -> fasten.ifPresent(set(course, part, spring, wires)::after));
        }
    }

    private static Draft set(Course course, Part part, Joined.Thing spring, List<Joined.Thing> wires) {
        Optional<Joined.Thing> pivot =
                wires.stream().filter(t -> !t.element().orElseThrow().isBent()).findFirst();
        String what = spring.inWords(course.piece());
        String riveted = pivot.map(p -> "push the "
                        + p.strand().orElseThrow().title().toLowerCase(Locale.ROOT)
                        + " through both walls and the " + what
                        + ", as much of it out on either side. With the wall on the edge of the steel, spread one end a little with light taps of the ball of the hammer, turn it over, spread the"
                        + " other; go on in turns until neither end can pass its hole, and stop while it still swings.")
                .orElse("close the walls on it until it does not slip out.");
        Draft set = Draft.whole(
                        "set " + part.id(),
                        "Set the " + what + " in the " + part.label(),
                        pivot.isPresent() ? "ball hammer, steel block" : "flat-nose pliers")
                .kind(Step.Kind.HANG)
                .about(Stream.concat(Stream.of(part.id()), wires.stream().map(Joined.Thing::address))
                        .toList())
                .text("Hold the " + what + " between the walls of the " + part.label()
                        + ", the short end of its wire on the base, and " + riveted)
                .check("It swings freely without slack to the side, and springs up again when it is let go.")
                .caution("Cover the point with a bead of wax or a cork while you work.")
                .minutes(Minutes.A_RIVET);
        wires.stream()
                .flatMap(t -> t.strand().stream())
                .flatMap(s -> course.last(s.id()).stream())
                .forEach(set::after);
        course.between().stream()
                .filter(d -> d.about.equals(List.of(part.id())))
                .forEach(set::after);
        return course.add(set);
    }

    /** Folded sheet that takes wire is fastened to what it is for before anything lies between its walls, where no hammer would come any more. */
    private static Optional<Draft> fasten(Course course) {
        List<Part> parts = course.piece().parts().stream()
                .filter(p -> FoldedSheet.of(p).isPresent() && p.on().isPresent())
                .toList();
        if (parts.isEmpty()) {
            return Optional.empty();
        }
        List<String> ids = parts.stream().map(Part::id).toList();
        String names =
                String.join(" and ", parts.stream().map(p -> "the " + p.label()).toList());
        Draft fasten = Draft.whole(
                        "fasten",
                        "Fasten " + names,
                        "drill, small clamp, ball hammer, flat punch in the vice; or thin wire")
                .kind(Step.Kind.PUT_IN)
                .about(ids)
                .text(
                        "Lay " + names + " on the back of the brooch in line"
                                + (parts.size() > 1 ? ", as far apart as the pin needs" : "")
                                + ", a little above its middle, so that it does not tip forward. They are too small for fingers: tape each down and hold"
                                + " it in a small clamp with leather under the jaws until its first rivet is set. Drill through one hole of each, put a rivet in from"
                                + " this side, set its head on a flat punch held in the vice and spread the other end on the front; then the next"
                                + " hole. Or lash it through all holes with thin wire, three rounds. No heat: it ruins springs and colours.")
                .check("Nothing rocks, and the edges of all of them are parallel.")
                .minutes(parts.size() * 2 * Minutes.A_RIVET);
        course.between().stream()
                .filter(d -> d.about.stream().anyMatch(ids::contains))
                .forEach(fasten::after);
        return Optional.of(course.add(fasten));
    }
}
