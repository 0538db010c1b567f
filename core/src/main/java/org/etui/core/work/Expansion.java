package org.etui.core.work;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.etui.core.curve.CurvePiece;
import org.etui.core.curve.Joint;
import org.etui.core.curve.Line;
import org.etui.core.element.Element;
import org.etui.core.element.Forming;
import org.etui.core.element.Lead;
import org.etui.core.element.Paddle;
import org.etui.core.piece.HandleAt;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Strand;
import org.etui.core.piece.With;
import org.etui.core.piece.Work;
import org.etui.core.section.Section;

/**
 * Elements expanded into the straight wire and the operations that make the form of it, in working order. A handle is a
 * lead with a trim, a paddle is a straight with a flattening: one road, no special case. Spare is trimmed with the handle;
 * where there is none it is filed off first, since the ends are formed at once.
 *
 * @param cut the straight wire, cut
 * @param operations in working order
 * @param stretch what is cut beyond the net length
 * @param handleAt where the handle is
 */
record Expansion(Workpiece cut, List<Operation> operations, Stretch stretch, HandleAt handleAt) {
    // Names with a full stop, which no element can have.
    private static final String HANDLE_START = "handle.start";
    private static final String HANDLE_END = "handle.end";
    private static final String TAIL = "spare.tail";
    private static final String SPARE = "spare.filing";

    static Expansion of(Piece piece, Strand strand) {
        HandleAt handleAt = strand.allowance().handleAt().orElseGet(() -> endFormedLast(strand));
        List<Run> runs = elementRuns(piece, strand);
        double net = sum(runs, Run.Kind.ELEMENT);
        Stretch stretch = Stretch.of(net, sum(runs, Run.Kind.HANDLE), strand.allowance(), handleAt);
        addLeads(runs, strand, handleAt, stretch);
        List<Operation> operations = new ArrayList<>();
        if (handleAt == HandleAt.NONE && has(runs, Set.of(SPARE))) {
            operations.add(new Operation.Trim(Set.of(SPARE)));
        }
        operations.addAll(new Order(piece, strand).operations());
        Set<String> last = handleAt == HandleAt.NONE ? Set.of(TAIL) : Set.of(HANDLE_START, HANDLE_END, TAIL, SPARE);
        if (has(runs, last)) {
            operations.add(new Operation.Trim(ids(runs, last)));
        }
        return new Expansion(
                new Workpiece(strand.wire(), runs, anchor(strand)), List.copyOf(operations), stretch, handleAt);
    }

    private static boolean has(List<Run> runs, Set<String> ids) {
        return !ids(runs, ids).isEmpty();
    }

    private static Set<String> ids(List<Run> runs, Set<String> wanted) {
        return runs.stream().map(Run::element).filter(wanted::contains).collect(Collectors.toSet());
    }

    /** Which of the two ends is formed later: that is the one held on to. */
    private static HandleAt endFormedLast(Strand strand) {
        List<Element> order = strand.inOrder();
        int first = order.indexOf(strand.elements().get(0));
        int last = order.indexOf(strand.elements().get(strand.elements().size() - 1));
        return first > last ? HandleAt.START : HandleAt.END;
    }

    private static String anchor(Strand strand) {
        return strand.inOrder().stream()
                .filter(Element::isBent)
                .findFirst()
                .orElse(strand.elements().get(0))
                .id();
    }

    private static List<Run> elementRuns(Piece piece, Strand strand) {
        Section section = strand.wire().section();
        double thickness = section.inPlaneMm();
        List<Run> runs = new ArrayList<>();
        for (Element element : strand.elements()) {
            Run.Kind kind = element instanceof Lead ? Run.Kind.HANDLE : Run.Kind.ELEMENT;
            List<CurvePiece> shapes = new ArrayList<>();
            if (element.rollDeg() != 0) {
                shapes.add(Joint.roll(Math.toRadians(element.rollDeg())));
            }
            shapes.addAll(
                    element.shape(new Forming(thickness, section.acrossMm(), runs.isEmpty(), piece::thicknessMm)));
            for (CurvePiece shape : shapes) {
                double wire = shape.wireLengthMm(thickness);
                runs.add(new Run(element.id(), kind, shape, wire, !element.isBent(), section, 1, 0));
            }
        }
        return runs;
    }

    private static void addLeads(List<Run> runs, Strand strand, HandleAt handleAt, Stretch stretch) {
        double handle = strand.allowance().handleMm();
        double spare = stretch.fileMm() + stretch.roundingMm();
        if (handle > 0 && (handleAt == HandleAt.START || handleAt == HandleAt.BOTH)) {
            runs.add(0, lead(HANDLE_START, Run.Kind.HANDLE, handle, strand));
        }
        if (handle > 0 && (handleAt == HandleAt.END || handleAt == HandleAt.BOTH)) {
            runs.add(lead(HANDLE_END, Run.Kind.HANDLE, handle, strand));
        }
        addSpare(runs, TAIL, stretch.tailMm(), strand, handleAt);
        addSpare(runs, SPARE, spare, strand, handleAt);
    }

    private static void addSpare(List<Run> runs, String id, double lengthMm, Strand strand, HandleAt handleAt) {
        if (lengthMm > 0) {
            Run run = lead(id, Run.Kind.SPARE, lengthMm, strand);
            runs.add(handleAt == HandleAt.START ? 0 : runs.size(), run);
        }
    }

    private static Run lead(String id, Run.Kind kind, double lengthMm, Strand strand) {
        return new Run(
                id, kind, new Line(lengthMm), lengthMm, true, strand.wire().section(), 1, 0);
    }

    private static double sum(List<Run> runs, Run.Kind kind) {
        return runs.stream()
                .filter(r -> r.kind() == kind)
                .mapToDouble(Run::wireMm)
                .sum();
    }

    /** Puts forming, work and trims of explicit leads in order. */
    private static final class Order {
        private final List<Work> works;
        private final Strand strand;
        private final List<Operation> operations = new ArrayList<>();

        Order(Piece piece, Strand strand) {
            this.strand = strand;
            this.works = piece.work().stream()
                    .filter(w -> w.strand().isEmpty() || w.strand().equals(strand.id()))
                    .toList();
        }

        List<Operation> operations() {
            addAfter("start");
            for (Element element : strand.inOrder()) {
                if (element.isBent()) {
                    operations.add(new Operation.Form(element.id()));
                } else if (element instanceof Paddle paddle) {
                    operations.add(
                            new Operation.Flatten(paddle.id(), Set.of(paddle.id()), paddle.toMm(), With.DOMED_HAMMER));
                }
                addAfter(element.id());
            }
            addTrims("forming");
            addAfter("forming");
            return operations;
        }

        private void addAfter(String moment) {
            for (Work work : works) {
                if (work.after().equals(moment)) {
                    add(work);
                    addTrims(work.id());
                    if (strand.element(work.id()).isEmpty()) {
                        addAfter(work.id());
                    }
                }
            }
        }

        private void add(Work work) {
            if (work instanceof Work.Flatten flatten) {
                operations.add(new Operation.Flatten(
                        flatten.id(), Set.copyOf(flatten.elements()), flatten.toMm(), flatten.with()));
            } else if (work instanceof Work.Trim trim && !trim.elements().isEmpty()) {
                operations.add(new Operation.Trim(Set.copyOf(trim.elements())));
            }
        }

        private void addTrims(String moment) {
            for (Element element : strand.elements()) {
                if (element instanceof Lead lead && lead.trimAfter().equals(moment)) {
                    operations.add(new Operation.Trim(Set.of(lead.id())));
                }
            }
        }
    }
}
