package org.yonderarc.plan;

import java.util.Objects;
import java.util.Optional;

/**
 * A finding that the plan's author accepts, so that it isn't reported.
 *
 * @param code the code of the finding
 * @param at the JSON Pointer of what it is about, or of something above it; no value for everywhere
 * @param because the reason, never empty
 */
public record Acceptance(String code, Optional<String> at, String because) {
    public Acceptance {
        Objects.requireNonNull(code, "code");
        Objects.requireNonNull(at, "at");
        if (because.isBlank()) {
            throw new IllegalArgumentException("an accepted finding needs a reason");
        }
    }
}
