package org.etui.core.rule;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import org.etui.core.act.Run;
import org.etui.core.element.Element;
import org.etui.core.element.Handling;
import org.etui.core.piece.Body;
import org.etui.core.piece.Join;
import org.etui.core.piece.Part;
import org.etui.core.piece.PartKind;
import org.etui.core.piece.Strand;
import org.etui.core.work.StrandWork;

/**
 * Beads on a run: they find room on it, their holes take its wire, and something at either end is wider than the hole, so that they stay on
 * (common practice).
 */
final class BeadsFit implements Rule {
    private static final String TOO_LONG = "beads-too-long";
    private static final String SLIDE = "beads-slide";
    private static final String HOLE = "hole-too-small";
    private static final String SLIPS = "bead-slips-off";

    /** What a maker does not see at a bead (engineering estimate). */
    private static final double SAME_MM = 0.1;

    /** A bead that has more room than this slides to and fro (engineering estimate). */
    private static final double LOOSE_MM = 1;

    @Override
    public List<String> names() {
        return List.of(TOO_LONG, SLIDE, HOLE, SLIPS);
    }

    @Override
    public List<Advice> look(Bench bench) {
        return bench.eachElement(spot -> {
            List<Part> beads = beads(bench, spot);
            return beads.isEmpty() ? Optional.empty() : look(spot, beads);
        });
    }

    private static List<Part> beads(Bench bench, Spot spot) {
        String address = spot.work().strand().id() + "." + spot.element().id();
        return bench.piece().parts().stream()
                .filter(p -> p.kind() == PartKind.BEAD || p.kind() == PartKind.SPACER)
                .filter(p -> p.on().filter(address::equals).isPresent())
                .toList();
    }

    /** The worst of what there is to say. */
    private static Optional<Advice> look(Spot spot, List<Part> beads) {
        return bore(spot, beads)
                .or(() -> room(spot, beads))
                .or(() -> stop(spot, beads, true))
                .or(() -> stop(spot, beads, false));
    }

    private static Optional<Advice> bore(Spot spot, List<Part> beads) {
        double wire = spot.wire().section().widthMm();
        return beads.stream()
                .filter(b -> holeMm(b).orElse(wire) < wire)
                .findFirst()
                .flatMap(b -> spot.says(
                        Advice.Severity.STOP,
                        HOLE,
                        text(
                                "The hole of the %s is %s, and the wire %s: it does not go on.",
                                b.label(), spot.say(holeMm(b).orElseThrow(), 2), spot.say(wire, 2)),
                        "A bead goes on wire that is thinner than its hole.",
                        "Take thinner wire, or beads with a wider hole."));
    }

    /** A run is as long as what sits on it. */
    private static Optional<Advice> room(Spot spot, List<Part> beads) {
        Element run = spot.element();
        if (!isRun(run)) {
            return Optional.empty();
        }
        double roomMm = spot.work().cut().wireMm(run.id());
        double stack = beads.stream().mapToDouble(Part::stackMm).sum() + loopsMm(spot);
        boolean tooLong = stack > roomMm + SAME_MM;
        if (!tooLong && stack >= roomMm - LOOSE_MM) {
            return Optional.empty();
        }
        return spot.says(
                tooLong ? Advice.Severity.STOP : Advice.Severity.NOTE,
                tooLong ? TOO_LONG : SLIDE,
                text(
                        tooLong
                                ? "The beads stand %s high, and the %s has room for %s."
                                : "The beads stand %s high and can slide on the %s, %s long.",
                        spot.say(stack, 1),
                        run.label(),
                        spot.say(roomMm, 1)),
                "A straight takes its length from what is strung on it (common practice).",
                text("Make the %s %s long.", run.label(), spot.say(stack, 1)),
                Optional.of(List.of(Advice.Patch.replace(spot.field("lengthMm"), stack))));
    }

    /** How much of a run the loops take that are strung with the beads: each stands across it. */
    private static double loopsMm(Spot spot) {
        String run = spot.work().strand().id() + "." + spot.element().id();
        return spot.bench().piece().joins().stream()
                .filter(j -> j.how().filter(Join.How.THREADED::equals).isPresent())
                .filter(j -> j.a().equals(run) || j.b().equals(run))
                .flatMap(j -> loop(spot.bench(), j.other(run)).stream())
                .mapToDouble(loop -> loop)
                .sum();
    }

    private static Optional<Double> loop(Bench bench, String address) {
        int dot = address.indexOf('.');
        return dot < 0
                ? Optional.empty()
                : bench.piece()
                        .strand(address.substring(0, dot))
                        .flatMap(s -> s.element(address.substring(dot + 1))
                                .filter(e -> e.hanging().eye())
                                .map(e -> Math.max(1, Math.round(e.winding().turnRad() / (2 * Math.PI)))
                                        * s.wire().section().acrossMm()));
    }

    /** What keeps them on at one end: the next that is more than straight wire. */
    private static Optional<Advice> stop(Spot spot, List<Part> beads, boolean before) {
        OptionalDouble widest =
                beads.stream().flatMapToDouble(b -> holeMm(b).stream()).max();
        if (widest.isEmpty()) {
            return Optional.empty();
        }
        Strand strand = spot.work().strand();
        Optional<Element> end = next(strand.elements(), spot.at(), before);
        if (end.isEmpty()) {
            return slips(spot, "There is nothing on the wire that keeps the beads on.");
        }
        double across = acrossMm(spot.work(), end.get());
        return across > widest.getAsDouble()
                ? Optional.empty()
                : slips(
                        spot,
                        text(
                                "The hole is %s, and the %s only %s across: the beads slip over it.",
                                spot.say(widest.getAsDouble(), 2), end.get().label(), spot.say(across, 2)));
    }

    private static Optional<Advice> slips(Spot spot, String message) {
        return spot.says(
                Advice.Severity.MIND,
                SLIPS,
                message,
                "Only what is wider than its hole stops a bead (common practice).",
                "Make that end wider, or put a spacer with a smaller hole before it.");
    }

    private static Optional<Element> next(List<Element> along, int at, boolean before) {
        int step = before ? -1 : 1;
        for (int i = at + step; i >= 0 && i < along.size(); i += step) {
            if (!isRun(along.get(i)) && along.get(i).handling().trimmedAfter().isEmpty()) {
                return Optional.of(along.get(i));
            }
        }
        return Optional.empty();
    }

    /** Whether it is wire as it was bought, left straight. */
    private static boolean isRun(Element element) {
        Handling handling = element.handling();
        return !handling.bent()
                && handling.flattenedToMm().isEmpty()
                && handling.trimmedAfter().isEmpty()
                && handling.boughtMm3() == 0;
    }

    /** How wide an element is to a hole, mm: what is bent does not pass, what is flattened is as wide as it became. */
    private static double acrossMm(StrandWork work, Element end) {
        if (end.isBent()) {
            return Double.POSITIVE_INFINITY;
        }
        return end.handling().boughtMm3() > 0
                ? end.acrossMm(work.strand().wire().section())
                : work.finished().of(end.id()).stream()
                        .map(Run::section)
                        .mapToDouble(s -> s.widthMm())
                        .max()
                        .orElse(0);
    }

    private static OptionalDouble holeMm(Part part) {
        return part.body().map(Body::boreMm).orElse(OptionalDouble.empty());
    }

    private static String text(String format, Object... values) {
        return String.format(Locale.ROOT, format, values);
    }
}
