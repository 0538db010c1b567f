package org.etui.core.element;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.function.DoubleFunction;
import org.etui.core.check.Check;
import org.etui.core.check.Term;
import org.etui.core.check.Titled;
import org.etui.core.curve.Circuit;
import org.etui.core.curve.Circuit.Disc;
import org.etui.core.curve.CurvePiece;
import org.etui.core.curve.Grip;
import org.etui.core.curve.Helix;
import org.etui.core.section.Section;

/**
 * Turns of wire round a cord, a stem or a bundle.
 *
 * @param id name, unique in its strand
 * @param core what it is wound on
 * @param turns turns
 * @param pitchMm distance from turn to turn, mm
 * @param legAlong whether its own leg lies under the turns
 * @param turn the side it curves to
 * @param rollDeg roll of the working plane before it, degrees
 * @param over whether it lies on top at crossings
 * @param target when its sizes hold
 * @param seat what it is wound round in the piece
 */
@Titled("wrap")
public record Wrap(
        @Term(value = "name of the element, unique in its strand", to = 60, position = true)
        String id,

        @Term(value = "what it is wound on: one of cordMm, stemMm, or wires with diameterMm", usual = "{\"stemMm\": 1}")
        Core core,

        @Term(value = "turns", from = 0.01, to = 500, title = "turns", unit = "turns", usual = "2", first = true)
        double turns,

        @Term(
                value = "distance from turn to turn, mm; 0 is touching",
                from = 0,
                or = "0",
                title = "from turn to turn, 0 touching")
        double pitchMm,

        @Term(value = "whether its own leg lies under the turns", or = "false")
        boolean legAlong,

        @Term(value = "the side it curves to", or = "\"left\"")
        Turn turn,

        @Term(value = "turns the working plane about the wire before it, degrees", from = -360, to = 360, or = "0")
        double rollDeg,

        @Term("whether this lies on top at crossings; default: what is formed later")
        Optional<Boolean> over,

        @Term(value = "whether sizes are meant after release or after the work", or = "\"released\"")
        Target target,

        @Term("what it is wound round in the piece") Optional<Seat> seat)
        implements Element {

    /**
     * What turns are wound round.
     *
     * @param round the elements that lie together there, and the part that they lie along
     * @param at where on the first wire of them, as a share of its length; on a part alone, of its height
     */
    public record Seat(
            @Term(value = "strand.element of each that lies together there, and a stone among them", from = 1, to = 60)
            List<String> round,

            @Term(
                    value =
                            "where on the first wire of them, as a share of its length; on a stone alone, of its height",
                    from = 0,
                    to = 1,
                    or = "0.5")
            double at) {
        /** Copies the list. */
        public Seat {
            round = List.copyOf(round);
        }
    }

    /**
     * What a wrap is wound on.
     *
     * @param cordMm diameter of a cord, mm
     * @param stemMm diameter of a stem of wire, mm
     * @param wires how many wires side by side
     * @param diameterMm thickness of each of them, mm
     */
    public record Core(
            @Term(value = "diameter of a cord, mm", from = 0.01, title = "cord")
            OptionalDouble cordMm,

            @Term(value = "diameter of a stem of wire, mm", from = 0.01, title = "stem")
            OptionalDouble stemMm,

            @Term(
                    value = "how many wires side by side",
                    from = 1,
                    to = 100,
                    title = "wires in the core",
                    unit = "count")
            OptionalInt wires,

            @Term(value = "thickness of each of them, mm", from = 0.01, to = 20, title = "each of", unit = "thickness")
            OptionalDouble diameterMm) {

        /** A cord of a diameter, mm. */
        public static Core ofCord(double mm) {
            return new Core(OptionalDouble.of(mm), OptionalDouble.empty(), OptionalInt.empty(), OptionalDouble.empty());
        }

        /** A stem of a thickness, mm. */
        public static Core ofStem(double mm) {
            return new Core(OptionalDouble.empty(), OptionalDouble.of(mm), OptionalInt.empty(), OptionalDouble.empty());
        }

        /** Wires side by side, each of a thickness, mm. */
        public static Core ofWires(int count, double mm) {
            return new Core(
                    OptionalDouble.empty(), OptionalDouble.empty(), OptionalInt.of(count), OptionalDouble.of(mm));
        }

        /** What is wound over, seen along it: a row of circles, and the own leg beside them where it lies along. */
        List<Disc> discs(double legMm) {
            double each = cordMm.orElseGet(() -> stemMm.orElseGet(() -> diameterMm.orElseThrow()));
            List<Disc> row = new ArrayList<>();
            int count = wires.orElse(1);
            for (int i = 0; i < count; i++) {
                row.add(new Disc(i * each, 0, each / 2));
            }
            if (legMm > 0) {
                row.add(new Disc((count - 1) * each + (each + legMm) / 2, 0, legMm / 2));
            }
            return row;
        }

        /** Round the whole of it, mm: two sides of the row and a circle. */
        double hullMm() {
            double each = cordMm.orElseGet(() -> stemMm.orElseGet(() -> diameterMm.orElseThrow()));
            return each * (2 * (wires.orElse(1) - 1) + Math.PI);
        }

        /** In words, such as {@code a 3.0 mm cord}; the lengths by a function. */
        public String inWords(DoubleFunction<String> length) {
            if (cordMm.isPresent()) {
                return "a cord of " + length.apply(cordMm.getAsDouble());
            }
            return stemMm.isPresent()
                    ? "a stem of " + length.apply(stemMm.getAsDouble())
                    : wires.orElse(1) + " wires of " + length.apply(diameterMm.orElseThrow());
        }
    }

    /** Hosts that turn less from turn to turn are taken as straight. */
    private static final double LEAST_KINK_RAD = 1e-7;

    /** @throws IllegalArgumentException if a measure is out of range */
    public Wrap {
        Check.size("turns", turns);
        Check.within("pitchMm", pitchMm, 0, Check.GREATEST);
    }

    /** Touching turns. */
    public static Wrap of(String id, Core core, double turns, Turn turn) {
        return new Wrap(id, core, turns, 0, false, turn, 0, Optional.empty(), Target.RELEASED, Optional.empty());
    }

    /** The same, wound round elements that lie together, at a share of the first. */
    public Wrap round(List<String> hosts, double at) {
        return new Wrap(
                id, core, turns, pitchMm, legAlong, turn, rollDeg, over, target, Optional.of(new Seat(hosts, at)));
    }

    /** The same with the working plane rolled before it, degrees. */
    public Wrap rolled(double degrees) {
        return new Wrap(id, core, turns, pitchMm, legAlong, turn, degrees, over, target, seat);
    }

    /** The same with its own leg under the turns. */
    public Wrap overItsLeg() {
        return new Wrap(id, core, turns, pitchMm, true, turn, rollDeg, over, target, seat);
    }

    /** The same with another number of turns. */
    public Wrap withTurns(double other) {
        return new Wrap(id, core, other, pitchMm, legAlong, turn, rollDeg, over, target, seat);
    }

    /** The cord that lies beside its own leg under the turns, seen along it; empty where there is none. */
    public Optional<Disc> cordBeside(Disc leg) {
        return legAlong && core.cordMm().isPresent()
                ? Optional.of(new Disc(
                        leg.xMm() + leg.radiusMm() + core.cordMm().getAsDouble() / 2,
                        leg.yMm(),
                        core.cordMm().getAsDouble() / 2))
                : Optional.empty();
    }

    /** Once round the core as the middle of this wire goes, seen along the core. */
    public Circuit round(double thicknessMm) {
        return Circuit.around(core.discs(legAlong ? thicknessMm : 0), thicknessMm / 2);
    }

    /**
     * Constant slope over the line round the core, or round what it is really wound on: each turn climbs by the pitch. Where that is bent, each turn
     * is set on at the angle that its hosts have turned by.
     */
    @Override
    public List<CurvePiece> shape(Forming forming) {
        double pitch = pitchMm(forming.acrossMm());
        Optional<Setting.Hosts> hosts = forming.setting().hosts(this, forming.thicknessMm(), pitch);
        Circuit round = hosts.map(h -> Circuit.around(h.discs(), forming.thicknessMm() / 2))
                .orElseGet(() -> round(forming.thicknessMm()));
        double slope = pitch / round.lengthMm();
        List<CurvePiece> pieces = new ArrayList<>(hosts.map(Setting.Hosts::lead).orElse(List.of()));
        double begins = hosts.map(Setting.Hosts::begins).orElse(0.0);
        for (int turnsDone = 0; turnsDone < turns; turnsDone++) {
            double at = turnsDone;
            double kink = hosts.filter(h -> at > 0)
                    .map(h -> h.headingRad().applyAsDouble((at + 0.5) * pitch)
                            - h.headingRad().applyAsDouble((at - 0.5) * pitch))
                    .orElse(0.0);
            if (Math.abs(kink) > LEAST_KINK_RAD) {
                pieces.add(new Grip(0, turn.sign() * kink));
            }
            round.along(begins + at, begins + Math.min(at + 1, turns), turn.sign())
                    .forEach(p -> pieces.add(new Helix(p, slope)));
        }
        return pieces;
    }

    /** From turn to turn, mm: touching turns lie as far apart as the wire is wide. */
    public double pitchMm(double acrossMm) {
        return pitchMm == 0 ? acrossMm : pitchMm;
    }

    @Override
    public Winding winding() {
        return Winding.laid(Optional.of(turn), 2 * Math.PI * turns);
    }

    @Override
    public Hanging hanging() {
        return core.cordMm().isPresent() ? Hanging.NOTHING : Hanging.lock(turns, core.hullMm() / (2 * Math.PI));
    }

    @Override
    public Handling handling() {
        return Handling.wound();
    }

    @Override
    public Optional<String> noHammer() {
        return Optional.of("it lies on what it is wrapped round");
    }

    @Override
    public double acrossMm(Section section) {
        return section.thicknessMm();
    }

    @Override
    public List<String> sitsOn() {
        return seat.map(Seat::round).orElse(List.of());
    }

    @Override
    public <R> Optional<R> seated(Seating<R> seating) {
        return seat.map(s -> seating.wound(this));
    }

    @Override
    public List<Spacing> spacings() {
        return pitchMm > 0 ? List.of(new Spacing("from turn to turn", pitchMm, false)) : List.of();
    }

    @Override
    public Wrap renamed(Names names) {
        return new Wrap(
                id, core, turns, pitchMm, legAlong, turn, rollDeg, over, target, seat.flatMap(s -> renamed(s, names)));
    }

    private static Optional<Seat> renamed(Seat seat, Names names) {
        List<String> round =
                seat.round().stream().flatMap(h -> names.place(h).stream()).toList();
        return round.isEmpty() ? Optional.empty() : Optional.of(new Seat(round, seat.at()));
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
        return visitor.wrap(this);
    }
}
