package org.etui.core.sequence;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import org.etui.core.element.Across;
import org.etui.core.element.Element;
import org.etui.core.element.Seating;
import org.etui.core.element.Wrap;
import org.etui.core.piece.Part;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Strand;
import org.etui.core.work.StrandWork;

/**
 * A stone that turns are wound round, over the legs of other wires: what crosses its far end is bent first, then the stone is set between the legs, the
 * cap is wound over them, and only then is anything bent in over its near end (common practice).
 */
final class CrystalInCap implements Precedence {
    /** Whether a wrap goes round it. */
    static boolean isCapped(Piece piece, Part part) {
        return piece.strands().stream().anyMatch(s -> cap(s, part).isPresent());
    }

    private static Optional<Wrap> cap(Strand strand, Part part) {
        return strand.elements().stream()
                .flatMap(e -> e.seated(Seating.wraps()).flatMap(w -> w).stream())
                .filter(w -> w.sitsOn().contains(part.id()))
                .findFirst();
    }

    @Override
    public void apply(Course course) {
        for (Part part : course.piece().parts()) {
            for (StrandWork work : course.works()) {
                cap(work.strand(), part)
                        .ifPresent(cap -> course.forms(work.strand().id() + "." + cap.id())
                                .ifPresent(turns -> order(course, part, cap, turns)));
            }
        }
    }

    /** What lies over a face of it. */
    private record Over(Draft step, Across across) {}

    private static void order(Course course, Part stone, Wrap cap, Draft turns) {
        String name = stone.label();
        List<Over> over = course.works().stream()
                .flatMap(w -> w.strand().elements().stream().flatMap(e -> over(course, w.strand(), e, stone).stream()))
                .toList();
        List<Over> ends = over.stream()
                .filter(o -> o.across().face() == Across.Face.FRONT)
                .toList();
        Draft put = course.add(Draft.whole(
                        "put-in " + stone.id(), "Set the " + name + " between the legs", "fingers, tape")
                .kind(Step.Kind.PUT_IN)
                .about(Stream.concat(Stream.of(stone.id()), ends.stream().flatMap(o -> o.step().about.stream()))
                        .toList())
                .shows(Step.Shows.JOINING)
                .text(
                        ends.size() > 1
                                ? "Set its tip into the wire that was bent first, the legs along the middle of two sides, and lay the next one over that,"
                                        + " crosswise, its legs along two others. Hold all legs with a turn of tape, away from where the turns come."
                                : "Lay the legs along the middle of its sides and hold them with a turn of tape, away from where the turns come.")
                .check("The wires cross on the very tip, and every leg lies close along its side.")
                .minutes(3));
        over.forEach(o -> say(o, name));
        ends.forEach(o -> put.after(o.step()));
        turns.kind(Step.Kind.LASH)
                .title("Wind the " + cap(course, turns) + " round the " + name)
                .text(turns.text
                        + begin(
                                course,
                                stone,
                                cap,
                                course.piece().strand(turns.strand).orElseThrow()))
                .after(put);
        course.last(turns.strand).filter(last -> last != turns).ifPresent(last -> {
            last.text(last.text + " Then press each end under a leg with the tip of the pliers.")
                    .check("No end stands out, and the turns do not slide.");
            // Its ends would be in the way of what is bent in over the stone.
            over.stream().filter(o -> !ends.contains(o)).forEach(o -> o.step().after(last));
        });
    }

    /** Where turns over legs begin, measured on the stone down from where the legs go in over its end. */
    private static String begin(Course course, Part stone, Wrap cap, Strand wound) {
        double halfMm = cap.turns() * cap.pitchMm(wound.wire().section().acrossMm()) / 2;
        return cap.seat()
                .flatMap(seat -> {
                    String leg = seat.round().get(0);
                    int dot = leg.indexOf('.');
                    return dot < 0
                            ? Optional.empty()
                            : course.work(leg.substring(0, dot))
                                    .map(w -> w.finished().wireMm(leg.substring(dot + 1)) * (1 - seat.at()));
                })
                .map(middle -> " Begin " + course.format().say(middle + halfMm, 0)
                        + " from the end of the " + stone.label()
                        + ", on the side of its tip, and wind towards that end.")
                .orElse("");
    }

    private static String cap(Course course, Draft turns) {
        return course.piece().strand(turns.strand).orElseThrow().title().toLowerCase(Locale.ROOT);
    }

    private static Optional<Over> over(Course course, Strand strand, Element element, Part stone) {
        return element.seated(Seating.faces())
                .flatMap(a -> a)
                .filter(a -> a.on().equals(stone.id()))
                .flatMap(a -> course.forms(strand.id() + "." + a.id()).map(d -> new Over(d, a)));
    }

    private static void say(Over over, String stone) {
        if (over.across().face() == Across.Face.FRONT) {
            over.step()
                    .text("Lay the wire along the middle of one side of the " + stone
                            + ", the mark where its tip begins. Bend it close over the tip and along the opposite side, with a wooden stick, a little at a"
                            + " time; then take the " + stone + " out.")
                    .check("Both legs stand upright, as far apart as the " + stone + " is wide.");
        } else {
            over.step()
                    .text(
                            "Bend it in over the end of the " + stone
                                    + ", square over the edge, and press it flat with a wooden stick, straight towards the middle.");
        }
    }
}
