package org.etui.server.print;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Comparator;
import java.util.Locale;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.etui.core.check.Word;
import org.etui.core.plan.Plan;
import org.etui.core.work.Mark;

/** Tables as comma-separated values (RFC 4180), UTF-8, decimal points, units in the head. */
public enum Table {
    /** What to cut. */
    CUT_LIST(
            "strand",
            "name",
            "wires",
            "wire",
            "gauges",
            "net mm",
            "handle mm",
            "tail mm",
            "filing mm",
            "cut mm",
            "mass g") {
        @Override
        void rows(Plan plan, CSVPrinter out) throws IOException {
            for (Plan.StrandPlan s : plan.strands()) {
                out.printRecord(
                        safe(s.id()),
                        safe(s.title()),
                        s.count(),
                        s.bought().wireInWords(),
                        s.bought().gaugesInWords(),
                        mm(s.amount().netLengthMm()),
                        mm(s.amount().stretch().handleMm()),
                        mm(s.amount().stretch().tailMm()),
                        mm(s.amount().stretch().fileMm() + s.amount().stretch().roundingMm()),
                        mm(s.amount().cutLengthMm()),
                        mm(s.amount().massG()));
            }
        }
    },
    /** Every element. */
    ELEMENTS(
            "strand",
            "element",
            "name",
            "kind",
            "wire mm",
            "from mm",
            "to mm",
            "tool",
            "tool mm",
            "inside finished mm",
            "outside finished mm",
            "strain",
            "hardness HV") {
        @Override
        void rows(Plan plan, CSVPrinter out) throws IOException {
            for (Plan.StrandPlan s : plan.strands()) {
                for (Plan.ElementPlan e : s.elements()) {
                    out.printRecord(
                            safe(s.id()),
                            safe(e.id()),
                            safe(e.label()),
                            e.kind(),
                            mm(e.along().lengthMm()),
                            mm(e.along().fromMm()),
                            mm(e.along().toMm()),
                            e.formed().tool().map(t -> t.kind()).orElse(""),
                            e.formed()
                                    .tool()
                                    .filter(t -> t.insideMm() > 0)
                                    .map(t -> mm(t.insideMm()))
                                    .orElse(""),
                            e.formed()
                                    .finished()
                                    .filter(f -> f.insideMm().isPresent())
                                    .map(f -> mm(f.insideMm().getAsDouble()))
                                    .orElse(""),
                            e.formed().finished().map(f -> mm(f.outsideMm())).orElse(""),
                            String.format(Locale.ROOT, "%.4f", e.worked().strain()),
                            String.format(Locale.ROOT, "%.1f", e.worked().hardnessHv()));
                }
            }
        }
    },
    /** Where to mark the wire. */
    MARKS("strand", "name", "at mm", "from", "mark") {
        @Override
        void rows(Plan plan, CSVPrinter out) throws IOException {
            for (Plan.StrandPlan s : plan.strands()) {
                for (Mark m : s.marks().stream()
                        .sorted(Comparator.comparingDouble(Mark::atMm))
                        .toList()) {
                    out.printRecord(safe(s.id()), safe(s.title()), mm(m.atMm()), Word.of(m.from()), safe(m.label()));
                }
            }
        }
    };

    private final String[] head;

    Table(String... head) {
        this.head = head;
    }

    abstract void rows(Plan plan, CSVPrinter out) throws IOException;

    /** The table of a plan. */
    public byte[] of(Plan plan) {
        StringWriter text = new StringWriter();
        try (CSVPrinter out =
                new CSVPrinter(text, CSVFormat.RFC4180.builder().setHeader(head).get())) {
            rows(plan, out);
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        return text.toString().getBytes(StandardCharsets.UTF_8);
    }

    private static String mm(double value) {
        return String.format(Locale.ROOT, "%.3f", value);
    }

    /** A name that a spreadsheet would take for a formula is led by an apostrophe. */
    public static String safe(String name) {
        return name.matches("(?s)[=+@\\-\t\r].*") ? "'" + name : name;
    }
}
