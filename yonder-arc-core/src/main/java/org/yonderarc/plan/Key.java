package org.yonderarc.plan;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/** What the type of a key doesn't say of it. */
@Target(ElementType.RECORD_COMPONENT)
@Retention(RetentionPolicy.SOURCE)
@interface Key {
    /** The name of the constant of the record in whose range a number lies. */
    String range() default "";

    /** What a text names: one noun. */
    Noun[] names() default {};

    /** A codec of its own: the class and the constant. */
    String codec() default "";

    /** Whether it must be there although the record has defaults. */
    boolean isRequired() default false;

    /** Whether it is no key of plans: a plan's is always as in the defaults. */
    boolean isFixed() default false;
}
