package org.etui.core.mechanics;

import org.etui.core.check.Check;
import org.etui.core.metal.Flow;
import org.etui.core.metal.Metal;
import org.etui.core.metal.MusicWire;
import org.etui.core.wire.Wire;

/**
 * How a metal gives way: elastic up to a flow stress that grows by Voce's law with plastic strain. Of what bending adds, a
 * share is kinematic, in two parts (superposed after J. L. Chaboche, 1986): metal bent one way yields early the other way
 * (Bauschinger, 1886). The slow part grows with the hardening itself; wire that was bought hard has a fast one as well. Both shares are
 * engineering estimates: cold-worked copper alloys yield the other way at 0.6 to 0.8 of the stress (from memory).
 *
 * @param modulusMpa Young's modulus, MPa
 * @param flow flow stress by plastic strain since annealed
 * @param boughtStrain plastic strain that drawing left in it at purchase
 * @param slowShare share of the hardening since purchase that works against the way back, 0 to below 1
 * @param fastShare share of the hardening at purchase that does so within a small strain, 0 to below 1
 */
public record Material(double modulusMpa, Flow flow, double boughtStrain, double slowShare, double fastShare) {
    /** Engineering estimate. */
    public static final double SLOW_SHARE = 0.3;

    /** Engineering estimate. */
    public static final double FAST_SHARE = 0.2;

    /** Plastic strain over which the fast part comes (engineering estimate). */
    static final double FAST_SCALE = 0.025;

    /** Music wire hardly hardens: its flow stress is held between this share of its strength and the strength (estimate). */
    private static final double SPRING_YIELD = 0.95;

    /** Strain over which music wire comes to its strength (engineering estimate). */
    private static final double SPRING_SCALE = 0.05;

    /** @throws IllegalArgumentException if a value is out of range */
    public Material {
        Check.that(modulusMpa > 0 && modulusMpa < 1e6, "modulusMpa must be above 0 and below 1000000");
        Check.within("boughtStrain", boughtStrain, 0, 10);
        Check.that(slowShare >= 0 && slowShare < 1, "slowShare must be from 0 to below 1");
        Check.that(fastShare >= 0 && fastShare < 1, "fastShare must be from 0 to below 1");
    }

    /** Of a wire as bought. */
    public static Material of(Wire wire) {
        Metal metal = wire.metal();
        return metal.flow()
                .map(flow -> new Material(
                        metal.modulusGpa() * 1000, flow, wire.temper().strain(), SLOW_SHARE, FAST_SHARE))
                .orElseGet(() -> spring(wire));
    }

    /** Music wire comes drawn to its strength (ASTM A228); its flow curve starts there. */
    private static Material spring(Wire wire) {
        double within = Math.min(Math.max(wire.section().thicknessMm(), 0.1), 6.5);
        double strength = MusicWire.tensileMpa(within);
        Flow flow = new Flow(SPRING_YIELD * strength, strength, SPRING_SCALE);
        return new Material(wire.metal().modulusGpa() * 1000, flow, 0, SLOW_SHARE, FAST_SHARE);
    }

    /** What the slow back stress tends to, MPa. */
    double slowBackMpa() {
        return slowShare * (flow.fullMpa() - flow.stressMpa(boughtStrain));
    }

    /** What the fast back stress tends to, MPa; nothing of wire bought dead soft. */
    double fastBackMpa() {
        return fastShare * (flow.stressMpa(boughtStrain) - flow.startMpa());
    }
}
