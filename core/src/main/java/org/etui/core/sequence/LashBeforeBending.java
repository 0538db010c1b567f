package org.etui.core.sequence;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.etui.core.element.Element;
import org.etui.core.element.Label;
import org.etui.core.piece.Joined;
import org.etui.core.piece.Strand;

/**
 * Wires are lashed while they lie together: round what is bent round a stone, on the straight bundle before it is bent; round a neck, when all that
 * leads to it is bent and covered, and before the ends beyond it get in the way (common practice).
 */
final class LashBeforeBending implements Precedence {
    /**
     * Turns of wire, and what they go round.
     *
     * @param turns the turns
     * @param host one of the wires that they go round
     */
    record Lash(Joined.Thing turns, Joined.Thing host) {}

    /** What is lashed to what by a join: turns of one strand round an element of another. */
    static Optional<Lash> lash(Joined join) {
        return Stream.of(new Lash(join.a(), join.b()), new Lash(join.b(), join.a()))
                .filter(l -> l.turns()
                        .element()
                        .filter(e -> e.hanging().locksOnMm().isPresent())
                        .isPresent())
                .filter(l -> l.host().element().isPresent()
                        && !l.host().strand().equals(l.turns().strand()))
                .findFirst();
    }

    @Override
    public void apply(Course course) {
        for (Joined join : course.joins()) {
            lash(join).ifPresent(lash -> order(course, lash));
        }
    }

    /**
     * What has to be bent before the turns: what goes round the stone and the corners that lead from it, what is lashed itself, and all between two
     * places of the same wire that are lashed together, such as the loop of a bail whose end lies at its own neck.
     */
    private static List<Element> leading(Lash lash, Strand host) {
        List<Element> along = host.elements();
        List<String> lashed = lash.turns().element().orElseThrow().sitsOn();
        List<Integer> at = IntStream.range(0, along.size())
                .filter(i -> lashed.contains(host.id() + "." + along.get(i).id()))
                .boxed()
                .toList();
        int first = at.isEmpty() ? along.size() : at.get(0);
        int last = at.isEmpty() ? -1 : at.get(at.size() - 1);
        return along.stream()
                .filter(e -> {
                    int i = along.indexOf(e);
                    return StoneBeforeCover.goesRound(e)
                            || i >= first && i <= last
                            || e.winding().jawEdge() && leads(along, i);
                })
                .toList();
    }

    private static boolean isCover(Joined.Thing turns) {
        return turns.strand().orElseThrow().elements().stream().anyMatch(StoneBeforeCover::isOver);
    }

    /** Whether a corner leads away from what goes round the stone. */
    private static boolean leads(List<Element> along, int at) {
        return along.subList(Math.max(0, at - 1), Math.min(along.size(), at + 2)).stream()
                .anyMatch(StoneBeforeCover::goesRound);
    }

    /** Flowers are bound to each other when each of them is made: laid on each other, their petals in the gaps. */
    private static void bind(Course course, Draft turns, Lash lash, Strand host) {
        turns.kind(Step.Kind.LASH)
                .about(Stream.concat(turns.about.stream(), Stream.of(lash.host().address()))
                        .distinct()
                        .toList())
                .start("")
                .title("Bind the flowers together")
                .text(
                        "Lay them on each other, the petals of the one in the gaps of the other. Lay the middle of the binding wire across the"
                                + " front, between two petals, and take both ends round the back and over the front again in the next gaps, "
                                + Math.round(turnsOf(lash))
                                + " rounds in all, half of them crosswise; draw each round tight.")
                .check("The flowers do not turn on each other, and the rounds make an even star in the middle.");
        course.last(host.id()).ifPresent(turns::after);
    }

    private static double turnsOf(Lash lash) {
        return lash.turns().element().orElseThrow().winding().turnRad() / (2 * Math.PI);
    }

    private static void order(Course course, Lash lash) {
        Draft turns = course.forms(lash.turns().address()).orElse(null);
        if (turns == null) {
            return;
        }
        Strand host = lash.host().strand().orElseThrow();
        if (lash.host().element().orElseThrow().winding().petals() > 0) {
            bind(course, turns, lash, host);
            return;
        }
        turns.kind(Step.Kind.LASH)
                .about(Stream.concat(turns.about.stream(), Stream.of(lash.host().address()))
                        .distinct()
                        .toList());
        turns.start("");
        long hosts = turns.about.stream()
                .filter(a -> !a.startsWith(lash.turns().strand().orElseThrow().id() + "."))
                .map(a -> a.substring(0, a.indexOf('.')))
                .distinct()
                .count();
        Strand own = lash.turns().strand().orElseThrow();
        Element wound = lash.turns().element().orElseThrow();
        boolean itself = wound.sitsOn().stream().anyMatch(on -> on.startsWith(own.id() + "."));
        turns.title("Wind " + Label.the(itself ? wound.label() : own.title()) + " round "
                + (hosts > 1 || itself ? "the bundle" : Label.the(host.title())));
        List<Draft> steps = course.stepsOf(host.id());
        boolean round =
                lash.host().element().filter(StoneBeforeCover::goesRound).isPresent();
        if (round && isCover(lash.turns())) {
            // Turns of a wire that lies over the face: it is wound when all lies round the stone.
            steps.stream()
                    .filter(d -> d.element
                            .flatMap(host::element)
                            .filter(StoneBeforeCover::goesRound)
                            .isPresent())
                    .forEach(turns::after);
            return;
        }
        List<Element> leading = round ? List.of() : leading(lash, host);
        boolean waits = false;
        for (Draft step : steps) {
            boolean forms = step.kind == Step.Kind.FORM;
            boolean leads = step.element
                    .flatMap(host::element)
                    .filter(leading::contains)
                    .isPresent();
            if (forms && !leads) {
                step.after(turns);
                waits = true;
            } else if (!forms && !waits && step.kind != Step.Kind.TRIM || leads) {
                turns.after(step);
            }
        }
        if (!round) {
            StoneBeforeCover.covered(course).forEach(turns::after);
        }
    }
}
