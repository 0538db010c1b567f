package org.etui.server.print;

import java.awt.Color;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.etui.core.colour.Clock;
import org.etui.core.colour.Growth;
import org.etui.core.colour.Look;
import org.etui.core.colour.Shade;
import org.etui.core.metal.Metal;
import org.etui.core.piece.Colour;
import org.etui.core.piece.Dip;
import org.etui.core.piece.Piece;

/** The colours of a piece's metals in its bath, with their times, and room beside each for a sample that the maker dips. */
final class SwatchSheet {
    private static final double SWATCH_MM = 24;
    private static final double HIGH_MM = 13;
    private static final double ROW_MM = 16;
    private static final double GAP_MM = 4;

    /** A bath for pieces that are planned bright: two drops of gel in half a cup of hot water (common practice). */
    private static final Colour.Recipe USUAL = new Colour.Recipe(Colour.Bath.GEL, 2, 118, 60);

    private SwatchSheet() {}

    static void draw(Piece piece, Flow flow) {
        Map<Colour.Recipe, Set<Metal>> baths = baths(piece);
        if (!takesColour(piece)) {
            flow.paragraph(3.2, "None of its metals takes colour in a sulfide bath.");
            return;
        }
        flow.paragraph(
                3.2,
                "Dip an off-cut, look, pull it at the colour, dry it and stick it beside the printed one; write down how long"
                        + " it took. Times are estimates, and no paper shows metal: your sample is the true one.");
        baths.forEach((bath, metals) -> draw(bath, metals, flow));
    }

    /** Whether any of its metals takes colour. */
    static boolean takesColour(Piece piece) {
        return baths(piece).values().stream().anyMatch(metals -> !metals.isEmpty());
    }

    private static Map<Colour.Recipe, Set<Metal>> baths(Piece piece) {
        Map<Colour.Recipe, Set<Metal>> baths = new LinkedHashMap<>();
        Dip.of(piece)
                .forEach(d -> baths.computeIfAbsent(d.colour().recipe(), r -> new LinkedHashSet<>())
                        .addAll(d.metals()));
        if (baths.isEmpty()) {
            baths.put(
                    USUAL,
                    piece.strands().stream()
                            .map(s -> s.wire().metal())
                            .filter(m -> m.sulfide() != Metal.Sulfide.NONE)
                            .collect(Collectors.toCollection(LinkedHashSet::new)));
        }
        return baths;
    }

    private static void draw(Colour.Recipe bath, Set<Metal> metals, Flow flow) {
        flow.line(
                3.2,
                number(bath.drops())
                        + (bath.form() == Colour.Bath.LUMP
                                ? " crumbs of lump"
                                : " drops of " + (bath.form() == Colour.Bath.GEL ? "gel" : "ready liquid"))
                        + " in " + number(bath.volumeMl()) + " ml of water at " + number(bath.temperatureC()) + " °C");
        for (Metal metal : metals) {
            flow.heading(metal.title());
            Growth growth = Growth.of(metal, bath);
            Shade shade = Shade.of(metal);
            for (Look look : Look.all(metal)) {
                double at = flow.room(ROW_MM);
                String time = look.filmNm() > 0
                        ? "after about " + Clock.inWords(growth.seconds(look.filmNm())) + ", between "
                                + Clock.inWords(growth.seconds(look.filmNm()) / Growth.UNSURE) + " and "
                                + Clock.inWords(growth.seconds(look.filmNm()) * Growth.UNSURE)
                        : "as it was cleaned";
                Color colour = Color.decode(shade.hex(look.filmNm()));
                flow.add(g -> row(new Pen(g), flow.left(), at + 1, look.name(), time, colour));
            }
        }
    }

    private static void row(Pen pen, double x, double top, String name, String time, Color colour) {
        pen.filled(x, top, SWATCH_MM, HIGH_MM, colour);
        double room = x + SWATCH_MM + GAP_MM;
        pen.line(room, top, room + SWATCH_MM, top, 0.2);
        pen.line(room, top + HIGH_MM, room + SWATCH_MM, top + HIGH_MM, 0.2);
        pen.line(room, top, room, top + HIGH_MM, 0.2);
        pen.line(room + SWATCH_MM, top, room + SWATCH_MM, top + HIGH_MM, 0.2);
        double words = room + SWATCH_MM + GAP_MM;
        pen.bold(words, top + 5, 3.6, name);
        pen.text(words, top + 10, 3, time);
    }

    private static String number(double value) {
        return value == Math.rint(value) ? String.valueOf((long) value) : String.valueOf(value);
    }
}
