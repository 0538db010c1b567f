package org.etui.core.cutting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import org.etui.core.metal.Metal;
import org.etui.core.metal.Temper;
import org.etui.core.stock.Entry;
import org.etui.core.stock.Rack;
import org.etui.core.stock.Stock;
import org.etui.core.wire.Wire;
import org.junit.jupiter.api.Test;

class CutPlanTest {
    private static final Wire COPPER = Wire.ofAwg(Metal.COPPER, Temper.DEAD_SOFT, "18");
    private static final Wire BRASS = Wire.ofRound(Metal.BRASS, Temper.HALF_HARD, 1.3);

    private static Rack.Booked bought(long number, String id, Stock.Form form, Wire wire, double mm) {
        Stock stock = new Stock(id, id, form, Optional.of(wire), "", 0);
        return new Rack.Booked(
                number,
                "",
                new Entry(
                        Entry.What.BOUGHT,
                        List.of(stock),
                        List.of(new Entry.Line(id, mm, Entry.In.MM, 0, 0)),
                        "",
                        Optional.empty()));
    }

    private static CutPlan plan(List<Wanted> wanted, Rack rack) {
        return CutPlan.of(wanted, rack, CutPlan.Terms.USUAL, () -> true, f -> {});
    }

    /** By hand: three wires of 97 mm with two nips of 1.5 mm each fill 300 mm; the off-cut that is too short for one stays. */
    @Test
    void lengthsThatFitWithTheirNips_areCutFromOneLength() {
        Rack rack = Rack.of(List.of(
                bought(1, "long", Stock.Form.LENGTH, COPPER, 300),
                bought(2, "longer", Stock.Form.LENGTH, COPPER, 310),
                bought(3, "short", Stock.Form.OFF_CUT, COPPER, 90)));
        CutPlan plan = plan(List.of(new Wanted("hook", COPPER, 97, 3, false)), rack);
        assertThat(plan.bars()).singleElement().satisfies(b -> {
            assertThat(b.stock()).isEqualTo("long");
            assertThat(b.cuts()).extracting(CutPlan.Cut::atMm).containsExactly(1.5, 101.5, 201.5);
            assertThat(b.rest()).isEqualTo(CutPlan.Rest.NONE);
        });
        assertThat(plan.sure().proven()).isTrue();
        assertThat(plan.missing()).isEmpty();
    }

    @Test
    void anOffCutThatIsOpen_isTakenBeforeAWholeLength() {
        Rack rack = Rack.of(List.of(
                bought(1, "whole", Stock.Form.LENGTH, COPPER, 300),
                bought(2, "rest", Stock.Form.OFF_CUT, COPPER, 120)));
        CutPlan plan = plan(List.of(new Wanted("hook", COPPER, 97, 1, false)), rack);
        assertThat(plan.bars())
                .singleElement()
                .satisfies(b -> assertThat(b.stock()).isEqualTo("rest"));
        assertThat(plan.totals().opened()).isZero();
        assertThat(plan.totals().scrapMm()).isCloseTo(20, within(1e-9));
    }

    @Test
    void whatIsLeftOfALength_isAnOffCutOfTheNextPlan() {
        List<Rack.Booked> entries = new ArrayList<>(List.of(bought(1, "whole", Stock.Form.LENGTH, COPPER, 300)));
        CutPlan first = plan(List.of(new Wanted("hook", COPPER, 97, 1, false)), Rack.of(entries));
        Rack.require(entries, first.entry().orElseThrow());
        entries.add(new Rack.Booked(2, "", first.entry().orElseThrow()));
        Rack rack = Rack.of(entries);
        assertThat(rack.there()).singleElement().satisfies(h -> {
            assertThat(h.stock().form()).isEqualTo(Stock.Form.OFF_CUT);
            assertThat(h.has()).isCloseTo(200, within(1e-9));
        });
        assertThat(plan(List.of(new Wanted("hook", COPPER, 97, 1, false)), rack)
                        .totals()
                        .opened())
                .isZero();
    }

    @Test
    void wireThatTheRackDoesNotHave_isOnTheShoppingList() {
        Rack rack = Rack.of(List.of(bought(1, "brass", Stock.Form.SPOOL, BRASS, 5000)));
        CutPlan plan = plan(List.of(new Wanted("hook", COPPER, 97, 4, false)), rack);
        assertThat(plan.bars()).isEmpty();
        assertThat(plan.entry()).isEmpty();
        assertThat(plan.missing()).singleElement().satisfies(m -> {
            assertThat(m.wires()).isEqualTo(4);
            assertThat(m.gaugesInWords()).contains("AWG 18");
            assertThat(m.titles()).containsExactly("hook × 4");
            assertThat(m.lengthMm()).as("4 × 100 mm and a tenth").isEqualTo(440);
        });
    }

    @Test
    void twiceTheSameWish_isTwiceTheWires() {
        Rack rack = Rack.of(List.of(bought(1, "spool", Stock.Form.SPOOL, COPPER, 5000)));
        Wanted hook = new Wanted("hook", COPPER, 97, 2, false);
        assertThat(plan(List.of(hook, hook), rack).totals().wires()).isEqualTo(4);
    }

    /** No wire too short, nothing overdrawn with its nips, pairs side by side on one stock, numbers without a gap: 2,000 random plans. */
    @Test
    void randomPlans_canBeCut() {
        for (int seed = 0; seed < 2000; seed++) {
            Random random = new Random(seed);
            List<Rack.Booked> entries = new ArrayList<>();
            int stocks = random.nextInt(7);
            for (int i = 0; i < stocks; i++) {
                Stock.Form form = Stock.Form.values()[random.nextInt(4)];
                entries.add(bought(
                        i + 1, "s" + i, form, random.nextInt(4) == 0 ? BRASS : COPPER, 40 + random.nextInt(600)));
            }
            List<Wanted> wanted = IntStream.range(0, 1 + random.nextInt(5))
                    .mapToObj(j -> new Wanted(
                            "w" + j,
                            random.nextInt(4) == 0 ? BRASS : COPPER,
                            20 + random.nextInt(1500) / 10.0,
                            1 + random.nextInt(7),
                            random.nextBoolean()))
                    .toList();
            CutPlan.Terms terms = new CutPlan.Terms(random.nextInt(4) * 0.5, random.nextInt(100));
            CutPlan plan = CutPlan.of(wanted, Rack.of(entries), terms, () -> true, f -> {});
            canBeCut(plan, wanted, terms);
            plan.entry().ifPresent(e -> Rack.require(entries, e));
        }
    }

    private static void canBeCut(CutPlan plan, List<Wanted> wanted, CutPlan.Terms terms) {
        Map<String, Integer> cut = new HashMap<>();
        int number = 0;
        for (CutPlan.Bar bar : plan.bars()) {
            double end = 0;
            boolean second = false;
            String title = "";
            for (CutPlan.Cut c : bar.cuts()) {
                assertThat(c.number()).isEqualTo(++number);
                assertThat(c.atMm()).isGreaterThanOrEqualTo(end + terms.nipMm() - 1e-9);
                end = c.atMm() + c.lengthMm() + terms.nipMm();
                Wanted of = wanted.stream()
                        .filter(w -> w.title().equals(c.title()))
                        .findFirst()
                        .orElseThrow();
                assertThat(c.lengthMm()).isGreaterThanOrEqualTo(of.cutMm());
                assertThat(bar.wire()).isEqualTo(of.wire());
                if (second) {
                    assertThat(c.title()).isEqualTo(title);
                }
                second = c.pair();
                title = c.title();
                cut.merge(c.title(), 1, Integer::sum);
            }
            assertThat(second).as("the other of a pair is on the same stock").isFalse();
            assertThat(end).isLessThanOrEqualTo(bar.hasMm() + 1e-6);
            assertThat(end + bar.restMm()).isCloseTo(bar.hasMm(), within(1e-6));
        }
        int missing = plan.missing().stream().mapToInt(CutPlan.Missing::wires).sum();
        assertThat(number + missing)
                .isEqualTo(wanted.stream().mapToInt(Wanted::count).sum());
        wanted.forEach(w -> assertThat(cut.getOrDefault(w.title(), 0)).isLessThanOrEqualTo(w.count()));
    }
}
