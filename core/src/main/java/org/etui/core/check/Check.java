package org.etui.core.check;

import java.util.function.Supplier;

/** Argument checks of records; each throws {@link IllegalArgumentException} that names the field and echoes the value. */
public final class Check {
    /** The greatest number the contract knows, in whatever unit: a length of 100 m. */
    public static final double GREATEST = 1e5;

    /**
     * The least size that the contract knows, in whatever unit: a hundredth of a millimetre, a degree, a turn. Finer wire than that
     * is not drawn, and no hand measures less.
     */
    public static final double SMALLEST = 0.01;

    private Check() {}

    /**
     * A size that a hand can make: from {@link #SMALLEST} to {@link #GREATEST}.
     *
     * @throws IllegalArgumentException if it is not
     */
    public static double size(String field, double value) {
        return within(field, value, SMALLEST, GREATEST);
    }

    /**
     * A finite number above zero and at most {@link #GREATEST}.
     *
     * @throws IllegalArgumentException if it is not
     */
    public static double positive(String field, double value) {
        if (!(value > 0 && value <= GREATEST)) {
            throw new IllegalArgumentException(field + " must be above 0 and at most 100000, was " + value);
        }
        return value;
    }

    /**
     * A finite number within bounds, both allowed.
     *
     * @throws IllegalArgumentException if it is not
     */
    public static double within(String field, double value, double from, double to) {
        if (!(value >= from && value <= to)) {
            throw new IllegalArgumentException(field + " must be from " + from + " to " + to + ", was " + value);
        }
        return value;
    }

    /**
     * A condition on an argument.
     *
     * @throws IllegalArgumentException with the message if it does not hold
     */
    public static void that(boolean condition, String message) {
        if (!condition) {
            throw new IllegalArgumentException(message);
        }
    }

    /**
     * The same with a message that is put together only when it is needed, for what is made at every point of a curve.
     *
     * @throws IllegalArgumentException with the message if it does not hold
     */
    public static void that(boolean condition, Supplier<String> message) {
        if (!condition) {
            throw new IllegalArgumentException(message.get());
        }
    }
}
