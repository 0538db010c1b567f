package org.etui.core.colour;

import org.etui.core.piece.Colour;

/**
 * What polishing back bares. A tool takes the film off altogether where it touches, not thinner everywhere: a place is a mixture of bare metal and film,
 * and the share that is bare is what was asked for where nothing is in the way, less the more a place is hidden, the sooner the stiffer the tool:
 * bare = share · (1 − recess)^stiffness. An engineering estimate.
 */
public final class PolishBack {
    private PolishBack() {}

    /**
     * The share of a place's surface that is bare, 0 to 1.
     *
     * @param recess how hidden the place is: 0 on a high place, 1 where no tool comes
     * @param share taken off a high place, 0 to 1
     */
    public static double bare(double recess, double share, Colour.PolishWith tool) {
        return share * Math.pow(1 - Math.max(0, Math.min(1, recess)), stiffness(tool));
    }

    /** Bristle and shot come into hollows, a block only on what stands out (common practice; the figures are engineering estimates). */
    private static double stiffness(Colour.PolishWith tool) {
        return switch (tool) {
            case GLASS_BRISTLE -> 0.6;
            case TUMBLER -> 0.8;
            case STEEL_WOOL -> 1;
            case PAD -> 1.3;
            case CLOTH -> 1.6;
            case EMERY -> 2;
            case BLOCK -> 3;
        };
    }
}
