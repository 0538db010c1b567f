package org.etui.core.element;

import java.util.Optional;

/**
 * What is asked of an element that has a seat.
 *
 * @param <R> the answer
 */
public interface Seating<R> {
    /** Of one that lies round a body. */
    R onBody(Girth girth);

    /** Of one that is wound round others. */
    R wound(Wrap wrap);

    /** Asks for the girths alone. */
    static Seating<Optional<Girth>> girths() {
        return new Seating<>() {
            @Override
            public Optional<Girth> onBody(Girth girth) {
                return Optional.of(girth);
            }

            @Override
            public Optional<Girth> wound(Wrap wrap) {
                return Optional.empty();
            }
        };
    }

    /** Asks for the wraps alone. */
    static Seating<Optional<Wrap>> wraps() {
        return new Seating<>() {
            @Override
            public Optional<Wrap> onBody(Girth girth) {
                return Optional.empty();
            }

            @Override
            public Optional<Wrap> wound(Wrap wrap) {
                return Optional.of(wrap);
            }
        };
    }
}
