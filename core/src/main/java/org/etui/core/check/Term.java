package org.etui.core.check;

import java.lang.annotation.Documented;
import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/**
 * One field of the contract, in words, with its limits and its default. JSON Schema, OpenAPI, the TypeScript types and
 * the page of the format are all built from these.
 */
@Documented
@Retention(RetentionPolicy.RUNTIME)
@Target(ElementType.RECORD_COMPONENT)
public @interface Term {
    /** What the field means, with its unit. */
    String value();

    /** The least value allowed, itself allowed; for text and lists the least length. */
    double from() default Double.NEGATIVE_INFINITY;

    /** A bound below, itself not allowed. */
    double above() default Double.NEGATIVE_INFINITY;

    /** The greatest value allowed; for text and lists the greatest length. Numbers end at 1e5 unless told otherwise. */
    double to() default Double.NaN;

    /** The default as JSON text; empty means that the field is required, unless its type is optional. */
    String or() default "";

    /** Whether reading fills a missing value from the position in the list. */
    boolean position() default false;
}
