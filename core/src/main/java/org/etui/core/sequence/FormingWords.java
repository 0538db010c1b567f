package org.etui.core.sequence;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import org.etui.core.element.Across;
import org.etui.core.element.Arc;
import org.etui.core.element.Ball;
import org.etui.core.element.Bend;
import org.etui.core.element.Coil;
import org.etui.core.element.Curl;
import org.etui.core.element.Element;
import org.etui.core.element.Girth;
import org.etui.core.element.Kind;
import org.etui.core.element.Knit;
import org.etui.core.element.Label;
import org.etui.core.element.Lead;
import org.etui.core.element.Loop;
import org.etui.core.element.Paddle;
import org.etui.core.element.Reach;
import org.etui.core.element.Spiral;
import org.etui.core.element.Straight;
import org.etui.core.element.Turn;
import org.etui.core.element.Twist;
import org.etui.core.element.Wrap;
import org.etui.core.measure.LengthFormat;
import org.etui.core.measure.Rounding;
import org.etui.core.piece.Strand;
import org.etui.core.section.WireSection;

/**
 * Says how an element is formed.
 *
 * @param format how lengths are written
 * @param school what the maker was taught
 */
record FormingWords(LengthFormat format, School school) {
    /** A tool owned that is off by more than this makes another size (engineering estimate). */
    private static final int FULL_TURN_DEG = 360;

    private static final double OTHER_SHARE = 0.03;

    /** Wire that is wider than thick by more than this is bent the easy way or on edge (engineering estimate). */
    private static final double WIDER = 1.1;

    /**
     * How it is formed.
     *
     * @param tool what it is formed on
     * @param section the wire
     * @param overbend how much further it is bent than it comes to, 1 or more
     */
    String how(Element element, Tool tool, WireSection section, double overbend) {
        return element.accept(new How(tool, section.inPlaneMm(), overbend)) + easyWay(element, section);
    }

    /** Wire that is wider than thick is bent over its flat, or on edge as the wire says, where a bend is held to it. */
    private static String easyWay(Element element, WireSection section) {
        boolean wide = section.widthMm() > section.thicknessMm() * WIDER;
        if (!wide || element.winding().turnRad() <= 0 || !element.isBent()) {
            return "";
        }
        return section.inPlaneMm() < section.acrossMm()
                ? " Bend it the easy way, its flat side against the tool" + stretches(element, section, "on edge") + "."
                : " Bend it on edge, its narrow side against the tool, a little at a time between flat jaws, and tap it flat where it"
                        + " buckles" + stretches(element, section, "the easy way") + ".";
    }

    /** How far the outside of the bend stretches either way: c/R, textbook bending of a flat section. */
    private static String stretches(Element element, WireSection section, String other) {
        if (element.woundInsideMm().isEmpty()) {
            return "";
        }
        double inside = element.woundInsideMm().getAsDouble();
        return ": its outside stretches by about " + stretched(section.inPlaneMm(), inside) + ", " + other
                + " it would be " + stretched(section.acrossMm(), inside);
    }

    private static String stretched(double deepMm, double insideMm) {
        return percent(deepMm / (insideMm + deepMm));
    }

    /** From the top to the left, an eighth of the way round each. */
    private static final List<String> PLACES = List.of(
            "top", "upper left", "left side", "lower left", "bottom", "lower right", "right side", "upper right");

    /** What is written with two decimals is the same to this, turns. */
    private static final double SAME_TURNS = 0.005;

    /** More turns than that are no band of a ring (engineering estimate). */
    private static final double MOST_OF_A_BAND = 8;

    /** One way of forming a kind. */
    private final class How implements Kind.Visitor<String> {
        private final Tool tool;
        private final double thicknessMm;
        private final double overbend;

        How(Tool tool, double thicknessMm, double overbend) {
            this.tool = tool;
            this.thicknessMm = thicknessMm;
            this.overbend = overbend;
        }

        @Override
        public String loop(Loop loop) {
            String turns = loop.turns() == 1 ? "one full turn" : plain(loop.turns()) + " turns";
            String neck = loop.centred() ? " Bend the neck back until the loop sits on the line of the wire." : "";
            return held("roll " + turns, "wind " + turns + " round it") + "." + comesTo(tool) + neck;
        }

        @Override
        public String curl(Curl curl) {
            return held("roll " + plain(curl.turns()) + " of a turn, small and tight", "bend it round") + "."
                    + comesTo(tool);
        }

        /** How wire and tool are held, before what is done. */
        private String held(String rolled, String wound) {
            return switch (tool.held()) {
                case TIPS ->
                    "Bend the wire round the tips of the jaws, " + rolled + ", and squeeze it until about "
                            + format.write(tool.insideMm(), Rounding.NEAREST) + " is left inside";
                case CONE -> "Grip the wire where the jaw is " + cone(tool) + " and " + rolled;
                case STEP -> "Grip the wire in the " + size(tool) + " step and " + rolled;
                case WOUND -> "Hold the wire against the " + size(tool) + " mandrel and " + wound;
            };
        }

        @Override
        public String bend(Bend bend) {
            long on = Math.round(bend.angleDeg() * overbend);
            long wanted = Math.round(bend.angleDeg());
            return on == wanted
                    ? "Hold it at the jaw edge and bend it by " + on + "°."
                    : "Hold it at the jaw edge and bend on to " + on + "°; it comes back to " + wanted + "°.";
        }

        @Override
        public String arc(Arc arc) {
            if (arc.wave().isPresent()) {
                return pressed(arc, arc.wave().get());
            }
            String on = "bend on to " + Math.round(arc.sweepDeg() * overbend) + "°";
            return held(on, on) + "; let go, it stands at " + plain(Math.round(arc.sweepDeg())) + "° (estimate)."
                    + comesTo(tool);
        }

        /** Into a wave, between two dies that fit each other. */
        private String pressed(Arc arc, Arc.Wave wave) {
            return "Bend it round the mandrel and ease it to about "
                    + format.write(arc.roundInsideMm(thicknessMm), Rounding.NEAREST)
                    + " inside. Lay it between the two wavy dies, legs outside, with a spacer of "
                    + format.write(thicknessMm, Rounding.NEAREST)
                    + " between them so that the wire is not flattened, and strike: blows opposite in pairs round the die, at least two rounds. "
                    + wave.count() + (wave.count() == 1 ? " wave" : " waves") + ", "
                    + format.write(wave.heightMm(), Rounding.NEAREST) + " high, "
                    + (wave.count() == 1 ? "draws" : "draw") + " it in to "
                    + format.write(arc.insideMm(), Rounding.NEAREST) + ".";
        }

        @Override
        public String coil(Coil coil) {
            String shaped = switch (coil.shaped()) {
                case PINCHED -> " Slide it off and pinch the turns together on one side.";
                case FANNED ->
                    " Count them. Slide it off and pinch all turns together on one side: they are fanned out later, when the pinched side is bound.";
                case NONE -> "";
            };
            return "Wind " + turns(coil.turns()) + " on the " + size(tool)
                    + (tool.held() == Tool.Held.STEP ? " step" : " mandrel" + finger(coil, tool)) + ", "
                    + spaced(coil.pitchMm()) + "."
                    + comesTo(tool) + shaped;
        }

        /** A ring mandrel has sizes on it, no millimetres. */
        private static String finger(Coil coil, Tool tool) {
            boolean band = coil.axis() == Coil.Axis.ACROSS
                    && coil.shaped() == Coil.Shaped.NONE
                    && coil.turns() <= MOST_OF_A_BAND;
            return band ? WorkWords.ringSize(tool.sizeMm()) : "";
        }

        @Override
        public String wrap(Wrap wrap) {
            String core = wrap.core().cordMm().isPresent()
                    ? "on a rod as thick as the cord, "
                            + format.write(wrap.core().cordMm().getAsDouble(), Rounding.NEAREST) + ","
                    : "round "
                            + bound(wrap)
                                    .orElseGet(() -> wrap.core().inWords(mm -> format.write(mm, Rounding.NEAREST)));
            return "Wind " + counted(wrap.turns()) + " " + core + (wrap.legAlong() ? " and its own leg" : "")
                    + ", tight, " + spaced(wrap.pitchMm()) + ".";
        }

        /** A band of several turns is one thing to wind round, and so is a stone with the wires along it. */
        private static Optional<String> bound(Wrap wrap) {
            List<String> round = wrap.seat().map(Wrap.Seat::round).orElse(List.of());
            Optional<String> stone =
                    round.stream().filter(on -> on.indexOf('.') < 0).findFirst();
            if (stone.isPresent()) {
                String wires = round.size() > 1 ? " and " + (round.size() - 1) + " wires along it" : "";
                return stone.map(on -> "the " + on.replace('-', ' ') + wires);
            }
            return Optional.of(round)
                    .filter(on -> on.size() == 1 && wrap.core().wires().orElse(1) > 1)
                    .map(on -> "the "
                            + on.get(0).substring(on.get(0).indexOf('.') + 1).replace('-', ' '));
        }

        @Override
        public String girth(Girth girth) {
            return "Bend it round the " + round(girth) + " from " + percent(girth.from()) + " to " + percent(girth.to())
                    + " of the way round, pressed close.";
        }

        @Override
        public String across(Across across) {
            String face = across.face().name().toLowerCase(Locale.ROOT);
            boolean part = across.ends() < 1 || across.begins() > 0;
            return "Bend it over the " + face + " of the " + across.on().replace('-', ' ') + ", between the "
                    + place(across.from()) + " and the " + place(across.to())
                    + ": press it down with a wooden stick, a little at a time, from the edge inwards."
                    + (part ? " It covers " + percent(across.ends() - across.begins()) + " of the way." : "");
        }

        @Override
        public String reach(Reach reach) {
            return "Lead it on in two gentle bends, by hand, to where it goes next.";
        }

        @Override
        public String knit(Knit knit) {
            double inside = knit.knittedInsideMm(thicknessMm);
            double length = knit.lengthMm(thicknessMm);
            String drawn = knit.drawnTo().isPresent()
                    ? " Slip it off and draw it through holes, each a little smaller than the last, down to "
                            + format.write(knit.drawnTo().getAsDouble(), Rounding.NEAREST)
                            + ", turning it as you go; it springs back to about "
                            + format.say(length, 0) + " long (estimate)."
                    : " Slip it off: it is about " + format.say(length, 0) + " long (estimate).";
            return "Fasten " + knit.around() + " loops of scrap wire, tied like a flower, on a rod of about "
                    + format.write(inside, Rounding.NEAREST)
                    + ". Push the end behind the foot of a loop above from right to left, draw it through"
                    + " until the new loop is " + format.write(knit.loopMm(), Rounding.NEAREST)
                    + " high, and go on to the next: " + knit.rows() + " rows of " + knit.around()
                    + ". Every end that runs out is laid up inside along the tube, the next wire begins beside it."
                    + drawn
                    + " Nip the scrap wire out last.";
        }

        @Override
        public String twist(Twist twist) {
            double further = Math.round(10 * twist.turns() * overbend) / 10.0;
            String on = " on " + format.write(twist.lengthMm(), Rounding.NEAREST);
            return (twist.isAlone()
                            ? "Hold both ends flat in the jaws and turn "
                            : "Lay it beside the " + twist.with().replace('-', ' ') + ", hold both ends and turn ")
                    + (further > twist.turns()
                            ? turns(further) + on + "; let go it keeps " + plain(twist.turns()) + "."
                            : turns(twist.turns()) + on + ".");
        }

        private String first(double insideMm) {
            String size = format.write(insideMm, Rounding.NEAREST);
            return insideMm > Tool.ROUND_NOSE_MM
                    ? "Wind the first round on a " + size + " mandrel, "
                    : "Roll the first round where the jaw is " + size + " thick, ";
        }

        @Override
        public String spiral(Spiral spiral) {
            if (spiral.with().isPresent()) {
                return "Wind the two ends in turn: half a turn of one, then half a turn of the other, flat over the crossing and each against"
                        + " the last, until both have gone " + turns(spiral.turnsIn(thicknessMm))
                        + " and stand at their outer marks, and the whole is about "
                        + format.write(spiral.acrossArmsMm(thicknessMm), Rounding.NEAREST) + " across.";
            }
            if (spiral.from() == Spiral.From.FILLED) {
                return "Lay the wire inside the outline and push it round inward a few millimetres at a time, "
                        + (spiral.gapMm() > 0
                                ? format.write(spiral.gapMm(), Rounding.NEAREST) + " away from the turn outside it"
                                : "against the turn outside it")
                        + ", " + turns(spiral.turnsIn(thicknessMm))
                        + (spiral.centre() == Spiral.Centre.CLOSED ? ", until the middle is closed." : ".")
                        + " Look at it edge-on after every turn.";
            }
            String where = spiral.centre() == Spiral.Centre.CLOSED
                    ? "Roll the end round itself, "
                    : first(spiral.insideMm().orElseThrow());
            String laid = school.spiral() == School.Spiral.PUSH
                    ? "then hold it flat and push the wire round it a few millimetres at a time, "
                    : "then hold the wire and turn the pliers, drawing it in a few millimetres at a time, ";
            return where + laid
                    + (spiral.gapMm() > 0
                            ? format.write(spiral.gapMm(), Rounding.NEAREST) + " away from the last turn"
                            : "laid against the last turn")
                    + ", " + counted(spiral.turnsIn(thicknessMm)) + " in all, until it is "
                    + format.write(spiral.outsideIn(thicknessMm), Rounding.NEAREST) + " across. "
                    + (spiral.seat().isPresent()
                            ? "Last, push the middle up, a little at every turn, until it lies over the stone as a lid does."
                            : spiral.riseMm() > 0
                                    ? "Last, push the middle up, " + format.write(spiral.riseMm(), Rounding.NEAREST)
                                            + " a turn."
                                    : "Look at it edge-on after every turn.");
        }

        @Override
        public String paddle(Paddle paddle) {
            return "Flatten it to " + format.write(paddle.toMm(), Rounding.NEAREST) + ".";
        }

        @Override
        public String straight(Straight straight) {
            return "It stays straight.";
        }

        @Override
        public String ball(Ball ball) {
            return "It is bought on the pin.";
        }

        @Override
        public String lead(Lead lead) {
            return "It is only held on to.";
        }
    }

    private String size(Tool tool) {
        return format.size(tool.sizeMm());
    }

    /**
     * What it comes to when it is let go: an estimate, since the flow curves are good to about ±10 %. Along a cone there is always a place that
     * fits; on a tool of another size it is eased afterwards.
     */
    private String comesTo(Tool tool) {
        if (tool.comesToMm().isEmpty()) {
            return "";
        }
        if (tool.held() == Tool.Held.TIPS || tool.held() == Tool.Held.CONE || !isOther(tool)) {
            return "";
        }
        double comes = tool.comesToMm().getAsDouble();
        boolean wide = tool.sizeMm() > tool.insideMm();
        return " Let go, it springs back to about " + format.write(comes, Rounding.NEAREST) + " inside (estimate): "
                + (wide ? "squeeze it a little closer" : "ease it a little wider")
                + ", or take " + format.write(tool.insideMm(), Rounding.NEAREST) + " for it.";
    }

    /** Whether the tool is of another size than it takes. */
    private static boolean isOther(Tool tool) {
        return Math.abs(tool.sizeMm() - tool.insideMm()) > OTHER_SHARE * tool.insideMm();
    }

    /** How thick a cone is where it is gripped: at its mark, or beside it. */
    private String cone(Tool tool) {
        if (!isOther(tool)) {
            return size(tool) + " thick";
        }
        String side = tool.sizeMm() < tool.insideMm() ? "thicker" : "thinner";
        return format.write(tool.insideMm(), Rounding.NEAREST) + " thick, a little " + side + " than at the "
                + size(tool) + " mark,";
    }

    /** What a girth goes round. */
    static String round(Girth girth) {
        return girth.seat().map(s -> s.on().replace('-', ' ')).orElse("form");
    }

    /** A place of the edge as it is seen from the front. */
    private static String place(double share) {
        return PLACES.get((int) Math.round(share * PLACES.size()) % PLACES.size());
    }

    /** As nearly as hands count turns that an end or a size decides: to a quarter. */
    private static String counted(double number) {
        double quarters = Math.max(0.25, Math.round(4 * number) / 4.0);
        return Math.abs(quarters - number) < SAME_TURNS ? turns(number) : "about " + turns(quarters);
    }

    private static String turns(double number) {
        return number == 1 ? "one turn" : plain(number) + " turns";
    }

    private String spaced(double pitchMm) {
        return pitchMm == 0
                ? "each turn against the last"
                : format.write(pitchMm, Rounding.NEAREST) + " from turn to turn";
    }

    private static String percent(double share) {
        return Math.round(100 * share) + " %";
    }

    /**
     * Which way, told by the nearest that was formed before it: left and right depend on how the wire is held.
     *
     * @param apart ids of what is not bent by itself, and so known by no name at the bench
     */
    static String way(Strand strand, Element element, Set<String> apart) {
        List<Element> along = strand.elements();
        List<Element> formed = strand.inOrder();
        int at = along.indexOf(element);
        Optional<Element> nearest = formed.subList(0, formed.indexOf(element)).stream()
                .filter(e -> e.isBent() && turn(e).isPresent())
                .filter(e -> !apart.contains(e.id()))
                .reduce((a, b) -> Math.abs(along.indexOf(a) - at) < Math.abs(along.indexOf(b) - at) ? a : b);
        if (nearest.isEmpty() || turn(element).isEmpty()) {
            return "";
        }
        Element last = nearest.get();
        int from = Math.min(at, along.indexOf(last));
        int to = Math.max(at, along.indexOf(last));
        double roll = along.subList(from + 1, to + 1).stream()
                .mapToDouble(Element::rollDeg)
                .sum();
        long rolled = Math.abs(Math.round(Math.IEEEremainder(roll, FULL_TURN_DEG)));
        boolean over = rolled == FULL_TURN_DEG / 2;
        if (rolled != 0 && !over) {
            return " In a plane turned by " + rolled + "° to " + Label.the(last.label()) + ".";
        }
        return turn(element).equals(turn(last)) != over
                ? " The same way as " + Label.the(last.label()) + "."
                : " The other way from " + Label.the(last.label()) + ".";
    }

    private static Optional<Turn> turn(Element element) {
        return element.winding().side();
    }

    static String plain(double number) {
        return java.math.BigDecimal.valueOf(number)
                .setScale(2, java.math.RoundingMode.HALF_UP)
                .stripTrailingZeros()
                .toPlainString();
    }

    /**
     * What to look at afterwards.
     *
     * @param onBlock whether it can lie flat on the block: it is in one plane with what was formed before, and nothing in it stands out
     */
    String check(Element element, boolean onBlock) {
        String inside = element.woundInsideMm().isPresent()
                        && !element.winding().jawEdge()
                        && !element.winding().reshaped()
                ? "About " + format.write(element.woundInsideMm().getAsDouble(), Rounding.NEAREST) + " inside; "
                : "";
        String looks = element.accept(new Looks(onBlock));
        return inside.isEmpty() ? Character.toUpperCase(looks.charAt(0)) + looks.substring(1) : inside + looks;
    }

    /** Whether an element by itself lies on the block when it is formed: no coil, no turns round something, nothing over a stone. */
    static boolean liesFlat(Element element) {
        return Set.of(Looks.FLAT, Looks.CLOSE, Looks.WAVED).contains(element.accept(new Looks(true)));
    }

    /** What shows that a kind came out right. */
    private record Looks(boolean onBlock) implements Kind.Visitor<String> {
        private static final String SITS = "it does not slide, and no end stands out.";
        private static final String CLOSE = "it lies close all along, without a gap.";
        private static final String EVEN = "the turns are even.";
        private static final String FLAT = "it lies flat on the block.";

        private static final String WAVED = "crests are alike, and all troughs touch the block.";

        private String lies(boolean flat) {
            return flat && onBlock ? FLAT : "look at it from the side as well.";
        }

        @Override
        public String wrap(Wrap wrap) {
            return SITS;
        }

        @Override
        public String girth(Girth girth) {
            return CLOSE;
        }

        @Override
        public String across(Across across) {
            return "it touches the " + across.on().replace('-', ' ')
                    + " and does not lift when a fingernail goes under it.";
        }

        @Override
        public String reach(Reach reach) {
            return lies(true);
        }

        @Override
        public String coil(Coil coil) {
            return EVEN;
        }

        @Override
        public String knit(Knit knit) {
            return "All loops are alike, the columns run straight, and no loop is dropped.";
        }

        @Override
        public String twist(Twist twist) {
            return EVEN;
        }

        @Override
        public String spiral(Spiral spiral) {
            return lies(spiral.riseMm() == 0 && spiral.seat().isEmpty());
        }

        @Override
        public String straight(Straight straight) {
            return lies(true);
        }

        @Override
        public String bend(Bend bend) {
            return lies(true);
        }

        @Override
        public String arc(Arc arc) {
            return arc.wave().isPresent() ? WAVED : lies(true);
        }

        @Override
        public String loop(Loop loop) {
            return lies(true);
        }

        @Override
        public String curl(Curl curl) {
            return lies(true);
        }

        @Override
        public String paddle(Paddle paddle) {
            return lies(true);
        }

        @Override
        public String ball(Ball ball) {
            return lies(true);
        }

        @Override
        public String lead(Lead lead) {
            return lies(true);
        }
    }
}
