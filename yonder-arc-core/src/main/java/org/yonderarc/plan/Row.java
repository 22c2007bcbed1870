package org.yonderarc.plan;

import java.util.Objects;
import java.util.Optional;

/**
 * One row of sample content in a wireframe: a list's line, a gallery's card, a form's field.
 *
 * @param title what it is called
 * @param note a smaller second line; may be empty
 * @param value what stands at the trailing edge: a time, a count, {@code on} or {@code off}; may be empty
 * @param screen the place that it opens
 * @param when shown only while this holds
 */
public record Row(Words title, Words note, Words value, Optional<Place> screen, Optional<Condition> when) {
    /** No text, in any language. */
    public static final Words NOTHING = Words.of("");

    public Row {
        Objects.requireNonNull(title, "title");
        Objects.requireNonNull(note, "note");
        Objects.requireNonNull(value, "value");
        Objects.requireNonNull(screen, "screen");
        Objects.requireNonNull(when, "when");
    }
}
