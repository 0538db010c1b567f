package org.etui.core.stock;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import org.etui.core.check.BadInput;
import org.etui.core.check.Term;
import org.etui.core.check.Violation;
import org.etui.core.metal.Metal;
import org.etui.core.wire.Wire;

/**
 * What wire costs by weight, as the maker pays it, and how a price is made of it.
 *
 * @param currency as it is written behind an amount
 * @param metals one price for a metal; what is missing has none
 * @param pricing what else a piece costs, and how its price is made
 */
public record Prices(
        @Term(value = "as it is written behind an amount", from = 1, to = 8)
        String currency,

        @Term(value = "one price for a metal", to = 40) List<Price> metals,

        @Term(value = "what else a piece costs, and how its price is made", or = "{}")
        Pricing pricing) {

    /**
     * The price of a metal.
     *
     * @param metal the metal
     * @param perG price of a gram of wire
     */
    public record Price(
            @Term("the metal") Metal metal,

            @Term(value = "price of a gram of wire", from = 0, to = 100000)
            double perG) {}

    /** Invented prices to begin with and to edit. */
    public static final Prices STARTER = new Prices(
            "€",
            List.of(
                    new Price(Metal.COPPER, 0.04),
                    new Price(Metal.BRASS, 0.05),
                    new Price(Metal.JEWELERS_BRONZE, 0.06),
                    new Price(Metal.STERLING_SILVER, 1.3),
                    new Price(Metal.FINE_SILVER, 1.4),
                    new Price(Metal.ALUMINIUM, 0.05),
                    new Price(Metal.GOLD_FILLED, 3.5),
                    new Price(Metal.SILVER_PLATED_COPPER, 0.12),
                    new Price(Metal.ENAMELLED_COPPER, 0.1),
                    new Price(Metal.GOLD_14K, 55),
                    new Price(Metal.ANNEALED_STEEL, 0.02),
                    new Price(Metal.MUSIC_WIRE, 0.03)),
            Pricing.STARTER);

    /** @param metals as paid */
    public Prices {
        metals = List.copyOf(metals);
    }

    /** @throws BadInput if a metal has two prices */
    public void require() {
        List<Violation> violations = new ArrayList<>();
        Set<Metal> seen = new HashSet<>();
        for (int i = 0; i < metals.size(); i++) {
            if (!seen.add(metals.get(i).metal())) {
                violations.add(new Violation(
                        "metals." + i + ".metal", metals.get(i).metal().word(), "must not stand twice"));
            }
        }
        Set<String> named = new HashSet<>();
        for (int i = 0; i < pricing.parts().size(); i++) {
            String name = pricing.parts().get(i).name().strip();
            if (!named.add(name.toLowerCase(java.util.Locale.ROOT))) {
                violations.add(new Violation("pricing.parts." + i + ".name", name, "must not stand twice"));
            }
        }
        if (!violations.isEmpty()) {
            throw new BadInput(violations);
        }
    }

    /** What a gram of a metal costs; empty where it has no price. */
    public Optional<Double> perG(Metal metal) {
        return metals.stream().filter(p -> p.metal() == metal).map(Price::perG).findFirst();
    }

    /** What a length of wire costs; empty where its metal has no price. */
    public OptionalDouble of(Wire wire, double lengthMm) {
        return perG(wire.metal())
                .map(p -> OptionalDouble.of(p * wire.massG(lengthMm)))
                .orElse(OptionalDouble.empty());
    }
}
