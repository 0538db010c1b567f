package org.etui.core.cutting;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import org.etui.core.check.BadInput;
import org.etui.core.check.Check;
import org.etui.core.check.Term;
import org.etui.core.stock.Entry;
import org.etui.core.stock.Rack;
import org.etui.core.stock.Stock;
import org.etui.core.wire.Wire;

/**
 * What is cut from which stock, with what stays and what is scrap. In this order: nothing unmet, fewest whole stocks opened, least
 * scrap; of plans alike in these, one that uses up off-cuts.
 *
 * @param rackVersion the rack that it was made for
 * @param bars stocks that are cut from, each with its cuts from its trued end
 * @param missing what the rack has no wire for
 * @param totals what it comes to
 * @param sure whether nothing better can be
 * @param entry what it takes off the rack, to be booked when it is cut; absent where nothing is cut
 */
public record CutPlan(
        @Term("number of the last entry of the rack that it was made for")
        long rackVersion,

        @Term("stocks that are cut from, each with its cuts from its trued end")
        List<Bar> bars,

        @Term("what the rack has no wire for") List<Missing> missing,
        @Term("what it comes to") Totals totals,
        @Term("whether nothing better can be") Sure sure,

        @Term("what it takes off the rack, to be booked when it is cut; absent where nothing is cut")
        Optional<Entry> entry) {

    /** Wire whose section is off by no more than this share is the same wire: gauges are 12 % apart (ASTM B258), and wire is drawn to 1 or 2 % (common practice). */
    private static final double SAME_SHARE = 0.02;

    private static final double UNIT_MM = 0.1;
    private static final double GRAIN = 1e-6;

    /** Spare wire on a shopping list. */
    private static final double SPARE = 1.1;

    /**
     * How the maker cuts.
     *
     * @param nipMm what a nip at the cutter takes; there are two for every wire
     * @param usefulMm an off-cut from this length on is kept, a shorter one is scrap
     */
    public record Terms(
            @Term(
                    value = "what a nip at the cutter takes; there are two for every wire, mm",
                    from = 0,
                    to = 20,
                    or = "1.5")
            double nipMm,

            @Term(
                    value = "an off-cut from this length on is kept, a shorter one is scrap, mm",
                    from = 0,
                    to = 10000,
                    or = "60")
            double usefulMm) {
        /** Common practice: each nip takes 1 to 2 mm. */
        public static final Terms USUAL = new Terms(1.5, 60);

        /** @throws IllegalArgumentException if a measure is out of range */
        public Terms {
            Check.within("nipMm", nipMm, 0, 20);
            Check.within("usefulMm", usefulMm, 0, 10_000);
        }
    }

    /** What becomes of what is left. */
    public enum Rest {
        /** It stays on its spool or coil. */
        STAYS,
        /** It is kept as an off-cut. */
        OFF_CUT,
        /** It goes into the scrap tin. */
        SCRAP,
        /** There is none. */
        NONE
    }

    /**
     * A stock that is cut from.
     *
     * @param stock its name on the rack
     * @param title name to read
     * @param form what it comes as
     * @param wire what it is
     * @param wireInWords the same in words
     * @param hasMm what there is of it
     * @param cuts the wires, in the order in which they are cut
     * @param restMm what is left
     * @param rest what becomes of that
     */
    public record Bar(
            @Term("name of the stock") String stock,
            @Term("name to read") String title,
            @Term("what it comes as") Stock.Form form,
            @Term("what it is") Wire wire,
            @Term("the same in words") String wireInWords,
            @Term("what there is of it, mm") double hasMm,

            @Term("the wires, in the order in which they are cut")
            List<Cut> cuts,

            @Term("what is left, mm") double restMm,
            @Term("what becomes of that") Rest rest) {}

    /**
     * One wire.
     *
     * @param number counts the wires of the whole plan
     * @param title what it is for
     * @param atMm where it begins, from the end of the stock; what is before it is nipped off
     * @param lengthMm how long it is cut
     * @param pair whether the next wire is the other of its pair
     */
    public record Cut(
            @Term("counts the wires of the whole plan") int number,
            @Term("what it is for") String title,

            @Term("where it begins, from the end of the stock, mm")
            double atMm,

            @Term("how long it is cut, mm") double lengthMm,

            @Term("whether the next wire is the other of its pair")
            boolean pair) {}

    /**
     * Wire that has to be bought.
     *
     * @param wire which
     * @param wireInWords the same in words
     * @param gaugesInWords the nearest gauges in three systems
     * @param titles what it is for, with how many of each
     * @param wires how many wires
     * @param lengthMm length of them all with their nips and a tenth to spare
     * @param massG what that weighs
     */
    public record Missing(
            @Term("which wire") Wire wire,
            @Term("the same in words") String wireInWords,
            @Term("the nearest gauges in three systems") String gaugesInWords,
            @Term("what it is for, with how many of each") List<String> titles,
            @Term("how many wires") int wires,

            @Term("length of them all with their nips and a tenth to spare, mm")
            double lengthMm,

            @Term("what that weighs, g") double massG) {}

    /**
     * What a plan comes to.
     *
     * @param wires wires that are cut
     * @param wantedMm their length
     * @param nippedMm what the cutter takes
     * @param opened whole stocks that are opened
     * @param scrapMm rests too short to keep
     * @param keptMm off-cuts that are kept
     */
    public record Totals(
            @Term("wires that are cut") int wires,
            @Term("their length, mm") double wantedMm,
            @Term("what the cutter takes, mm") double nippedMm,
            @Term("whole stocks that are opened") int opened,
            @Term("rests too short to keep, mm") double scrapMm,
            @Term("off-cuts that are kept, mm") double keptMm) {}

    /**
     * How sure it is that nothing better can be.
     *
     * @param proven whether it is proven
     * @param unmetMm unmet length that a better plan might save
     * @param opened whole stocks that a better plan might leave whole
     * @param scrapMm scrap that a better plan might save
     */
    public record Sure(
            @Term("whether it is proven") boolean proven,

            @Term("unmet length that a better plan might save, mm")
            double unmetMm,

            @Term("whole stocks that a better plan might leave whole")
            int opened,

            @Term("scrap that a better plan might save, mm") double scrapMm) {}

    /**
     * Plans the cuts.
     *
     * @param goOn false once it must end: the best that is found by then is answered
     * @param found told of every plan that is better than those before it
     * @throws BadInput if more is wanted than a bench can cut
     */
    public static CutPlan of(List<Wanted> wanted, Rack rack, Terms terms, BooleanSupplier goOn, Consumer<SoFar> found) {
        return new Planning(rack, terms, goOn, found).plan(wanted);
    }

    /**
     * The best plan so far.
     *
     * @param kind which kind of wire is planned, from 1
     * @param kinds how many kinds there are
     * @param opened whole stocks of that kind that it opens
     */
    public record SoFar(int kind, int kinds, int opened) {}

    /** Whether wire of a stock is the wire that is wanted. */
    static boolean isSame(Wire stock, Wire wanted) {
        return stock.metal() == wanted.metal()
                && stock.temper() == wanted.temper()
                && stock.finish() == wanted.finish()
                && stock.section().getClass() == wanted.section().getClass()
                && near(stock.section().thicknessMm(), wanted.section().thicknessMm())
                && near(stock.section().widthMm(), wanted.section().widthMm());
    }

    private static boolean near(double a, double b) {
        return Math.abs(a - b) <= SAME_SHARE * Math.max(a, b);
    }

    /** One planning over all kinds of wire. */
    private static final class Planning {
        private static final int MOST_WIRES = 20_000;
        private static final double MOST_MM = 1e8;

        private final Rack rack;
        private final Terms terms;
        private final BooleanSupplier goOn;
        private final Consumer<SoFar> found;
        private final List<Bar> bars = new ArrayList<>();
        private final List<Missing> missing = new ArrayList<>();
        private final List<Entry.Line> lines = new ArrayList<>();
        private int number;
        private double nippedMm;
        private double wantedMm;
        private int opened;
        private boolean proven = true;
        private double unmetGapMm;
        private int openedGap;
        private double scrapGapMm;

        Planning(Rack rack, Terms terms, BooleanSupplier goOn, Consumer<SoFar> found) {
            this.rack = rack;
            this.terms = terms;
            this.goOn = goOn;
            this.found = found;
        }

        CutPlan plan(List<Wanted> wanted) {
            int wires = wanted.stream().mapToInt(Wanted::count).sum();
            double mm = wanted.stream().mapToDouble(w -> w.cutMm() * w.count()).sum();
            if (wires > MOST_WIRES || mm > MOST_MM) {
                throw new BadInput("wires", wires, "must be at most " + MOST_WIRES + " wires, and 100 km of them");
            }
            List<List<Wanted>> kinds = new ArrayList<>();
            for (Wanted w : wanted) {
                kinds.stream()
                        .filter(k -> isSame(k.get(0).wire(), w.wire()))
                        .findFirst()
                        .orElseGet(() -> {
                            List<Wanted> kind = new ArrayList<>();
                            kinds.add(kind);
                            return kind;
                        })
                        .add(w);
            }
            for (int k = 0; k < kinds.size(); k++) {
                int nth = k + 1;
                kind(kinds.get(k), cuts -> found.accept(new SoFar(nth, kinds.size(), (int) cuts.opened())));
            }
            double scrap = bars.stream()
                    .filter(b -> b.rest() == Rest.SCRAP)
                    .mapToDouble(Bar::restMm)
                    .sum();
            double kept = bars.stream()
                    .filter(b -> b.rest() == Rest.OFF_CUT)
                    .mapToDouble(Bar::restMm)
                    .sum();
            return new CutPlan(
                    rack.version(),
                    List.copyOf(bars),
                    List.copyOf(missing),
                    new Totals(number, wantedMm, nippedMm, opened, scrap, kept),
                    new Sure(proven, unmetGapMm, openedGap, scrapGapMm),
                    lines.isEmpty()
                            ? Optional.empty()
                            : Optional.of(new Entry(Entry.What.CUT, List.of(), lines, "", Optional.empty())));
        }

        /**
         * Wires that are cut together: one, or the two of a pair.
         *
         * @param wires how many are cut together
         * @param count how often
         */
        private record Lot(Wanted wanted, int wires, int count) {}

        private void kind(List<Wanted> wanted, Consumer<Cuts> better) {
            List<Rack.Held> stocks = rack.there().stream()
                    .filter(h -> h.free() > GRAIN)
                    .filter(h -> h.stock()
                            .wire()
                            .filter(w -> isSame(w, wanted.get(0).wire()))
                            .isPresent())
                    .sorted(Comparator.comparing(
                                    (Rack.Held h) -> h.stock().form().keepsItsRest())
                            .thenComparing(h -> h.stock().form() != Stock.Form.OFF_CUT)
                            .thenComparing(h -> h.stock().name()))
                    .toList();
            Map<Integer, List<Lot>> byLength = new LinkedHashMap<>();
            for (Wanted w : wanted) {
                int pairs = w.matched() ? w.count() / 2 : 0;
                for (Lot lot : List.of(new Lot(w, 2, pairs), new Lot(w, 1, w.count() - 2 * pairs))) {
                    if (lot.count() > 0) {
                        byLength.computeIfAbsent(units(lot), u -> new ArrayList<>())
                                .add(lot);
                    }
                }
            }
            List<Task.Item> items = byLength.entrySet().stream()
                    .map(e -> new Task.Item(
                            e.getKey(),
                            e.getValue().stream().mapToInt(Lot::count).sum()))
                    .toList();
            Cuts cuts = Cutter.cut(task(stocks, items), goOn, better);
            opened += (int) cuts.opened();
            proven &= cuts.isBest();
            unmetGapMm += (cuts.unmet() - cuts.least().unmet()) * UNIT_MM;
            openedGap += (int) (cuts.opened() - cuts.least().opened());
            scrapGapMm += (cuts.scrap() - cuts.least().scrap()) * UNIT_MM;
            List<ArrayDeque<Lot>> waiting = byLength.values().stream()
                    .map(lots -> lots.stream()
                            .flatMap(l -> Collections.nCopies(l.count(), l).stream())
                            .collect(Collectors.toCollection(ArrayDeque::new)))
                    .toList();
            for (int b = 0; b < stocks.size(); b++) {
                List<Lot> from = new ArrayList<>();
                for (int j = 0; j < waiting.size(); j++) {
                    for (int n = 0; n < cuts.times()[b][j]; n++) {
                        from.add(waiting.get(j).remove());
                    }
                }
                if (!from.isEmpty()) {
                    bar(stocks.get(b), from);
                }
            }
            missing(waiting.stream().flatMap(ArrayDeque::stream).toList());
        }

        private int units(Lot lot) {
            double mm = lot.wires() * (lot.wanted().cutMm() + 2 * terms.nipMm());
            return (int) Math.ceil(mm / UNIT_MM - GRAIN);
        }

        private Task task(List<Rack.Held> stocks, List<Task.Item> items) {
            long all =
                    items.stream().mapToLong(i -> (long) i.length() * i.count()).sum();
            long enough = Math.min(all, Task.LONGEST);
            List<Task.Bar> bars = stocks.stream()
                    .map(h -> {
                        boolean keeps = h.stock().form().keepsItsRest();
                        long units = (long) Math.floor(h.free() / UNIT_MM + GRAIN);
                        boolean open = h.stock().form() == Stock.Form.OFF_CUT || keeps && h.has() < h.most() - GRAIN;
                        return new Task.Bar((int) Math.min(units, keeps ? enough : Task.LONGEST), open, keeps);
                    })
                    .toList();
            return new Task(bars, items, (int) Math.ceil(terms.usefulMm() / UNIT_MM - GRAIN));
        }

        private void bar(Rack.Held held, List<Lot> lots) {
            List<Cut> cuts = new ArrayList<>();
            double at = 0;
            double scrap = 0;
            List<Lot> longFirst = lots.stream()
                    .sorted(Comparator.comparingDouble((Lot l) -> -l.wanted().cutMm()))
                    .toList();
            for (Lot lot : longFirst) {
                for (int n = 0; n < lot.wires(); n++) {
                    double length = lot.wanted().cutMm();
                    cuts.add(new Cut(
                            ++number, lot.wanted().title(), at + terms.nipMm(), length, lot.wires() == 2 && n == 0));
                    at += length + 2 * terms.nipMm();
                    scrap += 2 * terms.nipMm();
                    wantedMm += length;
                }
            }
            nippedMm += scrap;
            double rest = Math.max(0, held.free() - at);
            Stock stock = held.stock();
            Rest becomes = stock.form().keepsItsRest()
                    ? Rest.STAYS
                    : rest >= terms.usefulMm() - GRAIN && rest > GRAIN
                            ? Rest.OFF_CUT
                            : rest > GRAIN ? Rest.SCRAP : Rest.NONE;
            boolean thrown = becomes == Rest.SCRAP;
            lines.add(Entry.Line.cut(
                    stock.id(), thrown ? held.free() : Math.min(held.free(), at), thrown ? scrap + rest : scrap));
            Wire wire = stock.wire().orElseThrow();
            bars.add(new Bar(
                    stock.id(), stock.name(), stock.form(), wire, wire.inWords(), held.has(), cuts, rest, becomes));
        }

        private void missing(List<Lot> lots) {
            Map<String, Integer> titles = new LinkedHashMap<>();
            double mm = 0;
            int wires = 0;
            for (Lot lot : lots) {
                titles.merge(lot.wanted().title(), lot.wires(), Integer::sum);
                wires += lot.wires();
                mm += lot.wires() * (lot.wanted().cutMm() + 2 * terms.nipMm());
            }
            if (wires > 0) {
                Wire wire = lots.get(0).wanted().wire();
                double length = Math.ceil(mm * SPARE / 10 - GRAIN) * 10;
                missing.add(new Missing(
                        wire,
                        wire.inWords(),
                        wire.gaugesInWords(),
                        titles.entrySet().stream()
                                .map(e -> e.getKey() + (e.getValue() > 1 ? " × " + e.getValue() : ""))
                                .toList(),
                        wires,
                        length,
                        wire.massG(length)));
            }
        }
    }
}
