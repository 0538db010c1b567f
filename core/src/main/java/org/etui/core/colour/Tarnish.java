package org.etui.core.colour;

import org.etui.core.metal.Metal;
import org.hipparchus.complex.Complex;

/** What a metal is to a sulfide bath. */
final class Tarnish {
    private Tarnish() {}

    /** Whether the film on it is that of silver. */
    static boolean isSilver(Metal metal) {
        return switch (metal) {
            case STERLING_SILVER, FINE_SILVER, SILVER_PLATED_COPPER -> true;
            default -> false;
        };
    }

    /**
     * The metal under the film. Sterling and plated wire have the constants of silver, jeweller's bronze the mean of copper and brass, and of gold-filled
     * wire the core is meant, brass, which shows at its ends (engineering estimates).
     */
    static Complex ground(Metal metal, double nm) {
        if (isSilver(metal)) {
            return Refraction.SILVER.at(nm);
        }
        return switch (metal) {
            case BRASS, GOLD_FILLED -> Refraction.BRASS.at(nm);
            case JEWELERS_BRONZE ->
                Refraction.COPPER.at(nm).add(Refraction.BRASS.at(nm)).divide(2);
            default -> Refraction.COPPER.at(nm);
        };
    }
}
