package org.etui.core.pattern;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.etui.core.act.Act;
import org.etui.core.act.With;
import org.etui.core.curve.CentreLine;
import org.etui.core.curve.Pose;
import org.etui.core.element.Arc;
import org.etui.core.element.Bend;
import org.etui.core.element.Element;
import org.etui.core.element.Forming;
import org.etui.core.element.Loop;
import org.etui.core.element.Paddle;
import org.etui.core.element.Straight;
import org.etui.core.element.Target;
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
import org.hipparchus.analysis.UnivariateFunction;
import org.hipparchus.analysis.solvers.BrentSolver;
import org.hipparchus.geometry.euclidean.twod.Vector2D;

/**
 * Eye, corner, body, corner, hook with a paddled tip, all on one wire. Sized over the widest part of the closed hand, by
 * the circumference inside: small 203, medium 210, large 216 mm (common practice, 8, 8¼ and 8½ in).
 */
final class HookAndEyeBangle extends Pattern {
    private static final double SMALL_MM = 203;
    private static final double MEDIUM_MM = 210;
    private static final double LARGE_MM = 216;

    /** The body is left as it is wound. */
    private static final String PLAIN = "as wound";

    /** The corner of the hook turns outward so far that it stands off the arm, degrees. */
    private static final double CORNER_DEG = 50;

    /** The eye stands across the body, so that the hook goes through it, degrees. */
    private static final double ACROSS_DEG = 90;

    /** The eye moves in the hook by so much, mm (engineering estimate). */
    private static final double PLAY_MM = 0.1;

    /** The hook turns on outward and back, until its tip lies along the body. */
    private static final double HOOK_DEG = 122;

    HookAndEyeBangle() {
        super(
                "hook-and-eye-bangle",
                "Hook-and-eye bangle",
                "A round bangle that closes with a hook in an eye, both made of the bangle's own wire.",
                List.of(Purpose.BANGLE_CLOSURE),
                Wire.ofAwg(Metal.COPPER, Temper.DEAD_SOFT, "14"),
                measures(
                        Parameter.choice("body", "body", PLAIN, "hammered"),
                        Parameter.number("hammeredPercent", "hammered to, of the wire", "%", 85, 60, 98)
                                .onlyWith("body", "hammered")));
    }

    @Override
    Piece build(Values values, Wire wire, Purpose purpose) {
        if (values.word("body").equals(PLAIN)) {
            return bangle(title(), values, wire, purpose, UnaryOperator.identity(), List.of());
        }
        // It grows under the hammer: the size is that of the finished body, so that it is wound smaller.
        double to = Math.round(wire.section().thicknessMm() * values.number("hammeredPercent")) / 100.0;
        Work hammer = new Work("hammer", "bangle", List.of("body"), "body", new Act.Flatten(to, With.DOMED_HAMMER));
        return bangle(title(), values, wire, purpose, Arc::asFinished, List.of(hammer));
    }

    /** The measures of a bangle that closes with a hook in an eye, and others after them. */
    static List<Parameter> measures(Parameter... more) {
        List<Parameter> all = new ArrayList<>(List.of(
                Parameter.choice("size", "size", "medium", "small", "large", "hand girth"),
                Parameter.mm("handGirthMm", "hand girth, closed", MEDIUM_MM, 100, 320)
                        .onlyWith("size", "hand girth")
                        .leftFree(),
                Parameter.mm("gapMm", "gap at the closure", 9, 2, 40),
                Parameter.mm("eyeInsideMm", "eye, inside", 4, 1, 20),
                Parameter.mm("hookInsideMm", "hook, inside", 4.5, 1, 20),
                Parameter.mm("paddleMm", "paddle, length", 5, 2, 20),
                Parameter.number("paddlePercent", "paddle, of the wire", "%", 62, 30, 95)));
        all.addAll(List.of(more));
        return List.copyOf(all);
    }

    /**
     * The bangle.
     *
     * @param pressed what is done to its body
     * @param work the maker's own work on it, before the closure is bent
     */
    static Piece bangle(
            String title, Values values, Wire wire, Purpose purpose, UnaryOperator<Arc> pressed, List<Work> work) {
        double circumference = switch (values.word("size")) {
            case "small" -> SMALL_MM;
            case "large" -> LARGE_MM;
            case "hand girth" -> values.number("handGirthMm");
            default -> MEDIUM_MM;
        };
        double inside = circumference / Math.PI;
        double centreRadius = (inside + wire.section().inPlaneMm()) / 2;
        double sweep = 360 - Math.toDegrees(values.number("gapMm") / centreRadius);
        double t = wire.section().inPlaneMm();
        double stand = 1.5 * t;
        double hook = values.number("hookInsideMm");
        Loop eye = new Loop(
                "eye",
                values.number("eyeInsideMm"),
                1,
                Turn.RIGHT,
                true,
                false,
                ACROSS_DEG,
                Optional.empty(),
                Target.RELEASED);
        Eye stands = Eye.reaching(rimInHook(stand, hook, t), eye, centreRadius, 360 - sweep, t);
        List<Element> elements = List.of(
                eye,
                Straight.of("eye-stem", stands.stemMm()),
                Bend.of("eye-corner", stands.cornerDeg(), Turn.RIGHT).rolled(-ACROSS_DEG),
                pressed.apply(Arc.of("body", inside, sweep, Turn.LEFT)),
                Bend.of("hook-corner", CORNER_DEG, Turn.RIGHT),
                Straight.of("hook-stem", stand),
                Arc.of("hook", hook, HOOK_DEG, Turn.RIGHT),
                Paddle.of("paddle", values.number("paddleMm"), paddleTo(values, wire)));
        // The corners first, so that the legs stand outside; the body round; and only then what closes it, each on its
        // leg.
        Strand strand = Strand.of("bangle", "Bangle", wire, elements)
                .withOrder(
                        List.of("hook-corner", "eye-corner", "body", "eye", "eye-stem", "paddle", "hook", "hook-stem"))
                .withAllowance(Allowance.usual().withHandleAt(HandleAt.NONE))
                .withPlace(Place.turned(90));
        Work close = new Work("close", "bangle", List.of("body"), "forming", new Act.Close());
        List<Work> all = new ArrayList<>(work);
        all.add(close);
        return Piece.of(title, purpose, List.of(strand)).withWork(all);
    }

    /**
     * How the eye stands on its end of the body so that its far rim lies in the hook: the corner that points there, and the stem that reaches there
     * (plane geometry, as both ends lie on the round of the body).
     *
     * @param cornerDeg how far its corner is bent outward, degrees
     * @param stemMm its stem, mm; where the gap is too small for one, half a wire
     */
    private record Eye(double cornerDeg, double stemMm) {
        private static final double MOST_RAD = Math.PI / 2;

        /**
         * @param hook where the far rim is to lie, along the end of the hook and outward, mm
         * @param gapDeg how far the ends stand apart about the middle of the body, degrees
         */
        static Eye reaching(Vector2D hook, Loop eye, double radiusMm, double gapDeg, double t) {
            double gap = Math.toRadians(gapDeg);
            double bent = cornerMm(t);
            Vector2D end = new Vector2D(radiusMm * Math.sin(gap), radiusMm * (Math.cos(gap) - 1));
            Vector2D to = hook.subtract(end);
            double along = to.dotProduct(new Vector2D(-Math.cos(gap), Math.sin(gap)));
            double outward = to.dotProduct(new Vector2D(Math.sin(gap), Math.cos(gap)));
            UnivariateFunction aside = a -> (outward - bent) * Math.cos(a) - along * Math.sin(a) + bent;
            double turned = aside.value(0) > 0 && aside.value(MOST_RAD) < 0
                    ? new BrentSolver(1e-9).solve(100, aside, 0, MOST_RAD)
                    : Math.toRadians(CORNER_DEG);
            double far = along * Math.cos(turned) + outward * Math.sin(turned) - bent * Math.sin(turned);
            return new Eye(Math.toDegrees(turned), Math.max(t / 2, far - rimMm(eye, t)));
        }

        /** From where the stem begins to the far rim of the eye. */
        private static double rimMm(Loop eye, double t) {
            List<CentreLine.Station> way =
                    CentreLine.of(t, eye.shape(new Forming(t, true))).stations(0.05, 2);
            Pose end = way.get(way.size() - 1).pose();
            return way.stream()
                    .mapToDouble(
                            s -> end.position().subtract(s.pose().position()).dotProduct(end.heading()))
                    .max()
                    .orElse(0);
        }
    }

    /** Radius of the middle of the wire in a corner, mm. */
    private static double cornerMm(double t) {
        return end(Bend.of("corner", 90, Turn.LEFT), t).position().getX();
    }

    /** Where the eye's rim lies when it hangs in the hook, seen from the end of the body at the hook: along it and outward, mm. */
    private static Vector2D rimInHook(double standMm, double hookMm, double t) {
        double turned = Math.toRadians(CORNER_DEG);
        double bent = cornerMm(t);
        double middle = (hookMm + t) / 2;
        double room = Math.max(0, (hookMm - t) / 2 - PLAY_MM);
        return new Vector2D(
                bent * Math.sin(turned) + standMm * Math.cos(turned) - middle * Math.sin(turned) + room,
                bent * (1 - Math.cos(turned)) + standMm * Math.sin(turned) + middle * Math.cos(turned));
    }
}
