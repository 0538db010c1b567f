package org.etui.core.work;

import java.util.Optional;
import org.etui.core.check.Term;

/**
 * A mark on the straight wire.
 *
 * @param atMm distance, mm
 * @param from what it is measured from
 * @param label what happens there
 * @param element the element that begins there; empty where the handle is trimmed
 */
public record Mark(
        @Term("distance, mm") double atMm,
        @Term("what it is measured from") From from,
        @Term("what happens there") String label,
        @Term("the element that begins there") Optional<String> element) {

    /** What a mark is measured from. */
    public enum From {
        /** The squared beginning. */
        START,
        /** The squared end. */
        END,
        /** The middle; below zero is towards the beginning. */
        MIDDLE
    }
}
