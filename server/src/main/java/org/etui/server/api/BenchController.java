package org.etui.server.api;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import org.etui.core.act.With;
import org.etui.core.check.BadInput;
import org.etui.core.check.Term;
import org.etui.core.measure.LengthFormat;
import org.etui.core.measure.Units;
import org.etui.core.mend.PairMend;
import org.etui.core.mend.WayOut;
import org.etui.core.pattern.Remake;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Purpose;
import org.etui.core.plan.Plan;
import org.etui.core.plan.PlanOptions;
import org.etui.core.plan.Planner;
import org.etui.core.plan.Thinning;
import org.etui.core.tool.Toolbox;
import org.etui.core.wire.Wire;
import org.etui.server.instrument.Instrument;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Questions that come up at the bench: other wire, a moment of the work, a pull of the hammer, what was measured. */
@RestController
@RequestMapping("/api")
class BenchController {
    private final Tools tools;
    private final List<Instrument> instruments;
    private final Watch watch;

    BenchController(Tools tools, List<Instrument> instruments, Watch watch) {
        this.tools = tools;
        this.instruments = List.copyOf(instruments);
        this.watch = watch;
    }

    /**
     * A piece to make anew.
     *
     * @param piece the document
     * @param measures measures of its pattern that change
     * @param strand index of the strand whose wire changes
     * @param wire the wire; as it is where absent
     * @param wireMm the wire at hand, which one measure is left free to use up; not looked at where absent
     */
    record RemakeQuestion(
            @Term("the document") Piece piece,

            @Term(value = "measures of its pattern that change", or = "{}")
            Map<String, Object> measures,

            @Term(value = "index of the strand whose wire changes, with all others of that wire", from = 0, or = "0")
            int strand,

            @Term("the wire; default: as it is") Optional<Wire> wire,

            @Term(
                    value = "the wire at hand, handle and spare included, mm: one measure is left free to use it up",
                    above = 0)
            OptionalDouble wireMm) {}

    /** The piece with other measures of its pattern, or in other wire. */
    @PostMapping("/remakes")
    Piece remake(@RequestBody RemakeQuestion question) {
        Piece piece = question.piece();
        if (!question.measures().isEmpty() || question.wireMm().isPresent()) {
            return watch.plan(() -> Remake.with(piece, question.measures(), question.wire(), question.wireMm()));
        }
        if (question.strand() >= piece.strands().size()) {
            throw new BadInput(
                    "strand",
                    question.strand(),
                    "must be from 0 to " + (piece.strands().size() - 1));
        }
        Wire now = piece.strands().get(question.strand()).wire();
        return watch.plan(
                () -> Remake.inWire(piece, question.strand(), question.wire().orElse(now)));
    }

    /**
     * A moment of the work.
     *
     * @param piece the document
     * @param strand id of the strand
     * @param state 0 for the straight wire, then the index of the operation; the finished wire where absent
     */
    record MomentQuestion(
            @Term("the document") Piece piece,
            @Term(value = "id of the strand", to = 60) String strand,

            @Term(
                    value = "0 for the straight wire, then the index of the operation; default: the finished wire",
                    from = 0,
                    to = 2000)
            OptionalInt state) {}

    /** A strand as it is after one of its operations. */
    @PostMapping("/moments")
    Plan.StrandPlan moment(@RequestBody MomentQuestion question) {
        PlanOptions options = new PlanOptions(PlanOptions.States.LAST, new LengthFormat(Units.MM), tools.now());
        return watch.plan(() -> Planner.moment(question.piece(), question.strand(), question.state(), options));
    }

    /**
     * A place to flatten.
     *
     * @param piece the document
     * @param strand id of the strand
     * @param element id of the element
     * @param with hammer or die
     */
    record ThinningQuestion(
            @Term("the document") Piece piece,
            @Term(value = "id of the strand", to = 60) String strand,
            @Term(value = "id of the element", to = 60) String element,

            @Term(value = "hammer or die", or = "\"domed-hammer\"")
            With with) {}

    /** An element flattened further and further. */
    @PostMapping("/thinnings")
    Thinning thinning(@RequestBody ThinningQuestion question) {
        return watch.many(() -> Thinning.of(question.piece(), question.strand(), question.element(), question.with()));
    }

    /**
     * Two finished pieces.
     *
     * @param piece the document that both were made by
     * @param strand index of the strand
     * @param element id of what was measured across; the widest of the strand where absent
     * @param first what one measures
     * @param second what the other measures
     */
    record PairQuestion(
            @Term("the document that both were made by") Piece piece,

            @Term(value = "index of the strand", from = 0, or = "0")
            int strand,

            @Term("id of what was measured across; default: the widest of the strand")
            Optional<String> element,

            @Term("what one measures") PairMend.Measures first,
            @Term("what the other measures") PairMend.Measures second) {}

    /** Which of two to tap, open out or tighten, and by how much. */
    @PostMapping("/pairs")
    PairMend pair(@RequestBody PairQuestion question, @RequestParam(defaultValue = "mm") String units) {
        LengthFormat format = new LengthFormat(PlanController.units(units));
        return watch.many(() -> PairMend.of(
                question.piece(), question.strand(), question.element(), question.first(), question.second(), format));
    }

    /**
     * A hook that fails.
     *
     * @param wire its wire as bought, as far as that is known
     * @param insideMm inside of its bend
     * @param purpose what it closes
     * @param fails how it fails
     */
    record MeasuredQuestion(
            @Term("its wire as bought, as far as that is known")
            Wire wire,

            @Term(value = "inside of its bend, mm", from = 0.01, to = 60)
            double insideMm,

            @Term(value = "what it closes", or = "\"necklace-closure\"")
            Purpose purpose,

            @Term("how it fails") WayOut.Failure fails) {}

    /** What a hook that was measured holds, and the ways out by the tools owned. */
    @PostMapping("/measured-hooks")
    WayOut.Found measured(@RequestBody MeasuredQuestion question, @RequestParam(defaultValue = "mm") String units) {
        LengthFormat format = new LengthFormat(PlanController.units(units));
        WayOut.Measured hook =
                new WayOut.Measured(question.wire(), question.insideMm(), question.purpose(), question.fails());
        Toolbox box = tools.now();
        return watch.many(() -> WayOut.of(hook, box, format));
    }

    /**
     * What is to be read.
     *
     * @param from which instrument
     * @param about what is being measured, roughly
     */
    record ReadingQuestion(
            @Term("which instrument") Instrument.Kind from,

            @Term(value = "what is being measured, roughly, in the unit of the instrument", from = 0.01, to = 100000)
            double about) {}

    /**
     * What an instrument reads.
     *
     * @param value the reading
     * @param from which one it was
     */
    record Reading(
            @Term("the reading: mm of a calliper, g of a scale, °C of a thermometer")
            double value,

            @Term("which instrument it was") String from) {}

    /** Reads an instrument. */
    @PostMapping("/readings")
    Reading read(@RequestBody ReadingQuestion question) {
        return instruments.stream()
                .filter(i -> i.kind() == question.from())
                .findFirst()
                .map(i -> new Reading(i.read(question.about()), i.name()))
                .orElseThrow(() -> new BadInput("from", question.from().name(), "must be connected"));
    }
}
