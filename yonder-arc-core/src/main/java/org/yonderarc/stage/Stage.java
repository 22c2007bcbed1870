package org.yonderarc.stage;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Predicate;
import org.yonderarc.layout.TextMeasure;
import org.yonderarc.motion.Score;
import org.yonderarc.motion.Swipe;
import org.yonderarc.plan.Motion;
import org.yonderarc.plan.Place;
import org.yonderarc.scene.Palette;
import org.yonderarc.scene.Scene;
import org.yonderarc.view.Fitter;
import org.yonderarc.view.View;
import org.yonderarc.walk.Change;
import org.yonderarc.walk.Effect;
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
         * @return whether it was taken, or waits to be; false where it was refused
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

    private final TextMeasure measure;
    private final Host host;
    private final Scrolls scrolls = new Scrolls();
    private final Reel reel;
    private final Pointers pointers;
    private final Focus focus;
    private Walk walk;
    private State state;
    private Surroundings around;
    private Touch touch = Touch.NONE;
    /** What is shown when nothing moves. */
    private Scene aim;

    private AccessTree tree;
    private boolean isStale;
    private Optional<Pending> pending = Optional.empty();
    /** The step that a swipe has shown already, and that is being taken. */
    private Optional<Step> shownAlready = Optional.empty();

    private String announcement = "";

    /** A stage that shows a state. */
    public Stage(Walk walk, State state, Surroundings around, TextMeasure measure, Host host) {
        this.walk = Objects.requireNonNull(walk, "walk");
        this.state = Objects.requireNonNull(state, "state");
        this.around = Objects.requireNonNull(around, "around");
        this.measure = Objects.requireNonNull(measure, "measure");
        this.host = Objects.requireNonNull(host, "host");
        this.focus = new Focus();
        compose();
        this.reel = new Reel(aim);
        this.pointers = new Pointers(this, scrolls, reel);
    }

    // What is shown.

    /** The scene at a time. The same instance as long as nothing moves. */
    public Scene scene(double now) {
        advance(now);
        return reel.shown();
    }

    /** What is shown at a time, cut where an app's own views stand. */
    public List<Layer> layers(double now) {
        Scene scene = scene(now);
        boolean isOpen = tree().dialog().isEmpty();
        Place here = walk.shown(state);
        return Layers.of(scene, host::shows, place -> isOpen && place.equals(here));
    }

    /** Whether another frame is to be painted. A host may rest until it hands something in. */
    public boolean moves() {
        boolean waits = isStale || pending.isPresent();
        return waits && !reel.isHeld() || reel.runs() || scrolls.until().isPresent();
    }

    /** Until when it moves, in ms, if nothing else happens; no value where it rests. */
    public Optional<Double> until() {
        if (!moves()) {
            return Optional.empty();
        }
        double end = reel.runs() ? reel.until() : 0;
        return Optional.of(Math.max(end, scrolls.until().orElse(0.0)));
    }

    /** What is shown, as assistive technology tells it; where something moves, as it will be. */
    public AccessTree tree() {
        refresh();
        if (tree == null) {
            tree = Reading.of(aim, state);
        }
        return tree;
    }

    /** The path of what has the focus; no value where nothing on the stage has it. */
    public Optional<String> focus() {
        refresh();
        return focus.path();
    }

    /** How often the stage itself has moved the focus: a host with a focus of its own follows when this is another number. */
    public int focusMoves() {
        refresh();
        return focus.moves();
    }

    /** What is to be announced since this was asked last; empty for nothing. */
    public String announcement() {
        String said = announcement;
        announcement = "";
        return said;
    }

    /** Whether the pointer is over something that can be chosen, and should look so. */
    public boolean pointsAtTarget() {
        return touch.hovered().isPresent();
    }

    /** Whether the app's own view is reached at a point, and not something on the stage that lies over it. */
    public boolean reachesContent(double x, double y) {
        Hit hit = hit(x, y);
        return hit.target().isEmpty()
                && hit.content().filter(host::shows).isPresent()
                && tree().dialog().isEmpty();
    }

    /** How far the top bar leaves when the content is scrolled, in dp; 0 where it stays. */
    public double leaving() {
        boolean leaves = Fitter.fit(walk, setting(0), state).scrollsAway();
        double safe = around.device().safe().top();
        return leaves ? aim().bar("top").map(top -> top.area().bottom() - safe).orElse(0.0) : 0;
    }

    /** How far something that scrolls is scrolled downwards, in dp. */
    public double scrolled(String path) {
        refresh();
        return scrolls.region(path)
                .map(region -> scrolls.of(region.id()).down())
                .orElse(0.0);
    }

    /** Where it is used, and how the person likes it. */
    public Surroundings surroundings() {
        return around;
    }

    // What happens.

    /**
     * A person does something.
     *
     * @return whether the stage had use for it; a key that it has no use for is the host's own
     */
    public boolean take(Input input, double now) {
        advance(now);
        if (input instanceof Input.Key key) {
            return key(key.meant(), now);
        }
        if (input instanceof Input.Choose choose) {
            return choose(choose.path());
        }
        if (input instanceof Input.Focus moved) {
            focus.isAt(moved.path());
            touched(touch.focus(moved.path().flatMap(this::target), false), now);
            return true;
        }
        if (input instanceof Input.Scrolled scrolled) {
            return scrolls.region(scrolled.path())
                    .filter(region -> scrolls.to(region, scrolled.to()))
                    .isPresent();
        }
        return pointers.take(input, now);
    }

    /** A step was taken, or refused; whoever took it. */
    public void changed(Change change, double now) {
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
        state = change.after();
        if (wasShown) {
            pending = Optional.empty();
            compose();
            reel.settle(aim);
            return;
        }
        if (isElsewhere(change)) {
            pointers.drop();
        }
        pending =
                Optional.of(pending.map(before -> before.and(walk, change)).orElseGet(() -> Pending.of(walk, change)));
        stale();
    }

    /** The app goes on with another plan. */
    public void use(Walk other, State now) {
        walk = Objects.requireNonNull(other, "other");
        state = Objects.requireNonNull(now, "now");
        pending = Optional.empty();
        shownAlready = Optional.empty();
        pointers.drop();
        compose();
        reel.settle(aim);
    }

    /** The device is turned, resized or another one, or the person wants something else of it. */
    public void surround(Surroundings other, double now) {
        if (other.equals(around)) {
            return;
        }
        advance(now);
        pointers.drop();
        around = other;
        touch = touch.hover(Optional.empty()).press(Optional.empty());
        stale();
        replay(now);
    }

    /** Shows what is so at once, without a film. */
    public void settle() {
        pending = Optional.empty();
        compose();
        reel.settle(aim);
    }

    // What the pointers and the focus need.

    Scene aim() {
        refresh();
        return aim;
    }

    Touch touch() {
        return touch;
    }

    State state() {
        return state;
    }

    Hit hit(double x, double y) {
        return Hit.at(aim().nodes(), x, y, host.scrolls() ? this::unseen : path -> Offset.NONE);
    }

    boolean scrollsItself() {
        return !host.scrolls();
    }

    Optional<Swipe> swipe(double x, double dx) {
        return Swipe.begin(view(), state, x, dx, around.lessMotion());
    }

    /** What pointer and focus are on is another thing: its look changes in the short motion that the plan has for states. */
    void touched(Touch other, double now) {
        boolean same = touch.looksLike(other);
        touch = other;
        if (same) {
            return;
        }
        stale();
        if (reel.rests() && pending.isEmpty()) {
            Motion own = walk.plan().motion();
            var motion = new Motion(own.states(), own.states(), own.drawers(), own.screens(), own.reduced());
            reel.play(
                    aim(),
                    new Score(Optional.empty(), motion, around.lessMotion(), isRightToLeft(), Optional.empty()),
                    now);
        }
    }

    void scrolled() {
        stale();
    }

    boolean choose(String path) {
        Optional<Target> target = target(path);
        target.ifPresent(chosen -> host.take(chosen.step()));
        return target.isPresent();
    }

    private Optional<Target> target(String path) {
        return Target.all(aim().nodes()).stream()
                .filter(any -> any.path().equals(path))
                .findFirst();
    }

    private boolean key(Input.Meant meant, double now) {
        switch (meant) {
            case NEXT, PREVIOUS -> {
                boolean stays = focus.step(tree(), meant == Input.Meant.NEXT);
                touched(touch.focus(focus.path().flatMap(this::target), true), now);
                focus.path().flatMap(this::target).ifPresent(target -> reveal(target, now));
                return stays;
            }
            case CHOOSE -> {
                return focus.path().filter(this::choose).isPresent();
            }
            case CLOSE -> {
                boolean isOpen = state.open().isPresent();
                return (isOpen || state.trail().below().isPresent())
                        && host.take(isOpen ? new Step.Close() : new Step.Back());
            }
            default -> {
                return pointers.scroll(meant, focus.path(), now);
            }
        }
    }

    /** Scrolls what has the focus into view. */
    private void reveal(Target target, double now) {
        scrolls.around(target.path()).filter(any -> scrollsItself()).ifPresent(region -> {
            double below = target.box().bottom() - region.box().bottom();
            double above = region.box().y() - target.box().y();
            double by = below > 0 ? below : above > 0 ? -above : 0;
            if (by != 0 && scrolls.trip(region, scrolls.of(region.id()).down() + by, around.lessMotion(), now)) {
                stale();
            }
        });
    }

    private void toTop(double now) {
        tree().content()
                .flatMap(scrolls::region)
                .filter(region -> scrolls.trip(region, 0, around.lessMotion(), now))
                .ifPresent(region -> stale());
    }

    // Inside.

    private boolean isRightToLeft() {
        return setting(0).isRightToLeft(walk.plan());
    }

    private org.yonderarc.fit.Setting setting(double scrolled) {
        return around.setting(touch.onItems(), scrolled);
    }

    private View view() {
        double scrolled = host.scrolls() ? 0 : scrolls.of(content(state)).down();
        return new View(walk, setting(Math.min(scrolled, org.yonderarc.fit.Setting.FARTHEST)), measure);
    }

    /** What the offset of the content of a state is remembered by. */
    private String content(State of) {
        return of.branch() + "|" + of.trail().depth() + "|" + walk.shown(of).text();
    }

    private boolean isElsewhere(Change change) {
        State before = change.before();
        State after = change.after();
        return !walk.shown(before).equals(walk.shown(after))
                || !before.branch().equals(after.branch())
                || !before.open().equals(after.open())
                || !before.folded().equals(after.folded());
    }

    private void remember(Change change) {
        State before = change.before();
        State after = change.after();
        focus.leaves(content(before));
        boolean deeper = after.branch().equals(before.branch())
                && after.trail().depth() > before.trail().depth();
        if (deeper) {
            scrolls.forget(content(after));
            focus.forget(content(after));
        }
        if (!walk.shown(before).equals(walk.shown(after))) {
            announcement = Fitter.title(walk.plan(), walk.shown(after), after, around.language());
        }
    }

    private void stale() {
        isStale = true;
        tree = null;
    }

    private void refresh() {
        if (isStale) {
            compose();
        }
    }

    private void compose() {
        isStale = false;
        tree = null;
        Scene composed = view().scene(state);
        scrolls.learn(composed, content(state), isRightToLeft());
        Predicate<Place> hosted = host::shows;
        var dressing = new Dressing(
                path -> host.scrolls() ? Offset.NONE : scrolls.of(path),
                hosted,
                touch,
                Palette.of(walk.plan().theme(), around.scheme()));
        aim = dressing.dress(composed);
        if (focus.follow(tree(), content(state))) {
            Touch other = touch.focus(focus.path().flatMap(this::target), touch.ringed());
            if (!other.looksLike(touch)) {
                touch = other;
                aim = dressing.with(touch).dress(view().scene(state));
            }
        }
    }

    /** How far a host that scrolls itself has scrolled what a scene shows unscrolled. */
    private Offset unseen(String path) {
        return scrolls.region(path).map(region -> scrolls.of(region.id())).orElse(Offset.NONE);
    }

    private void replay(double now) {
        var score = new Score(
                Optional.empty(), walk.plan().motion(), around.lessMotion(), isRightToLeft(), Optional.empty());
        reel.play(aim(), score, now);
    }

    private void advance(double now) {
        if (scrolls.advance(now)) {
            stale();
        }
        // What a finger holds stays in its hand, whatever the app tells meanwhile.
        if (pending.isPresent() && !reel.isHeld()) {
            Pending changes = pending.get();
            pending = Optional.empty();
            Scene to = aim();
            reel.play(to, changes.score(walk, reel.shown(), to, state, around.lessMotion(), isRightToLeft()), now);
        }
        Optional<Step> arrived = reel.advance(now);
        if (arrived.isPresent()) {
            shownAlready = arrived;
            if (!host.take(arrived.get()) && shownAlready.isPresent()) {
                shownAlready = Optional.empty();
                replay(now);
            }
        }
        if (reel.rests() && shownAlready.isEmpty() && reel.shown() != aim()) {
            reel.settle(aim());
        }
    }
}
