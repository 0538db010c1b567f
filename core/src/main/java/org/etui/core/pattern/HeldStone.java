package org.etui.core.pattern;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.etui.core.check.BadInput;
import org.etui.core.curve.CentreLine;
import org.etui.core.curve.Circuit;
import org.etui.core.curve.CurvePiece;
import org.etui.core.curve.Pose;
import org.etui.core.element.Bend;
import org.etui.core.element.Element;
import org.etui.core.element.Girth;
import org.etui.core.element.Outline;
import org.etui.core.element.Spiral;
import org.etui.core.element.Turn;
import org.etui.core.element.Wrap;
import org.etui.core.piece.Body;
import org.etui.core.piece.Part;
import org.etui.core.piece.PartKind;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Purpose;
import org.etui.core.piece.Strand;
import org.etui.core.section.HalfRound;
import org.etui.core.wire.Wire;
import org.etui.core.work.StrandWork;
import org.hipparchus.analysis.UnivariateFunction;
import org.hipparchus.analysis.solvers.BrentSolver;
import org.hipparchus.geometry.euclidean.threed.Vector3D;

/** Patterns that hold a stone in a bundle of wires lashed round its edge. */
abstract class HeldStone extends Pattern {
    /** Lashing and weaving wire as a share of the frame wire (common practice: two to four gauges finer). */
    private static final double FINE_SHARE = 0.5;

    static final String STONE = "stone";

    /** A pebble, until one is traced. */
    private static final String PEBBLE =
            "10 0, 9 8, 5 13, 0 14.5, -5 13, -9 8, -10.5 0, -9 -8, -5 -12.5, 0 -14, 5 -12.5, 9 -8";

    private static final String CHOSEN = "as chosen";

    static final double SCROLL_INSIDE_MM = 0.8;
    static final double SCROLL_GAP_MM = 0.4;

    /** A lashing is moved by so much of the way between two, at most, so that it lies where the bundle is straighter. */
    private static final double MOST_MOVED = 0.3;

    private static final int MOVES = 12;

    private static final double SAME_RAD = 1e-6;

    /** A bundle that turns by less under a lashing is lashed as it is, rad (engineering estimate). */
    private static final double GENTLE_RAD = 0.25;

    /** What turns by more within so much to either side is a corner, mm and rad (engineering estimate). */
    private static final double CORNER_MM = 2;

    private static final double CORNER_RAD = 0.7;

    /** Between two lashings, or beside the neck, lies at least this share of the way round (engineering estimate). */
    private static final double LEAST_SIDE = 0.002;

    /** No neck stands further from the top than this share of the way round. */
    private static final double MOST_FROM = 0.2;

    HeldStone(String name, String title, String about, List<Purpose> purposes, Wire wire, List<Parameter> parameters) {
        super(name, title, about, purposes, wire, parameters);
    }

    /** How many lashings, and where: evenly, or the first and the last as far from the top as the maker says, the others evenly between. */
    static List<Parameter> lashed(int most) {
        return List.of(
                Parameter.count("lashings", "lashings", 3, 1, most),
                Parameter.choice("lashed", "lashings lie", "evenly", CHOSEN),
                Parameter.number("firstLashingPercent", "first lashing from the top", "%", 20, 12, 45)
                        .onlyWith("lashed", CHOSEN));
    }

    /** The stone first, then how it is held. */
    @SafeVarargs
    static List<Parameter> asked(List<Parameter>... holding) {
        List<Parameter> all = new ArrayList<>(List.of(
                Parameter.choice("outline", "stone", "drop", "oval", "round", "rectangle", "shard", "traced"),
                Parameter.way("way", "stone, traced", PEBBLE).onlyWith("outline", "traced"),
                Parameter.mm("lengthMm", "stone, length", 30, 6, 150)
                        .onlyWith("outline", "drop", "oval", "rectangle", "shard")
                        .leftFree(),
                Parameter.number("widthPercent", "stone, width of its length", "%", 65, 20, 100)
                        .onlyWith("outline", "drop", "oval", "rectangle", "shard"),
                Parameter.mm("diameterMm", "stone, diameter", 22, 4, 150)
                        .onlyWith("outline", "round")
                        .leftFree(),
                Parameter.choice("points", "its point", "up", "down").onlyWith("outline", "drop", "shard"),
                Parameter.mm("thicknessMm", "stone, thickness", 6, 0.5, 60)));
        Stream.of(holding).forEach(all::addAll);
        return List.copyOf(all);
    }

    static double fineMm(Wire wire) {
        return Math.round(100 * Math.max(0.2, FINE_SHARE * wire.section().thicknessMm())) / 100.0;
    }

    /** Lashing wire by the measure {@code lashingWire}: round, or half-round and twice as wide as thick. */
    static Wire fine(Values values, Wire wire) {
        double mm = fineMm(wire);
        return values.word("lashingWire").equals("round")
                ? Wire.ofRound(wire.metal(), wire.temper(), mm)
                : new Wire(wire.metal(), wire.temper(), wire.finish(), new HalfRound(2 * mm, mm, Optional.empty()));
    }

    /** A cabochon whose upright edge takes the bundle, as far as it is high enough (an estimate: edges are not asked for). */
    static Body.Cabochon stone(Values values, Outline outline, double bundleMm) {
        double height = values.number("thicknessMm");
        return new Body.Cabochon(outline, height, Math.min(Math.max(1, bundleMm), height), 2, Optional.empty());
    }

    /** The stone as a part, joined to nothing: what lies on it says so. */
    static Part part(Values values, Body.Cabochon stone) {
        return Part.of(STONE, PartKind.STONE, "stone", values.number("thicknessMm"), Optional.of("frame-1.side-1"))
                .withBody(stone);
    }

    /** Lashings round all that lies round the stone, each between two of its sides. */
    static List<Strand> lashings(Values values, Wire fine, List<Strand> frames, double turns) {
        double t = frames.get(0).wire().section().inPlaneMm();
        return IntStream.rangeClosed(1, values.count("lashings"))
                .mapToObj(i -> {
                    List<String> hosts =
                            frames.stream().map(s -> s.id() + ".side-" + i).toList();
                    return Strand.of(
                            "lashing-" + i,
                            "Lashing " + i,
                            fine,
                            List.of(Wrap.of("lash", Wrap.Core.ofWires(frames.size(), t), turns, Turn.LEFT)
                                    .round(hosts, 1)));
                })
                .toList();
    }

    static Strand neckLashing(Values values, Wire fine, List<Strand> frames) {
        double t = frames.get(0).wire().section().inPlaneMm();
        List<String> hosts = new ArrayList<>();
        frames.forEach(s -> hosts.addAll(List.of(s.id() + ".first-neck", s.id() + ".second-neck")));
        double turns = counted(values.number("neckMm") / fine.section().acrossMm());
        return Strand.of(
                "neck",
                "Neck lashing",
                fine,
                List.of(Wrap.of("neck-lash", Wrap.Core.ofWires(hosts.size(), t), turns, Turn.LEFT)
                        .round(hosts, 0.5)));
    }

    /** So many turns as a hand counts: half turns, and one at least. */
    static double counted(double turns) {
        return Math.max(1, Math.floor(2 * turns) / 2);
    }

    static Outline outline(Values values) {
        double length = values.number("lengthMm");
        double width = length * values.number("widthPercent") / 100;
        double turned = values.word("points").equals("down") ? 180 : 0;
        return switch (values.word("outline")) {
            case "traced" -> Parameter.traced(values.word("way"));
            case "round" -> new Outline.Round(values.number("diameterMm"));
            case "oval" -> new Outline.Oval(length, width);
            case "rectangle" -> new Outline.Rectangle(length, width, Math.min(1.5, width / 4));
            case "shard" ->
                new Outline.Shard(length, width, 2 * Math.toDegrees(Math.atan(width / 2 / (0.45 * length))), turned);
            default -> new Outline.Drop(length, width, turned);
        };
    }

    /** Where lashings come between both ends of a girth, as shares of the way round. */
    static List<Double> places(Circuit round, Values values, double fineMm, double from) {
        return IntStream.rangeClosed(1, values.count("lashings"))
                .mapToObj(i -> lashedAt(round, values, fineMm, from, i))
                .toList();
    }

    /**
     * The girth cut where lashings come, from one side of the neck to the other. On a stone that is small for its wires the neck of one begins further
     * round than another is lashed: then it is lashed right there.
     */
    static List<Element> sides(
            List<Double> places, Body.Cabochon stone, double heightMm, int slot, double from, double to) {
        List<Element> sides = new ArrayList<>();
        double begins = from;
        for (int i = 0; i <= places.size(); i++) {
            double most = to - (places.size() - i) * LEAST_SIDE;
            double ends = i == places.size() ? to : Math.min(Math.max(places.get(i), begins + LEAST_SIDE), most);
            sides.add(Girth.of("side-" + (i + 1), stone.outline(), begins, ends, Turn.LEFT)
                    .on(STONE, heightMm, slot));
            begins = ends;
        }
        return sides;
    }

    /** Where a lashing comes: evenly spaced, and moved away from a corner, where no hand lashes (common practice). */
    private static double lashedAt(Circuit round, Values values, double fineMm, double from, int lashing) {
        int count = values.count("lashings");
        if (values.word("lashed").equals(CHOSEN)) {
            double apart = (values.number("lashTurns") + 1) * fineMm / round.lengthMm();
            double most = 0.5 - (count - 1) * apart / 2;
            double first = Math.max(from + LEAST_SIDE, Math.min(values.number("firstLashingPercent") / 100, most));
            return count == 1 ? first : first + (lashing - 1) * (1 - 2 * first) / (count - 1);
        }
        double part = (1 - 2 * from) / (count + 1);
        double even = from + lashing * part;
        double half = Math.min(part / 2, values.number("lashTurns") * fineMm / round.lengthMm());
        double best = even;
        for (int i = 1; i <= MOVES && bent(round, best, half) > GENTLE_RAD; i++) {
            for (int side : new int[] {1, -1}) {
                double moved = even + side * i * MOST_MOVED * part / MOVES;
                // Of two that are alike the first: which one it is must not hang on rounding.
                best = bent(round, moved, half) < bent(round, best, half) - SAME_RAD ? moved : best;
            }
        }
        return best;
    }

    /** Whether a place lies at a corner. */
    static boolean isCorner(Circuit round, double share) {
        return bent(round, share, CORNER_MM / round.lengthMm()) > CORNER_RAD;
    }

    private static double bent(Circuit round, double share, double half) {
        return round.along(share - half, share + half, 1).stream()
                .mapToDouble(CurvePiece::turnRad)
                .sum();
    }

    /** Where the girth begins, as a share of the way round, so that its neck stands half a wire from the middle. */
    static double besideTheMiddle(Circuit round, double thicknessMm) {
        return besideTheMiddle(round, thicknessMm, thicknessMm / 2);
    }

    /** The same for a neck whose middle stands so far from the middle, mm. */
    static double besideTheMiddle(Circuit round, double thicknessMm, double asideMm) {
        double radius = cornerMm(thicknessMm);
        return nearest(
                share -> aside(round, share) - radius * (1 - Math.sin(turned(round, share))) - asideMm,
                1e-9,
                MOST_FROM);
    }

    /** Where the girth ends on the other side, as a share of the way round, so that its neck stands so far from the middle, mm. */
    static double beyondTheMiddle(Circuit round, double thicknessMm, double asideMm) {
        double radius = cornerMm(thicknessMm);
        return nearest(
                share -> -aside(round, share) - radius * (1 + Math.sin(turned(round, share))) - asideMm,
                1 - MOST_FROM,
                1 - 1e-9);
    }

    /** Where what is left is nothing; on a stone so small that it never is, the end where the least is left. */
    private static double nearest(UnivariateFunction left, double from, double to) {
        double first = left.value(from);
        double last = left.value(to);
        if (first * last > 0) {
            return Math.abs(first) < Math.abs(last) ? from : to;
        }
        return new BrentSolver(1e-9).solve(100, left, from, to);
    }

    private static double cornerMm(double thicknessMm) {
        return (Bend.of("corner", 90, Turn.RIGHT).insideMm() + thicknessMm) / 2;
    }

    /** How much higher the neck begins at one place of the girth than at another, mm: the corner's middle is as high. */
    static double higherMm(Circuit round, double thicknessMm, double share, double other) {
        double radius = cornerMm(thicknessMm);
        return radius * (Math.cos(turned(round, share)) - Math.cos(turned(round, other)))
                - end(round, share).position().getY()
                + end(round, other).position().getY();
    }

    static double aside(Circuit round, double share) {
        return end(round, share).position().getX();
    }

    static double turned(Circuit round, double share) {
        Vector3D heading = end(round, share).heading();
        return Math.atan2(heading.getY(), heading.getX());
    }

    private static Pose end(Circuit round, double share) {
        List<CurvePiece> way = round.along(0, share, 1);
        return CentreLine.of(1, way).pieces().get(way.size() - 1).end();
    }

    static Spiral scroll(String id, Values values) {
        return Spiral.open(id, SCROLL_INSIDE_MM, values.number("scrollTurns"), SCROLL_GAP_MM, Turn.RIGHT);
    }

    /** Whether every wire has room to be bent as it is meant. */
    static boolean isMakeable(Piece piece) {
        try {
            return !StrandWork.all(piece).isEmpty();
        } catch (BadInput noRoom) {
            return false;
        }
    }
}
