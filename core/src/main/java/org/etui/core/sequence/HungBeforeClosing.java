package org.etui.core.sequence;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import org.etui.core.element.Element;
import org.etui.core.element.Label;
import org.etui.core.piece.Join;
import org.etui.core.piece.Joined;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Strand;

/**
 * What hangs in an eye goes on before the eye is closed; only where one of the two is a loop that opens, or a hook, it may come when both are made
 * (common practice).
 */
final class HungBeforeClosing implements Precedence {
    @Override
    public void apply(Course course) {
        List<Joined> joins = course.joins();
        for (int i = 0; i < joins.size(); i++) {
            Joined join = joins.get(i);
            Optional<Join.How> how = join.how();
            if (join.locked()) {
                course.locks().add(lock(course.piece(), join));
            } else if (how.filter(h -> h == Join.How.HUNG || h == Join.How.OPENED)
                            .isPresent()
                    || isLaid(join)) {
                List<Joined> more = together(joins, i);
                hang(course, join, more, i);
                i += more.size();
            }
        }
    }

    /** The joins after one that are done with it: both ends of links in one ring, or one loop after the other in one part. */
    private static List<Joined> together(List<Joined> joins, int index) {
        Joined first = joins.get(index);
        List<Joined> rest = joins.subList(index + 1, joins.size());
        return !rest.isEmpty() && isOfOneRing(first, rest.get(0))
                ? List.of(rest.get(0))
                : rest.stream().takeWhile(j -> isInOnePart(first, j)).toList();
    }

    private static boolean areOpened(Joined one, Joined other) {
        return Stream.of(one, other)
                .allMatch(j -> j.how().filter(Join.How.OPENED::equals).isPresent());
    }

    /** Whether loops of two wires are opened for the same part, such as a chain. */
    private static boolean isInOnePart(Joined one, Joined other) {
        return areOpened(one, other)
                && one.hung().part().isPresent()
                && one.hung().equals(other.hung())
                && !ring(one).strand().equals(ring(other).strand())
                && ring(one)
                        .element()
                        .map(Element::label)
                        .equals(ring(other).element().map(Element::label));
    }

    /** Whether both ends of alike links hang in rings of one kind: each ring is opened once, for one end of both. */
    private static boolean isOfOneRing(Joined one, Joined other) {
        return areOpened(one, other)
                && ring(one).equals(ring(other))
                && !one.hung().equals(other.hung())
                && one.hung().strand().equals(other.hung().strand())
                && one.hung().strand().filter(s -> s.count() > 1).isPresent();
    }

    private static Joined.Thing ring(Joined join) {
        return join.hung() == join.a() ? join.b() : join.a();
    }

    /** What is neither hung nor put in nor wound round nor set on a pivot: it is only brought together. */
    private static boolean isLaid(Joined join) {
        return join.how().isEmpty()
                && SpringOnPivot.folded(join).isEmpty()
                && StoneBeforeCover.stone(join).isEmpty()
                && LashBeforeBending.lash(join).isEmpty();
    }

    private static Lock lock(Piece piece, Joined join) {
        return new Lock(
                List.of(join.a().address(), join.b().address()),
                "The " + join.a().inWords(piece) + " and the " + join.b().inWords(piece)
                        + " are both closed, and neither is bent shut by you: they cannot hang in each other.",
                "Put a loop that opens, or a jump ring, between them.");
    }

    private static void hang(Course course, Joined join, List<Joined> more, int index) {
        boolean opens = join.how().filter(Join.How.OPENED::equals).isPresent();
        Piece piece = course.piece();
        Said said = more.isEmpty() ? Said.of(piece, join, opens) : Said.ofMore(join, more);
        int times = more.isEmpty() || isOfOneRing(join, more.get(0)) ? times(join) : 1 + more.size();
        Draft hang = Draft.whole("join " + index, said.title(), opens ? "two pairs of flat-nose pliers" : "fingers")
                .kind(Step.Kind.HANG)
                .about(Stream.concat(
                                Stream.of(join.a().address(), join.b().address()),
                                more.stream().flatMap(m -> Stream.of(m.a().address(), m.b().address())))
                        .distinct()
                        .toList())
                .text(said.text())
                .check(said.check())
                .advice("joins." + index)
                .shows(Step.Shows.JOINING)
                .minutes(times * (opens ? Minutes.OPEN_AND_CLOSE + Minutes.HANG : Minutes.HANG));
        if (join.closes().isPresent()) {
            Joined.Thing eye = join.closes().get();
            Strand strand = eye.strand().orElseThrow();
            Draft closing = course.closes(eye.address()).orElseThrow();
            List<Draft> own = course.stepsOf(strand.id());
            int at = Math.min(
                    own.indexOf(closing),
                    BeadBeforeEnds.passes(own, strand, eye.element().orElseThrow()));
            if (at < 0) {
                course.locks().add(lock(piece, join));
                return;
            }
            course.add(hang);
            own.get(at).after(hang);
            if (eye.pressed().isEmpty()) {
                made(course, join.hung(), closing).forEach(hang::after);
            }
            if (at > 0) {
                hang.after(own.get(at - 1));
            }
        } else {
            course.add(hang);
            Stream.concat(Stream.of(join), more.stream())
                    .flatMap(j -> Stream.of(j.a(), j.b()))
                    .flatMap(t -> t.strand().stream())
                    .distinct()
                    .flatMap(s -> course.last(s.id()).stream())
                    .forEach(hang::after);
        }
    }

    /** All of its own strand; within one strand only what forms it. */
    private static List<Draft> made(Course course, Joined.Thing thing, Draft closing) {
        Optional<Strand> strand = thing.strand();
        if (strand.isEmpty()) {
            return List.of();
        }
        List<Draft> steps = course.stepsOf(strand.get().id());
        return steps.contains(closing)
                ? course.closes(thing.address()).filter(d -> d != closing).stream()
                        .toList()
                : course.last(strand.get().id()).stream().toList();
    }

    private static int times(Joined join) {
        return Math.max(1, Math.min(count(join.a()), count(join.b())) - (join.isOfLinks() ? 1 : 0));
    }

    /** What is said of a step. */
    private record Said(String title, String text, String check) {
        static Said of(Piece piece, Joined join, boolean opens) {
            String hung = join.hung().inWords(piece);
            String other = ring(join).inWords(piece);
            return new Said(
                    HungBeforeClosing.title(join, hung, other) + timesText(times(join)),
                    join.isOfLinks()
                            ? textOfLinks(join, hung, other)
                            : HungBeforeClosing.text(join, hung, other, opens),
                    HungBeforeClosing.check(join, opens));
        }

        static Said ofMore(Joined join, List<Joined> more) {
            return isOfOneRing(join, more.get(0)) ? ofRings(join, more.get(0)) : ofDrops(join, more);
        }

        /** Both ends of alike links in rings. */
        private static Said ofRings(Joined join, Joined next) {
            String link = named(join.hung());
            String ring = named(ring(join));
            boolean spiral =
                    join.hung().element().filter(e -> !e.hanging().eye()).isPresent();
            return new Said(
                    "Join the " + link + "s with the " + ring + "s" + timesText(times(join)),
                    "Open each " + ring + " sideways, never pull it round; put it through the "
                            + join.hung().element().orElseThrow().label() + " of one " + link + " and the "
                            + next.hung().element().orElseThrow().label() + " of the next, and close it again."
                            + (spiral
                                    ? " It goes through the outermost turn: lift that a little where it lies close."
                                    : "")
                            + (count(ring(join)) < count(join.hung())
                                    ? ""
                                    : " One goes into the last " + link + " alone, for what closes it."),
                    LINKS_HANG);
        }

        /** One after the other in a part. */
        private static Said ofDrops(Joined join, List<Joined> more) {
            String part = join.hung().part().orElseThrow().label();
            String loop = ring(join).element().orElseThrow().label();
            return new Said(
                    "Hang " + (1 + more.size()) + " drops in the " + part,
                    "Lay them out in a row first. From " + Label.the(named(ring(join))) + " to "
                            + Label.the(named(ring(more.get(more.size() - 1)))) + ": open the " + loop
                            + " sideways, never pull it round, hang it in and close it again.",
                    "No light shows at the cuts; they hang in order and face one way.");
        }

        private static String timesText(int times) {
            return times > 1 ? ", " + times + " times" : "";
        }
    }

    private static String title(Joined join, String hung, String other) {
        if (join.isOfLinks()) {
            return "Hang each link in the one before";
        }
        return (join.how().isEmpty() ? "Bring together the " + hung + " and the " : "Hang the " + hung + " in the ")
                + other;
    }

    private static String named(Joined.Thing thing) {
        return thing.strand().orElseThrow().title().toLowerCase(Locale.ROOT);
    }

    private static final String LINKS_HANG =
            "No light shows at the cuts. Every link hangs freely and faces the way the others do.";

    private static String check(Joined join, boolean opens) {
        if (join.isOfLinks()) {
            return opens ? LINKS_HANG : "Every link hangs freely and faces the way the others do.";
        }
        if (opens) {
            return "No light shows at the cut, and both move freely.";
        }
        return join.how().isEmpty() ? "It sits firmly." : "It hangs freely, the right way round.";
    }

    /** Of alike links that hang in each other. */
    private static String textOfLinks(Joined join, String hung, String other) {
        if (join.closes().flatMap(Joined.Thing::pressed).isPresent()) {
            return "Link after link: make one to its last step before the next. Lay the open "
                    + join.closes().get().element().orElseThrow().label()
                    + " of the next one round both legs of the finished one, from the side, "
                    + (join.hung().element().filter(Element::isBent).isPresent()
                            ? "where they are bent over"
                            : "close behind its scrolls")
                    + ", and go on with it below: no scroll and no finished fold goes through a fold.";
        }
        if (join.closes().isEmpty()) {
            return "Open the " + other + " of a link sideways, never pull it round; hang the " + hung
                    + " of the next one in, close it again.";
        }
        return "Link after link: slide the " + hung + " of the next one onto the " + other
                + " before that is closed: afterwards nothing goes on any more.";
    }

    private static String text(Joined join, String hung, String other, boolean opens) {
        if (opens) {
            return "Open the loop sideways, never pull it round; hang the other in, close it again.";
        }
        if (join.how().isEmpty()) {
            return "Bring the " + hung + " and the " + other + " together.";
        }
        return join.closes().isPresent()
                ? "Slide the " + hung + " on before the " + other + " is closed: afterwards it does not go on any more."
                : "Hook the " + hung + " into the " + other + ".";
    }

    private static int count(Joined.Thing thing) {
        return thing.strand().map(Strand::count).orElse(1);
    }
}
