package org.etui.server.print;

import java.awt.Graphics2D;
import java.awt.geom.AffineTransform;
import java.util.ArrayList;
import java.util.List;

/**
 * Lays parts out down the pages of a sheet: what does not fit goes on the next page whole. Every page has its head with the
 * name, what it is, and the check bars.
 */
final class Flow {
    private static final double TOP_MM = 42;
    private static final double CHECK_MM = 100;
    private static final double CHECK_IN_MM = 4 * 25.4;
    static final double THIN_MM = 0.2;

    private final Paper paper;
    private final String title;
    private final String about;
    private final boolean mirrored;
    private final List<List<Page>> pages = new ArrayList<>();
    private double y;

    /**
     * An empty sheet.
     *
     * @param title in large letters on every page
     * @param about what the sheet is, in small ones
     */
    Flow(Paper paper, String title, String about) {
        this(paper, title, about, false);
    }

    /**
     * The same, mirrored where a maker's tool is in the left hand.
     *
     * @param mirrored whether forms are drawn mirrored; it says so on every page
     */
    Flow(Paper paper, String title, String about, boolean mirrored) {
        this.mirrored = mirrored;
        this.paper = paper;
        this.title = title;
        this.about = mirrored ? about + ", mirrored for the left hand" : about;
        newPage();
    }

    boolean mirrored() {
        return mirrored;
    }

    /** How forms face: mirrored for the left hand. */
    AffineTransform facing() {
        return AffineTransform.getScaleInstance(mirrored ? -1 : 1, 1);
    }

    Paper paper() {
        return paper;
    }

    /** Where parts begin, mm from the left. */
    double left() {
        return Paper.MARGIN_MM;
    }

    /** How wide parts can be, mm. */
    double width() {
        return paper.innerWidthMm();
    }

    /** How high a part can be at most, mm. */
    double height() {
        return bottom() - TOP_MM;
    }

    private double bottom() {
        return paper.heightMm() - Paper.MARGIN_MM;
    }

    private void newPage() {
        pages.add(new ArrayList<>());
        y = TOP_MM;
    }

    /** Makes room of a height, on a new page if need be, and returns where it begins, mm from the top. */
    double room(double heightMm) {
        if (y + heightMm > bottom() && y > TOP_MM) {
            newPage();
        }
        double at = y;
        y += heightMm;
        return at;
    }

    /** Puts a part on the page that room was made on last. */
    void add(Page part) {
        pages.get(pages.size() - 1).add(part);
    }

    /** A line of words. */
    void line(double sizeMm, String words) {
        double at = room(1.6 * sizeMm);
        add(g -> new Pen(g).text(left(), at + 1.2 * sizeMm, sizeMm, words));
    }

    /** A line in bold. */
    void heading(String words) {
        double at = room(7);
        add(g -> new Pen(g).bold(left(), at + 5, 4, words));
    }

    /** Words broken into lines as wide as the sheet. */
    void paragraph(double sizeMm, String words) {
        Pen.lines(words, sizeMm, width()).forEach(line -> line(sizeMm, line));
    }

    /** Every page with its head. */
    List<Page> laidOut() {
        List<Page> whole = new ArrayList<>();
        for (int i = 0; i < pages.size(); i++) {
            List<Page> parts = pages.get(i);
            String number = "sheet " + (i + 1) + " of " + pages.size();
            whole.add(g -> {
                head(g, number);
                parts.forEach(p -> p.draw(g));
            });
        }
        return whole;
    }

    private void head(Graphics2D g, String number) {
        Pen pen = new Pen(g);
        double x = left();
        pen.bold(x, 17, 5.5, title);
        pen.pale(x, 22.5, 3.2, about + ", " + number);
        bar(pen, x, 30, CHECK_MM, 10, "check bar, 100 mm; if it is not, print at 100 %");
        bar(pen, x, 37, CHECK_IN_MM, 4, "4 in");
    }

    private static void bar(Pen pen, double x, double at, double lengthMm, int parts, String words) {
        pen.line(x, at, x + lengthMm, at, 0.3);
        for (int i = 0; i <= parts; i++) {
            double tick = i == 0 || i == parts ? 2 : 1;
            pen.line(x + lengthMm * i / parts, at - tick, x + lengthMm * i / parts, at, THIN_MM);
        }
        pen.pale(x + lengthMm + 3, at, 2.8, words);
    }
}
