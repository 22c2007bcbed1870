package org.yonderarc.codec;

import java.util.HashMap;
import java.util.Map;
import org.yonderarc.finding.Code;
import org.yonderarc.tree.MapValue;
import org.yonderarc.tree.Value;

/** The values of a shape's fields, as far as they were read; the others have their fallback. */
public final class FieldValues {
    private final String id;
    private final Value source;
    private final Context context;
    private final Map<Field<?, ?>, Object> values = new HashMap<>();
    private boolean isComplete = true;

    public FieldValues(String id, Value source, Context context) {
        this.id = id;
        this.source = source;
        this.context = context;
    }

    /** The id under which the thing stands; empty for one that has none. */
    public String id() {
        return id;
    }

    /** What is being read. */
    public Value source() {
        return source;
    }

    /** Where findings go. */
    public Context context() {
        return context;
    }

    /** Whether no required value is missing or wrong. */
    public boolean isComplete() {
        return isComplete;
    }

    public void lacks() {
        isComplete = false;
    }

    public <T> void put(Field<?, T> field, T value) {
        values.put(field, value);
    }

    /** Reports a key that is there and has no effect, and why. */
    public void idle(Field<?, ?> field, String why) {
        if (has(field) && source instanceof MapValue map) {
            map.entry(field.key())
                    .ifPresent(entry -> context.report(
                            Code.NO_EFFECT,
                            entry.value().spot(),
                            "\"" + field.key() + "\" has no effect here: " + why + ".",
                            "Leave it out."));
        }
    }

    /** Whether the file has a proper value for the field. */
    public boolean has(Field<?, ?> field) {
        return values.containsKey(field);
    }

    /** The value of a field. */
    @SuppressWarnings("unchecked") // put takes only values of the field's own type
    public <T> T get(Field<?, T> field) {
        return values.containsKey(field) ? (T) values.get(field) : field.absent(id);
    }
}
