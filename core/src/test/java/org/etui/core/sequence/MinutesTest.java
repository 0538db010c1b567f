package org.etui.core.sequence;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.etui.core.Examples;
import org.etui.core.element.Bend;
import org.etui.core.element.Element;
import org.etui.core.element.Spiral;
import org.etui.core.element.Turn;
import org.etui.core.metal.Metal;
import org.etui.core.metal.Temper;
import org.etui.core.pattern.Patterns;
import org.etui.core.piece.Piece;
import org.etui.core.plan.PlanOptions;
import org.etui.core.plan.Planner;
import org.etui.core.wire.Wire;
import org.junit.jupiter.api.Test;

/** Facts of the bench (common practice): the figures themselves are first estimates, and say so. */
class MinutesTest {
    private static final Piece CLASP =
            Patterns.find("hook-clasp").orElseThrow().make(Map.of(), Optional.empty(), Optional.empty());

    private static List<Step> steps(Piece piece) {
        return Planner.plan(piece, PlanOptions.USUAL).steps();
    }

    private static double forming(Element element, Wire wire) {
        return steps(Examples.piece(wire, element)).stream()
                .filter(s -> s.kind() == Step.Kind.FORM)
                .mapToDouble(Step::minutes)
                .sum();
    }

    private static Element spiral(double turns) {
        return Spiral.closed("spiral", turns, 0, Turn.LEFT);
    }

    /** Ten wires take eight to ten times the hands of one: only the last look is done once. */
    @Test
    void time_growsWithTheCount() {
        Piece ten = CLASP.withStrands(List.of(CLASP.strands().get(0).times(10, false, false)));
        double one = steps(CLASP).stream().mapToDouble(Step::handsOnMinutes).sum();
        double all = steps(ten).stream().mapToDouble(Step::handsOnMinutes).sum();

        assertThat(all / one).isBetween(8.0, 10.0);
        assertThat(steps(ten).stream().filter(s -> s.wires() > 1))
                .allSatisfy(s -> assertThat(s.minutes())
                        .isGreaterThan(steps(CLASP).stream()
                                .filter(t -> t.kind() == s.kind() && t.about().equals(s.about()))
                                .mapToDouble(Step::minutes)
                                .max()
                                .orElse(0)));
    }

    /** Three times the turns of a closed spiral are nine times its wire: it takes two to nine times as long. */
    @Test
    void time_growsWithTurns() {
        Wire wire = Examples.copper(1);

        assertThat(forming(spiral(9), wire) / forming(spiral(3), wire)).isBetween(2.0, 9.0);
        assertThat(forming(Bend.of("kick", 20, Turn.LEFT), wire)).isLessThan(0.4 * forming(spiral(3), wire));
    }

    @Test
    void thickAndHardWire_takesLonger() {
        Wire thick = Wire.ofRound(Metal.COPPER, Temper.DEAD_SOFT, 2);
        Wire hard = Wire.ofRound(Metal.COPPER, Temper.HARD, 1);

        assertThat(forming(spiral(3), thick)).isGreaterThan(forming(spiral(3), Examples.copper(1)));
        assertThat(forming(spiral(3), hard)).isGreaterThan(forming(spiral(3), Examples.copper(1)));
    }

    /** Sixty-four marks are not a minute's work. */
    @Test
    void marks_takeTimeEach() {
        assertThat(Minutes.marking(64)).isBetween(5.0, 15.0);
        assertThat(Minutes.marking(4)).isLessThan(1);
    }
}
