package org.etui.core.sequence;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.etui.core.element.Element;
import org.etui.core.piece.Join;
import org.etui.core.piece.Part;
import org.etui.core.piece.PartKind;
import org.etui.core.piece.Strand;

/**
 * A bead or spacer goes on while one end of its wire still passes the hole: before the later of its two ends is closed, and not before it has to
 * (common practice).
 */
final class BeadBeforeEnds implements Precedence {
    /** A ball or head is there before anything is done. */
    private static final int FROM_THE_START = -1;

    @Override
    public void apply(Course course) {
        Set<String> strung = Strung.beads(Strung.all(course));
        for (Part part : course.piece().parts()) {
            boolean bead = part.kind() == PartKind.BEAD || part.kind() == PartKind.SPACER;
            if (bead && !strung.contains(part.id())) {
                string(course, part, seats(course, part));
            }
        }
    }

    /** Where it sits: said by itself, and by what it is joined to; two legs of one wire may go through it. */
    private static List<String> seats(Course course, Part part) {
        return Stream.concat(
                        part.on().stream(),
                        course.joins().stream()
                                .filter(j -> j.how()
                                        .filter(Join.How.THREADED::equals)
                                        .isPresent())
                                .filter(j -> j.a().address().equals(part.id())
                                        || j.b().address().equals(part.id()))
                                .map(j -> j.a().address().equals(part.id()) ? j.b().address() : j.a().address()))
                .filter(a -> a.indexOf('.') > 0)
                .distinct()
                .toList();
    }

    private static void string(Course course, Part part, List<String> addresses) {
        if (addresses.isEmpty()) {
            return;
        }
        String strandId = addresses.get(0).substring(0, addresses.get(0).indexOf('.'));
        Optional<Strand> strand = course.piece().strand(strandId);
        List<Element> seats = addresses.stream()
                .filter(a -> a.startsWith(strandId + "."))
                .flatMap(a -> strand.flatMap(s -> s.element(a.substring(a.indexOf('.') + 1))).stream())
                .toList();
        if (seats.isEmpty()) {
            return;
        }
        List<Draft> steps = course.stepsOf(strandId);
        int until = seats.stream()
                .mapToInt(seat -> passes(steps, strand.get(), seat))
                .min()
                .orElseThrow();
        if (until == FROM_THE_START) {
            course.locks()
                    .add(new Lock(
                            List.of(addresses.get(0), part.id()),
                            "The " + part.label()
                                    + " cannot be put on: both ends of its wire are closed from the start.",
                            "Make one of the ends a loop or curl that is bent after it is on."));
            return;
        }
        List<String> about = new ArrayList<>(List.of(part.id()));
        about.addAll(addresses);
        String onto =
                String.join(" and the ", seats.stream().map(Element::label).toList());
        Draft put = course.add(Draft.of(
                        strand.get(),
                        "put-on " + part.id(),
                        "Put on the " + part.label() + (part.count() > 1 ? ", " + part.count() + " of them" : ""),
                        "fingers")
                .kind(Step.Kind.THREAD)
                .about(about)
                .shows(Step.Shows.STRINGING)
                .text("Slide " + (part.count() > 1 ? "them" : "the " + part.label()) + " onto the " + onto
                        + (until == steps.size() ? "." : " now: later the wire is closed."))
                .check("It sits against what was formed before it.")
                .minutes(Minutes.PUT_ON * strand.get().count() * part.count()));
        if (until > 0) {
            put.after(steps.get(until - 1));
        }
        if (until < steps.size()) {
            steps.get(until).after(put);
        }
    }

    /** How many steps of a strand may be done before neither of its ends passes to an element any more; less than 0 where none ever does. */
    static int passes(List<Draft> steps, Strand strand, Element to) {
        int at = strand.elements().indexOf(to);
        int before = blocked(steps, strand.id(), strand.elements().subList(0, at));
        int beyond = blocked(
                steps,
                strand.id(),
                strand.elements().subList(at + 1, strand.elements().size()));
        return Math.max(before, beyond);
    }

    /** The step from which one of its sides does not pass a hole any more; the number of steps where it always does. */
    private static int blocked(List<Draft> steps, String strand, List<Element> side) {
        if (side.stream().anyMatch(e -> e.handling().boughtMm3() > 0)) {
            return FROM_THE_START;
        }
        List<String> blocks = new ArrayList<>();
        side.stream()
                .filter(e -> e.isBent() || e.handling().flattenedToMm().isPresent())
                .forEach(e -> blocks.add(strand + "." + e.id()));
        for (int i = 0; i < steps.size(); i++) {
            Draft step = steps.get(i);
            boolean shapes = step.kind == Step.Kind.FORM || step.kind == Step.Kind.WORK;
            if (shapes && step.about.size() < 2 && step.about.stream().anyMatch(blocks::contains)) {
                return i;
            }
        }
        return blocks.isEmpty() ? steps.size() : firstForming(steps, blocks);
    }

    private static int firstForming(List<Draft> steps, List<String> blocks) {
        for (int i = 0; i < steps.size(); i++) {
            if (steps.get(i).kind == Step.Kind.WORK
                    && steps.get(i).about.stream().anyMatch(blocks::contains)) {
                return i;
            }
        }
        return steps.size();
    }
}
