package org.etui.core.colour;

import org.etui.core.check.Term;
import org.etui.core.metal.Metal;
import org.hipparchus.stat.descriptive.rank.Median;

/**
 * How much faster a maker's own baths are than the general estimate, from the records. The middle of the ratios counts, not their mean, so that one wild record does
 * not carry it; it is drawn towards the general value while records are few, as if that were two records more.
 *
 * @param records how many there are of that metal
 * @param faster how many times as fast
 * @param unsure times may still be so many times longer or shorter, an estimate
 */
public record Experience(
        @Term("how many records there are of that metal") int records,

        @Term("how many times as fast as the general estimate")
        double faster,

        @Term("times may still be so many times longer or shorter, an estimate")
        double unsure) {
    /** Nobody has looked yet. */
    public static final Experience NONE = new Experience(0, 1, Growth.UNSURE);

    /** The general value counts as so many records (engineering estimate). */
    private static final double GENERAL = 2;

    /** From bath to bath of the same maker times differ by this, however many records there are (engineering estimate). */
    private static final double LEAST_UNSURE = 1.15;

    /** Of the records of a metal. */
    public static Experience of(BathLog log, Metal metal) {
        double[] ratios = log.records().stream()
                .filter(r -> r.metal() == metal)
                .mapToDouble(r -> Math.log(Growth.of(metal, r.bath()).seconds(r.filmNm()) / r.seconds()))
                .toArray();
        if (ratios.length == 0) {
            return NONE;
        }
        double own = ratios.length / (ratios.length + GENERAL);
        double general = Math.log(Growth.UNSURE);
        double least = Math.log(LEAST_UNSURE);
        return new Experience(
                ratios.length,
                Math.exp(own * new Median().evaluate(ratios)),
                Math.exp(Math.sqrt(own * least * least + (1 - own) * general * general)));
    }
}
