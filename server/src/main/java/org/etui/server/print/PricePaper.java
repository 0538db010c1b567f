package org.etui.server.print;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.etui.core.price.PriceSheet;

/** A price sheet as a table for a spreadsheet and on paper. */
public final class PricePaper {
    private static final double TEXT_MM = 3.2;
    private static final double ROW_MM = 5.6;

    /** Where the figures end, as shares of the width. */
    private static final double[] COLUMNS = {0.34, 0.43, 0.52, 0.61, 0.7, 0.79, 0.88, 1};

    private PricePaper() {}

    /** As comma-separated values. */
    public static byte[] csv(PriceSheet sheet) {
        StringWriter text = new StringWriter();
        String[] head = {
            "size",
            "pieces",
            "minutes each",
            "wire",
            "wire cut off",
            "parts",
            "work",
            "consumables",
            "cost each",
            "price each",
            "cost of all",
            "price of all",
            "currency"
        };
        try (CSVPrinter out =
                new CSVPrinter(text, CSVFormat.RFC4180.builder().setHeader(head).get())) {
            for (PriceSheet.Row r : sheet.rows()) {
                out.printRecord(
                        Table.safe(r.label()),
                        r.quantity(),
                        String.format(Locale.ROOT, "%.1f", r.minutes()),
                        amount(r.wire(), sheet),
                        amount(r.cutOff(), sheet),
                        amount(r.parts(), sheet),
                        amount(r.work(), sheet),
                        amount(r.consumables(), sheet),
                        amount(r.cost(), sheet),
                        amount(r.price(), sheet),
                        amount(r.allCost(), sheet),
                        amount(r.allPrice(), sheet),
                        Table.safe(sheet.currency()));
            }
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        return text.toString().getBytes(StandardCharsets.UTF_8);
    }

    /** On paper. */
    public static byte[] of(PriceSheet sheet, String name, Paper paper, Writer.As as) {
        Flow flow = new Flow(paper, name, "price sheet, amounts in " + sheet.currency());
        row(flow, true, "one piece", "wire", "cut off", "parts", "work", "supplies", "cost", "price");
        for (PriceSheet.Row r : sheet.rows()) {
            row(
                    flow,
                    false,
                    (r.label().isBlank() ? "one size" : r.label()) + ", " + r.quantity() + " pieces",
                    amount(r.wire(), sheet),
                    amount(r.cutOff(), sheet),
                    amount(r.parts(), sheet),
                    amount(r.work(), sheet),
                    amount(r.consumables(), sheet),
                    amount(r.cost(), sheet),
                    amount(r.price(), sheet));
        }
        row(flow, true, "all", "", "", "", "", "", amount(sheet.cost(), sheet), amount(sheet.price(), sheet));
        flow.paragraph(
                TEXT_MM,
                "Cut off: handles, filing and two cuts a wire. Work: hands-on minutes of the bench card, an estimate. Every line is"
                        + " rounded to the smallest coin; the price is rounded up.");
        if (!sheet.unpriced().isEmpty()) {
            flow.paragraph(
                    TEXT_MM, "Without a price, and not in the sums: " + String.join(", ", sheet.unpriced()) + ".");
        }
        return as.write(flow.laidOut(), paper, name + ", price sheet");
    }

    private static void row(Flow flow, boolean bold, String... cells) {
        double at = flow.room(ROW_MM);
        flow.add(g -> {
            Pen pen = new Pen(g);
            for (int i = 0; i < cells.length; i++) {
                double x =
                        i == 0 ? flow.left() : flow.left() + COLUMNS[i] * flow.width() - Pen.widthMm(cells[i], TEXT_MM);
                List<String> lines = Pen.lines(cells[i], TEXT_MM, flow.width() * COLUMNS[0]);
                String text = lines.isEmpty() ? "" : lines.get(0);
                if (bold) {
                    pen.bold(x, at + 4, TEXT_MM, text);
                } else {
                    pen.text(x, at + 4, TEXT_MM, text);
                }
            }
            pen.line(flow.left(), at + ROW_MM - 0.4, flow.left() + flow.width(), at + ROW_MM - 0.4, 0.08);
        });
    }

    private static String amount(double amount, PriceSheet sheet) {
        return String.format(Locale.ROOT, "%." + sheet.places() + "f", amount);
    }
}
