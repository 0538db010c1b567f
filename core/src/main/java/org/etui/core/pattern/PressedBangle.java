package org.etui.core.pattern;

import java.util.List;
import java.util.function.UnaryOperator;
import org.etui.core.act.Act;
import org.etui.core.act.With;
import org.etui.core.element.Arc;
import org.etui.core.metal.Metal;
import org.etui.core.metal.Temper;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Purpose;
import org.etui.core.piece.Work;
import org.etui.core.wire.Wire;

/**
 * A hook-and-eye bangle whose body is pressed between two ring dies before its closure is bent: flat between plain ones, or into a wave between ones that
 * fit each other. The legs of the closure stay outside the dies.
 */
final class PressedBangle extends Pattern {
    private static final String WAVY = "wavy";
    private static final String PLAIN = "plain";

    PressedBangle() {
        super(
                "pressed-bangle",
                "Pressed bangle",
                "A bangle pressed between two ring dies, flat or into a wave, that closes with a hook in an eye.",
                List.of(Purpose.BANGLE_CLOSURE),
                Wire.ofAwg(Metal.COPPER, Temper.DEAD_SOFT, "14"),
                HookAndEyeBangle.measures(
                        Parameter.choice("dies", "dies", WAVY, PLAIN),
                        Parameter.count("waves", "waves round the body", 12, 2, 40)
                                .onlyWith("dies", WAVY),
                        Parameter.mm("waveMm", "waves, trough to crest", 3, 0.2, 8)
                                .onlyWith("dies", WAVY),
                        Parameter.number("pressedPercent", "pressed to, of the wire", "%", 80, 50, 98)
                                .onlyWith("dies", PLAIN)));
    }

    @Override
    Piece build(Values values, Wire wire, Purpose purpose) {
        boolean wavy = values.word("dies").equals(WAVY);
        UnaryOperator<Arc> body = wavy
                ? arc -> arc.waved(new Arc.Wave(values.count("waves"), values.number("waveMm")))
                : UnaryOperator.identity();
        double to = Math.round(wire.section().thicknessMm() * values.number("pressedPercent")) / 100.0;
        Work press = new Work("press", "bangle", List.of("body"), "body", new Act.Press(to, With.DIE));
        return HookAndEyeBangle.bangle(title(), values, wire, purpose, body, wavy ? List.of() : List.of(press));
    }
}
