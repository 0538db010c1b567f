package org.etui.core.pattern;

import java.util.List;
import java.util.Optional;
import org.etui.core.act.Act;
import org.etui.core.element.Coil;
import org.etui.core.element.Outline;
import org.etui.core.element.Straight;
import org.etui.core.element.Turn;
import org.etui.core.metal.Metal;
import org.etui.core.metal.Temper;
import org.etui.core.piece.Allowance;
import org.etui.core.piece.Body;
import org.etui.core.piece.FoldedSheet;
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
 * A pin for the back of a brooch, put together cold: a spring of the pin's own wire between two ears of folded sheet, on a riveted pivot, and a catch
 * of folded sheet that is rolled over the pin. Closing winds the spring up. The short end of the spring lies on the base.
 */
final class PinStem extends Pattern {
    private static final String BRACKET = "bracket";
    private static final String CATCH = "catch";

    /** No turn of a spring is wound tighter than this many thicknesses inside (common practice). */
    private static final double LEAST_INSIDE = 2;

    /** A pivot turns in its holes with that much play, mm (common practice). */
    private static final double PLAY_MM = 0.1;

    /** The spring has so much room between the ears, mm (engineering estimate). */
    private static final double ROOM_MM = 0.4;

    /** From a hole to the edge at least, mm (common practice: about 1). */
    private static final double EDGE_MM = 1.2;

    /** A rivet of wire stands out on either side by so many of its own thicknesses before it is spread (common practice: a half to one). */
    private static final double HEAD = 0.75;

    /** The short end of the spring reaches so far along the base, as many times the spring's inside (engineering estimate). */
    private static final double REST = 2;

    /** How wide the catch is along the pin, mm, and its base (engineering estimates). */
    private static final double CATCH_MM = 5;

    private static final double CATCH_BASE_MM = 6;

    private static final double SQUARE_RAD = Math.PI / 2;

    PinStem() {
        super(
                "pin-stem",
                "Brooch pin",
                "A spring pin on a pivot between folded ears, and a folded catch: all cold, riveted or lashed to the brooch.",
                List.of(Purpose.DECORATIVE),
                Wire.ofRound(Metal.MUSIC_WIRE, Temper.SPRING, 0.8),
                List.of(
                        Parameter.mm("spanMm", "pivot to catch", 32, 10, 120).leftFree(),
                        Parameter.mm("clearMm", "room for cloth", 3.5, 1, 12),
                        Parameter.mm("openMm", "open, above the catch", 12, 1, 60),
                        Parameter.count("turns", "turns of the spring", 3, 1, 12),
                        Parameter.mm("pointMm", "point beyond the catch", 4, 2, 20),
                        Parameter.mm("pivotMm", "pivot, thick", 1.2, 0.5, 4),
                        Parameter.mm("sheetMm", "sheet, thick", 0.8, 0.3, 2),
                        Parameter.choice("fasten", "fastened", "riveted", "lashed")));
    }

    @Override
    Piece build(Values values, Wire wire, Purpose purpose) {
        Measures m = new Measures(values, wire);
        Strand pin = Strand.of(
                        "pin",
                        "Pin",
                        wire,
                        List.of(
                                Straight.of("rest", REST * m.inside()),
                                Coil.of("spring", m.inside(), m.turns(), Turn.LEFT),
                                Straight.of("stem", m.span() + m.point()).sharpened()))
                .withAllowance(Allowance.usual().withHandleAt(HandleAt.NONE));
        Strand pivot = Strand.of(
                        "pivot",
                        "Pivot",
                        Wire.ofRound(Metal.COPPER, Temper.DEAD_SOFT, m.pivot()),
                        List.of(Straight.of("run", m.between() + 2 * m.sheet() + 2 * HEAD * m.pivot())))
                .withAllowance(Allowance.usual().withHandleAt(HandleAt.NONE))
                .withPlace(new Place(0, -10, 0, 0));
        return Piece.of(title(), purpose, List.of(pin, pivot))
                .withParts(
                        List.of(m.bracket(), m.catching()),
                        List.of(Join.of("pin.spring", BRACKET), Join.of("pivot.run", BRACKET)))
                .withWork(List.of(
                        pierce("pivot-holes", BRACKET, m.pivotHole()),
                        pierce("bracket-holes", BRACKET, m.baseHole()),
                        pierce("catch-holes", CATCH, m.baseHole())));
    }

    private static Work pierce(String id, String part, double mm) {
        return Work.of(id, "", List.of(), new Act.Pierce(part, mm)).at("start");
    }

    /**
     * What all follows from; heights are above the base.
     *
     * @param values as asked
     * @param wire of the pin
     */
    private record Measures(Values values, Wire wire) {
        double thick() {
            return wire.section().thicknessMm();
        }

        double sheet() {
            return values.number("sheetMm");
        }

        double span() {
            return values.number("spanMm");
        }

        double point() {
            return values.number("pointMm");
        }

        double pivot() {
            return values.number("pivotMm");
        }

        /** The stem runs over the top of the spring and its short end along the bottom: what lies between is the room for cloth. */
        double inside() {
            double cloth = values.number("clearMm") - thick();
            return Math.max(cloth, Math.max(LEAST_INSIDE * thick(), pivot() + 2 * PLAY_MM));
        }

        double radius() {
            return (inside() + thick()) / 2;
        }

        private double openRad() {
            return Math.atan(Math.min(values.number("openMm"), span()) / span());
        }

        /** Half a turn leads from the base to the top, less what it stands open by. */
        double turns() {
            return values.count("turns") + 0.5 - openRad() / (2 * Math.PI);
        }

        double between() {
            return (Math.ceil(turns()) + 1) * wire.section().acrossMm() + ROOM_MM;
        }

        double pivotHole() {
            return pivot() + PLAY_MM;
        }

        /** Two holes of one size would be one; the lashing passes its wire twice. */
        double baseHole() {
            double wanted = values.word("fasten").equals("lashed") ? 0.8 : 1;
            return Math.abs(wanted - pivotHole()) < 2 * PLAY_MM ? wanted + 3 * PLAY_MM : wanted;
        }

        /** How high the spring hangs in the pivot: pressed on it from below, since the catch pushes the pin down on the base. */
        private double slack() {
            return (inside() - pivot()) / 2;
        }

        private double takes() {
            return FoldedSheet.takesMm(SQUARE_RAD, sheet(), sheet());
        }

        private double ear() {
            return radius() + thick() / 2 + slack() + pivotHole() / 2 + EDGE_MM;
        }

        Part bracket() {
            double base = Math.max(0, between() - 2 * sheet());
            double wall = Math.max(EDGE_MM, ear() - sheet());
            double fold = base / 2 + takes() / 2;
            double hole = base / 2 + takes() + radius() + thick() / 2 + slack() - sheet();
            double away = radius() + thick() / 2 + baseHole() / 2 + 0.5;
            double wide = 2 * (away + baseHole() / 2 + EDGE_MM);
            Body.Sheet sheet = new Body.Sheet(
                    new Outline.Rectangle(base + 2 * takes() + 2 * wall, wide, 0),
                    sheet(),
                    List.of(
                            hole(0, hole, pivotHole()),
                            hole(0, -hole, pivotHole()),
                            hole(-away, 0, baseHole()),
                            hole(away, 0, baseHole())),
                    List.of(new Body.Fold(-fold, 90, sheet()), new Body.Fold(fold, 90, sheet())),
                    hole);
            return part(
                    BRACKET,
                    sheet,
                    wide,
                    new Place(0, slack() - hole, -(between() + sheet()) / 2, Math.toDegrees(-openRad())));
        }

        /** Its wall stands beside the pin, and is rolled over it to the far side. */
        Part catching() {
            double roll = thick() / 2 + PLAY_MM;
            double rolled = FoldedSheet.takesMm(Math.PI, roll, sheet());
            double stem = 2 * radius() + thick() / 2;
            double wall = Math.max(EDGE_MM, stem - sheet());
            double length = CATCH_BASE_MM + takes() + wall + rolled;
            double low = -length / 2;
            double front = low + CATCH_BASE_MM + takes() + wall / 2;
            // The pin leaves the spring at its end, and lies against the wall.
            double beside = -turns() * wire.section().acrossMm() / 2 - roll - sheet() / 2;
            double up = low + CATCH_BASE_MM + takes() - sheet();
            Body.Sheet sheet = new Body.Sheet(
                    new Outline.Rectangle(length, CATCH_MM, 0),
                    sheet(),
                    List.of(
                            hole(-CATCH_MM / 4, low + CATCH_BASE_MM / 2, baseHole()),
                            hole(CATCH_MM / 4, low + CATCH_BASE_MM / 2, baseHole())),
                    List.of(
                            new Body.Fold(low + CATCH_BASE_MM + takes() / 2, 90, sheet()),
                            new Body.Fold(length / 2 - rolled / 2, 180, roll)),
                    front);
            return part(
                    CATCH,
                    sheet,
                    CATCH_MM,
                    new Place(span(), -radius() - thick() / 2 - up, beside, Math.toDegrees(-openRad())));
        }

        private static Body.Hole hole(double x, double y, double mm) {
            return new Body.Hole(List.of(x, y, 0.0), List.of(0.0, 0.0, 1.0), mm);
        }

        private Part part(String id, Body.Sheet sheet, double mm, Place place) {
            return Part.of(id, PartKind.BLANK, "brass sheet", mm, Optional.of("pin.spring"))
                    .withBody(sheet)
                    .placed(place);
        }
    }
}
