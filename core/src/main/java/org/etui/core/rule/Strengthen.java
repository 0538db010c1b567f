package org.etui.core.rule;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.etui.core.act.Act;
import org.etui.core.act.Hardening;
import org.etui.core.act.Run;
import org.etui.core.act.With;
import org.etui.core.check.Word;
import org.etui.core.measure.Gauge;
import org.etui.core.measure.GaugeSystem;
import org.etui.core.mechanics.Bearing;
import org.etui.core.mechanics.Bending;
import org.etui.core.mechanics.Face;
import org.etui.core.mechanics.Fibres;
import org.etui.core.mechanics.Flattening;
import org.etui.core.mechanics.FormedBy;
import org.etui.core.mechanics.Material;
import org.etui.core.metal.Temper;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Strand;
import org.etui.core.piece.Work;
import org.etui.core.section.GaugeLabel;
import org.etui.core.section.Round;
import org.etui.core.section.Section;
import org.etui.core.tool.ToolKind;
import org.etui.core.wire.Wire;
import org.etui.core.work.Pulled;

/**
 * Looks for a way to make a bend hold more, tried on its own fibres: first what the tools owned can do (mallet, hammer), then
 * harder wire, then thicker.
 *
 * @param spot the bend
 * @param rule the rule that asks for it
 * @param limit how far the load may go
 * @param wantsN what it should be, N
 */
record Strengthen(Spot spot, String rule, Bearing.Limit limit, double wantsN) {
    /** Loads are estimates: a way out has to reach this much more. */
    private static final double MARGIN = 1.05;

    private static final int[] PASSES = {3, 6, 12};
    private static final int THICKER = 6;

    /**
     * A way out.
     *
     * @param instead in words
     * @param fix as a patch of the document
     * @param needs what it takes
     */
    record Way(String instead, Fix fix, Needs needs) {}

    /** What a way out takes, the least first. */
    enum Needs {
        /** Only tools that are owned, on the wire as it is. */
        TOOLS_OWNED,
        /** Other wire. */
        OTHER_WIRE
    }

    /** The first way that reaches the load; empty where none does. */
    Optional<Way> first() {
        return spot.bench().seeksFixes() ? all().findFirst() : Optional.empty();
    }

    /** Every way that reaches the load, sought one after the other. */
    Stream<Way> all() {
        return Stream.<Supplier<Optional<Way>>>of(this::mallet, this::flatten, this::harder, this::thicker)
                .map(Supplier::get)
                .flatMap(Optional::stream)
                .filter(way -> way.fix().tried(spot.bench(), rule, spot.path()).isPresent());
    }

    private Run run() {
        return spot.work().finished().of(spot.element().id()).stream()
                .max((a, b) -> Double.compare(a.shape().turnRad(), b.shape().turnRad()))
                .orElseThrow();
    }

    private boolean reaches(Fibres fibres, Section section) {
        Pulled pulled = new Pulled(
                spot.bench().piece(), spot.work().strand(), spot.work().finished(), spot.element(), run());
        return pulled.bearing(fibres, section, 1 / fibres.curvaturePerMm())
                .filter(bearing -> bearing.carries(limit, MARGIN * wantsN))
                .isPresent();
    }

    private boolean opens() {
        return spot.element().hanging().opens();
    }

    private Optional<Way> mallet() {
        boolean owned = spot.bench().box().has(ToolKind.NYLON_MALLET)
                || spot.bench().box().has(ToolKind.RAWHIDE_MALLET);
        Fibres now = run().cells().get(0).fibres();
        for (int passes : PASSES) {
            Fibres tapped = Hardening.MALLET.after(now, passes, run().section().thicknessMm());
            boolean stands = tapped.addedStrain() < spot.wire().amberStrain();
            if (owned && stands && !opens() && reaches(tapped, run().section())) {
                With with = spot.bench().box().has(ToolKind.NYLON_MALLET) ? With.NYLON_MALLET : With.RAWHIDE_MALLET;
                Work tap = Work.of(freeId("mallet"), strand(), on(), new Act.Mallet(passes, with));
                return Optional.of(worked("Tap it on the block with the mallet, " + passes + " passes.", tap));
            }
        }
        return Optional.empty();
    }

    private Optional<Way> flatten() {
        boolean owned = spot.bench().box().has(ToolKind.DOMED_HAMMER)
                || spot.bench().box().has(ToolKind.FLAT_HAMMER);
        if (!owned || !spot.mayBeStruck() || !(spot.wire().section() instanceof Round wire)) {
            return Optional.empty();
        }
        Run run = run();
        double bought = wire.diameterMm();
        double before = run.section().acrossMm();
        Fibres now = run.cells().get(0).fibres();
        Face face = hammer() == With.DOMED_HAMMER ? Face.DOMED : Face.BROAD;
        for (double share = 0.95; share > 0.49; share -= 0.05) {
            double to = Math.round(bought * share * 20) / 20.0;
            if (to < before - 0.02 && to > bought * 0.45) {
                Flattening flat = Flattening.further(run.section(), wire, to, face, false);
                Fibres after = now.worked(flat.section(), flat.strain(), flat.growth());
                if (after.addedStrain() < spot.wire().amberStrain() && reaches(after, flat.section())) {
                    Work flatten = Work.of(freeId("flatten"), strand(), on(), new Act.Flatten(to, hammer()));
                    return Optional.of(worked("Flatten it to " + spot.say(to, 2) + ".", flatten));
                }
            }
        }
        return Optional.empty();
    }

    private With hammer() {
        return spot.bench().box().has(ToolKind.DOMED_HAMMER) ? With.DOMED_HAMMER : With.FLAT_HAMMER;
    }

    private Optional<Way> harder() {
        boolean soft = spot.work().strand().elements().stream()
                .anyMatch(e -> e.handling().softWire());
        for (Temper temper : Temper.values()) {
            boolean next = temper.compareTo(spot.wire().temper()) > 0
                    && spot.wire().metal().comesIn(temper);
            if (!soft && next && isBare()) {
                Wire wire = new Wire(
                        spot.wire().metal(),
                        temper,
                        spot.wire().finish(),
                        spot.wire().section());
                if (standsIn(wire)) {
                    return Optional.of(new Way(
                            "Take it " + Word.plain(temper) + ".",
                            of(wire, Advice.Patch.replace(spot.wireField("temper"), temper)),
                            Needs.OTHER_WIRE));
                }
            }
        }
        return Optional.empty();
    }

    private Optional<Way> thicker() {
        if (!isBare() || !(spot.wire().section() instanceof Round round)) {
            return Optional.empty();
        }
        List<Gauge> gauges = GaugeSystem.AWG.all().stream()
                .filter(g -> g.diameterMm() > round.diameterMm() * 1.05)
                .sorted((a, b) -> Double.compare(a.diameterMm(), b.diameterMm()))
                .limit(THICKER)
                .toList();
        for (Gauge gauge : gauges) {
            double mm = Math.round(gauge.diameterMm() * 100) / 100.0;
            Round section = new Round(mm, Optional.of(new GaugeLabel(GaugeSystem.AWG, gauge.number())));
            Wire wire = new Wire(
                    spot.wire().metal(), spot.wire().temper(), spot.wire().finish(), section);
            if (standsIn(wire)) {
                return Optional.of(new Way(
                        "Take wire of " + spot.say(mm, 2) + " (AWG " + gauge.number() + ").",
                        of(wire, Advice.Patch.replace(spot.wireField("section"), section)),
                        Needs.OTHER_WIRE));
            }
        }
        return Optional.empty();
    }

    /** Whether nothing but forming was done to it: only then can it be tried in another wire by itself. */
    private boolean isBare() {
        return run().section().equals(spot.wire().section()) && run().growth() == 1;
    }

    private boolean standsIn(Wire wire) {
        double inside = 2 / run().cells().get(0).fibres().curvaturePerMm()
                - spot.wire().section().inPlaneMm();
        double radius = (inside + wire.section().inPlaneMm()) / 2;
        Bending bending = Bending.toFree(Fibres.of(Material.of(wire), wire.section()), 1 / radius);
        return FormedBy.of(bending.toolMomentNmm()) != FormedBy.VICE
                && bending.after().addedStrain() < wire.amberStrain()
                && reaches(bending.after(), wire.section());
    }

    private String strand() {
        return spot.work().strand().id();
    }

    private List<String> on() {
        return List.of(spot.element().id());
    }

    private String freeId(String stem) {
        Set<String> taken = spot.bench().piece().work().stream().map(Work::id).collect(Collectors.toSet());
        int number = 1;
        while (taken.contains(stem + "-" + number)) {
            number++;
        }
        return stem + "-" + number;
    }

    /** With a new work after all others. */
    private Way worked(String instead, Work work) {
        Piece piece = spot.bench().piece();
        List<Work> works = Stream.concat(piece.work().stream(), Stream.of(work)).toList();
        return new Way(
                instead,
                new Fix(piece.withWork(works), List.of(Advice.Patch.add(Spot.work("-"), work))),
                Needs.TOOLS_OWNED);
    }

    private Fix of(Wire wire, Advice.Patch patch) {
        Piece piece = spot.bench().piece();
        List<Strand> strands = new ArrayList<>(piece.strands());
        strands.set(spot.strand(), strands.get(spot.strand()).withWire(wire));
        return new Fix(piece.withStrands(strands), List.of(patch));
    }
}
