package org.yonderarc.build;

import org.yonderarc.plan.Visibility;

/**
 * What bars and items share: where they show.
 *
 * @param <B> the builder itself
 */
public abstract class ShownBuilder<B extends ShownBuilder<B>> extends MapBuilder<B> {
    ShownBuilder() {}

    /** Shows it on these device kinds only. */
    public B showOn(String... kinds) {
        return put("show-on", kinds);
    }

    /** Hides it on these device kinds. */
    public B hideOn(String... kinds) {
        return put("hide-on", kinds);
    }

    /** Shows it in windows from {@code dp} on. */
    public B minWindowWidth(double dp) {
        return put("min-window-width", dp);
    }

    /** Shows it in windows narrower than {@code dp}. */
    public B maxWindowWidth(double dp) {
        return put("max-window-width", dp);
    }

    /** Shows it in this orientation only. */
    public B orientation(Visibility.Orientation orientation) {
        return put("orientation", orientation);
    }

    /** Shows it for this pointer only. */
    public B pointer(Visibility.Pointer pointer) {
        return put("pointer", pointer);
    }
}
