package org.etui.core.piece;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.etui.core.check.Check;
import org.etui.core.check.Term;
import org.etui.core.element.Element;
import org.etui.core.wire.Wire;

/**
 * One length of wire and what is made of it. Figures are for one wire.
 *
 * @param id name, unique in the piece
 * @param name name to read
 * @param count how many wires
 * @param matched whether consecutive wires are pairs
 * @param mirror whether the second of a pair is flipped
 * @param wire the wire
 * @param allowance what is cut beyond the elements
 * @param elements in order along the wire
 * @param order ids in the order of forming; what is missing follows along the wire
 * @param place where it lies in the drawing
 * @param colour how it is darkened, where not as the piece is
 * @param jig whether its rounds are bent on the pegs of a jig, all in one go
 */
public record Strand(
        @Term(value = "name of the strand, unique in the piece", to = 60, position = true)
        String id,

        @Term(value = "name to read", to = 120, or = "\"\"") String name,

        @Term(value = "how many wires", from = 1, to = 10000, or = "1")
        int count,

        @Term(value = "whether consecutive wires are pairs", or = "false")
        boolean matched,

        @Term(value = "whether the second of a pair is flipped", or = "false")
        boolean mirror,

        @Term("the wire") Wire wire,

        @Term(value = "what is cut beyond the elements", or = "{}")
        Allowance allowance,

        @Term(value = "in order along the wire", from = 1, to = 400)
        List<Element> elements,

        @Term(
                value = "element ids in the order of forming; what is missing follows along the wire",
                to = 400,
                or = "[]")
        List<String> order,

        @Term(value = "where it lies in the drawing", or = "{}")
        Place place,

        @Term("how it is darkened, where not as the piece is")
        Optional<Colour> colour,

        @Term(value = "whether its rounds are bent on the pegs of a jig, all in one go", or = "false")
        boolean jig) {

    /** @throws IllegalArgumentException if there are no elements or no wires */
    public Strand {
        Check.within("count", count, 1, 10000);
        Check.that(!elements.isEmpty(), "elements must hold at least one");
        elements = List.copyOf(elements);
        order = List.copyOf(order);
    }

    /** One wire with the usual allowance, formed along the wire. */
    public static Strand of(String id, String name, Wire wire, List<Element> elements) {
        return new Strand(
                id,
                name,
                1,
                false,
                false,
                wire,
                Allowance.usual(),
                elements,
                List.of(),
                Place.FREE,
                Optional.empty(),
                false);
    }

    /** The same, of another wire. */
    public Strand withWire(Wire other) {
        return new Strand(id, name, count, matched, mirror, other, allowance, elements, order, place, colour, jig);
    }

    /** The same, formed in another order. */
    public Strand withOrder(List<String> other) {
        return new Strand(id, name, count, matched, mirror, wire, allowance, elements, other, place, colour, jig);
    }

    /** The same, with another allowance. */
    public Strand withAllowance(Allowance other) {
        return new Strand(id, name, count, matched, mirror, wire, other, elements, order, place, colour, jig);
    }

    /** The same, lying elsewhere. */
    public Strand withPlace(Place other) {
        return new Strand(id, name, count, matched, mirror, wire, allowance, elements, order, other, colour, jig);
    }

    /** The same, darkened otherwise than the piece. */
    public Strand withColour(Optional<Colour> own) {
        return new Strand(id, name, count, matched, mirror, wire, allowance, elements, order, place, own, jig);
    }

    /** The same, bent on a jig. */
    public Strand onJig() {
        return new Strand(id, name, count, matched, mirror, wire, allowance, elements, order, place, colour, true);
    }

    /** The same, several times. */
    public Strand times(int wires, boolean inPairs, boolean mirrored) {
        return new Strand(id, name, wires, inPairs, mirrored, wire, allowance, elements, order, place, colour, jig);
    }

    /** The element of that id. */
    public Optional<Element> element(String wanted) {
        for (Element element : elements) {
            if (element.id().equals(wanted)) {
                return Optional.of(element);
            }
        }
        return Optional.empty();
    }

    /** Whether an element is what the wire begins with and is wound round what follows in it: it is laid last, walked back from there. */
    public boolean isLaidFromBehind(Element element) {
        return elements.size() > 1
                && elements.get(0).equals(element)
                && element.sitsOn().stream().anyMatch(host -> host.startsWith(id + "."));
    }

    /** Whether it goes round a stone. */
    public boolean isFrame() {
        return elements.stream().anyMatch(e -> e.hanging().frame());
    }

    /** Every element in the order of forming. */
    public List<Element> inOrder() {
        if (order.isEmpty()) {
            return elements;
        }
        List<Element> sorted = new ArrayList<>();
        order.forEach(wanted -> element(wanted).ifPresent(sorted::add));
        elements.stream().filter(e -> !order.contains(e.id())).forEach(sorted::add);
        return sorted;
    }

    /** Name to read, or the id where there is none. */
    public String title() {
        return name.isBlank() ? id : name;
    }
}
