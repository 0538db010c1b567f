package org.etui.core.stock;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.etui.core.check.BadInput;
import org.etui.core.check.Term;
import org.etui.core.check.Violation;
import org.etui.core.metal.Metal;

/**
 * The rack as its entries left it.
 *
 * @param version number of the last entry; 0 where there is none
 * @param held every stock that there is, or was, with what is left of it
 * @param scrap what lies in the scrap tin, metal by metal
 */
public record Rack(long version, List<Held> held, List<Scrap> scrap) {
    private static final double GRAIN = 1e-6;

    /** A rack with nothing on it. */
    public static final Rack EMPTY = new Rack(0, List.of(), List.of());

    /**
     * An entry as it was booked.
     *
     * @param number counts every entry, from 1
     * @param at when, ISO 8601
     * @param entry what happened
     */
    public record Booked(
            @Term("counts every entry, from 1") long number,
            @Term("when it was booked, ISO 8601") String at,
            @Term("what happened") Entry entry) {}

    /**
     * A stock with what is left of it.
     *
     * @param stock what it is
     * @param has what is left, mm or pieces
     * @param aside how much of that is set aside
     * @param most the most that there ever was, mm or pieces
     */
    public record Held(
            @Term("what it is") Stock stock,
            @Term("what is left, mm or pieces") double has,
            @Term("how much of that is set aside") double aside,

            @Term("the most that there ever was, mm or pieces")
            double most) {

        /** What can be cut from. */
        public double free() {
            return has - aside;
        }

        /** Whether it is time to buy. */
        public boolean isLow() {
            return stock.low() > 0 && has < stock.low() - GRAIN;
        }
    }

    /**
     * What lies in the scrap tin of one metal.
     *
     * @param metal the metal
     * @param massG how much, g
     */
    public record Scrap(
            @Term("the metal") Metal metal,
            @Term("how much, g") double massG) {}

    /** Copies the lists. */
    public Rack {
        held = List.copyOf(held);
        scrap = List.copyOf(scrap);
    }

    /** What entries come to, in the order in which they were booked. What was taken back counts as if it had never been. */
    public static Rack of(List<Booked> entries) {
        Map<String, Stock> stocks = described(entries);
        Map<String, Double> has = new LinkedHashMap<>();
        Map<String, Double> most = new LinkedHashMap<>();
        Map<String, Double> aside = new LinkedHashMap<>();
        Set<String> cut = new HashSet<>();
        Map<Metal, Double> scrap = new EnumMap<>(Metal.class);
        Set<Long> undone = undone(entries);
        for (Booked booked : entries) {
            if (undone.contains(booked.number())) {
                continue;
            }
            for (Entry.Line line : booked.entry().lines()) {
                Stock stock = stocks.get(line.stock());
                if (stock != null && booked.entry().what() == Entry.What.SET_ASIDE) {
                    aside.merge(line.stock(), -amount(stock, line), Double::sum);
                } else if (stock != null) {
                    if (booked.entry().what() == Entry.What.CUT) {
                        cut.add(line.stock());
                    }
                    double now = has.merge(line.stock(), amount(stock, line), Double::sum);
                    most.merge(line.stock(), now, Math::max);
                    if (line.scrapMm() > 0) {
                        stock.wire().ifPresent(w -> scrap.merge(w.metal(), w.massG(line.scrapMm()), Double::sum));
                    }
                }
            }
        }
        long version = entries.isEmpty() ? 0 : entries.get(entries.size() - 1).number();
        return new Rack(
                version,
                stocks.values().stream()
                        .map(s -> new Held(
                                cut.contains(s.id()) && s.form() == Stock.Form.LENGTH ? s.asOffCut() : s,
                                tidy(has.getOrDefault(s.id(), 0.0)),
                                tidy(aside.getOrDefault(s.id(), 0.0)),
                                most.getOrDefault(s.id(), 0.0)))
                        .toList(),
                scrap.entrySet().stream()
                        .map(e -> new Scrap(e.getKey(), e.getValue()))
                        .toList());
    }

    /** Every stock as it was described last; one whose description is taken back is known while anything is left of it, or lacks. */
    private static Map<String, Stock> described(List<Booked> entries) {
        Set<Long> undone = undone(entries);
        Map<String, Stock> stocks = new LinkedHashMap<>();
        Set<String> standing = new HashSet<>();
        for (Booked booked : entries) {
            boolean stands = !undone.contains(booked.number());
            for (Stock stock : booked.entry().stocks()) {
                if (stands) {
                    standing.add(stock.id());
                    stocks.put(stock.id(), stock);
                } else {
                    stocks.putIfAbsent(stock.id(), stock);
                }
            }
        }
        Set<String> moved = entries.stream()
                .filter(b -> !undone.contains(b.number()))
                .flatMap(b -> b.entry().lines().stream())
                .map(Entry.Line::stock)
                .collect(Collectors.toSet());
        stocks.keySet().removeIf(id -> !standing.contains(id) && !moved.contains(id));
        return stocks;
    }

    /** Entries that are taken back; who takes back may be taken back itself. */
    public static Set<Long> undone(List<Booked> entries) {
        Set<Long> undone = new HashSet<>();
        for (int i = entries.size() - 1; i >= 0; i--) {
            Booked booked = entries.get(i);
            if (!undone.contains(booked.number())) {
                booked.entry().undoes().ifPresent(undone::add);
            }
        }
        return undone;
    }

    private static double amount(Stock stock, Entry.Line line) {
        return line.in() == Entry.In.G
                ? stock.wire().map(w -> line.by() / w.massG(1)).orElse(0.0)
                : line.by();
    }

    /** Sums of lengths that came and went end at nothing, not a hair beside it. */
    private static double tidy(double amount) {
        return Math.abs(amount) < GRAIN ? 0 : amount;
    }

    /**
     * Whether an entry may be booked after these.
     *
     * @throws BadInput where it speaks of a stock that there is none of, counts wire in pieces or parts in mm, gives one label to two
     *     stocks, takes more than there is, or takes back what cannot be taken back
     */
    public static void require(List<Booked> entries, Entry next) {
        List<Violation> violations = new ArrayList<>();
        Rack before = of(entries);
        long number = before.version() + 1;
        List<Booked> after = new ArrayList<>(entries);
        after.add(new Booked(number, "", next));
        undoing(entries, next, violations);
        Map<String, Stock> stocks = new LinkedHashMap<>();
        before.held().forEach(h -> stocks.put(h.stock().id(), h.stock()));
        next.stocks().forEach(s -> stocks.put(s.id(), s));
        for (int i = 0; i < next.lines().size(); i++) {
            line("lines." + i, next, next.lines().get(i), stocks, violations);
        }
        names(next, stocks, violations);
        if (violations.isEmpty()) {
            overdrawn(before, of(after), next, violations);
        }
        if (!violations.isEmpty()) {
            throw new BadInput(violations);
        }
    }

    private static void undoing(List<Booked> entries, Entry next, List<Violation> violations) {
        boolean may = next.what() == Entry.What.UNDONE || next.what() == Entry.What.CUT;
        if (next.undoes().isPresent() ? !may : next.what() == Entry.What.UNDONE) {
            violations.add(new Violation(
                    "undoes",
                    next.undoes().map(String::valueOf).orElse("missing"),
                    "must be given where an entry is taken back, and only there"));
            return;
        }
        next.undoes().ifPresent(number -> {
            Optional<Booked> of =
                    entries.stream().filter(b -> b.number() == number).findFirst();
            boolean isCut = next.what() == Entry.What.CUT;
            if (of.filter(b -> !isCut || b.entry().what() == Entry.What.SET_ASIDE)
                    .isEmpty()) {
                violations.add(new Violation(
                        "undoes",
                        String.valueOf(number),
                        isCut ? "must be the number of a setting aside" : "must be the number of an entry"));
            } else if (undone(entries).contains(number)) {
                violations.add(new Violation("undoes", String.valueOf(number), "is taken back already"));
            }
            if (!isCut && (!next.lines().isEmpty() || !next.stocks().isEmpty())) {
                violations.add(new Violation(
                        "lines", next.lines().size() + " lines", "must be empty where an entry is taken back"));
            }
        });
    }

    private static void line(
            String path, Entry entry, Entry.Line line, Map<String, Stock> stocks, List<Violation> violations) {
        Stock stock = stocks.get(line.stock());
        if (stock == null) {
            violations.add(new Violation(path + ".stock", line.stock(), "must be a stock on the rack"));
            return;
        }
        boolean parts = stock.form() == Stock.Form.PARTS;
        if (parts != (line.in() == Entry.In.PIECES)) {
            violations.add(new Violation(
                    path + ".in",
                    line.in().name().toLowerCase(java.util.Locale.ROOT),
                    parts ? "must be pieces for bought-in parts" : "must be mm or g for wire"));
        }
        if (parts && line.by() != Math.rint(line.by())) {
            violations.add(new Violation(path + ".by", String.valueOf(line.by()), "must be whole pieces"));
        }
        boolean comes = entry.what() == Entry.What.BOUGHT || entry.what() == Entry.What.FOUND;
        boolean goes = entry.what() == Entry.What.CUT
                || entry.what() == Entry.What.LOST
                || entry.what() == Entry.What.SET_ASIDE;
        if (comes && line.by() <= 0 || goes && line.by() >= 0) {
            violations.add(new Violation(
                    path + ".by",
                    String.valueOf(line.by()),
                    comes ? "must be above 0 for what comes" : "must be below 0 for what goes"));
        }
        if (line.scrapMm() > Math.abs(amount(stock, line)) + GRAIN) {
            violations.add(new Violation(
                    path + ".scrapMm", String.valueOf(line.scrapMm()), "must not be more than what was cut"));
        }
    }

    private static void names(Entry next, Map<String, Stock> stocks, List<Violation> violations) {
        for (int i = 0; i < next.stocks().size(); i++) {
            Stock stock = next.stocks().get(i);
            boolean taken = stocks.values().stream()
                    .anyMatch(o -> !o.id().equals(stock.id())
                            && o.name().strip().equalsIgnoreCase(stock.name().strip()));
            if (taken) {
                violations.add(new Violation(
                        "stocks." + i + ".name",
                        stock.name(),
                        "is on another label; each stock must have its own name"));
            }
        }
    }

    private static void overdrawn(Rack before, Rack after, Entry next, List<Violation> violations) {
        for (Held held : after.held()) {
            if (held.free() >= -GRAIN) {
                continue;
            }
            int at = 0;
            while (at < next.lines().size()
                    && !next.lines().get(at).stock().equals(held.stock().id())) {
                at++;
            }
            boolean isLine = at < next.lines().size();
            Held had = before.held().stream()
                    .filter(h -> h.stock().id().equals(held.stock().id()))
                    .findFirst()
                    .orElse(new Held(held.stock(), 0, 0, 0));
            String aside = had.aside() > GRAIN ? ", " + tenths(had.aside()) + " are set aside" : "";
            violations.add(new Violation(
                    isLine ? "lines." + at + ".by" : "undoes",
                    tenths(had.free() - held.free()) + " from " + held.stock().name(),
                    "must not be more than the " + tenths(had.free())
                            + (isLine
                                    ? " that are free" + aside
                                    : " that are left of it; wire of it has been cut since")));
        }
    }

    private static String tenths(double amount) {
        return String.format(java.util.Locale.ROOT, "%.1f", amount).replaceAll("\\.0$", "");
    }

    /** What is there, by name; of what is used up only that which has a line to buy at. */
    public List<Held> there() {
        return held.stream()
                .filter(h -> h.has() > 0 || h.stock().low() > 0)
                .sorted(Comparator.comparing(h -> h.stock().name()))
                .toList();
    }
}
