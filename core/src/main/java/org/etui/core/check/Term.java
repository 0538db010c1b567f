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

    /** Its short name beside a figure on screen; empty for what is not typed as a figure there. */
    String title() default "";

    /** What it is counted in on screen, where its name does not end in Mm or Deg: turns, count, share, min, or thickness for mm. */
    String unit() default "";

    /** What it is when it is new, as JSON text, where that is not the default. */
    String usual() default "";

    /** What it is when it is new as a share of the wire's thickness; 0 where it does not follow that. */
    double usualShare() default 0;

    /** Whether it matters most among the measures of its record, so that it comes first. */
    boolean first() default false;

    /** The words that are offered where not all of a choice make sense. */
    String[] offered() default {};

    /** Whether reading fills a missing value from the position in the list. */
    boolean position() default false;
}
