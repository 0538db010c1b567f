package org.etui.core.piece;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
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

    /** The fold that an element is, if it is one and its legs are bent after it. */
    public static Optional<PressedFold> of(Strand strand, Element fold) {
        if (Math.abs(fold.winding().turnRad() - Math.PI) > HALF_ROUND_RAD) {
            return Optional.empty();
        }
        List<Element> along = strand.elements();
        List<String> first = leg(along, along.indexOf(fold), -1);
        List<String> second = leg(along, along.indexOf(fold), 1);
        if (first.isEmpty() || second.isEmpty()) {
            return Optional.empty();
        }
        List<String> pressed = new ArrayList<>(first);
        pressed.addAll(second);
        List<Element> order = strand.inOrder();
        List<Element> later = order.subList(order.indexOf(fold) + 1, order.size());
        return pressed.stream().allMatch(id -> later.stream().anyMatch(e -> e.id().equals(id)))
                ? Optional.of(new PressedFold(fold, pressed))
                : Optional.empty();
    }

    /** The fold that a bend is pressed into the legs of; empty where it is bent by itself. */
    public static Optional<PressedFold> with(Strand strand, Element bend) {
        return strand.elements().stream()
                .filter(e -> e.hanging().hook())
                .flatMap(e -> of(strand, e).stream())
                .filter(f -> f.pressed().contains(bend.id()))
                .findFirst();
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
