package org.yonderarc.android;

import android.os.Bundle;
import android.os.Parcelable;
import android.util.Log;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.yonderarc.navigator.Navigator;

/** What a view saves of itself: the state of its navigator, and that of the app's own views. */
final class SavedView {
    private static final String STATE = "state";
    private static final String VIEWS = "views";
    private static final String PARENT = "parent";
    private static final String SOURCE = "source";
    /** By this a saved state knows whether it comes from this process. */
    private static final String PROCESS = UUID.randomUUID().toString();

    private SavedView() {}

    static Bundle of(@Nullable Parcelable parent, Navigator navigator, ContentViews views) {
        var out = new Bundle();
        out.putParcelable(PARENT, parent);
        out.putString(STATE, navigator.save());
        out.putString(SOURCE, source(navigator));
        out.putBundle(VIEWS, views.save());
        return out;
    }

    /** What the view's own class saved. */
    @SuppressWarnings("deprecation") // of what was there before API level 33
    static @Nullable Parcelable parent(Bundle from) {
        return from.getParcelable(PARENT);
    }

    static void restore(Bundle from, Navigator navigator, ContentViews views) {
        String state = from.getString(STATE);
        if (state != null && !source(navigator).equals(from.getString(SOURCE))) {
            restore(state, navigator);
        }
        Bundle own = from.getBundle(VIEWS);
        if (own != null) {
            views.restore(own);
        }
    }

    /** An app that was updated meanwhile may not read what it saved: it starts anew, and doesn't end at each start. */
    private static void restore(String state, Navigator navigator) {
        try {
            navigator.restore(state);
        } catch (IllegalArgumentException unreadable) {
            Log.w("YonderArc", "where the person was can't be restored: " + unreadable.getMessage());
        }
    }

    /** Which navigator was saved: one that lived on has gone on meanwhile, and knows better. */
    private static String source(Navigator navigator) {
        return PROCESS + "/" + System.identityHashCode(navigator);
    }
}
