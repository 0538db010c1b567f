package org.etui.core.piece;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.etui.core.element.Element;

/**
 * A fold that is pressed shut behind what lies in it: on both sides of it the legs are bent towards each other, and back until they run along each
 * other (common practice: both legs squeezed between flat jaws, in one go).
 *
 * @param fold the element that goes half round what lies in it
 * @param pressed ids of the bends that are pressed into its two legs, those of one leg after those of the other
 */
public record PressedFold(Element fold, List<String> pressed) {
    /** A fold goes half round, to so much, rad (engineering estimate). */
    private static final double HALF_ROUND_RAD = 0.5;

    /** What turns by this little is straight, rad. */
    private static final double STRAIGHT_RAD = 1e-6;

    /** Bends and straights of one leg that belong to the fold: towards the other, along, and back. */
    private static final int MOST = 4;

    /** Every fold of a strand whose legs are bent after it. */
    public static List<PressedFold> all(Strand strand) {
        List<Element> along = strand.elements();
        List<PressedFold> folds = IntStream.range(0, along.size())
                .mapToObj(at -> at(along, at))
                .flatMap(Optional::stream)
                .toList();
        return folds.isEmpty()
                ? folds
                : folds.stream().filter(f -> f.isFormedFirst(strand)).toList();
    }

    /** The fold that an element is, if it is one. */
    public static Optional<PressedFold> of(Strand strand, Element fold) {
        return all(strand).stream().filter(f -> f.fold().id().equals(fold.id())).findFirst();
    }

    /** Ids of all bends of a strand that are pressed into the legs of folds. */
    public static Set<String> bends(Strand strand) {
        return all(strand).stream().flatMap(f -> f.pressed().stream()).collect(Collectors.toSet());
    }

    private boolean isFormedFirst(Strand strand) {
        List<String> order = strand.inOrder().stream().map(Element::id).toList();
        int from = order.indexOf(fold.id());
        return order.subList(from, order.size()).containsAll(pressed);
    }

    private static Optional<PressedFold> at(List<Element> along, int at) {
        boolean half = Math.abs(along.get(at).winding().turnRad() - Math.PI) < HALF_ROUND_RAD;
        if (!half || !along.get(at).hanging().hook()) {
            return Optional.empty();
        }
        List<String> pressed = new ArrayList<>(leg(along, at, -1));
        List<String> second = leg(along, at, 1);
        if (pressed.isEmpty() || second.isEmpty()) {
            return Optional.empty();
        }
        pressed.addAll(second);
        return Optional.of(new PressedFold(along.get(at), pressed));
    }

    /** The bends of one leg up to where it is parallel again; none where it never is, or leaves the plane of the fold before. */
    private static List<String> leg(List<Element> along, int fold, int way) {
        List<String> bends = new ArrayList<>();
        double turned = 0;
        double toFold = turn(along.get(fold));
        for (int i = fold + way; i >= 0 && i < along.size() && Math.abs(i - fold) <= MOST; i += way) {
            Element element = along.get(i);
            boolean rolled = (way > 0 ? element : along.get(i + 1)).rollDeg() != 0;
            boolean opens = bends.isEmpty() && turn(element) * toFold < 0;
            if (rolled || opens) {
                return List.of();
            }
            if (element.isBent()) {
                bends.add(element.id());
                turned += turn(element);
                if (Math.abs(turned) < STRAIGHT_RAD) {
                    return bends;
                }
            }
        }
        return List.of();
    }

    private static double turn(Element element) {
        return element.winding()
                .side()
                .map(s -> s.sign() * element.winding().turnRad())
                .orElse(0.0);
    }
}
