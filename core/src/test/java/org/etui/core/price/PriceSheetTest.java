package org.etui.core.price;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.etui.core.job.Job;
import org.etui.core.job.JobFormat;
import org.etui.core.job.JobLine;
import org.etui.core.log.Hand;
import org.etui.core.metal.Metal;
import org.etui.core.pattern.Patterns;
import org.etui.core.piece.Piece;
import org.etui.core.plan.Field;
import org.etui.core.plan.Plan;
import org.etui.core.plan.PlanOptions;
import org.etui.core.plan.Planner;
import org.etui.core.stock.Prices;
import org.etui.core.stock.Pricing;
import org.etui.core.tool.Toolbox;
import org.etui.core.wire.Wire;
import org.joda.money.CurrencyUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PriceSheetTest {
    private static final Piece CLASP = Patterns.find("hook-clasp").orElseThrow().usual();

    private static Plan plan(Piece piece) {
        return Planner.plan(piece, PlanOptions.USUAL);
    }

    private static PriceSheet sheet(Piece piece, int quantity, Prices prices) {
        return PriceSheet.of(List.of(new PriceSheet.Size("", quantity, piece, plan(piece))), prices);
    }

    private static Prices prices(double perG, Pricing pricing) {
        return new Prices(
                "€", List.of(new Prices.Price(CLASP.strands().get(0).wire().metal(), perG)), pricing);
    }

    /**
     * By hand: mass of the wire by its section and 8.94 g/cm³ (ETP copper), the net length in the piece, the rest of the cut length and two
     * nips of 1.5 mm cut off; minutes of the card at 30 an hour; a tenth for consumables; three times the cost, up to the next half.
     */
    @Test
    void aPiece_costsItsWireItsWorkAndItsShare() {
        Prices prices = prices(0.8, new Pricing(30, 0.1, List.of(), Pricing.By.MULTIPLE, 3, 0.5, 0.5));
        Plan plan = plan(CLASP);
        Plan.StrandPlan strand = plan.strands().get(0);
        double gPerMm = strand.bought().wire().section().areaMm2() * 8.94 / 1000;
        double net = cents(strand.amount().netLengthMm() * gPerMm * 0.8);
        double off = cents((strand.amount().cutLengthMm() + 3 - strand.amount().netLengthMm()) * gPerMm * 0.8);
        double work = cents(plan.totals().handsOnMinutes() / 60 * 30);
        double share = cents((net + off) * 0.1);
        PriceSheet.Row row = sheet(CLASP, 1, prices).rows().get(0);

        assertThat(row.wire()).isEqualTo(net);
        assertThat(row.cutOff()).isEqualTo(off);
        assertThat(row.work()).isEqualTo(work);
        assertThat(row.consumables()).isEqualTo(share);
        assertThat(row.cost()).isCloseTo(net + off + work + share, within(1e-9));
        assertThat(row.price()).isEqualTo(Math.ceil(3 * row.cost() / 0.5 - 1e-9) * 0.5);
    }

    private static double cents(double amount) {
        return BigDecimal.valueOf(amount).setScale(2, RoundingMode.HALF_UP).doubleValue();
    }

    @Test
    void aMargin_isTheShareOfThePriceThatIsNotCost() {
        Prices prices = prices(1, new Pricing(60, 0, List.of(), Pricing.By.MARGIN, 2, 0.6, 0.01));
        PriceSheet.Row row = sheet(CLASP, 1, prices).rows().get(0);
        assertThat(1 - row.cost() / row.price()).isBetween(0.6, 0.6 + 0.01 / row.price());
    }

    @Test
    void whatHasNoPrice_isNamed_andNotInTheSums() {
        Piece stone = Patterns.find("stone-frame").orElseThrow().usual();
        Prices none = new Prices("€", List.of(new Prices.Price(Metal.BRASS, 1)), Pricing.STARTER);
        PriceSheet sheet = PriceSheet.of(List.of(new PriceSheet.Size("", 1, stone, plan(stone))), none);
        assertThat(sheet.unpriced()).contains("copper").anyMatch(n -> n.endsWith("stone"));
        assertThat(sheet.rows().get(0).wire()).isZero();
        assertThat(sheet.rows().get(0).parts()).isZero();

        String name = sheet.parts().get(0).name();
        Pricing priced = new Pricing(
                24,
                0,
                List.of(new Pricing.PartPrice(name.toUpperCase(java.util.Locale.ROOT), 7.5)),
                Pricing.By.MULTIPLE,
                2,
                0.5,
                0.5);
        PriceSheet with = PriceSheet.of(
                List.of(new PriceSheet.Size("", 1, stone, plan(stone))), new Prices("€", none.metals(), priced));
        assertThat(with.rows().get(0).parts()).isEqualTo(7.5);
    }

    /** By the rules of the policies: measured to the next millimetre, generous a tenth of the net more to the next 5 mm. */
    @Test
    void cutGenerously_takesMoreWireAndMoney() {
        List<PolicyCost> costs = PolicyCost.of(CLASP, prices(1, Pricing.STARTER), Hand.GENERAL);
        PolicyCost measured = costs.get(0);
        PolicyCost generous = costs.get(1);
        double net = plan(CLASP).strands().get(0).amount().netLengthMm();
        assertThat(generous.wireMm() % 5).isZero();
        assertThat(generous.wireMm() - measured.wireMm()).isBetween(net / 10 - 1, net / 10 + 5);
        assertThat(generous.wire()).isGreaterThan(measured.wire());
        assertThat(costs.get(2).wireMm()).as("learnt, with an empty log").isEqualTo(measured.wireMm());
    }

    /** The field and the sheet say one price for the wire that the piece is of. */
    @Test
    void theField_sellsThePieceAtThePriceOfItsSheet() {
        Prices prices = prices(0.9, new Pricing(31, 0.13, List.of(), Pricing.By.MARGIN, 3, 0.41, 0.05));
        Wire wire = CLASP.strands().get(0).wire();
        Field.Trial trial = new Field.Trial(
                List.of(new Field.Gauge(wire.section().thicknessMm(), Optional.empty())),
                List.of(wire.temper()),
                wire.metal(),
                0);
        Field field = Field.of(
                CLASP,
                trial,
                Toolbox.STARTER,
                prices,
                PriceSheet.seller(new PriceSheet.Size("", 1, CLASP, plan(CLASP)), prices));
        assertThat(field.cells().get(0).takes().sells())
                .hasValue(sheet(CLASP, 1, prices).rows().get(0).price());
    }

    /** Coins: ISO 4217 gives the euro two places, the yen none, the Kuwaiti dinar three. */
    @ParameterizedTest
    @CsvSource({"€, 2", "EUR, 2", "jpy, 0", "¥, 0", "KWD, 3", "shells, 2"})
    void currencies_haveTheirOwnCoins(String written, int places) {
        CurrencyUnit unit = PriceSheet.unit(written);
        assertThat(unit.getDecimalPlaces()).isEqualTo(places);
    }

    /** What is shown adds up to the last cent, line by line and size by size: 200 random jobs at random rates. */
    @Test
    void sums_areExactToTheCent() {
        Random random = new Random(19);
        for (int i = 0; i < 200; i++) {
            List<JobLine> lines = new ArrayList<>();
            for (int l = 0; l < 1 + random.nextInt(3); l++) {
                lines.add(new JobLine(
                        "size " + l, 1 + random.nextInt(30), Map.of("hookInsideMm", 6.0 + random.nextInt(40) / 10.0)));
            }
            Job job = new Job(JobFormat.ETUI_JOB, 1, "hooks", "x", lines, Optional.empty(), "", Optional.empty());
            Pricing pricing = new Pricing(
                    random.nextInt(9000) / 100.0,
                    random.nextInt(100) / 100.0,
                    List.of(),
                    random.nextBoolean() ? Pricing.By.MULTIPLE : Pricing.By.MARGIN,
                    1 + random.nextInt(400) / 100.0,
                    random.nextInt(95) / 100.0,
                    List.of(0.01, 0.05, 0.5, 1.0, 5.0).get(random.nextInt(5)));
            Prices prices = prices(random.nextInt(500) / 100.0, pricing);
            List<Piece> pieces = job.asSizes(CLASP);
            List<PriceSheet.Size> sizes = new ArrayList<>();
            for (int l = 0; l < lines.size(); l++) {
                sizes.add(new PriceSheet.Size(
                        lines.get(l).label(), lines.get(l).quantity(), pieces.get(l), plan(pieces.get(l))));
            }
            PriceSheet sheet = PriceSheet.of(sizes, prices);
            BigDecimal cost = BigDecimal.ZERO;
            BigDecimal price = BigDecimal.ZERO;
            for (PriceSheet.Row r : sheet.rows()) {
                BigDecimal parts = exact(r.wire())
                        .add(exact(r.cutOff()))
                        .add(exact(r.parts()))
                        .add(exact(r.work()))
                        .add(exact(r.consumables()));
                assertThat(parts).isEqualByComparingTo(exact(r.cost()));
                assertThat(exact(r.price())).isGreaterThanOrEqualTo(exact(r.cost()));
                assertThat(exact(r.price()).remainder(BigDecimal.valueOf(pricing.roundTo())))
                        .isEqualByComparingTo(BigDecimal.ZERO);
                cost = cost.add(exact(r.cost()).multiply(BigDecimal.valueOf(r.quantity())));
                price = price.add(exact(r.price()).multiply(BigDecimal.valueOf(r.quantity())));
            }
            assertThat(exact(sheet.cost())).isEqualByComparingTo(cost);
            assertThat(exact(sheet.price())).isEqualByComparingTo(price);
        }
    }

    private static BigDecimal exact(double amount) {
        return BigDecimal.valueOf(amount);
    }
}
