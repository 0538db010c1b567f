package org.etui.core.work;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.etui.core.Examples;
import org.etui.core.element.Element;
import org.etui.core.element.Loop;
import org.etui.core.element.Straight;
import org.etui.core.element.Turn;
import org.etui.core.element.Wrap;
import org.etui.core.mechanics.Bearing;
import org.etui.core.mechanics.Hold;
import org.etui.core.piece.Join;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Purpose;
import org.etui.core.piece.Strand;
import org.etui.core.wire.Wire;
import org.junit.jupiter.api.Test;

/**
 * An eye whose end cannot get away is a ring, whoever holds it: turns of another wire round it or round both wires that lead to it, or those two
 * joined to each other. A ring holds some five times what the same loop holds open (Roark's ring and plastic hinges).
 */
class LashedEyeTest {
    private static final Wire WIRE = Examples.copper(0.5);

    private static Hold hold(Element lashing, List<Join> joins) {
        Strand eye = Strand.of(
                "eye",
                "",
                WIRE,
                List.of(Straight.of("leg", 10), Loop.of("loop", 3, Turn.LEFT), Straight.of("end", 10)));
        Strand other = Strand.of("lashing", "", WIRE, List.of(lashing));
        Piece piece = Piece.of("Example", Purpose.PENDANT, List.of(eye, other)).withParts(List.of(), joins);
        return StrandWork.of(piece, eye).reading("loop").hold().orElseThrow();
    }

    private static Wrap turns() {
        return Wrap.of("turns", Wrap.Core.ofWires(2, 0.5), 3, Turn.LEFT);
    }

    @Test
    void eyeThatIsLashed_isARing() {
        Hold open = hold(turns(), List.of());
        Hold lashed = hold(turns().round(List.of("eye.leg", "eye.end"), 0.5), List.of());
        Hold joined = hold(turns(), List.of(Join.of("lashing.turns", "eye.loop")));
        Hold shut = hold(turns(), List.of(Join.of("eye.leg", "eye.end")));

        assertThat(open.fails()).isEqualTo(Bearing.Fails.OPENS);
        assertThat(lashed.fails()).isEqualTo(Bearing.Fails.YIELDS);
        assertThat(lashed.holdsN() / open.holdsN()).isBetween(4.5, 6.5);
        assertThat(joined.holdsN()).isCloseTo(lashed.holdsN(), within(1e-9));
        assertThat(shut.holdsN()).isCloseTo(lashed.holdsN(), within(1e-9));
    }

    /** Round one of the two wires only, the other gets away. */
    @Test
    void turnsRoundOneLeg_holdNothingShut() {
        assertThat(hold(turns().round(List.of("eye.leg"), 0.5), List.of()).fails())
                .isEqualTo(Bearing.Fails.OPENS);
    }

    /** One turn on a thick core slips before the ring gives (Euler and Eytelwein). */
    @Test
    void looseLashing_slipsFirst() {
        Wrap loose =
                Wrap.of("turns", Wrap.Core.ofWires(6, 1), 0.5, Turn.LEFT).round(List.of("eye.leg", "eye.end"), 0.5);

        assertThat(hold(loose, List.of()).fails()).isEqualTo(Bearing.Fails.SLIPS);
    }
}
