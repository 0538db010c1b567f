package org.etui.core.element;

import java.util.OptionalDouble;
import org.etui.core.check.Family;
import org.etui.core.check.Word;

/**
 * One of the few primitives that a strand is made of. Each starts where the last one ended, with the same heading. A new kind is a
 * record that is added to the permitted ones here: what it still lacks the compiler says.
 */
@Family("kind")
public sealed interface Element extends Kind
        permits Straight,
                Bend,
                Arc,
                Loop,
                Curl,
                Spiral,
                Coil,
                Wrap,
                Girth,
                Across,
                Reach,
                Paddle,
                Twist,
                Knit,
                Ball,
                Lead {

    /** The inside diameter that it is wound to, mm; empty where it is not wound. */
    default OptionalDouble woundInsideMm() {
        return winding().insideMm();
    }

    /** Whether it is formed by the maker: straights, paddles, leads and bought balls stay as they are. */
    default boolean isBent() {
        return handling().bent();
    }

    /** Whether it is begun at the end of the wire where it stands at one: curls, spirals and eyes are rolled from there. */
    default boolean isRolledFromItsEnd() {
        return handling().softWire() || hanging().eye();
    }

    /** The contract's word for the kind, such as {@code loop}. */
    default String kind() {
        return Word.of(getClass());
    }

    /** The name to read, such as {@code hook bend}; a bare number gets its kind. */
    default String label() {
        return id().chars().allMatch(Character::isDigit) ? kind() + " " + id() : Label.of(id());
    }
}
