package org.etui.server.print;

import org.etui.core.measure.LengthFormat;
import org.etui.core.measure.RingSize;
import org.etui.core.measure.Rounding;

/** Strips to wrap round a finger or a hand: where the pointer meets the scale stands the size. */
final class SizeStrips {
    private static final double STRIP_MM = 9;
    private static final double TONGUE_MM = 14;

    /** Inside lengths of slip-over bangles, mm (common practice: 8, 8 1/4, 8 1/2 in). */
    private static final double[] BANGLES_MM = {203, 210, 216};

    private static final String[] BANGLE_NAMES = {"small", "medium", "large"};
    private static final double BANGLE_FROM_MM = 150;
    private static final double BANGLE_TO_MM = 260;

    private SizeStrips() {}

    /** One strip for each ring system; each begins at its pointer. */
    static void rings(Flow flow) {
        flow.paragraph(
                3.2,
                "Cut out one strip. Wrap it round the finger, letters outside, the pointer end first, snug but so that it still"
                        + " passes the knuckle. Read the size at the pointer. Check the bars above first.");
        for (RingSize system : RingSize.values()) {
            flow.heading(title(system));
            double at = flow.room(STRIP_MM + 8);
            flow.add(g -> ring(new Pen(g), flow.left(), at + 2, system));
        }
        flow.paragraph(
                2.8,
                "Paper adds about 0.3 mm round. A band wider than 6 mm needs about half a US size more (common"
                        + " practice). Warm hands are larger; measure twice.");
    }

    private static String title(RingSize system) {
        return switch (system) {
            case US -> "United States: (1.4216 + 0.1018 n) in round";
            case UK -> "United Kingdom: A is 37.5 mm round, a letter 1.25 mm";
            case ISO -> "ISO 8653: mm round";
        };
    }

    private static void ring(Pen pen, double x, double top, RingSize system) {
        double zero = x + TONGUE_MM;
        double last = system.insideMm(system.most()) * Math.PI;
        edges(pen, x, zero, zero + last + 6, top);
        pen.text(x + 1.5, top + STRIP_MM / 2 + 1, 2.4, "pointer");
        double step = system == RingSize.US ? 0.5 : 1;
        double namedStep = system == RingSize.ISO ? 2 : 1;
        for (double size = system.least(); size <= system.most() + 1e-9; size += step) {
            double at = zero + system.insideMm(size) * Math.PI;
            boolean named = size % namedStep == 0;
            pen.line(at, top, at, top + (named ? 2.8 : 1.9), 0.15);
            if (named) {
                // Names take turns in two rows: they are wider than a step.
                boolean lower = Math.round(size / namedStep) % 2 != 0;
                String words = system.write(size);
                pen.text(at - Pen.widthMm(words, 2) / 2, top + (lower ? 8.2 : 5.4), 2, words);
                if (lower) {
                    pen.line(at, top + 2.8, at, top + 6.2, 0.08);
                }
            }
        }
    }

    private static void edges(Pen pen, double x, double zero, double right, double top) {
        pen.line(x, top, right, top, 0.25);
        pen.line(x, top + STRIP_MM, right, top + STRIP_MM, 0.25);
        pen.line(x, top, x, top + STRIP_MM, 0.25);
        pen.line(right, top, right, top + STRIP_MM, 0.25);
        pen.line(zero, top - 1.5, zero, top + STRIP_MM + 1.5, 0.4);
    }

    /** A tape in two halves to be glued, with the usual bangle sizes. */
    static void bangle(LengthFormat format, Flow flow) {
        flow.paragraph(
                3.2,
                "Cut out both strips and glue the second on the first, its beginning at the line. For a closed bangle lay the"
                        + " thumb into the palm and wrap it round the widest part of the closed hand; for one that opens, round"
                        + " the wrist. Read at the pointer, letters outside.");
        double reach = flow.width() - TONGUE_MM - 12;
        double half = Math.min(BANGLE_FROM_MM, Math.floor(reach / 10) * 10);
        flow.heading("First strip: pointer to " + Math.round(half) + " mm");
        double first = flow.room(STRIP_MM + 8);
        flow.add(g -> tape(new Pen(g), flow.left() + TONGUE_MM, first + 2, 0, half, 10, true));
        flow.heading("Second strip: " + Math.round(half) + " to " + Math.round(BANGLE_TO_MM) + " mm");
        double second = flow.room(STRIP_MM + 8);
        flow.add(g -> tape(new Pen(g), flow.left() + TONGUE_MM, second + 2, half, BANGLE_TO_MM, 6, false));
        for (int i = 0; i < BANGLES_MM.length; i++) {
            flow.line(
                    3,
                    BANGLE_NAMES[i] + ": " + format.write(BANGLES_MM[i], Rounding.NEAREST) + " round, "
                            + format.write(BANGLES_MM[i] / Math.PI, Rounding.NEAREST) + " across the inside");
        }
        flow.paragraph(
                2.8,
                "A wrist needs about 10 mm of ease for a bangle that opens, 15 mm for a bracelet (common practice).");
    }

    private static void tape(Pen pen, double zero, double top, double from, double to, double beyond, boolean pointer) {
        edges(pen, zero - TONGUE_MM, zero, zero + to - from + beyond, top);
        pen.text(zero - TONGUE_MM + 1, top + STRIP_MM / 2 + 1, 2.2, pointer ? "pointer" : "glue under");
        for (int mm = (int) from; mm <= to; mm++) {
            double at = zero + mm - from;
            double tick = mm % 10 == 0 ? 3.2 : mm % 5 == 0 ? 2.4 : 1.4;
            pen.line(at, top, at, top + tick, 0.12);
            if (mm % 10 == 0 && mm > from) {
                String words = Integer.toString(mm);
                pen.text(at - Pen.widthMm(words, 2) / 2, top + 5.8, 2, words);
            }
        }
        for (int i = 0; i < BANGLES_MM.length; i++) {
            if (BANGLES_MM[i] > from && BANGLES_MM[i] <= to) {
                double at = zero + BANGLES_MM[i] - from;
                pen.line(at, top + STRIP_MM, at, top + STRIP_MM - 2, 0.4);
                pen.bold(
                        at - 1,
                        top + STRIP_MM - 0.4 - 2,
                        2,
                        BANGLE_NAMES[i].substring(0, 1).toUpperCase(java.util.Locale.ROOT));
            }
        }
    }
}
