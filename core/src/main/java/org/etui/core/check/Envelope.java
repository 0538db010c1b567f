package org.etui.core.check;

import java.lang.annotation.Documented;
import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/**
 * Marks a record of the contract that holds a member of a family and what is common to all of them: in JSON the member's fields
 * stand beside its own, and it is told apart by the family's discriminating field.
 */
@Documented
@Retention(RetentionPolicy.RUNTIME)
@Target(ElementType.TYPE)
public @interface Envelope {
    /** The component that holds the member. */
    String value();
}
