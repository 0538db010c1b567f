package org.etui.server.print;

import com.lowagie.text.pdf.BaseFont;
import com.lowagie.text.pdf.FontMapper;
import java.awt.Font;
import java.awt.FontFormatException;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;

/**
 * The face of everything printed, Liberation Sans: it is measured, drawn and embedded from the same file, so that letters stand as the face
 * wants them on every machine.
 */
enum Face implements FontMapper {
    /** The face in both weights. */
    LIBERATION;

    /** Families to take where the face itself is not there, as an SVG names them. */
    static final String FAMILIES = "Liberation Sans, Arial, Helvetica, sans-serif";

    private static final String FOLDER = "/liberation/LiberationSans-";

    private final byte[] plainFile = read("Regular.ttf");
    private final byte[] boldFile = read("Bold.ttf");
    private final Font plain = awt(plainFile);
    private final Font bold = awt(boldFile);
    private final BaseFont plainPdf = pdf("LiberationSans-Regular.ttf", plainFile);
    private final BaseFont boldPdf = pdf("LiberationSans-Bold.ttf", boldFile);

    /** The face of a size. */
    Font of(boolean isBold, double size) {
        return (isBold ? bold : plain).deriveFont((float) size);
    }

    @Override
    public BaseFont awtToPdf(Font font) {
        return font.getFontName().equals(bold.getFontName()) ? boldPdf : plainPdf;
    }

    @Override
    public Font pdfToAwt(BaseFont font, int size) {
        return of(font == boldPdf, size);
    }

    private static byte[] read(String name) {
        try (InputStream in = Face.class.getResourceAsStream(FOLDER + name)) {
            return in.readAllBytes();
        } catch (IOException missing) {
            throw new UncheckedIOException(missing);
        }
    }

    private static Font awt(byte[] file) {
        try {
            return Font.createFont(Font.TRUETYPE_FONT, new java.io.ByteArrayInputStream(file));
        } catch (IOException | FontFormatException broken) {
            throw new IllegalStateException("the face of the print is broken", broken);
        }
    }

    private static BaseFont pdf(String name, byte[] file) {
        try {
            return BaseFont.createFont(name, BaseFont.IDENTITY_H, BaseFont.EMBEDDED, true, file, null);
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }
}
