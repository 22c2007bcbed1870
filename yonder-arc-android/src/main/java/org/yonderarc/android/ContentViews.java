package org.yonderarc.android;

import android.graphics.Canvas;
import android.os.Bundle;
import android.os.Parcelable;
import android.util.SparseArray;
import android.view.View;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.yonderarc.plan.Place;
import org.yonderarc.stage.Surface;
import org.yonderarc.walk.State;
import org.yonderarc.walk.Trail;

/** The app's own views, each in a pane. They are kept as long as the person can come back to their place, and so is what is saved of them. */
final class ContentViews implements Piece.Views {
    private final AppView host;
    private final ContentFactory factory;
    /** No value for a place whose content is not the app's own. */
    private final Map<Place, Optional<ContentPane>> panes = new HashMap<>();
    /** What was saved of views that are yet to be made, by the text of their place. */
    private final Map<String, SparseArray<Parcelable>> saved = new HashMap<>();

    private final Set<Place> shown = new HashSet<>();

    ContentViews(AppView host, ContentFactory factory) {
        this.host = host;
        this.factory = factory;
    }

    /** Whether the content of a place is the app's own, as far as it was asked for. */
    boolean has(Place place) {
        return panes.getOrDefault(place, Optional.empty()).isPresent();
    }

    /** The app's own view of a place; null where there is none. */
    @Nullable
    View view(Place place) {
        return panes.getOrDefault(place, Optional.empty())
                .map(pane -> pane.getChildAt(0))
                .orElse(null);
    }

    /** Asks the app for its view of a place, if it wasn't asked yet. */
    void prepare(Place place) {
        if (panes.containsKey(place)) {
            return;
        }
        // What the app does while it is asked may lead here again: the question is asked once.
        panes.put(place, Optional.empty());
        View view = factory.content(place);
        if (view == null) {
            return;
        }
        if (view.getParent() != null) {
            throw new IllegalStateException(
                    "the view for " + place.text() + " has a parent already; make one for each place");
        }
        var pane = new ContentPane(host, view);
        SparseArray<Parcelable> before = saved.remove(place.text());
        if (before != null) {
            pane.restoreHierarchyState(before);
        }
        host.addView(pane);
        panes.put(place, Optional.of(pane));
    }

    /** To be called before views are taken to their places. */
    void begin() {
        shown.clear();
    }

    @Override
    public void stand(Surface surface) {
        shown.add(surface.place());
        pane(surface.place()).stand(surface, host.density());
    }

    /** To be called when all that are shown are in their places: hides the others. */
    void end() {
        panes.forEach((place, pane) -> {
            if (!shown.contains(place)) {
                pane.ifPresent(any -> any.setVisibility(View.INVISIBLE));
            }
        });
    }

    @Override
    public void draw(Canvas canvas, Surface surface) {
        host.drawPane(canvas, pane(surface.place()));
    }

    private ContentPane pane(Place place) {
        return panes.getOrDefault(place, Optional.empty()).orElseThrow();
    }

    /** Lets go of what the person can't come back to, unless it still shows. */
    void keep(State state) {
        var reachable = new HashSet<Place>();
        state.trails().values().forEach(trail -> collect(trail, reachable));
        panes.entrySet().removeIf(entry -> {
            boolean isGone = !reachable.contains(entry.getKey()) && !shown.contains(entry.getKey());
            if (isGone) {
                entry.getValue().ifPresent(host::removeView);
            }
            return isGone;
        });
        var texts = new HashSet<String>();
        reachable.forEach(place -> texts.add(place.text()));
        saved.keySet().retainAll(texts);
    }

    private static void collect(Trail trail, Set<Place> out) {
        out.add(trail.top());
        trail.below().ifPresent(below -> collect(below, out));
    }

    /** What the views save of themselves, by the text of their place: two of them may have parts with the same id. */
    Bundle save() {
        var out = new Bundle();
        saved.forEach(out::putSparseParcelableArray);
        panes.forEach((place, pane) -> pane.ifPresent(any -> {
            var own = new SparseArray<Parcelable>();
            any.saveHierarchyState(own);
            out.putSparseParcelableArray(place.text(), own);
        }));
        return out;
    }

    @SuppressWarnings("deprecation") // of what was there before API level 33
    void restore(Bundle from) {
        from.setClassLoader(host.getContext().getClassLoader());
        for (String place : from.keySet()) {
            SparseArray<Parcelable> own = from.getSparseParcelableArray(place);
            if (own != null) {
                saved.put(place, own);
            }
        }
        panes.forEach((place, pane) -> pane.ifPresent(any -> {
            SparseArray<Parcelable> own = saved.remove(place.text());
            if (own != null) {
                any.restoreHierarchyState(own);
            }
        }));
    }
}
