package org.etui.core.pattern;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.stream.DoubleStream;
import org.etui.core.curve.Circuit;
import org.etui.core.element.Across;
import org.etui.core.element.Arc;
import org.etui.core.element.Bend;
import org.etui.core.element.Element;
import org.etui.core.element.Loop;
import org.etui.core.element.Reach;
import org.etui.core.element.Straight;
import org.etui.core.element.Target;
import org.etui.core.element.Turn;
import org.etui.core.element.Wrap;
import org.etui.core.metal.Metal;
import org.etui.core.metal.Temper;
import org.etui.core.piece.Allowance;
import org.etui.core.piece.Body;
import org.etui.core.piece.HandleAt;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Purpose;
import org.etui.core.piece.Solid;
import org.etui.core.piece.Strand;
import org.etui.core.wire.Wire;

/**
 * A stone held by its own frame: the ends of the foremost wires cross over the front and are tucked under, those of the hindmost cross over the back
 * and are tied; all others meet in a lashed neck, where some are laid side by side and bent over into a bail and the rest end in scrolls.
 */
final class WovenFront extends HeldStone {
    /** How far a tucked end reaches under the stone, as a share of the width, and at most, mm (common practice: 3 to 5 mm). */
    private static final double LEAST_CORNER_DEG = 1;

    private static final double TUCK_SHARE = 0.25;

    private static final double MOST_TUCK_MM = 4;

    /** Where the foremost wire leaves the edge for the front, and how much sooner the next one does, as shares of the way round. */
    private static final double LEAVES = 0.14;

    /** So much nearer to the top it crosses: between lies its turn, as a share of the way round. */
    private static final double TURNS_OVER = 0.07;

    private static final double LEAVES_SOONER = 0.03;

    /** Between these shares of the way round a wire may go down over the far edge, clear of the lashings. */
    private static final double DOWN_FROM = 0.3;

    private static final double DOWN_TO = 0.4;
    private static final double DOWN_STEP = 0.01;

    /** The back wires are led beside where others are tucked under, so far from it, as a share of the way round. */
    private static final double BESIDE = 0.07;

    private static final double MIDDLE_DOWN = 0.35;

    /** A wire bent over a face leaves it so much before the near edge and is led on along the edge, as a share of the way over. */
    private static final double LED = 0.18;

    /** The ends of the back wires stop short of the far edge, as a share of the way over. */
    private static final double BACK_ENDS = 0.8;

    private static final double TIE_TURNS = 2;

    /** How much of the neck each of its lashings takes, and the gap between them, mm. */
    private static final double LOWER = 0.22;

    private static final double UPPER = 0.55;
    private static final double GAP_MM = 0.15;
    private static final double ROOM = 1.05;

    /** Between a lashing and a wire that goes down beside it, thicknesses. */
    private static final double CLEAR = 3;

    private static final double SEMICIRCLE_DEG = 180;

    WovenFront() {
        super(
                "woven-front",
                "Woven front",
                "A stone held by its own frame wires, crossed over the front and tied behind, with a bail of several wires.",
                List.of(Purpose.PENDANT, Purpose.DECORATIVE),
                Wire.ofAwg(Metal.COPPER, Temper.DEAD_SOFT, "20"),
                asked(
                        List.of(
                                Parameter.count("frameWires", "frame wires", 4, 3, 8),
                                Parameter.count("frontWires", "of them over the front", 1, 1, 3)),
                        lashed(8),
                        List.of(
                                Parameter.number("lashTurns", "each lashing, turns", "turns", 4, 1, 20),
                                Parameter.choice("lashingWire", "lashing wire", "half-round", "round"),
                                Parameter.mm("neckMm", "neck", 6, 2, 40),
                                Parameter.choice("bailWires", "wires side by side in the bail", "2", "4"),
                                Parameter.mm("bailInsideMm", "bail, inside", 5, 2, 30)),
                        Ends.asked(1.5)));
    }

    /** What is laid out for every wire of the frame. */
    private record Frame(
            Values values,
            Wire wire,
            Wire fine,
            Body.Cabochon stone,
            List<Double> lashed,
            double downAt,
            int front,
            boolean back) {
        double thick() {
            return wire.section().inPlaneMm();
        }

        double across() {
            return wire.section().acrossMm();
        }

        int wires() {
            return values.count("frameWires");
        }

        /** The hindmost wire that goes up into the neck. */
        int firstNeck() {
            return back ? 1 : 0;
        }

        /** Wires of the frame that are bent into the bail: each with both ends. */
        int bail() {
            return Math.min(Integer.parseInt(values.word("bailWires")) / 2, wires() - firstNeck() - front);
        }

        Neck neck() {
            return Neck.of(this);
        }

        /** So far wires that end in scrolls go on above the neck, mm. */
        double aboveLashingMm() {
            return bail() * (fine.section().acrossMm() + thick());
        }

        /** How high scrolls stand above the neck, mm; 0 where there are none. */
        double scrollsToMm() {
            double scroll = SCROLL_INSIDE_MM / 2 + thick() + values.number("scrollTurns") * (thick() + SCROLL_GAP_MM);
            return bail() < wires() - firstNeck() - front ? aboveLashingMm() + scroll + thick() : 0;
        }

        /** Where the back wires are led to. */
        double backAt() {
            return downAt > MIDDLE_DOWN ? downAt - BESIDE : downAt + BESIDE;
        }

        /** Turns of each lashing: as asked for, as far as they leave room for the wires that go down beside it. */
        double lashTurns(double roundMm) {
            double asked = values.number("lashTurns");
            double room = Math.min(
                                    Math.min(
                                            clear(lashed, downAt), clear(lashed, downAt - (front - 1) * LEAVES_SOONER)),
                                    clear(lashed, LEAVES))
                            * roundMm
                    - CLEAR * thick();
            return front == 0
                    ? asked
                    : Math.max(1, Math.min(asked, 2 * room / fine.section().acrossMm()));
        }

        Circuit round(int slot) {
            Solid solid = new Solid(stone);
            return solid.girth(solid.lie(across() / 2, slot, thick() / 2, across()));
        }

        List<Element> sides(int slot, double from, double to) {
            return HeldStone.sides(lashed, stone, across() / 2, slot, from, to);
        }
    }

    /** As many wires over the faces as there is room for: where the stone is small for its wire the others go up into the neck. */
    @Override
    Piece build(Values values, Wire wire, Purpose purpose) {
        return Ends.made(values, wire, v -> woven(v, wire, purpose));
    }

    private Piece woven(Values values, Wire wire, Purpose purpose) {
        int front = Math.min(values.count("frontWires"), values.count("frameWires") - 2);
        for (int over = front; over > 0; over--) {
            Piece piece = build(values, wire, purpose, over, true);
            if (isMakeable(piece)) {
                return piece.withNotes(told(values.count("frontWires"), over));
            }
        }
        return build(values, wire, purpose, 0, false).withNotes(told(values.count("frontWires"), 0));
    }

    /** What could not be as it was asked for. */
    private static String told(int asked, int over) {
        if (over == asked) {
            return "";
        }
        return over == 0
                ? "This stone has no room for wires over its front in this wire: all go up into the neck."
                : "There is room for " + (over == 1 ? "one wire" : over + " wires")
                        + " over the front; the others go up into the neck.";
    }

    private Piece build(Values values, Wire wire, Purpose purpose, int front, boolean back) {
        Wire fine = fine(values, wire);
        Body.Cabochon stone = stone(
                values,
                outline(values),
                values.count("frameWires") * wire.section().acrossMm());
        Frame bare = new Frame(values, wire, fine, stone, List.of(), 0, front, back);
        Circuit round = bare.round(0);
        List<Double> lashed = places(round, values, fine.section().acrossMm(), besideTheMiddle(round, bare.thick()));
        Frame frame = new Frame(values, wire, fine, stone, lashed, downAt(lashed), front, back);
        List<Strand> frames = new ArrayList<>();
        for (int slot = 0; slot < frame.wires(); slot++) {
            frames.add(frameWire(frame, slot));
        }
        List<Strand> necks = frames.subList(frame.firstNeck(), frame.wires() - frame.front());
        List<Strand> strands = new ArrayList<>(frames);
        strands.addAll(lashings(values, fine, frames, frame.lashTurns(round.lengthMm())));
        if (back) {
            strands.add(Strand.of(
                    "back-tie",
                    "Back tie",
                    Wire.ofRound(wire.metal(), wire.temper(), fineMm(wire)),
                    List.of(Wrap.of("tie", Wrap.Core.ofWires(2, frame.thick()), TIE_TURNS, Turn.LEFT)
                            .round(List.of("frame-1.first-back", "frame-1.second-back"), 0.5))));
        }
        strands.addAll(neckLashings(frame, necks));
        return Piece.of(title(), purpose, strands).withParts(List.of(part(values, stone)), List.of());
    }

    /** Where wires go down over the far edge: as far from the lashings as there is room. */
    private static double downAt(List<Double> lashed) {
        return DoubleStream.iterate(DOWN_FROM, at -> at <= DOWN_TO, at -> at + DOWN_STEP)
                .boxed()
                .max((a, b) -> Double.compare(clear(lashed, a), clear(lashed, b)))
                .orElseThrow();
    }

    private static double clear(List<Double> lashed, double at) {
        return lashed.stream()
                .mapToDouble(l -> Math.min(Math.abs(l - at), Math.abs(1 - l - at)))
                .min()
                .orElseThrow();
    }

    private static Strand frameWire(Frame frame, int slot) {
        int fromFront = frame.wires() - 1 - slot;
        List<Element> elements = slot < frame.firstNeck()
                ? backWire(frame)
                : fromFront < frame.front() ? frontWire(frame, slot, fromFront) : neckWire(frame, slot);
        List<String> ids = elements.stream().map(Element::id).toList();
        List<String> order = new ArrayList<>(
                ids.stream().filter(id -> id.startsWith("side-")).toList());
        order.addAll(ids.stream().filter(id -> id.endsWith("-corner")).toList());
        // From the stone outwards at either end.
        List<String> first = new ArrayList<>(ids.subList(0, ids.indexOf("side-1")));
        Collections.reverse(first);
        order.addAll(first.stream().filter(id -> !order.contains(id)).toList());
        order.addAll(ids.stream().filter(id -> !order.contains(id)).toList());
        return Strand.of("frame-" + (slot + 1), "Frame wire " + (slot + 1), frame.wire(), elements)
                .withOrder(order)
                .withAllowance(Allowance.usual().withHandleAt(HandleAt.NONE));
    }

    /** Tucked under, over the front, round the stone, over the front the other way, tucked under. */
    private static List<Element> frontWire(Frame frame, int slot, int fromFront) {
        double leaves = LEAVES - fromFront * LEAVES_SOONER;
        double over = leaves - TURNS_OVER;
        double down = frame.downAt() - fromFront * LEAVES_SOONER;
        double wide = 2 * Math.sqrt(frame.stone().outline().areaMm2() / Math.PI);
        double tucked = Math.min(MOST_TUCK_MM, TUCK_SHARE * wide) / wide;
        List<Element> elements = new ArrayList<>();
        elements.add(
                Across.of("first-tuck", STONE, Across.Face.BACK, over, 1 - down).part(1 - tucked, 1));
        elements.add(Across.of("first-over", STONE, Across.Face.FRONT, 1 - down, over)
                .part(0, 1 - LED));
        elements.add(Reach.of("first-turn"));
        elements.addAll(frame.sides(slot, leaves, 1 - leaves));
        elements.add(Reach.of("second-turn"));
        elements.add(Across.of("second-over", STONE, Across.Face.FRONT, 1 - over, down)
                .part(LED, 1));
        elements.add(Across.of("second-tuck", STONE, Across.Face.BACK, down, 1 - over)
                .part(0, tucked));
        return elements;
    }

    /** Over the back, round the stone, over the back the other way. */
    private static List<Element> backWire(Frame frame) {
        List<Element> elements = new ArrayList<>();
        elements.add(Across.of("first-back", STONE, Across.Face.BACK, 1 - frame.backAt(), LEAVES - TURNS_OVER)
                .part(1 - BACK_ENDS, 1 - LED));
        elements.add(Reach.of("first-turn"));
        elements.addAll(frame.sides(0, LEAVES, 1 - LEAVES));
        elements.add(Reach.of("second-turn"));
        elements.add(Across.of("second-back", STONE, Across.Face.BACK, 1 - LEAVES + TURNS_OVER, frame.backAt())
                .part(LED, BACK_ENDS));
        return elements;
    }

    /** From the side of the stone up into the neck; on a stone as small as the wire is thick there is next to nothing to bend. */
    private static Bend corner(String id, double deg) {
        return Bend.of(id, Math.max(LEAST_CORNER_DEG, deg), Turn.RIGHT);
    }

    /** Up at both ends: into the bail the foremost of them, into scrolls the others. */
    private static List<Element> neckWire(Frame frame, int slot) {
        double t = frame.thick();
        int last = frame.wires() - frame.front() - 1;
        boolean bail = slot > last - frame.bail();
        Circuit round = frame.round(slot);
        double from = besideTheMiddle(round, t, t / 2 + (bail ? t * (last - slot) : 0));
        double to = beyondTheMiddle(round, t, t / 2 + (bail ? t * (last - slot) : 0));
        Bail loop = Bail.of(frame, slot);
        double neck = frame.neck().topMm() + (bail ? loop.dropMm() + loop.raisedMm() : frame.aboveLashingMm());
        List<Element> elements = new ArrayList<>(bail ? loop.first() : List.of(scroll("first-scroll", frame.values())));
        elements.add(Straight.of("first-neck", neck).rolled(bail ? 90 : 0));
        elements.add(corner("first-corner", 90 - Math.toDegrees(turned(round, from))));
        elements.addAll(frame.sides(slot, from, to));
        elements.add(corner("second-corner", 90 + Math.toDegrees(turned(round, to))));
        elements.add(Straight.of("second-neck", Math.max(t, neck + higherMm(round, t, from, to))));
        elements.addAll(
                bail
                        ? loop.second()
                        : List.of(scroll("second-scroll", frame.values()).inward()));
        return elements;
    }

    /**
     * A wire's end bent over to the back and brought down behind the neck: the loop turns on until the wire comes back to the neck, and is bent straight.
     *
     * @param insideMm of the loop, mm
     * @param onDeg how far it turns beyond a semicircle, degrees
     * @param dropMm how far below the beginning of the loop the wire is straight again, mm
     * @param raisedMm how much higher it stands than it has to, above the scrolls, mm
     * @param tailMm how long it lies along the neck, mm
     */
    private record Bail(double insideMm, double onDeg, double dropMm, double raisedMm, double tailMm) {
        static Bail of(Frame frame, int slot) {
            double t = frame.thick();
            // A loop that goes round the neck is at least as wide.
            double behind = (slot - frame.firstNeck() + 1) * frame.across();
            double inside = Math.max(frame.values().number("bailInsideMm"), ROOM * behind - t);
            double radius = (inside + t) / 2;
            double back = (inside / 2 + t) / 2;
            // Two arcs that lead down at a distance behind: R + R·cos a − r·(1 − cos a) = d.
            double on = Math.acos((behind - radius + back) / (radius + back));
            double drop = (radius + back) * Math.sin(on);
            double raised = Math.max(0, frame.scrollsToMm() - drop);
            return new Bail(
                    inside,
                    Math.toDegrees(on),
                    drop,
                    raised,
                    frame.neck().topMm() - frame.neck().tailsMm() + raised);
        }

        private Loop loop(String id, Turn turn, double rollDeg) {
            double turns = (SEMICIRCLE_DEG + onDeg) / (2 * SEMICIRCLE_DEG);
            return new Loop(id, insideMm, turns, turn, false, false, rollDeg, Optional.empty(), Target.RELEASED);
        }

        /** From its tail up, over to the front and down. */
        List<Element> first() {
            return List.of(
                    Straight.of("first-tail", tailMm),
                    Arc.of("first-return", insideMm / 2, onDeg, Turn.RIGHT),
                    loop("first-bail", Turn.LEFT, 0));
        }

        /** Up, over to the back and down. */
        List<Element> second() {
            return List.of(
                    loop("second-bail", Turn.RIGHT, 90),
                    Arc.of("second-return", insideMm / 2, onDeg, Turn.LEFT),
                    Straight.of("second-tail", tailMm));
        }
    }

    /**
     * The neck from the stone upwards: a lashing round what leads up, then one round the ends of the bail as well, mm. It is as long as asked for, or as
     * its lashings need.
     *
     * @param lowerMm the middle of the first
     * @param lowerTurns its turns
     * @param tailsMm where the ends of the bail begin
     * @param upperMm the middle of the second
     * @param upperTurns its turns
     * @param topMm where the neck ends
     */
    private record Neck(
            double lowerMm, double lowerTurns, double tailsMm, double upperMm, double upperTurns, double topMm) {
        static Neck of(Frame frame) {
            double wide = frame.fine().section().acrossMm();
            double asked = frame.values().number("neckMm");
            double lower = counted(LOWER * asked / wide);
            double upper = counted(UPPER * asked / wide);
            // The wider the neck, the higher its corners stand over a pointed top.
            double begins = (2 * Math.max(1, frame.bail()) - 1) * frame.thick() + wide / 2;
            double tails = begins + (lower + 0.5) * wide + frame.thick() / 2 + 5 * GAP_MM;
            double second = begins + (lower + 1) * wide + GAP_MM;
            double top = second + (upper + 0.5) * wide + GAP_MM;
            return new Neck(
                    begins + lower * wide / 2,
                    lower,
                    Math.max(tails, second),
                    second + upper * wide / 2,
                    upper,
                    Math.max(asked, top));
        }
    }

    private static List<Strand> neckLashings(Frame frame, List<Strand> necks) {
        List<String> hosts = new ArrayList<>();
        necks.forEach(s -> hosts.addAll(List.of(s.id() + ".first-neck", s.id() + ".second-neck")));
        List<String> tails = necks.stream()
                .flatMap(s -> s.elements().stream()
                        .map(Element::id)
                        .filter(id -> id.endsWith("-tail"))
                        .map(id -> s.id() + "." + id))
                .toList();
        Neck neck = frame.neck();
        double first = ((Straight) necks.get(0).element("first-neck").orElseThrow()).lengthMm();
        Wrap lower = neckLash("neck-lash", hosts, frame, neck.lowerTurns(), 1 - neck.lowerMm() / first);
        hosts.addAll(tails);
        Wrap upper = neckLash("bail-lash", hosts, frame, neck.upperTurns(), 1 - neck.upperMm() / first);
        return List.of(
                Strand.of("neck", "Neck lashing", frame.fine(), List.of(lower)),
                Strand.of("bail-lashing", "Bail lashing", frame.fine(), List.of(upper)));
    }

    private static Wrap neckLash(String id, List<String> hosts, Frame frame, double turns, double at) {
        return Wrap.of(id, Wrap.Core.ofWires(hosts.size(), frame.thick()), turns, Turn.LEFT)
                .round(hosts, at);
    }
}
