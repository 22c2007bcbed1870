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
    public B on(String... kinds) {
        return put("on", kinds);
    }

    /** Hides it on these device kinds. */
    public B off(String... kinds) {
        return put("off", kinds);
    }

    /** Shows it in windows from {@code dp} on. */
    public B minWidth(double dp) {
        return put("min-width", dp);
    }

    /** Shows it in windows narrower than {@code dp}. */
    public B maxWidth(double dp) {
        return put("max-width", dp);
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
