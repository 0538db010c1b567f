package org.etui.core.pattern;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.IntStream;
import org.etui.core.act.Act;
import org.etui.core.act.With;
import org.etui.core.check.Word;
import org.etui.core.element.Element;
import org.etui.core.element.Loop;
import org.etui.core.element.Paddle;
import org.etui.core.element.Straight;
import org.etui.core.element.Turn;
import org.etui.core.metal.Metal;
import org.etui.core.metal.Temper;
import org.etui.core.piece.Allowance;
import org.etui.core.piece.Body;
import org.etui.core.piece.HandleAt;
import org.etui.core.piece.Join;
import org.etui.core.piece.Part;
import org.etui.core.piece.PartKind;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Place;
import org.etui.core.piece.Purpose;
import org.etui.core.piece.Strand;
import org.etui.core.piece.Work;
import org.etui.core.wire.Wire;

/**
 * Loop, length and flattened end, in a graded series: longest in the middle, or growing from one side to the other.
 */
final class GradedDrops extends Pattern {
    private static final String SINGLE = "single";
    private static final String PLAIN = "none";
    private static final String LOOSE = "nothing";
    private static final String BAR = "wire";
    private static final String CORD = "beading wire";
    private static final String CHAIN = "chain";
    private static final String HANGER = "hanger";

    /** What is strung has so much room to move, mm (engineering estimate). */
    private static final double ROOM_MM = 1;

    /** Beading wire is about that thick, mm (common practice). */
    private static final double CORD_MM = 0.4;

    /** Beyond the drops beading wire goes on to either side, mm: to a crimp and back (engineering estimate). */
    private static final double CORD_END_MM = 60;

    /** The rolled ends of a hanger stand so far apart, mm (engineering estimate). */
    private static final double ROLLS_APART_MM = 1;

    /** The point of a hanger (common practice). */
    private static final double HANGER_DEG = 70;

    /** Of two turns a loop does not open, and sits wider on what it is strung on. */
    private static final int DOUBLE_TURNS = 2;

    GradedDrops() {
        super(
                "graded-drops",
                "Graded drops",
                "A row of paddle drops whose lengths step: a waterfall, or chimes.",
                List.of(Purpose.DECORATIVE, Purpose.PENDANT),
                Wire.ofAwg(Metal.COPPER, Temper.DEAD_SOFT, "18"),
                List.of(
                        Parameter.choice("series", "series", "waterfall", "chimes"),
                        Parameter.count("drops", "drops", 7, 3, 15),
                        Parameter.mm("shortestMm", "shortest", 12, 2, 100),
                        Parameter.mm("stepMm", "step", 4, 0.5, 30).leftFree(),
                        Parameter.choice("loops", "loops", SINGLE, "double"),
                        Parameter.mm("loopInsideMm", "loops, inside", 2.5, 0.5, 15),
                        Parameter.mm("paddleMm", "paddles, length", 5, 2, 20),
                        Parameter.number("paddlePercent", "paddles, of the wire", "%", 60, 30, 95),
                        Parameter.choice("marks", "hammer marks", PLAIN, "dimples", "lines"),
                        Parameter.choice("strung", "strung on", LOOSE, BAR, CORD, CHAIN, HANGER),
                        Parameter.count("between", "beads between two", 1, 0, 9).onlyWith("strung", BAR, CORD),
                        Parameter.mm("beadMm", "beads, along the wire", 4, 1, 20)
                                .onlyWith("strung", BAR, CORD)));
    }

    @Override
    Piece build(Values values, Wire wire, Purpose purpose) {
        int drops = values.count("drops");
        boolean waterfall = values.word("series").equals("waterfall");
        double apart = values.word("strung").equals(LOOSE)
                ? values.number("loopInsideMm") + 5 * wire.section().widthMm()
                : pitchMm(values, wire);
        // On a hanger the rolled ends part them.
        double part = values.word("strung").equals(HANGER) ? rollsMm(values, wire) : 0;
        List<Strand> strands = new ArrayList<>();
        List<Work> work = new ArrayList<>();
        for (int i = 0; i < drops; i++) {
            int steps = waterfall ? Math.min(i, drops - 1 - i) : i;
            double length = values.number("shortestMm") + steps * values.number("stepMm");
            List<Element> elements = List.of(
                    loop(values),
                    Straight.of("run", length),
                    Paddle.of("paddle", values.number("paddleMm"), paddleTo(values, wire)));
            strands.add(Strand.of("drop-" + (i + 1), "Drop " + (i + 1), wire, elements)
                    .withAllowance(Allowance.usual().withHandleAt(HandleAt.NONE))
                    .withPlace(new Place(i * apart + (i < (drops + 1) / 2 ? 0 : part), 0, 0, -90)));
            if (!values.word("marks").equals(PLAIN)) {
                work.add(marks(values, strands.get(i).id()));
            }
        }
        Piece loose = Piece.of(title(), purpose, strands).withWork(work);
        return switch (values.word("strung")) {
            case BAR -> onBar(loose, values, wire, apart);
            case CORD -> onCord(loose, values, apart);
            case CHAIN -> onChain(loose, values, wire);
            case HANGER -> onHanger(loose, values, wire, apart);
            default -> loose;
        };
    }

    /** From drop to drop: loops beside each other, or a loop across what it is strung on and beads. */
    private static double pitchMm(Values values, Wire wire) {
        int turns = values.word("loops").equals(SINGLE) ? 1 : DOUBLE_TURNS;
        boolean strung =
                values.word("strung").equals(BAR) || values.word("strung").equals(CORD);
        double beads = strung ? values.count("between") * values.number("beadMm") : 0;
        double side = values.number("loopInsideMm") + 2 * wire.section().inPlaneMm();
        return beads > 0 ? turns * wire.section().acrossMm() + beads : side;
    }

    /** What both rolled ends of a hanger take of its foot. */
    private static double rollsMm(Values values, Wire wire) {
        return 2 * rollMm(values) + 4 * wire.section().inPlaneMm() + ROLLS_APART_MM;
    }

    private static double rollMm(Values values) {
        return Math.max(1, Math.min(6, values.number("loopInsideMm")));
    }

    private static Optional<Part> beads(Values values, String on) {
        int count = values.count("between") * (values.count("drops") - 1);
        return count == 0
                ? Optional.empty()
                : Optional.of(Part.of("bead", PartKind.BEAD, "glass", values.number("beadMm"), Optional.of(on))
                        .times(count));
    }

    private static List<Join> strung(int drops, String on) {
        return IntStream.rangeClosed(1, drops)
                .mapToObj(i -> new Join("drop-" + i + ".loop", on, Optional.of(Join.How.THREADED)))
                .toList();
    }

    private static Piece with(Piece loose, List<Strand> more, List<Part> parts, List<Join> joins) {
        List<Strand> strands = new ArrayList<>(loose.strands());
        strands.addAll(more);
        return Piece.of(loose.name(), loose.purpose(), strands)
                .withParts(parts, joins)
                .withWork(loose.work());
    }

    /** A straight wire with an eye at both ends, as long as what is strung on it and a little. */
    private static Piece onBar(Piece loose, Values values, Wire wire, double apart) {
        int drops = values.count("drops");
        double inside = values.number("loopInsideMm");
        double run = (drops - 1) * pitchMm(values, wire) + wire.section().acrossMm() + ROOM_MM;
        double middle = (drops - 1) * apart / 2 + (inside + wire.section().inPlaneMm()) / 2;
        Strand bar = Strand.of(
                        "bar",
                        "Bar",
                        wire,
                        List.of(
                                Loop.thatOpens("first-eye", inside, Turn.LEFT),
                                Straight.of("run", run),
                                Loop.thatOpens("second-eye", inside, Turn.LEFT)))
                .withAllowance(Allowance.usual().withHandleAt(HandleAt.NONE))
                .withPlace(new Place(middle - run / 2, 0, 0, 0));
        return with(loose, List.of(bar), beads(values, "bar.run").stream().toList(), strung(drops, "bar.run"));
    }

    /** Each in a link of its own of a bought chain. */
    private static Piece onChain(Piece loose, Values values, Wire wire) {
        Part chain = Part.of("chain", PartKind.FINDING, Word.plain(wire.metal()) + " chain", 4, Optional.empty());
        List<Join> joins = IntStream.rangeClosed(1, values.count("drops"))
                .mapToObj(i -> Join.of("drop-" + i + ".loop", "chain"))
                .toList();
        return with(loose, List.of(), List.of(chain), joins);
    }

    private static Piece onCord(Piece loose, Values values, double apart) {
        int drops = values.count("drops");
        double length = (drops - 1) * apart + 2 * CORD_END_MM;
        List<Part> parts = new ArrayList<>();
        parts.add(Part.of("beading-wire", PartKind.CORD, "beading wire", CORD_MM, Optional.empty())
                .withBody(new Body.Cord(CORD_MM, OptionalDouble.of(length))));
        List<Join> joins = new ArrayList<>(strung(drops, "beading-wire"));
        beads(values, "beading-wire").ifPresent(b -> {
            parts.add(b.renamed("bead", Optional.empty()));
            joins.add(Join.of("bead", "beading-wire"));
        });
        return with(loose, List.of(), parts, joins);
    }

    /** On the foot of a hanger, one half on either side of its rolled ends; with an odd number the left takes one more. */
    private static Piece onHanger(Piece loose, Values values, Wire wire, double apart) {
        int drops = values.count("drops");
        int left = (drops + 1) / 2;
        double roll = rollMm(values);
        double side = left * apart + ROOM_MM;
        double foot = Math.max(32, 2 * side + rollsMm(values, wire));
        double ofLoop = (values.number("loopInsideMm") + wire.section().inPlaneMm()) / 2;
        double middle = left * apart - apart / 2 + ofLoop + rollsMm(values, wire) / 2;
        double up = foot / 2 / Math.tan(Math.toRadians(HANGER_DEG / 2));
        Strand hanger = ChimeHanger.hanger(wire, foot, HANGER_DEG, roll, ROLLS_APART_MM)
                .withPlace(new Place(middle, up, 0, 90 - HANGER_DEG / 2));
        List<Join> joins = new ArrayList<>(strung(left, "hanger.second-foot"));
        joins.addAll(strung(drops, "hanger.first-foot").subList(left, drops));
        return with(loose, List.of(hanger), List.of(), joins);
    }

    private static Loop loop(Values values) {
        double inside = values.number("loopInsideMm");
        return values.word("loops").equals(SINGLE)
                ? Loop.thatOpens("loop", inside, Turn.LEFT)
                : Loop.of("loop", inside, Turn.LEFT).of(DOUBLE_TURNS);
    }

    /** Marks along the whole length, loop left as it is. */
    private static Work marks(Values values, String strand) {
        With with = values.word("marks").equals("dimples") ? With.BALL_HAMMER : With.CROSS_HAMMER;
        return new Work("marks-" + strand, strand, List.of("run"), "forming", new Act.Texture(with));
    }
}
