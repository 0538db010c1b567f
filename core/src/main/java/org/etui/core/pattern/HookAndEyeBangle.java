package org.etui.core.pattern;

import java.util.List;
import org.etui.core.act.Act;
import org.etui.core.element.Arc;
import org.etui.core.element.Bend;
import org.etui.core.element.Element;
import org.etui.core.element.Loop;
import org.etui.core.element.Paddle;
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
import org.etui.core.piece.Work;
import org.etui.core.wire.Wire;

/**
 * Eye, corner, body, corner, hook with a paddled tip, all on one wire. Sized over the widest part of the closed hand, by
 * the circumference inside: small 203, medium 210, large 216 mm (common practice, 8, 8¼ and 8½ in).
 */
final class HookAndEyeBangle extends Pattern {
    private static final double SMALL_MM = 203;
    private static final double MEDIUM_MM = 210;
    private static final double LARGE_MM = 216;

    /** Corners turn outward so far that hook and eye stand off the arm, degrees. */
    private static final double CORNER_DEG = 50;

    /** The hook turns on outward and back, until its tip lies along the body. */
    private static final double HOOK_DEG = 122;

    HookAndEyeBangle() {
        super(
                "hook-and-eye-bangle",
                "Hook-and-eye bangle",
                "A round bangle that closes with a hook in an eye, both made of the bangle's own wire.",
                List.of(Purpose.BANGLE_CLOSURE),
                Wire.ofAwg(Metal.COPPER, Temper.DEAD_SOFT, "14"),
                List.of(
                        Parameter.choice("size", "size", "medium", "small", "large", "hand girth"),
                        Parameter.mm("handGirthMm", "hand girth, closed", MEDIUM_MM, 100, 320)
                                .onlyWith("size", "hand girth")
                                .leftFree(),
                        Parameter.mm("gapMm", "gap at the closure", 9, 2, 40),
                        Parameter.mm("eyeInsideMm", "eye, inside", 4, 1, 20),
                        Parameter.mm("hookInsideMm", "hook, inside", 4.5, 1, 20),
                        Parameter.mm("paddleMm", "paddle, length", 5, 2, 20),
                        Parameter.number("paddlePercent", "paddle, of the wire", "%", 62, 30, 95)));
    }

    @Override
    Piece build(Values values, Wire wire, Purpose purpose) {
        double circumference = switch (values.word("size")) {
            case "small" -> SMALL_MM;
            case "large" -> LARGE_MM;
            case "hand girth" -> values.number("handGirthMm");
            default -> MEDIUM_MM;
        };
        double inside = circumference / Math.PI;
        double centreRadius = (inside + wire.section().inPlaneMm()) / 2;
        double sweep = 360 - Math.toDegrees(values.number("gapMm") / centreRadius);
        double stand = 1.5 * wire.section().inPlaneMm();
        List<Element> elements = List.of(
                Loop.of("eye", values.number("eyeInsideMm"), Turn.RIGHT),
                Straight.of("eye-stem", stand),
                Bend.of("eye-corner", CORNER_DEG, Turn.RIGHT),
                Arc.of("body", inside, sweep, Turn.LEFT),
                Bend.of("hook-corner", CORNER_DEG, Turn.RIGHT),
                Straight.of("hook-stem", stand),
                Arc.of("hook", values.number("hookInsideMm"), HOOK_DEG, Turn.RIGHT),
                Paddle.of("paddle", values.number("paddleMm"), paddleTo(values, wire)));
        Strand strand = Strand.of("bangle", "Bangle", wire, elements)
                .withOrder(
                        List.of("eye", "eye-stem", "eye-corner", "paddle", "hook", "hook-stem", "hook-corner", "body"))
                .withAllowance(Allowance.usual().withHandleAt(HandleAt.NONE))
                .withPlace(Place.turned(90));
        Work close = new Work("close", "bangle", List.of("body"), "forming", new Act.Close());
        return Piece.of(title(), purpose, List.of(strand)).withWork(List.of(close));
    }
}
