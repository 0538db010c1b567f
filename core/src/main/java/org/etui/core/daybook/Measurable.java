package org.etui.core.daybook;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Collectors;
import org.etui.core.check.Term;
import org.etui.core.colour.Look;
import org.etui.core.log.Band;
import org.etui.core.log.Group;
import org.etui.core.log.What;
import org.etui.core.pattern.WornSize;
import org.etui.core.piece.Colour;
import org.etui.core.piece.Dip;
import org.etui.core.piece.Piece;
import org.etui.core.plan.Plan;
import org.etui.core.sequence.BenchCard;
import org.etui.core.sequence.Step;
import org.etui.core.wire.Wire;

/**
 * Something of a plan that can be measured at the bench, with what is planned. Figures are general ones but for the spare, which is that of the wire as it
 * is cut: what was learnt before must not hide what is still to be learnt.
 *
 * @param what what it is
 * @param about what it speaks of: a strand, strand.element, step.number; empty for the whole piece
 * @param title that in words
 * @param planned what is planned; absent where nothing is
 * @param overMm length of wire that a difference is spread over
 * @param toolMm inside diameter on the tool that is planned; absent where it is not wound on one
 * @param group what it teaches something about; absent where it teaches nothing
 * @param word what is planned in a word, where the trade has one for it; empty where not
 * @param choices what it is told by where it is told by eye, with its figure
 */
public record Measurable(
        @Term("what it is") What what,

        @Term("what it speaks of: a strand, strand.element, step.number; empty for the whole piece")
        String about,

        @Term("that in words") String title,

        @Term("what is planned, in the unit of what it is; absent where nothing is")
        OptionalDouble planned,

        @Term("length of wire that a difference is spread over, mm")
        OptionalDouble overMm,

        @Term("inside diameter on the tool that is planned, mm; absent where it is not wound on one")
        OptionalDouble toolMm,

        @Term("what it teaches something about; absent where it teaches nothing")
        Optional<Group> group,

        @Term("what is planned in a word, where the trade has one for it; empty where not")
        String word,

        @Term("what it is told by where it is told by eye, with its figure")
        List<Look> choices) {
    /** Less of a turn than that shows a calliper nothing. */
    private static final double HALF_A_TURN = 0.45;

    /** The inside jaws of a calliper go into no less; what is narrower is measured over all. */
    private static final double LEAST_INSIDE_MM = 2;

    /**
     * All that can be measured.
     *
     * @param plan of the piece, with its last state
     */
    public static List<Measurable> of(Piece piece, Plan plan) {
        List<Measurable> all = new ArrayList<>();
        for (Plan.StrandPlan strand : plan.strands()) {
            wire(strand, all);
            strand.elements().forEach(e -> element(plan, strand, e, all));
        }
        for (int i = 0; i < plan.steps().size(); i++) {
            Step step = plan.steps().get(i);
            if (step.kind() != Step.Kind.REST) {
                all.add(measured(
                        What.MINUTES,
                        "step." + (i + 1),
                        step.title(),
                        OptionalDouble.of(step.minutes()),
                        OptionalDouble.empty(),
                        OptionalDouble.empty(),
                        step.handsOn() ? BenchCard.group(piece, step) : Optional.empty()));
            }
        }
        bath(piece, plan.steps(), all);
        WornSize.of(piece)
                .ifPresent(worn -> all.add(
                        told(What.RING, "", piece.name(), worn.insideMm(), worn.write(worn.insideMm()), List.of())));
        all.add(plain(
                What.MASS, "", piece.name(), OptionalDouble.of(plan.totals().massG())));
        return List.copyOf(all);
    }

    /** How warm a bath is and which shade comes out, at the step that darkens. */
    private static void bath(Piece piece, List<Step> steps, List<Measurable> all) {
        for (int i = 0; i < steps.size(); i++) {
            Step step = steps.get(i);
            Optional<Dip> dip = step.shows() == Step.Shows.DARKENING ? BenchCard.dip(piece, step) : Optional.empty();
            if (dip.isPresent()) {
                String about = "step." + (i + 1);
                Colour colour = dip.get().colour();
                all.add(plain(What.BATH, about, step.title(), OptionalDouble.of(colour.temperatureC())));
                dip.get().metals().stream().findFirst().ifPresent(metal -> {
                    Look look = Look.of(metal, colour.stopAt());
                    all.add(told(What.SHADE, about, step.title(), look.filmNm(), look.name(), Look.all(metal)));
                });
            }
        }
    }

    private static Measurable told(
            What what, String about, String title, double planned, String word, List<Look> choices) {
        return new Measurable(
                what,
                about,
                title,
                OptionalDouble.of(planned),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                Optional.empty(),
                word,
                choices);
    }

    /** A figure in a word, where the trade has one for it: the choice that is nearest, the ring size; else empty. */
    public String inAWord(Piece piece, double figure) {
        if (what == What.RING) {
            return WornSize.of(piece).map(worn -> worn.write(figure)).orElse("");
        }
        return choices.stream()
                .min(Comparator.comparingDouble(c -> Math.abs(c.filmNm() - figure)))
                .map(Look::name)
                .orElse("");
    }

    private static Measurable measured(
            What what,
            String about,
            String title,
            OptionalDouble planned,
            OptionalDouble overMm,
            OptionalDouble toolMm,
            Optional<Group> group) {
        return new Measurable(what, about, title, planned, overMm, toolMm, group, "", List.of());
    }

    private static Measurable plain(What what, String about, String title, OptionalDouble planned) {
        return measured(what, about, title, planned, OptionalDouble.empty(), OptionalDouble.empty(), Optional.empty());
    }

    /** What is trimmed off, handle and spare together as they come off at the bench, teaches where all that is shaped in the wire is of one kind: else nobody knows which of them took it. */
    private static void wire(Plan.StrandPlan strand, List<Measurable> all) {
        all.add(plain(
                What.CUT,
                strand.id(),
                strand.title(),
                OptionalDouble.of(strand.amount().cutLengthMm())));
        List<Plan.ElementPlan> shaped = strand.elements().stream()
                .filter(e -> e.formed().tool().isPresent())
                .toList();
        Set<String> kinds = shaped.stream().map(Plan.ElementPlan::kind).collect(Collectors.toSet());
        double over = shaped.stream().mapToDouble(e -> e.along().lengthMm()).sum();
        all.add(measured(
                What.LEFT_OVER,
                strand.id(),
                strand.title(),
                OptionalDouble.of(
                        strand.amount().cutLengthMm() - strand.amount().netLengthMm()),
                kinds.size() == 1 ? OptionalDouble.of(over) : OptionalDouble.empty(),
                OptionalDouble.empty(),
                kinds.size() == 1 ? Optional.of(group(strand, kinds.iterator().next())) : Optional.empty()));
    }

    private static void element(Plan plan, Plan.StrandPlan strand, Plan.ElementPlan element, List<Measurable> all) {
        String about = strand.id() + "." + element.id();
        String title = plan.strands().size() == 1
                ? element.label()
                : element.label() + " of the " + strand.title().toLowerCase(Locale.ROOT);
        Optional<Group> group = Optional.of(group(strand, element.kind()));
        OptionalDouble none = OptionalDouble.empty();
        boolean shaped = element.formed().tool().isPresent();
        if (shaped) {
            double length = element.along().lengthMm();
            all.add(measured(
                    What.USED, about, title, OptionalDouble.of(length), OptionalDouble.of(length), none, group));
        }
        element.formed().finished().filter(f -> f.turns() >= HALF_A_TURN).ifPresent(sizes -> {
            OptionalDouble tool = element.formed().tool().filter(t -> t.insideMm() > 0).stream()
                    .mapToDouble(t -> t.insideMm())
                    .findFirst();
            boolean inside = sizes.insideMm().orElse(0) >= LEAST_INSIDE_MM;
            all.add(measured(
                    inside ? What.INSIDE : What.OUTSIDE,
                    about,
                    title,
                    inside ? sizes.insideMm() : OptionalDouble.of(sizes.outsideMm()),
                    none,
                    tool,
                    group));
        });
        thinned(strand, element).ifPresent(s -> {
            all.add(plain(What.THICKNESS, about, title, OptionalDouble.of(s.thicknessMm())));
            all.add(measured(What.WIDTH, about, title, OptionalDouble.of(s.widthMm()), none, none, group));
        });
        // what is worn on the ear is squeezed, not hung from: a scale tells nothing of that
        if (element.strength().holdN().isPresent()
                && element.strength().wantsN().isPresent()
                && !element.strength().squeezed()) {
            all.add(measured(What.HOLD, about, title, element.strength().holdN(), none, none, group));
        }
    }

    /** The thinnest place of an element that is flattened. */
    private static Optional<Plan.StationPlan> thinned(Plan.StrandPlan strand, Plan.ElementPlan element) {
        double bought = strand.bought().wire().section().thicknessMm();
        return strand.states().stream()
                .flatMap(s -> s.stations().stream())
                .filter(s -> s.sMm() > element.along().fromMm()
                        && s.sMm() < element.along().toMm())
                .filter(s -> Plan.StationPlan.isFlattened(s.thicknessMm(), bought))
                .min(Comparator.comparingDouble(Plan.StationPlan::thicknessMm));
    }

    private static Group group(Plan.StrandPlan strand, String kind) {
        Wire wire = strand.bought().wire();
        return new Group(kind, wire.metal(), Band.of(wire.section().thicknessMm()));
    }
}
