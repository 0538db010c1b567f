package org.etui.core.check;

import java.lang.annotation.Documented;
import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/** Marks a sealed interface of the contract and names the field that tells its members apart. */
@Documented
@Retention(RetentionPolicy.RUNTIME)
@Target(ElementType.TYPE)
public @interface Family {
    /** The discriminating field: {@code kind}, {@code op} or {@code shape}. */
    String value();
}
