package org.yonderarc.plan;

import java.util.List;

/**
 * Which bars show on a screen.
 *
 * @param all whether every bar shows that stands on the screen's part of the tree
 * @param only the ids of the bars that show where {@code all} is false; empty for none
 */
public record BarsOn(boolean all, List<String> only) {
    /** Every bar. */
    public static final BarsOn ALL = new BarsOn(true, List.of());
    /** No bar, as on immersive and sign-in screens. */
    public static final BarsOn NONE = new BarsOn(false, List.of());

    public BarsOn {
        only = List.copyOf(only);
        if (all && !only.isEmpty()) {
            throw new IllegalArgumentException("all bars, or only some: not both");
        }
    }

    /** Whether the bar with this id shows. */
    public boolean shows(String bar) {
        return all || only.contains(bar);
    }
}
