package org.etui.core.work;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.etui.core.act.Act;
import org.etui.core.act.Cell;
import org.etui.core.act.Operation;
import org.etui.core.act.Run;
import org.etui.core.act.With;
import org.etui.core.act.Workpiece;
import org.etui.core.check.BadInput;
import org.etui.core.check.Check;
import org.etui.core.curve.CurvePiece;
import org.etui.core.curve.Grip;
import org.etui.core.curve.Line;
import org.etui.core.element.Element;
import org.etui.core.element.Forming;
import org.etui.core.element.Setting;
import org.etui.core.element.Target;
import org.etui.core.log.Group;
import org.etui.core.log.Hand;
import org.etui.core.mechanics.Fibres;
import org.etui.core.piece.HandleAt;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Strand;
import org.etui.core.piece.Work;
import org.etui.core.section.Section;
import org.hipparchus.exception.MathRuntimeException;

/**
 * Elements expanded into the straight wire and the operations that make the form of it, in working order. A handle is a
 * lead with a trim, a paddle is a straight with a flattening: one road, no special case. Spare is trimmed with the handle;
 * where there is none it is filed off first, since the ends are formed at once.
 *
 * @param strand what is expanded
 * @param cut the straight wire, cut
 * @param operations in working order
 * @param stretch what is cut beyond the net length
 * @param handleAt where the handle is
 * @param hand the maker's own hand
 */
record Expansion(
        Strand strand, Workpiece cut, List<Operation> operations, CutAllowance stretch, HandleAt handleAt, Hand hand) {
    // Names with a full stop, which no element can have.
    private static final String HANDLE_START = "handle.start";
    private static final String HANDLE_END = "handle.end";
    private static final String TAIL = "spare.tail";
    private static final String SPARE = "spare.filing";

    /** Of the wire that is still on the spool so much is drawn, mm. */
    private static final double ON_THE_SPOOL_MM = 20;

    /**
     * Expands a strand.
     *
     * @param bought fibres of its wire as bought
     * @param effort what the piece takes so far; what this strand takes is added
     * @param seats where other strands lie
     * @param hand the maker's own hand
     * @throws BadInput if that is too much, or the strand cannot be made as it is meant
     */
    static Expansion of(Piece piece, Strand strand, Fibres bought, Effort effort, Seats seats, Hand hand) {
        HandleAt handleAt = handleAt(strand);
        List<Operation> works = new Order(piece, strand).operations();
        List<Run> runs = elementRuns(piece, strand, bought, works, effort, seats);
        effort.work(strand, runs, works);
        double net = sum(runs, Run.Kind.ELEMENT);
        CutAllowance stretch = CutAllowance.of(
                net, sum(runs, Run.Kind.HANDLE), strand.allowance(), handleAt, hand, lengths(strand, runs));
        addLeads(runs, strand, handleAt, stretch, bought);
        List<Operation> operations = new ArrayList<>();
        if (handleAt == HandleAt.NONE && has(runs, Set.of(SPARE))) {
            operations.add(new Operation.Trim(Set.of(SPARE)));
        }
        operations.addAll(works);
        int trimmed = operations.size();
        while (trimmed > 0 && isTumbled(operations.get(trimmed - 1))) {
            trimmed--;
        }
        Set<String> last = handleAt == HandleAt.NONE ? Set.of(TAIL) : Set.of(HANDLE_START, HANDLE_END, TAIL, SPARE);
        if (has(runs, last)) {
            int at = handleAt == HandleAt.SPOOL ? Math.min(trimmed, clipped(strand, operations)) : trimmed;
            operations.add(at, new Operation.Trim(ids(runs, last)));
        }
        return new Expansion(
                strand,
                new Workpiece(strand.wire(), runs, anchor(strand)),
                List.copyOf(operations),
                stretch,
                handleAt,
                hand);
    }

    /** Several wires are cut first and then worked step by step: only a single one is left on the spool (common practice). */
    private static HandleAt handleAt(Strand strand) {
        return strand.allowance()
                .handleAt()
                .map(at -> at == HandleAt.SPOOL && strand.count() > 1 ? HandleAt.NONE : at)
                .orElseGet(() -> endFormedLast(strand));
    }

    /** Before what is rolled from the end that is on the spool till then; after all where nothing is. */
    private static int clipped(Strand strand, List<Operation> operations) {
        Element last = strand.elements().get(strand.elements().size() - 1);
        int forming = operations.stream().map(Operation::forms).toList().indexOf(Optional.of(last.id()));
        return strand.elements().size() > 1 && last.isRolledFromItsEnd() && forming >= 0 ? forming : operations.size();
    }

    /** Wire in elements that are shaped, by what is learnt together. */
    private static Map<Group, List<Double>> lengths(Strand strand, List<Run> runs) {
        Map<Group, List<Double>> lengths = new HashMap<>();
        for (Element element : strand.elements()) {
            double mm = runs.stream()
                    .filter(r -> r.element().equals(element.id()))
                    .mapToDouble(Run::wireMm)
                    .sum();
            lengths.computeIfAbsent(StrandWork.group(strand, element), g -> new ArrayList<>())
                    .add(mm);
        }
        return lengths;
    }

    /** What tumbles at the end tumbles without its handle (common practice). */
    private static boolean isTumbled(Operation operation) {
        return operation.worked().filter(w -> w.act() instanceof Act.Tumble).isPresent();
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

    /**
     * Shapes hold at the section that the wire has when they are formed, or at the last where they are meant after the work; the
     * wire that they take is that of the forming.
     */
    private static List<Run> elementRuns(
            Piece piece, Strand strand, Fibres bought, List<Operation> works, Effort effort, Seats seats) {
        List<Run> runs = new ArrayList<>();
        Dry dry = Dry.of(strand, bought, works);
        List<Element> elements = strand.elements();
        boolean fromBehind = strand.isLaidFromBehind(elements.get(0));
        for (int i = fromBehind ? 1 : 0; i < elements.size(); i++) {
            Setting setting = seats.at(strand, i, List.copyOf(runs));
            runs.addAll(runs(piece, strand, elements.get(i), dry, effort, i == 0, setting, false));
        }
        if (fromBehind) {
            Setting setting = seats.behind(strand, List.copyOf(runs));
            runs.addAll(0, runs(piece, strand, elements.get(0), dry, effort, true, setting, true));
        }
        return runs;
    }

    /** @param back whether it is laid from its far end, walked back */
    private static List<Run> runs(
            Piece piece,
            Strand strand,
            Element element,
            Dry dry,
            Effort effort,
            boolean first,
            Setting setting,
            boolean back) {
        Run.Kind kind = element.handling().trimmedAfter().isPresent() ? Run.Kind.HANDLE : Run.Kind.ELEMENT;
        Run formed = dry.atForming(element);
        Run meant = element.target() == Target.FINISHED ? dry.atLast(element) : formed;
        double share = formed.growth() / meant.growth();
        requireRoom(piece, strand, element, meant.section(), formed.section(), share);
        List<CurvePiece> walked = possible(piece, strand, element, meant.section(), first, setting);
        List<CurvePiece> shapes = back ? CurvePiece.walkedBack(walked) : walked;
        effort.lay(strand, element, shapes);
        List<Run> runs = new ArrayList<>();
        for (CurvePiece shape : shapes) {
            CurvePiece asFormed = share == 1 ? shape : shape.scaled(share);
            double wire = wireMm(piece, strand, element, asFormed, formed) / formed.growth();
            runs.add(new Run(
                    element.id(),
                    kind,
                    shape,
                    meant.growth(),
                    wire,
                    !element.isBent(),
                    strand.wire().section(),
                    1,
                    List.of(Cell.straight(dry.bought()))));
        }
        return runs;
    }

    /** What is meant after the work must have had an inside before it. */
    private static void requireRoom(
            Piece piece, Strand strand, Element element, Section meant, Section formed, double share) {
        double least = formed.inPlaneMm() / share - meant.inPlaneMm();
        double inside = element.woundInsideMm().orElse(least);
        if (element.target() == Target.FINISHED && inside < least) {
            throw new BadInput(
                    "strands." + piece.strands().indexOf(strand) + ".elements."
                            + strand.elements().indexOf(element) + "."
                            + element.winding().field().orElse("insideMm"),
                    inside,
                    String.format(
                            Locale.ROOT,
                            "must be at least %.2f mm after the work: formed smaller there would be no room inside",
                            least));
        }
    }

    /** Each measure may be allowed and the form that they make together none. */
    private static List<CurvePiece> possible(
            Piece piece, Strand strand, Element element, Section section, boolean first, Setting setting) {
        try {
            List<CurvePiece> shapes = shapes(element, section, first, setting);
            Check.that(shapes.stream().anyMatch(s -> s.lengthMm() > 0), "they come to no length");
            return shapes;
        } catch (IllegalArgumentException | MathRuntimeException impossible) {
            if (impossible instanceof BadInput named) {
                throw named;
            }
            throw noForm(piece, strand, element, impossible);
        }
    }

    private static double wireMm(Piece piece, Strand strand, Element element, CurvePiece shape, Run formed) {
        try {
            return shape.wireLengthMm(formed.section().inPlaneMm());
        } catch (MathRuntimeException impossible) {
            throw noForm(piece, strand, element, impossible);
        }
    }

    private static BadInput noForm(Piece piece, Strand strand, Element element, RuntimeException why) {
        return new BadInput(
                "strands." + piece.strands().indexOf(strand) + ".elements."
                        + strand.elements().indexOf(element),
                element.kind(),
                "its measures make no form in this wire: " + why.getMessage());
    }

    private static List<CurvePiece> shapes(Element element, Section section, boolean first, Setting setting) {
        List<CurvePiece> shapes = new ArrayList<>();
        if (element.rollDeg() != 0) {
            shapes.add(Grip.roll(Math.toRadians(element.rollDeg())));
        }
        shapes.addAll(element.shape(new Forming(section.inPlaneMm(), section.acrossMm(), first, setting)));
        return shapes;
    }

    /** A dry run of the work over one piece of straight wire an element: what section and growth it has when. */
    private record Dry(Fibres bought, Run start, Map<String, Run> forming, Map<String, Run> last) {
        static Dry of(Strand strand, Fibres bought, List<Operation> works) {
            Section section = strand.wire().section();
            List<Run> start = strand.elements().stream()
                    .map(e -> run(e.id(), section, bought))
                    .toList();
            Workpiece now = new Workpiece(strand.wire(), start, "");
            Map<String, Run> forming = new HashMap<>();
            for (Operation operation : works) {
                if (operation.thinsToMm().isPresent()) {
                    now = operation.apply(now);
                }
                for (String element : operation.forms().stream().toList()) {
                    forming.put(element, now.of(element).get(0));
                }
            }
            Map<String, Run> last = new HashMap<>();
            now.runs().forEach(r -> last.put(r.element(), r));
            return new Dry(bought, start.get(0), forming, last);
        }

        private static Run run(String id, Section section, Fibres bought) {
            List<Cell> cells = List.of(Cell.straight(bought));
            return new Run(id, Run.Kind.ELEMENT, new Line(1), 1, 1, true, section, 1, cells);
        }

        /** What is not formed takes its wire as it was bought. */
        Run atForming(Element element) {
            return forming.getOrDefault(element.id(), start);
        }

        Run atLast(Element element) {
            return last.get(element.id());
        }
    }

    private static void addLeads(
            List<Run> runs, Strand strand, HandleAt handleAt, CutAllowance stretch, Fibres bought) {
        double handle = handleAt == HandleAt.SPOOL
                ? ON_THE_SPOOL_MM
                : strand.allowance().handleMm();
        double spare = stretch.fileMm() + stretch.roundingMm();
        if (handle > 0 && (handleAt == HandleAt.START || handleAt == HandleAt.BOTH)) {
            runs.add(0, lead(HANDLE_START, Run.Kind.HANDLE, handle, strand, bought));
        }
        if (handle > 0 && handleAt != HandleAt.START && handleAt != HandleAt.NONE) {
            runs.add(lead(HANDLE_END, Run.Kind.HANDLE, handle, strand, bought));
        }
        addSpare(runs, lead(TAIL, Run.Kind.SPARE, stretch.tailMm(), strand, bought), handleAt);
        addSpare(runs, lead(SPARE, Run.Kind.SPARE, spare, strand, bought), handleAt);
    }

    private static void addSpare(List<Run> runs, Run spare, HandleAt handleAt) {
        if (spare.wireMm() > 0) {
            runs.add(handleAt == HandleAt.START ? 0 : runs.size(), spare);
        }
    }

    private static Run lead(String id, Run.Kind kind, double lengthMm, Strand strand, Fibres bought) {
        List<Cell> cells = List.of(Cell.straight(bought));
        return new Run(
                id, kind, new Line(lengthMm), 1, lengthMm, true, strand.wire().section(), 1, cells);
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
        private final Map<String, Double> hungMm = new HashMap<>();
        private final List<Operation> operations = new ArrayList<>();

        Order(Piece piece, Strand strand) {
            this.strand = strand;
            this.works = piece.work().stream()
                    .filter(w -> w.strand().isEmpty() || w.strand().equals(strand.id()))
                    .toList();
            strand.elements().forEach(e -> hungMm.put(e.id(), piece.hungMm(strand.id(), e.id())));
        }

        List<Operation> operations() {
            addAfter("start");
            for (Element element : strand.inOrder()) {
                if (element.isBent()) {
                    operations.add(new Operation.Form(element.id(), twistStrain(element)));
                }
                element.handling()
                        .flattenedToMm()
                        .ifPresent(to -> operations.add(new Operation.Worked(
                                element.id(),
                                Set.of(element.id()),
                                strand.elements(),
                                new Act.Flatten(to, With.DOMED_HAMMER),
                                hungMm)));
                addAfter(element.id());
            }
            addTrims("forming");
            addAfter("forming");
            return operations;
        }

        /** Mean over a round section, (2/3)·(d/2)·(θ/L)/√3: textbook torsion and von Mises. */
        private double twistStrain(Element element) {
            double radius = strand.wire().section().thicknessMm() / 2;
            return 2.0 / 3.0 * radius * element.handling().twistRadPerMm() / Math.sqrt(3);
        }

        private void addAfter(String moment) {
            for (Work work : works) {
                if (work.after().equals(moment)) {
                    operation(work).ifPresent(operations::add);
                    addTrims(work.id());
                    if (strand.element(work.id()).isEmpty()) {
                        addAfter(work.id());
                    }
                }
            }
        }

        /** What the work does to this strand; nothing where it works on a blank. */
        private Optional<Operation> operation(Work work) {
            Set<String> on = Set.copyOf(work.elements());
            if (!on.isEmpty() && on.stream().noneMatch(id -> strand.element(id).isPresent())) {
                return Optional.empty();
            }
            return work.act().operation(new Operation.Worked(work.id(), on, strand.elements(), work.act(), hungMm));
        }

        private void addTrims(String moment) {
            for (Element element : strand.elements()) {
                if (element.handling().trimmedAfter().filter(moment::equals).isPresent()) {
                    operations.add(new Operation.Trim(Set.of(element.id())));
                }
            }
        }
    }
}
