package org.etui.core.rule;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Stream;
import org.etui.core.Examples;
import org.etui.core.element.Arc;
import org.etui.core.element.Curl;
import org.etui.core.element.Loop;
import org.etui.core.element.Straight;
import org.etui.core.element.Turn;
import org.etui.core.metal.Metal;
import org.etui.core.metal.Temper;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Purpose;
import org.etui.core.piece.Strand;
import org.etui.core.plan.PlanOptions;
import org.etui.core.plan.Planner;
import org.etui.core.wire.Wire;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** For each rule a case that raises it and a near twin that does not. Source of the facts: common practice. */
class RulesTest {
    private static Piece piece(Purpose purpose, Wire wire) {
        return Piece.of(
                "Example",
                purpose,
                List.of(Strand.of(
                        "wire",
                        "",
                        wire,
                        List.of(
                                Loop.thatOpens("eye", 3, Turn.LEFT),
                                Straight.of("run", 8),
                                Arc.of("bend", 7, 180, Turn.RIGHT)))));
    }

    private static Piece hammered(Wire wire, String element) {
        return piece(Purpose.DECORATIVE, wire)
                .withWork(List.of(Examples.flatten(wire.section().thicknessMm() * 0.7, element)));
    }

    private static Piece crossed(double run) {
        return Examples.piece(
                        Examples.copper(1),
                        Straight.of("first", 10),
                        Arc.of("round", 9, 270, Turn.LEFT),
                        Straight.of("last", run))
                .withWork(List.of(Examples.flatten(0.7, "last")));
    }

    static Stream<Arguments> cases() {
        Wire plated = Wire.ofRound(Metal.SILVER_PLATED_COPPER, Temper.DEAD_SOFT, 1);
        return Stream.of(
                Arguments.of(
                        "fine-wire-under-load",
                        piece(Purpose.NECKLACE_CLOSURE, Examples.copper(0.4)),
                        piece(Purpose.NECKLACE_CLOSURE, Examples.copper(0.8))),
                Arguments.of(
                        "fine-wire-under-load",
                        piece(Purpose.PENDANT, Examples.copper(0.4)),
                        piece(Purpose.DECORATIVE, Examples.copper(0.4))),
                Arguments.of("coat-under-hammer", hammered(plated, "bend"), hammered(Examples.copper(1), "bend")),
                Arguments.of("coat-under-hammer", hammered(plated, "bend"), piece(Purpose.DECORATIVE, plated)),
                Arguments.of(
                        "hammered-loop", hammered(Examples.copper(1), "eye"), hammered(Examples.copper(1), "bend")),
                Arguments.of("hammered-crossing", crossed(15), crossed(1.5)),
                Arguments.of(
                        "thin-bangle",
                        piece(Purpose.BANGLE_CLOSURE, Examples.copper(1.2)),
                        piece(Purpose.BANGLE_CLOSURE, Examples.copper(1.63))),
                Arguments.of(
                        "curl-too-tight",
                        Examples.piece(Examples.copper(1), Curl.of("tip", 0.4, Turn.LEFT)),
                        Examples.piece(Examples.copper(1), Curl.of("tip", 0.5, Turn.LEFT))));
    }

    @ParameterizedTest
    @MethodSource("cases")
    void rule_isRaisedByTheCaseAndNotByItsTwin(String rule, Piece raising, Piece twin) {
        List<Advice> advice = Planner.plan(raising, PlanOptions.USUAL).advice();

        assertThat(advice).extracting(Advice::rule).contains(rule);
        assertThat(advice)
                .allMatch(a -> !a.where().isBlank()
                        && !a.message().isBlank()
                        && !a.because().isBlank()
                        && !a.instead().isBlank());
        assertThat(Planner.plan(twin, PlanOptions.USUAL).advice())
                .extracting(Advice::rule)
                .doesNotContain(rule);
    }

    @Test
    void advice_standsWorstFirst() {
        Wire fine = Wire.ofRound(Metal.SILVER_PLATED_COPPER, Temper.DEAD_SOFT, 0.4);
        List<Advice> advice = Planner.plan(
                        piece(Purpose.BANGLE_CLOSURE, fine).withWork(List.of(Examples.flatten(0.3, "bend"))),
                        PlanOptions.USUAL)
                .advice();

        assertThat(advice).hasSizeGreaterThanOrEqualTo(3);
        assertThat(advice).extracting(Advice::severity).isSorted();
    }

    @Test
    void cautions_followTheWork() {
        List<Caution> plain = Planner.plan(piece(Purpose.DECORATIVE, Examples.copper(1)), PlanOptions.USUAL)
                .cautions();
        List<Caution> loud = Planner.plan(hammered(Examples.copper(1), "bend"), PlanOptions.USUAL)
                .cautions();

        assertThat(plain).extracting(Caution::topic).contains("eyes").doesNotContain("ears");
        assertThat(loud).extracting(Caution::topic).contains("eyes", "ears");
    }
}
