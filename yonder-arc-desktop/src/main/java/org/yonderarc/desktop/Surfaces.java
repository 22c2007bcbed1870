package org.yonderarc.desktop;

import java.awt.Component;
import java.awt.KeyboardFocusManager;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import javax.swing.SwingUtilities;
import org.yonderarc.plan.Place;
import org.yonderarc.stage.Surface;
import org.yonderarc.walk.State;
import org.yonderarc.walk.Trail;

/** The app's own components, each in a pane. They are kept as long as the person can come back to their place. */
final class Surfaces {
    private final AppPanel panel;
    private final Function<Place, Optional<Component>> content;
    /** No value for a place whose content is not the app's own. */
    private final Map<Place, Optional<SurfacePane>> panes = new HashMap<>();
    /** What had the focus when something opened over everything else. */
    private Optional<Component> held = Optional.empty();

    private boolean isHeld;
    private boolean passesFocus;

    Surfaces(AppPanel panel, Function<Place, Optional<Component>> content) {
        this.panel = panel;
        this.content = content;
    }

    /** Whether the content of a place is the app's own, as far as it was asked for. */
    boolean has(Place place) {
        return pane(place).isPresent();
    }

    Optional<Component> shown(Place place) {
        return pane(place).map(pane -> pane.getComponent(0));
    }

    private Optional<SurfacePane> pane(Place place) {
        return panes.getOrDefault(place, Optional.empty());
    }

    /** Asks the app for its component of a place. Only when a step is taken: a panel gets no children while it is looked through. */
    void prepare(Place place) {
        if (panes.containsKey(place)) {
            return;
        }
        // What the app does while it is asked may lead here again: the question is asked once.
        panes.put(place, Optional.empty());
        panes.put(place, content.apply(place).map(component -> {
            var pane = new SurfacePane(panel, component);
            pane.setVisible(false);
            pane.applyComponentOrientation(panel.getComponentOrientation());
            panel.add(pane);
            return pane;
        }));
    }

    /** The pane of a surface, standing where the surface is. */
    SurfacePane place(Surface surface) {
        SurfacePane pane = pane(surface.place()).orElseThrow();
        pane.stand(surface);
        return pane;
    }

    /** Hides what is not among these. Where the focus was in what is hidden, Swing passes it on by itself. */
    void showOnly(Set<Place> shown) {
        panes.forEach((place, pane) -> pane.ifPresent(any -> {
            boolean isShown = shown.contains(place);
            Component owner =
                    KeyboardFocusManager.getCurrentKeyboardFocusManager().getFocusOwner();
            boolean losesFocus =
                    any.isVisible() && !isShown && owner != null && SwingUtilities.isDescendingFrom(owner, any);
            passesFocus |= losesFocus;
            any.setVisible(isShown);
        }));
    }

    /** Whether the focus that comes now was passed on by Swing, and not brought by a person; asked once. */
    boolean passedFocus() {
        boolean passed = passesFocus;
        passesFocus = false;
        return passed;
    }

    /** Lets go of what the person can't come back to, unless it still shows. */
    void keep(State state) {
        var reachable = new HashSet<Place>();
        state.trails().values().forEach(trail -> collect(trail, reachable));
        panes.entrySet().removeIf(entry -> {
            boolean gone = !reachable.contains(entry.getKey())
                    && entry.getValue().filter(Component::isVisible).isEmpty();
            if (gone) {
                entry.getValue().ifPresent(panel::remove);
            }
            return gone;
        });
    }

    private static void collect(Trail trail, Set<Place> out) {
        out.add(trail.top());
        trail.below().ifPresent(below -> collect(below, out));
    }

    /** Takes the focus away from the app's components while something lies over them, and gives it back. */
    void hold(boolean isOver) {
        if (isOver == isHeld) {
            return;
        }
        isHeld = isOver;
        Component owner = KeyboardFocusManager.getCurrentKeyboardFocusManager().getFocusOwner();
        if (isOver) {
            held = Optional.ofNullable(owner)
                    .filter(any -> any != panel && SwingUtilities.isDescendingFrom(any, panel));
            held.ifPresent(any -> panel.requestFocusInWindow());
        } else {
            held.filter(Component::isShowing).ifPresent(Component::requestFocusInWindow);
            held = Optional.empty();
        }
    }
}
