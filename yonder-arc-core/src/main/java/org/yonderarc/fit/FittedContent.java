package org.yonderarc.fit;

import java.util.List;
import java.util.Objects;
import org.yonderarc.plan.Wireframe;

/**
 * The sample content of a screen as it is shown.
 *
 * @param kind what kind of content
 * @param rows the rows whose conditions hold
 */
public record FittedContent(Wireframe.Kind kind, List<FittedRow> rows) {
    /** A screen of which nothing is known yet. */
    public static final FittedContent EMPTY = new FittedContent(Wireframe.Kind.EMPTY, List.of());

    public FittedContent {
        Objects.requireNonNull(kind, "kind");
        rows = List.copyOf(rows);
    }
}
