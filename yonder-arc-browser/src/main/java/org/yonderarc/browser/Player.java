package org.yonderarc.browser;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import org.teavm.jso.browser.Window;
import org.teavm.jso.dom.html.HTMLDocument;
import org.yonderarc.fit.Device;
import org.yonderarc.fit.Insets;
import org.yonderarc.plan.Place;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Scheme;
import org.yonderarc.plan.Visibility;
import org.yonderarc.scene.Palette;
import org.yonderarc.scene.Scene;
import org.yonderarc.scene.View;
import org.yonderarc.walk.Change;
import org.yonderarc.walk.Effect;
import org.yonderarc.walk.State;
import org.yonderarc.walk.Step;
import org.yonderarc.walk.Walk;

/**
 * Plays a plan in the page: takes steps, paints, and keeps the browser's history in step. Each history entry has a
 * number, and each number a state; the browser's back button brings the state of the entry before.
 */
final class Player {
    /** Narrower windows are taken for a phone, and filled. */
    private static final double NARROW = 560;
    /** The room around the device in a wide window, in px. */
    private static final double MARGIN = 64;
    /** The room that the panel beside the device takes, in px. */
    private static final double PANEL = 300;

    private final HTMLDocument document;
    private final Walk walk;
    private final DomPainter painter;
    private final CanvasMeasure measure = new CanvasMeasure();
    private final Map<Integer, State> entries = new HashMap<>();
    private int entry;
    private State state;

    Player(HTMLDocument document, Plan plan) {
        this.document = document;
        this.walk = Walk.of(plan);
        this.state = walk.start();
        this.painter = new DomPainter(document, document.getElementById("device"), this::take);
    }

    void start() {
        entry = Math.max(0, Page.entry());
        state = outside().map(place -> walk.arriveAt(state, place)).orElse(state);
        entries.put(entry, state);
        Page.replace(entry, walk.addressOf(state.place()));
        text("happened", "The app was started.");
        new FactsPanel(document, this::take).show(walk.plan());
        Page.onPop(this::pop);
        Page.onResize(this::paint);
        Page.onDeviceChange(this::paint);
        Page.onSchemeChange(this::paint);
        paint();
    }

    private void take(Step step) {
        Change change = walk.step(state, step);
        tell(change);
        if (!change.moved()) {
            return;
        }
        boolean isPlace = step instanceof Step.Choose || step instanceof Step.Open || step instanceof Step.Back;
        if (!isPlace
                || change.after().place().equals(state.place())
                        && change.after().branch().equals(state.branch())) {
            // What the app tells, and a drawer that opens, are no places to go back to.
            state = change.after();
            entries.put(entry, state);
            Page.replace(entry, walk.addressOf(state.place()));
            paint();
            return;
        }
        boolean undoes = step instanceof Step.Back && change.after().equals(entries.get(entry - 1));
        if (undoes) {
            Page.back();
            return;
        }
        state = change.after();
        entry++;
        entries.put(entry, state);
        Page.push(entry, walk.addressOf(state.place()));
        paint();
    }

    /** The browser went to another entry of its history, or somebody wrote another address. */
    private void pop(int number) {
        boolean known = entries.containsKey(number);
        if (known) {
            State then = entries.get(number);
            state = new State(
                    then.branch(), then.trails(), state.facts(), Optional.empty(), state.folded(), then.visited());
        } else {
            state = outside().map(place -> walk.arriveAt(state, place)).orElse(state);
        }
        entry = number < 0 ? entry + 1 : number;
        entries.put(entry, state);
        Page.replace(entry, walk.addressOf(state.place()));
        paint();
    }

    private Optional<Place> outside() {
        return walk.placeAt(Page.address());
    }

    private void tell(Change change) {
        var happened = new StringBuilder(change.because());
        for (Effect effect : change.effects()) {
            if (effect instanceof Effect.ChosenAgain) {
                Page.scrollToTop(document.querySelector("main"));
            } else if (effect instanceof Effect.OpenWeb web) {
                Page.open(web.address());
            }
        }
        change.effects().stream()
                .filter(effect -> !(effect instanceof Effect.Refused))
                .forEach(effect -> happened.append(" (").append(effect.text()).append(")"));
        text("happened", happened.toString());
    }

    private void paint() {
        Device device = device();
        Palette palette = Palette.of(walk.plan().theme(), Page.prefersDark() ? Scheme.DARK : Scheme.LIGHT);
        Scene scene = new View(walk, device, palette, measure).scene(state);
        painter.paint(scene);
        document.setTitle(scene.title());
        text("address", walk.addressOf(walk.shown(state)));
        if (Page.focusIsLost()) {
            Page.focus(document.querySelector("main"));
        }
    }

    private Device device() {
        double width = Window.current().getInnerWidth();
        double height = Window.current().getInnerHeight();
        Visibility.Pointer pointer = Page.pointsFinely() ? Visibility.Pointer.FINE : Visibility.Pointer.COARSE;
        Optional<Device> chosen = Device.preset(Page.chosenDevice());
        if (width < NARROW || chosen.isEmpty()) {
            return new Device("window", within(width), within(height), Insets.NONE, 1, pointer);
        }
        Device preset = chosen.get();
        boolean beside = width - preset.width() - 2 * MARGIN > PANEL;
        double room = width - (beside ? PANEL : 0) - MARGIN;
        return preset.resized(
                within(Math.min(preset.width(), room)), within(Math.min(preset.height(), height - MARGIN)));
    }

    private static double within(double size) {
        return Math.max(Device.SMALLEST, Math.min(Device.LARGEST, size));
    }

    private void text(String id, String text) {
        document.getElementById(id).setTextContent(text);
    }
}
