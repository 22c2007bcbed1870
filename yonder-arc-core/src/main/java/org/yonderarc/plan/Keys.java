package org.yonderarc.plan;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/**
 * A record that is a map in a plan. Its components are the keys; what each means is said by its {@code @param}, what it is without the key
 * by {@code DEFAULT}, and a key of a record without that must be there, if it isn't an Optional. Made of it, while the core is compiled: its
 * shape for the reader, the writer, the schema and the reference; copies with another value; a builder.
 */
@Target(ElementType.TYPE)
@Retention(RetentionPolicy.SOURCE)
@interface Keys {
    /** What it is called in the schema and the reference: {@code floating rail}. */
    String value();

    /** The component that may stand for the whole. */
    String shortForm() default "";

    /** Whether {@code true} stands for it with all defaults, where it is optional. */
    boolean isSwitch() default false;

    /** The components of which copies with another value are made. */
    String[] copies() default {};
}
