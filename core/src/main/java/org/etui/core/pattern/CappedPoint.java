package org.etui.core.pattern;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.etui.core.element.Across;
import org.etui.core.element.Bend;
import org.etui.core.element.Element;
import org.etui.core.element.Loop;
import org.etui.core.element.Straight;
import org.etui.core.element.Target;
import org.etui.core.element.Turn;
import org.etui.core.element.Wrap;
import org.etui.core.metal.Metal;
import org.etui.core.metal.Temper;
import org.etui.core.piece.Allowance;
import org.etui.core.piece.Body;
import org.etui.core.piece.HandleAt;
import org.etui.core.piece.Part;
import org.etui.core.piece.PartKind;
import org.etui.core.piece.Piece;
import org.etui.core.piece.Place;
import org.etui.core.piece.Purpose;
import org.etui.core.piece.Solid;
import org.etui.core.piece.Strand;
import org.etui.core.piece.Surface;
import org.etui.core.wire.Wire;
import org.etui.core.work.FaceWay;

/**
 * A crystal that hangs tip down: two wires cross under its tip and run up its sides, a cap is wound over them round its upper end, and there they are
 * bent in over the end to a neck, which the tail of the bail is wound round.
 */
final class CappedPoint extends HeldStone {
    private static final String CRYSTAL = "crystal";

    /** Tip down. */
    private static final double DOWN_DEG = 90;

    /** Wire is brought over an edge by so much of the way beside it, mm. */
    private static final double LEAD_MM = 0.2;

    /** The cap ends so many thicknesses of its wire below the upper end: on the very edge turns slip off. */
    private static final double BELOW_EDGE = 1;

    /** Of the neck so much lies free above and below what is wound round it, widths of its wire. */
    private static final double ABOVE = 1;

    private static final double BELOW = 0.25;

    /** Two legs, two necks and the bends between them take so many wires across the end (engineering estimate). */
    private static final double WIRES_ACROSS = 8;

    private static final double QUARTER_DEG = 90;

    CappedPoint() {
        super(
                "capped-point",
                "Capped point",
                "A crystal hung tip down: two wires cross under its tip, a wound cap holds them, a wrapped loop is the bail.",
                List.of(Purpose.PENDANT, Purpose.DECORATIVE),
                Wire.ofAwg(Metal.COPPER, Temper.DEAD_SOFT, "20"),
                List.of(
                        Parameter.mm("sidesMm", "crystal, length of its sides", 25, 10, 150)
                                .leftFree(),
                        Parameter.mm("tipMm", "crystal, length of its tip", 7, 1, 80),
                        Parameter.mm("acrossMm", "crystal, across its flats", 10, 3, 60),
                        Parameter.choice("sides", "crystal, sides", "6", "4", "8"),
                        Parameter.number("capTurns", "cap, turns", "turns", 9, 2, 80),
                        Parameter.choice("lashingWire", "cap wire", "round", "half-round"),
                        Parameter.mm("bailInsideMm", "bail, inside", 4, 1.5, 20),
                        Parameter.number("wraps", "neck, turns", "turns", 3, 1, 20)));
    }

    @Override
    Piece build(Values values, Wire asked, Purpose purpose) {
        double across = values.number("acrossMm");
        boolean thick = asked.section().inPlaneMm() > across / WIRES_ACROSS;
        Wire wire = thick
                ? Wire.ofRound(asked.metal(), asked.temper(), Math.floor(100 * across / WIRES_ACROSS) / 100)
                : asked;
        Wire fine = fine(values, wire);
        double pitch = fine.section().acrossMm();
        Body.Point crystal = new Body.Point(
                across,
                Integer.parseInt(values.word("sides")),
                values.number("sidesMm") + values.number("tipMm"),
                values.number("tipMm"),
                Optional.empty());
        double room = values.number("sidesMm") - wire.section().inPlaneMm() - 2 * BELOW_EDGE * pitch;
        double turns = Math.min(values.number("capTurns"), counted(room / pitch));
        Frame frame = new Frame(values, wire, crystal);
        List<String> order = List.of("tip", "second-top", "second-corner", "first-top", "first-corner");
        Strand bail = Strand.of("bail", "Bail wire", wire, frame.bail()).withOrder(order);
        Strand cross = Strand.of("cross", "Cross wire", wire, frame.cross())
                .withOrder(order)
                .withAllowance(Allowance.usual().withHandleAt(HandleAt.NONE));
        double middle = (BELOW_EDGE + turns / 2) * pitch;
        List<String> hosts =
                List.of("bail.second-leg", "bail.first-leg", "cross.second-leg", "cross.first-leg", CRYSTAL);
        Strand cap = Strand.of(
                        "cap",
                        "Cap",
                        fine,
                        List.of(Wrap.of("cap", Wrap.Core.ofStem(crystal.acrossMm()), turns, Turn.LEFT)
                                .round(hosts, Math.max(0, 1 - middle / frame.legMm()))))
                .withAllowance(Allowance.usual().withHandleAt(HandleAt.BOTH));
        Part stone = Part.of(CRYSTAL, PartKind.STONE, "crystal", crystal.acrossMm(), Optional.of("bail.tip"))
                .withBody(crystal)
                .placed(Place.tipped(DOWN_DEG));
        return Piece.of(title(), purpose, List.of(bail, cross, cap))
                .withParts(List.of(stone), List.of())
                .withNotes(told(thick, turns < values.number("capTurns")));
    }

    /** What could not be as it was asked for. */
    private static String told(boolean thick, boolean shorter) {
        List<String> told = new ArrayList<>();
        if (thick) {
            told.add(
                    "The wire asked for is too thick for this crystal, four of it find no room over its end: it is planned in thinner wire.");
        }
        if (shorter) {
            told.add("The sides of the crystal have no room for a longer cap.");
        }
        return String.join(" ", told);
    }

    /** What both wires share: from the neck out over the upper end, down a side, over the tip, up the other side and in to the neck. */
    private record Frame(Values values, Wire wire, Body.Point crystal) {
        /**
         * Where the cross wire comes up beside the tip, as a share of the way round: on the flat to the left of the one that looks to the front.
         */
        double crossAt() {
            return 1.0 / crystal.sides();
        }

        /** Where the bail wire goes down on the other side of the tip: the mirror image, or of four flats the front one. */
        double bailAt() {
            return crystal.sides() == 4 ? 0 : 1 - crossAt();
        }

        double thick() {
            return wire.section().inPlaneMm();
        }

        private FaceWay over(Across.Face face, double from, double to) {
            return FaceWay.bare(Across.of("over", CRYSTAL, face, from, to), new Surface(new Solid(crystal)), thick());
        }

        /** Along the crystal, from where wire comes off the tip to where it goes in over the upper end, mm. */
        double legMm() {
            return over(Across.Face.FRONT, 0, 0.5).beginsMm()
                    + over(Across.Face.BACK, 0, 0.5).beginsMm();
        }

        double neckMm() {
            return (values.number("wraps") + ABOVE + BELOW) * wire.section().acrossMm();
        }

        /** Wires of the neck: those of the bail touch each other, those of the cross wire lie in the hollows between (textbook: three that touch). */
        List<Element> wire(double from, double to, double asideMm) {
            double t = thick();
            FaceWay in = over(Across.Face.BACK, from, to);
            double until = in.shareAt(
                    in.straightMm() / 2 - asideMm - corner("corner", Turn.LEFT).insideMm() / 2 - t / 2);
            double leg = legMm() - LEAD_MM;
            return new ArrayList<>(List.of(
                    Straight.of("first-neck", neckMm()),
                    corner("first-corner", Turn.LEFT),
                    Across.of("first-top", CRYSTAL, Across.Face.BACK, to, from).part(1 - until, 1),
                    Straight.of("first-leg", leg),
                    Across.of("tip", CRYSTAL, Across.Face.FRONT, from, to),
                    Straight.of("second-leg", leg),
                    Across.of("second-top", CRYSTAL, Across.Face.BACK, to, from).part(0, until),
                    corner("second-corner", Turn.LEFT),
                    Straight.of("second-neck", neckMm())));
        }

        List<Element> bail() {
            double t = thick();
            List<Element> elements = wire((bailAt() + 0.5) % 1, bailAt(), t / 2);
            // Turned out of the plane of its wire, away from the others: what goes through it runs from side to side.
            double forwardDeg = Math.IEEEremainder(360 * bailAt() + 180, 360);
            elements.add(corner("top-corner", Turn.RIGHT).rolled(forwardDeg));
            elements.add(Loop.of("bail", values.number("bailInsideMm"), Turn.LEFT));
            elements.add(Wrap.of("neck-wrap", Wrap.Core.ofWires(4, t), values.number("wraps"), Turn.LEFT)
                    .round(
                            List.of("bail.second-neck", "bail.first-neck", "cross.first-neck", "cross.second-neck"),
                            (values.number("wraps") / 2 + BELOW)
                                    * wire.section().acrossMm()
                                    / neckMm()));
            return elements;
        }

        List<Element> cross() {
            return wire(crossAt(), crossAt() + 0.5, crossAsideMm());
        }

        /** Where a wire touches both of two that touch each other, seen along them at an angle to their row, mm from the middle. */
        private double crossAsideMm() {
            double t = thick();
            double towards = Math.abs(Math.cos(2 * Math.PI * (bailAt() - crossAt())));
            return t * (towards / 2 + Math.sqrt(towards * towards / 4 + 0.75));
        }

        private Bend corner(String id, Turn turn) {
            return new Bend(id, QUARTER_DEG, thick(), turn, 0, Optional.empty(), Target.RELEASED);
        }
    }
}
