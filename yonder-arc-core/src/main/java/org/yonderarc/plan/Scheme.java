package org.yonderarc.plan;

import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** Light or dark. */
public enum Scheme {
    /** Dark on light. */
    LIGHT,
    /** Light on dark. */
    DARK;

    /** The word for it in a plan file. */
    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** The scheme with this word. */
    public static Optional<Scheme> of(String word) {
        return List.of(values()).stream()
                .filter(scheme -> scheme.word().equals(word))
                .findFirst();
    }
}
