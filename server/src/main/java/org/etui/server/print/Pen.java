package org.etui.server.print;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Font;
import java.awt.Graphics2D;
import java.awt.font.FontRenderContext;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Line2D;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.List;

/** The few marks that sheets are made of, in mm and readable in black and white. */
final class Pen {
    static final Color INK = new Color(0x20, 0x30, 0x2F);
    static final Color PALE = new Color(0x5C, 0x68, 0x64);
    static final Color FILL = new Color(0xE4, 0xE0, 0xD6);

    /** Letters are set this much larger and scaled down: font metrics are too coarse at a few units. */
    private static final double ENLARGED = 20;

    private static final FontRenderContext FRAME = new FontRenderContext(null, true, true);

    private final Graphics2D g;

    Pen(Graphics2D g) {
        this.g = g;
    }

    void line(double x1, double y1, double x2, double y2, double widthMm) {
        g.setColor(INK);
        g.setStroke(new BasicStroke((float) widthMm, BasicStroke.CAP_BUTT, BasicStroke.JOIN_MITER));
        g.draw(new Line2D.Double(x1, y1, x2, y2));
    }

    void text(double x, double y, double sizeMm, String words) {
        text(x, y, sizeMm, words, INK, false);
    }

    void bold(double x, double y, double sizeMm, String words) {
        text(x, y, sizeMm, words, INK, true);
    }

    void pale(double x, double y, double sizeMm, String words) {
        text(x, y, sizeMm, words, PALE, false);
    }

    /** Words broken into lines no wider than a width; a word too long for a line is broken in itself. */
    static List<String> lines(String words, double sizeMm, double widthMm) {
        List<String> lines = new ArrayList<>();
        String line = "";
        for (String word : words.strip().split("\\s+")) {
            String longer = line.isEmpty() ? word : line + " " + word;
            if (widthMm(longer, sizeMm) <= widthMm || line.isEmpty() && word.length() == 1) {
                line = longer;
            } else {
                if (!line.isEmpty()) {
                    lines.add(line);
                }
                line = word;
                while (widthMm(line, sizeMm) > widthMm && line.length() > 1) {
                    int fits = line.length() - 1;
                    while (fits > 1 && widthMm(line.substring(0, fits), sizeMm) > widthMm) {
                        fits--;
                    }
                    lines.add(line.substring(0, fits));
                    line = line.substring(fits);
                }
            }
        }
        if (!line.isEmpty()) {
            lines.add(line);
        }
        return lines;
    }

    /** How wide words are, mm. */
    static double widthMm(String words, double sizeMm) {
        Font face = Face.LIBERATION.of(false, sizeMm * ENLARGED);
        return face.getStringBounds(words, FRAME).getWidth() / ENLARGED;
    }

    /** A rectangle of one colour. */
    void filled(double x, double y, double wideMm, double highMm, Color colour) {
        g.setColor(colour);
        g.fill(new Rectangle2D.Double(x, y, wideMm, highMm));
    }

    void circle(double x, double y, double diameterMm, double widthMm) {
        g.setColor(INK);
        g.setStroke(new BasicStroke((float) widthMm));
        g.draw(new Ellipse2D.Double(x - diameterMm / 2, y - diameterMm / 2, diameterMm, diameterMm));
    }

    private void text(double x, double y, double sizeMm, String words, Color colour, boolean isBold) {
        Graphics2D own = (Graphics2D) g.create();
        own.translate(x, y);
        own.scale(1 / ENLARGED, 1 / ENLARGED);
        own.setColor(colour);
        own.setFont(Face.LIBERATION.of(isBold, sizeMm * ENLARGED));
        own.drawString(words, 0, 0);
        own.dispose();
    }
}
