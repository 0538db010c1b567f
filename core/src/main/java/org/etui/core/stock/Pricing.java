package org.etui.core.stock;

import java.util.List;
import org.etui.core.check.Check;
import org.etui.core.check.Term;

/**
 * What a piece costs beside its wire, and how its price is made.
 *
 * @param perHour what an hour at the bench is worth
 * @param consumables bath, polish, cloths, worn tools: a share of wire and parts
 * @param parts what bought-in parts cost; what is missing has no price
 * @param by how the price comes from the cost
 * @param factor by a multiple: how often the cost
 * @param margin by a margin: the share of the price that is not cost
 * @param roundTo the price is rounded up to a whole number of these
 */
public record Pricing(
        @Term(value = "what an hour at the bench is worth", from = 0, to = 10000, or = "24")
        double perHour,

        @Term(value = "bath, polish, cloths, worn tools: a share of wire and parts", from = 0, to = 5, or = "0.1")
        double consumables,

        @Term(value = "what bought-in parts cost", to = 200, or = "[]")
        List<PartPrice> parts,

        @Term(value = "how the price comes from the cost", or = "\"multiple\"")
        By by,

        @Term(value = "by a multiple: how often the cost", from = 1, to = 50, or = "2")
        double factor,

        @Term(value = "by a margin: the share of the price that is not cost", from = 0, to = 0.95, or = "0.5")
        double margin,

        @Term(value = "the price is rounded up to a whole number of these", from = 0.01, to = 1000, or = "0.5")
        double roundTo) {

    /** How a price comes from a cost. */
    public enum By {
        /** So many times the cost. */
        MULTIPLE,
        /** So that a share of the price is not cost. */
        MARGIN
    }

    /**
     * What a part costs.
     *
     * @param name what it is, as the piece names it
     * @param each one of them
     */
    public record PartPrice(
            @Term(value = "what it is, as the piece names it", from = 1, to = 160)
            String name,

            @Term(value = "one of them", from = 0, to = 1e6) double each) {}

    /** Invented rates to begin with and to edit. */
    public static final Pricing STARTER = new Pricing(24, 0.1, List.of(), By.MULTIPLE, 2, 0.5, 0.5);

    /** @throws IllegalArgumentException if a rate is out of range */
    public Pricing {
        Check.within("perHour", perHour, 0, 10_000);
        Check.within("consumables", consumables, 0, 5);
        Check.within("factor", factor, 1, 50);
        Check.within("margin", margin, 0, 0.95);
        Check.within("roundTo", roundTo, 0.01, 1000);
        parts = List.copyOf(parts);
    }
}
