package org.etui.core.metal;

/** Temper as it can be bought: the strain that drawing left in the wire. */
public enum Temper {
    /** Annealed. */
    DEAD_SOFT(0),
    /** One AWG number drawn, 20.7 % area. */
    QUARTER_HARD(1),
    /** Two numbers, 37.1 %. */
    HALF_HARD(2),
    /** Four numbers, 60.5 %. */
    HARD(4),
    /** Eight numbers, 84.4 %. */
    SPRING(8);

    private final int numbersDrawn;

    Temper(int numbersDrawn) {
        this.numbersDrawn = numbersDrawn;
    }

    /**
     * The plastic strain that drawing left: n·ln(1/0.8905²), n the AWG numbers drawn down from annealed (ASTM B134,
     * reductions of tempers).
     */
    public double strain() {
        return strainOf(numbersDrawn);
    }

    static double strainOf(int numbersDrawn) {
        return numbersDrawn * Math.log(1 / (0.8905 * 0.8905));
    }

    /**
     * How much of what the metal stands dead soft is still to be had: drawing hardens, but does not use bending up the way that
     * bending does (engineering estimate).
     */
    public double strainLeftShare() {
        return switch (this) {
            case DEAD_SOFT -> 1;
            case QUARTER_HARD -> 0.9;
            case HALF_HARD -> 0.8;
            case HARD -> 0.6;
            case SPRING -> 0.45;
        };
    }
}
