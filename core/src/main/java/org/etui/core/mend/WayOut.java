package org.etui.core.mend;

import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Predicate;
import java.util.stream.Stream;
import org.etui.core.check.BadInput;
import org.etui.core.check.Term;
import org.etui.core.check.Word;
import org.etui.core.measure.LengthFormat;
import org.etui.core.mechanics.FormedBy;
import org.etui.core.mechanics.Load;
import org.etui.core.metal.Temper;
import org.etui.core.pattern.Patterns;
import org.etui.core.pattern.Remake;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Purpose;
import org.etui.core.rule.Bench;
import org.etui.core.rule.Stronger;
import org.etui.core.tool.OwnedTool;
import org.etui.core.tool.Toolbox;
import org.etui.core.verify.PieceChecks;
import org.etui.core.wire.Wire;
import org.etui.core.work.Reading;
import org.etui.core.work.StrandWork;

/**
 * A way out for a finished hook that fails: what can be done to it first, then what it takes to make it anew.
 *
 * @param instead in words
 * @param needs what it takes
 * @param piece the hook with it, as a document
 * @param holdsN what it holds then; absent where nothing pulls it open
 * @param strainLeft what the metal still stands then
 * @param formedBy what forming takes
 */
public record WayOut(
        @Term("in words") String instead,
        @Term("what it takes") Needs needs,
        @Term("the hook with it, as a document") Piece piece,

        @Term("what it holds then, N; absent where nothing pulls it open")
        OptionalDouble holdsN,

        @Term("what the metal still stands then, strain") double strainLeft,
        @Term("what forming takes") FormedBy formedBy) {

    /** What a way out takes, the least first. */
    public enum Needs {
        /** Only tools that are owned, on the hook as it is. */
        TOOLS_OWNED,
        /** A new one of the same wire, on a tool that is owned. */
        MADE_ANEW,
        /** Other wire. */
        OTHER_WIRE
    }

    /** How a hook fails. */
    public enum Failure {
        /** It is pulled open. */
        OPENS,
        /** It breaks. */
        SNAPS,
        /** What it holds slips off. */
        TOO_LOOSE
    }

    /**
     * What was measured.
     *
     * @param wire of the hook as it was bought, as far as that is known
     * @param insideMm inside of its bend, mm
     * @param purpose what it closes
     * @param fails how it fails
     */
    public record Measured(Wire wire, double insideMm, Purpose purpose, Failure fails) {}

    /**
     * What stands of a hook that was measured.
     *
     * @param piece a piece with that hook
     * @param element id of its bend
     * @param holdsN what the bend holds as worked out; absent where nothing pulls it open
     * @param wantsN what it has to hold for a way out: what the purpose needs, or more where it fails although it holds that
     * @param strainLeft what the metal still stands
     * @param says how that fits with how it fails
     * @param ways the ways out, what takes least first
     */
    public record Found(
            @Term("a piece with that hook") Piece piece,
            @Term("id of its bend") String element,

            @Term("what the bend holds as worked out, N; absent where nothing pulls it open")
            OptionalDouble holdsN,

            @Term(
                    "what it has to hold, N: what the purpose needs, or more where it fails although it holds that, an estimate")
            double wantsN,

            @Term("what the metal still stands, strain") double strainLeft,
            @Term("how that fits with how it fails") String says,

            @Term("the ways out, what takes least first") List<WayOut> ways) {}

    private static final String PATTERN = "hook-clasp";
    private static final String BEND = "hook-bend";
    private static final String INSIDE = "hookInsideMm";

    /** A hook that fails although it should hold is given this much more to hold (engineering estimate). */
    private static final double MORE = 1.3;

    /** Sizes tried of a hook made anew, as shares of its inside. */
    private static final double TIGHTEST = 0.55;

    private static final double WIDEST = 1.8;

    /**
     * The ways out of a hook that was measured.
     *
     * @param format how lengths are said
     * @throws BadInput if such a hook cannot be
     */
    public static Found of(Measured measured, Toolbox box, LengthFormat format) {
        Piece piece = Patterns.find(PATTERN)
                .orElseThrow()
                .make(
                        Map.of(INSIDE, measured.insideMm()),
                        Optional.of(measured.wire()),
                        Optional.of(measured.purpose()))
                .withName("Measured hook");
        PieceChecks.require(piece);
        Reading bend = bend(piece);
        double holds = bend.standsN().orElse(0);
        double asked = measured.purpose().wantsN();
        boolean against = measured.fails() == Failure.OPENS && holds >= asked;
        double wants = against ? MORE * holds : asked;
        Stream<WayOut> ways = switch (measured.fails()) {
            case OPENS -> Stream.concat(strengthened(piece, wants, box, format), tighter(piece, wants, box, format));
            case SNAPS -> Stream.concat(wider(piece, bend, box, format), softer(piece, bend));
            case TOO_LOOSE -> Stream.concat(closed(piece), tighter(piece, 0, box, format));
        };
        List<WayOut> ranked =
                ways.sorted(Comparator.comparing(WayOut::needs)).distinct().toList();
        return new Found(
                piece,
                BEND,
                bend.standsN(),
                wants,
                bend.strainLeft(),
                says(measured, holds, asked, bend.strainLeft()),
                ranked);
    }

    private static String says(Measured measured, double holds, double asked, double left) {
        String load = "By the model it holds " + Load.inWords(holds);
        String wants = "a " + measured.purpose().inWords() + " needs " + Load.inWords(asked);
        return switch (measured.fails()) {
            case OPENS ->
                holds < asked
                        ? load + "; " + wants + ". That is why it opens."
                        : load + ", and " + wants
                                + ". It opens all the same, so the load is greater or the wire softer than thought: the"
                                + " ways out hold a third more.";
            case SNAPS ->
                left > 0.3
                        ? String.format(
                                Locale.ROOT,
                                "Forming alone leaves %.2f of strain, an estimate. A snap comes from opening it to and fro,"
                                        + " from a hammer over a crossing, from a nick, or from wire that was harder.",
                                left)
                        : "Forming it used up what the metal stands.";
            case TOO_LOOSE ->
                load + "; what slips off is a matter of size: the mouth is wide, or the bend larger than what hangs in"
                        + " it needs.";
        };
    }

    private static Reading bend(Piece piece) {
        return StrandWork.of(piece, piece.strands().get(0)).reading(BEND);
    }

    private static Stream<WayOut> strengthened(Piece piece, double wants, Toolbox box, LengthFormat format) {
        List<StrandWork> works = StrandWork.all(piece);
        int at = works.get(0).strand().elements().stream()
                .map(e -> e.id())
                .toList()
                .indexOf(BEND);
        return Stronger.ways(Bench.of(piece, works, box, format), 0, at, wants)
                .map(way -> of(way.instead(), way.byOwnTools() ? Needs.TOOLS_OWNED : Needs.OTHER_WIRE, way.piece()));
    }

    /** On a smaller tool that is owned: the largest that does. */
    private static Stream<WayOut> tighter(Piece piece, double wants, Toolbox box, LengthFormat format) {
        double inside = inside(piece);
        return sizes(box, s -> s < inside - 0.2 && s > TIGHTEST * inside)
                .sorted(Comparator.reverseOrder())
                .map(s -> resized(piece, s, "tighter", format))
                .flatMap(Optional::stream)
                .filter(way -> way.holdsN().orElse(0) >= wants)
                .limit(1);
    }

    /** On a larger tool that is owned: the smallest that spares the metal a tenth of its strain. */
    private static Stream<WayOut> wider(Piece piece, Reading bend, Toolbox box, LengthFormat format) {
        double inside = inside(piece);
        return sizes(box, s -> s > inside + 0.2 && s < WIDEST * inside)
                .sorted()
                .map(s -> resized(piece, s, "wider", format))
                .flatMap(Optional::stream)
                .filter(way -> way.strainLeft() > bend.strainLeft() + 0.1 * bend.strain())
                .limit(1);
    }

    private static Stream<WayOut> softer(Piece piece, Reading bend) {
        Wire wire = piece.strands().get(0).wire();
        return Stream.of(Temper.values())
                .filter(t -> t.compareTo(wire.temper()) < 0 && wire.metal().comesIn(t))
                .map(t -> rewired(piece, new Wire(wire.metal(), t, wire.finish(), wire.section()), t))
                .flatMap(Optional::stream)
                .filter(way -> way.strainLeft() > bend.strainLeft())
                .sorted(Comparator.comparing((WayOut w) -> !w.isEnough()).thenComparing(w -> -w.strainLeft()))
                .limit(2);
    }

    private boolean isEnough() {
        return holdsN.orElse(0) >= piece.purpose().wantsN();
    }

    private static Optional<WayOut> rewired(Piece piece, Wire wire, Temper temper) {
        return attempt(
                "Make it anew of " + Word.plain(temper) + " wire: it stands more bending.",
                Needs.OTHER_WIRE,
                () -> Remake.with(piece, Map.of(), Optional.of(wire)));
    }

    /** Bent on further, so that the mouth is narrower. */
    private static Stream<WayOut> closed(Piece piece) {
        double sweep = ((Number) piece.source().orElseThrow().parameters().get("hookSweepDeg")).doubleValue();
        return attempt(
                String.format(
                        Locale.ROOT,
                        "Bend it on, to %.0f° instead of %.0f°: the mouth becomes narrower.",
                        sweep + 20,
                        sweep),
                Needs.TOOLS_OWNED,
                () -> Remake.with(piece, Map.of("hookSweepDeg", sweep + 20), Optional.empty()))
                .stream();
    }

    private static Stream<Double> sizes(Toolbox box, Predicate<Double> wanted) {
        return box.tools().stream()
                .filter(t -> t.kind().isRound())
                .map(OwnedTool::sizeMm)
                .filter(wanted)
                .distinct();
    }

    private static double inside(Piece piece) {
        return ((Number) piece.source().orElseThrow().parameters().get(INSIDE)).doubleValue();
    }

    private static Optional<WayOut> resized(Piece piece, double mm, String how, LengthFormat format) {
        return attempt(
                "Make it anew, " + how + ": " + format.say(mm, 1) + " inside instead of " + format.say(inside(piece), 1)
                        + ".",
                Needs.MADE_ANEW,
                () -> Remake.with(piece, Map.of(INSIDE, mm), Optional.empty()));
    }

    private static Optional<WayOut> attempt(String instead, Needs needs, java.util.function.Supplier<Piece> made) {
        try {
            Piece after = made.get();
            PieceChecks.require(after);
            return Optional.of(of(instead, needs, after));
        } catch (BadInput refused) {
            return Optional.empty();
        }
    }

    private static WayOut of(String instead, Needs needs, Piece after) {
        Reading reading = bend(after);
        return new WayOut(
                instead, needs, after, reading.standsN(), reading.strainLeft(), FormedBy.of(reading.toolMomentNmm()));
    }
}
