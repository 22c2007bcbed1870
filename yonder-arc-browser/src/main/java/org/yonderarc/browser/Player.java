package org.yonderarc.browser;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.teavm.jso.browser.Window;
import org.teavm.jso.dom.html.HTMLDocument;
import org.yonderarc.fit.Device;
import org.yonderarc.fit.Insets;
import org.yonderarc.fit.Interaction;
import org.yonderarc.fit.Setting;
import org.yonderarc.motion.Film;
import org.yonderarc.motion.Score;
import org.yonderarc.motion.Swipe;
import org.yonderarc.plan.Item;
import org.yonderarc.plan.Motion;
import org.yonderarc.plan.Place;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Scheme;
import org.yonderarc.plan.Visibility;
import org.yonderarc.scene.Scene;
import org.yonderarc.view.Fitter;
import org.yonderarc.view.View;
import org.yonderarc.walk.Change;
import org.yonderarc.walk.Effect;
import org.yonderarc.walk.Passage;
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
    private Optional<Film> film = Optional.empty();
    private double filmStart;
    private Interaction touch = Interaction.NONE;
    private final Finger finger;
    /** Whether what a step leads to is shown already, since a finger moved it there. */
    private boolean isThere;
    /** The step back that the browser's history is taking for us. */
    private Optional<Change> undone = Optional.empty();

    private Scene shown;

    Player(HTMLDocument document, Plan plan) {
        this.document = document;
        this.walk = Walk.of(plan);
        this.state = walk.start();
        this.painter = new DomPainter(document, document.getElementById("device"), this::take, this::touch);
        this.finger = new Finger(new Swiped());
    }

    void start() {
        entry = Math.max(0, Page.entry());
        state = outside().map(place -> walk.arriveAt(state, place)).orElse(state);
        entries.put(entry, state);
        Page.replace(entry, walk.addressOf(state.place()));
        text("happened", "The app was started.");
        new FactsPanel(document, this::take).show(walk.plan());
        Page.onEscape(() -> {
            if (state.open().isPresent()) {
                take(new Step.Close());
            }
        });
        Page.onPop(this::pop);
        Page.onSwipe(document.getElementById("device"), Swipe.SLOP, finger::begin, finger::move, finger::lift);
        Page.onResize(this::paint);
        Page.onDeviceChange(this::turn);
        Page.onSchemeChange(this::paint);
        paint();
        List<Item> items =
                walk.plan().items().filter(item -> item.place().isPresent()).toList();
        Page.whenIdle(() -> prepare(items, 0));
    }

    /** Makes a film to each branch once without showing it: texts are measured then, and the first choice is as quick as later ones. */
    private void prepare(List<Item> items, int next) {
        if (next < items.size()) {
            Change change = walk.step(state, new Step.Choose(items.get(next).id()));
            Scene to = view().scene(change.after());
            Film made = Film.of(
                    shown, to, Score.of(Passage.of(walk, change), walk.plan().motion()));
            made.at(made.duration() / 2);
            Page.whenIdle(() -> prepare(items, next + 1));
        }
    }

    private void take(Step step) {
        finger.drop();
        Change change = walk.step(state, step);
        tell(change);
        if (!change.moved()) {
            // What a finger moved there returns to where the person is.
            if (isThere) {
                isThere = false;
                paint();
            }
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
            play(change);
            return;
        }
        boolean undoes = step instanceof Step.Back && change.after().equals(entries.get(entry - 1));
        if (undoes) {
            undone = Optional.of(change);
            Page.back();
            return;
        }
        state = change.after();
        entry++;
        entries.put(entry, state);
        Page.push(entry, walk.addressOf(state.place()));
        play(change);
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
        State before = entries.getOrDefault(entry, state);
        entry = number < 0 ? entry + 1 : number;
        entries.put(entry, state);
        Page.replace(entry, walk.addressOf(state.place()));
        play(undone.orElseGet(() -> new Change(new Step.Back(), before, state, List.of(), "")));
        undone = Optional.empty();
    }

    private Optional<Place> outside() {
        return walk.placeAt(Page.address()).filter(place -> walk.problem(place).isEmpty());
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

    /** Shows the state at once: after a resize, another scheme, another entry of the history. */
    private void paint() {
        film = Optional.empty();
        settle(scene());
        if (Page.focusIsLost()) {
            Page.focus(document.querySelector("main"));
        }
    }

    /** Hover and press are looks, no steps: they play the short motion that the plan has for states. */
    private void touch(String what, String item) {
        Optional<String> on = item.isEmpty() ? Optional.empty() : Optional.of(item);
        Interaction next = what.equals("hover")
                ? new Interaction(on, touch.pressed(), Optional.empty())
                : new Interaction(touch.hovered(), on, Optional.empty());
        if (next.equals(touch)) {
            return;
        }
        touch = next;
        if (film.isPresent() || Page.isHidden()) {
            return;
        }
        Motion own = walk.plan().motion();
        var motion = new Motion(own.states(), own.states(), own.drawers(), own.screens(), own.reduced());
        run(new Score(Optional.empty(), motion, Page.wantsLessMotion(), false, Optional.empty()), scene());
    }

    private Scene scene() {
        return view().scene(state);
    }

    /** How far the top bar leaves with content that is scrolled: but for the edge that the hardware claims. */
    private double leaving(Scene scene) {
        double safe = view().setting().device().safe().top();
        boolean leaves = Fitter.fit(walk, view().setting(), state).scrollsAway();
        return leaves ? scene.bar("top").map(top -> top.area().bottom() - safe).orElse(0.0) : 0;
    }

    private View view() {
        return new View(
                walk,
                new Setting(
                        device().withText(Page.chosenText()),
                        Page.chosenLanguage(),
                        touch,
                        0,
                        Page.prefersDark() ? Scheme.DARK : Scheme.LIGHT),
                measure);
    }

    /** What a finger moves: the scenes of this player, and its state. */
    private final class Swiped implements Finger.Host {
        @Override
        public Optional<Swipe> begin(double x, double dx) {
            if (film.isPresent()) {
                paint();
            }
            touch = Interaction.NONE;
            return Swipe.begin(view(), state, x, dx, Page.wantsLessMotion());
        }

        @Override
        public void show(Scene scene) {
            shown = scene;
            painter.paint(scene);
        }

        @Override
        public void arrive(Step step) {
            isThere = true;
            take(step);
        }

        @Override
        public void settle() {
            paint();
        }
    }

    private void settle(Scene scene) {
        shown = scene;
        painter.leaving(leaving(scene));
        painter.paint(scene);
        // For screen readers: the device may speak another language than the panel beside it.
        String language = Page.chosenLanguage();
        if (!language.isEmpty()) {
            document.getElementById("device").setAttribute("lang", language);
        }
        document.setTitle(scene.title());
        text("address", walk.addressOf(walk.shown(state)));
    }

    /** Plays what a change looks like; a film that is under way goes on into the new one. */
    private void play(Change change) {
        Scene to = scene();
        var score = new Score(
                Passage.of(walk, change),
                walk.plan().motion(),
                Page.wantsLessMotion(),
                view().setting().isRightToLeft(walk.plan()),
                Score.origin(shown, to, change.step()));
        painter.leaving(leaving(to));
        document.setTitle(to.title());
        text("address", walk.addressOf(walk.shown(state)));
        run(score, to);
    }

    /** The device is another one now, or its texts are: its bars go from one form to the other. */
    private void turn() {
        finger.drop();
        var score = new Score(
                Optional.empty(),
                walk.plan().motion(),
                Page.wantsLessMotion(),
                view().setting().isRightToLeft(walk.plan()),
                Optional.empty());
        start(Film.of(shown, scene(), score));
    }

    /** Plays a film to a scene, or shows it at once where there is nothing to play. */
    private void run(Score score, Scene to) {
        double now = Page.now();
        boolean sameSize = shown.width() == to.width() && shown.height() == to.height();
        Film next = film.filter(running -> sameSize)
                .map(running -> running.interrupted(now - filmStart, to, score))
                .orElseGet(() -> Film.of(shown, to, score));
        if (isThere || !sameSize || next.duration() == 0 || Page.isHidden()) {
            isThere = false;
            paint();
            return;
        }
        start(next);
    }

    private void start(Film next) {
        boolean isRunning = film.isPresent();
        film = Optional.of(next);
        filmStart = Page.now();
        if (!isRunning) {
            Page.onFrame(this::frame);
        }
    }

    private void frame(double now) {
        if (film.isEmpty()) {
            return;
        }
        double ms = Math.max(0, now - filmStart);
        if (ms >= film.get().duration()) {
            paint();
            return;
        }
        shown = film.get().at(ms);
        painter.paint(shown);
        Page.onFrame(this::frame);
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
