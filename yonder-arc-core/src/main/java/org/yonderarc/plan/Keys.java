package org.yonderarc.plan;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/**
 * Marks a record that is a map in a plan. Its components are the keys. What a key means is said by its {@code @param}; without the key, the
 * value is that of {@code DEFAULT}. In a record without one, every key that isn't an Optional is required.
 *
 * <p>While the core is compiled, three classes are made of it: the shape, for the reader, the writer, the schema and the reference; a
 * builder; and copies with another value.
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

    /** The constant with the values that hold without a key, if it has another name. */
    String usual() default "DEFAULT";

    /** The components of which copies with another value are made. */
    String[] copies() default {};
}
