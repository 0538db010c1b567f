package org.etui.core.element;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.UnaryOperator;
import org.etui.core.check.Family;
import org.etui.core.check.Word;
import org.etui.core.curve.CurvePiece;

/** One of the few primitives that a strand is made of. Each starts where the last one ended, with the same heading. */
@Family("kind")
public sealed interface Element
        permits Straight, Bend, Arc, Loop, Curl, Spiral, Coil, Wrap, Girth, Paddle, Twist, Ball, Lead {
    /** Name of the element, unique in its strand. */
    String id();

    /** Roll of the working plane about the wire before the element, degrees. */
    double rollDeg();

    /** Whether it lies on top at crossings; empty: what is formed later does. */
    Optional<Boolean> over();

    /** Whether sizes are meant after release or after the work. */
    Target target();

    /** The centre line of the element as formed, in its own frame. */
    List<CurvePiece> shape(Forming forming);

    /**
     * The same in a document where strands and works are called otherwise.
     *
     * @param strand what a strand is called there
     * @param work what a work is called there
     */
    default Element renamed(UnaryOperator<String> strand, UnaryOperator<String> work) {
        return this;
    }

    /** The inside diameter that it is wound to, mm; empty where it is not wound. */
    default OptionalDouble woundInsideMm() {
        return OptionalDouble.empty();
    }

    /** The contract's word for the kind, such as {@code loop}. */
    default String kind() {
        return Word.of(getClass());
    }

    /** Whether it is formed by the maker: straights, paddles, leads and bought balls stay as they are. */
    default boolean isBent() {
        return !(this instanceof Straight || this instanceof Paddle || this instanceof Lead || this instanceof Ball);
    }

    /** The name to read, such as {@code hook bend}; a bare number gets its kind. */
    default String label() {
        return id().chars().allMatch(Character::isDigit) ? kind() + " " + id() : id().replace('-', ' ');
    }
}
