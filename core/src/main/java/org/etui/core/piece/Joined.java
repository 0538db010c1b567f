package org.etui.core.piece;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.etui.core.element.Element;
import org.etui.core.element.Label;
import org.etui.core.element.Seating;
import org.etui.core.element.Wrap;

/**
 * Two things of a piece that are put together, and how that is done at the bench (common practice): a bead goes on while an end still passes, a
 * cord goes into the coil wound for it, a loop that opens is opened, and of two that do not open the one that is closed later is closed over the
 * other.
 *
 * @param a one of them
 * @param b the other
 * @param how how it is done; empty where they are only laid together
 * @param closes the eye that is closed over the other; empty where none is
 * @param locked whether it cannot be done at all: both are closed and none is closed by the maker
 */
public record Joined(Thing a, Thing b, Optional<Join.How> how, Optional<Thing> closes, boolean locked) {
    /**
     * One of the two.
     *
     * @param address strand.element or the id of a part
     * @param strand its strand; empty for a part
     * @param element the element; empty for a part
     * @param part the part; empty for an element
     */
    public record Thing(String address, Optional<Strand> strand, Optional<Element> element, Optional<Part> part) {
        /** What goes round less is no coil. */
        private static final double LEAST_COIL_RAD = 3 * Math.PI;

        private static Thing of(Piece piece, String address) {
            Optional<Part> part =
                    piece.parts().stream().filter(p -> p.id().equals(address)).findFirst();
            int dot = address.indexOf('.');
            Optional<Strand> strand =
                    part.isPresent() || dot < 0 ? Optional.empty() : piece.strand(address.substring(0, dot));
            return new Thing(address, strand, strand.flatMap(s -> s.element(address.substring(dot + 1))), part);
        }

        private boolean is(PartKind... kinds) {
            return part.filter(p -> List.of(kinds).contains(p.kind())).isPresent();
        }

        private boolean opens() {
            return element.filter(e -> e.hanging().opens()).isPresent();
        }

        private boolean isHook() {
            return element.filter(e -> e.hanging().hook()).isPresent();
        }

        /** Whether it goes round what hangs in it. */
        private boolean isEye() {
            return element.filter(e -> e.hanging().eye()).isPresent() || is(PartKind.FINDING);
        }

        /** Whether wire is wound there, so that something can go through it. */
        private boolean isWound() {
            return element.filter(e -> e.handling().laidOver() || e.winding().turnRad() > LEAST_COIL_RAD)
                    .isPresent();
        }

        /** Whether it is wound over a leg of its own wire, with room for a cord beside it. */
        private boolean isWoundOverItsLeg() {
            return element.flatMap(e -> e.seated(Seating.wraps()).flatMap(w -> w))
                    .filter(Wrap::legAlong)
                    .isPresent();
        }

        /** What it is as a fold that is pressed shut behind what lies in it; empty where it is none. */
        public Optional<PressedFold> pressed() {
            return element.flatMap(e -> PressedFold.of(strand.orElseThrow(), e));
        }

        private boolean isClosedByTheMaker() {
            return element.filter(e -> e.hanging().eye() && e.isBent()).isPresent();
        }

        /** In words, such as {@code loop of the hanger}; with the strand only where there are several. */
        public String inWords(Piece piece) {
            String label =
                    element.map(Element::label).or(() -> part.map(Part::label)).orElse(address.replace('-', ' '));
            return strand.isPresent() && piece.strands().size() > 1
                    ? label + " of " + Label.the(strand.get().title())
                    : label;
        }
    }

    /** How a join of a piece is done. */
    public static Joined of(Piece piece, Join join) {
        Thing a = Thing.of(piece, join.a());
        Thing b = Thing.of(piece, join.b());
        Optional<Join.How> how = join.how().or(() -> how(a, b));
        boolean hung = how.filter(Join.How.HUNG::equals).isPresent();
        boolean closed = hung && a.isEye() && b.isEye() && !a.isHook() && !b.isHook();
        Optional<Thing> pressed =
                Stream.of(a, b).filter(t -> hung && t.pressed().isPresent()).findFirst();
        Optional<Thing> closes = closed ? later(piece, a, b) : pressed;
        return new Joined(a, b, how, closes, closed && closes.isEmpty());
    }

    /** Every join of a piece, in order; after them what lies on parts or is wound round others because its seat says so. */
    public static List<Joined> all(Piece piece) {
        List<Joined> all =
                new ArrayList<>(piece.joins().stream().map(j -> of(piece, j)).toList());
        for (Strand strand : piece.strands()) {
            for (Element element : strand.elements()) {
                // Turns round their own stem join nothing.
                element.sitsOn().stream()
                        .filter(on -> !on.startsWith(strand.id() + "."))
                        .forEach(on -> all.add(of(piece, Join.of(strand.id() + "." + element.id(), on))));
            }
        }
        return all;
    }

    private static Optional<Join.How> how(Thing a, Thing b) {
        boolean cord = a.is(PartKind.CORD) || b.is(PartKind.CORD);
        if (a.is(PartKind.BEAD, PartKind.SPACER) || b.is(PartKind.BEAD, PartKind.SPACER)) {
            return Optional.of(Join.How.THREADED);
        }
        if (cord) {
            if (a.isWoundOverItsLeg() || b.isWoundOverItsLeg()) {
                return Optional.of(Join.How.WOUND_OVER);
            }
            return Optional.of(a.isWound() || b.isWound() ? Join.How.PUSHED_THROUGH : Join.How.THREADED);
        }
        if (a.opens() || b.opens()) {
            return Optional.of(Join.How.OPENED);
        }
        return (a.isEye() || a.isHook()) && (b.isEye() || b.isHook()) ? Optional.of(Join.How.HUNG) : Optional.empty();
    }

    /** The one that the maker closes; of two, that of the later strand, and in one strand the one formed later. */
    private static Optional<Thing> later(Piece piece, Thing a, Thing b) {
        List<Thing> can = Stream.of(a, b).filter(Thing::isClosedByTheMaker).toList();
        if (can.size() < 2) {
            return can.stream().findFirst();
        }
        int first = piece.strands().indexOf(a.strand().orElseThrow());
        int second = piece.strands().indexOf(b.strand().orElseThrow());
        if (first != second) {
            return Optional.of(first > second ? a : b);
        }
        List<Element> order = a.strand().orElseThrow().inOrder();
        return Optional.of(
                order.indexOf(a.element().orElseThrow())
                                > order.indexOf(b.element().orElseThrow())
                        ? a
                        : b);
    }

    /** Whether each of alike wires is hung in the one before it. */
    public boolean isOfLinks() {
        return a.element().isPresent()
                && b.element().isPresent()
                && !a.address().equals(b.address())
                && a.strand().equals(b.strand())
                && a.strand().filter(s -> s.count() > 1).isPresent();
    }

    /** The one that is hung in, or threaded, or put in: not the one that opens for it or closes over it. */
    public Thing hung() {
        return closes.filter(a::equals).isPresent() || a.opens() ? b : a;
    }
}
