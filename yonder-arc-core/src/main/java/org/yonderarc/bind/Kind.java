package org.yonderarc.bind;

import java.util.Optional;
import org.yonderarc.tree.Value;

/**
 * One kind of value in a plan file: how it is read, written and described. Reader, writer, schema and reference all come
 * from here, so they can't drift apart.
 *
 * @param <T> what it is in Java
 */
interface Kind<T> {
    /** The value, or nothing where it is wrong; what is wrong is reported. */
    Optional<T> read(Value value, Context context);

    /** The value as a tree; reading it gives an equal value. */
    Value write(T value);

    /** Its JSON Schema; shapes are registered in {@code definitions} and referred to. */
    Value schema(Definitions definitions);

    /** What it takes, in the words of the reference: "a text". */
    String takes();
}
