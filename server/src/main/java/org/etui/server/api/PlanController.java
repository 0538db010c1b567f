package org.etui.server.api;

import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.etui.core.check.BadInput;
import org.etui.core.check.Term;
import org.etui.core.check.Word;
import org.etui.core.measure.LengthFormat;
import org.etui.core.measure.LengthText;
import org.etui.core.measure.Units;
import org.etui.core.piece.Piece;
import org.etui.core.plan.Plan;
import org.etui.core.plan.PlanOptions;
import org.etui.core.plan.Planner;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Stateless computation on what is sent. */
@RestController
@RequestMapping("/api")
class PlanController {

    /** The plan of a piece document. */
    @PostMapping("/plans")
    Plan plan(
            @RequestBody Piece piece,
            @RequestParam(defaultValue = "last") String states,
            @RequestParam(defaultValue = "mm") String units) {
        PlanOptions.States wanted = word("states", states, PlanOptions.States.values());
        return Planner.plan(piece, new PlanOptions(wanted, new LengthFormat(units(units))));
    }

    /**
     * A length as typed.
     *
     * @param text what was typed
     * @param unit unit of a bare number
     * @param measures named personal measures, mm
     */
    record LengthQuestion(
            @Term(value = "what was typed", from = 1, to = 100)
            String text,

            @Term("unit of a bare number; default mm") Optional<Units> unit,

            @Term(value = "named personal measures, mm", or = "{}")
            Map<String, Double> measures) {}

    /** Reads a length: the one parser. */
    @PostMapping("/lengths")
    LengthText length(@RequestBody LengthQuestion question) {
        return LengthText.parse(question.text(), question.unit().orElse(Units.MM), question.measures());
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
