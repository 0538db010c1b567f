package org.etui.core.element;

import java.util.Optional;
import java.util.function.Function;

/**
 * What is asked of an element that has a seat.
 *
 * @param <R> the answer
 */
public interface Seating<R> {
    /** Of one that lies round a body. */
    R onBody(Girth girth);

    /** Of one that lies over a face of a body. */
    R over(Across across);

    /** Of one that is wound round others. */
    R wound(Wrap wrap);

    /** Of a spiral over a face of a body. */
    R onFace(Spiral spiral);

    /**
     * Asks for one kind alone.
     *
     * @param girth what a girth answers
     * @param across what wire over a face answers
     * @param wrap what a wrap answers
     * @param spiral what a spiral over a face answers
     */
    private static <E> Seating<Optional<E>> only(
            Function<Girth, Optional<E>> girth,
            Function<Across, Optional<E>> across,
            Function<Wrap, Optional<E>> wrap,
            Function<Spiral, Optional<E>> spiral) {
        return new Seating<>() {
            @Override
            public Optional<E> onBody(Girth of) {
                return girth.apply(of);
            }

            @Override
            public Optional<E> over(Across of) {
                return across.apply(of);
            }

            @Override
            public Optional<E> wound(Wrap of) {
                return wrap.apply(of);
            }

            @Override
            public Optional<E> onFace(Spiral of) {
                return spiral.apply(of);
            }
        };
    }

    /** Asks for the girths alone. */
    static Seating<Optional<Girth>> girths() {
        return only(Optional::of, a -> Optional.empty(), w -> Optional.empty(), s -> Optional.empty());
    }

    /** Asks for wire over a face alone. */
    static Seating<Optional<Across>> faces() {
        return only(g -> Optional.empty(), Optional::of, w -> Optional.empty(), s -> Optional.empty());
    }

    /** Asks for the wraps alone. */
    static Seating<Optional<Wrap>> wraps() {
        return only(g -> Optional.empty(), a -> Optional.empty(), Optional::of, s -> Optional.empty());
    }

    /** Asks for spirals over a face alone. */
    static Seating<Optional<Spiral>> spirals() {
        return only(g -> Optional.empty(), a -> Optional.empty(), w -> Optional.empty(), Optional::of);
    }
}
