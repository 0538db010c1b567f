package org.etui.core.check;

/**
 * One bad field.
 *
 * @param path where, in the document's own terms, such as {@code strands.0.elements.2.insideMm}
 * @param value what was given, as text
 * @param limit what is allowed, in words with unit
 */
public record Violation(
        @Term("where in the document, such as strands.0.elements.2.insideMm")
        String path,

        @Term("what was given") String value,
        @Term("what is allowed, with unit") String limit) {}
