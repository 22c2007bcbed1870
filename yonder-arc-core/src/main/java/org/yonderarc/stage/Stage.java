package org.yonderarc.stage;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.yonderarc.layout.Box;
import org.yonderarc.layout.TextMeasure;
import org.yonderarc.motion.Score;
import org.yonderarc.plan.Motion;
import org.yonderarc.plan.Place;
import org.yonderarc.scene.Scene;
import org.yonderarc.scene.SceneNode;
import org.yonderarc.tree.Decimals;
import org.yonderarc.view.Fitter;
import org.yonderarc.walk.Change;
import org.yonderarc.walk.Effect;
import org.yonderarc.walk.Passage;
import org.yonderarc.walk.State;
import org.yonderarc.walk.Step;
import org.yonderarc.walk.Walk;

/**
 * An app on one device, as it is seen, touched and heard. Takes what a person does and what changes, and gives the scene at a time, the
 * surfaces for an app's own views, the accessible tree, and the steps that the person takes. Has no clock: every time is an argument, in
 * ms, and never goes back. To be used by one thread at a time.
 *
 * <pre>{@code
 * var stage = new Stage(walk, state, Surroundings.of(Device.PHONE), measure, host);
 * stage.take(new Input.Down(0, 40, 800, true, true), now);
 * stage.take(new Input.Up(0, 40, 800), now);       // calls host.take(step)
 * stage.changed(change, now);                       // what came of it
 * paint(stage.scene(now));                          // again while stage.moves()
 * }</pre>
 */
public final class Stage {
    /** Whoever shows the stage and runs the app. */
    @FunctionalInterface
    public interface Host {
        /**
         * Takes a step for the person. What comes of it is told by {@link Stage#changed}, before this returns or later.
         *
         * @return whether it was taken; false where it was refused, or waits for an answer
         */
        boolean take(Step step);

        /** Whether the host scrolls content and lists itself, and tells how far; otherwise the stage does it. */
        default boolean scrolls() {
            return false;
        }

        /** Whether the app shows the content of a place itself. */
        default boolean shows(Place place) {
            return false;
        }
    }

    private final Host host;
    private final Scrolls scrolls = new Scrolls();
    private final RestingScene still;
    private final Playback playback;
    private final Pointers pointers;
    private final Keys keys;
    /** What was typed last, until the app has told it. */
    private Optional<Input.Fill> typed = Optional.empty();

    private Optional<Pending> pending = Optional.empty();
    /** The step that a swipe has shown already, and that is being taken. */
    private Optional<Step> shownAlready = Optional.empty();

    private String announcement = "";
    /** The latest time that the stage was told. */
    private double latest = Double.NEGATIVE_INFINITY;

    /** A stage that shows a state. */
    public Stage(Walk walk, State state, Surroundings around, TextMeasure measure, Host host) {
        Objects.requireNonNull(walk, "walk");
        Objects.requireNonNull(state, "state");
        Objects.requireNonNull(around, "around");
        Objects.requireNonNull(measure, "measure");
        this.host = Objects.requireNonNull(host, "host");
        this.still = new RestingScene(walk, state, around, measure, host, scrolls);
        this.playback = new Playback(still.scene());
        this.pointers = new Pointers(this, still, scrolls, playback, !host.scrolls());
        this.keys = new Keys(this, still, scrolls, !host.scrolls());
    }

    // What is shown.

    /** The scene at a time. The same instance as long as nothing moves. */
    public Scene scene(double now) {
        advance(now);
        return playback.shown();
    }

    /** What is shown at a time, cut where an app's own views stand. */
    public List<Layer> layers(double now) {
        return layers(scene(now));
    }

    /** A scene, cut where an app's own views stand: that of {@link RunningTracks}, for a host that plays them. */
    public List<Layer> layers(Scene scene) {
        boolean isOpen = tree().dialog().isEmpty();
        Place here = still.walk().shown(still.state());
        return Layers.of(scene, host::shows, place -> isOpen && place.equals(here));
    }

    /** What is shown when nothing moves. */
    public Scene still() {
        return still.scene();
    }

    /** Whether another frame is to be painted. A host may rest until it hands something in. */
    public boolean moves() {
        boolean waits = still.isStale() || pending.isPresent();
        return waits && !playback.isHeld()
                || playback.runs()
                || playback.isPulled()
                || scrolls.until().isPresent()
                || pointers.due().isPresent();
    }

    /**
     * The film that runs, as tracks, for a host that can play it by itself until it ends or something is handed in; the same instance as long as it
     * runs. No value where nothing runs, where the host has to ask for each frame with {@link #scene}, or where something else is due meanwhile.
     */
    public Optional<RunningTracks> tracks(double now) {
        advance(now);
        boolean isAlone =
                pending.isEmpty() && scrolls.until().isEmpty() && pointers.due().isEmpty();
        return isAlone ? playback.tracks() : Optional.empty();
    }

    /** Until when it moves, in ms, if nothing else happens; no value where it rests. */
    public Optional<Double> until() {
        if (!moves()) {
            return Optional.empty();
        }
        double end = playback.runs() ? playback.until() : 0;
        return Optional.of(Math.max(
                Math.max(end, pointers.due().orElse(0.0)), scrolls.until().orElse(0.0)));
    }

    /**
     * The accessible tree of what is shown; while something moves, of what it leads to. The same instance as long as nothing is heard
     * differently.
     */
    public AccessTree tree() {
        return still.tree();
    }

    /** The path of what has the focus; no value where nothing on the stage has it. */
    public Optional<String> focus() {
        return still.focus().path();
    }

    /** How often the stage itself has moved the focus: a host with a focus of its own follows when this is another number. */
    public int focusMoves() {
        return still.focus().moves();
    }

    /** What is to be announced since this was asked last; empty for nothing. */
    public String announcement() {
        String said = announcement;
        announcement = "";
        return said;
    }

    /** Whether a drawer, a fan or an overflow is open. */
    public boolean isOpen() {
        return still.state().open().isPresent();
    }

    /** Whether a person swipes: what they do is not for the app's own view then. */
    public boolean isSwiped() {
        return playback.isHeld();
    }

    /** Whether the pointer is over something that can be chosen, and should look so. */
    public boolean pointsAtTarget() {
        return still.touch().hovered().isPresent();
    }

    /** The name of what can be chosen at a point and shows none; hosts say it where a pointer rests. */
    public Optional<String> hint(double x, double y) {
        return still.hit(x, y).target().flatMap(HitTarget::hint);
    }

    /** Whether a point belongs to the app's own view, and not to something on the stage that lies over it. */
    public boolean reachesContent(double x, double y) {
        Hit hit = still.hit(x, y);
        return hit.target().isEmpty()
                && hit.content().filter(host::shows).isPresent()
                && tree().dialog().isEmpty();
    }

    /** How far the top bar leaves when the content is scrolled, in dp; 0 where it stays. */
    public double leaving() {
        return still.leaving();
    }

    /** The bar at the lower edge that leaves when the content is scrolled, where the host scrolls; no value where none does. */
    public Optional<Retreat> retreat() {
        return still.retreat();
    }

    /** How far something that scrolls is scrolled downwards, in dp. */
    public double scrolled(String path) {
        still.scene();
        return scrolls.region(path)
                .map(region -> scrolls.of(region.id()).down())
                .orElse(0.0);
    }

    /** Nodes of a scene that stand beside each other in the order in which the eye goes over them; not that of painting. */
    public List<SceneNode> inReadingOrder(List<SceneNode> nodes) {
        return ReadingOrder.inOrder(nodes, still.isRightToLeft());
    }

    /** Whether everything is mirrored. */
    public boolean isRightToLeft() {
        return still.isRightToLeft();
    }

    /** Where it is used, and how the person likes it. */
    public Surroundings surroundings() {
        return still.around();
    }

    // What happens.

    /**
     * A person does something.
     *
     * @return whether the stage had use for it; a key that it has no use for is the host's own
     */
    public boolean take(Input input, double time) {
        double now = advance(time);
        if (input instanceof Input.Key key) {
            return keys.take(key.meant(), now);
        }
        if (input instanceof Input.Choose choose) {
            return choose(choose.path(), now);
        }
        if (input instanceof Input.Focus moved) {
            Optional<String> there =
                    moved.path().filter(path -> tree().find(path).isPresent());
            still.focus().isAt(there);
            touched(still.touch().focus(there.flatMap(still::target), false), now);
            return there.equals(moved.path());
        }
        if (input instanceof Input.BackGesture back) {
            arrived(playback.arrive(), now);
            return pointers.back(back.share());
        }
        if (input instanceof Input.BackEnd end) {
            // Who goes back twice in a hurry goes back twice.
            arrived(playback.arrive(), now);
            return pointers.backEnds(end.goes(), now) || end.goes() && keys.take(Input.Meant.CLOSE, now);
        }
        if (input instanceof Input.Type type) {
            return field().filter(field -> type(field, held(field) + type.text()))
                    .isPresent();
        }
        if (input instanceof Input.Fill fill) {
            return still.target(fill.path())
                    .filter(HitTarget::isField)
                    .filter(field -> !field.typed().equals(fill.text()))
                    .filter(field -> host.take(field.typing(fill.text())))
                    .isPresent();
        }
        if (input instanceof Input.Scrolled scrolled) {
            boolean isNews = scrolls.region(scrolled.path())
                    .filter(region -> scrolls.to(region, new Offset(scrolled.across(), scrolled.down())))
                    .isPresent();
            if (isNews && !host.scrolls()) {
                // Only a view of the app's own was scrolled: what follows it is still to be moved.
                still.isScrolled();
            }
            return isNews;
        }
        return pointers.take(input, now);
    }

    /** A step was taken, or refused; whoever took it. */
    public void changed(Change change, double time) {
        double now = clock(time);
        boolean wasShown = shownAlready.filter(change.step()::equals).isPresent();
        shownAlready = Optional.empty();
        if (!change.moved()) {
            announcement = change.refusal().orElse(announcement);
            change.effects().stream()
                    .filter(Effect.ChosenAgain.class::isInstance)
                    .forEach(again -> toTop(now));
            if (wasShown) {
                replay(now);
            }
            return;
        }
        remember(change);
        still.with(still.walk(), change.after());
        if (wasShown) {
            pending = Optional.empty();
            playback.settle(still.scene());
            return;
        }
        if (isElsewhere(change)) {
            pointers.drop();
            playback.drop();
        }
        typed = typed.filter(last -> !typed(last.path()).equals(last.text()));
        pending = Optional.of(pending.map(before -> before.and(still.walk(), change))
                .orElseGet(() -> Pending.of(still.walk(), change)));
        still.isScrolled();
    }

    /** The app goes on with another plan. */
    public void use(Walk other, State now) {
        still.with(Objects.requireNonNull(other, "other"), Objects.requireNonNull(now, "now"));
        pending = Optional.empty();
        shownAlready = Optional.empty();
        pointers.drop();
        playback.settle(still.scene());
    }

    /** The device was turned, resized or replaced, or the person changed a preference. */
    public void surround(Surroundings other, double time) {
        if (other.equals(still.around())) {
            return;
        }
        double now = advance(time);
        pointers.drop();
        still.with(other);
        replay(now);
    }

    /** Ends a film or a swipe and shows the state at once. */
    public void settle() {
        pending = Optional.empty();
        playback.settle(still.scene());
    }

    /** What pointer and focus are on is another thing: its look changes in the short motion that the plan has for states. */
    void touched(Touch other, double now) {
        boolean differs = still.with(other);
        if (differs && playback.rests() && pending.isEmpty()) {
            Motion own = still.walk().plan().motion();
            var motion = new Motion(own.states(), own.states(), own.drawers(), own.transition(), own.reduced());
            playback.play(still.scene(), still.score(Optional.empty(), motion, Optional.empty()), now);
        }
    }

    boolean takes(Step step) {
        return host.take(step);
    }

    boolean choose(String path, double now) {
        Optional<HitTarget> target = still.target(path);
        if (target.filter(HitTarget::isField).isPresent()) {
            // Who comes to a field goes on from what the app says that it holds.
            typed = Optional.empty();
            still.focus().goes(path);
            touched(still.touch().focus(target, true), now);
            return true;
        }
        target.ifPresent(chosen -> host.take(chosen.step()));
        return target.isPresent();
    }

    /** The field that has the focus. */
    private Optional<HitTarget> field() {
        return still.focus().path().flatMap(still::target).filter(HitTarget::isField);
    }

    /** What a field holds: what was typed last, where the app has not told it yet. */
    private String held(HitTarget field) {
        return typed.filter(last -> last.path().equals(field.path()))
                .map(Input.Fill::text)
                .orElseGet(field::typed);
    }

    private boolean type(HitTarget field, String text) {
        typed = Optional.of(new Input.Fill(field.path(), text));
        boolean takes = host.take(field.typing(text));
        // An app tells at once, or later.
        typed = typed.filter(last -> takes && !typed(last.path()).equals(last.text()));
        return takes;
    }

    /** Whether what is typed goes into a field. */
    public boolean isTyped() {
        return field().isPresent();
    }

    /** What a field holds, whatever a film still shows of it; empty where there is none with this path. */
    public String typed(String path) {
        return still.target(path).map(HitTarget::typed).orElse("");
    }

    /** Takes the last character of the field that has the focus away. */
    boolean erase() {
        Optional<HitTarget> field = field().filter(any -> !held(any).isEmpty());
        field.ifPresent(any -> {
            String text = held(any);
            type(any, text.substring(0, text.offsetByCodePoints(text.length(), -1)));
        });
        return field.isPresent();
    }

    private void toTop(double now) {
        tree().content()
                .flatMap(scrolls::region)
                .filter(region -> !region.isHosted())
                .filter(region ->
                        scrolls.trip(region, Offset.NONE, still.around().lessMotion(), now))
                .ifPresent(region -> still.isScrolled());
    }

    // Inside.

    private boolean isElsewhere(Change change) {
        State before = change.before();
        State after = change.after();
        return !still.walk().shown(before).equals(still.walk().shown(after))
                || !before.branch().equals(after.branch())
                || !before.open().equals(after.open())
                || !before.collapsed().equals(after.collapsed());
    }

    private void remember(Change change) {
        State before = change.before();
        State after = change.after();
        // Without composing what changes again before anybody sees it.
        still.lastFocus().leaves(still.content(before));
        boolean deeper = after.branch().equals(before.branch())
                && after.trail().depth() > before.trail().depth();
        if (deeper) {
            scrolls.forget(still.content(after));
            still.lastFocus().forget(still.content(after));
        }
        if (!still.walk().shown(before).equals(still.walk().shown(after))) {
            announcement = Fitter.title(
                    still.walk().plan(),
                    still.walk().shown(after),
                    after,
                    still.around().language());
        }
    }

    private void replay(double now) {
        Motion motion = still.walk().plan().motion();
        playback.play(still.scene(), still.score(Optional.empty(), motion, Optional.empty()), now);
    }

    /** The time that counts: a clock that was set back stands still until it has caught up. */
    private double clock(double time) {
        if (!Double.isFinite(time)) {
            throw new IllegalArgumentException("a time is a finite number of ms, not " + Decimals.text(time));
        }
        latest = Math.max(latest, time);
        return latest;
    }

    /** Takes the step of a swipe that has come to its end. */
    private void arrived(Optional<Step> step, double now) {
        if (step.isPresent()) {
            shownAlready = step;
            if (!host.take(step.get()) && shownAlready.isPresent()) {
                shownAlready = Optional.empty();
                replay(now);
            }
        }
    }

    private double advance(double time) {
        double now = clock(time);
        pointers.advance(now);
        if (scrolls.advance(now)) {
            still.isScrolled();
        }
        // What a finger holds stays in its hand, whatever the app tells meanwhile.
        if (pending.isPresent() && !playback.isHeld()) {
            Pending changes = pending.get();
            pending = Optional.empty();
            Scene to = still.scene();
            Optional<Passage> passage = changes.shown(still.walk(), still.state());
            Optional<Box> origin =
                    Score.origin(playback.shown(), to, changes.last().step());
            playback.play(to, still.score(passage, still.walk().plan().motion(), origin), now);
        }
        arrived(playback.advance(now), now);
        if (playback.rests() && shownAlready.isEmpty() && playback.shown() != still.scene()) {
            playback.settle(still.scene());
        }
        return now;
    }
}
