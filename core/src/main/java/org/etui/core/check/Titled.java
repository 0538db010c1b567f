package org.etui.core.check;

import java.lang.annotation.Documented;
import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/** What a member of a family is called on screen. */
@Documented
@Retention(RetentionPolicy.RUNTIME)
@Target(ElementType.TYPE)
public @interface Titled {
    /** The words. */
    String value();

    /** Whether it is offered to be added by itself; what belongs to another measure is not. */
    boolean offered() default true;
}
