package org.etui.core.element;

import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What is done with an element at the bench.
 *
 * @param bent whether the maker bends it
 * @param flattenedToMm the thickness that it is flattened to, mm, where that is what it is made by
 * @param trimmedAfter when it is trimmed off: {@code forming} or the id of a work; empty for what stays
 * @param twistRadPerMm how far it is twisted about its own axis, radians a mm
 * @param boughtMm3 volume of what was bought on the wire, mm³
 * @param softWire whether it wants soft wire
 * @param woven whether its turns lie against each other or another wire, so that it is rubbed one way only
 * @param laidOver whether it lies on other wire all along, like the turns of a wrap
 * @param end how an end that it stands at is dressed
 * @param inTurnWith id of the element that it is wound in turn with, so that both are one step
 */
public record Handling(
        boolean bent,
        OptionalDouble flattenedToMm,
        Optional<String> trimmedAfter,
        double twistRadPerMm,
        double boughtMm3,
        boolean softWire,
        boolean woven,
        boolean laidOver,
        End end,
        Optional<String> inTurnWith) {

    /** How an end of the wire is dressed. */
    public enum End {
        /** Flush, without a burr. */
        FLUSH,
        /** Filed to a slope, so that it tucks in. */
        SLOPED,
        /** Rounded, so that it spreads round. */
        ROUNDED,
        /** Filed to a long point and polished, so that it passes cloth. */
        POINTED
    }

    /** Bent, and nothing else. */
    public static final Handling BENT = new Handling(
            true, OptionalDouble.empty(), Optional.empty(), 0, 0, false, false, false, End.FLUSH, Optional.empty());

    /** Left as the wire is. */
    public static final Handling STRAIGHT = new Handling(
            false, OptionalDouble.empty(), Optional.empty(), 0, 0, false, false, false, End.FLUSH, Optional.empty());

    /** Left straight, the end of the wire filed to a point. */
    public static final Handling POINTED = new Handling(
            false, OptionalDouble.empty(), Optional.empty(), 0, 0, false, false, false, End.POINTED, Optional.empty());

    /** Left straight and flattened. */
    public static Handling flattened(double toMm) {
        return new Handling(
                false,
                OptionalDouble.of(toMm),
                Optional.empty(),
                0,
                0,
                false,
                false,
                false,
                End.ROUNDED,
                Optional.empty());
    }

    /** Left straight and trimmed off at a moment. */
    public static Handling trimmed(String after) {
        return new Handling(
                false,
                OptionalDouble.empty(),
                Optional.of(after),
                0,
                0,
                false,
                false,
                false,
                End.FLUSH,
                Optional.empty());
    }

    /** Left as it was bought. */
    public static Handling bought(double mm3) {
        return new Handling(
                false,
                OptionalDouble.empty(),
                Optional.empty(),
                0,
                mm3,
                false,
                false,
                false,
                End.FLUSH,
                Optional.empty());
    }

    /** Twisted: about its own axis by so much, or with another wire. */
    public static Handling twisted(double radPerMm) {
        return new Handling(
                true,
                OptionalDouble.empty(),
                Optional.empty(),
                radPerMm,
                0,
                false,
                true,
                false,
                End.FLUSH,
                Optional.empty());
    }

    /** Bent of soft wire; its end is dressed so. */
    public static Handling soft(End end) {
        return new Handling(
                true, OptionalDouble.empty(), Optional.empty(), 0, 0, true, false, false, end, Optional.empty());
    }

    /** Knitted of soft wire: rubbed one way only. */
    public static Handling knitted() {
        return new Handling(
                true, OptionalDouble.empty(), Optional.empty(), 0, 0, true, true, false, End.FLUSH, Optional.empty());
    }

    /** Wound on or round other wire. */
    public static Handling wound() {
        return new Handling(
                true, OptionalDouble.empty(), Optional.empty(), 0, 0, false, true, true, End.FLUSH, Optional.empty());
    }

    /** The same, wound in turn with another element; alone where there is none. */
    public Handling inTurn(Optional<String> other) {
        return new Handling(
                bent, flattenedToMm, trimmedAfter, twistRadPerMm, boughtMm3, softWire, woven, laidOver, end, other);
    }
}
