package org.etui.server.print;

/** Paper that sheets are printed on, with margins that every printer leaves, mm. */
public enum Paper {
    /** ISO 216. */
    A4(210, 297),
    /** 8½ × 11 in. */
    LETTER(215.9, 279.4);

    /** Home printers leave at most this much blank (common practice). */
    static final double MARGIN_MM = 12;

    private final double widthMm;
    private final double heightMm;

    Paper(double widthMm, double heightMm) {
        this.widthMm = widthMm;
        this.heightMm = heightMm;
    }

    /** Width, mm. */
    public double widthMm() {
        return widthMm;
    }

    /** Height, mm. */
    public double heightMm() {
        return heightMm;
    }

    double innerWidthMm() {
        return widthMm - 2 * MARGIN_MM;
    }
}
