package org.etui.core.rule;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.etui.core.element.Element;
import org.etui.core.piece.Part;
import org.etui.core.piece.PartKind;
import org.etui.core.piece.Piece;
import org.etui.core.piece.PressedFold;
import org.etui.core.piece.Strand;
import org.etui.core.work.StrandWork;

/**
 * One side of a join, as it matters for the fit.
 *
 * @param label in words
 * @param insideMm room inside, mm; empty where there is none
 * @param wireMm thickness of what hangs, mm
 * @param tipMm how wide the free end beyond a hook is, mm; empty for what is no hook with a free end
 * @param isEstimate whether the thickness is only estimated
 * @param elementPath JSON Pointer to the element; empty for a part
 * @param sizePath JSON Pointer to its inside size; empty where it has none
 */
record Side(
        String label,
        OptionalDouble insideMm,
        double wireMm,
        OptionalDouble tipMm,
        boolean isEstimate,
        Optional<String> elementPath,
        Optional<String> sizePath) {

    /** The side that an address names; empty for parts that nothing hangs in. */
    static Optional<Side> of(Piece piece, List<StrandWork> strands, String address) {
        Optional<Part> part =
                piece.parts().stream().filter(p -> p.id().equals(address)).findFirst();
        if (part.isPresent()) {
            return part.filter(p -> p.kind() == PartKind.FINDING).map(Side::ofFinding);
        }
        int dot = address.indexOf('.');
        for (int i = 0; i < strands.size(); i++) {
            Strand strand = strands.get(i).strand();
            if (strand.id().equals(address.substring(0, dot))) {
                int at = i;
                return strand.element(address.substring(dot + 1)).map(e -> ofElement(strand, at, e));
            }
        }
        return Optional.empty();
    }

    private static Side ofFinding(Part part) {
        double wire = Piece.RING_WIRE * part.sizeMm();
        return new Side(
                part.label(),
                OptionalDouble.of(part.sizeMm() - 2 * wire),
                wire,
                OptionalDouble.empty(),
                true,
                Optional.empty(),
                Optional.empty());
    }

    private static Side ofElement(Strand strand, int index, Element element) {
        String path = "/strands/" + index + "/elements/" + strand.elements().indexOf(element);
        double wire = strand.wire().section().thicknessMm();
        // Doubled wire is held for good where it is bent over: its ends go nowhere.
        boolean doubled = !PressedFold.all(strand).isEmpty();
        boolean hook = element.hanging().hook() && !doubled;
        return new Side(
                element.label(),
                element.woundInsideMm(),
                wire,
                hook ? OptionalDouble.of(tipMm(strand, element)) : OptionalDouble.empty(),
                false,
                Optional.of(path),
                element.winding()
                        .field()
                        .filter(f -> element.woundInsideMm().isPresent())
                        .map(f -> path + "/" + f));
    }

    /** The widest of what lies between the hook and the end of the wire that no other bend or loop comes before. */
    private static double tipMm(Strand strand, Element hook) {
        int at = strand.elements().indexOf(hook);
        List<Element> before = strand.elements().subList(0, at);
        List<Element> after =
                strand.elements().subList(at + 1, strand.elements().size());
        boolean endIsTip = after.stream().noneMatch(e -> e.hanging().holds()) && !after.isEmpty();
        List<Element> tip =
                endIsTip ? after : before.stream().noneMatch(e -> e.hanging().holds()) ? before : List.of();
        return tip.stream()
                .mapToDouble(e -> e.acrossMm(strand.wire().section()))
                .max()
                .orElse(strand.wire().section().thicknessMm());
    }
}
