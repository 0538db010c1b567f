package org.etui.core.stock;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.etui.core.check.BadInput;
import org.etui.core.metal.Metal;
import org.etui.core.metal.Temper;
import org.etui.core.wire.Wire;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class RackTest {
    private static final Wire COPPER = Wire.ofRound(Metal.COPPER, Temper.DEAD_SOFT, 1.0);

    private static Stock spool(String id) {
        return new Stock(id, "spool " + id, Stock.Form.SPOOL, Optional.of(COPPER), "top shelf", 500);
    }

    private static Stock pins(String id) {
        return new Stock(id, "pins " + id, Stock.Form.PARTS, Optional.empty(), "", 10);
    }

    private static Entry bought(Stock stock, double by, Entry.In in) {
        return new Entry(
                Entry.What.BOUGHT,
                List.of(stock),
                List.of(new Entry.Line(stock.id(), by, in, 0, 0)),
                "",
                Optional.empty());
    }

    private static Entry entry(Entry.What what, Entry.Line... lines) {
        return new Entry(what, List.of(), List.of(lines), "", Optional.empty());
    }

    /** Books what may be booked, as the server does. */
    private static void book(List<Rack.Booked> entries, Entry entry) {
        Rack.require(entries, entry);
        entries.add(new Rack.Booked(entries.size() + 1, "2026-11-02T09:00:00Z", entry));
    }

    private static double has(List<Rack.Booked> entries, String id) {
        return Rack.of(entries).held().stream()
                .filter(h -> h.stock().id().equals(id))
                .findFirst()
                .orElseThrow()
                .has();
    }

    /** 1.0 mm copper weighs π/4 · 8.94 g/cm³ = 7.02 g a metre (ETP copper, handbook, from memory), so that 100 g are 14.24 m. */
    @Test
    void wireBoughtByWeight_isKnownByLength() {
        List<Rack.Booked> entries = new ArrayList<>();
        book(entries, bought(spool("a"), 100, Entry.In.G));
        assertThat(has(entries, "a")).isCloseTo(100 / (Math.PI / 4 * 8.94) * 1000, within(1.0));
    }

    @Test
    void scrapOfACut_liesInTheTinByWeight() {
        List<Rack.Booked> entries = new ArrayList<>();
        book(entries, bought(spool("a"), 2000, Entry.In.MM));
        book(entries, entry(Entry.What.CUT, Entry.Line.cut("a", 1000, 100)));
        Rack rack = Rack.of(entries);
        assertThat(rack.scrap()).singleElement().satisfies(s -> {
            assertThat(s.metal()).isEqualTo(Metal.COPPER);
            assertThat(s.massG()).isCloseTo(0.7021, within(0.001));
        });
        assertThat(rack.held().get(0).isLow()).isFalse();
        book(entries, entry(Entry.What.LOST, new Entry.Line("a", -501, Entry.In.MM, 0, 0)));
        assertThat(Rack.of(entries).held().get(0).isLow()).isTrue();
    }

    @Test
    void whatWasTakenBack_countsAsIfItHadNeverBeen_andCanBeTakenBackItself() {
        List<Rack.Booked> entries = new ArrayList<>();
        book(entries, bought(spool("a"), 2000, Entry.In.MM));
        book(entries, entry(Entry.What.CUT, Entry.Line.cut("a", 300, 10)));
        book(entries, Entry.undoing(2));
        assertThat(has(entries, "a")).isEqualTo(2000);
        assertThat(Rack.of(entries).scrap()).isEmpty();
        book(entries, Entry.undoing(3));
        assertThat(has(entries, "a")).isEqualTo(1700);
    }

    @Test
    void whatTheRackCannotGive_isRefusedWithFieldValueAndLimit() {
        List<Rack.Booked> entries = new ArrayList<>();
        book(entries, bought(spool("a"), 200, Entry.In.MM));
        book(entries, bought(pins("p"), 20, Entry.In.PIECES));
        assertRefused(entries, entry(Entry.What.CUT, Entry.Line.cut("a", 201, 0)), "lines.0.by", "201");
        assertRefused(entries, entry(Entry.What.CUT, Entry.Line.cut("b", 1, 0)), "lines.0.stock", "b");
        assertRefused(
                entries, entry(Entry.What.CUT, new Entry.Line("p", -1.5, Entry.In.PIECES, 0, 0)), "lines.0.by", "-1.5");
        assertRefused(entries, entry(Entry.What.CUT, new Entry.Line("p", -1, Entry.In.MM, 0, 0)), "lines.0.in", "mm");
        assertRefused(
                entries, entry(Entry.What.BOUGHT, new Entry.Line("a", -1, Entry.In.MM, 0, 0)), "lines.0.by", "-1");
        assertRefused(entries, Entry.undoing(9), "undoes", "9");
        book(entries, entry(Entry.What.CUT, Entry.Line.cut("a", 150, 0)));
        assertRefused(entries, Entry.undoing(1), "undoes", "200");
        Stock twin = new Stock("c", "Spool A", Stock.Form.SPOOL, Optional.of(COPPER), "", 0);
        assertRefused(entries, bought(twin, 10, Entry.In.MM), "stocks.0.name", "Spool A");
    }

    private static void assertRefused(List<Rack.Booked> entries, Entry next, String path, String value) {
        assertThatThrownBy(() -> Rack.require(entries, next))
                .isInstanceOfSatisfying(
                        BadInput.class,
                        bad -> assertThat(bad.violations()).anySatisfy(v -> {
                            assertThat(v.path()).isEqualTo(path);
                            assertThat(v.value()).contains(value);
                        }));
    }

    @Test
    void whatIsSetAside_staysThere_andIsCutOnlyForWhatItIsFor() {
        List<Rack.Booked> entries = new ArrayList<>();
        book(entries, bought(spool("a"), 1000, Entry.In.MM));
        book(entries, entry(Entry.What.SET_ASIDE, Entry.Line.cut("a", 700, 20)));
        Rack.Held held = Rack.of(entries).held().get(0);
        assertThat(held.has()).isEqualTo(1000);
        assertThat(held.free()).isEqualTo(300);
        assertThat(Rack.of(entries).scrap()).isEmpty();
        assertRefused(entries, entry(Entry.What.CUT, Entry.Line.cut("a", 301, 0)), "lines.0.by", "301");

        Entry forIt = new Entry(Entry.What.CUT, List.of(), List.of(Entry.Line.cut("a", 700, 20)), "", Optional.of(2L));
        book(entries, forIt);
        assertThat(has(entries, "a")).isEqualTo(300);
        assertThat(Rack.of(entries).held().get(0).aside()).isZero();
        book(entries, Entry.undoing(3));
        assertThat(Rack.of(entries).held().get(0).aside()).as("set aside again").isEqualTo(700);
        Entry forAnother =
                new Entry(Entry.What.CUT, List.of(), List.of(Entry.Line.cut("a", 10, 0)), "", Optional.of(1L));
        assertRefused(entries, forAnother, "undoes", "1");
    }

    @Test
    void whatIsUsedUp_isGone_unlessThereIsALineToBuyAt() {
        List<Rack.Booked> entries = new ArrayList<>();
        Stock once = new Stock("l", "length", Stock.Form.LENGTH, Optional.of(COPPER), "", 0);
        book(entries, bought(once, 100, Entry.In.MM));
        book(entries, bought(spool("a"), 100, Entry.In.MM));
        book(entries, entry(Entry.What.CUT, Entry.Line.cut("l", 100, 0), Entry.Line.cut("a", 100, 0)));
        assertThat(Rack.of(entries).there()).singleElement().satisfies(h -> {
            assertThat(h.stock().id()).isEqualTo("a");
            assertThat(h.isLow()).isTrue();
        });
    }

    @Test
    void aLengthThatWasCut_isAnOffCut_andWholeAgainWhenTheCutIsTakenBack() {
        Stock length = new Stock("l", "length", Stock.Form.LENGTH, Optional.of(COPPER), "", 0);
        List<Rack.Booked> entries = new ArrayList<>();
        book(entries, bought(length, 500, Entry.In.MM));
        book(entries, entry(Entry.What.CUT, Entry.Line.cut("l", 100, 3)));
        assertThat(Rack.of(entries).held().get(0).stock().form()).isEqualTo(Stock.Form.OFF_CUT);
        book(entries, Entry.undoing(2));
        assertThat(Rack.of(entries).held().get(0).stock().form()).isEqualTo(Stock.Form.LENGTH);
    }

    /** Balances against a plain sum kept beside, over random entries and takings back in any order. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12, 13, 14, 15, 16, 17, 18, 19, 20})
    void entriesBalance_inAnyOrder(long seed) {
        Random random = new Random(seed);
        List<Rack.Booked> entries = new ArrayList<>();
        Map<String, Double> sums = new HashMap<>();
        for (String id : List.of("a", "b", "c")) {
            book(entries, bought(spool(id), 1000, Entry.In.MM));
            sums.put(id, 1000.0);
        }
        for (int i = 0; i < 60; i++) {
            String id = List.of("a", "b", "c").get(random.nextInt(3));
            double by = random.nextInt(400) - 250;
            boolean isBack = random.nextInt(4) == 0 && entries.size() > 4;
            int back = isBack ? 3 + random.nextInt(entries.size() - 3) : 0;
            Entry next = isBack
                    ? Entry.undoing(back + 1)
                    : entry(Entry.What.CORRECTED, new Entry.Line(id, by, Entry.In.MM, 0, 0));
            if (isBack && !entries.get(back).entry().undoes().isEmpty()) {
                continue;
            }
            try {
                book(entries, next);
                if (isBack) {
                    Entry.Line line = entries.get(back).entry().lines().get(0);
                    sums.merge(line.stock(), -line.by(), Double::sum);
                } else {
                    sums.merge(id, by, Double::sum);
                }
            } catch (BadInput refused) {
                assertThat(refused.violations()).isNotEmpty();
            }
            sums.forEach((stock, sum) -> {
                assertThat(has(entries, stock)).isCloseTo(sum, within(1e-9));
                assertThat(sum).isNotNegative();
            });
        }
    }
}
