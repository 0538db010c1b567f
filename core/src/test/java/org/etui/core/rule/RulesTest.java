package org.etui.core.rule;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.etui.core.Examples;
import org.etui.core.element.Arc;
import org.etui.core.element.Coil;
import org.etui.core.element.Curl;
import org.etui.core.element.Element;
import org.etui.core.element.Girth;
import org.etui.core.element.Loop;
import org.etui.core.element.Outline;
import org.etui.core.element.Straight;
import org.etui.core.element.Turn;
import org.etui.core.element.Wrap;
import org.etui.core.metal.Metal;
import org.etui.core.metal.Temper;
import org.etui.core.pattern.Patterns;
import org.etui.core.piece.Join;
import org.etui.core.piece.Part;
import org.etui.core.piece.PartKind;
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

    /** Turns round a stem and a run beyond them, one of the two hammered. */
    private static Piece wrapped(String hammered) {
        return Examples.piece(
                        Examples.copper(1), Wrap.of("wrap", Wrap.Core.ofStem(1), 3, Turn.LEFT), Straight.of("run", 20))
                .withWork(List.of(Examples.flatten(0.7, hammered)));
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
                Arguments.of("hammered-crossing", wrapped("wrap"), wrapped("run")),
                Arguments.of(
                        "thin-bangle",
                        piece(Purpose.BANGLE_CLOSURE, Examples.copper(1.2)),
                        piece(Purpose.BANGLE_CLOSURE, Examples.copper(1.63))),
                Arguments.of(
                        "curl-too-tight",
                        Examples.piece(Examples.copper(1), Curl.of("tip", 0.4, Turn.LEFT)),
                        Examples.piece(Examples.copper(1), Curl.of("tip", 0.5, Turn.LEFT))),
                Arguments.of("fine-wire-under-load", lashed(0.4, 0.4), lashed(0.8, 0.4)),
                Arguments.of("tip-will-not-pass", hooked(0.9, 2.8), hooked(0.9, 3.0)),
                Arguments.of("loop-too-small", joined("wire.eye", ring(16)), joined("wire.eye", ring(14))),
                Arguments.of("neither-opens", looped(false), looped(true)),
                Arguments.of("coil-on-cord", corded(3.2), corded(3.1)),
                Arguments.of("coil-on-cord", corded(2.3), corded(2.5)),
                Arguments.of("petals-open", petals(40), petals(70)));
    }

    /** A pendant of a wire that carries and one that is wound round it. */
    private static Piece lashed(double carrying, double lashing) {
        return Piece.of(
                "Example",
                Purpose.PENDANT,
                List.of(
                        Strand.of("frame", "", Examples.copper(carrying), List.of(Loop.of("eye", 4, Turn.LEFT))),
                        Strand.of(
                                "lash",
                                "",
                                Examples.copper(lashing),
                                List.of(Wrap.of("w", Wrap.Core.ofStem(0.8), 4, Turn.LEFT)))));
    }

    /** A hook whose curl, 0.9 mm inside in 1.0 mm wire, is 2.9 mm across, and an eye to pass. */
    private static Piece hooked(double curl, double eye) {
        Strand hook = Strand.of(
                "hook",
                "",
                Examples.copper(1),
                List.of(Arc.of("bend", 7, 180, Turn.RIGHT), Curl.of("tip", curl, Turn.LEFT)));
        Strand ring = Strand.of("ring", "", Examples.copper(1), List.of(Loop.of("eye", eye, Turn.LEFT)));
        return Piece.of("Example", Purpose.DECORATIVE, List.of(hook, ring))
                .withParts(List.of(), List.of(new Join("hook.bend", "ring.eye")));
    }

    private static Part ring(double size) {
        return new Part("ring", PartKind.FINDING, "copper", size, Optional.empty());
    }

    private static Piece joined(String element, Part part) {
        return piece(Purpose.DECORATIVE, Examples.copper(1))
                .withParts(List.of(part), List.of(new Join(element, part.id())));
    }

    private static Piece looped(boolean opens) {
        Loop closed = Loop.of("eye", 4, Turn.LEFT);
        Strand one = Strand.of("one", "", Examples.copper(1), List.of(closed));
        Loop other = opens ? Loop.thatOpens("eye", 4, Turn.LEFT) : closed;
        Strand two = Strand.of("two", "", Examples.copper(1), List.of(other));
        return Piece.of("Example", Purpose.DECORATIVE, List.of(one, two))
                .withParts(List.of(), List.of(new Join("one.eye", "two.eye")));
    }

    private static Piece corded(double mandrel) {
        Part cord = new Part("cord", PartKind.CORD, "cotton", 3, Optional.empty());
        return Examples.piece(Examples.copper(0.8), Coil.of("coil", mandrel, 5, Turn.LEFT))
                .withParts(List.of(cord), List.of(new Join("wire.coil", "cord")));
    }

    private static Piece petals(int percent) {
        return Patterns.find("wound-petals")
                .orElseThrow()
                .make(Map.of("petals", 5, "petalPercent", percent), Optional.empty(), Optional.empty());
    }

    /** A fix does what it says: applied, the advice is gone. The patches only replace measures of elements. */
    @Test
    void fixOfAPetal_closesTheFlower() {
        Piece open = petals(40);
        Advice advice = Planner.plan(open, PlanOptions.USUAL).advice().stream()
                .filter(a -> a.rule().equals("petals-open"))
                .findFirst()
                .orElseThrow();
        double wide = (Double) advice.fix().orElseThrow().get(0).value().orElseThrow();
        List<Element> mended = open.strands().get(0).elements().stream()
                .map(e -> e instanceof Girth g ? Girth.of(g.id(), new Outline.Drop(14, wide), g.turn()) : e)
                .toList();
        Strand flower = Strand.of("flower", "", open.strands().get(0).wire(), mended);

        assertThat(advice.fix().orElseThrow()).hasSize(5);
        assertThat(Planner.plan(Piece.of("Mended", Purpose.DECORATIVE, List.of(flower)), PlanOptions.USUAL)
                        .advice())
                .extracting(Advice::rule)
                .doesNotContain("petals-open");
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
