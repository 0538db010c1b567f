package org.etui.server.api;

import java.io.IOException;
import java.io.StringReader;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.UUID;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;
import org.etui.core.check.BadInput;
import org.etui.core.check.Term;
import org.etui.core.check.Word;
import org.etui.core.measure.GaugeSystem;
import org.etui.core.metal.Metal;
import org.etui.core.metal.Temper;
import org.etui.core.section.Bent;
import org.etui.core.section.Flat;
import org.etui.core.section.GaugeLabel;
import org.etui.core.section.HalfRound;
import org.etui.core.section.Round;
import org.etui.core.section.Square;
import org.etui.core.section.WireSection;
import org.etui.core.stock.Entry;
import org.etui.core.stock.Rack;
import org.etui.core.stock.Stock;
import org.etui.core.wire.Finish;
import org.etui.core.wire.Wire;
import org.etui.server.print.Table;

/** The rack as a table for a spreadsheet, and read back: each row is a stock, known by the name on its label. */
final class RackCsv {
    private static final String[] HEAD = {
        "name",
        "form",
        "metal",
        "temper",
        "finish",
        "shape",
        "gauge",
        "thickness mm",
        "width mm",
        "length mm",
        "mass g",
        "pieces",
        "where",
        "low"
    };
    private static final int MOST_ROWS = 2000;
    private static final double GRAIN = 0.05;

    private RackCsv() {}

    /** What there is. */
    static byte[] write(Rack rack) {
        StringWriter text = new StringWriter();
        try (CSVPrinter out =
                new CSVPrinter(text, CSVFormat.RFC4180.builder().setHeader(HEAD).get())) {
            for (Rack.Held held : rack.there()) {
                Stock stock = held.stock();
                Optional<Wire> wire = stock.wire();
                out.printRecord(
                        Table.safe(stock.name()),
                        Word.of(stock.form()),
                        wire.map(w -> w.metal().word()).orElse(""),
                        wire.map(w -> Word.of(w.temper())).orElse(""),
                        wire.map(w -> Word.of(w.finish())).orElse(""),
                        wire.map(w -> Word.of(w.section().getClass())).orElse(""),
                        wire.flatMap(w -> w.section().label())
                                .map(l -> l.system().name() + " " + l.number())
                                .orElse(""),
                        wire.map(w -> exact(w.section().thicknessMm())).orElse(""),
                        wire.map(w -> exact(w.section().widthMm())).orElse(""),
                        wire.map(w -> figure(held.has(), 1)).orElse(""),
                        wire.map(w -> figure(w.massG(held.has()), 2)).orElse(""),
                        wire.isEmpty() ? figure(held.has(), 0) : "",
                        Table.safe(stock.where()),
                        figure(stock.low(), 1));
            }
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        return text.toString().getBytes(StandardCharsets.UTF_8);
    }

    private static String exact(double value) {
        return BigDecimal.valueOf(value).toPlainString();
    }

    private static String figure(double value, int places) {
        return String.format(Locale.ROOT, "%." + places + "f", value);
    }

    /**
     * What a file would change.
     *
     * @param version number of the last entry of the rack that it was compared with
     * @param rows row by row
     * @param entry the entry that makes it so; absent where nothing would change, or a row is bad
     */
    record Preview(
            @Term("number of the last entry of the rack that it was compared with")
            long version,

            @Term("row by row") List<Row> rows,

            @Term("the entry that makes it so; absent where nothing would change, or a row is bad")
            Optional<Entry> entry) {}

    /**
     * What a row would change.
     *
     * @param line its line in the file, from 1
     * @param name the name on the label
     * @param does what it would do
     * @param bad why it cannot be read; empty where it can
     */
    record Row(
            @Term("its line in the file, from 1") long line,
            @Term("the name on the label") String name,
            @Term("what it would do") String does,

            @Term("why it cannot be read; empty where it can")
            String bad) {}

    /**
     * Compares a file with the rack.
     *
     * @throws BadInput if it is no table of a rack
     */
    static Preview read(String text, Rack rack) {
        List<CSVRecord> records = records(text);
        List<Row> rows = new ArrayList<>();
        List<Stock> stocks = new ArrayList<>();
        List<Entry.Line> lines = new ArrayList<>();
        Set<String> names = new HashSet<>();
        Map<String, Rack.Held> known = new HashMap<>();
        rack.held().forEach(h -> known.put(key(h.stock().name()), h));
        for (CSVRecord record : records) {
            Cells cells = new Cells(record);
            String name = cells.text("name");
            try {
                if (name.isEmpty() || !names.add(key(name))) {
                    throw new BadInput(
                            "name",
                            name,
                            name.isEmpty() ? "must be given" : "stands twice; each label must have its own");
                }
                rows.add(row(record.getRecordNumber() + 1, name, cells, known.get(key(name)), stocks, lines));
            } catch (IllegalArgumentException bad) {
                rows.add(new Row(record.getRecordNumber() + 1, name, "", bad.getMessage()));
            }
        }
        boolean bad = rows.stream().anyMatch(r -> !r.bad().isEmpty());
        Optional<Entry> entry = bad || stocks.isEmpty() && lines.isEmpty()
                ? Optional.empty()
                : Optional.of(new Entry(
                        lines.isEmpty() ? Entry.What.DESCRIBED : Entry.What.CORRECTED,
                        stocks,
                        lines,
                        "from a file",
                        Optional.empty()));
        return new Preview(rack.version(), rows, entry);
    }

    private static List<CSVRecord> records(String text) {
        String plain = text.startsWith("\uFEFF") ? text.substring(1) : text;
        String head = plain.lines().findFirst().orElse("");
        char comma = head.indexOf(';') >= 0 ? ';' : head.indexOf('\t') >= 0 ? '\t' : ',';
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setDelimiter(comma)
                .setHeader()
                .setSkipHeaderRecord(true)
                .setIgnoreHeaderCase(true)
                .setIgnoreEmptyLines(true)
                .setTrim(true)
                .get();
        try (CSVParser parser = CSVParser.parse(new StringReader(plain), format)) {
            List<String> missing = List.of("name", "form").stream()
                    .filter(h -> parser.getHeaderNames().stream().noneMatch(h::equalsIgnoreCase))
                    .toList();
            if (!missing.isEmpty()) {
                throw new BadInput("text", head, "must have a first line with the columns " + String.join(", ", HEAD));
            }
            List<CSVRecord> records = parser.getRecords();
            if (records.size() > MOST_ROWS) {
                throw new BadInput("text", records.size() + " rows", "must be at most " + MOST_ROWS + " rows");
            }
            return records;
        } catch (IOException | UncheckedIOException | IllegalStateException broken) {
            throw new BadInput("text", "broken", "must be a table of comma-separated values");
        }
    }

    private static String key(String name) {
        return name.strip().toLowerCase(Locale.ROOT);
    }

    private static Row row(
            long line, String name, Cells cells, Rack.Held known, List<Stock> stocks, List<Entry.Line> lines) {
        Stock.Form form = PlanController.word("form", cells.text("form").replace(' ', '-'), Stock.Form.values());
        Optional<Wire> wire = form == Stock.Form.PARTS ? Optional.empty() : Optional.of(cells.wire());
        String id = known == null ? UUID.randomUUID().toString() : known.stock().id();
        Stock stock = new Stock(
                id, name, form, wire, cells.text("where"), cells.number("low").orElse(0));
        double had = known == null ? 0 : known.has();
        OptionalDouble mass = cells.number("mass g");
        OptionalDouble has = form == Stock.Form.PARTS ? cells.number("pieces") : cells.number("length mm");
        if (has.isEmpty() && wire.isPresent() && mass.isPresent()) {
            has = OptionalDouble.of(mass.getAsDouble() / wire.get().massG(1));
        }
        double now = has.orElseThrow(() -> new BadInput(
                form == Stock.Form.PARTS ? "pieces" : "length mm",
                "missing",
                form == Stock.Form.PARTS ? "must be given" : "or mass g must be given"));
        if (now < 0 || now > Stock.MOST) {
            throw new BadInput(
                    form == Stock.Form.PARTS ? "pieces" : "length mm", now, "must be from 0 to " + (long) Stock.MOST);
        }
        double more = now - had;
        boolean isOther = known == null || !known.stock().equals(stock);
        if (isOther) {
            stocks.add(stock);
        }
        if (Math.abs(more) > GRAIN) {
            Entry.In in = form == Stock.Form.PARTS ? Entry.In.PIECES : Entry.In.MM;
            lines.add(new Entry.Line(id, more, in, 0, 0));
        }
        return new Row(line, name, does(known == null, isOther, more, form), "");
    }

    private static String does(boolean isNew, boolean isOther, double more, Stock.Form form) {
        String amount = figure(Math.abs(more), form == Stock.Form.PARTS ? 0 : 1)
                + (form == Stock.Form.PARTS ? (Math.abs(more) == 1 ? " piece" : " pieces") : " mm");
        if (isNew) {
            return "new: " + amount;
        }
        String change = more > GRAIN ? amount + " more" : more < -GRAIN ? amount + " less" : "";
        if (isOther) {
            return change.isEmpty() ? "described anew" : change + ", described anew";
        }
        return change.isEmpty() ? "stays as it is" : change;
    }

    /** The cells of a row. */
    private record Cells(CSVRecord record) {
        String text(String column) {
            String text = record.isMapped(column) && record.isSet(column) ? record.get(column) : "";
            return text.startsWith("'") ? text.substring(1) : text;
        }

        OptionalDouble number(String column) {
            String text = text(column).replace(',', '.');
            if (text.isEmpty()) {
                return OptionalDouble.empty();
            }
            try {
                double value = Double.parseDouble(text);
                if (Double.isFinite(value)) {
                    return OptionalDouble.of(value);
                }
            } catch (NumberFormatException wrong) {
                throw new BadInput(column, text, "must be a number");
            }
            throw new BadInput(column, text, "must be a number");
        }

        <E extends Enum<E>> E word(String column, E usual, E[] all) {
            String text = text(column);
            return text.isEmpty() ? usual : PlanController.word(column, text.replace(' ', '-'), all);
        }

        Wire wire() {
            String metal = text("metal");
            Metal of = Arrays.stream(Metal.values())
                    .filter(m -> m.title().equalsIgnoreCase(metal))
                    .findFirst()
                    .orElseGet(() -> PlanController.word("metal", metal.replace(' ', '-'), Metal.values()));
            return new Wire(
                    of,
                    word("temper", of.onlyTemper().orElse(Temper.DEAD_SOFT), Temper.values()),
                    word("finish", Finish.BARE, Finish.values()),
                    section());
        }

        WireSection section() {
            Optional<GaugeLabel> label = gauge();
            double thick = number("thickness mm")
                    .orElseGet(() -> label.map(l -> hundredths(
                                    l.system().thicknessMm(l.number()).orElseThrow()))
                            .orElseThrow(() -> new BadInput(
                                    "thickness mm", "missing", "or a gauge such as AWG 18 must be given")));
            double wide = number("width mm").orElse(thick);
            return switch (text("shape").replace(' ', '-')) {
                case "", "round" -> new Round(thick, label);
                case "square" -> new Square(thick, label);
                case "half-round" -> new HalfRound(wide, thick, label, Bent.EASY);
                case "flat" -> new Flat(wide, thick, label, Bent.EASY);
                default -> throw new BadInput("shape", text("shape"), "must be one of round, half-round, square, flat");
            };
        }

        /** As wire of a gauge is written down everywhere. */
        private static double hundredths(double mm) {
            return Math.round(mm * 100) / 100.0;
        }

        Optional<GaugeLabel> gauge() {
            String text = text("gauge");
            if (text.isEmpty()) {
                return Optional.empty();
            }
            String[] parts = text.split("\\s+", 2);
            GaugeSystem system = Arrays.stream(GaugeSystem.values())
                    .filter(s -> s.name().equalsIgnoreCase(parts[0]))
                    .findFirst()
                    .orElseThrow(() -> new BadInput("gauge", text, "must have its system: AWG, SWG or metric"));
            String number = parts.length > 1 ? parts[1].strip() : "";
            system.thicknessMm(number)
                    .orElseThrow(() -> new BadInput("gauge", text, "must be a gauge of " + system.name()));
            return Optional.of(new GaugeLabel(system, number));
        }
    }
}
