package org.yonderarc.navigator;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.concurrent.Executor;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.function.Supplier;
import org.yonderarc.finding.Brief;
import org.yonderarc.fit.Device;
import org.yonderarc.fit.FittedItem;
import org.yonderarc.fit.Fitting;
import org.yonderarc.plan.Fact;
import org.yonderarc.plan.FactValue;
import org.yonderarc.plan.Place;
import org.yonderarc.plan.Plan;
import org.yonderarc.view.Fitter;
import org.yonderarc.walk.Change;
import org.yonderarc.walk.Effect;
import org.yonderarc.walk.Passage;
import org.yonderarc.walk.SavedState;
import org.yonderarc.walk.State;
import org.yonderarc.walk.Step;
import org.yonderarc.walk.Walk;

/**
 * Runs a plan in an app: keeps the state, takes steps, tells listeners. May be called from any thread. Each listener is
 * told every step that changed something, once, in order, one at a time, on the executor; a step that a listener takes is
 * told after the one that it was told of. Observers are told a value when they come, and then only when it is another one;
 * of several steps that they had no time for, they see the last.
 *
 * <pre>{@code
 * var navigator = new Navigator(plan, Runnable::run);
 * navigator.listen(moved -> show(moved.to()));
 * navigator.choose("surveys");
 * navigator.open("survey", Map.of("survey", "41"));
 * navigator.back();
 * }</pre>
 */
public final class Navigator implements Controls {
    private final Listeners ears;
    private final Results results = new Results();
    private Walk walk;
    private State state;
    private Observation seen;
    private long number;
    private String language = "";
    private final Entrance entrance = new Entrance();

    /** A navigator of a plan; what a listener throws is passed to the thread's own handler. */
    public Navigator(Plan plan, Executor executor) {
        this(plan, executor, Navigator::uncaught);
    }

    /**
     * A navigator of a plan.
     *
     * @param executor where listeners are told; {@code Runnable::run} for the thread that takes the step
     * @param trouble is given what a listener throws and what the executor refuses; the other listeners are told all the
     *     same, and the one that was not told hears of the next step
     */
    public Navigator(Plan plan, Executor executor, Consumer<RuntimeException> trouble) {
        this.ears =
                new Listeners(Objects.requireNonNull(executor, "executor"), Objects.requireNonNull(trouble, "trouble"));
        this.walk = Walk.of(plan);
        this.state = walk.start();
        this.seen = new Observation(walk, state, Optional.empty(), language);
    }

    private static void uncaught(RuntimeException thrown) {
        Thread thread = Thread.currentThread();
        thread.getUncaughtExceptionHandler().uncaughtException(thread, thrown);
    }

    /** The state as it is now. */
    public synchronized State state() {
        return state;
    }

    /** The plan as it is now. */
    public synchronized Plan plan() {
        return walk.plan();
    }

    /** The place that is shown now. */
    public synchronized Place place() {
        return walk.shown(state);
    }

    /** Whether a step back stays in the app: it closes what is open, or leads to another place. Gates are not asked. */
    public synchronized boolean canGoBack() {
        return walk.step(state, new Step.Back()).moved();
    }

    /** What a device shows now. */
    public synchronized Fitting on(Device device) {
        return seen.on(device);
    }

    /**
     * Sets the language of announcements.
     *
     * @param tag one of the plan's languages (BCP 47); empty for its first
     * @throws IllegalArgumentException if the plan has no texts in it
     */
    public void language(String tag) {
        synchronized (this) {
            if (!tag.isEmpty() && !walk.plan().app().languages().contains(tag)) {
                throw new IllegalArgumentException("the plan has no texts in \"" + tag + "\"");
            }
            language = tag;
            // Observers of the title see it in the new language.
            seen = new Observation(walk, state, Optional.empty(), language);
            ears.tell(seen);
        }
        ears.drain();
    }

    /**
     * Opens a place.
     *
     * @param place as {@link Place#parse} reads it: {@code settings}, {@code survey?survey=41}; refused where it isn't written so, or
     *     the plan has no such place
     */
    public Change open(String place) {
        return openRead(place, () -> Place.parse(place), Optional.empty());
    }

    /** Opens a screen with parameters; refused where it has no such parameters or they have odd values. */
    public Change open(String screen, Map<String, String> parameters) {
        return openRead(screen, () -> new Place(screen, parameters), Optional.empty());
    }

    /**
     * Opens a screen whose result is wanted.
     *
     * @param read makes a result of the text that {@link #finish} is given; what it throws is trouble, and no result
     * @param result is told once, on the executor: the result; no value where the place is left without one, or never opens
     */
    public <T> Change openFor(
            String screen, Map<String, String> parameters, Function<String, T> read, Consumer<Optional<T>> result) {
        Objects.requireNonNull(read, "read");
        Objects.requireNonNull(result, "result");
        return openRead(
                screen, () -> new Place(screen, parameters), Optional.of(text -> result.accept(text.map(read))));
    }

    /**
     * As {@link #openFor(String, Map, Function, Consumer)}.
     *
     * @param place as {@link #open(String)} takes it
     */
    public <T> Change openFor(String place, Function<String, T> read, Consumer<Optional<T>> result) {
        Objects.requireNonNull(read, "read");
        Objects.requireNonNull(result, "result");
        return openRead(place, () -> Place.parse(place), Optional.of(text -> result.accept(text.map(read))));
    }

    private Change openRead(String text, Supplier<Place> read, Optional<Consumer<Optional<String>>> result) {
        Place place;
        try {
            place = read.get();
        } catch (IllegalArgumentException odd) {
            return refused(new Step.Link(text), Brief.of(odd), result);
        }
        return takeFor(new Step.Open(place), result);
    }

    private Change refused(Step step, String reason, Optional<Consumer<Optional<String>>> result) {
        Change change;
        List<Runnable> due;
        synchronized (this) {
            change = new Change(step, state, state, List.of(new Effect.Refused(reason)), reason);
            due = settle(Moved.Cause.STEP, change, result);
        }
        deliver(due);
        return change;
    }

    /**
     * Takes a step. A step that waits at the gate is given up for this one.
     *
     * @return what came of it; where the step waits or was turned back, a change that changes nothing and says so
     */
    @Override
    public Change take(Step step) {
        return takeFor(step, Optional.empty());
    }

    private Change takeFor(Step step, Optional<Consumer<Optional<String>>> result) {
        return takeFor(step, result, now -> "");
    }

    /** The same, but for a state in which there is a reason not to; looked at and taken at once. */
    private Change takeFor(Step step, Optional<Consumer<Optional<String>>> result, Function<State, String> unless) {
        Change change;
        List<Runnable> due = new ArrayList<>();
        synchronized (this) {
            String reason = unless.apply(state);
            if (!reason.isEmpty()) {
                return new Change(step, state, state, List.of(), reason);
            }
            change = walk.step(state, step);
            Gate.Answer answer = entrance.ask(walk, change);
            if (!Entrance.isFact(step)) {
                due.addAll(entrance.giveUp());
            }
            switch (answer) {
                case GO -> due.addAll(settle(Moved.Cause.STEP, change, result));
                case WAIT -> {
                    entrance.await(result);
                    change = new Change(step, state, state, List.of(), "The step waits for an answer.");
                }
                case STAY -> {
                    due.addAll(Entrance.none(result));
                    change = turnedBack(step);
                }
            }
        }
        deliver(due);
        return change;
    }

    private Change turnedBack(Step step) {
        return new Change(step, state, state, List.of(), "The app turned the step back.");
    }

    /** Tells listeners, then whoever waited for a result; these too where a listener throws an error. */
    private void deliver(List<Runnable> due) {
        try {
            ears.drain();
        } finally {
            due.forEach(ears::run);
        }
    }

    /** Opens a bar's menu, drawer or fan, if it isn't open; refused where nothing of it opens. */
    public Change openBar(String bar) {
        return takeFor(new Step.Toggle(bar), Optional.empty(), now -> isOpen(now, bar) ? "It is open." : "");
    }

    /** Closes a bar's menu, drawer or fan, if it is open. */
    public Change closeBar(String bar) {
        return takeFor(new Step.Close(), Optional.empty(), now -> isOpen(now, bar) ? "" : "It isn't open.");
    }

    private static boolean isOpen(State state, String bar) {
        return state.open()
                .map(Step.Toggle::new)
                .map(Step.Toggle::owner)
                .filter(bar::equals)
                .isPresent();
    }

    /** Sets who decides whether a step may be taken. */
    public synchronized void gate(Gate decider) {
        entrance.gate(Objects.requireNonNull(decider, "decider"));
    }

    /** What waits for an answer: the step, and the places that it is about. */
    public synchronized Optional<Gate.Asked> pending() {
        return entrance.pending();
    }

    /**
     * Answers for a step that waits.
     *
     * @param asked what was asked; an answer to what was asked before doesn't settle a later asking, even of an equal step
     * @param go whether the step is taken
     * @return what came of it; no value where this asking doesn't wait any longer
     */
    public Optional<Change> answer(Gate.Asked asked, boolean go) {
        Step step = asked.change().step();
        Change change;
        List<Runnable> due;
        synchronized (this) {
            if (entrance.pending().filter(one -> one.number() == asked.number()).isEmpty()) {
                return Optional.empty();
            }
            if (go) {
                change = walk.step(state, step);
                due = settle(Moved.Cause.STEP, change, entrance.pass());
            } else {
                change = turnedBack(step);
                due = entrance.giveUp();
            }
        }
        deliver(due);
        return Optional.of(change);
    }

    /** Gives the step up that waits. */
    public void cancel() {
        List<Runnable> due;
        synchronized (this) {
            due = entrance.giveUp();
        }
        deliver(due);
    }

    private List<Runnable> settle(Moved.Cause cause, Change change, Optional<Consumer<Optional<String>>> result) {
        List<Runnable> due = new ArrayList<>(settle(cause, change, walk.shown(change.before())));
        if (change.before() == change.after()) {
            due.addAll(Entrance.none(result));
        } else {
            result.ifPresent(wanted -> results.await(change.after(), wanted));
        }
        return due;
    }

    private List<Runnable> settle(Moved.Cause cause, Change change, Place from) {
        Place to = walk.shown(change.after());
        state = change.after();
        number++;
        boolean changed = !from.equals(to);
        String title = Fitter.title(walk.plan(), to, state, language);
        String announcement = changed ? title : change.refusal().orElse("");
        Optional<Passage> passage = cause == Moved.Cause.PLAN ? Optional.empty() : Passage.of(walk, change);
        seen = new Observation(
                walk,
                state,
                Optional.of(new Moved(number, cause, change, from, to, title, passage, announcement)),
                language);
        ears.tell(seen);
        return results.settled(change);
    }

    /**
     * Where the person is, the trails, what is collapsed, and the facts, as a short text; but for the facts that the plan
     * says are not saved.
     */
    public synchronized String save() {
        return save(fact -> walk.plan().facts().find(fact).map(Fact::saved).orElse(false));
    }

    /** As {@link #save()}, with the facts whose ids are accepted, and no others. */
    public synchronized String save(Predicate<String> facts) {
        return SavedState.write(state, facts);
    }

    /**
     * Goes on where a saved state was. Listeners are told, with {@link Moved.Cause#RESTORED}.
     *
     * @return what was left out because the plan has it no longer
     * @throws IllegalArgumentException with the reason, if it can't be read; nothing changes then
     */
    public List<String> restore(String saved) {
        SavedState.Restored restored;
        List<Runnable> due;
        synchronized (this) {
            restored = SavedState.read(walk, saved);
            due = new ArrayList<>(entrance.giveUp());
            var step = new Step.Resume(saved);
            var change = new Change(step, state, restored.state(), List.of(), "The saved state was restored.");
            due.addAll(settle(Moved.Cause.RESTORED, change, walk.shown(state)));
        }
        deliver(due);
        return restored.dropped();
    }

    /**
     * Goes on with another plan, at the place where the person is. Listeners are told, with {@link Moved.Cause#PLAN};
     * observers of what the new plan has still see it.
     *
     * @return what was left out because the new plan doesn't have it
     */
    public List<String> use(Plan plan) {
        var next = Walk.of(plan);
        SavedState.Restored moved;
        List<Runnable> due;
        synchronized (this) {
            moved = SavedState.move(state, next);
            Place from = walk.shown(state);
            var step = new Step.Resume(SavedState.write(state));
            walk = next;
            language = plan.app().languages().contains(language) ? language : "";
            due = new ArrayList<>(entrance.giveUp());
            var change = new Change(step, state, moved.state(), List.of(), "The plan was changed.");
            due.addAll(settle(Moved.Cause.PLAN, change, from));
        }
        deliver(due);
        return moved.dropped();
    }

    /** Something that can be ended. */
    @FunctionalInterface
    public interface Subscription extends AutoCloseable {
        /** Ends it; nothing is told afterwards but what is under way. */
        @Override
        void close();
    }

    /** Listens to every step that changes something, or that the app has to do something about. */
    public Subscription listen(Consumer<Moved> listener) {
        Objects.requireNonNull(listener, "listener");
        return listenToAll(moved -> {
            if (moved.isNews()) {
                listener.accept(moved);
            }
        });
    }

    /** Listens to every step, those included that were refused or changed nothing. */
    public Subscription listenToAll(Consumer<Moved> listener) {
        Objects.requireNonNull(listener, "listener");
        return ears.add(now -> now.moved().ifPresent(listener), false)::end;
    }

    /** Observes one value of the state: told now, and whenever it is another than before. */
    public <T> Subscription observe(Function<State, T> value, Consumer<T> listener) {
        return watch(now -> Optional.ofNullable(value.apply(now.state())), listener);
    }

    /** Observes the place that is shown. */
    public Subscription observePlace(Consumer<Place> listener) {
        return watch(now -> Optional.of(now.place()), listener);
    }

    /** Observes the title of the place that is shown, its holes filled, in the language of announcements. */
    public Subscription observeTitle(Consumer<String> listener) {
        return watch(now -> Optional.of(now.title()), listener);
    }

    /**
     * Observes one fact.
     *
     * @throws IllegalArgumentException if the plan has no such fact; where a later plan doesn't have it, nothing more is told
     */
    public Subscription observeFact(String fact, Consumer<FactValue> listener) {
        Known.fact(plan(), fact);
        return watch(now -> Optional.ofNullable(now.state().facts().get(fact)), listener);
    }

    /** Observes the item on whose branch the person is; no value where none leads there. */
    public Subscription observeSelected(Consumer<Optional<String>> listener) {
        return watch(now -> Optional.of(now.walk().selected(now.state())), listener);
    }

    /**
     * Observes one item as a device shows it: its badge, its label, its states; no value while it isn't shown.
     *
     * @throws IllegalArgumentException if the plan has no such item
     */
    public Subscription observeItem(String item, Device device, Consumer<Optional<FittedItem>> listener) {
        Known.item(plan(), item);
        return watch(now -> Optional.of(item(now, item, device)), listener);
    }

    /**
     * Observes the badge of one item: its text, empty for a dot; no value while it has none or the item isn't shown.
     *
     * @throws IllegalArgumentException if the plan has no such item
     */
    public Subscription observeBadge(String item, Device device, Consumer<Optional<String>> listener) {
        Known.item(plan(), item);
        return watch(now -> Optional.of(item(now, item, device).flatMap(FittedItem::badge)), listener);
    }

    private static Optional<FittedItem> item(Observation now, String item, Device device) {
        return now.on(device).bars().stream()
                .flatMap(bar -> bar.shown().stream())
                .filter(one -> one.id().equals(item))
                .findFirst();
    }

    private <T> Subscription watch(Function<Observation, Optional<T>> value, Consumer<T> listener) {
        Objects.requireNonNull(listener, "listener");
        Listeners.Ear ear;
        synchronized (this) {
            ear = ears.observe(value, listener, seen);
        }
        ears.drain();
        return ear::end;
    }
}
