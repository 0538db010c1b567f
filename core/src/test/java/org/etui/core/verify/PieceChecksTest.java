package org.etui.core.verify;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.stream.Stream;
import org.etui.core.Examples;
import org.etui.core.act.Act;
import org.etui.core.act.With;
import org.etui.core.check.Violation;
import org.etui.core.element.Ball;
import org.etui.core.element.Coil;
import org.etui.core.element.Element;
import org.etui.core.element.Girth;
import org.etui.core.element.Lead;
import org.etui.core.element.Loop;
import org.etui.core.element.Outline;
import org.etui.core.element.Paddle;
import org.etui.core.element.Straight;
import org.etui.core.element.Target;
import org.etui.core.element.Turn;
import org.etui.core.element.Twist;
import org.etui.core.element.Wrap;
import org.etui.core.metal.Metal;
import org.etui.core.metal.Temper;
import org.etui.core.piece.Body;
import org.etui.core.piece.Join;
import org.etui.core.piece.Part;
import org.etui.core.piece.PartKind;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Purpose;
import org.etui.core.piece.Strand;
import org.etui.core.piece.Work;
import org.etui.core.section.Square;
import org.etui.core.wire.Finish;
import org.etui.core.wire.Wire;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

class PieceChecksTest {
    private static final Element RUN = Straight.of("run", 10);
    private static final Element EYE = Loop.of("eye", 3, Turn.LEFT);

    private static Strand strand(Element... elements) {
        return Strand.of("wire", "", Examples.copper(1), List.of(elements));
    }

    private static Piece piece(Strand... strands) {
        return Piece.of("Example", Purpose.DECORATIVE, List.of(strands));
    }

    private static Piece worked(Work work) {
        return piece(strand(RUN, EYE)).withWork(List.of(work));
    }

    private static Work flatten(String strand, String element, double toMm, String after) {
        return Work.of("w", strand, List.of(element), new Act.Flatten(toMm, With.FLAT_HAMMER))
                .at(after);
    }

    private static Piece bodied(Body body) {
        return piece(strand(RUN))
                .withParts(
                        List.of(Part.of("stone", PartKind.STONE, "agate", 20, Optional.empty())
                                .withBody(body)),
                        List.of());
    }

    private static Element wrapped(List<String> hosts) {
        return Wrap.of("wrap", Wrap.Core.ofStem(1), 2, Turn.LEFT).round(hosts, 0.5);
    }

    static Stream<Arguments> bad() {
        Wire square = new Wire(Metal.COPPER, Temper.DEAD_SOFT, Finish.BARE, new Square(1, Optional.empty()));
        return Stream.of(
                Arguments.of(piece(strand(RUN), strand(RUN)), "strands.1.id"),
                Arguments.of(piece(strand(RUN, RUN)), "strands.0.elements.1.id"),
                Arguments.of(piece(strand(Straight.of("a.b", 1))), "strands.0.elements.0.id"),
                Arguments.of(piece(strand(Straight.of("forming", 1))), "strands.0.elements.0.id"),
                Arguments.of(piece(strand(RUN).withOrder(List.of("eye"))), "strands.0.order.0"),
                Arguments.of(piece(strand(RUN).withOrder(List.of("run", "run"))), "strands.0.order.1"),
                Arguments.of(piece(strand(RUN).times(3, true, false)), "strands.0.count"),
                Arguments.of(
                        piece(strand(new Lead("l", 5, "forming", 0, Optional.empty(), Target.RELEASED))),
                        "strands.0.elements"),
                Arguments.of(
                        piece(strand(RUN, new Lead("l", 5, "nothing", 0, Optional.empty(), Target.RELEASED))),
                        "strands.0.elements.1.trimAfter"),
                Arguments.of(piece(strand(Paddle.of("p", 5, 1))), "strands.0.elements.0.toMm"),
                Arguments.of(piece(strand(Paddle.of("p", 5, 0.1))), "strands.0.elements.0.toMm"),
                Arguments.of(
                        piece(Strand.of("wire", "", square, List.of(Paddle.of("p", 5, 1)))),
                        "strands.0.elements.0.toMm"),
                Arguments.of(
                        piece(strand(
                                Girth.of("g", new Outline.Round(20), Turn.LEFT).on("stone", 0, 0))),
                        "strands.0.elements.0.seat.on"),
                Arguments.of(
                        piece(strand(RUN, wrapped(List.of("wire.run", "wire.hook")))),
                        "strands.0.elements.1.seat.round.1"),
                Arguments.of(piece(strand(wrapped(List.of("wire.wrap")))), "strands.0.elements.0.seat.round.0"),
                Arguments.of(
                        bodied(new Body.Cabochon(new Outline.Round(20), 5, 6, 2, Optional.empty())),
                        "parts.0.body.girdleMm"),
                Arguments.of(
                        bodied(new Body.Slab(new Outline.Round(20), 4, 2.5, Optional.empty())), "parts.0.body.edgeMm"),
                Arguments.of(bodied(new Body.Point(8, 6, 20, 21, Optional.empty())), "parts.0.body.tipMm"),
                Arguments.of(
                        bodied(new Body.Bead(Body.BeadForm.ROUND, 4, OptionalDouble.empty(), Body.Hole.through(4))),
                        "parts.0.body.hole.diameterMm"),
                Arguments.of(bodied(new Body.Lens(new Outline.Measured(0.01), 0.01, Optional.empty())), "parts.0.body"),
                Arguments.of(
                        bodied(new Body.Lens(new Outline.Drop(10, 12), 4, Optional.empty())),
                        "parts.0.body.outline.lengthMm"),
                Arguments.of(worked(flatten("other", "run", 0.5, "forming")), "work.0.strand"),
                Arguments.of(worked(flatten("wire", "hook", 0.5, "forming")), "work.0.elements.0"),
                Arguments.of(worked(flatten("wire", "run", 1.5, "forming")), "work.0.toMm"),
                Arguments.of(worked(flatten("wire", "run", 0.5, "never")), "work.0.after"),
                Arguments.of(worked(flatten("wire", "run", 0.5, "w")), "work.0.after"),
                Arguments.of(
                        worked(Work.of("w", "", List.of(), new Act.Pierce("disc", 1.5))
                                .at("start")),
                        "work.0.part"),
                Arguments.of(worked(Work.of("w", "wire", List.of(), new Act.Press(1.2, With.DIE))), "work.0.toMm"),
                Arguments.of(
                        piece(strand(RUN))
                                .withParts(
                                        List.of(Part.of(
                                                "chain", PartKind.FINDING, "copper", 3, Optional.of("wire.hook"))),
                                        List.of(Join.of("wire.run", "ring"))),
                        "parts.0.on"));
    }

    @ParameterizedTest
    @MethodSource("bad")
    void whatDoesNotHoldTogether_isNamedByPath(Piece piece, String path) {
        List<Violation> violations = PieceChecks.of(piece);

        assertThat(violations).extracting(Violation::path).contains(path);
        assertThat(violations).allMatch(v -> !v.limit().isBlank() && !v.value().isBlank());
    }

    static Stream<Arguments> badForms() {
        OptionalDouble none = OptionalDouble.empty();
        Wrap.Core two = new Wrap.Core(OptionalDouble.of(3), OptionalDouble.of(1), OptionalInt.empty(), none);
        Wrap.Core uncounted = new Wrap.Core(none, none, OptionalInt.empty(), OptionalDouble.of(1));
        Outline bow = new Outline.Polygon(List.of(
                new Outline.Point(0, 0),
                new Outline.Point(10, 10),
                new Outline.Point(10, 0),
                new Outline.Point(0, 10)));
        Outline line = new Outline.Polygon(
                List.of(new Outline.Point(0, 0), new Outline.Point(5, 0), new Outline.Point(10, 0)));
        return Stream.of(
                Arguments.of(
                        strand(Coil.of("c", 4, 3, Turn.LEFT).withPitch(0.5)),
                        "strands.0.elements.0.pitchMm",
                        "at least the wire's own 1.0 mm"),
                Arguments.of(strand(Wrap.of("w", two, 2, Turn.LEFT)), "strands.0.elements.0.core", "exactly one"),
                Arguments.of(strand(Wrap.of("w", uncounted, 2, Turn.LEFT)), "strands.0.elements.0.core", "exactly one"),
                Arguments.of(
                        strand(Girth.of("g", bow, Turn.LEFT)),
                        "strands.0.elements.0.outline.points",
                        "must not cross or touch itself: it does near x 5.0, y 5.0 mm"),
                Arguments.of(strand(Girth.of("g", line, Turn.LEFT)), "strands.0.elements.0.outline.points", ""),
                Arguments.of(
                        strand(Girth.of("g", new Outline.Drop(10, 12), Turn.LEFT)),
                        "strands.0.elements.0.outline.lengthMm",
                        "at least the width of a drop, 12.0 mm"),
                Arguments.of(
                        strand(Girth.of("g", new Outline.Shard(5, 12, 60), Turn.LEFT)),
                        "strands.0.elements.0.outline.lengthMm",
                        "at least 10.4 mm"),
                Arguments.of(
                        strand(Girth.of("g", new Outline.Rectangle(10, 6, 4), Turn.LEFT)),
                        "strands.0.elements.0.outline.cornerMm",
                        "at most half the shorter side, 3.0 mm"),
                Arguments.of(
                        strand(Girth.of("g", new Outline.Round(10), 0.6, 0.4, Turn.LEFT)),
                        "strands.0.elements.0.to",
                        "above from, 0.6"),
                Arguments.of(
                        strand(new Twist("t", 20, 2, "nobody", 0, Optional.empty(), Target.RELEASED)),
                        "strands.0.elements.0.with",
                        "another strand"),
                Arguments.of(
                        strand(RUN, Ball.of("b", 2), EYE),
                        "strands.0.elements.1.kind",
                        "the first or the last element"),
                Arguments.of(
                        strand(Ball.of("b", 0.5), RUN),
                        "strands.0.elements.0.diameterMm",
                        "at least the wire's thickness"));
    }

    @ParameterizedTest
    @MethodSource("badForms")
    void formThatCannotBeMade_isRefusedByPathAndLimit(Strand strand, String path, String limit) {
        assertThat(PieceChecks.of(piece(strand))).anySatisfy(v -> {
            assertThat(v.path()).isEqualTo(path);
            assertThat(v.limit()).contains(limit);
        });
    }

    @Test
    void twistTighterThanItsTwoWires_isRefused_statingHowManyTurnsThereMayBe() {
        Strand one = Strand.of(
                "one",
                "",
                Examples.copper(1),
                List.of(new Twist("t", 20, 20, "two", 0, Optional.empty(), Target.RELEASED)));
        Strand two = Strand.of("two", "", Examples.copper(0.6), List.of(RUN));

        assertThat(PieceChecks.of(piece(one, two)))
                .singleElement()
                .satisfies(v -> assertThat(v.limit()).contains("at most 12.5 on 20 mm", "at least 1.60 mm"));
    }

    @Test
    void workThatComesRoundToItself_isRefused() {
        Work first = Work.of("a", "wire", List.of("run"), new Act.Flatten(0.8, With.FLAT_HAMMER))
                .at("b");
        Work second = Work.of("b", "wire", List.of("run"), new Act.Flatten(0.7, With.FLAT_HAMMER))
                .at("a");

        assertThat(PieceChecks.of(piece(strand(RUN)).withWork(List.of(first, second))))
                .extracting(Violation::path)
                .containsExactly("work.0.after", "work.1.after");
    }

    @Test
    void whatHoldsTogether_passes() {
        Piece piece = piece(strand(EYE, RUN).withOrder(List.of("run")))
                .withWork(List.of(flatten("", "run", 0.5, "eye")))
                .withParts(
                        List.of(Part.of("chain", PartKind.FINDING, "copper", 3, Optional.of("wire.eye"))),
                        List.of(Join.of("wire.eye", "chain")));

        assertThat(PieceChecks.of(piece)).isEmpty();
    }
}
