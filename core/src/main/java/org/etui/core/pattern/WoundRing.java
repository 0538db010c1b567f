package org.etui.core.pattern;

import java.util.List;
import java.util.Optional;
import org.etui.core.element.Coil;
import org.etui.core.element.Element;
import org.etui.core.element.Spiral;
import org.etui.core.element.Target;
import org.etui.core.element.Turn;
import org.etui.core.element.Wrap;
import org.etui.core.measure.RingSize;
import org.etui.core.metal.Metal;
import org.etui.core.metal.Temper;
import org.etui.core.piece.Allowance;
import org.etui.core.piece.HandleAt;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Purpose;
import org.etui.core.piece.Strand;
import org.etui.core.wire.Wire;

/**
 * Turns on a mandrel, both ends wound round each other on top into a rosette, tails wrapped under the band. The rosette's
 * spirals start half the band apart and leave room for each other, so that they lie side by side.
 */
final class WoundRing extends Pattern {
    private static final String[] LETTERS = {
        "N", "A", "B", "C", "D", "E", "F", "G", "H", "I", "J", "K", "L", "M", "O", "P", "Q", "R", "S", "T", "U", "V",
        "W", "X", "Y", "Z"
    };

    WoundRing() {
        super(
                "wound-ring",
                "Wound ring",
                "A finger ring wound from one wire: a band of turns, a rosette on top, the tails wrapped under.",
                List.of(Purpose.DECORATIVE),
                Wire.ofRound(Metal.COPPER, Temper.DEAD_SOFT, 1.6),
                List.of(
                        Parameter.choice("system", "ring size in", "US", "UK", "ISO", "inside diameter"),
                        Parameter.number("usSize", "US size", "", 7, 0, 16).onlyWith("system", "US"),
                        Parameter.choice("ukSize", "UK size", LETTERS).onlyWith("system", "UK"),
                        Parameter.number("isoSize", "ISO size", "", 54, 38, 76).onlyWith("system", "ISO"),
                        Parameter.mm("insideMm", "inside diameter", 17.3, 10, 30)
                                .onlyWith("system", "inside diameter"),
                        Parameter.count("turns", "turns of the band", 2, 2, 8),
                        Parameter.number("rosetteTurns", "rosette, turns", "turns", 1.25, 0.25, 4)
                                .leftFree(),
                        Parameter.number("tailTurns", "tails, turns under the band", "turns", 1, 0.5, 4)));
    }

    @Override
    Piece build(Values values, Wire wire, Purpose purpose) {
        double t = wire.section().inPlaneMm();
        int turns = values.count("turns");
        double rosette = values.number("rosetteTurns");
        Wrap.Core band = Wrap.Core.ofWires(turns, t);
        double middle = (turns - 1) * t;
        double tail = values.number("tailTurns");
        List<Element> elements = List.of(
                Wrap.of("first-tail", band, tail, Turn.LEFT),
                Spiral.open("first-spiral", middle, rosette, t, Turn.LEFT)
                        .inward()
                        .lifted(0, 90),
                new Coil(
                        "band",
                        insideMm(values),
                        turns,
                        0,
                        Coil.Axis.ACROSS,
                        Turn.LEFT,
                        -90,
                        Optional.empty(),
                        Target.RELEASED,
                        Coil.Shaped.NONE),
                Spiral.open("second-spiral", middle, rosette, t, Turn.LEFT).lifted(0, -90),
                Wrap.of("second-tail", band, tail, Turn.LEFT).rolled(90));
        Strand strand = Strand.of("ring", "Ring", wire, elements)
                .withOrder(List.of("band", "first-spiral", "second-spiral", "first-tail", "second-tail"))
                .withAllowance(Allowance.usual().withHandleAt(HandleAt.BOTH));
        return Piece.of(title(), purpose, List.of(strand));
    }

    private static double insideMm(Values values) {
        return switch (values.word("system")) {
            case "UK" -> RingSize.UK.insideMm(values.word("ukSize").charAt(0) - 'A');
            case "ISO" -> RingSize.ISO.insideMm(values.number("isoSize"));
            case "inside diameter" -> values.number("insideMm");
            default -> RingSize.US.insideMm(values.number("usSize"));
        };
    }
}
