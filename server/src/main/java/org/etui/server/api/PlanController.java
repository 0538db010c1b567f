package org.etui.server.api;

import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import org.etui.core.check.BadInput;
import org.etui.core.check.Term;
import org.etui.core.check.Violation;
import org.etui.core.check.Word;
import org.etui.core.measure.LengthFormat;
import org.etui.core.measure.LengthText;
import org.etui.core.measure.PersonalMeasure;
import org.etui.core.measure.Units;
import org.etui.core.metal.Metal;
import org.etui.core.metal.Temper;
import org.etui.core.piece.Piece;
import org.etui.core.plan.Field;
import org.etui.core.plan.Plan;
import org.etui.core.plan.PlanOptions;
import org.etui.core.plan.Planner;
import org.etui.core.price.PriceSheet;
import org.etui.core.stock.Prices;
import org.etui.core.tool.Springback;
import org.etui.core.tool.Toolbox;
import org.etui.core.wire.Wire;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Stateless computation on what is sent. */
@RestController
@RequestMapping("/api")
class PlanController {
    private final Tools tools;
    private final PriceList prices;
    private final MeasureList measures;
    private final Maker maker;
    private final Watch watch;

    PlanController(Tools tools, PriceList prices, MeasureList measures, Maker maker, Watch watch) {
        this.tools = tools;
        this.prices = prices;
        this.measures = measures;
        this.maker = maker;
        this.watch = watch;
    }

    /** The plan of a piece document. */
    @PostMapping("/plans")
    Plan plan(
            @RequestBody Piece piece,
            @RequestParam(defaultValue = "last") String states,
            @RequestParam(defaultValue = "mm") String units) {
        PlanOptions.States wanted = word("states", states, PlanOptions.States.values());
        PlanOptions options = maker.options(wanted, new LengthFormat(units(units)));
        return watch.plan(() -> Planner.plan(piece, options));
    }

    /** Takes a question back, by the name that it carried in the header Etui-Ask: its answer is no longer wanted. */
    @DeleteMapping("/asked/{ask}")
    ResponseEntity<Void> takeBack(@PathVariable String ask) {
        watch.takeBack(ask);
        return ResponseEntity.noContent().build();
    }

    /** How far the work on a question has come, by the same name. */
    @GetMapping("/asked/{ask}")
    Watch.How how(@PathVariable String ask) {
        return watch.how(ask);
    }

    /**
     * A length as typed.
     *
     * @param text what was typed
     * @param unit unit of a bare number
     * @param measures named personal measures besides those that are kept, mm
     */
    record LengthQuestion(
            @Term(value = "what was typed", to = 100) String text,

            @Term("unit of a bare number; default mm") Optional<Units> unit,

            @Term(value = "named personal measures besides those that are kept, mm", or = "{}")
            Map<String, Double> measures) {}

    /** Reads a length: the one parser. */
    @PostMapping("/lengths")
    LengthText length(@RequestBody LengthQuestion question) {
        Map<String, Double> named =
                new HashMap<>(PersonalMeasure.byName(measures.now().measures()));
        named.putAll(question.measures());
        return LengthText.parse(question.text(), question.unit().orElse(Units.MM), named);
    }

    /**
     * What wire is bent round, or what it shall come to: one of the two.
     *
     * @param wire the wire
     * @param toolInsideMm inside diameter on the tool
     * @param freeInsideMm inside diameter after release
     */
    record SpringbackQuestion(
            @Term("the wire") Wire wire,

            @Term(value = "inside diameter on the tool, mm; or give freeInsideMm", from = 0, to = 10000)
            OptionalDouble toolInsideMm,

            @Term(value = "inside diameter after release, mm; or give toolInsideMm", from = 0, to = 10000)
            OptionalDouble freeInsideMm) {}

    /** What wire springs back to, or the tool that gives a size. */
    @PostMapping("/springback")
    Springback springback(@RequestBody SpringbackQuestion question) {
        if (question.toolInsideMm().isPresent() == question.freeInsideMm().isPresent()) {
            throw new BadInput(List.of(new Violation(
                    question.toolInsideMm().isPresent() ? "freeInsideMm" : "toolInsideMm",
                    question.toolInsideMm().isPresent() ? "both" : "neither",
                    "give exactly one of toolInsideMm and freeInsideMm")));
        }
        Springback answer = question.toolInsideMm().isPresent()
                ? Springback.onTool(question.wire(), question.toolInsideMm().getAsDouble())
                : Springback.toFree(question.wire(), question.freeInsideMm().getAsDouble());
        return answer.with(question.wire(), tools.now());
    }

    /**
     * The wires to try a piece in.
     *
     * @param piece the document
     * @param gauges thicknesses to try
     * @param tempers tempers to try
     * @param metal the metal; that of the strand where absent
     * @param strand index of the strand whose wire changes; the thickest where absent
     */
    record FieldQuestion(
            @Term("the document") Piece piece,

            @Term(value = "thicknesses to try", from = 1, to = 40)
            List<Field.Gauge> gauges,

            @Term(value = "tempers to try", from = 1, to = 5)
            List<Temper> tempers,

            @Term("the metal; default: that of the strand") Optional<Metal> metal,

            @Term("index of the strand whose wire changes, with all others of that wire; default: the thickest")
            OptionalInt strand) {}

    /** The whole piece worked again in every gauge and temper. */
    @PostMapping("/fields")
    Field field(@RequestBody FieldQuestion question) {
        Piece piece = question.piece();
        int strand = question.strand().orElse(Field.thickest(piece));
        Metal metal = question.metal()
                .orElse(piece.strands()
                        .get(Math.max(0, Math.min(strand, piece.strands().size() - 1)))
                        .wire()
                        .metal());
        Field.Trial trial = new Field.Trial(question.gauges(), question.tempers(), metal, strand);
        Toolbox box = tools.now();
        Prices now = prices.now();
        return watch.many(() -> Field.of(
                piece, trial, box, now, PriceSheet.seller(PriceController.size("", 1, piece, maker.hand()), now)));
    }

    static Units units(String word) {
        return word("units", word, Units.values());
    }

    static <E extends Enum<E>> E word(String name, String value, E[] all) {
        for (E constant : all) {
            if (Word.of(constant).equals(value.toLowerCase(Locale.ROOT))) {
                return constant;
            }
        }
        throw new BadInput(
                name,
                value,
                "must be one of "
                        + String.join(
                                ", ", java.util.Arrays.stream(all).map(Word::of).toList()));
    }
}
