package org.etui.core.sequence;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.etui.core.element.Element;
import org.etui.core.element.Seating;
import org.etui.core.piece.Joined;
import org.etui.core.piece.Part;
import org.etui.core.piece.PartKind;
import org.etui.core.piece.Strand;
import org.etui.core.work.StrandWork;

/**
 * A stone goes into its frame after what goes round it is bent and hammered, and before the wires that cover it are bent over: those of other
 * strands that are joined to it and do not go round it themselves (common practice).
 */
final class StoneBeforeCover implements Precedence {
    /** The stone of a join; empty where it has none. */
    static Optional<Part> stone(Joined join) {
        return Stream.of(join.a(), join.b())
                .flatMap(t -> t.part().stream())
                .filter(p -> p.kind() == PartKind.STONE)
                .findFirst();
    }

    @Override
    public void apply(Course course) {
        List<Joined> joins = course.joins();
        for (Part part : course.piece().parts()) {
            List<Joined> own = joins.stream()
                    .filter(j -> stone(j).filter(part::equals).isPresent())
                    .toList();
            if (part.kind() == PartKind.STONE
                    && !CrystalInCap.isCapped(course.piece(), part)
                    && (part.on().isPresent() || !own.isEmpty())) {
                putIn(course, part, own);
            }
        }
    }

    /** Steps that put stones in, and those that cover them. */
    static List<Draft> covered(Course course) {
        List<Draft> put = course.between().stream()
                .filter(d -> d.kind == Step.Kind.PUT_IN)
                .toList();
        return Stream.concat(
                        put.stream(),
                        course.strands().stream()
                                .flatMap(List::stream)
                                .filter(d -> d.kind == Step.Kind.FORM
                                        && d.after.stream().anyMatch(put::contains)))
                .toList();
    }

    private static void putIn(Course course, Part stone, List<Joined> joins) {
        Draft put = course.add(Draft.whole("put-in " + stone.id(), "Put in the " + stone.label(), "fingers")
                .kind(Step.Kind.PUT_IN)
                .about(Stream.concat(Stream.of(stone.id()), stone.on().stream()).toList())
                .shows(Step.Shows.JOINING)
                .text("Lay the " + stone.label()
                        + " into its frame and press the wires close round it. While wire beside it"
                        + " is bent it may have to come out, and go in again.")
                .check("It sits level, and the wires touch it all round.")
                .minutes(2));
        Optional<Strand> cage = course.works().stream()
                .map(StrandWork::strand)
                .filter(s -> isCage(s, stone))
                .findFirst();
        cage.ifPresent(
                s -> put.text("Spread the turns on one side with the tips of the pliers until the " + stone.label()
                                + " slips in between two of them, then push them back over it, a little at a time.")
                        .check("It moves nowhere, and no gap between turns is wide enough to let it out."));
        List<Strand> covering = joins.stream()
                .flatMap(j -> Stream.of(j.a(), j.b()))
                .flatMap(t -> t.strand().stream())
                .filter(s -> s.elements().stream().noneMatch(StoneBeforeCover::goesRound))
                .toList();
        for (StrandWork work : course.works()) {
            Strand strand = work.strand();
            if (cage.filter(strand::equals).isPresent()) {
                course.last(strand.id()).ifPresent(put::after);
            } else if (covering.contains(strand)) {
                course.stepsOf(strand.id()).stream()
                        .filter(d -> d.kind == Step.Kind.FORM)
                        .forEach(d -> d.after(put));
            } else if (strand.elements().stream().anyMatch(StoneBeforeCover::goesRound)) {
                course.stepsOf(strand.id()).stream()
                        .filter(d -> d.element
                                .flatMap(strand::element)
                                .filter(StoneBeforeCover::goesRound)
                                .isPresent())
                        .forEach(put::after);
                course.stepsOf(strand.id()).stream()
                        .filter(d -> d.element
                                .flatMap(strand::element)
                                .filter(e -> covers(strand, e))
                                .isPresent())
                        .forEach(d -> d.after(put));
            } else if (stone.on().filter(on -> on.startsWith(strand.id() + ".")).isPresent()) {
                course.last(strand.id()).ifPresent(put::after);
            }
        }
    }

    /** Whether it lies over a face, or leads to or from one. */
    private static boolean covers(Strand strand, Element element) {
        List<Element> along = strand.elements();
        int at = along.indexOf(element);
        return isOver(element)
                || !goesRound(element)
                        && !element.winding().jawEdge()
                        && along.subList(Math.max(0, at - 1), Math.min(along.size(), at + 2)).stream()
                                .anyMatch(StoneBeforeCover::isOver);
    }

    /** Whether the turns of a strand lie over both faces of a stone, and nothing else holds it: it is slipped in between them (common practice). */
    private static boolean isCage(Strand strand, Part stone) {
        return stone.on().filter(on -> on.startsWith(strand.id() + ".")).isPresent()
                && strand.elements().stream()
                                .flatMap(e -> e.seated(Seating.spirals()).flatMap(s -> s).stream())
                                .filter(s -> s.seat().orElseThrow().on().equals(stone.id()))
                                .map(s -> s.seat().orElseThrow().face())
                                .distinct()
                                .count()
                        == 2;
    }

    /** Whether it lies over a face of a stone. */
    static boolean isOver(Element element) {
        return element.seated(Seating.faces()).flatMap(a -> a).isPresent();
    }

    /** Whether it goes round a stone. */
    static boolean goesRound(Element element) {
        return element.hanging().frame();
    }
}
