package org.etui.core.element;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.etui.core.curve.CentreLine;
import org.etui.core.curve.CurvePiece;
import org.etui.core.curve.Line;
import org.etui.core.curve.Placed;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;

class LoopTest {
    /** The middle of a centred loop lies on the line of the wire that it hangs on: geometry of two touching circles. */
    @Test
    void centredLoop_hasItsMiddleOnTheLineOfTheWire() {
        Random random = new Random(6);
        for (int i = 0; i < 100; i++) {
            double thickness = 0.3 + random.nextDouble() * 2;
            Turn turn = random.nextBoolean() ? Turn.LEFT : Turn.RIGHT;
            Loop loop = new Loop(
                    "eye", 1 + random.nextDouble() * 9, 1, turn, true, false, 0, Optional.empty(), Target.RELEASED);
            List<CurvePiece> pieces = new ArrayList<>(List.of(new Line(10)));
            pieces.addAll(loop.shape(new Forming(thickness, false)));

            Placed round = CentreLine.of(thickness, pieces).pieces().get(2);
            double radius = (loop.insideMm() + thickness) / 2;
            Vector3D middle = round.start().at(new Vector3D(0, turn.sign() * radius, 0));
            assertThat(middle.getY()).isCloseTo(0, within(1e-9));
        }
    }

    @Test
    void centredLoopThatBeginsTheStrand_hasItsNeckAfterTheLoop() {
        Loop loop = new Loop("eye", 3, 1, Turn.LEFT, true, false, 0, Optional.empty(), Target.RELEASED);

        List<CurvePiece> first = loop.shape(new Forming(1, true));
        List<CurvePiece> later = loop.shape(new Forming(1, false));
        assertThat(first.get(0)).isEqualTo(later.get(1));
        assertThat(first.get(1)).isEqualTo(later.get(0));
    }

    @Test
    void label_readsAsWords_andABareNumberGetsItsKind() {
        assertThat(Arc.of("hook-bend", 7, 200, Turn.LEFT).label()).isEqualTo("hook bend");
        assertThat(Straight.of("3", 2).label()).isEqualTo("straight 3");
    }
}
