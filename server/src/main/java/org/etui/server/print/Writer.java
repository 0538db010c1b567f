package org.etui.server.print;

import com.lowagie.text.Document;
import com.lowagie.text.Rectangle;
import com.lowagie.text.pdf.PdfContentByte;
import com.lowagie.text.pdf.PdfWriter;
import java.awt.Graphics2D;
import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.jfree.svg.SVGGraphics2D;
import org.jfree.svg.SVGUnits;
import org.jfree.svg.ViewBox;

/** Writes pages as PDF, or as one SVG with the pages below each other. Both measure true: 1 mm is 1 mm. */
public final class Writer {
    private static final double POINTS_PER_MM = 72 / 25.4;
    private static final double TEN_THOUSANDTH = 1e4;

    private Writer() {}

    /** How pages are written. */
    public enum As {
        /** Portable document format. */
        PDF("application/pdf") {
            @Override
            byte[] write(List<Page> pages, Paper paper, String title) {
                return pdf(pages, paper, title);
            }
        },
        /** Scalable vector graphics, pages below each other. */
        SVG("image/svg+xml") {
            @Override
            byte[] write(List<Page> pages, Paper paper, String title) {
                return svg(pages, paper.widthMm(), paper.heightMm(), title);
            }
        };

        private final String mediaType;

        As(String mediaType) {
            this.mediaType = mediaType;
        }

        /** Its media type. */
        public String mediaType() {
            return mediaType;
        }

        abstract byte[] write(List<Page> pages, Paper paper, String title);
    }

    static byte[] pdf(List<Page> pages, Paper paper, String title) {
        float width = (float) (paper.widthMm() * POINTS_PER_MM);
        float height = (float) (paper.heightMm() * POINTS_PER_MM);
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        Document document = new Document(new Rectangle(width, height), 0, 0, 0, 0);
        PdfWriter writer = PdfWriter.getInstance(document, out);
        document.addTitle(title);
        document.addCreator("Etui");
        document.open();
        for (Page page : pages) {
            document.newPage();
            PdfContentByte content = writer.getDirectContent();
            Graphics2D g = content.createGraphics(width, height, Face.LIBERATION);
            g.scale(POINTS_PER_MM, POINTS_PER_MM);
            page.draw(g);
            g.dispose();
        }
        document.close();
        return out.toByteArray();
    }

    static byte[] svg(List<Page> pages, double widthMm, double pageMm, String title) {
        double height = pageMm * pages.size();
        SVGGraphics2D g = new SVGGraphics2D(widthMm, height, SVGUnits.MM);
        g.setFontFunction(family -> Face.FAMILIES);
        g.setGeomDoubleConverter(Writer::number);
        g.setTransformDoubleConverter(Writer::number);
        for (int i = 0; i < pages.size(); i++) {
            Graphics2D own = (Graphics2D) g.create();
            own.translate(0, i * pageMm);
            pages.get(i).draw(own);
            own.dispose();
        }
        ViewBox box = new ViewBox(0, 0, Math.round(widthMm), Math.round(height));
        String text = g.getSVGElement("etui", true, box, null, null);
        String exact = "viewBox=\"0 0 " + widthMm + " " + height + "\"";
        return text.replaceFirst("viewBox=['\"][^'\"]*['\"]", exact)
                .replaceFirst(">", "><title>" + escaped(title) + "</title>")
                .getBytes(StandardCharsets.UTF_8);
    }

    private static String number(double value) {
        return Double.toString(Math.rint(value * TEN_THOUSANDTH) / TEN_THOUSANDTH);
    }

    private static String escaped(String text) {
        return java.util.regex.Matcher.quoteReplacement(
                text.replace("&", "&amp;").replace("<", "&lt;").replace(">", "&gt;"));
    }
}
