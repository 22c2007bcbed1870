package org.yonderarc.navigator;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.concurrent.Executor;
import java.util.function.Consumer;
import java.util.function.Function;
import org.yonderarc.fit.Device;
import org.yonderarc.fit.FittedItem;
import org.yonderarc.fit.Fitting;
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
 * told every step, once, in order, one at a time, on the executor; a step that a listener takes is told after the one
 * that it was told of.
 *
 * <pre>{@code
 * var navigator = new Navigator(plan, Runnable::run);
 * navigator.listen(moved -> show(moved.to()));
 * navigator.choose("surveys");
 * navigator.open("survey", Map.of("survey", "41"));
 * navigator.back();
 * }</pre>
 */
public final class Navigator {
    private final Executor executor;
    private final Consumer<RuntimeException> trouble;
    private final List<Ear> ears = new ArrayList<>();
    private Walk walk;
    private State state;
    private long number;
    private Gate gate = change -> Gate.Answer.GO;
    private Optional<Step> pending = Optional.empty();

    /** A navigator of a plan; what a listener throws is passed to the thread's own handler. */
    public Navigator(Plan plan, Executor executor) {
        this(plan, executor, Navigator::uncaught);
    }

    /**
     * A navigator of a plan.
     *
     * @param executor where listeners are told; {@code Runnable::run} for the thread that takes the step
     * @param trouble is given what a listener throws; the other listeners are told all the same
     */
    public Navigator(Plan plan, Executor executor, Consumer<RuntimeException> trouble) {
        this.executor = Objects.requireNonNull(executor, "executor");
        this.trouble = Objects.requireNonNull(trouble, "trouble");
        this.walk = Walk.of(plan);
        this.state = walk.start();
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

    /** What a device shows now. */
    public synchronized Fitting on(Device device) {
        return Fitter.fit(walk, device, state);
    }

    /** A person chooses an item. */
    public Change choose(String item) {
        return take(new Step.Choose(item));
    }

    /** Opens a screen without parameters. */
    public Change open(String screen) {
        return open(screen, Map.of());
    }

    /** Opens a screen with parameters. */
    public Change open(String screen, Map<String, String> parameters) {
        return take(new Step.Open(new Place(screen, parameters)));
    }

    /** A person goes back. */
    public Change back() {
        return take(new Step.Back());
    }

    /** A person goes up to the screen above. */
    public Change up() {
        return take(new Step.Up());
    }

    /** Closes what is shown, with a result for what is below. */
    public Change finish(String result) {
        return take(new Step.Finish(result));
    }

    /** Follows an address from outside. */
    public Change follow(String address) {
        return take(new Step.Link(address));
    }

    /** Tells a fact that is true or false. */
    public Change tell(String fact, boolean value) {
        return take(new Step.Tell(fact, new FactValue.Flag(value)));
    }

    /** Tells a fact that is a number. */
    public Change tell(String fact, double value) {
        return take(new Step.Tell(fact, new FactValue.Number(value)));
    }

    /** Tells a fact that is a text. */
    public Change tell(String fact, String value) {
        return take(new Step.Tell(fact, new FactValue.Text(value)));
    }

    /**
     * Takes a step. A step that waits at the gate is given up for this one.
     *
     * @return what came of it; where the step waits or was turned back, a change that changes nothing and says so
     */
    public Change take(Step step) {
        Change change;
        synchronized (this) {
            change = walk.step(state, step);
            boolean isFact = step instanceof Step.Tell;
            // What the app tells doesn't ask to go anywhere, so it neither waits nor takes a waiting step's place.
            Gate.Answer answer = isFact ? Gate.Answer.GO : gate.ask(change);
            pending = answer == Gate.Answer.WAIT ? Optional.of(step) : isFact ? pending : Optional.empty();
            if (answer == Gate.Answer.GO) {
                settle(change);
            } else {
                change = new Change(
                        step,
                        state,
                        state,
                        List.of(),
                        answer == Gate.Answer.WAIT ? "The step waits for an answer." : "The app turned the step back.");
            }
        }
        drain();
        return change;
    }

    /** Sets who decides whether a step may be taken. */
    public synchronized void gate(Gate decider) {
        gate = Objects.requireNonNull(decider, "decider");
    }

    /** The step that waits for an answer. */
    public synchronized Optional<Step> pending() {
        return pending;
    }

    /**
     * Answers for the step that waits.
     *
     * @param step the step that is meant; if another one waits by now, or none, nothing happens
     * @param go whether it is taken
     */
    public void answer(Step step, boolean go) {
        synchronized (this) {
            if (pending.filter(step::equals).isEmpty()) {
                return;
            }
            pending = Optional.empty();
            if (go) {
                settle(walk.step(state, step));
            }
        }
        drain();
    }

    /** Gives the step up that waits. */
    public synchronized void cancel() {
        pending = Optional.empty();
    }

    private void settle(Change change) {
        Place from = walk.shown(change.before());
        Place to = walk.shown(change.after());
        state = change.after();
        number++;
        boolean changed = !from.equals(to);
        String announcement = changed
                ? Fitter.title(walk.plan(), to, state)
                : change.refusal().orElse("");
        tell(new Moved(number, change, from, to, Passage.of(walk, change), announcement));
    }

    private void tell(Moved moved) {
        ears.forEach(ear -> ear.waiting.add(moved));
    }

    /** The whole state as a short text. */
    public synchronized String save() {
        return SavedState.write(state);
    }

    /**
     * Goes on where a saved state was. Listeners are told.
     *
     * @return what was left out because the plan has it no longer
     * @throws IllegalArgumentException with the reason, if it can't be read; nothing changes then
     */
    public List<String> restore(String saved) {
        SavedState.Restored restored;
        synchronized (this) {
            restored = SavedState.read(walk, saved);
            jump(restored.state(), "The saved state was restored.");
        }
        drain();
        return restored.dropped();
    }

    /**
     * Goes on with another plan, at the place where the person is. Listeners are told.
     *
     * @return what was left out because the new plan doesn't have it
     */
    public List<String> use(Plan plan) {
        var next = Walk.of(plan);
        SavedState.Restored moved;
        synchronized (this) {
            moved = SavedState.move(state, next);
            Place from = walk.shown(state);
            State before = state;
            walk = next;
            state = moved.state();
            number++;
            pending = Optional.empty();
            var change = new Change(new Step.Close(), before, state, List.of(), "The plan was changed.");
            Place to = walk.shown(state);
            tell(new Moved(number, change, from, to, Optional.empty(), Fitter.title(plan, to, state)));
        }
        drain();
        return moved.dropped();
    }

    private void jump(State to, String because) {
        pending = Optional.empty();
        settle(new Change(new Step.Close(), state, to, List.<Effect>of(), because));
    }

    /** Something that can be ended. */
    @FunctionalInterface
    public interface Subscription extends AutoCloseable {
        /** Ends it; nothing is told afterwards but what is under way. */
        @Override
        void close();
    }

    /** Listens to every step. */
    public Subscription listen(Consumer<Moved> listener) {
        var ear = new Ear(Objects.requireNonNull(listener, "listener"));
        synchronized (this) {
            ears.add(ear);
        }
        return () -> {
            synchronized (this) {
                ears.remove(ear);
                ear.waiting.clear();
            }
        };
    }

    /** Listens to one value of the state: told only when it is another than before. */
    public <T> Subscription observe(Function<State, T> value, Consumer<T> listener) {
        return listen(moved -> {
            T before = value.apply(moved.change().before());
            T after = value.apply(moved.change().after());
            if (!Objects.equals(before, after)) {
                listener.accept(after);
            }
        });
    }

    /** Listens to one fact. */
    public Subscription observeFact(String fact, Consumer<FactValue> listener) {
        return observe(any -> any.facts().get(fact), listener);
    }

    /** Listens to one item as a device shows it: its badge, its label, its states. */
    public Subscription observeItem(String item, Device device, Consumer<Optional<FittedItem>> listener) {
        return observe(
                any -> {
                    Walk now;
                    synchronized (this) {
                        now = walk;
                    }
                    return Fitter.fit(now, device, any).bars().stream()
                            .flatMap(bar -> bar.shown().stream())
                            .filter(one -> one.id().equals(item))
                            .findFirst();
                },
                listener);
    }

    /** One listener, and what it is still to be told. */
    private static final class Ear {
        private final Consumer<Moved> listener;
        private final ArrayDeque<Moved> waiting = new ArrayDeque<>();
        private boolean busy;

        Ear(Consumer<Moved> listener) {
            this.listener = listener;
        }
    }

    /** Lets every listener hear what waits for it, unless it is being told something already. */
    private void drain() {
        List<Ear> now;
        synchronized (this) {
            now = ears.stream()
                    .filter(ear -> !ear.busy && !ear.waiting.isEmpty())
                    .toList();
            now.forEach(ear -> ear.busy = true);
        }
        now.forEach(ear -> executor.execute(() -> hear(ear)));
    }

    private void hear(Ear ear) {
        while (true) {
            Moved next;
            synchronized (this) {
                next = ear.waiting.poll();
                if (next == null) {
                    ear.busy = false;
                    return;
                }
            }
            try {
                ear.listener.accept(next);
            } catch (RuntimeException thrown) {
                trouble.accept(thrown);
            }
        }
    }
}
