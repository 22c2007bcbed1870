package org.yonderarc.codec;

import java.util.Optional;
import java.util.Set;
import org.yonderarc.plan.Mentions;
import org.yonderarc.tree.Changes;
import org.yonderarc.tree.Value;

/**
 * One kind of value in a plan file: how it is read, written and described. Reader, writer, schema and reference all come
 * from here, so they can't drift apart.
 *
 * @param <T> what it is in Java
 */
public interface Codec<T> {
    /** The value, or nothing where it is wrong; what is wrong is reported. */
    Optional<T> read(Value value, Context context);

    /** The value as a tree; reading it gives an equal value. */
    Value write(T value);

    /** Its JSON Schema; shapes are registered in {@code definitions} and referred to. */
    Value schema(Definitions definitions);

    /** What it takes, in the words of the reference: "a text". */
    String takes();

    /** The same where a map means something else: in the short form of a map. */
    default String takesBriefly() {
        return takes();
    }

    /** Tells what a value mentions that stands at {@code pointer}. */
    default void visit(T value, String pointer, Mentions to) {}

    /** Tells where two values differ that stand under {@code key}. */
    default void compare(T before, T after, String key, Changes to) {
        if (!before.equals(after)) {
            to.changed(key, Optional.of(write(before)), Optional.of(write(after)));
        }
    }

    /** Adds the shapes that values are made of, each once, in the order in which they are written. */
    default void collect(Set<Shape<?>> shapes) {}
}
