package org.etui.core.rule;

import org.etui.core.check.Term;

/**
 * A caution that applies to a piece.
 *
 * @param topic what it is about, such as eyes
 * @param message what to do
 */
public record Caution(
        @Term("what it is about") String topic,
        @Term("what to do") String message) {}
