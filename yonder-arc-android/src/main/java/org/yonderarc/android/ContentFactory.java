package org.yonderarc.android;

import android.view.View;
import org.jspecify.annotations.Nullable;
import org.yonderarc.plan.Place;

/** Makes an app's own views. */
@FunctionalInterface
public interface ContentFactory {
    /**
     * The view that shows the content of a place. Asked once for a place, as long as the person can come back to it.
     *
     * @return a view without a parent; null where the app has none, and the plan's sample content shows
     */
    @Nullable
    View content(Place place);
}
