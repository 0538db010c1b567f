package org.etui.core.sequence;

import java.util.ArrayList;
import java.util.Collections;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.etui.core.element.Element;
import org.etui.core.measure.LengthFormat;
import org.etui.core.piece.Joined;
import org.etui.core.piece.Piece;
import org.etui.core.piece.PressedFold;
import org.etui.core.piece.Strand;
import org.etui.core.work.StrandWork;

/**
 * All that there is to do, before it is put in order: the steps of each strand, which keep their own order, and the steps between strands, parts
 * and bath, each with what has to be done before it.
 *
 * @param piece the document
 * @param joins what it joins, in order
 * @param works its strands as worked
 * @param strands the steps of each strand, in order
 * @param between all other steps, in the order that is liked best
 * @param locks what cannot be put together
 * @param format how lengths are written
 */
record Course(
        Piece piece,
        List<Joined> joins,
        List<StrandWork> works,
        List<List<Draft>> strands,
        List<Draft> between,
        List<Lock> locks,
        LengthFormat format) {
    static Course of(Piece piece, List<StrandWork> works, List<List<Draft>> strands, LengthFormat format) {
        return new Course(piece, Joined.all(piece), works, strands, new ArrayList<>(), new ArrayList<>(), format);
    }

    /** Adds a step between strands. */
    Draft add(Draft draft) {
        between.add(draft);
        return draft;
    }

    /** Steps of a strand, in order. */
    List<Draft> stepsOf(String strand) {
        for (int i = 0; i < works.size(); i++) {
            if (works.get(i).strand().id().equals(strand)) {
                return strands.get(i);
            }
        }
        return List.of();
    }

    /** All steps of all strands. */
    List<Draft> all() {
        List<Draft> all = new ArrayList<>();
        strands.forEach(all::addAll);
        all.addAll(between);
        return all;
    }

    /** The step that forms an element; empty where none does. */
    Optional<Draft> forms(String address) {
        int dot = address.indexOf('.');
        return dot < 0
                ? Optional.empty()
                : stepsOf(address.substring(0, dot)).stream()
                        .filter(d -> d.element
                                .filter(address.substring(dot + 1)::equals)
                                .isPresent())
                        .findFirst();
    }

    /**
     * The step that closes an eye: where it is squeezed shut, its legs are pressed together or turns beside it hold its end, whichever comes first,
     * else its own forming.
     */
    Optional<Draft> closes(String address) {
        int dot = address.indexOf('.');
        List<String> locks = lockedBy(address.substring(0, dot), address.substring(dot + 1));
        return stepsOf(address.substring(0, dot)).stream()
                .filter(d -> d.kind == Step.Kind.CLOSE && d.about.contains(address)
                        || d.element.filter(locks::contains).isPresent())
                .findFirst()
                .or(() -> forms(address));
    }

    /** The turns beside an eye that hold its end, or the bends that are pressed into the legs of a fold. */
    private List<String> lockedBy(String strand, String eye) {
        Optional<PressedFold> fold =
                piece.strand(strand).flatMap(s -> s.element(eye).flatMap(e -> PressedFold.of(s, e)));
        if (fold.isPresent()) {
            return fold.get().pressed();
        }
        List<Element> along = piece.strand(strand).map(Strand::elements).orElse(List.of());
        List<String> ids = along.stream().map(Element::id).toList();
        int at = ids.indexOf(eye);
        return at < 0
                ? List.of()
                : along.subList(Math.max(0, at - 1), Math.min(along.size(), at + 2)).stream()
                        .filter(e -> e.hanging().locksOnMm().isPresent())
                        .map(Element::id)
                        .toList();
    }

    /** The last step of a strand. */
    Optional<Draft> last(String strand) {
        List<Draft> steps = stepsOf(strand);
        return steps.isEmpty() ? Optional.empty() : Optional.of(steps.get(steps.size() - 1));
    }

    /** A strand as worked. */
    Optional<StrandWork> work(String strand) {
        return works.stream().filter(w -> w.strand().id().equals(strand)).findFirst();
    }

    /** A step and all that has to come after it. */
    Set<Draft> since(Set<Draft> first) {
        Set<Draft> since = Collections.newSetFromMap(new IdentityHashMap<>());
        since.addAll(first);
        boolean more = true;
        while (more) {
            more = false;
            for (List<Draft> steps : strands) {
                for (int i = 1; i < steps.size(); i++) {
                    more |= since.contains(steps.get(i - 1)) && since.add(steps.get(i));
                }
            }
            for (Draft draft : all()) {
                more |= draft.after.stream().anyMatch(since::contains) && since.add(draft);
            }
        }
        return since;
    }
}
