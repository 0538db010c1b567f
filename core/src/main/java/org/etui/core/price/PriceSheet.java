package org.etui.core.price;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.function.DoubleBinaryOperator;
import org.etui.core.check.Term;
import org.etui.core.check.Word;
import org.etui.core.piece.Part;
import org.etui.core.piece.Piece;
import org.etui.core.plan.Plan;
import org.etui.core.stock.Prices;
import org.etui.core.stock.Pricing;
import org.etui.core.wire.Wire;
import org.etui.core.work.CutAllowance;
import org.joda.money.CurrencyUnit;
import org.joda.money.IllegalCurrencyException;
import org.joda.money.Money;

/**
 * What each size of a piece or job costs and is sold for. Every line of a piece is rounded to the smallest coin (half up); what is
 * added up is what is shown, so that the parts make the whole to the cent. The price is rounded up.
 *
 * @param currency as it is written behind an amount
 * @param places how many places behind the point its coins have
 * @param rows size by size
 * @param cost of all pieces
 * @param price of all pieces
 * @param parts what each bought-in part of a piece costs
 * @param unpriced metals and parts that have no price: they are not in the sums
 */
public record PriceSheet(
        @Term("as it is written behind an amount") String currency,

        @Term("how many places behind the point its coins have")
        int places,

        @Term("size by size") List<Row> rows,
        @Term("of all pieces") double cost,
        @Term("of all pieces") double price,
        @Term("the bought-in parts of a piece") List<Pricing.PartPrice> parts,

        @Term("metals and parts that have no price: they are not in the sums")
        List<String> unpriced) {

    private static final double MINUTES = 60;

    /** Signs that are written for currencies (ISO 4217). */
    private static final Map<String, String> SIGNS =
            Map.of("€", "EUR", "$", "USD", "£", "GBP", "¥", "JPY", "zł", "PLN", "kč", "CZK", "fr.", "CHF");

    /**
     * A size with what one piece of it takes.
     *
     * @param label its name; may be empty
     * @param quantity how many pieces
     * @param piece all pieces of that size as one document
     * @param plan the plan of that
     */
    public record Size(String label, int quantity, Piece piece, Plan plan) {}

    /**
     * What one piece of a size costs.
     *
     * @param label the name of the size; may be empty
     * @param quantity how many pieces
     * @param minutes hands-on minutes for one, an estimate
     * @param wire wire in the piece
     * @param cutOff wire that is cut off: handles, filing, nips
     * @param parts bought-in parts
     * @param work hands-on minutes at the maker's rate
     * @param consumables their share
     * @param cost all of it
     * @param price what it is sold for
     * @param allCost cost of all pieces of the size
     * @param allPrice price of all pieces of the size
     */
    public record Row(
            @Term("the name of the size; may be empty") String label,
            @Term("how many pieces") int quantity,
            @Term("hands-on minutes for one, an estimate") double minutes,
            @Term("wire in the piece") double wire,

            @Term("wire that is cut off: handles, filing, nips")
            double cutOff,

            @Term("bought-in parts") double parts,
            @Term("hands-on minutes at the maker's rate") double work,
            @Term("their share") double consumables,
            @Term("all of it") double cost,
            @Term("what it is sold for") double price,
            @Term("cost of all pieces of the size") double allCost,
            @Term("price of all pieces of the size") double allPrice) {}

    /** The sheet of some sizes. */
    public static PriceSheet of(List<Size> sizes, Prices prices) {
        CurrencyUnit unit = unit(prices.currency());
        List<Row> rows = new ArrayList<>();
        Set<String> unpriced = new LinkedHashSet<>();
        Set<Pricing.PartPrice> parts = new LinkedHashSet<>();
        Money cost = Money.zero(unit);
        Money price = Money.zero(unit);
        for (Size size : sizes) {
            Worth one = Worth.of(size, prices, unit, unpriced);
            rows.add(one.row(size));
            cost = cost.plus(one.cost().multipliedBy(size.quantity()));
            price = price.plus(one.price().multipliedBy(size.quantity()));
            size.piece().parts().forEach(p -> parts.add(new Pricing.PartPrice(name(p), each(p, prices))));
        }
        return new PriceSheet(
                prices.currency(),
                unit.getDecimalPlaces(),
                rows,
                plain(cost),
                plain(price),
                List.copyOf(parts),
                List.copyOf(unpriced));
    }

    /** What a size is sold for where the wire in one piece costs the first, and what is cut off it the second; all else stays. */
    public static DoubleBinaryOperator seller(Size size, Prices prices) {
        CurrencyUnit unit = unit(prices.currency());
        Worth now = Worth.of(size, prices, unit, new LinkedHashSet<>());
        return (wire, cutOff) ->
                plain(now.withWire(Worth.money(unit, wire), Worth.money(unit, cutOff), prices.pricing())
                        .price());
    }

    /** The currency of a code or sign; where it is none that is known, one with cents. */
    static CurrencyUnit unit(String written) {
        String sign = written.strip();
        try {
            return CurrencyUnit.of(SIGNS.getOrDefault(sign.toLowerCase(Locale.ROOT), sign.toUpperCase(Locale.ROOT)));
        } catch (IllegalCurrencyException unknown) {
            return CurrencyUnit.EUR;
        }
    }

    private static double plain(Money money) {
        return money.getAmount().doubleValue();
    }

    /** What a part is called on a price list. */
    public static String name(Part part) {
        String kind = Word.plain(part.kind());
        String material = part.material().strip();
        return material.isEmpty() ? kind : material.endsWith(kind) ? material : material + " " + kind;
    }

    private static double each(Part part, Prices prices) {
        return prices.pricing().parts().stream()
                .filter(p -> p.name().strip().equalsIgnoreCase(name(part)))
                .mapToDouble(Pricing.PartPrice::each)
                .findFirst()
                .orElse(0);
    }

    /** What one piece is worth, line by line. */
    private record Worth(
            double minutes,
            Money wire,
            Money cutOff,
            Money parts,
            Money work,
            Money consumables,
            Money cost,
            Money price) {

        static Worth of(Size size, Prices prices, CurrencyUnit unit, Set<String> unpriced) {
            double wire = 0;
            double cutOff = 0;
            for (Plan.StrandPlan s : size.plan().strands()) {
                Wire bought = s.bought().wire();
                double net = s.count() * s.amount().netLengthMm();
                double all = s.count() * (s.amount().cutLengthMm() + CutAllowance.NIPS_MM);
                if (prices.perG(bought.metal()).isEmpty()) {
                    unpriced.add(bought.metal().title());
                }
                wire += prices.of(bought, net).orElse(0);
                cutOff += prices.of(bought, all - net).orElse(0);
            }
            double parts = 0;
            for (Part part : size.piece().parts()) {
                double each = each(part, prices);
                if (each == 0) {
                    unpriced.add(name(part));
                }
                parts += each * part.count();
            }
            Pricing pricing = prices.pricing();
            double minutes = size.plan().totals().handsOnMinutes() / size.quantity();
            Money ofWire = money(unit, wire / size.quantity());
            Money ofCutOff = money(unit, cutOff / size.quantity());
            Money ofParts = money(unit, parts);
            Money ofWork = money(unit, minutes / MINUTES * pricing.perHour());
            return worth(minutes, ofWire, ofCutOff, ofParts, ofWork, pricing);
        }

        private static Worth worth(double minutes, Money wire, Money cutOff, Money parts, Money work, Pricing pricing) {
            Money consumables = wire.plus(cutOff).plus(parts).multipliedBy(pricing.consumables(), RoundingMode.HALF_UP);
            Money cost = wire.plus(cutOff).plus(parts).plus(work).plus(consumables);
            return new Worth(minutes, wire, cutOff, parts, work, consumables, cost, sold(cost, pricing));
        }

        Worth withWire(Money other, Money otherCutOff, Pricing pricing) {
            return worth(minutes, other, otherCutOff, parts, work, pricing);
        }

        private static Money money(CurrencyUnit unit, double amount) {
            return Money.of(unit, BigDecimal.valueOf(amount), RoundingMode.HALF_UP);
        }

        /** The price of a cost, rounded up to whole steps; the steps are whole coins at least. */
        private static Money sold(Money cost, Pricing pricing) {
            BigDecimal exact = pricing.by() == Pricing.By.MULTIPLE
                    ? cost.getAmount().multiply(BigDecimal.valueOf(pricing.factor()))
                    : cost.getAmount()
                            .divide(
                                    BigDecimal.ONE.subtract(BigDecimal.valueOf(pricing.margin())),
                                    10,
                                    RoundingMode.CEILING);
            BigDecimal step = BigDecimal.valueOf(pricing.roundTo());
            BigDecimal steps = exact.divide(step, 0, RoundingMode.CEILING);
            return Money.of(cost.getCurrencyUnit(), steps.multiply(step), RoundingMode.CEILING);
        }

        Row row(Size size) {
            return new Row(
                    size.label(),
                    size.quantity(),
                    minutes,
                    plain(wire),
                    plain(cutOff),
                    plain(parts),
                    plain(work),
                    plain(consumables),
                    plain(cost),
                    plain(price),
                    plain(cost.multipliedBy(size.quantity())),
                    plain(price.multipliedBy(size.quantity())));
        }
    }
}
