package org.etui.server.api;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.etui.core.check.BadInput;
import org.etui.core.check.Term;
import org.etui.core.check.Violation;
import org.etui.core.pattern.Making;
import org.etui.core.pattern.Parameter;
import org.etui.core.pattern.Pattern;
import org.etui.core.pattern.Patterns;
import org.etui.core.pattern.Use;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Purpose;
import org.etui.core.plan.Drawing;
import org.etui.core.plan.PartDrawn;
import org.etui.core.plan.Plan;
import org.etui.core.plan.PlanOptions;
import org.etui.core.plan.Planner;
import org.etui.core.wire.Wire;
import org.etui.server.contract.Reader;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** Patterns: what there is, and a bare piece out of one. */
@RestController
@RequestMapping("/api/patterns")
class PatternController {
    private final Reader reader;
    private final Watch watch;
    private List<PatternRow> rows;

    PatternController(Reader reader, Watch watch) {
        this.reader = reader;
        this.watch = watch;
    }

    /**
     * A pattern.
     *
     * @param name its name
     * @param title words on screen
     * @param about what it is for
     * @param purposes what it can be for, the usual one first
     * @param use what it is chosen by
     * @param wire the wire it is usually made in
     * @param parameters the measures it asks for
     * @param drawing the usual form
     * @param parts what is not wire in it, drawn where it sits
     */
    record PatternRow(
            @Term("its name") String name,
            @Term("words on screen") String title,
            @Term("what it is for") String about,
            @Term("what it can be for, the usual one first") List<Purpose> purposes,
            @Term("what it is chosen by") Use use,
            @Term("the wire it is usually made in") Wire wire,
            @Term("the measures it asks for") List<Parameter> parameters,
            @Term("the usual form") List<Drawing> drawing,

            @Term("what is not wire in it, drawn where it sits")
            List<PartDrawn> parts) {}

    /** Every pattern with its measures and its drawing. */
    @GetMapping
    synchronized List<PatternRow> patterns() {
        if (rows == null) {
            rows = Patterns.ALL.stream().map(PatternController::row).toList();
        }
        return rows;
    }

    private static PatternRow row(Pattern pattern) {
        Plan plan = Planner.plan(pattern.usual(), PlanOptions.USUAL);
        return new PatternRow(
                pattern.name(),
                pattern.title(),
                pattern.about(),
                pattern.purposes(),
                Patterns.use(pattern),
                pattern.wire(),
                pattern.parameters(),
                Drawing.sketched(plan),
                plan.parts());
    }

    /**
     * A bare piece: the body holds measures by name, and may hold {@code wire}, {@code purpose} and {@code wireMm}, the wire at hand, which one
     * measure is then left free to use up.
     */
    @PostMapping("/{name}")
    Piece make(@PathVariable String name, @RequestBody(required = false) JsonNode body) {
        Pattern pattern = pattern(name);
        JsonNode given = body == null ? JsonNodeFactory.instance.objectNode() : body;
        if (!(given instanceof ObjectNode object)) {
            throw new BadInput("body", "not an object", "must be an object of measures by name");
        }
        List<Violation> violations = new ArrayList<>();
        Optional<Wire> wire = part(object, "wire", WireBox.class, violations).map(WireBox::wire);
        Optional<Purpose> purpose =
                part(object, "purpose", PurposeBox.class, violations).map(PurposeBox::purpose);
        Optional<Double> atHand =
                part(object, "wireMm", WireAtHand.class, violations).map(WireAtHand::wireMm);
        Map<String, Object> values = new LinkedHashMap<>();
        object.properties().forEach(e -> values.put(e.getKey(), value(e.getValue())));
        if (!violations.isEmpty()) {
            throw new BadInput(violations);
        }
        return watch.plan(() -> atHand.isPresent()
                ? pattern.makeFrom(values, wire, purpose, atHand.get())
                : pattern.make(values, wire, purpose));
    }

    /**
     * A wire that something is to be made of.
     *
     * @param wire the wire
     * @param wireMm how much of it is at hand, handle and spare included, mm
     */
    record WireAsked(
            @Term("the wire") Wire wire,

            @Term(value = "the wire at hand, handle and spare included, mm", above = 0)
            double wireMm) {}

    /** What a wire would make of a pattern: how large its free measure becomes, or what is lacking. */
    @PostMapping("/{name}/making")
    Making making(@PathVariable String name, @RequestBody WireAsked asked) {
        Pattern pattern = pattern(name);
        return watch.plan(() -> Making.of(pattern, asked.wire(), asked.wireMm()));
    }

    private static Pattern pattern(String name) {
        return Patterns.find(name)
                .orElseThrow(() -> new BadInput(
                        "name",
                        name,
                        "must be one of "
                                + String.join(
                                        ", ",
                                        Patterns.ALL.stream().map(Pattern::name).toList())));
    }

    /** @param wire the wire */
    record WireBox(@Term("the wire") Wire wire) {}

    /** @param wireMm the wire at hand, handle and spare included, mm */
    record WireAtHand(
            @Term(value = "the wire at hand, handle and spare included, mm", above = 0)
            double wireMm) {}

    /** @param purpose what the piece has to do */
    record PurposeBox(@Term("what the piece has to do") Purpose purpose) {}

    private <T> Optional<T> part(ObjectNode object, String name, Class<T> box, List<Violation> violations) {
        JsonNode value = object.remove(name);
        if (value == null) {
            return Optional.empty();
        }
        ObjectNode boxed = JsonNodeFactory.instance.objectNode();
        boxed.set(name, value);
        try {
            return Optional.of(reader.read(boxed, box));
        } catch (BadInput bad) {
            violations.addAll(bad.violations());
            return Optional.empty();
        }
    }

    private static Object value(JsonNode node) {
        if (node.isNumber()) {
            return node.doubleValue();
        }
        if (node.isBoolean()) {
            return node.booleanValue();
        }
        return node.isString() ? node.stringValue() : node.toString();
    }
}
