package org.yonderarc.bind;

import java.util.HashMap;
import java.util.Map;
import org.yonderarc.tree.Value;

/** The values of a shape's fields, as far as they were read; the others have their fallback. */
final class Got {
    private final String id;
    private final Value source;
    private final Context context;
    private final Map<Field<?, ?>, Object> values = new HashMap<>();
    private boolean isComplete = true;

    Got(String id, Value source, Context context) {
        this.id = id;
        this.source = source;
        this.context = context;
    }

    /** The id under which the thing stands; empty for one that has none. */
    String id() {
        return id;
    }

    /** What is being read. */
    Value source() {
        return source;
    }

    /** Where findings go. */
    Context context() {
        return context;
    }

    /** Whether no required value is missing or wrong. */
    boolean isComplete() {
        return isComplete;
    }

    void lacks() {
        isComplete = false;
    }

    <T> void put(Field<?, T> field, T value) {
        values.put(field, value);
    }

    /** Whether the file has a proper value for the field. */
    boolean has(Field<?, ?> field) {
        return values.containsKey(field);
    }

    /** The value of a field. */
    @SuppressWarnings("unchecked") // put takes only values of the field's own type
    <T> T get(Field<?, T> field) {
        return values.containsKey(field)
                ? (T) values.get(field)
                : field.fallback().apply(id);
    }
}
