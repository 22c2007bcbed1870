package org.yonderarc.fit;

import java.util.Objects;
import java.util.Optional;
import org.yonderarc.plan.Place;

/**
 * A row of sample content as it is shown: its texts in one language, their holes filled.
 *
 * @param title what it is called
 * @param note a smaller second line; may be empty
 * @param value what stands at the trailing edge; may be empty
 * @param seed what its made-up picture is drawn from: its title in the plan's first language, so that it is the same in all
 * @param to the place that it opens
 * @param address that place's address
 */
public record FittedRow(
        String title, String note, String value, String seed, Optional<Place> to, Optional<String> address) {
    public FittedRow {
        Objects.requireNonNull(title, "title");
        Objects.requireNonNull(note, "note");
        Objects.requireNonNull(value, "value");
        Objects.requireNonNull(seed, "seed");
        Objects.requireNonNull(to, "to");
        Objects.requireNonNull(address, "address");
    }
}
