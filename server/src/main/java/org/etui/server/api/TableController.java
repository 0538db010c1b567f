package org.etui.server.api;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.etui.core.check.BadInput;
import org.etui.core.check.Term;
import org.etui.core.measure.Gauge;
import org.etui.core.measure.GaugeSystem;
import org.etui.core.measure.Sizing;
import org.etui.core.metal.Flow;
import org.etui.core.metal.Metal;
import org.etui.core.metal.Temper;
import org.etui.core.metal.TemperNow;
import org.etui.core.piece.Piece;
import org.etui.core.plan.Formula;
import org.etui.core.plan.Reason;
import org.etui.core.rule.Caution;
import org.etui.core.rule.Cautions;
import org.etui.core.tool.Care;
import org.etui.server.contract.Kinds;
import org.etui.server.contract.Schemas;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;

/** Tables: metals, gauges, sizes, the pages of the guide, the schema of the format. */
@RestController
@RequestMapping("/api")
class TableController {
    private static final double THICKEST_MM = 20;
    private static final double THINNEST_MM = 0.05;

    /** What there is to work with: kinds of element, work and tool, with their measures. */
    @GetMapping("/kinds")
    Kinds kinds() {
        return Kinds.ALL;
    }

    /**
     * A metal.
     *
     * @param metal its word
     * @param title its name in the trade
     * @param densityGPerCm3 density
     * @param modulusGpa Young's modulus
     * @param flow flow curve; absent for music wire
     * @param amberStrain strain since purchase from which to mind, an estimate
     * @param redStrain strain since purchase at which it may crack, an estimate
     * @param underHammer what a steel hammer does to it
     * @param sulfide what a sulfide bath does to it
     * @param tempers tempers it is sold in
     * @param source where the figures come from
     */
    record MetalRow(
            @Term("its word") Metal metal,
            @Term("its name in the trade") String title,
            @Term("density, g/cm³") double densityGPerCm3,
            @Term("Young's modulus, GPa") double modulusGpa,

            @Term("flow curve by Voce; absent for music wire")
            Optional<Flow> flow,

            @Term("strain since purchase from which to mind, an estimate")
            double amberStrain,

            @Term("strain since purchase at which it may crack, an estimate")
            double redStrain,

            @Term("what a steel hammer does to it") Metal.HammerSense underHammer,
            @Term("what a sulfide bath does to it") Metal.Sulfide sulfide,
            @Term("tempers it is sold in") List<Temper> tempers,
            @Term("where the figures come from") String source) {}

    /** Every metal. */
    @GetMapping("/metals")
    List<MetalRow> metals() {
        return Arrays.stream(Metal.values())
                .map(m -> new MetalRow(
                        m,
                        m.title(),
                        m.densityGPerCm3(),
                        m.modulusGpa(),
                        m.flow(),
                        m.amberStrain(),
                        m.redStrain(),
                        m.underHammer(),
                        m.sulfide(),
                        Arrays.stream(Temper.values()).filter(m::comesIn).toList(),
                        "density and stiffness: handbook values; flow: fits; all from memory"))
                .toList();
    }

    /**
     * Gauges near a thickness, or all.
     *
     * @param thicknessMm the thickness asked for; 0 where all were asked for
     * @param nearest the nearest in each system
     * @param all every gauge, where all were asked for
     */
    record GaugeAnswer(
            @Term("the thickness asked for, mm; 0 where all were asked for")
            double thicknessMm,

            @Term("the nearest in each system") List<NearGauge> nearest,
            @Term("every gauge, where all were asked for") List<Gauge> all) {}

    /**
     * A gauge and how far off it is.
     *
     * @param system its system
     * @param number its number
     * @param diameterMm its thickness
     * @param deviationMm thickness asked for less its thickness
     */
    record NearGauge(
            @Term("its system") GaugeSystem system,
            @Term("its number") String number,
            @Term("its thickness, mm") double diameterMm,

            @Term("thickness asked for less its thickness, mm")
            double deviationMm) {}

    /** The nearest gauge in each system for a thickness in mm; without one, every gauge. */
    @GetMapping("/gauges")
    GaugeAnswer gauges(@RequestParam(required = false) Double thicknessMm) {
        if (thicknessMm == null) {
            List<Gauge> all = Arrays.stream(GaugeSystem.values())
                    .flatMap(s -> s.all().stream())
                    .toList();
            return new GaugeAnswer(0, List.of(), all);
        }
        if (!(thicknessMm >= THINNEST_MM && thicknessMm <= THICKEST_MM)) {
            throw new BadInput(
                    "thicknessMm", thicknessMm, "must be from " + THINNEST_MM + " to " + THICKEST_MM + " mm");
        }
        List<NearGauge> nearest = GaugeSystem.nearestOfEach(thicknessMm).stream()
                .map(g -> new NearGauge(g.system(), g.number(), g.diameterMm(), g.deviationOf(thicknessMm)))
                .toList();
        return new GaugeAnswer(thicknessMm, nearest, List.of());
    }

    /**
     * A temper as a reading.
     *
     * @param temper its word
     * @param strain plastic strain since annealed
     */
    record TemperRow(
            @Term("its word") TemperNow temper,
            @Term("plastic strain since annealed") double strain) {}

    /** The tempers that strain is read as, from soft to hard. */
    @GetMapping("/tempers")
    List<TemperRow> tempers() {
        return Arrays.stream(TemperNow.values())
                .map(t -> new TemperRow(t, t.strain()))
                .toList();
    }

    /** Why each figure of a plan is what it is: formula, source, how sure. */
    @GetMapping("/reasons")
    List<Reason> reasons() {
        return Reason.ALL;
    }

    /** The model, chapter by chapter: formulas, sources, how sure. */
    @GetMapping("/formulas")
    List<Formula> formulas() {
        return Formula.ALL;
    }

    /** Tools of the bench and how they are kept. */
    @GetMapping("/tool-care")
    List<Care> care() {
        return Care.ALL;
    }

    /** Every caution there is; a plan has those that apply. */
    @GetMapping("/cautions")
    List<Caution> cautions() {
        return Cautions.ALL;
    }

    /**
     * A girth, and what is worn round it.
     *
     * @param worn what it is
     * @param girthMm of the finger, the closed hand, the wrist or the neck
     * @param easeMm how much longer it lies; what is usual where absent
     * @param thicknessMm how far it stands off the skin
     * @param widthMm width along the finger
     */
    record SizeQuestion(
            @Term("what it is") Sizing.Worn worn,

            @Term(value = "girth of the finger, the closed hand, the wrist or the neck, mm", from = 0.01, to = 2000)
            double girthMm,

            @Term(value = "how much longer it lies, mm; default: what is usual", from = 0, to = 500)
            OptionalDouble easeMm,

            @Term(value = "how far it stands off the skin, mm", from = 0, to = 50, or = "1.5")
            double thicknessMm,

            @Term(value = "width along the finger, mm", from = 0, to = 50, or = "3")
            double widthMm) {}

    /**
     * What it comes to.
     *
     * @param easeMm the ease that was used
     * @param size the size
     */
    record SizeAnswer(
            @Term("the ease that was used, mm") double easeMm,
            @Term("the size") Sizing size) {}

    /** What a girth on the body asks of a piece. */
    @PostMapping("/sizes")
    SizeAnswer size(@RequestBody SizeQuestion question) {
        double ease = question.easeMm().orElse(question.worn().easeMm());
        return new SizeAnswer(
                ease, Sizing.of(question.worn(), question.girthMm(), ease, question.thicknessMm(), question.widthMm()));
    }

    /** JSON Schema of the piece document. */
    @GetMapping("/schema/piece")
    JsonNode schema() {
        return Schemas.document(Piece.class);
    }
}
