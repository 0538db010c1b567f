package org.etui.core.pattern;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.etui.core.act.Act;
import org.etui.core.check.Word;
import org.etui.core.element.Loop;
import org.etui.core.element.Outline;
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
import org.etui.core.piece.Purpose;
import org.etui.core.piece.Solid;
import org.etui.core.piece.Strand;
import org.etui.core.piece.Work;
import org.etui.core.wire.Wire;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;

/**
 * A sheet shape that is punched, dimpled with a ball, domed by that, and hung from a jump ring.
 */
final class DimpledBlank extends Pattern {
    private static final String BLANK = "blank";

    /** No hole takes more of the width than that. */
    private static final double MOST_HOLE = 0.4;

    /** So much more than the sheet above the hole a ring goes round, mm (engineering estimate). */
    private static final double ROOM_MM = 0.5;

    private static final double STEP_MM = 0.05;
    private static final GeometryFactory GEOMETRY = new GeometryFactory();

    DimpledBlank() {
        super(
                "dimpled-blank",
                "Dimpled blank",
                "A sheet shape, punched near its edge, dimpled all over so that it domes, on a jump ring.",
                List.of(Purpose.DECORATIVE, Purpose.PENDANT),
                Wire.ofAwg(Metal.COPPER, Temper.HALF_HARD, "18"),
                List.of(
                        Parameter.choice("shape", "shape", "drop", "round", "oval", "rectangle"),
                        Parameter.mm("lengthMm", "blank, length", 24, 5, 100),
                        Parameter.number("widthPercent", "blank, width of its length", "%", 60, 20, 100)
                                .onlyWith("shape", "drop", "oval", "rectangle"),
                        Parameter.mm("thicknessMm", "sheet, thick", 0.5, 0.2, 3),
                        Parameter.choice("holes", "holes", "one", "two"),
                        Parameter.mm("holeMm", "hole, across", 1.8, 0.5, 6),
                        Parameter.mm("edgeMm", "hole to edge", 1, 0.5, 20),
                        Parameter.count("dimples", "dimples", 40, 1, 300),
                        Parameter.mm("dimpleMm", "dimple, across", 2, 0.5, 8),
                        Parameter.choice("dome", "dome", "kept", "reversed", "flat"),
                        Parameter.mm("ringInsideMm", "ring, inside", 4, 1, 30).leftFree()));
    }

    @Override
    Piece build(Values values, Wire wire, Purpose purpose) {
        Outline outline = outline(values);
        double length = values.number("lengthMm");
        double hole = Math.min(values.number("holeMm"), MOST_HOLE * Math.sqrt(outline.areaMm2()));
        double up = high(outline, length, hole / 2 + values.number("edgeMm"));
        List<Body.Hole> holes = new ArrayList<>();
        holes.add(new Body.Hole(List.of(0.0, up, 0.0), List.of(0.0, 0.0, 1.0), hole));
        if (values.word("holes").equals("two")) {
            holes.add(new Body.Hole(List.of(0.0, -up, 0.0), List.of(0.0, 0.0, 1.0), hole));
        }
        Part blank = Part.of(
                        BLANK, PartKind.BLANK, Word.plain(wire.metal()) + " sheet", length, Optional.of("ring.ring"))
                .withBody(new Body.Sheet(outline, values.number("thicknessMm"), holes));
        Act.Dimple dimple = new Act.Dimple(
                BLANK,
                values.count("dimples"),
                values.number("dimpleMm"),
                Act.Dimple.Dome.valueOf(values.word("dome").toUpperCase(Locale.ROOT)));
        // It has to reach round the sheet above the hole, and move there.
        double ring = Math.max(values.number("ringInsideMm"), length / 2 - up - hole / 2 + ROOM_MM);
        Strand rings = Strand.of("ring", "Jump ring", wire, List.of(Loop.thatOpens("ring", ring, Turn.LEFT)))
                .withAllowance(Allowance.usual().withHandleAt(HandleAt.NONE));
        return Piece.of(title(), purpose, List.of(rings))
                .withParts(List.of(blank), List.of(Join.of("ring.ring", BLANK)))
                .withWork(List.of(
                        Work.of("punch", "", List.of(), new Act.Pierce(BLANK, hole))
                                .at("start"),
                        Work.of("dimples", "", List.of(), dimple).at("start")));
    }

    /** How high above the middle a hole lies whose own middle keeps that far from the edge all round; never below the middle. */
    private static double high(Outline outline, double lengthMm, double awayMm) {
        Coordinate[] way =
                Solid.way(outline).stream().map(p -> new Coordinate(p[0], p[1])).toArray(Coordinate[]::new);
        Geometry edge = GEOMETRY.createLineString(way);
        double up = lengthMm / 2 - awayMm;
        while (up > 0 && edge.distance(GEOMETRY.createPoint(new Coordinate(0, up))) < awayMm) {
            up -= STEP_MM;
        }
        return Math.max(0, up);
    }

    private static Outline outline(Values values) {
        double length = values.number("lengthMm");
        double width = length * values.number("widthPercent") / 100;
        return switch (values.word("shape")) {
            case "round" -> new Outline.Round(length);
            case "oval" -> new Outline.Oval(length, width);
            case "rectangle" -> new Outline.Rectangle(length, width, 0.05 * width);
            default -> new Outline.Drop(length, width);
        };
    }
}
