package org.etui.server.print;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.geom.AffineTransform;
import java.awt.geom.Path2D;
import java.awt.geom.Point2D;
import java.awt.geom.Rectangle2D;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javax.xml.parsers.DocumentBuilderFactory;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.contentstream.PDFGraphicsStreamEngine;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.graphics.image.PDImage;
import org.apache.pdfbox.text.PDFTextStripper;
import org.apache.pdfbox.text.TextPosition;
import org.w3c.dom.Document;
import org.w3c.dom.Element;
import org.w3c.dom.NodeList;

/** Reads printed sheets back: PDF by PDFBox, SVG by the JDK's XML parser, both to millimetres. */
final class PaperReader {
    static final double TRUE_MM = 0.1;

    private PaperReader() {}

    /** A shape on a page, mm, and whether it is filled. */
    record Drawn(Rectangle2D box, boolean filled, int page, Path2D path) {}

    /** A letter on a page, mm from the upper left corner. */
    record Letter(double x, double y, double right, int page) {}

    /** Whether something is a level line of a length. */
    static boolean isLong(Drawn drawn, double mm) {
        return Math.abs(drawn.box.getWidth() - mm) < TRUE_MM && drawn.box.getHeight() < 0.01;
    }

    static int pages(byte[] pdf) throws IOException {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            return document.getNumberOfPages();
        }
    }

    static String text(byte[] pdf) throws IOException {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            return new PDFTextStripper().getText(document).replace("\r\n", "\n");
        }
    }

    /** Every letter. */
    static List<Letter> letters(byte[] pdf) throws IOException {
        List<Letter> letters = new ArrayList<>();
        try (PDDocument document = Loader.loadPDF(pdf)) {
            PDFTextStripper stripper = new PDFTextStripper() {
                @Override
                protected void processTextPosition(TextPosition at) {
                    double mm = 25.4 / 72;
                    letters.add(new Letter(
                            at.getXDirAdj() * mm,
                            at.getYDirAdj() * mm,
                            (at.getXDirAdj() + at.getWidthDirAdj()) * mm,
                            getCurrentPageNo() - 1));
                    super.processTextPosition(at);
                }
            };
            stripper.getText(document);
        }
        return letters;
    }

    static List<Drawn> pdf(byte[] bytes) throws IOException {
        List<Drawn> drawn = new ArrayList<>();
        try (PDDocument document = Loader.loadPDF(bytes)) {
            for (int i = 0; i < document.getNumberOfPages(); i++) {
                new Paths(document.getPage(i), i, drawn).processPage(document.getPage(i));
            }
        }
        return drawn;
    }

    /** Collects what is stroked and filled, in mm from the upper left corner. */
    private static final class Paths extends PDFGraphicsStreamEngine {
        private final Path2D path = new Path2D.Double();
        private final List<Drawn> drawn;
        private final int number;
        private final double height;

        Paths(PDPage page, int number, List<Drawn> drawn) {
            super(page);
            this.drawn = drawn;
            this.number = number;
            this.height = page.getMediaBox().getHeight();
        }

        private void add(boolean filled) {
            AffineTransform mm = AffineTransform.getScaleInstance(25.4 / 72, -25.4 / 72);
            mm.translate(0, -height);
            Path2D at = new Path2D.Double(path, mm);
            drawn.add(new Drawn(at.getBounds2D(), filled, number, at));
            path.reset();
        }

        @Override
        public void appendRectangle(Point2D a, Point2D b, Point2D c, Point2D d) {
            path.append(new Rectangle2D.Double(a.getX(), a.getY(), c.getX() - a.getX(), c.getY() - a.getY()), false);
        }

        @Override
        public void moveTo(float x, float y) {
            path.moveTo(x, y);
        }

        @Override
        public void lineTo(float x, float y) {
            path.lineTo(x, y);
        }

        @Override
        public void curveTo(float x1, float y1, float x2, float y2, float x3, float y3) {
            path.curveTo(x1, y1, x2, y2, x3, y3);
        }

        @Override
        public Point2D getCurrentPoint() {
            return path.getCurrentPoint();
        }

        @Override
        public void closePath() {
            path.closePath();
        }

        @Override
        public void endPath() {
            path.reset();
        }

        @Override
        public void strokePath() {
            add(false);
        }

        @Override
        public void fillPath(int rule) {
            add(true);
        }

        @Override
        public void fillAndStrokePath(int rule) {
            add(true);
        }

        @Override
        public void clip(int rule) {}

        @Override
        public void drawImage(PDImage image) {}

        @Override
        public void shadingFill(COSName name) {}
    }

    static List<Drawn> svg(byte[] bytes, Paper paper) throws Exception {
        DocumentBuilderFactory factory = DocumentBuilderFactory.newInstance();
        factory.setFeature("http://apache.org/xml/features/nonvalidating/load-external-dtd", false);
        Document document = factory.newDocumentBuilder().parse(new ByteArrayInputStream(bytes));
        Element root = document.getDocumentElement();
        assertThat(root.getAttribute("width")).isEqualTo(paper.widthMm() + "mm");
        assertThat(root.getAttribute("viewBox")).startsWith("0 0 " + paper.widthMm() + " ");
        List<Drawn> drawn = new ArrayList<>();
        NodeList all = root.getElementsByTagName("*");
        for (int i = 0; i < all.getLength(); i++) {
            Element element = (Element) all.item(i);
            Path2D path = switch (element.getTagName()) {
                case "line" -> line(element);
                case "path" -> path(element.getAttribute("d"));
                default -> null;
            };
            if (path != null && !element.getParentNode().getNodeName().equals("clipPath")) {
                boolean filled = ((Element) element.getParentNode())
                        .getAttribute("style")
                        .startsWith("fill:rgb");
                Path2D at = new Path2D.Double(path, transform(element));
                drawn.add(new Drawn(at.getBounds2D(), filled, 0, at));
            }
        }
        return drawn;
    }

    private static Path2D line(Element element) {
        Path2D path = new Path2D.Double();
        path.moveTo(Double.parseDouble(element.getAttribute("x1")), Double.parseDouble(element.getAttribute("y1")));
        path.lineTo(Double.parseDouble(element.getAttribute("x2")), Double.parseDouble(element.getAttribute("y2")));
        return path;
    }

    private static Path2D path(String d) {
        Path2D path = new Path2D.Double();
        Matcher matcher = Pattern.compile("([MLQCZ])\\s*([-\\d.,eE\\s]*)").matcher(d);
        while (matcher.find()) {
            String[] text = matcher.group(2).strip().split("[ ,]+");
            double[] n = text[0].isEmpty()
                    ? new double[0]
                    : java.util.Arrays.stream(text)
                            .mapToDouble(Double::parseDouble)
                            .toArray();
            switch (matcher.group(1)) {
                case "M" -> path.moveTo(n[0], n[1]);
                case "L" -> path.lineTo(n[0], n[1]);
                case "Q" -> path.quadTo(n[0], n[1], n[2], n[3]);
                case "C" -> path.curveTo(n[0], n[1], n[2], n[3], n[4], n[5]);
                default -> path.closePath();
            }
        }
        return path;
    }

    /** Every group's matrix from the root down to the element. */
    private static AffineTransform transform(Element element) {
        AffineTransform outer =
                element.getParentNode() instanceof Element parent ? transform(parent) : new AffineTransform();
        Matcher matcher = Pattern.compile("matrix\\(([^)]*)\\)").matcher(element.getAttribute("transform"));
        if (matcher.find()) {
            outer.concatenate(
                    new AffineTransform(java.util.Arrays.stream(matcher.group(1).split("[ ,]+"))
                            .mapToDouble(Double::parseDouble)
                            .toArray()));
        }
        return outer;
    }
}
