package org.etui.core.piece;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.etui.core.Examples;
import org.etui.core.check.Violation;
import org.etui.core.element.Arc;
import org.etui.core.element.Element;
import org.etui.core.element.Lead;
import org.etui.core.element.Loop;
import org.etui.core.element.Paddle;
import org.etui.core.element.Straight;
import org.etui.core.element.Target;
import org.etui.core.element.Turn;
import org.etui.core.metal.Metal;
import org.etui.core.metal.Temper;
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

    private static Work.Flatten flatten(String strand, String element, double toMm, String after) {
        return new Work.Flatten("w", strand, List.of(element), toMm, With.FLAT_HAMMER, after);
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
                Arguments.of(
                        piece(strand(new Arc("a", 5, 90, Turn.LEFT, 0, Optional.empty(), Target.FINISHED))),
                        "strands.0.elements.0.target"),
                Arguments.of(piece(strand(Paddle.of("p", 5, 1))), "strands.0.elements.0.toMm"),
                Arguments.of(piece(strand(Paddle.of("p", 5, 0.1))), "strands.0.elements.0.toMm"),
                Arguments.of(
                        piece(Strand.of("wire", "", square, List.of(Paddle.of("p", 5, 0.5)))),
                        "strands.0.elements.0.toMm"),
                Arguments.of(worked(flatten("other", "run", 0.5, "forming")), "work.0.strand"),
                Arguments.of(worked(flatten("wire", "hook", 0.5, "forming")), "work.0.elements.0"),
                Arguments.of(worked(flatten("wire", "run", 1.5, "forming")), "work.0.toMm"),
                Arguments.of(worked(flatten("wire", "run", 0.5, "never")), "work.0.after"),
                Arguments.of(worked(flatten("wire", "run", 0.5, "w")), "work.0.after"),
                Arguments.of(worked(new Work.Tumble("w", "wire", List.of(), 60, "forming")), "work.0.op"),
                Arguments.of(
                        piece(strand(RUN))
                                .withParts(
                                        List.of(new Part(
                                                "chain", PartKind.FINDING, "copper", 3, Optional.of("wire.hook"))),
                                        List.of(new Join("wire.run", "ring"))),
                        "parts.0.on"));
    }

    @ParameterizedTest
    @MethodSource("bad")
    void whatDoesNotHoldTogether_isNamedByPath(Piece piece, String path) {
        List<Violation> violations = PieceChecks.of(piece);

        assertThat(violations).extracting(Violation::path).contains(path);
        assertThat(violations).allMatch(v -> !v.limit().isBlank() && !v.value().isBlank());
    }

    @Test
    void workThatComesRoundToItself_isRefused() {
        Work first = new Work.Flatten("a", "wire", List.of("run"), 0.8, With.FLAT_HAMMER, "b");
        Work second = new Work.Flatten("b", "wire", List.of("run"), 0.7, With.FLAT_HAMMER, "a");

        assertThat(PieceChecks.of(piece(strand(RUN)).withWork(List.of(first, second))))
                .extracting(Violation::path)
                .containsExactly("work.0.after", "work.1.after");
    }

    @Test
    void whatHoldsTogether_passes() {
        Piece piece = piece(strand(EYE, RUN).withOrder(List.of("run")))
                .withWork(List.of(flatten("", "run", 0.5, "eye")))
                .withParts(
                        List.of(new Part("chain", PartKind.FINDING, "copper", 3, Optional.of("wire.eye"))),
                        List.of(new Join("wire.eye", "chain")));

        assertThat(PieceChecks.of(piece)).isEmpty();
    }
}
