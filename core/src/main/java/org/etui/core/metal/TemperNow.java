package org.etui.core.metal;

import java.util.Arrays;
import java.util.Comparator;
import org.etui.core.check.Word;

/** Temper as a reading of strain: what can be bought, and extra hard. Reductions of ASTM B134, see {@link Temper#strain}. */
public enum TemperNow {
    /** Annealed. */
    DEAD_SOFT(0),
    /** One AWG number drawn. */
    QUARTER_HARD(1),
    /** Two numbers. */
    HALF_HARD(2),
    /** Four numbers. */
    HARD(4),
    /** Six numbers; a reading only. */
    EXTRA_HARD(6),
    /** Eight numbers. */
    SPRING(8);

    private final double strain;

    TemperNow(int numbersDrawn) {
        this.strain = Temper.strainOf(numbersDrawn);
    }

    /** Plastic strain since annealed. */
    public double strain() {
        return strain;
    }

    /** The nearest temper to a plastic strain since annealed; music wire is spring hard as it comes, and no other. */
    public static TemperNow of(Metal metal, double plasticStrain) {
        return metal.flow().isEmpty() ? SPRING : of(plasticStrain);
    }

    /** The nearest temper to a plastic strain since annealed. */
    public static TemperNow of(double plasticStrain) {
        return Arrays.stream(values())
                .min(Comparator.comparingDouble(t -> Math.abs(t.strain - plasticStrain)))
                .orElseThrow();
    }

    /** In words, such as {@code half hard}. */
    public String inWords() {
        return Word.plain(this);
    }
}
