package org.etui.core.pattern;

import java.util.List;
import org.etui.core.element.Arc;
import org.etui.core.element.Curl;
import org.etui.core.element.Element;
import org.etui.core.element.Spiral;
import org.etui.core.element.Straight;
import org.etui.core.element.Turn;
import org.etui.core.metal.Metal;
import org.etui.core.metal.Temper;
import org.etui.core.piece.Allowance;
import org.etui.core.piece.HandleAt;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Place;
import org.etui.core.piece.Purpose;
import org.etui.core.piece.Strand;
import org.etui.core.wire.Wire;

/**
 * Stop curl, crook, and an open spiral of a turn and a half that charms are hung on and changed.
 */
final class SpiralHookEarWire extends Pattern {
    SpiralHookEarWire() {
        super(
                "spiral-hook-ear-wire",
                "Spiral hook ear wires",
                "A pair with an open spiral in front that takes charms, and a stop curl behind.",
                List.of(Purpose.EAR_WIRE),
                Wire.ofAwg(Metal.STERLING_SILVER, Temper.HALF_HARD, "20"),
                List.of(
                        Parameter.mm("curlInsideMm", "stop curl, inside", 1.2, 0.3, 10),
                        Parameter.mm("tailMm", "tail", 12, 2, 60),
                        Parameter.mm("crookInsideMm", "crook, inside", 9, 3, 40),
                        Parameter.number("crookSweepDeg", "crook, sweep", "degrees", 185, 120, 260),
                        Parameter.mm("stemMm", "stem", 7, 0.5, 40),
                        Parameter.number("turns", "spiral, turns", "turns", 1.5, 0.5, 6)
                                .leftFree(),
                        Parameter.mm("spiralInsideMm", "spiral, inside", 3, 0.5, 20),
                        Parameter.mm("gapMm", "gap between turns", 1.2, 0, 10)));
    }

    @Override
    Piece build(Values values, Wire wire, Purpose purpose) {
        List<Element> elements = List.of(
                Curl.of("stop-curl", values.number("curlInsideMm"), Turn.RIGHT),
                Straight.of("tail", values.number("tailMm")),
                Arc.of("crook", values.number("crookInsideMm"), values.number("crookSweepDeg"), Turn.LEFT),
                Straight.of("stem", values.number("stemMm")),
                Spiral.open(
                                "spiral",
                                values.number("spiralInsideMm"),
                                values.number("turns"),
                                values.number("gapMm"),
                                Turn.LEFT)
                        .inward());
        Strand strand = Strand.of("ear-wire", "Ear wire", wire, elements)
                .withOrder(List.of("stop-curl", "spiral", "crook"))
                .withAllowance(Allowance.usual().withHandleAt(HandleAt.NONE))
                .withPlace(Place.turned(-90 - turnDeg(elements.subList(0, 3), wire)))
                .times(2, true, true);
        return Piece.of(title(), purpose, List.of(strand));
    }
}
